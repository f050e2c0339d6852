// The short test of the first seconds: what to do when it turns backwards, for this very lead sheet, or does not run as it should.
import type { LeadSheet, RotationChoice } from '../motor/lead-sheet'
import type { LeadId } from '../motor/lead-id'
import type { Direction } from '../rotation/view'
import type { Placement } from '../wiring/placement'
import { judgeTrouble, type FirstPower, type PoweredHookup, type TroubleAnswer } from './first-power'

/** What the direction test says, and what to do about it. */
export interface DirectionAnswer {
  /** `trouble`: it does not run as it should, whichever way. */
  readonly verdict: 'right' | 'change-plug' | 'exchange-leads' | 'look-for-cause' | 'not-tested' | 'trouble'
  readonly text: string
  /** The plug, lead by lead: what to part and what to join; empty where nothing is to be changed. */
  readonly steps: readonly string[]
  /** What to look at, in order, where the plug is as it should be. */
  readonly causes: readonly string[]
  readonly next: TroubleAnswer['next']
  /** Two leads of a motor on three phases, each with the place of the other; empty: it is no matter of that. */
  readonly exchange: readonly { readonly lead: LeadId; readonly to: Placement }[]
}

/** What was seen of the first seconds, and how the plug is set. */
export interface DirectionTest {
  readonly turned: FirstPower | null
  readonly sheet: Pick<LeadSheet, 'name' | 'settings' | 'capacitor'>
  /** How the plug is set, and what the wanted rotation asks for; null: not stated. */
  readonly set: Direction
  readonly advised: Direction | null
  readonly on: PoweredHookup
}

const NO_STEPS: Pick<DirectionAnswer, 'steps' | 'causes' | 'next' | 'exchange'> = {
  steps: [],
  causes: [],
  next: null,
  exchange: [],
}

/** Three phases turn the other way when any two of the motor's leads change places (textbook): nothing else is touched. null: it has one phase. */
function exchangeLeads({ phases: [a, b] }: PoweredHookup): DirectionAnswer | null {
  if (!a || !b) return null
  return {
    ...NO_STEPS,
    verdict: 'exchange-leads',
    text: 'Backwards: its three lines come in the other order. Power off and proven dead, then:',
    steps: [
      `Exchange ${a.place} and ${b.place}.`,
      'Two of the motor’s own leads only: two incoming lines or two of the compressor’s exchanged turn the compressor backward, and that harms it.',
    ],
    exchange: [
      { lead: a.lead, to: b.goes },
      { lead: b.lead, to: a.goes },
    ],
  }
}

/** The order of causes is common practice, no source: seen from, wiring, capacitor, motor. */
export function judgeDirection({ turned, sheet, set, advised, on }: DirectionTest): DirectionAnswer {
  if (turned === null)
    return {
      verdict: 'not-tested',
      // Air at the register proves nothing about a forward-curved wheel.
      text: `Power for two seconds and look ${on.blower ? 'at the wheel itself: air at the register proves nothing' : 'which way it turns'}.`,
      ...NO_STEPS,
    }
  if (turned === 'right') return { verdict: 'right', text: 'It turns the right way.', ...NO_STEPS }
  if (turned !== 'backwards') return { verdict: 'trouble', ...NO_STEPS, ...judgeTrouble(turned, on) }
  const exchange = exchangeLeads(on)
  if (exchange) return exchange
  const choices = sheet.settings.rotation
  const now = choices.find((c) => c.direction === set)
  const other = choices.find((c) => c.direction !== set)
  if (advised !== null && advised !== set && now && other)
    return {
      verdict: 'change-plug',
      text: `Backwards: the plug is set ${set}, and ${advised} is wanted. Power off and proven dead, then:`,
      ...NO_STEPS,
      steps: plugSteps(now, other),
    }
  const causes = [
    'Which end it was looked at from: CW from one end is CCW from the other.',
    'The wiring against the board: start on the fan’s section, run and motor common not exchanged.',
    ...(sheet.capacitor
      ? [
          'The capacitor: try a known-good one. With too little there is hardly any starting torque, and wind turns the blade.',
        ]
      : []),
    'The motor itself.',
  ]
  return {
    verdict: 'look-for-cause',
    text: `${backwardsText(set, advised, other !== undefined)} In this order, never the capacitor’s leads exchanged:`,
    causes,
    steps: now && other ? plugSteps(now, other) : [],
    next: 'board',
    exchange: [],
  }
}

/** Only what is so is said: a plug that there is not, or a direction that nobody asked for, is not set as wanted. */
function backwardsText(set: Direction, advised: Direction | null, reversible: boolean): string {
  if (!reversible) return `Backwards, and this motor turns ${set} only: it has no plug to change.`
  return advised === null
    ? `Backwards as set (${set}), and which way it must turn is not recorded: record it first.`
    : `Backwards though the plug is set as wanted (${set}).`
}

function plugSteps(now: RotationChoice, other: RotationChoice): string[] {
  const pairText = ([a, b]: readonly [string, string]) => `${a} from ${b}`
  const same = (x: readonly [string, string], y: readonly [string, string]) =>
    [...x].sort().join() === [...y].sort().join()
  return [
    ...now.join
      .filter((pair) => !other.join.some((o) => same(o, pair)))
      .map((pair) => `Part ${pairText(pair)}.`),
    ...other.join
      .filter((pair) => !now.join.some((o) => same(o, pair)))
      .map(([a, b]) => `Join ${a} to ${b}.`),
    ...other.open
      .filter((lead) => !now.open.includes(lead))
      .map((lead) => `Leave ${lead} open, capped by itself.`),
  ]
}
