// Stage "hook up": the app proposes, the technician may move any lead, and the verdict follows at once.
import { useRouter } from 'expo-router'
import { useMemo, useState } from 'react'
import { useWindowDimensions, View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import { hookupInput, needsCan, type HookupNeed } from '@oak/core/job/hookup-input'
import { printOf } from '@oak/core/job/print'
import type { HookupOutput } from '@oak/core/operations/hookup-output'
import { VIEW_NAMES, type Rotation } from '@oak/core/rotation/view'
import { NO_CAN } from '@oak/core/wiring/new-can'
import { hookupPosts } from '@oak/core/wiring/hookup-posts'
import { samePlacement, type Placement } from '@oak/core/wiring/placement'
import { runningMode, type ModeId, type UnitType } from '@oak/core/wiring/unit-type'
import { unitTypeById } from '@oak/core/wiring/unit-types'
import { JobFrame } from '../job/JobFrame'
import { useHookup } from '../job/use-hookup'
import { PhotoStrip } from '../photos/PhotoStrip'
import { RotationPicture } from '../rotation/RotationPicture'
import { editJob } from '../state/app'
import { Choice } from '../ui/Choice'
import { PrimaryButton, QuietButton } from '../ui/PrimaryButton'
import { Sheet } from '../ui/Sheet'
import { isWide } from '../ui/wide'
import { Words } from '../ui/Words'
import { blamedLeads, boardFaces, boardLeads, boardParts, moveText, placePhrase, type BoardLead } from './board-model'
import { BoardPicture } from './BoardPicture'
import { Reasons } from './Reasons'
import { VerdictStrip } from './VerdictStrip'

const NEED_WORDS: Readonly<Record<HookupNeed, { text: string; stage: string }>> = {
  unit: { text: 'which unit it is', stage: 'wires' },
  wires: { text: 'where the old wires were', stage: 'wires' },
  motor: { text: 'the motor from the van', stage: 'motor' },
  can: { text: 'the new capacitor', stage: 'capacitor' },
}

export function BoardScreen({ id, job }: { readonly id: string; readonly job: JobDocument }) {
  const router = useRouter()
  const hookup = useHookup(job)
  const unit = job.unit ? unitTypeById(job.unit) : undefined
  if (hookup.kind === 'ready' && unit) return <Board id={id} job={job} unit={unit} answer={hookup.answer} fresh={hookup.fresh} />
  const need = hookup.kind === 'missing' ? hookup.needs[0] : undefined
  const bad = hookup.kind === 'bad' ? hookup.error.message : null
  return (
    <JobFrame
      id={id}
      job={job}
      title="Hookup board"
      picture={
        <View style={{ gap: 12, paddingVertical: 40 }}>
          <Words size="title">{need ? `Still needed: ${NEED_WORDS[need].text}.` : bad ? 'The record contradicts itself.' : 'Working it out…'}</Words>
          {bad ? <Words tone="stop" size="strong" live testID="board-problem">{bad}</Words> : null}
        </View>
      }
      action={need || bad ? <PrimaryButton text={need ? `Enter ${NEED_WORDS[need].text}` : 'Mend the old wires'} onPress={() => router.replace(`/job/${id}/${need ? NEED_WORDS[need].stage : 'wires'}`)} /> : undefined}
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
  const [reasons, setReasons] = useState(false)
  const sheet = job.motor
  const can = needsCan(job) ? job.can : NO_CAN
  const posts = useMemo(() => (can ? hookupPosts(unit, can) : []), [unit, can])
  const leads = useMemo(() => (sheet ? boardLeads(sheet, answer) : []), [sheet, answer])
  const parts = useMemo(() => boardParts(unit, posts, leads), [unit, posts, leads])
  if (!sheet || !can) return null
  const { proof } = answer
  const chosen = leads.find((lead) => lead.id === selected)
  const stopped = blamedLeads(answer)

  const move = (lead: string, to: Placement) => {
    const advised = leads.find((l) => l.id === lead)?.advised
    editJob(id, [{ path: ['placements', lead], value: advised && samePlacement(advised, to) ? null : to }])
    setSelected(null)
  }
  const turnPlug = () => {
    const other = sheet.settings.rotation.find((c) => c.direction !== answer.plug.set.direction)
    if (other) editJob(id, [{ path: ['plug'], value: other.direction === answer.plug.advised?.direction ? null : other.direction }])
  }
  const turning = { direction: answer.plug.set.direction, seenFrom: sheet.rotationNamedFrom }
  const reasonsView = <Reasons answer={answer} leads={leads} posts={posts} onMove={move} />
  const photos = <PhotoStrip id={id} job={job} />
  const evidence = <View style={{ gap: 14 }}>{photos}{reasonsView}</View>
  return (
    <>
      <JobFrame
        id={id}
        job={job}
        title="Hookup board"
        picture={
          <View style={{ gap: 10 }}>
            <Choice<ModeId> label="Mode" value={mode} onChange={setMode} testID="mode" options={unit.modes.map((m) => ({ value: m.id, text: m.name }))} />
            <BoardPicture
              parts={parts}
              posts={posts}
              faces={boardFaces(unit, can, answer, { mode, choosing: chosen !== undefined })}
              leads={leads}
              stopped={stopped}
              selected={selected}
              onLead={(lead) => setSelected(selected === lead ? null : lead)}
              onPost={(post) => (chosen ? move(chosen.id, { kind: 'post', post }) : undefined)}
              plugTitle={`plug set ${answer.plug.set.direction}`}
            />
            <Turning rotation={turning} running={unit.modes.find((m) => m.id === mode)?.fanRuns ?? false} onTurn={sheet.settings.rotation.length > 1 ? turnPlug : undefined} />
          </View>
        }
        evidence={wide ? evidence : photos}
        strip={chosen ? <InHand lead={chosen} place={placePhrase(chosen.goes, posts)} home={placePhrase(chosen.advised, posts)} onMove={(to) => move(chosen.id, to)} onDone={() => setSelected(null)} /> : <VerdictStrip proof={proof} onPress={() => setReasons(true)} />}
        action={chosen ? undefined : <NextAction proof={proof} posts={posts} fresh={fresh} onMove={move} onProve={() => prove(id, job, answer, () => router.replace(`/job/${id}/card`))} />}
      />
      <Sheet title="Why" open={reasons} onClose={() => setReasons(false)}>{reasonsView}</Sheet>
    </>
  )
}

function prove(id: string, job: JobDocument, { proof }: HookupOutput, then: () => void): void {
  const input = hookupInput(job)
  if (!input || (proof.verdict !== 'proven' && proof.verdict !== 'watch')) return
  const wrong = editJob(id, [{ path: ['proven'], value: { verdict: proof.verdict, sentence: proof.sentence, print: printOf(input) } }])
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
  const mend = proof.verdict === 'stop' ? proof.hazards.find((h) => h.severity === 'stop' && h.move)?.move : undefined
  if (mend) return <PrimaryButton text={moveText(mend.lead, mend.to, posts)} icon="undo" onPress={() => onMove(mend.lead, mend.to)} testID="mend" />
  const sound = proof.verdict === 'proven' || proof.verdict === 'watch'
  return <PrimaryButton text="Prove hookup" disabled={!sound || !fresh} icon="check" onPress={onProve} testID="prove" />
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
      <Words size="strong" live>{lead.name}: {lead.role}, now {place}. Tap the post it goes to.</Words>
      <View style={{ flexDirection: 'row', gap: 8 }}>
        {lead.goes.kind === 'insulated' ? null : <View style={{ flex: 1 }}><QuietButton text="Insulate it" icon="cut" onPress={() => onMove({ kind: 'insulated' })} testID="insulate" /></View>}
        {lead.moved ? <View style={{ flex: 1 }}><QuietButton text={lead.advised.kind === 'plug' ? 'Back in plug' : 'Put back'} icon="undo" onPress={() => onMove(lead.advised)} testID="put-back" /></View> : null}
        <View style={{ flex: 1 }}><QuietButton text="Leave it" onPress={onDone} testID="leave-it" /></View>
      </View>
      {lead.moved ? <Words size="small" tone="quiet">Advised: {home}.</Words> : null}
    </View>
  )
}

function Turning({ rotation, running, onTurn }: { readonly rotation: Rotation; readonly running: boolean; readonly onTurn?: () => void }) {
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}>
      <RotationPicture rotation={rotation} size={56} />
      <Words size="small" style={{ flex: 1 }}>{running ? 'Starts' : 'Stopped; would start'} {rotation.direction}, seen from the {VIEW_NAMES[rotation.seenFrom]}.</Words>
      {onTurn ? <QuietButton text="Turn the plug" icon="plug" onPress={onTurn} testID="turn-plug" /> : null}
    </View>
  )
}
