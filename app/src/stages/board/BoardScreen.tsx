// Stage "hook up": the app proposes, the technician may move any lead, and the verdict follows at once.
import type { JobId } from '@oak/core/job/job-id'
import { Problem } from '../../ui/Problem'
import { useBoard } from './use-board'
import { BoardPanel } from './BoardPanel'
import { useRouter } from 'expo-router'
import { useState, type ReactNode } from 'react'
import { useWindowDimensions, View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import { hookupInput, type HookupNeed } from '@oak/core/job/inputs/hookup-input'
import { stayRefusal } from '@oak/core/job/inputs/staying-input'
import { printOf } from '@oak/core/job/print'
import type { HookupOutput } from '@oak/core/operations/hookup-output'
import { type UnitType } from '@oak/core/wiring/unit-type'
import { unitTypeFor } from '@oak/core/wiring/unit-types'
import type { CurveSheetProps } from '../../parts/charts/CurveSheet'
import { JobFrame } from '../../parts/frame/JobFrame'
import { stageScreen, type StageProps } from '../../parts/frame/stage-screen'
import { useHookup, type HookupState } from '../../parts/frame/use-hookup'
import { SaveJob } from '../../parts/files/SaveJob'
import { PhotoStrip } from '../../parts/photos/PhotoStrip'
import { editJob, useChanges } from '../../platform/state/app'
import { PrimaryButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import { isWide } from '../../ui/wide'
import { VerdictLine } from '../../ui/VerdictLine'
import { Waits } from '../../ui/Waits'
import { Words } from '../../ui/Words'
import { placePhrase } from './board-model'
import { OldHookup } from './OldHookup'
import { Reasons } from './Reasons'
import { VerdictStrip } from './VerdictStrip'
import { InHand, NextAction } from './board-foot'

const NEED_WORDS: Readonly<Record<HookupNeed, { text: string; stage: string }>> = {
  unit: { text: 'which unit it is', stage: 'wires' },
  wires: { text: 'where the old wires were', stage: 'wires' },
  motor: { text: 'which motor runs here', stage: 'motor' },
  can: { text: 'the new capacitor', stage: 'capacitor' },
}

const CurveSheet = stageScreen<CurveSheetProps>(async () => (await import('../../parts/charts')).CurveSheet)

export function BoardScreen({ id, job }: { readonly id: JobId; readonly job: JobDocument }) {
  const router = useRouter()
  const hookup = useHookup(job)
  const unit = job.unit ? unitTypeFor(job.unit) : undefined
  if (hookup.kind === 'ready' && unit)
    return <Board id={id} job={job} unit={unit} answer={hookup.answer} fresh={hookup.fresh} />
  const { heading, problem, next } = noBoard(hookup)
  return (
    <JobFrame
      id={id}
      job={job}
      title="Hookup board"
      picture={
        <View style={{ gap: 12, paddingVertical: 40 }}>
          {hookup.kind === 'working' ? (
            <Waits size="title" text={heading} />
          ) : (
            <Words size="title">{heading}</Words>
          )}
          <Problem text={problem} testID="board-problem" />
          {hookup.kind === 'failed' ? <SaveToSend id={id} job={job} /> : null}
        </View>
      }
      action={
        next ? (
          <PrimaryButton text={next.text} onPress={() => router.replace(`/job/${id}/${next.stage}`)} />
        ) : undefined
      }
    />
  )
}

/** What is said in place of the board, and where to go about it. */
interface NoBoard {
  readonly heading: string
  readonly problem: string | null
  readonly next: { readonly text: string; readonly stage: string } | null
}

function noBoard(hookup: HookupState): NoBoard {
  switch (hookup.kind) {
    case 'missing': {
      const [need] = hookup.needs
      if (!need) break
      const { text, stage } = NEED_WORDS[need]
      return { heading: `Still needed: ${text}.`, problem: null, next: { text: `Enter ${text}`, stage } }
    }
    case 'bad':
      return {
        heading: 'The record contradicts itself.',
        problem: hookup.error.message,
        next: { text: 'Mend the old wires', stage: 'wires' },
      }
    case 'failed':
      return { heading: 'No answer.', problem: hookup.text, next: null }
    case 'working':
    case 'ready':
      break
  }
  return { heading: 'Working it out…', problem: null, next: null }
}

/** The record on which the app failed, for us to look at. */
function SaveToSend({ id, job }: StageProps) {
  const changes = useChanges(id)
  return (
    <SaveJob
      id={id}
      title={job.title}
      changes={changes}
      text="Whole job as a file"
      testID="save-failed-job"
    />
  )
}

interface BoardProps {
  readonly id: string
  readonly job: JobDocument
  readonly unit: UnitType
  readonly answer: HookupOutput
  readonly fresh: boolean
}

function Board({ id, job, unit, answer, fresh }: BoardProps) {
  const router = useRouter()
  const wide = isWide(useWindowDimensions().width)
  const board = useBoard(id, { job, unit, answer })
  const [open, setOpen] = useState<OpenSheet>(null)
  if (!board) return null
  const { chosen, posts, move, mend } = board
  const refusal = stayRefusal(job)
  const old = <OldHookup job={job} unit={unit} />
  const reasons = <Reasons answer={answer} leads={board.leads} posts={posts} onMend={mend} />
  const photos = <PhotoStrip id={id} job={job} />
  return (
    <>
      <JobFrame
        id={id}
        job={job}
        title="Hookup board"
        picture={<BoardPanel id={id} board={board} job={job} answer={answer} wide={wide} onOpen={setOpen} />}
        evidence={wide ? <BesideBoard old={old} photos={photos} reasons={reasons} /> : photos}
        strip={
          chosen ? (
            <InHand
              lead={chosen}
              place={placePhrase(chosen.goes, posts)}
              home={placePhrase(chosen.advised, posts)}
              onMove={(to) => move(chosen.id, to)}
              onDone={() => board.take(null)}
            />
          ) : (
            <BoardStrip refusal={refusal} proof={answer.proof} onPress={() => setOpen('reasons')} />
          )
        }
        action={
          chosen ? undefined : (
            <NextAction
              proof={answer.proof}
              posts={posts}
              fresh={fresh && refusal === null}
              onMend={mend}
              onProve={() => prove(id, job, answer, () => router.replace(`/job/${id}/card`))}
            />
          )
        }
      />
      <BoardSheets open={open} onClose={() => setOpen(null)} reasons={reasons} old={old}>
        <CurveSheet
          sheet={board.sheet}
          supply={answer.supply.supply}
          tolerancePercent={board.can.tolerancePercent || 6}
          onClose={() => setOpen(null)}
        />
      </BoardSheets>
    </>
  )
}

interface StripProps {
  readonly refusal: string | null
  readonly proof: HookupOutput['proof']
  readonly onPress: () => void
}

/** No wiring makes a dead motor good. */
const BoardStrip = ({ refusal, proof, onPress }: StripProps) =>
  refusal === null ? (
    <VerdictStrip proof={proof} onPress={onPress} />
  ) : (
    <VerdictLine mark="stop" text={refusal} size="strong" toned testID="stay-refusal" />
  )

type OpenSheet = 'reasons' | 'curve' | 'old' | null

interface BesideBoardProps {
  readonly old: ReactNode
  readonly photos: ReactNode
  readonly reasons: ReactNode
}

/** On a wide screen: what was, and why it is judged so. */
function BesideBoard({ old, photos, reasons }: BesideBoardProps) {
  return (
    <View style={{ gap: 14 }}>
      <Words size="strong" heading={2}>
        The old hookup
      </Words>
      {old}
      {photos}
      {reasons}
    </View>
  )
}

interface BoardSheetsProps {
  readonly open: OpenSheet
  readonly onClose: () => void
  readonly reasons: ReactNode
  readonly old: ReactNode
  /** The chart of what if. */
  readonly children: ReactNode
}

function BoardSheets({ open, onClose, reasons, old, children }: BoardSheetsProps) {
  return (
    <>
      <Sheet title="Why" open={open === 'reasons'} onClose={onClose}>
        {reasons}
      </Sheet>
      <Sheet title="The old hookup" open={open === 'old'} onClose={onClose} testID="old-sheet">
        {old}
      </Sheet>
      {open === 'curve' ? children : null}
    </>
  )
}

function prove(id: string, job: JobDocument, { proof }: HookupOutput, then: () => void): void {
  const input = hookupInput(job)
  if (!input || (proof.verdict !== 'proven' && proof.verdict !== 'watch')) return
  const wrong = editJob(id, [
    { path: ['proven'], value: { verdict: proof.verdict, sentence: proof.sentence, print: printOf(input) } },
  ])
  if (!wrong) then()
}
