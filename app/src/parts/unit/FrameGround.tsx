// A motor whose tag names no ground lead: whether its frame is grounded is asked once, with one press.
import { View } from 'react-native'
import { lacksGroundLead } from '@oak/core/circuit/unknowns'
import type { JobId } from '@oak/core/job/job-id'
import type { JobDocument } from '@oak/core/job/document'
import { editJob } from '../../platform/state/app'
import { QuietButton } from '../../ui/PrimaryButton'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'

export function FrameGround({ id, job }: { readonly id: JobId; readonly job: JobDocument }) {
  if (!job.motor || !lacksGroundLead(job.motor)) return null
  const said = job.frameGrounded === true
  const answer = (value: boolean | null) => editJob(id, [{ path: ['frameGrounded'], value }])
  return (
    <View style={{ gap: 8 }} testID="frame-ground">
      <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }}>
        <VerdictMark verdict={said ? 'proven' : 'cannotTell'} size={24} />
        <Words size="small" style={{ flex: 1 }}>
          {said
            ? 'The motor has no ground lead; its frame is grounded by a wire or strap of its own.'
            : 'The motor’s tag names no ground lead: its frame must be grounded by a wire or strap of its own.'}
        </Words>
      </View>
      {said ? (
        <QuietButton text="That is not so" icon="undo" onPress={() => answer(null)} />
      ) : (
        <QuietButton text="It is: seen, or read below 1 Ω" icon="check" onPress={() => answer(true)} />
      )}
    </View>
  )
}
