// How far a job is, and what became of its proof: worked out by all that knows of circuits, so it comes after the list it stands in.
import { View } from 'react-native'
import { visitState, type VisitKind, type VisitState } from '@oak/core/job/visit/visit-state'
import { nextStage, STAGES, stageState } from '../../parts/frame/stages'
import type { JobEntry } from '../../platform/state/jobs'
import { momentText } from '../../ui/dates'
import { Icon, type IconName } from '../../ui/Icon'
import { Notch } from '../../ui/Notch'
import { usePalette } from '../../ui/theme'
import { VerdictMark, type Verdict } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { lastEdit } from './last-edit'

/** A verdict only where something is proven or stopped; what waits or ended has a sign of its own. */
const SIGNS: Readonly<Record<VisitKind, IconName>> = {
  away: 'more',
  stopped: 'more',
  waiting: 'wait',
  later: 'calendar',
  done: 'check',
  ended: 'check',
  estimate: 'offer',
  open: 'more',
}

function markOf({ kind, proof }: VisitState): Verdict | null {
  if (kind === 'stopped') return 'stop'
  return kind === 'done' && proof.kind === 'stands' ? proof.proven.verdict : null
}

/** Beside the job's name: its notches, and one line; then its mark. */
export function JobState({ entry }: { readonly entry: JobEntry }) {
  const palette = usePalette()
  const { document: job } = entry
  const next = STAGES.find((s) => s.id === nextStage(job))
  const state = visitState(job)
  const { kind, words, proof } = state
  const mark = markOf(state)
  return (
    <View style={{ flexDirection: 'row', gap: 12, alignItems: 'center' }}>
      <View style={{ flex: 1, gap: 2 }}>
        <View style={{ flexDirection: 'row', gap: 4, marginTop: 6 }} aria-hidden>
          {STAGES.map((s) => (
            <Notch key={s.id} state={stageState(job, s.id)} width={24} />
          ))}
        </View>
        <Words size="small" tone={mark ?? 'ink'} lines={3}>
          {words ?? nextWords(next?.name.toLowerCase() ?? '', proof.kind === 'changed')} ·{' '}
          {momentText(lastEdit(entry))}
        </Words>
      </View>
      {mark ? (
        <VerdictMark verdict={mark} size={34} />
      ) : (
        <Icon name={SIGNS[kind]} color={palette.ink} size={30} />
      )}
    </View>
  )
}

const nextWords = (next: string, isChanged: boolean): string =>
  isChanged ? `Next: ${next}, changed since it was proven` : `Next: ${next}`
