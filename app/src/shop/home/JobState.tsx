// How far a job is, and what became of its proof: as its summary says, and where it was edited since, worked out when it comes in sight.
import { useEffect } from 'react'
import { View } from 'react-native'
import type { JobSummary } from '@oak/core/job/summary/summary'
import type { Standing } from '@oak/core/job/summary/standing-words'
import { STAGES } from '@oak/core/job/visit/stage-names'
import { workOutStanding } from '../../platform/state/app'
import { momentText } from '../../ui/dates'
import { Icon, type IconName } from '../../ui/Icon'
import { Notch } from '../../ui/Notch'
import { usePalette } from '../../ui/theme'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'

/** What waits or ended has a sign of its own; a verdict is marked where something is proven or stopped. */
const SIGNS: Readonly<Record<Standing['kind'], IconName>> = {
  away: 'more',
  stopped: 'more',
  waiting: 'wait',
  later: 'calendar',
  done: 'check',
  ended: 'check',
  estimate: 'offer',
  open: 'more',
}
const NOTCHES = { e: 'empty', p: 'part', d: 'done' } as const

/** As high as what comes. */
const MEANWHILE = <View style={{ height: 44 }} />

/** Beside the job's name: its notches, and one line; then its mark. */
export function JobState({ summary }: { readonly summary: JobSummary }) {
  const palette = usePalette()
  const { job, at, standing } = summary
  const isDue = standing === null
  useEffect(() => {
    // It stays as it is until the server or a later look says it.
    if (isDue) void workOutStanding(job).catch(() => undefined)
  }, [job, isDue, at])
  if (!standing) return MEANWHILE
  const { kind, words, mark, stages } = standing
  return (
    <View style={{ flexDirection: 'row', gap: 12, alignItems: 'center' }}>
      <View style={{ flex: 1, gap: 2 }}>
        <View style={{ flexDirection: 'row', gap: 4, marginTop: 6 }} aria-hidden>
          {STAGES.map((s, i) => (
            <Notch key={s.id} state={NOTCHES[(stages[i] ?? 'e') as keyof typeof NOTCHES]} width={24} />
          ))}
        </View>
        <Words size="small" tone={mark ?? 'ink'} lines={3}>
          {words ?? nextWords(standing)} · {momentText(at)}
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

function nextWords({ next, proof }: Standing): string {
  const name = STAGES.find(({ id }) => id === next)?.name.toLowerCase() ?? ''
  return proof === 'changed' ? `Next: ${name}, changed since it was proven` : `Next: ${name}`
}
