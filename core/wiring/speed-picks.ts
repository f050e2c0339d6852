// Which tap each output gets: by choice, as the old motor had it, or by the air it wants.
import type { SpeedChoice, SpeedName } from '../motor/lead-sheet'
import { at } from '../quantity/at'
import { SPEED_ORDER, WANTS, type Output } from './speed-outputs'
import type { PostId, UnitType } from './unit-type'

/** An output with the index of its tap, the fastest being 0; null: none can serve it. */
export interface Picked {
  readonly output: Output
  readonly tap: number | null
  /** By the technician. */
  readonly chosen: boolean
}

/** The outputs, the taps from the fastest, and what was chosen. */
export interface Picking {
  readonly outputs: readonly Output[]
  readonly taps: readonly SpeedChoice[]
  readonly choices: Readonly<Record<PostId, SpeedName>>
}

/** What was chosen stands; every other output keeps the speed it had, or the nearest that is free; the rest take what is proposed. */
export function pick(unit: UnitType, { outputs, taps, choices }: Picking): Picked[] {
  const tapOf = (speed: SpeedName | undefined) => taps.findIndex((t) => t.speed === speed)
  const proposed = propose(unit, outputs, taps.length)
  const kept = keepOld(unit, { outputs, taps, choices })
  return outputs.map((output, i) => {
    const chosen = tapOf(choices[output.id])
    const tap = chosen >= 0 ? chosen : kept ? (kept.get(output.id) ?? null) : (proposed[i] ?? null)
    return { output, tap, chosen: chosen >= 0 }
  })
}

/** null: no old speed is on record. What was chosen is not avoided: where it clashes, that is said. */
function keepOld(unit: UnitType, { outputs, taps, choices }: Picking): ReadonlyMap<PostId, number> | null {
  const open = outputs.filter(({ id }) => !taps.some((t) => t.speed === choices[id]))
  if (!open.some((o) => o.old !== null)) return null
  const proposed = propose(unit, outputs, taps.length)
  const taken = new Map<PostId, number>()
  const usersOf = (tap: number) => [...taken].filter(([, t]) => t === tap).map(([id]) => id)
  const take = ({ id }: Output, wanted: number | null) => {
    if (wanted === null || taken.has(id)) return
    // A slower one before a faster one of the same distance: the air that is missing shows at start-up.
    const near = taps.map((_, i) => i).sort((a, b) => Math.abs(a - wanted) - Math.abs(b - wanted) || b - a)
    const tap =
      near.find((t) => usersOf(t).length === 0) ?? near.find((t) => mayShare(unit, [id, ...usersOf(t)]))
    taken.set(id, tap ?? wanted)
  }
  const same = (old: SpeedName | null) => taps.findIndex((t) => t.speed === old)
  // Exactly the old speed first, so that no nearest one takes it away; two that shared a tap go on sharing it.
  for (const { id, old } of open) if (same(old) >= 0) taken.set(id, same(old))
  for (const output of open) if (output.old !== null) take(output, slowerOrLast(taps, output.old))
  for (const output of open) take(output, proposed[outputs.indexOf(output)] ?? null)
  return taken
}

/** The tap of the next slower speed, else the slowest; null: there is none at all. */
function slowerOrLast(taps: readonly SpeedChoice[], old: SpeedName): number | null {
  const index = taps.findIndex((t) => SPEED_ORDER.indexOf(t.speed) >= SPEED_ORDER.indexOf(old))
  if (taps.length === 0) return null
  return index >= 0 ? index : taps.length - 1
}

/**
 * Index of a tap for each output, highest first. With taps enough they are spread from highest to lowest; with too few, the outputs
 * that want least share first, where the unit allows it.
 */
function propose(unit: UnitType, outputs: readonly Output[], taps: number): (number | null)[] {
  const n = outputs.length
  if (taps === 0) return outputs.map(() => null)
  if (n === 1) return [outputs[0] && outputs[0].wants <= WANTS.indexOf('cooling') ? 0 : Math.floor(taps / 2)]
  if (taps >= n) return outputs.map((_, i) => Math.round((i * (taps - 1)) / (n - 1)))
  const groups = outputs.map((output) => [output])
  for (let i = groups.length - 1; groups.length > taps && i > 0; i--) {
    const [above, here] = [at(groups, i - 1), at(groups, i)]
    if (
      !mayShare(
        unit,
        [...above, ...here].map((o) => o.id),
      )
    )
      continue
    groups.splice(i - 1, 2, [...above, ...here])
  }
  return outputs.map((output) => {
    const group = groups.findIndex((g) => g.includes(output))
    return group < taps ? group : null
  })
}

/** May one tap serve all of these, by jumpers between them? */
export const mayShare = (unit: UnitType, outputs: readonly PostId[]): boolean =>
  outputs.length < 2 || unit.outputsMayShare.some((group) => outputs.every((id) => group.includes(id)))
