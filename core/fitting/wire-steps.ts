// The unit's own wires: those that move with the capacitor, those that go, and those that are new.
import { cutText } from '../quantity/whole-text'
import type { HookupAnswer, HookupRequest } from '../circuit/hookup'
import { insulationName } from '../motor/colour'
import { capital } from '../quantity/display'
import { NEW_C, type UnitWire } from '../wiring/new-can'
import { postName, type PostId } from '../wiring/unit-type'
import { goesToMotor, type NamedWire } from '../wiring/wire'
import { oldPlaceName, placeName } from './places'
import type { FitStep } from './step'

/** An end of a wire that moves. */
interface MovedEnd {
  readonly wire: UnitWire
  readonly from: PostId
  readonly to: PostId
  /** Where its other end is. */
  readonly other: PostId
}

const movedEnds = (wire: UnitWire): MovedEnd[] =>
  wire.was
    ? [
        { wire, from: wire.was.from, to: wire.from, other: wire.to },
        { wire, from: wire.was.to, to: wire.to, other: wire.from },
      ].filter(({ from, to }) => from !== to)
    : []

/** Ends that go to C are joined before the capacitor is read; those on a section land after it, or they would be read with it. */
export function moveSteps(
  request: HookupRequest,
  answer: HookupAnswer,
): { readonly joins: FitStep[]; readonly lands: FitStep[] } {
  const ends = answer.unitWires.flatMap(movedEnds)
  const step = (kind: 'join' | 'land', end: MovedEnd): FitStep => ({
    id: cutText(`move-${end.wire.id}-${end.from}`, 60),
    kind,
    text: `${capital(wireName(request, end.wire.id))} from ${placeName(request.unit, answer.can, end.other)}: off ${oldPlaceName(request.unit, end.from)}, on ${placeName(request.unit, answer.can, end.to)}.`,
    why: end.to === NEW_C ? 'All that was on the old C goes to the new C.' : 'It serves the same load there.',
    acts: [{ kind: 'move', wire: end.wire.id, from: end.from, to: end.to }],
  })
  return {
    joins: ends.filter(({ to }) => to === NEW_C).map((end) => step('join', end)),
    lands: ends.filter(({ to }) => to !== NEW_C).map((end) => step('land', end)),
  }
}

/** "the red wire", or "the wire" where no colour is on record. */
function wireName({ wires }: HookupRequest, id: string): string {
  const colour = wires.find((w) => w.id === id)?.segments.at(-1)
  return colour ? `the ${insulationName(colour)} wire` : 'the wire'
}

/** Wires that only the old capacitor needed. */
export function removeSteps(request: HookupRequest, { unitWires }: HookupAnswer): FitStep[] {
  const gone = request.wires.filter((w) => !goesToMotor(w) && !unitWires.some((kept) => kept.id === w.id))
  return gone.map((wire: NamedWire) => ({
    id: cutText(`remove-${wire.id}`, 60),
    kind: 'safe',
    text: `${capital(wireName(request, wire.id))} from ${oldPlaceName(request.unit, wire.from)} to ${oldPlaceName(request.unit, wire.to)}: out.`,
    why: 'Only the old capacitor needed it.',
    acts: [{ kind: 'remove', wire: wire.id }],
  }))
}

/** Ties and jumpers between outputs that the old hookup did not have. */
export const addedSteps = ({ unit }: HookupRequest, { added, can }: HookupAnswer): FitStep[] =>
  added.map((wire) => ({
    id: cutText(`add-${wire.from}-${wire.to}`, 60),
    kind: 'join',
    text: `A new wire from ${placeName(unit, can, wire.from)} to ${placeName(unit, can, wire.to)}.`,
    why:
      wire.from === NEW_C || wire.to === NEW_C
        ? 'It ties the capacitor to run’s line, which no lead of this motor does.'
        : `${postName(unit, wire.to)} has no tap of its own, and shares this one.`,
    acts: [{ kind: 'add', wire }],
  }))
