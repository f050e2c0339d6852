// How far a job is, and what became of its proof: worked out by all that knows of circuits, so it comes after the list it stands in.
import { View } from 'react-native'
import { proofState, type ProofState } from '@oak/core/job/standing-proof'
import { nextStage, STAGES, stageState } from '../../parts/frame/stages'
import type { JobEntry } from '../../platform/state/jobs'
import { momentText } from '../../ui/dates'
import { Icon } from '../../ui/Icon'
import { Notch } from '../../ui/Notch'
import { usePalette } from '../../ui/theme'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { lastEdit } from './last-edit'

/** Beside the job's name: its notches, and one line; then its mark. */
export function JobState({ entry }: { readonly entry: JobEntry }) {
  const palette = usePalette()
  const { document: job } = entry
  const next = STAGES.find((s) => s.id === nextStage(job))
  const proof = proofState(job)
  const proven = proof.kind === 'stands' ? proof.proven : null
  return (
    <View style={{ flexDirection: 'row', gap: 12, alignItems: 'center' }}>
      <View style={{ flex: 1, gap: 2 }}>
        <View style={{ flexDirection: 'row', gap: 4, marginTop: 6 }} aria-hidden>
          {STAGES.map((s) => (
            <Notch key={s.id} state={stageState(job, s.id)} width={24} />
          ))}
        </View>
        <Words
          size="small"
          tone={proof.kind === 'stopped' ? 'stop' : proven ? proven.verdict : 'ink'}
          lines={2}
        >
          {stateWords(proof, next?.name.toLowerCase() ?? '')} · {momentText(lastEdit(entry))}
        </Words>
      </View>
      {proven ? (
        <VerdictMark verdict={proven.verdict} size={34} />
      ) : (
        <Icon name="more" color={palette.ink} size={30} />
      )}
    </View>
  )
}

/** Where the job stands, in one line. */
function stateWords(proof: ProofState, next: string): string {
  switch (proof.kind) {
    case 'stands':
      return proof.proven.sentence
    case 'stopped':
      return `Stopped at start-up: ${proof.sentence}`
    case 'changed':
      return `Next: ${next}, changed since it was proven`
    case 'none':
      return `Next: ${next}`
  }
}
