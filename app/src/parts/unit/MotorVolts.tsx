// Which of its voltages the chosen motor's leads are joined for: asked with the motor, and on the board until it is told.
import { View } from 'react-native'
import type { JobId } from '@oak/core/job/job-id'
import type { JobDocument } from '@oak/core/job/document'
import { voltsChoices, voltsName } from '@oak/core/motor/volts-choice'
import { figure } from '@oak/core/quantity/display'
import { editJob } from '../../platform/state/app'
import { Choice } from '../../ui/Choice'
import { Words } from '../../ui/Words'

interface MotorVoltsProps {
  readonly id: JobId
  readonly job: JobDocument
  /** Only while it is not told. */
  readonly open?: boolean
}

/** A motor for two voltages: its leads are joined for one of them, and the app does not guess which. */
export function MotorVolts({ id, job, open = false }: MotorVoltsProps) {
  const choices = job.motor ? voltsChoices(job.motor) : []
  const chosen = choices.find((c) => voltsName(c) === job.motorVolts)
  if (choices.length === 0 || (open && chosen)) return null
  return (
    <View style={{ gap: 8 }} testID="motor-volts">
      <Words size="strong" heading={2}>
        Volts its leads are joined for
      </Words>
      <Choice
        label="Volts its leads are joined for"
        options={choices.map((c) => ({
          value: voltsName(c),
          text: `${voltsName(c)} V`,
          ...(c.amps === null ? {} : { hint: `${figure(c.amps)} A` }),
        }))}
        value={job.motorVolts}
        onChange={(value) => editJob(id, [{ path: ['motorVolts'], value }])}
      />
      <Words size="small" tone={chosen ? 'quiet' : 'cannotTell'}>
        {chosen
          ? chosen.how || 'Join them as the motor’s tag says for it.'
          : 'Look at its leads: not told yet.'}
      </Words>
    </View>
  )
}
