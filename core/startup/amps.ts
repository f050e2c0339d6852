// Amps of a fan just started, against its nameplate and against what the solved circuit of the proof expects, with the meter's doubt.
import { known, at } from '../quantity/at'
import { capital, figure } from '../quantity/display'
import type { Interval } from '../quantity/interval'

/** Over the rating by more than this stops the job; less is watched. Common practice, no source. */
const CLEARLY_OVER_PERCENT = 10
/** Below this share of what is expected a motor runs unloaded. Our judgement. */
const UNLOADED_SHARE = 0.5
/** Inrush of a PSC motor over its running amps. Common practice, no source: about twice. */
const INRUSH = { low: 1.3, high: 4 } as const

/** Amps of one mode, A, with what they are held against. */
export interface AmpsReading {
  /** What it is of, such as "cooling". */
  readonly name: string
  /** The speed it ran at; null: it has one. */
  readonly speed: string | null
  /** What the meter leaves open, A. */
  readonly amps: Interval
  readonly rated: number
  /** Within which the proof's circuit expects it, A; null: not worked out. */
  readonly expected: Interval | null
  /** Of a blower: its door; null: it has none. */
  readonly door: 'open' | 'closed' | null
  /** Highest at the start, A; null: not caught. */
  readonly inrush: number | null
}

/** `cannotTell`: the limit lies inside the meter's interval. */
export type AmpsVerdict = 'fine' | 'watch' | 'stop' | 'cannotTell'
/** What the amps of one mode say. */
export interface AmpsAnswer {
  readonly name: string
  /** Surely over the rating, or so with the door off. */
  readonly over: boolean
  readonly verdict: AmpsVerdict
  readonly text: string
}

/** Running amps against the rating and what the proof expects, each with the meter's interval. */
export function judgeAmps(reading: AmpsReading): AmpsAnswer {
  const { name, amps, rated, expected, inrush } = reading
  const { verdict, text } = judged(reading)
  const read =
    amps.low === amps.high
      ? `${figure(amps.low)} A`
      : `${figure(amps.low)} to ${figure(amps.high)} A by this meter`
  const model =
    expected === null
      ? ''
      : ` The proof’s circuit expects ${figure(expected.low)} to ${figure(expected.high)} A.`
  const start = inrush === null ? null : inrushOf(inrush, amps)
  return {
    name,
    over: amps.low > rated,
    verdict: start?.slow && verdict === 'fine' ? 'watch' : verdict,
    text: `${capital(name)}: ${read}, rated ${figure(rated)} A. ${text}${model}${start?.text ?? ''}`,
  }
}

function judged({ amps, rated, expected, door }: AmpsReading): Pick<AmpsAnswer, 'verdict' | 'text'> {
  const share = figure((100 * amps.low) / rated - 100, 0)
  if (door === 'open' && amps.low > rated * DOOR_OFF)
    return {
      verdict: 'stop',
      text: `Over by ${share} % at least, more than a door that is off explains: stop it.`,
    }
  if (door === 'open' && amps.low > rated)
    return {
      verdict: 'cannotTell',
      text: 'With the door off it moves more air and draws more: close it and read again.',
    }
  if (amps.low > rated * (1 + CLEARLY_OVER_PERCENT / 100))
    return { verdict: 'stop', text: `Clearly over, by ${share} % at least: stop it.` }
  if (amps.low > rated)
    return expected !== null && amps.low <= expected.high
      ? {
          verdict: 'watch',
          text: 'A little above its plate, within what is expected of it here: read it again warm.',
        }
      : { verdict: 'watch', text: 'Slightly over: watch it as it warms up, and read again.' }
  if ((amps.low + amps.high) / 2 > rated)
    return {
      verdict: 'cannotTell',
      text: 'The rating lies inside the meter’s doubt: read again on a lower range, or with the lead twice through the clamp.',
    }
  if (expected !== null && amps.high < UNLOADED_SHARE * expected.low)
    return {
      verdict: 'watch',
      text: 'Far below what is expected: is the blade on its shaft, and is it moving air?',
    }
  return { verdict: 'fine', text: amps.high > rated ? 'At its rating.' : 'At or under its rating.' }
}

/** Over by more than this share a blower's missing door is no excuse. Our judgement. */
const DOOR_OFF = 1.3

function inrushOf(inrush: number, amps: Interval): { readonly slow: boolean; readonly text: string } {
  const ratio = inrush / ((amps.low + amps.high) / 2 || 1)
  const said = ` Inrush ${figure(inrush)} A, ${figure(ratio, 1)} times running`
  if (ratio > INRUSH.high)
    return { slow: true, text: `${said}: high; it is slow to start, look at the capacitor.` }
  return {
    slow: false,
    text: ratio < INRUSH.low ? `${said}: the meter was too slow to catch it.` : `${said}, as usual.`,
  }
}

/** Speeds from high to low: amps must fall with them; a pair that rises is crossed. */
export function crossedSpeeds(readings: readonly AmpsReading[], order: readonly string[]): string | null {
  const sorted = readings
    .filter((r) => r.speed !== null && order.includes(r.speed))
    .sort((a, b) => order.indexOf(known(a.speed, 'The speed')) - order.indexOf(known(b.speed, 'The speed')))
  for (let i = 1; i < sorted.length; i++) {
    const [faster, slower] = [at(sorted, i - 1), at(sorted, i)]
    if (faster.speed !== slower.speed && slower.amps.low > faster.amps.high)
      return `${capital(known(slower.speed, 'The speed'))} draws more than ${faster.speed}: their taps are crossed. Amps rise with speed.`
  }
  return null
}
