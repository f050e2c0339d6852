// What its readings and looks say of the old capacitor as a whole: keep it, replace it, both sides when one failed, and what may stand in its place.
import { figure } from '../quantity/display'
import type { ToleranceVerdict } from './verdict'

export type SideVerdict = ToleranceVerdict | 'open' | 'over-range'

export interface OldCanSide {
  readonly load: string
  /** As marked, µF; null: not readable. */
  readonly microfarads: number | null
  /** null: not read. */
  readonly verdict: SideVerdict | null
}

export interface OldCanInput {
  /** The sides, in one case or in as many cases as sides. */
  readonly sides: readonly OldCanSide[]
  readonly oneCase: boolean
  /** Swollen, leaking or rusted through; null: not looked at. */
  readonly looksBad: boolean | null
  /** The fan’s motor is replaced. */
  readonly newMotor: boolean
}

export interface OldCanVerdict {
  readonly action: 'replace' | 'keep' | 'cannotTell'
  /** Loads whose side is to be replaced. */
  readonly replace: readonly string[]
  /** Loads whose side may stay when the technician allows it, by its reading. */
  readonly mayStay: readonly string[]
  readonly why: readonly string[]
  /** What may stand in its place, in words. */
  readonly exchange: string | null
}

const failed = ({ verdict }: OldCanSide): boolean =>
  verdict === 'out' || verdict === 'open' || verdict === 'over-range'

/** Common practice, no source: a new motor gets a new capacitor, a dual is replaced whole, looks condemn whatever it reads. */
export function judgeOldCan({ sides, oneCase, looksBad, newMotor }: OldCanInput): OldCanVerdict {
  const bad = sides.filter(failed)
  const good = sides.filter((s) => s.verdict === 'in')
  const unsure = sides.filter((s) => s.verdict === 'uncertain')
  const exchange = exchangeText(sides, oneCase)
  const names = (list: readonly OldCanSide[]) => list.map((s) => s.load).join(' and ')
  if (looksBad)
    return {
      action: 'replace',
      replace: sides.map((s) => s.load),
      mayStay: [],
      why: ['Swollen, leaking or rusted through: it is condemned whatever it reads.'],
      exchange,
    }
  const aged = newMotor ? sides.filter((s) => s.load === 'FAN') : []
  const condemned = oneCase && (bad.length > 0 || aged.length > 0) ? sides : [...new Set([...bad, ...aged])]
  const why = [
    ...(bad.length > 0 ? [`${names(bad)} has failed.`] : []),
    ...(oneCase && bad.length > 0 && good.length > 0
      ? [`${names(good)} still reads good, but shares its case, its age and its heat: replace both sides.`]
      : []),
    ...(newMotor ? ['A new fan motor gets a new capacitor, of the value on its own tag.'] : []),
    ...(unsure.length > 0
      ? [`${names(unsure)}: this meter cannot tell; a known-good one in its place does.`]
      : []),
  ]
  const mayStay =
    condemned.length > 0 ? good.filter((s) => !(newMotor && s.load === 'FAN')).map((s) => s.load) : []
  if (condemned.length > 0)
    return { action: 'replace', replace: condemned.map((s) => s.load), mayStay, why, exchange }
  if (unsure.length > 0 || good.length < sides.length)
    return {
      action: 'cannotTell',
      replace: [],
      mayStay: [],
      why: why.length > 0 ? why : [`${names(sides.filter((s) => s.verdict === null))}: not read yet.`],
      exchange,
    }
  return {
    action: 'keep',
    replace: [],
    mayStay: sides.map((s) => s.load),
    why: ['Every side reads inside its marking.'],
    exchange,
  }
}

/** A dual and two singles stand for each other: in both C's are one point. */
function exchangeText(sides: readonly OldCanSide[], oneCase: boolean): string | null {
  const [first, second] = sides
  if (!first || !second || sides.length !== 2 || first.microfarads === null || second.microfarads === null)
    return null
  const [a, b] = [figure(first.microfarads), figure(second.microfarads)]
  return oneCase
    ? `Two singles, ${a} and ${b} µF, stand for this dual: one post of each tied together is its C.`
    : `One dual ${a}/${b} stands for these two singles: everything from both C sides goes on its C.`
}
