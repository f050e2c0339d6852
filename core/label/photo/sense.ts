// Which figures a plate may have: what was misread is seldom one of these. None of this is said of a plate that a person typed.
import type { PieceKind } from '../piece'
import { STANDARD_HORSEPOWER } from '../../motor/horsepower'
import { polesOf, slipOf } from '../../motor/speed'
import { TRADE_CAPACITOR_VOLTS, TRADE_MICROFARADS } from '../../capacitor/marking'

/** Supply voltages as plates print them, V. Common practice, no source. */
const SUPPLY_VOLTS = new Set([
  24, 110, 115, 120, 127, 200, 208, 220, 230, 240, 265, 277, 380, 400, 415, 460, 480, 575, 600,
])
/** Nameplate powers of fan motors, hp: the standard ones, and what else plates print. Common practice, no source. */
const POWERS: ReadonlySet<string> = new Set([
  ...STANDARD_HORSEPOWER,
  ...'1/40 1/7 2/5 3/5 1.5 2 3 5 7.5 0.25 0.33 0.5 0.75'.split(' '),
  '1 1/2',
])
/** Standard fuses and breakers, A: NEC 240.6(A), from memory. */
const FUSES = new Set([15, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 110, 125, 150, 175, 200])
const TOLERANCES = new Set([5, 6, 10])
const FRAMES = /^(11|21|29|33|36|39|42|44|48|56|143|145|182|184)(?:[A-Z]?Z?|T[A-Z]|J[MP])$/
/** Voltages that plates give together, as one range or as two ways to join: common practice, no source. */
const VOLT_PAIRS = new Set([
  ...['208 230', '208 240', '220 240', '200 240', '115 230', '120 240', '110 220', '230 460', '208 460'],
  ...['240 480', '380 415', '460 575', '115 208', '115 208 230', '208 230 460', '110 120', '265 277'],
])

/** A fan motor runs within these shares below a synchronous speed of 60 Hz or 50 Hz. Common practice, no source. */
const LEAST_SLIP = 0.025
/** Nearly every speed lies within 0.3 of one of both mains; what is for 50 Hz is taken only near its own. */
const MOST_SLIP = { 60: 0.3, 50: 0.15 }
const slips = (rpm: number): boolean =>
  ([60, 50] as const).some((hertz) => {
    const poles = polesOf(rpm, hertz)
    const slip = poles === null ? NaN : slipOf(rpm, poles, hertz)
    return slip >= LEAST_SLIP && slip <= MOST_SLIP[hertz]
  })

const within = (low: number, high: number) => (value: number) => value >= low && value <= high
const all =
  (test: (value: number) => boolean) =>
  (figures: readonly string[]): boolean =>
    // "04" has lost its point.
    figures.length > 0 && figures.every((f) => !/^0\d/.test(f) && test(Number(f)))

function voltsMakeSense(figures: readonly string[]): boolean {
  const values = figures.map(Number)
  if (!values.every((x) => SUPPLY_VOLTS.has(x))) return false
  return values.length === 1 || VOLT_PAIRS.has([...values].sort((a, b) => a - b).join(' '))
}

/** Amperes within these; ten and above are printed to a tenth at most. */
const allAmps =
  (most: number, least = 0.1) =>
  (figures: readonly string[]): boolean =>
    all(within(least, most))(figures) && !figures.some((f) => /\d\d\.\d\d/.test(f))

type Sense = (figures: readonly string[], text: string, words: readonly string[]) => boolean
const SENSE: Readonly<Partial<Record<PieceKind, Sense>>> = {
  volts: voltsMakeSense,
  hertz: all((x) => x === 50 || x === 60),
  phase: (figures, _, words) => words.length > 0 || all((x) => x === 1 || x === 3)(figures),
  horsepower: (figures) =>
    figures.length > 0 &&
    figures.every((f) => POWERS.has(f)) &&
    // "1-5" was a fraction.
    (figures.length === 1 || figures.every((f) => f.includes('/'))),
  // Plates round the speed to fives; below 600 and above 3600 no such motor runs on 60 Hz.
  rpm: all((x) => x >= 600 && x <= 3600 && x % 5 === 0 && slips(x)),
  // No fan motor takes more, and no plate gives hundredths of such amperes: a point was lost, or made.
  amps: allAmps(15),
  microfarads: (figures) => figures.length > 0,
  tolerance: all((x) => TOLERANCES.has(x)),
  poles: all((x) => [2, 4, 6, 8].includes(x)),
  speeds: all(within(1, 5)),
  'circuit-amps': allAmps(200, 2),
  'max-fuse': all((x) => FUSES.has(x)),
  'fan-amps': all(within(0.2, 9)),
  'compressor-amps': allAmps(150, 1),
  'locked-rotor-amps': all(within(5, 900)),
  frame: (_figures, _text, words) => FRAMES.test(words[0] ?? ''),
}

/** Whether a plate may say this. What has no rule may always. */
export const makesSense = (
  kind: PieceKind,
  figures: readonly string[],
  text: string,
  words: readonly string[],
) => SENSE[kind]?.(figures, text, words) ?? true

/** A fan motor asks for this many µF at most. Common practice, no source. */
export const MOST_FAN_MICROFARADS = 25
/** A value, µF, that run capacitors are sold in. */
export const isTradeMicrofarads = (value: number): boolean => TRADE_MICROFARADS.includes(value)
/** A rating, V, that motor capacitors have. */
export const isCapacitorVolts = (value: number): boolean => TRADE_CAPACITOR_VOLTS.includes(value)

/** A compressor's side and a fan's, µF. Common practice, no source. */
export const isDual = (compressor: number, fan: number): boolean =>
  compressor >= 15 && fan <= 12.5 && compressor > fan

/** A start capacitor's upper end is 1.2 times its lower one, of small ones rounded further. Common practice, no source. */
export const isStartRange = (low: number, high: number): boolean =>
  low >= 21 && high <= 1000 && Math.abs(high / low - 1.2) <= (low < 100 ? 0.05 : 0.015)
