// The board with an answer: what is judged of it, the next thing to do, and what can be opened beside it.
import { useRouter } from 'expo-router'
import { useDeferredValue, useState, type ReactNode } from 'react'
import { useWindowDimensions, View } from 'react-native'
import type { JobId } from '@oak/core/job/job-id'
import { hookupInput } from '@oak/core/job/inputs/hookup-input'
import { stayRefusal } from '@oak/core/job/inputs/staying-input'
import { printOf } from '@oak/core/job/print'
import type { Placement } from '@oak/core/wiring/placement'
import type { UnitType } from '@oak/core/wiring/unit-type'
import type { CurveSheetProps } from '../../parts/charts/CurveSheet'
import { JobFrame } from '../../parts/frame/JobFrame'
import { stageScreen } from '../../parts/frame/stage-screen'
import { PhotoStrip } from '../../parts/photos/PhotoStrip'
import { editJob } from '../../platform/state/app'
import { Sheet } from '../../ui/Sheet'
import { useStable } from '../../ui/use-stable'
import { VerdictLine } from '../../ui/VerdictLine'
import { isWide } from '../../ui/wide'
import { Words } from '../../ui/Words'
import { InHand, NextAction } from './board-foot'
import { BoardHere, useBoardHere, useBoardLately, type BoardNow } from './board-here'
import { placePhrase } from './board-model'
import { BoardPanel } from './BoardPanel'
import { OldHookup } from './OldHookup'
import { Reasons } from './Reasons'
import type { Answered } from './use-answered'
import { useBoard } from './use-board'
import { VerdictStrip } from './VerdictStrip'

const CurveSheet = stageScreen<CurveSheetProps>(async () => (await import('../../parts/charts')).CurveSheet)

const AWAY = { display: 'none' } as const

interface BoardProps extends Answered {
  readonly id: JobId
  readonly unit: UnitType
}

type OpenSheet = 'reasons' | 'curve' | 'old' | null

export function Board({ id, unit, ...answered }: BoardProps) {
  const wide = isWide(useWindowDimensions().width)
  const board = useBoard(id, { unit, ...answered })
  const [open, setOpen] = useState<OpenSheet>(null)
  const job = useDeferredValue(answered.job)
  if (!board) return null
  return (
    <BoardHere value={{ ...board, ...answered }}>
      <JobFrame
        id={id}
        job={job}
        title="Hookup board"
        picture={<BoardPanel id={id} wide={wide} onOpen={setOpen} />}
        evidence={wide ? <BesideBoard id={id} unit={unit} /> : <PhotoStrip id={id} job={job} />}
        strip={<BoardStrip onReasons={() => setOpen('reasons')} />}
        action={<BoardAction id={id} />}
      />
      <BoardSheets open={open} unit={unit} onClose={() => setOpen(null)} />
    </BoardHere>
  )
}

/** Where the lead in hand may go, else the verdict. Each is put away rather than taken down: a verdict that comes is only its words anew. */
function BoardStrip({ onReasons }: { readonly onReasons: () => void }) {
  const { job, answer, chosen, posts, move, take } = useBoardHere()
  const held = useBoardLately().chosen
  const inHand = chosen ?? held
  const onMove = useStable((to: Placement) => (chosen ? move(chosen.id, to) : undefined))
  const onDone = useStable(() => take(null))
  const refusal = stayRefusal(job)
  return (
    <>
      <View style={chosen ? AWAY : null}>
        {/* No wiring makes a dead motor good. */}
        {refusal === null ? (
          <VerdictStrip proof={answer.proof} onPress={onReasons} />
        ) : (
          <VerdictLine mark="stop" text={refusal} size="strong" toned testID="stay-refusal" />
        )}
      </View>
      {inHand ? (
        <View style={chosen ? null : AWAY}>
          <InHand
            lead={inHand}
            place={placePhrase(inHand.goes, posts)}
            home={placePhrase(inHand.advised, posts)}
            onMove={onMove}
            onDone={onDone}
          />
        </View>
      ) : null}
    </>
  )
}

function BoardAction({ id }: { readonly id: JobId }) {
  const router = useRouter()
  const now = useBoardHere()
  const { chosen, answer, posts, fresh, job } = useBoardLately()
  const onMend = useStable(now.mend)
  const onProve = useStable(() => prove(id, now, () => router.replace(`/job/${id}/card`)))
  if (chosen) return null
  return (
    <NextAction
      proof={answer.proof}
      posts={posts}
      fresh={fresh && stayRefusal(job) === null}
      onMend={onMend}
      onProve={onProve}
    />
  )
}

/** On a wide screen: what was, and why it is judged so. */
function BesideBoard({ id, unit }: { readonly id: JobId; readonly unit: UnitType }) {
  const { job } = useBoardLately()
  return (
    <View style={{ gap: 14 }}>
      <Words size="strong" heading={2}>
        The old hookup
      </Words>
      <OldHookup job={job} unit={unit} />
      <PhotoStrip id={id} job={job} />
      <ReasonsHere />
    </View>
  )
}

function ReasonsHere() {
  const { answer, leads, posts, mend } = useBoardLately()
  return <Reasons answer={answer} leads={leads} posts={posts} onMend={mend} />
}

interface BoardSheetsProps {
  readonly open: OpenSheet
  readonly unit: UnitType
  readonly onClose: () => void
}

function BoardSheets({ open, unit, onClose }: BoardSheetsProps) {
  return (
    <>
      <Sheet title="Why" open={open === 'reasons'} onClose={onClose}>
        <ReasonsHere />
      </Sheet>
      <Sheet title="The old hookup" open={open === 'old'} onClose={onClose} testID="old-sheet">
        <OldHere unit={unit} />
      </Sheet>
      {open === 'curve' ? <WhatIf onClose={onClose} /> : null}
    </>
  )
}

const OldHere = ({ unit }: { readonly unit: UnitType }): ReactNode => (
  <OldHookup job={useBoardLately().job} unit={unit} />
)

function WhatIf({ onClose }: { readonly onClose: () => void }) {
  const { sheet, answer, can } = useBoardHere()
  return (
    <CurveSheet
      sheet={sheet}
      supply={answer.supply.supply}
      tolerancePercent={can.tolerancePercent || 6}
      onClose={onClose}
    />
  )
}

/** By what is shown now; a move that is not shown yet has another print, and its job would not count as proven. */
function prove(id: string, { job, answer: { proof }, fresh }: BoardNow, then: () => void): void {
  const input = hookupInput(job)
  if (!input || !fresh || (proof.verdict !== 'proven' && proof.verdict !== 'watch')) return
  const wrong = editJob(id, [
    { path: ['proven'], value: { verdict: proof.verdict, sentence: proof.sentence, print: printOf(input) } },
  ])
  if (!wrong) then()
}
