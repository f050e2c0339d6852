// Outputs that the unit calls and that no lead is recorded on: each is asked about once, with one press.
import { View } from 'react-native'
import { silentOnes } from '@oak/core/circuit/unknowns'
import type { JobId } from '@oak/core/job/job-id'
import type { JobDocument } from '@oak/core/job/document'
import { listed } from '@oak/core/quantity/display'
import { unitTypeFor } from '@oak/core/wiring/unit-types'
import { editJob } from '../../platform/state/app'
import { QuietButton } from '../../ui/PrimaryButton'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'

/** `quiet`: only those that are not answered yet. */
export function SilentOutputs({
  id,
  job,
  quiet = false,
}: {
  readonly id: JobId
  readonly job: JobDocument
  readonly quiet?: boolean
}) {
  const unit = job.unit ? unitTypeFor(job.unit) : undefined
  if (!unit) return null
  const wires = Object.entries(job.wires).map(([wire, value]) => ({ id: wire, ...value }))
  const silent = silentOnes(unit, wires).filter((post) => !(quiet && job.unusedOutputs[post.id]))
  return silent.map(({ id: post, label, modes }) => {
    const said = job.unusedOutputs[post] === true
    const answer = (value: boolean | null) => editJob(id, [{ path: ['unusedOutputs', post], value }])
    return (
      <View key={post} style={{ gap: 8 }} testID={`silent-${post}`}>
        <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }}>
          <VerdictMark verdict={said ? 'proven' : 'cannotTell'} size={24} />
          <Words size="small" style={{ flex: 1 }}>
            {label} has no lead on record{said ? ', and that is so' : ''}: the blower does not run in{' '}
            {listed(modes)}.
          </Words>
        </View>
        {said ? (
          <QuietButton text={`${label} had a lead after all`} icon="undo" onPress={() => answer(null)} />
        ) : (
          <QuietButton text={`That is so: nothing on ${label}`} icon="check" onPress={() => answer(true)} />
        )}
      </View>
    )
  })
}
