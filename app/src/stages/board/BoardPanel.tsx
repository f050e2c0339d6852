// The board itself with its mode, the figures of that mode, and the tools beside it.
import { View } from 'react-native'
import type { JobId } from '@oak/core/job/job-id'
import type { JobDocument } from '@oak/core/job/document'
import type { HookupOutput } from '@oak/core/operations/hookup-output'
import type { ModeId } from '@oak/core/wiring/unit-type'
import { MotorVolts } from '../../parts/unit/MotorVolts'
import { FrameGround } from '../../parts/unit/FrameGround'
import { SilentOutputs } from '../../parts/unit/SilentOutputs'
import { SupplyRow } from '../../parts/supply/SupplyRow'
import { SmallButton } from '../../ui/PrimaryButton'
import { Choice } from '../../ui/Choice'
import { BoardPicture } from './BoardPicture'
import { ModeFigures } from './ModeFigures'
import type { BoardState } from './use-board'

export interface BoardPanelProps {
  readonly id: JobId
  readonly board: BoardState
  readonly job: JobDocument
  readonly answer: HookupOutput
  readonly wide: boolean
  readonly onOpen: (sheet: 'old' | 'curve') => void
}

/** Hazards that another supply would mend: then the supply is in sight, to be put right. */
const OF_SUPPLY = ['voltage-class', 'hertz']

export function BoardPanel({ id, board, job, answer, wide, onOpen }: BoardPanelProps) {
  const { proof, plug } = answer
  const { chosen, selected, move, sheet } = board
  const psc = sheet.capacitor !== null
  return (
    <View style={{ gap: 10 }}>
      <SupplyRow id={id} job={job} quiet={!proof.hazards.some((h) => OF_SUPPLY.includes(h.code))} />
      <SilentOutputs id={id} job={job} quiet />
      <FrameGround id={id} job={job} />
      <MotorVolts id={id} job={job} open />
      <Choice<ModeId>
        label="Mode"
        value={board.mode}
        onChange={board.setMode}
        testID="mode"
        options={proof.modes.map((m) => ({ value: m.mode, text: m.name }))}
      />
      <BoardPicture
        parts={board.parts}
        posts={board.posts}
        faces={board.faces}
        leads={board.leads}
        stopped={board.stopped}
        selected={selected}
        onLead={(lead) => board.take(selected === lead ? null : lead)}
        onPost={(post) => (chosen ? move(chosen.id, { kind: 'post', post }) : undefined)}
        onDrop={(lead, post) => move(lead, { kind: 'post', post })}
        plugTitle={`plug set ${plug.set.direction}`}
      />
      <ModeFigures
        mode={board.shownMode}
        set={
          sheet.kind === 'three-phase'
            ? null
            : { direction: plug.set.direction, seenFrom: sheet.rotationNamedFrom }
        }
        solved={psc}
        estimated={proof.estimated || !psc}
        onTurn={
          sheet.settings.rotation.length > 1 && sheet.kind !== 'three-phase' ? board.turnPlug : undefined
        }
      />
      <BoardTools wide={wide} psc={psc} onOpen={onOpen} />
    </View>
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
