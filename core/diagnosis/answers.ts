// From meter readings to answers of the tests. A reading whose uncertainty lies on both sides of a limit answers nothing.
import { FRAME_OHMS } from '../motor/insulation'
import { CALL_MOST, judgeVolts } from '../supply/judge'
import { VOLTAGE_TOLERANCE } from '../supply/supply'
import { at } from '../quantity/at'
import { judgeBench } from '../capacitor/bench'
import type { CanMarking } from '../capacitor/marking'
import { DEFAULT_TOLERANCE_PERCENT } from '../capacitor/verdict'
import { measuredInterval, USUAL_ACCURACY, type Measurement } from '../meter/measurement'
import { figure, listed, ohmsText } from '../quantity/display'
import { fahrenheitOf } from '../quantity/temperature'
import type { Interval } from '../quantity/interval'

/** Where a reading is taken; the key under which a job keeps it. */
export const PROBES = [
  'volts-supply',
  'volts-call',
  'volts-motor',
  'volts-output',
  'amps-motor',
  'amps-low',
  'amps-medium',
  'amps-high',
  'microfarads-FAN',
  'microfarads-HERM',
  'ohms-common-run',
  'ohms-common-start',
  'ohms-run-start',
  'ohms-frame',
  'celsius-motor',
  'ohms-can-FAN',
  'ohms-can-HERM',
  'volts-compressor',
  'ohms-shell-C',
  'ohms-shell-R',
  'ohms-shell-S',
  'ohms-compressor-CR',
  'ohms-compressor-CS',
  'ohms-compressor-RS',
] as const
/** A place to read, such as "volts-motor". */
export type Probe = (typeof PROBES)[number]
/** What was read there. */
export type ProbeReading = Pick<Measurement, 'quantity' | 'value' | 'accuracy'>

/** What a reading is held against. */
export interface ReadingContext {
  /** Nominal volts of the unit. */
  readonly volts: number
  readonly marking: CanMarking | null
  /** What the motor's plate asks its capacitor to be, µF; null when it cannot be read. */
  readonly plateMicrofarads?: number | null
  /** What the compressor asks its capacitor to be, µF, by its plate or the unit's diagram; null when it cannot be read. */
  readonly compressorMicrofarads?: number | null
  /** Rated amps of the motor; null when its plate cannot be read. */
  readonly plateAmps: number | null
}

/** What a reading answers, in the model's terms and in words. */
export interface ReadingAnswer {
  readonly test: string
  /** null: the reading does not tell. */
  readonly answer: string | null
  readonly words: string
}

/** Below this there is no voltage, only what a meter picks up. Common practice, no source. */
const NO_VOLTS = 20
/** 24 V controls: pulled in reliably above, dead below. Common practice, no source. */
const CALL = { there: 18, none: 6 }
/** Lowest rated voltage of the class less 10 % (NEMA MG 1 allows ±10 %, from memory). */
const lowestGood = (nominal: number): number =>
  0.9 * (nominal >= 220 && nominal <= 245 ? 208 : nominal >= 110 && nominal <= 125 ? 115 : nominal)
/** A clamp reads next to nothing below this, A. Common practice, no source. */
const NO_AMPS = 0.08
/** Amps this far above the plate are over, percent; between the plate and this it is watched. Common practice, no source. */
const OVER_PERCENT = 10
/** A fan motor's winding is never below this, ohms. Common practice, no source. */
const NEAR_NOTHING_OHMS = 0.8
/** Across a capacitor, discharged: below this it is shorted inside, ohms. Common practice, no source. */
const SHORTED_OHMS = 5
/** Shell temperature: warm above, too hot to hold above, °C. Common practice, no source. */
const SHELL = { warm: 38, hot: 60 }

/** Every answer that the readings give, one a test. */
export function answersFrom(
  readings: Readonly<Partial<Record<Probe, ProbeReading>>>,
  context: ReadingContext,
): ReadingAnswer[] {
  const found: (ReadingAnswer | null)[] = [
    supplyVolts(readings['volts-supply'], context.volts),
    volts('motor-volts', readings['volts-motor'], context.volts),
    outputVolts(readings['volts-output'], context.volts),
    call(readings['volts-call']),
    microfarads('microfarads-fan', readings['microfarads-FAN'], context, 'fan'),
    microfarads('microfarads-compressor', readings['microfarads-HERM'], context, 'compressor'),
    windings(readings['ohms-common-run'], readings['ohms-common-start'], readings['ohms-run-start']),
    frame(readings['ohms-frame']),
    amps(readings['amps-motor'], context.plateAmps),
    speeds(readings['amps-low'], readings['amps-medium'], readings['amps-high']),
    shell(readings['celsius-motor']),
    canOhms('can-ohms-fan', readings['ohms-can-FAN']),
    ...compressorAnswers(readings, context),
  ]
  return found.filter((f): f is ReadingAnswer => f !== null)
}

/** The same readings of the compressor’s side, and those at its own posts. */
function compressorAnswers(
  readings: Readonly<Partial<Record<Probe, ProbeReading>>>,
  context: ReadingContext,
): (ReadingAnswer | null)[] {
  const [cr, cs, rs] = (['CR', 'CS', 'RS'] as const).map((pair) => readings[`ohms-compressor-${pair}`])
  const wound = windings(cr, cs, rs)
  return [
    microfarads('comp-microfarads', readings['microfarads-HERM'], context, 'compressor'),
    canOhms('can-ohms-compressor', readings['ohms-can-HERM']),
    volts('comp-volts', readings['volts-compressor'], context.volts),
    shellOf(readings),
    // All three OL: C is open and another winding too, or the leads of the meter are.
    wound && { ...wound, test: 'comp-ohms', answer: wound.answer === 'all-open' ? null : wound.answer },
  ]
}

/** Each post to the shell: one that is low condemns it, all that are good clear it. */
function shellOf(readings: Readonly<Partial<Record<Probe, ProbeReading>>>): ReadingAnswer | null {
  const read = (['C', 'R', 'S'] as const).flatMap((post) => {
    const reading = readings[`ohms-shell-${post}`]
    return reading
      ? [{ post, verdict: frame(reading)?.answer ?? null, text: `${post} ${shown(reading, 'Ω')}` }]
      : []
  })
  if (read.length === 0) return null
  const low = read.filter(({ verdict }) => verdict === 'low')
  const words = `${read.map(({ text }) => text).join(', ')}; a good one reads a megohm at least.`
  if (low.length > 0)
    return said(
      'comp-shell',
      'low',
      `${words} ${listed(low.map(({ post }) => post))} to the shell ${low.length === 1 ? 'is' : 'are'} low.`,
    )
  if (read.length < 3) return said('comp-shell', null, `${words} Read all three.`)
  return read.every(({ verdict }) => verdict === 'megohms')
    ? said('comp-shell', 'megohms', words)
    : said('comp-shell', null, `${words} Between good and low: read again with an insulation tester.`)
}

/** Ohms across a capacitor whose µF read OL. OL there too is open, or good and charged up already: the kick tells. */
function canOhms(test: string, reading: ProbeReading | undefined): ReadingAnswer | null {
  if (!reading) return null
  const isShort = reading.value !== 'OL' && range(reading).high < SHORTED_OHMS
  return said(
    test,
    isShort ? 'near-nothing' : null,
    isShort
      ? `${shown(reading, 'Ω')}: shorted. Replace it.`
      : `${shown(reading, 'Ω')}; shorted is below ${SHORTED_OHMS} Ω. Exchange the meter’s leads and watch: a good one kicks and climbs.`,
  )
}

const VOLTS_AT = [
  ['volts-supply', 'At the supply'],
  ['volts-motor', 'At the motor'],
  ['volts-output', 'At the output that is called'],
  ['volts-compressor', 'At the compressor'],
] as const

/** Volts that are more than they may be, in whole sentences: a danger whatever the fault is. */
export function tooHigh(readings: Readonly<Partial<Record<Probe, ProbeReading>>>, nominal: number): string[] {
  const lines = VOLTS_AT.flatMap(([probe, where]) => {
    const reading = readings[probe]
    const volts = reading && measuredInterval(reading)
    if (!volts) return []
    const { verdict, text } = judgeVolts(volts, { low: 0, high: nominal }, 'this unit’s supply')
    return verdict === 'high' ? [`${where}: ${text}`] : []
  })
  const onCall = readings['volts-call'] && measuredInterval(readings['volts-call'])
  return onCall && onCall.low > CALL_MOST
    ? [
        ...lines,
        `On the 24 V call: ${figure((onCall.low + onCall.high) / 2, 0)} V, ${CALL_MOST} V is the most. A line touches the 24 V side: switch off before it burns the transformer, the board or the thermostat.`,
      ]
    : lines
}

const said = (test: string, answer: string | null, words: string): ReadingAnswer => ({ test, answer, words })
const range = (reading: ProbeReading): Interval =>
  measuredInterval(reading) ?? { low: Infinity, high: Infinity }
function shown({ value }: ProbeReading, unit: string): string {
  if (value === 'OL') return 'OL'
  return unit === 'Ω' ? ohmsText(value) : `${figure(value)} ${unit}`
}

function volts(test: string, reading: ProbeReading | undefined, nominal: number): ReadingAnswer | null {
  if (!reading) return null
  const { low, high } = range(reading)
  const limit = lowestGood(nominal)
  const most = nominal * (1 + VOLTAGE_TOLERANCE)
  return said(
    test,
    voltsAnswer(low, high, { limit, most }),
    low > most
      ? `${shown(reading, 'V')}; right is ${figure(most, 0)} V at most.`
      : `${shown(reading, 'V')}; right is ${figure(limit, 0)} to ${figure(most, 0)} V.`,
  )
}

/** Too much is told by itself as well, and first: it is a danger (see tooHigh). */
function voltsAnswer(
  low: number,
  high: number,
  { limit, most }: { readonly limit: number; readonly most: number },
): 'none' | 'right' | 'low' | null {
  if (high < NO_VOLTS) return 'none'
  if (low >= limit && low <= most) return 'right'
  return high < limit && low >= NO_VOLTS ? 'low' : null
}

/** At the supply too much is a cause too: what the unit is fed with is wrong. */
function supplyVolts(reading: ProbeReading | undefined, nominal: number): ReadingAnswer | null {
  const found = volts('supply', reading, nominal)
  const isHigh = reading !== undefined && range(reading).low > nominal * (1 + VOLTAGE_TOLERANCE)
  return found && (isHigh ? { ...found, answer: 'high' } : found)
}

function outputVolts(reading: ProbeReading | undefined, nominal: number): ReadingAnswer | null {
  const found = volts('output-volts', reading, nominal)
  return found && { ...found, answer: found.answer === 'low' ? null : found.answer }
}

function call(reading: ProbeReading | undefined): ReadingAnswer | null {
  if (!reading) return null
  const { low, high } = range(reading)
  return said(
    'call',
    low >= CALL.there && low <= CALL_MOST ? 'there' : high < CALL.none ? 'none' : null,
    `${shown(reading, 'V')}; a 24 V call reads ${CALL.there} V at least.`,
  )
}

function microfarads(
  test: string,
  reading: ProbeReading | undefined,
  context: ReadingContext,
  side: 'fan' | 'compressor',
): ReadingAnswer | null {
  if (!reading) return null
  const { marked, asked } = wantedOf(context, side)
  const tolerancePercent = context.marking?.tolerancePercent ?? DEFAULT_TOLERANCE_PERCENT
  const { verdict, words } = judgeBench({
    reading: reading.value,
    meter: reading.accuracy ?? USUAL_ACCURACY.microfarads,
    ...(asked === null ? {} : { rating: { microfarads: asked, tolerancePercent } }),
  })
  const answer = verdict === 'in' || verdict === 'out' || verdict === 'open' ? verdict : null
  const marking = marked === null ? '' : `, marked ${figure(marked)}`
  const { asks, what } = ASKS[side]
  const plate = asked === null || asked === marked ? '' : `; ${asks} ${figure(asked)}`
  const judged = plate ? words.replace('its marking', what) : words
  return said(test, answer, `${shown(reading, 'µF')}${marking}${plate}. ${judged}`)
}

const ASKS = {
  fan: { asks: 'the motor’s plate asks for', what: 'what the plate asks for' },
  compressor: { asks: 'the compressor asks for', what: 'what the compressor asks for' },
} as const

/** What a side is marked, and what it must be: by the motor's or the compressor's plate, since one that reads its own marking may be the wrong one all the same. */
function wantedOf(
  { marking, plateMicrofarads = null, compressorMicrofarads = null }: ReadingContext,
  side: 'fan' | 'compressor',
): { readonly marked: number | null; readonly asked: number | null } {
  // Of a dual the smaller value is the fan's, by custom; a single marking is the fan's own.
  const values = [...(marking?.sections ?? [])].sort((a, b) => a - b)
  const marked = (side === 'fan' ? values[0] : values.length === 2 ? values[1] : undefined) ?? null
  const plate = side === 'fan' ? plateMicrofarads : compressorMicrofarads
  return { marked, asked: plate ?? marked }
}

/** Motor common to run, motor common to start, run to start. The first two add to the third (windings in series, textbook). */
function windings(
  commonRun?: ProbeReading,
  commonStart?: ProbeReading,
  runStart?: ProbeReading,
): ReadingAnswer | null {
  if (!commonRun || !commonStart || !runStart) return null
  const all = [commonRun, commonStart, runStart]
  const open = all.map((r) => r.value === 'OL')
  const words = `${shown(commonRun, 'Ω')}, ${shown(commonStart, 'Ω')}, ${shown(runStart, 'Ω')}.`
  if (open.every(Boolean))
    return said('ohms', 'all-open', `${words} All OL: the thermal cut-out or a broken motor common.`)
  if (open[0] && open[1])
    return said(
      'ohms',
      'common-open',
      `${words} Only run to start reads: motor common is open, which the thermal cut-out does too.`,
    )
  if (open.filter(Boolean).length === 2) return said('ohms', 'one-open', `${words} One winding is open.`)
  if (open.some(Boolean))
    return said('ohms', null, `${words} One pair OL and two that read cannot be: read it again.`)
  const [a, b, sum] = all.map(range) as [Interval, Interval, Interval]
  if ([a, b, sum].some((r) => r.high < NEAR_NOTHING_OHMS))
    return said('ohms', 'low', `${words} A winding reads near nothing.`)
  const adds = a.low + b.low <= sum.high && sum.low <= a.high + b.high
  return said(
    'ohms',
    adds ? 'adds-up' : null,
    adds
      ? `${words} The first two add to the third.`
      : `${words} The first two do not add to the third: find which lead is which, and read again.`,
  )
}

function frame(reading: ProbeReading | undefined): ReadingAnswer | null {
  if (!reading) return null
  const { low, high } = range(reading)
  return said(
    'ohms-frame',
    low >= FRAME_OHMS.good ? 'megohms' : high < FRAME_OHMS.grounded ? 'low' : null,
    `${shown(reading, 'Ω')}; a good one reads a megohm at least.`,
  )
}

function amps(reading: ProbeReading | undefined, plate: number | null): ReadingAnswer | null {
  if (!reading) return null
  const { low, high } = range(reading)
  if (high < NO_AMPS) return said('amps', 'zero', `${shown(reading, 'A')}: none.`)
  if (plate === null) return said('amps', null, `${shown(reading, 'A')}; the plate’s amps are not known.`)
  const over = plate * (1 + OVER_PERCENT / 100)
  const answer = high <= over && (reading.value as number) <= plate ? 'under' : low > over ? 'over' : null
  return said(
    'amps',
    answer,
    `${shown(reading, 'A')}, plate ${figure(plate)} A.${answer === null ? ' Slightly over, or too near to tell: watch it.' : ''}`,
  )
}

/** Amps rise with speed; the order in which they rise tells crossed taps. */
function speeds(low?: ProbeReading, medium?: ProbeReading, high?: ProbeReading): ReadingAnswer | null {
  if (!low || !high) return null
  const steps = [low, ...(medium ? [medium] : []), high]
  const words = `${steps.map((s) => shown(s, 'A')).join(', ')} from low to high.`
  const rises = steps.slice(1).map((step, i) => range(step).low > range(at(steps, i)).high)
  const falls = steps.slice(1).map((step, i) => range(step).high < range(at(steps, i)).low)
  if (falls.some(Boolean))
    return said('speed-amps', 'crossed', `${words} They fall where they should rise: the taps are crossed.`)
  if (rises.every(Boolean)) return said('speed-amps', 'rise', `${words} They rise with the selection.`)
  return said(
    'speed-amps',
    rises.some(Boolean) ? null : 'alike',
    `${words} ${rises.some(Boolean) ? 'Two are too near to tell apart.' : 'They are alike.'}`,
  )
}

function shell(reading: ProbeReading | undefined): ReadingAnswer | null {
  if (!reading || reading.value === 'OL') return null
  const { low, high } = range(reading)
  const words = `${figure(reading.value, 0)} °C (${figure(fahrenheitOf('C', reading.value), 0)} °F).`
  return said('heat', heatOf(low, high), words)
}

function heatOf(low: number, high: number): 'hot' | 'warm' | 'cold' | null {
  if (low >= SHELL.hot) return 'hot'
  if (high < SHELL.warm) return 'cold'
  return low >= SHELL.warm && high < SHELL.hot ? 'warm' : null
}
