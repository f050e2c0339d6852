// Stage "hook up": the app proposes, the technician may move any lead, and the verdict follows at once.
import { useRouter } from 'expo-router'
import { useMemo, useState } from 'react'
import { useWindowDimensions, View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import { hookupInput, liveCan, needsCan, type HookupNeed } from '@oak/core/job/inputs/hookup-input'
import { printOf } from '@oak/core/job/print'
import type { HookupOutput } from '@oak/core/operations/hookup-output'
import { NO_CAN } from '@oak/core/wiring/new-can'
import { hookupPosts } from '@oak/core/wiring/hookup-posts'
import { samePlacement, type Placement } from '@oak/core/wiring/placement'
import { runningMode, type ModeId, type UnitType } from '@oak/core/wiring/unit-type'
import { unitTypeById } from '@oak/core/wiring/unit-types'
import type { CurveSheetProps } from '../../parts/charts/CurveSheet'
import { JobFrame } from '../../parts/frame/JobFrame'
import { stageScreen } from '../../parts/frame/stage-screen'
import { useHookup } from '../../parts/frame/use-hookup'
import { useUndo } from '../../parts/frame/use-undo'
import { PhotoStrip } from '../../parts/photos/PhotoStrip'
import { editJob } from '../../platform/state/app'
import { Choice } from '../../ui/Choice'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Icon, type IconName } from '../../ui/Icon'
import { Sheet } from '../../ui/Sheet'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { isWide } from '../../ui/wide'
import { Words } from '../../ui/Words'
import {
  blamedLeads,
  boardFaces,
  boardLeads,
  boardParts,
  moveText,
  placePhrase,
  type BoardLead,
} from './board-model'
import { BoardPicture } from './BoardPicture'
import { ModeFigures } from './ModeFigures'
import { OldHookup } from './OldHookup'
import { Reasons } from './Reasons'
import { saveCircuit } from './save-circuit'
import { VerdictStrip } from './VerdictStrip'

const NEED_WORDS: Readonly<Record<HookupNeed, { text: string; stage: string }>> = {
  unit: { text: 'which unit it is', stage: 'wires' },
  wires: { text: 'where the old wires were', stage: 'wires' },
  motor: { text: 'the motor from the van', stage: 'motor' },
  can: { text: 'the new capacitor', stage: 'capacitor' },
}

const CurveSheet = stageScreen<CurveSheetProps>(async () => (await import('../../parts/charts')).CurveSheet)

export function BoardScreen({ id, job }: { readonly id: string; readonly job: JobDocument }) {
  const router = useRouter()
  const hookup = useHookup(job)
  const unit = job.unit ? unitTypeById(job.unit) : undefined
  if (hookup.kind === 'ready' && unit)
    return <Board id={id} job={job} unit={unit} answer={hookup.answer} fresh={hookup.fresh} />
  const need = hookup.kind === 'missing' ? hookup.needs[0] : undefined
  const bad = hookup.kind === 'bad' ? hookup.error.message : null
  return (
    <JobFrame
      id={id}
      job={job}
      title="Hookup board"
      picture={
        <View style={{ gap: 12, paddingVertical: 40 }}>
          <Words size="title">
            {need
              ? `Still needed: ${NEED_WORDS[need].text}.`
              : bad
                ? 'The record contradicts itself.'
                : 'Working it out…'}
          </Words>
          {bad ? (
            <Words tone="stop" size="strong" live testID="board-problem">
              {bad}
            </Words>
          ) : null}
        </View>
      }
      action={
        need || bad ? (
          <PrimaryButton
            text={need ? `Enter ${NEED_WORDS[need].text}` : 'Mend the old wires'}
            onPress={() => router.replace(`/job/${id}/${need ? NEED_WORDS[need].stage : 'wires'}`)}
          />
        ) : undefined
      }
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
  const [selected, setSelected] = useState<string | null>(null)
  const [mode, setMode] = useState<ModeId>(runningMode(unit))
  const [sheetOpen, setSheetOpen] = useState<'reasons' | 'curve' | 'old' | null>(null)
  const [notSaved, setNotSaved] = useState<string | null>(null)
  const { edit, undo, redo } = useUndo(id)
  const sheet = job.motor
  const can = needsCan(job) ? liveCan(job) : NO_CAN
  const posts = useMemo(() => (can ? hookupPosts(unit, can) : []), [unit, can])
  const leads = useMemo(() => (sheet ? boardLeads(sheet, answer) : []), [sheet, answer])
  const parts = useMemo(() => boardParts(unit, posts, leads), [unit, posts, leads])
  if (!sheet || !can) return null
  const { proof } = answer
  const chosen = leads.find((lead) => lead.id === selected)
  const stopped = blamedLeads(answer)

  const move = (lead: string, to: Placement) => {
    const advised = leads.find((l) => l.id === lead)?.advised
    edit([{ path: ['placements', lead], value: advised && samePlacement(advised, to) ? null : to }])
    setSelected(null)
  }
  const turnPlug = () => {
    const other = sheet.settings.rotation.find((c) => c.direction !== answer.plug.set.direction)
    if (other)
      edit([
        {
          path: ['plug'],
          value: other.direction === answer.plug.advised?.direction ? null : other.direction,
        },
      ])
  }
  const turning = { direction: answer.plug.set.direction, seenFrom: sheet.rotationNamedFrom }
  const shownMode = proof.modes.find((m) => m.mode === mode) ?? proof.modes[0]
  const psc = sheet.capacitor !== null
  const old = <OldHookup job={job} unit={unit} />
  const reasonsView = <Reasons answer={answer} leads={leads} posts={posts} onMove={move} />
  const photos = <PhotoStrip id={id} job={job} />
  const evidence = (
    <View style={{ gap: 14 }}>
      <Words size="strong" heading={2}>
        The old hookup
      </Words>
      {old}
      {photos}
      {reasonsView}
    </View>
  )
  return (
    <>
      <JobFrame
        id={id}
        job={job}
        title="Hookup board"
        picture={
          <View style={{ gap: 10 }}>
            <Choice<ModeId>
              label="Mode"
              value={mode}
              onChange={setMode}
              testID="mode"
              options={proof.modes.map((m) => ({ value: m.mode, text: m.name }))}
            />
            <BoardPicture
              parts={parts}
              posts={posts}
              faces={boardFaces(unit, can, answer, {
                mode: shownMode?.mode ?? mode,
                choosing: chosen !== undefined,
              })}
              leads={leads}
              stopped={stopped}
              selected={selected}
              onLead={(lead) => setSelected(selected === lead ? null : lead)}
              onPost={(post) => (chosen ? move(chosen.id, { kind: 'post', post }) : undefined)}
              onDrop={(lead, post) => move(lead, { kind: 'post', post })}
              plugTitle={`plug set ${answer.plug.set.direction}`}
            />
            <ModeFigures
              mode={shownMode}
              set={turning}
              solved={psc}
              estimated={proof.estimated || !psc}
              onTurn={sheet.settings.rotation.length > 1 ? turnPlug : undefined}
            />
            <View style={{ flexDirection: 'row', gap: 6 }}>
              <Small text="Undo" icon="undo" onPress={() => undo?.()} disabled={!undo} testID="undo" />
              <Small text="Redo" icon="redo" onPress={() => redo?.()} disabled={!redo} testID="redo" />
              {wide ? null : (
                <Small text="Old" icon="list" onPress={() => setSheetOpen('old')} testID="show-old" />
              )}
              {psc ? (
                <Small text="What if" icon="curve" onPress={() => setSheetOpen('curve')} testID="what-if" />
              ) : null}
              <Small
                text="SPICE"
                icon="save"
                onPress={() => void saveCircuit(job, shownMode?.mode ?? mode).then(setNotSaved)}
                testID="save-spice"
              />
            </View>
            {notSaved ? (
              <Words tone="stop" live testID="spice-problem">
                {notSaved}
              </Words>
            ) : null}
          </View>
        }
        evidence={wide ? evidence : photos}
        strip={
          chosen ? (
            <InHand
              lead={chosen}
              place={placePhrase(chosen.goes, posts)}
              home={placePhrase(chosen.advised, posts)}
              onMove={(to) => move(chosen.id, to)}
              onDone={() => setSelected(null)}
            />
          ) : (
            <VerdictStrip proof={proof} onPress={() => setSheetOpen('reasons')} />
          )
        }
        action={
          chosen ? undefined : (
            <NextAction
              proof={proof}
              posts={posts}
              fresh={fresh}
              onMove={move}
              onProve={() => prove(id, job, answer, () => router.replace(`/job/${id}/card`))}
            />
          )
        }
      />
      <Sheet title="Why" open={sheetOpen === 'reasons'} onClose={() => setSheetOpen(null)}>
        {reasonsView}
      </Sheet>
      <Sheet
        title="The old hookup"
        open={sheetOpen === 'old'}
        onClose={() => setSheetOpen(null)}
        testID="old-sheet"
      >
        {old}
      </Sheet>
      {sheetOpen === 'curve' ? (
        <CurveSheet
          sheet={sheet}
          volts={unit.volts}
          tolerancePercent={can.tolerancePercent || 6}
          onClose={() => setSheetOpen(null)}
        />
      ) : null}
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

interface NextActionProps {
  readonly proof: HookupOutput['proof']
  readonly posts: Parameters<typeof moveText>[2]
  readonly fresh: boolean
  readonly onMove: (lead: string, to: Placement) => void
  readonly onProve: () => void
}

/** The one thing to do now: mend the worst, or prove. */
function NextAction({ proof, posts, fresh, onMove, onProve }: NextActionProps) {
  const mend =
    proof.verdict === 'stop' ? proof.hazards.find((h) => h.severity === 'stop' && h.move)?.move : undefined
  if (mend)
    return (
      <PrimaryButton
        text={moveText(mend.lead, mend.to, posts)}
        icon="undo"
        onPress={() => onMove(mend.lead, mend.to)}
        testID="mend"
      />
    )
  const sound = proof.verdict === 'proven' || proof.verdict === 'watch'
  return (
    <PrimaryButton
      text="Prove hookup"
      disabled={!sound || !fresh}
      icon="check"
      onPress={onProve}
      testID="prove"
    />
  )
}

interface InHandProps {
  readonly lead: BoardLead
  readonly place: string
  readonly home: string
  readonly onMove: (to: Placement) => void
  readonly onDone: () => void
}

/** A lead in hand: where it may go besides a post. */
function InHand({ lead, place, home, onMove, onDone }: InHandProps) {
  return (
    <View style={{ gap: 8 }} testID="in-hand">
      <Words size="strong" live>
        {lead.name}: {lead.role}, now {place}. Tap the post it goes to.
      </Words>
      <View style={{ flexDirection: 'row', gap: 8 }}>
        {lead.goes.kind === 'insulated' ? null : (
          <View style={{ flex: 1 }}>
            <QuietButton
              text="Insulate it"
              icon="cut"
              onPress={() => onMove({ kind: 'insulated' })}
              testID="insulate"
            />
          </View>
        )}
        {lead.moved ? (
          <View style={{ flex: 1 }}>
            <QuietButton
              text={lead.advised.kind === 'plug' ? 'Back in plug' : 'Put back'}
              icon="undo"
              onPress={() => onMove(lead.advised)}
              testID="put-back"
            />
          </View>
        ) : null}
        <View style={{ flex: 1 }}>
          <QuietButton text="Leave it" onPress={onDone} testID="leave-it" />
        </View>
      </View>
      {lead.moved ? (
        <Words size="small" tone="quiet">
          Advised: {home}.
        </Words>
      ) : null}
    </View>
  )
}

interface SmallProps {
  readonly text: string
  readonly icon: IconName
  readonly onPress: () => void
  readonly disabled?: boolean
  readonly testID: string
}

/** Beside the picture: a tool, not the next action. */
function Small({ text, icon, onPress, disabled, testID }: SmallProps) {
  const palette = usePalette()
  return (
    <Tap
      onPress={onPress}
      disabled={disabled}
      testID={testID}
      label={text}
      style={{
        flexGrow: 1,
        borderRadius: 8,
        borderWidth: 1.5,
        borderColor: palette.line,
        paddingHorizontal: 3,
        alignItems: 'center',
      }}
    >
      <View style={{ flexDirection: 'row', gap: 4, alignItems: 'center' }}>
        <Icon name={icon} color={palette.ink} size={18} />
        <Words size="tiny">{text}</Words>
      </View>
    </Tap>
  )
}
