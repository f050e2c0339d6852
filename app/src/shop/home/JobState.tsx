// How far a job is, and what became of its proof: worked out by all that knows of circuits, so it comes after the list it stands in.
import { View } from 'react-native'
import { visitState, type VisitKind } from '@oak/core/job/visit/visit-state'
import { nextStage, STAGES, stageState } from '../../parts/frame/stages'
import type { JobEntry } from '../../platform/state/jobs'
import { momentText } from '../../ui/dates'
import { Icon } from '../../ui/Icon'
import { Notch } from '../../ui/Notch'
import { usePalette } from '../../ui/theme'
import { VerdictMark, type Verdict } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { lastEdit } from './last-edit'

/** How the mark of a state looks; one that only goes on has none. */
const MARKS: Readonly<Record<VisitKind, Verdict | null>> = {
  away: null,
  stopped: 'stop',
  waiting: 'cannotTell',
  later: 'cannotTell',
  done: 'proven',
  ended: 'proven',
  estimate: 'cannotTell',
  open: null,
}

/** Beside the job's name: its notches, and one line; then its mark. */
export function JobState({ entry }: { readonly entry: JobEntry }) {
  const palette = usePalette()
  const { document: job } = entry
  const next = STAGES.find((s) => s.id === nextStage(job))
  const { kind, words, proof } = visitState(job)
  const mark = proof.kind === 'stands' && kind === 'done' ? proof.proven.verdict : MARKS[kind]
  return (
    <View style={{ flexDirection: 'row', gap: 12, alignItems: 'center' }}>
      <View style={{ flex: 1, gap: 2 }}>
        <View style={{ flexDirection: 'row', gap: 4, marginTop: 6 }} aria-hidden>
          {STAGES.map((s) => (
            <Notch key={s.id} state={stageState(job, s.id)} width={24} />
          ))}
        </View>
        <Words size="small" tone={kind === 'stopped' || kind === 'done' ? (mark ?? 'ink') : 'ink'} lines={2}>
          {words ?? nextWords(next?.name.toLowerCase() ?? '', proof.kind === 'changed')} ·{' '}
          {momentText(lastEdit(entry))}
        </Words>
      </View>
      {mark ? <VerdictMark verdict={mark} size={34} /> : <Icon name="more" color={palette.ink} size={30} />}
    </View>
  )
}

const nextWords = (next: string, isChanged: boolean): string =>
  isChanged ? `Next: ${next}, changed since it was proven` : `Next: ${next}`
