// The outputs of a board that a blower's taps serve: which had a lead, in which modes each is called, how much air it wants.
import type { SpeedName } from '../motor/lead-sheet'
import { modesOfOutput, postName, type ModeId, type PostId, type UnitType } from './unit-type'
import { goesToMotor, type NamedWire } from './wire'

/** How much air a mode wants, most first. Common practice, no source. */
export const WANTS: readonly ModeId[] = ['high', 'cooling', 'medium', 'heating', 'low', 'circulation']
/** Speeds, the fastest first. */
export const SPEED_ORDER: readonly SpeedName[] = ['high', 'medium-high', 'medium', 'medium-low', 'low']

/** An output with a lead. */
export interface Output {
  readonly id: PostId
  readonly name: string
  readonly modes: readonly string[]
  /** Place in WANTS of the mode that wants most. */
  readonly wants: number
  /** Which speed the old motor ran it at, by its label; null: not on record. */
  readonly old: SpeedName | null
}

/** Outputs that had a lead of the old motor and are called in some mode, the one that wants most air first. */
export function outputsInUse(unit: UnitType, wires: readonly NamedWire[]): Output[] {
  return unit.posts
    .filter(
      (post) => post.kind === 'output' && wires.some((wire) => goesToMotor(wire) && wire.from === post.id),
    )
    .map(({ id }): Output => {
      const called = unit.modes.filter(
        (mode) => unit.switches.some((s) => s.to === id && s.closedIn.includes(mode.id)) && mode.fanRuns,
      )
      return {
        id,
        name: postName(unit, id),
        modes: modesOfOutput(unit, id),
        wants: Math.min(...called.map((mode) => WANTS.indexOf(mode.id)), WANTS.length),
        old: wires.find((wire) => goesToMotor(wire) && wire.from === id && wire.speed)?.speed ?? null,
      }
    })
    .filter((output) => output.modes.length > 0)
    .sort((a, b) => a.wants - b.wants)
}
