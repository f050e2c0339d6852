// The circuit as an engineer's file, with the other files of the job: in the first mode in which the fan runs.
import { useState } from 'react'
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import { hookupInput } from '@oak/core/job/inputs/hookup-input'
import { runningMode } from '@oak/core/wiring/unit-type'
import { unitTypeFor } from '@oak/core/wiring/unit-types'
import { QuietButton } from '../../ui/PrimaryButton'
import { Problem } from '../../ui/Problem'
import { saveCircuit } from './save-circuit'

/** Nothing where the record is not whole yet: there is no circuit then. */
export function CircuitFile({ job }: { readonly job: JobDocument }) {
  const [wrong, setWrong] = useState<string | null>(null)
  const unit = job.unit ? unitTypeFor(job.unit) : undefined
  if (!unit || !hookupInput(job)) return null
  return (
    <View style={{ gap: 8 }}>
      <QuietButton
        text="Circuit as SPICE"
        icon="save"
        onPress={() => void saveCircuit(job, runningMode(unit)).then(setWrong)}
        testID="save-spice"
      />
      <Problem text={wrong} testID="spice-problem" />
    </View>
  )
}
