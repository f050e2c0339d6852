// The sheet that is open over the bench. It stands beside the layout, so that a phone that is turned keeps it, and what was typed in it.
import { useRouter } from 'expo-router'
import { useMemo } from 'react'
import { hookupInput, hookupNeeds } from '@oak/core/job/inputs/hookup-input'
import type { HookupOutput } from '@oak/core/operations/hookup-output'
import type { BenchOutput, PracticeRoundOutput } from '@oak/core/operations/practice-round'
import type { Act } from '@oak/core/practice/round/act'
import { useCurrentOperation } from '../../parts/frame/use-operation'
import { useJob } from '../../platform/state/app'
import type { PracticeRound } from '../../platform/state/practice'
import { ChangeSheet, EndsSheet, HandOverSheet, LookSheet, NameSheet } from './bench-sheets'
import { fitAct, handOverAct } from './fit-act'

export type OpenSheet = 'look' | 'ends' | 'name' | 'change' | 'hand-over'

const NEEDS = {
  unit: 'the unit',
  wires: 'the old wires',
  motor: 'the motor',
  can: 'the capacitor',
} as const

/** What the board holds now; null while it holds no hookup, with why. */
function useBoard(id: string) {
  const job = useJob(id)
  const input = useMemo(() => hookupInput(job), [job])
  const { answer, isCurrent } = useCurrentOperation('hookup', input)
  const needs = hookupNeeds(job).map((need) => NEEDS[need])
  if (!input)
    return { job, board: null, why: `Not worked out yet: ${needs.join(', ')} still to enter in the stages.` }
  if (answer && !answer.ok) return { job, board: null, why: answer.error.message }
  if (!answer?.ok || !isCurrent) return { job, board: null, why: 'Working the hookup out…' }
  return { job, board: { input, output: answer.output as HookupOutput }, why: null }
}

interface BenchSheetsProps {
  readonly round: PracticeRound
  readonly bench: BenchOutput
  readonly steps: PracticeRoundOutput['steps']
  readonly open: OpenSheet | null
  readonly onClose: () => void
  readonly onAct: (act: Act) => void
}

export function BenchSheets({ round, bench, steps, open, onClose, onAct }: BenchSheetsProps) {
  const router = useRouter()
  const { job, board, why } = useBoard(round.id)
  const acts = round.acts as readonly Act[]
  const sheet = { bench, onAct, onClose }
  switch (open) {
    case 'look':
      return <LookSheet {...sheet} {...{ acts, steps }} />
    case 'ends':
      return <EndsSheet {...sheet} />
    case 'name':
      return <NameSheet {...sheet} taken={job.fault?.cause ?? null} />
    case 'hand-over':
      return <HandOverSheet {...{ bench, acts, onClose }} onHandOver={() => onAct(handOverAct(job))} />
    case 'change':
      return (
        <ChangeSheet
          {...sheet}
          whyNoFit={why}
          onFit={() => (board ? onAct(fitAct(board.input, board.output, bench)) : undefined)}
          onBoard={() => router.navigate(`/job/${round.id}/fault`)}
        />
      )
    case null:
      return null
  }
}
