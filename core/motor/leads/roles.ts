// What each lead is, from the tree: the point between both windings is motor common; of the two ends the auxiliary's has more ohms (textbook).
import { first, known } from '../../quantity/at'
import type { WireRole } from '../role'
import { armOf, chained, tappedMain, type Arm } from './chains'
import { surelyLess, text, twinRole, type LeadRoleFinding, type RoleContext } from './finding'
import { neighboursOf, type Tree } from './tree'

/** Ends whose ohms differ by less than this share are too alike to tell run from start. Our judgement. */
const ALIKE = 0.08

/** Roles from the trees of windings, for each lead with how sure that is and why. */
export function rolesOf(
  trees: readonly Tree[],
  leadsAt: (point: string) => readonly string[],
  context: RoleContext,
): LeadRoleFinding[] {
  const windings = trees.filter((tree) => tree.points.length > 1)
  const [one, two] = [...windings].sort((a, b) => b.points.length - a.points.length)
  const found =
    one && windings.length === 1
      ? oneTree(one, leadsAt, context)
      : one && two && windings.length === 2 && two.points.length === 2
        ? apart([one, two], leadsAt, context)
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

function oneTree(
  tree: Tree,
  leadsAt: (point: string) => readonly string[],
  context: RoleContext,
): LeadRoleFinding[] {
  const joints = tree.points.filter((point) => neighboursOf(tree, point).length > 2)
  const [joint] = joints
  if (joint)
    return joints.length === 1 && neighboursOf(tree, joint).length === 3
      ? tapped(tree, joint, leadsAt, context)
      : []
  if (tree.points.length === 3) return threePoints(tree, leadsAt, context)
  return tree.points.length > 3 ? chained(tree, leadsAt, context) : []
}

/** Motor common between run and start. */
function threePoints(
  tree: Tree,
  leadsAt: (point: string) => readonly string[],
  { fan, meter }: RoleContext,
): LeadRoleFinding[] {
  const common = known(
    tree.points.find((point) => neighboursOf(tree, point).length === 2),
    'The point',
  )
  const [low, high] = [...neighboursOf(tree, common)].sort((a, b) => a.ohms - b.ohms) as [
    { point: string; ohms: number },
    { point: string; ohms: number },
  ]
  const alike = high.ohms - low.ohms < ALIKE * high.ohms
  // Told apart for certain only where the meter could not show the one as the other.
  const endsApart = surelyLess(low.ohms, high.ohms, meter)
  const jointApart = surelyLess(high.ohms, low.ohms + high.ohms, meter)
  const ends = `${text(low.ohms)} Ω to one end, ${text(high.ohms)} Ω to the other`
  const twins = fan === 'blower' ? 'line and a capacitor lead' : 'run and run-return'
  const end = (role: WireRole, point: string): LeadRoleFinding[] =>
    leadsAt(point).map((lead, i) => {
      const isLess = point === low.point
      const isTwin = isLess && leadsAt(point).length > 1
      if (alike)
        return {
          lead,
          role: null,
          confidence: 'cannotTell',
          why: `Both ends read alike (${ends}): which is start cannot be told. The capacitor’s lead is start.`,
        }
      return {
        lead,
        role: twinRole(role, i),
        confidence: endsApart && jointApart ? 'certain' : 'likely',
        why: `${isLess ? 'The end of fewer ohms' : 'The end of more ohms'} (${ends}).${isTwin ? ` Two leads are this one point: ${twins}, either way round.` : ''}`,
      }
    })
  const jointRole: WireRole = fan === 'blower' ? 'speed' : 'motor-common'
  return [
    ...leadsAt(common).map((lead): LeadRoleFinding => ({
      lead,
      role: jointRole,
      confidence: alike || !jointApart ? 'likely' : 'certain',
      why: `The other two add up through it: ${text(low.ohms)} + ${text(high.ohms)} = ${text(low.ohms + high.ohms)} Ω.`,
    })),
    ...end(fan === 'blower' ? 'line' : 'run', low.point),
    ...end(fan === 'blower' ? 'capacitor' : 'start', high.point),
  ]
}

/** A joint with three ways: to run (line), to the auxiliary's end, and along the taps. Which is which is custom, not proof. */
function tapped(
  tree: Tree,
  joint: string,
  leadsAt: (point: string) => readonly string[],
  { fan, meter }: RoleContext,
): LeadRoleFinding[] {
  const arms = neighboursOf(tree, joint).map((first) => armOf(tree, joint, first.point))
  const chain = first([...arms].sort((a, b) => b.points.length - a.points.length || a.ohms - b.ohms))
  const [low, high] = arms.filter((arm) => arm !== chain).sort((a, b) => a.ohms - b.ohms) as [Arm, Arm]
  // Taps on two ways, or ends that read alike: custom does not say which is which.
  if (low.points.length > 1 || high.points.length > 1 || !surelyLess(low.ohms, high.ohms, meter)) return []
  if (chain.points.length === 1 && !surelyLess(chain.ohms, low.ohms, meter)) return []
  const [line, end, tap]: WireRole[] =
    fan === 'blower' ? ['line', 'capacitor', 'speed'] : ['run', 'start', 'motor-common']
  const name = (point: string, role: WireRole | undefined, why: string): LeadRoleFinding[] =>
    leadsAt(point).map((lead, i) => ({
      lead,
      role: twinRole(role, i),
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

/** Windings that meet only in the plug or outside, one of them perhaps tapped: no fault. */
function apart(
  [one, two]: readonly [Tree, Tree],
  leadsAt: (point: string) => readonly string[],
  { fan, meter }: RoleContext,
): LeadRoleFinding[] {
  const total = (tree: Tree) => tree.edges.reduce((sum, e) => sum + e.ohms, 0)
  const end = (tree: Tree, which: string): LeadRoleFinding[] =>
    tree.points.flatMap(leadsAt).map((lead) => ({
      lead,
      role: null,
      confidence: 'cannotTell',
      why: `An end of ${which} (${text(total(tree))} Ω), which stands by itself: the windings meet in the plug.`,
    }))
  if (one.points.length > 2)
    return [...tappedMain(one, leadsAt, { fan, meter }), ...end(two, 'the auxiliary winding')]
  const [low, high] = total(one) <= total(two) ? [one, two] : [two, one]
  if (!surelyLess(total(low), total(high), meter))
    return [...end(low, 'a winding'), ...end(high, 'a winding')].map((found) => ({
      ...found,
      why: `${found.why} Both read alike: which is the main one cannot be told.`,
    }))
  return [...end(low, 'the main winding'), ...end(high, 'the auxiliary winding')]
}
