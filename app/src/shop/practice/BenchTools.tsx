// What the learner decides: what to look at, what it is, what to change, and when it is done.
import { useRouter } from 'expo-router'
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import { hookupInput, hookupNeeds } from '@oak/core/job/inputs/hookup-input'
import type { HookupOutput } from '@oak/core/operations/hookup-output'
import type { BenchOutput, PracticeRoundOutput } from '@oak/core/operations/practice-round'
import type { Act } from '@oak/core/practice/round/act'
import { useCurrentOperation } from '../../parts/frame/use-operation'
import { useJob } from '../../platform/state/app'
import type { PracticeRound } from '../../platform/state/practice'
import { QuietButton } from '../../ui/PrimaryButton'
import { Words } from '../../ui/Words'
import { ChangeSheet, EndsSheet, HandOverSheet, LookSheet, NameSheet } from './bench-sheets'
import { fitAct, handOverAct } from './fit-act'

interface BenchToolsProps {
  readonly round: PracticeRound
  readonly bench: BenchOutput
  readonly steps: PracticeRoundOutput['steps']
  readonly ends: boolean
  readonly onEndsClose: () => void
  readonly onAct: (act: Act) => void
}

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

export function BenchTools({ round, bench, steps, ends, onEndsClose, onAct }: BenchToolsProps) {
  const router = useRouter()
  const [sheet, setSheet] = useState<'look' | 'name' | 'change' | 'hand-over' | null>(null)
  const { job, board, why } = useBoard(round.id)
  const close = () => setSheet(null)
  const toStages = () => router.navigate(`/job/${round.id}/fault`)
  const acts = round.acts as readonly Act[]
  return (
    <View style={{ gap: 10 }}>
      <Words size="strong" heading={2}>
        What you make of it
      </Words>
      <QuietButton text="Look, listen, try by hand" testID="to-look" onPress={() => setSheet('look')} />
      <QuietButton text="The app’s stages for this unit" icon="list" testID="stages" onPress={toStages} />
      <QuietButton text="Name what it is" testID="to-name" onPress={() => setSheet('name')} />
      <QuietButton text="Change or mend" testID="to-change" onPress={() => setSheet('change')} />
      <QuietButton
        text="Hand it over"
        icon="check"
        testID="hand-over"
        onPress={() => setSheet('hand-over')}
      />
      {sheet === 'look' ? <LookSheet {...{ bench, acts, steps, onAct }} onClose={close} /> : null}
      {ends ? <EndsSheet bench={bench} onAct={onAct} onClose={onEndsClose} /> : null}
      {sheet === 'name' ? (
        <NameSheet bench={bench} taken={job.fault?.cause ?? null} onAct={onAct} onClose={close} />
      ) : null}
      {sheet === 'hand-over' ? (
        <HandOverSheet bench={bench} acts={acts} onHandOver={() => onAct(handOverAct(job))} onClose={close} />
      ) : null}
      {sheet === 'change' ? (
        <ChangeSheet
          bench={bench}
          whyNoFit={why}
          onFit={() => (board ? onAct(fitAct(board.input, board.output, bench)) : undefined)}
          onBoard={toStages}
          onAct={onAct}
          onClose={close}
        />
      ) : null}
    </View>
  )
}
