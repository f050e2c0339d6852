// The board itself with its mode, the figures of that mode, and the tools beside it.
import { View } from 'react-native'
import type { JobId } from '@oak/core/job/job-id'
import type { JobDocument } from '@oak/core/job/document'
import type { ModeId } from '@oak/core/wiring/unit-type'
import { MotorVolts } from '../../parts/unit/MotorVolts'
import { FrameGround } from '../../parts/unit/FrameGround'
import { SilentOutputs } from '../../parts/unit/SilentOutputs'
import { SupplyRow } from '../../parts/supply/SupplyRow'
import { SmallButton } from '../../ui/PrimaryButton'
import { Choice } from '../../ui/Choice'
import { useStable } from '../../ui/use-stable'
import { useBoardHere, useBoardLately } from './board-here'
import { boardFaces, shownMode } from './board-model'
import { BoardPicture } from './BoardPicture'
import { ModeFigures } from './ModeFigures'

export interface BoardPanelProps {
  readonly id: JobId
  readonly wide: boolean
  readonly onOpen: (sheet: 'old' | 'curve') => void
}

export function BoardPanel({ id, wide, onOpen }: BoardPanelProps) {
  const { sheet } = useBoardHere()
  return (
    <View style={{ gap: 10 }}>
      <WhatIsOpen id={id} />
      <Modes />
      <Picture />
      <Figures />
      <BoardTools wide={wide} psc={sheet.capacitor !== null} onOpen={onOpen} />
    </View>
  )
}

/** Hazards that another supply would mend: then the supply is in sight, to be put right. */
const OF_SUPPLY = ['voltage-class', 'hertz']

/** What is not known of this unit and its motor, to be entered here. */
function WhatIsOpen({ id }: { readonly id: JobId }) {
  const { job, answer } = useBoardLately()
  return <Rows id={id} job={job} quiet={!answer.proof.hazards.some((h) => OF_SUPPLY.includes(h.code))} />
}

interface RowsProps {
  readonly id: JobId
  readonly job: JobDocument
  readonly quiet: boolean
}

const Rows = ({ id, job, quiet }: RowsProps) => (
  <>
    <SupplyRow id={id} job={job} quiet={quiet} />
    <SilentOutputs id={id} job={job} quiet />
    <FrameGround id={id} job={job} />
    <MotorVolts id={id} job={job} open />
  </>
)

function Modes() {
  const { mode, setMode } = useBoardHere()
  const { answer } = useBoardLately()
  return (
    <Choice<ModeId>
      label="Mode"
      value={mode}
      onChange={setMode}
      testID="mode"
      options={answer.proof.modes.map((m) => ({ value: m.mode, text: m.name }))}
    />
  )
}

/** Leads and wires as they are; what stands on the posts follows. */
function Picture() {
  const { parts, posts, leads, stopped, selected, chosen, mode, take, move, aim, answer } = useBoardHere()
  const lately = useBoardLately()
  const { plug } = answer
  const onLead = useStable((lead: string) => take(selected === lead ? null : lead))
  const onPost = useStable((post: string) => (chosen ? move(chosen.id, { kind: 'post', post }) : undefined))
  const onAim = useStable((post: string, lead: string | undefined = chosen?.id) =>
    lead ? aim(lead, { kind: 'post', post }) : undefined,
  )
  const onDrop = useStable((lead: string, post: string) => move(lead, { kind: 'post', post }))
  return (
    <BoardPicture
      parts={parts}
      posts={posts}
      faces={boardFaces(
        lately.posts,
        lately.can,
        lately.answer,
        shownMode(lately.answer, mode)?.mode ?? mode,
      )}
      leads={leads}
      stopped={stopped}
      selected={selected}
      onLead={onLead}
      onPost={onPost}
      onAim={onAim}
      onDrop={onDrop}
      plugTitle={`plug set ${plug.set.direction}`}
    />
  )
}

function Figures() {
  const { sheet, answer, mode, turnPlug } = useBoardLately()
  const { proof, plug } = answer
  const psc = sheet.capacitor !== null
  const hasPlug = sheet.kind !== 'three-phase'
  return (
    <ModeFigures
      mode={shownMode(answer, mode)}
      set={hasPlug ? { direction: plug.set.direction, seenFrom: sheet.rotationNamedFrom } : null}
      solved={psc}
      estimated={proof.estimated || !psc}
      onTurn={sheet.settings.rotation.length > 1 && hasPlug ? turnPlug : undefined}
    />
  )
}

interface BoardToolsProps extends Pick<BoardPanelProps, 'wide' | 'onOpen'> {
  readonly psc: boolean
}

function BoardTools({ wide, psc, onOpen }: BoardToolsProps) {
  return (
    <View style={{ flexDirection: 'row', gap: 8 }}>
      {wide ? null : (
        <View style={{ flexGrow: 1 }}>
          <SmallButton text="Old" icon="list" onPress={() => onOpen('old')} testID="show-old" />
        </View>
      )}
      {psc ? (
        <View style={{ flexGrow: 1 }}>
          <SmallButton text="What if" icon="curve" onPress={() => onOpen('curve')} testID="what-if" />
        </View>
      ) : null}
    </View>
  )
}
