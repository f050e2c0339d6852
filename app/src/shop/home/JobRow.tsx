// A job on home: what it is, how far it is, and its verdict.
import { View } from 'react-native'
import { proofState, type ProofState } from '@oak/core/job/standing-proof'
import { nextStage, STAGES, stageState } from '../../parts/frame/stages'
import type { JobEntry } from '../../platform/state/jobs'
import { momentText } from '../../ui/dates'
import { Icon } from '../../ui/Icon'
import { Notch } from '../../ui/Notch'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { lastEdit } from './last-edit'

export function JobRow({ entry, onPress }: { readonly entry: JobEntry; readonly onPress: () => void }) {
  const palette = usePalette()
  const { document: job } = entry
  const next = STAGES.find((s) => s.id === nextStage(job))
  const proof = proofState(job)
  const proven = proof.kind === 'stands' ? proof.proven : null
  const state = stateWords(proof, next?.name.toLowerCase() ?? '')
  return (
    <Tap
      onPress={onPress}
      testID={`job-${entry.id}`}
      style={{
        borderRadius: 10,
        borderWidth: 1.5,
        borderColor: palette.edge,
        backgroundColor: palette.surface,
        padding: 12,
      }}
    >
      <View style={{ flexDirection: 'row', gap: 12, alignItems: 'center' }}>
        <View style={{ flex: 1, gap: 2 }}>
          <Words size="strong" lines={2}>
            {job.title || 'Unnamed job'}
          </Words>
          {job.site ? (
            <Words size="small" tone="quiet" lines={1}>
              {job.site}
            </Words>
          ) : null}
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
            {state} · {momentText(lastEdit(entry))}
          </Words>
        </View>
        {proven ? (
          <VerdictMark verdict={proven.verdict} size={34} />
        ) : (
          <Icon name="more" color={palette.ink} size={30} />
        )}
      </View>
    </Tap>
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
