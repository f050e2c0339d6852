// How long a capacitor stays charged, and whether a resistor can take it down: before a hand goes near a post.
import { figure } from '../quantity/display'

/** Below this a charge is taken as safe to touch in the trade's tables, volts. Common practice, no source. */
export const SAFE_VOLTS = 50
/** Below this nothing is felt and no meter's ohms range is harmed, volts. Common practice, no source. */
export const DEAD_VOLTS = 10
/** A wirewound resistor takes this many times its rated watts for a few seconds. Usual short-time overload of such resistors, from memory. */
const SHORT_TIME_OVERLOAD = 5
/** Waiting longer than this with a probe in the hand ends in not waiting, seconds. Common practice, no source. */
const LONGEST_WAIT_SECONDS = 60
/** A peak current that pits the posts and startles the hand, amps. Common practice, no source. */
const LARGEST_PEAK_AMPS = 1

/** The highest charge the line can have left: the peak of the sine, V0 = sqrt(2) x Vrms (textbook). */
export const peakOf = (rmsVolts: number): number => Math.SQRT2 * rmsVolts

/** Seconds from `fromVolts` down to `toVolts` through R: t = R C ln(V0 / V) (textbook); 0 when already there. Ohms, µF, volts above 0. */
export function secondsTo(toVolts: number, fromVolts: number, ohms: number, microfarads: number): number {
  return fromVolts <= toVolts ? 0 : ohms * microfarads * 1e-6 * Math.log(fromVolts / toVolts)
}

/** Volts left after `seconds` through R: V = V0 exp(-t / RC) (textbook). */
export const voltsAfter = (seconds: number, fromVolts: number, ohms: number, microfarads: number): number =>
  fromVolts * Math.exp(-seconds / (ohms * microfarads * 1e-6))

/** The resistor a charge is taken down through. */
export interface Resistor {
  readonly ohms: number
  /** Rated watts, continuous. */
  readonly watts: number
}

/** What is charged, from what volts, through what. Sections are taken down one by one, each to C. */
export interface DischargeProblem {
  readonly sections: readonly { readonly id: string; readonly microfarads: number }[]
  /** The AC volts the capacitor ran at, or its rating when that is not known. */
  readonly volts: number
  readonly resistor: Resistor
  /** Since the resistor was put across; 0 when not stated. */
  readonly elapsedSeconds?: number
}

/** How long one section takes, s, and what the resistor gets from it: watts at first, joules in all. */
export interface SectionDischarge {
  readonly id: string
  readonly microfarads: number
  readonly secondsTo50: number
  readonly secondsTo10: number
  /** First instant: V0² / R, watts. */
  readonly peakWatts: number
  /** All that is stored, ½ C V0², joules; it ends in the resistor whatever its size. */
  readonly joules: number
  readonly voltsNow: number
}

/** The whole discharge, and whether this resistor is one for it. */
export interface Discharge {
  /** Peak volts the charge may start from. */
  readonly startVolts: number
  readonly sections: readonly SectionDischarge[]
  /** The longest of the sections' waits. */
  readonly secondsTo50: number
  readonly secondsTo10: number
  readonly resistor: { readonly verdict: 'fits' | 'too-small' | 'too-large'; readonly reason: string }
}

/** Works out the discharge of each section by itself: one is taken down after the other, each between its post and C. */
export function workOutDischarge({
  sections,
  volts,
  resistor,
  elapsedSeconds = 0,
}: DischargeProblem): Discharge {
  const startVolts = peakOf(volts)
  const { ohms } = resistor
  const rows = sections.map(({ id, microfarads }) => ({
    id,
    microfarads,
    secondsTo50: secondsTo(SAFE_VOLTS, startVolts, ohms, microfarads),
    secondsTo10: secondsTo(DEAD_VOLTS, startVolts, ohms, microfarads),
    peakWatts: startVolts ** 2 / ohms,
    joules: 0.5 * microfarads * 1e-6 * startVolts ** 2,
    voltsNow: voltsAfter(elapsedSeconds, startVolts, ohms, microfarads),
  }))
  const longest = (pick: (row: SectionDischarge) => number) => Math.max(0, ...rows.map(pick))
  const secondsTo10 = longest((r) => r.secondsTo10)
  return {
    startVolts,
    sections: rows,
    secondsTo50: longest((r) => r.secondsTo50),
    secondsTo10,
    resistor: judgeResistor(resistor, startVolts, secondsTo10),
  }
}

function judgeResistor(
  { ohms, watts }: Resistor,
  startVolts: number,
  secondsTo10: number,
): Discharge['resistor'] {
  const peakWatts = startVolts ** 2 / ohms
  const peakAmps = startVolts / ohms
  if (peakWatts > watts * SHORT_TIME_OVERLOAD)
    return {
      verdict: 'too-small',
      reason: `It would take ${round(peakWatts)} W at the first instant; ${round(watts)} W resistors stand about ${round(watts * SHORT_TIME_OVERLOAD)} W for so short a time. Take more ohms, or more watts.`,
    }
  if (peakAmps > LARGEST_PEAK_AMPS)
    return {
      verdict: 'too-small',
      reason: `It would let ${round(peakAmps)} A through at the first instant, which arcs at the posts. Take more ohms.`,
    }
  if (secondsTo10 > LONGEST_WAIT_SECONDS)
    return {
      verdict: 'too-large',
      reason: `It would take ${round(secondsTo10)} s to ${DEAD_VOLTS} V: too long to hold it there. Take fewer ohms; 20 kΩ, 5 W is usual.`,
    }
  return {
    verdict: 'fits',
    reason: `${round(peakWatts)} W at the first instant, down to ${DEAD_VOLTS} V in ${secondsTo10 < 1 ? 'under a second' : `${Math.ceil(secondsTo10)} s`}.`,
  }
}

const round = (value: number): string => figure(value, value >= 10 ? 0 : 2)
