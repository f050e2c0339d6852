// The first seconds: which way it must turn, which way it did, and what then.
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import type { StartupOutput } from '@oak/core/operations/startup-verdict'
import { rotationFromBoth, seenFrom } from '@oak/core/rotation/view'
import { TurningFan } from '../../parts/rotation/TurningFan'
import { editJob } from '../../platform/state/app'
import { Choice } from '../../ui/Choice'
import { VerdictLine } from '../../ui/VerdictLine'
import { Words } from '../../ui/Words'

interface DirectionProps {
  readonly id: string
  readonly job: JobDocument
  readonly output: StartupOutput | null
  readonly blower: boolean
}

/** The fan turns on the screen as it must turn in front of you. */
export function Direction({ id, job, output, blower }: DirectionProps) {
  const turned = turnedOf(job)
  return (
    <View style={{ gap: 8 }}>
      <MustTurn job={job} blower={blower} />
      <Choice<'right' | 'backwards'>
        label="It turned"
        testID="turned"
        value={turned}
        onChange={(value) => editJob(id, [{ path: ['startup', 'turned'], value }])}
        options={[
          { value: 'right', text: 'right way' },
          { value: 'backwards', text: 'backwards' },
        ]}
      />
      {output && turned !== null ? <DirectionAnswer direction={output.direction} /> : null}
    </View>
  )
}

/** What was seen of the first seconds; null: not said. */
const turnedOf = ({ startup }: JobDocument) =>
  startup.turned === 'right' || startup.turned === 'backwards' ? startup.turned : null

function MustTurn({ job, blower }: Pick<DirectionProps, 'job' | 'blower'>) {
  const plug = job.motor && job.plug ? { direction: job.plug, seenFrom: job.motor.rotationNamedFrom } : null
  const wanted = job.wanted ?? plug
  const from = blower ? 'lead-end' : 'shaft-end'
  if (!wanted)
    return (
      <Words>
        Which way it must turn is not recorded. Hands, tools and leads clear of the blade; power for two
        seconds and look.
      </Words>
    )
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
      <View style={{ width: 132 }}>
        <TurningFan direction={seenFrom(wanted, from).direction} from={from} size={120} />
      </View>
      <Words style={{ flex: 1 }}>
        Hands, tools and leads clear of the blade; power for two seconds. It must turn{' '}
        {rotationFromBoth(seenFrom(wanted, job.motor?.rotationNamedFrom ?? from))}.
        {blower ? ' Look at the wheel: air at the register proves nothing.' : ''}
      </Words>
    </View>
  )
}

/** Right, or backwards: then the causes in order, and how the plug is changed when none of them is it. */
function DirectionAnswer({ direction }: { readonly direction: StartupOutput['direction'] }) {
  const { verdict, text, causes, steps } = direction
  const bad = verdict === 'change-plug' || verdict === 'look-for-cause'
  return (
    <View style={{ gap: 4 }} testID="direction-answer">
      <VerdictLine mark={bad ? 'stop' : 'proven'} text={text} />
      {causes.map((cause, i) => (
        <Words key={cause} size="small">
          {i + 1}. {cause}
        </Words>
      ))}
      {causes.length > 0 && steps.length > 0 ? (
        <Words size="small" tone="quiet">
          When all of these are right, change the plug and correct the wanted rotation:
        </Words>
      ) : null}
      {steps.map((step) => (
        <Words key={step} size="strong">
          {step}
        </Words>
      ))}
    </View>
  )
}
