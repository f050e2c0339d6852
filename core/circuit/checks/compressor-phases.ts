// A compressor on three phases beside the fan: each of its posts on a line of its own with the contactor closed, and none of them live with
// it open. Its order of lines is its direction, and nothing of it is to be moved for a fan's sake.
import { known } from '../../quantity/at'
import { listed } from '../../quantity/display'
import { postOf, type UnitType } from '../../wiring/unit-type'
import { stop, type Hazard } from '../hazard'
import { compressorPhases } from '../../wiring/compressor-posts'
import { isLine } from '../potential'
import type { ProofView } from '../view'
import { contactorClosed } from './contactor'

/** Nothing is said of a unit without one, nor of a record that leaves its wires out. */
export function checkCompressorPhases(view: ProofView): Hazard[] {
  const { unit, unitWires } = view.hookup
  const posts = compressorPhases(unit)
  if (!unitWires.some(({ from, to }) => posts.includes(from) || posts.includes(to))) return []
  const lines = (mode: UnitType['modes'][number]) =>
    posts.map((post) => ({
      label: postOf(unit, post)?.label ?? post,
      line: known(view.modes.get(mode.id), 'The mode copper').sources(post).find(isLine) ?? null,
    }))
  const closed = unit.modes.filter(({ id }) => contactorClosed(unit, id))
  const open = unit.modes.filter(({ id }) => !contactorClosed(unit, id))
  const unfed = closed.filter(
    (mode) => new Set(lines(mode).map(({ line }) => line)).size < 3 || hasDead(lines(mode)),
  )
  const live = open.filter((mode) => lines(mode).some(({ line }) => line !== null))
  return [
    ...(unfed[0]
      ? [
          notFed(
            unfed.map((m) => m.name),
            unfed.map((m) => m.id),
            lines(unfed[0]),
          ),
        ]
      : []),
    ...(live[0]
      ? [
          stop(
            'compressor-always-fed',
            `A post of the compressor stays on a line in ${listed(live.map((m) => m.name))}, with the contactor open: its wire is on the supply side.`,
            [],
            live.map((m) => m.id),
          ),
        ]
      : []),
  ]
}

/** What one of its posts is on. */
type FedPost = { readonly label: string; readonly line: string | null }

const hasDead = (lines: readonly FedPost[]): boolean => lines.some(({ line }) => line === null)

function notFed(names: readonly string[], modes: Hazard['modes'], lines: readonly FedPost[]): Hazard {
  const dead = lines.filter(({ line }) => line === null).map(({ label }) => label)
  const why =
    dead.length > 0
      ? `its ${listed(dead)} ${dead.length > 1 ? 'have' : 'has'} no line`
      : 'two of its posts are on one line'
  return stop(
    'compressor-not-fed',
    `The compressor does not get three phases in ${listed(names)}: ${why}.`,
    [],
    modes,
  )
}
