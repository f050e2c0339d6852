// Windings in a row: a tapped main winding with its auxiliary at the line end, or beside an auxiliary of its own. Custom, not proof.
import { first, known, last } from '../../quantity/at'
import type { WireRole } from '../role'
import { surelyLess, text, twinRole, type LeadRoleFinding, type RoleContext } from './finding'
import { neighboursOf, type Tree } from './tree'

/** A chain: by custom the largest step is the auxiliary at one end, the next the main winding, the small ones the taps. */
export function chained(
  tree: Tree,
  leadsAt: (point: string) => readonly string[],
  { fan, meter }: RoleContext,
): LeadRoleFinding[] {
  const chain = stepsAlong(tree)
  const [auxiliary, main, ...taps] = chain.steps as [number, number, ...number[]]
  if (!surelyLess(main, auxiliary, meter) || !taps.every((tap) => surelyLess(tap, main, meter))) return []
  const [end, line, tap]: WireRole[] =
    fan === 'blower' ? ['capacitor', 'line', 'speed'] : ['start', 'run', 'motor-common']
  const name = (point: string, role: WireRole | undefined, why: string): LeadRoleFinding[] =>
    leadsAt(point).map((lead, i) => ({ lead, role: twinRole(role, i), confidence: 'likely', why }))
  const [first, second, ...rest] = chain.points as [string, string, ...string[]]
  return [
    ...name(
      first,
      end,
      `The end of the largest step (${text(auxiliary)} Ω), by custom the auxiliary winding.`,
    ),
    ...name(
      second,
      line,
      `Between the largest step and the next (${text(main)} Ω), by custom the main winding.`,
    ),
    ...rest.flatMap((point, i) =>
      name(
        point,
        tap,
        i === 0
          ? 'The main winding’s other end: by custom the highest speed or horsepower.'
          : 'Further along the taps: more turns, a lower speed or horsepower.',
      ),
    ),
  ]
}

/** The points of a chain and the ohms between each and the next, from the end whose step is larger. */
function stepsAlong(tree: Tree): { readonly points: string[]; readonly steps: number[] } {
  const start = known(
    tree.points.find((point) => neighboursOf(tree, point).length === 1),
    'The end of the chain',
  )
  const points = [start, ...armOf(tree, start, first(neighboursOf(tree, start)).point).points]
  const steps = points.slice(1).map(
    (point, i) =>
      known(
        neighboursOf(tree, point).find((n) => n.point === points[i]),
        'The step',
      ).ohms,
  )
  return first(steps) >= last(steps)
    ? { points, steps }
    : { points: points.reverse(), steps: steps.reverse() }
}

/** A chain beside an auxiliary of its own: by custom the largest step at one end is the main winding, the small ones the taps. */
export function tappedMain(
  tree: Tree,
  leadsAt: (point: string) => readonly string[],
  { fan, meter }: RoleContext,
): LeadRoleFinding[] {
  if (tree.points.some((point) => neighboursOf(tree, point).length > 2)) return []
  const { points, steps } = stepsAlong(tree)
  const [main, ...taps] = steps as [number, ...number[]]
  if (!taps.every((tap) => surelyLess(tap, main, meter))) return []
  const [line, tap]: WireRole[] = fan === 'blower' ? ['line', 'speed'] : ['run', 'motor-common']
  return points.flatMap((point, i) =>
    leadsAt(point).map((lead, twin) => ({
      lead,
      role: twinRole(i === 0 ? line : tap, twin),
      confidence: 'likely' as const,
      why:
        i === 0
          ? `The main winding’s end: the largest step (${text(main)} Ω), by custom.`
          : i === 1
            ? 'The main winding’s other end: by custom the highest speed or horsepower.'
            : 'Further along the taps: more turns, a lower speed or horsepower.',
    })),
  )
}

/** The points and ohms from a point outward. */
export interface Arm {
  readonly points: readonly string[]
  readonly ohms: number
}

/** Along one way out of a point, to its end. */
export function armOf(tree: Tree, from: string, first: string): Arm {
  const points = [first]
  let [before, at] = [from, first]
  let ohms = neighboursOf(tree, from).find((n) => n.point === first)?.ohms ?? 0
  for (;;) {
    const onward = neighboursOf(tree, at).find((n) => n.point !== before)
    if (!onward) return { points, ohms }
    ohms += onward.ohms
    before = at
    at = onward.point
    points.push(at)
  }
}
