// The first power after something was fitted: what the fan does in each mode that runs it, what its windings bear, and the µF that each load
// was given. What else is wrong with the unit is left out of it.
import { COMPRESSOR_LOAD, FAN_LOAD, NEW_C } from '../../wiring/new-can'
import { compressorPosts } from '../../wiring/compressor-posts'
import type { ModeId, PostId } from '../../wiring/unit-type'
import { microfaradsBetween } from '../electricity/meter'
import { runUnit } from '../electricity/running'
import { found, leadEnd, wireEnd } from '../electricity/stand'
import { builtAt } from '../electricity/unit-circuit'
import { alone, compressorMicrofarads } from '../unit/fitting'
import type { Pair, Truth } from '../unit/truth'
import { fanDoes, usedModes, type FanDoes } from './fan'

/** Windings that turn so many times the usual watts into heat are gone before a cut-out saves them. Our judgement. */
const BURNS = 8

/** What a load was given, µF; null: no capacitor is in its circuit. */
export interface Given {
  readonly load: typeof FAN_LOAD | typeof COMPRESSOR_LOAD
  readonly wanted: number
  readonly has: number | null
}

/** What came of it. */
export interface FirstPower {
  readonly modes: readonly { readonly mode: ModeId; readonly name: string; readonly does: FanDoes }[]
  readonly isBurnt: boolean
  readonly given: readonly Given[]
}

/** µF between two posts with every lead and wire off them. */
function between(truth: Truth, a: PostId | null, b: PostId | null): number | null {
  if (a === null || b === null || a === b || truth.can === null) return null
  const stand = {
    ...found(truth.unit, 'off'),
    disconnect: 'open' as const,
    lifted: [
      ...truth.sheet.leads.map(({ id }) => leadEnd(id)),
      ...truth.unitWires.map(({ id }) => wireEnd(id)),
    ],
  }
  const built = builtAt(truth, stand)
  const microfarads = microfaradsBetween({ built }, built.nodeOf(a), built.nodeOf(b))
  return microfarads !== null && microfarads > 0.01 ? microfarads : null
}

/** The posts that leads of a role are on. */
const postsOf = ({ sheet, placements }: Truth, role: string): PostId[] =>
  placements.flatMap(({ lead, goes }) =>
    goes.kind === 'post' && sheet.leads.some((l) => l.id === lead && l.role === role) ? [goes.post] : [],
  )

function givenTo(pair: Pair): Given[] {
  const { truth } = pair
  const wanted = truth.sheet.capacitor?.microfarads
  const across = postsOf(truth, 'capacitor')
  const [start = null] = postsOf(truth, 'start')
  const [a = null, b = null] = across.length > 1 ? across : [start, NEW_C]
  const side = compressorMicrofarads(pair)
  const posts = compressorPosts(truth.unit)
  const feed = truth.unitWires.find(({ from, to }) => posts && (from === posts.S || to === posts.S))
  const onCan = feed && posts ? (feed.from === posts.S ? feed.to : feed.from) : null
  return [
    ...(wanted === undefined ? [] : [{ load: FAN_LOAD, wanted, has: between(truth, a, b) } as const]),
    ...(side === null
      ? []
      : [{ load: COMPRESSOR_LOAD, wanted: side, has: between(truth, onCan, NEW_C) } as const]),
  ]
}

/** Of a unit as it was fitted. */
export function firstPower(pair: Pair): FirstPower {
  const clean = alone(pair)
  const { truth, usual = clean.healthy } = clean
  const modes = usedModes(clean.healthy)
  const watts = (of: Truth, mode: ModeId) => runUnit(of, found(of.unit, mode)).copperWatts
  return {
    modes: modes.map(({ id, name }) => ({ mode: id, name, does: fanDoes(clean, id) })),
    isBurnt: modes.some(({ id }) => watts(truth, id) > BURNS * Math.max(watts(usual, id), 1)),
    given: givenTo(pair),
  }
}
