// Everything read at start-up, each with its verdict, and the worst of them.
import { known } from '../quantity/at'
import { microfaradsFromReading, type CapacitorReadingResult } from '../capacitor/reading'
import type { MeterAccuracy } from '../quantity/interval'
import { crossedSpeeds, judgeAmps, type AmpsAnswer, type AmpsReading } from './amps'
import { judgeDirection, type DirectionAnswer, type DirectionTest } from './direction'
import { overAmpsCauses, type OverAmpsCause, type OverAmpsEvidence } from './over-amps'

/** Everything read and seen at start-up. */
export interface StartUpInput {
  readonly direction: DirectionTest
  readonly readings: readonly AmpsReading[]
  /** Speeds of the motor, high to low. */
  readonly speeds: readonly string[]
  readonly capacitor: {
    readonly amps: number
    readonly volts: number
    readonly hertz: number
    readonly microfarads: number
    readonly tolerancePercent: number
    readonly meter: { readonly amps: MeterAccuracy; readonly volts: MeterAccuracy }
  } | null
  readonly evidence: Omit<OverAmpsEvidence, 'capacitor'>
}

/** The verdict of the start, in one sentence and in parts. */
export interface StartUp {
  readonly verdict: 'fine' | 'watch' | 'stop' | 'cannotTell'
  readonly sentence: string
  readonly direction: DirectionAnswer
  readonly amps: readonly AmpsAnswer[]
  readonly crossed: string | null
  readonly capacitor: CapacitorReadingResult | null
  /** Only when a reading is over. */
  readonly causes: readonly OverAmpsCause[]
}

/** Direction, amps and speeds together; the worst leads. Nothing read yet is `cannotTell`. */
export function judgeStartUp({
  direction: test,
  readings,
  speeds,
  capacitor: can,
  evidence,
}: StartUpInput): StartUp {
  const direction = judgeDirection(test)
  const amps = readings.map(judgeAmps)
  const crossed = crossedSpeeds(readings, speeds)
  const capacitor =
    can &&
    microfaradsFromReading({
      amps: can.amps,
      volts: can.volts,
      hertz: can.hertz,
      meter: can.meter,
      rating: { microfarads: can.microfarads, tolerancePercent: can.tolerancePercent },
    })
  const over = amps.some((a) => a.over && a.verdict !== 'cannotTell')
  const verdict = worst(direction, amps, crossed, capacitor)
  return {
    verdict,
    sentence: sentenceOf(verdict, direction, amps, crossed, capacitor),
    direction,
    amps,
    crossed,
    capacitor,
    causes: over ? overAmpsCauses({ ...evidence, capacitor: capacitor?.verdict ?? null }) : [],
  }
}

function worst(
  direction: DirectionAnswer,
  amps: readonly AmpsAnswer[],
  crossed: string | null,
  capacitor: CapacitorReadingResult | null,
): StartUp['verdict'] {
  const backwards = direction.verdict === 'change-plug' || direction.verdict === 'look-for-cause'
  if (backwards || crossed || capacitor?.verdict === 'out' || amps.some((a) => a.verdict === 'stop'))
    return 'stop'
  if (amps.some((a) => a.verdict === 'watch')) return 'watch'
  if (direction.verdict === 'not-tested' || amps.length === 0 || amps.some((a) => a.verdict === 'cannotTell'))
    return 'cannotTell'
  return 'fine'
}

function sentenceOf(
  verdict: StartUp['verdict'],
  direction: DirectionAnswer,
  amps: readonly AmpsAnswer[],
  crossed: string | null,
  capacitor: CapacitorReadingResult | null,
): string {
  if (direction.verdict === 'change-plug' || direction.verdict === 'look-for-cause')
    return 'It turns backwards: stop it.'
  const stop = amps.find((a) => a.verdict === 'stop')
  if (stop) return `Over its rated amps in ${stop.name}: stop it.`
  if (crossed) return crossed
  if (capacitor?.verdict === 'out') return 'The capacitor under load is outside the tag’s value.'
  if (verdict === 'watch')
    return `Watch its amps in ${
      known(
        amps.find((a) => a.verdict === 'watch'),
        'The amps answer',
      ).name
    }.`
  if (direction.verdict === 'not-tested') return 'Not tested yet: direction first.'
  if (amps.length === 0) return 'It turns the right way; amps are not read yet.'
  if (verdict === 'cannotTell') return 'A reading lies too near its limit for this meter.'
  return `It turns the right way and draws no more than it may${amps.length > 1 ? ' in every mode that was read' : ''}${capacitor?.verdict === 'uncertain' ? '; of the capacitor this meter cannot tell' : ''}.`
}
