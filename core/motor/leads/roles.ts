// What each lead is, from the tree: the point between both windings is motor common; of the two ends the auxiliary's has more ohms (textbook).
import { first, known } from '../../quantity/at'
import type { WireRole } from '../role'
import { neighboursOf, type Tree } from './tree'

/** `certain`: the tree allows nothing else for a motor of this shape. `likely`: by custom of such windings. `cannotTell`: not from resistance. */
export type Confidence = 'certain' | 'likely' | 'cannotTell'

/** What a lead is; role null: cannot tell. */
export interface LeadRoleFinding {
  readonly lead: string
  readonly role: WireRole | null
  readonly confidence: Confidence
  readonly why: string
}

/** Ends whose ohms differ by less than this share are too alike to tell run from start. Our judgement. */
const ALIKE = 0.08

/** Which kind of motor it is: what is usual differs. */
export type Fan = 'outdoor' | 'blower'

/** Roles from the trees of windings, for each lead with how sure that is and why. */
export function rolesOf(
  trees: readonly Tree[],
  leadsAt: (point: string) => readonly string[],
  fan: Fan,
): LeadRoleFinding[] {
  const windings = trees.filter((tree) => tree.points.length > 1)
  const found =
    windings.length === 1
      ? oneTree(first(windings), leadsAt, fan)
      : windings.length === 2 && windings.every((t) => t.points.length === 2)
        ? twoWindings(windings as [Tree, Tree], leadsAt)
        : []
  const named = new Set(found.map((f) => f.lead))
  const rest = trees
    .flatMap((tree) => tree.points)
    .flatMap(leadsAt)
    .filter((lead) => !named.has(lead))
  return [
    ...found,
    ...rest.map((lead): LeadRoleFinding => ({
      lead,
      role: null,
      confidence: 'cannotTell',
      why: 'Resistance alone does not say what it is.',
    })),
  ]
}

function oneTree(tree: Tree, leadsAt: (point: string) => readonly string[], fan: Fan): LeadRoleFinding[] {
  const joint = tree.points.find((point) => neighboursOf(tree, point).length === 3)
  if (tree.points.length === 3 && !joint) return threePoints(tree, leadsAt, fan)
  return joint ? tapped(tree, joint, leadsAt, fan) : []
}

/** Motor common between run and start. */
function threePoints(tree: Tree, leadsAt: (point: string) => readonly string[], fan: Fan): LeadRoleFinding[] {
  const common = known(
    tree.points.find((point) => neighboursOf(tree, point).length === 2),
    'The point',
  )
  const [low, high] = [...neighboursOf(tree, common)].sort((a, b) => a.ohms - b.ohms) as [
    { point: string; ohms: number },
    { point: string; ohms: number },
  ]
  const alike = high.ohms - low.ohms < ALIKE * high.ohms
  const ends = `${text(low.ohms)} Ω to one end, ${text(high.ohms)} Ω to the other`
  const end = (role: WireRole, point: string): LeadRoleFinding[] =>
    leadsAt(point).map((lead, i) => {
      const twin = leadsAt(point).length > 1
      if (alike)
        return {
          lead,
          role: null,
          confidence: 'cannotTell',
          why: `Both ends read alike (${ends}): which is start cannot be told. The capacitor’s lead is start.`,
        }
      return {
        lead,
        role: role === 'run' && i > 0 ? 'run-return' : role,
        confidence: 'certain',
        why: `${role === 'run' ? 'The end of fewer ohms' : 'The end of more ohms'} (${ends}).${twin && role === 'run' ? ' Two leads are this one point: run and run-return, either way round.' : ''}`,
      }
    })
  const jointRole: WireRole = fan === 'blower' ? 'speed' : 'motor-common'
  return [
    ...leadsAt(common).map((lead): LeadRoleFinding => ({
      lead,
      role: jointRole,
      confidence: alike ? 'likely' : 'certain',
      why: `The other two add up through it: ${text(low.ohms)} + ${text(high.ohms)} = ${text(low.ohms + high.ohms)} Ω.`,
    })),
    ...end(fan === 'blower' ? 'line' : 'run', low.point).map((f) =>
      fan === 'blower' && f.role === 'run-return' ? { ...f, role: 'capacitor' as const } : f,
    ),
    ...end(fan === 'blower' ? 'capacitor' : 'start', high.point),
  ]
}

/** A joint with three ways: to run (line), to the auxiliary's end, and along the taps. Which is which is custom, not proof. */
function tapped(
  tree: Tree,
  joint: string,
  leadsAt: (point: string) => readonly string[],
  fan: Fan,
): LeadRoleFinding[] {
  const arms = neighboursOf(tree, joint).map((first) => armOf(tree, joint, first.point))
  const chain = first([...arms].sort((a, b) => b.points.length - a.points.length || a.ohms - b.ohms))
  const [low, high] = arms.filter((arm) => arm !== chain).sort((a, b) => a.ohms - b.ohms) as [Arm, Arm]
  const [line, end, tap]: WireRole[] =
    fan === 'blower' ? ['line', 'capacitor', 'speed'] : ['run', 'start', 'motor-common']
  const name = (point: string, role: WireRole | undefined, why: string): LeadRoleFinding[] =>
    leadsAt(point).map((lead, i) => ({
      lead,
      role: i > 0 && role === 'run' ? 'run-return' : i > 0 && role === 'line' ? 'capacitor' : (role ?? null),
      confidence: 'likely',
      why,
    }))
  return [
    ...name(joint, tap, 'Where both windings and the taps meet: the highest speed or horsepower.'),
    ...chain.points.flatMap((point) =>
      name(point, tap, 'Further along the taps: more turns, a lower speed or horsepower.'),
    ),
    ...name(first(low.points), line, `The main winding’s end: ${text(low.ohms)} Ω from the joint.`),
    ...name(
      first(high.points),
      end,
      `The auxiliary winding’s end: ${text(high.ohms)} Ω from the joint, the most.`,
    ),
  ]
}

interface Arm {
  readonly points: readonly string[]
  readonly ohms: number
}

function armOf(tree: Tree, from: string, first: string): Arm {
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

/** Two windings that meet only in the plug or outside: no fault. */
function twoWindings(
  [one, two]: readonly [Tree, Tree],
  leadsAt: (point: string) => readonly string[],
): LeadRoleFinding[] {
  const ohms = (tree: Tree) => tree.edges[0]?.ohms ?? 0
  const main = ohms(one) <= ohms(two) ? one : two
  return [one, two].flatMap((tree) =>
    tree.points.flatMap(leadsAt).map((lead): LeadRoleFinding => ({
      lead,
      role: null,
      confidence: 'cannotTell',
      why: `An end of the ${tree === main ? 'main' : 'auxiliary'} winding (${text(ohms(tree))} Ω), which stands by itself: the windings meet in the plug.`,
    })),
  )
}

const text = (ohms: number): string => String(Math.round(ohms * 10) / 10)
