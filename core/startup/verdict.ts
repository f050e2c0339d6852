// Everything read at start-up, each with its verdict, and the worst of them.
import type { Proof } from '../circuit/proof'
import { judgeVolts, type VoltsAnswer } from '../supply/judge'
import { listed } from '../quantity/display'
import { microfaradsFromReading, type CapacitorReadingResult } from '../capacitor/reading'
import type { MeterAccuracy } from '../quantity/interval'
import { crossedSpeeds, judgeAmps, type AmpsAnswer, type AmpsReading } from './amps'
import { judgeDirection, type DirectionAnswer, type DirectionTest } from './direction'
import { TROUBLE_SENTENCES } from './first-power'
import { overAmpsCauses, type OverAmpsCause, type OverAmpsEvidence } from './over-amps'

/** Everything read and seen at start-up. */
export interface StartUpInput {
  /** Of the hookup that is started. */
  readonly proof: Pick<Proof, 'verdict' | 'sentence'>
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
  /** Why this hookup is not to be powered yet, or not called proven by a good reading; null: it is proven. */
  readonly notProven: string | null
  /** What was read or seen at the start stops it; not the hookup on paper. */
  readonly stopped: boolean
  readonly direction: DirectionAnswer
  readonly amps: readonly AmpsAnswer[]
  /** The supply under load, judged by itself; null: it was not read. */
  readonly supply: VoltsAnswer | null
  readonly crossed: string | null
  readonly capacitor: CapacitorReadingResult | null
  /** Only when a reading is over. */
  readonly causes: readonly OverAmpsCause[]
}

/** Direction, amps and speeds together; the worst leads. Nothing read yet is `cannotTell`. */
export function judgeStartUp({
  proof,
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
  const supply = evidence.volts && judgeVolts(evidence.volts, evidence.ratedVolts, 'the motor’s plate')
  const parts: Parts = { turned: test.turned, direction, amps, supply, crossed, capacitor }
  const over = amps.some((a) => a.over && a.verdict !== 'cannotTell')
  const seen = worst(parts)
  const notProven = notProvenText(proof)
  const verdict =
    seen === 'stop' || proof.verdict === 'stop' ? 'stop' : notProven && seen !== 'watch' ? 'cannotTell' : seen
  const told = sentenceOf(seen, parts)
  return {
    verdict,
    sentence: seen === 'stop' || notProven === null ? told : notProven,
    notProven,
    stopped: seen === 'stop',
    direction,
    amps,
    supply,
    crossed,
    capacitor,
    causes: over ? overAmpsCauses({ ...evidence, capacitor: capacitor?.verdict ?? null }) : [],
  }
}

/** A hookup that is stopped is not powered; one that is not proven is not called good by a reading. */
function notProvenText({ verdict, sentence }: StartUpInput['proof']): string | null {
  if (verdict === 'stop') return `Do not power it: ${lower(sentence)}`
  return verdict === 'cannotTell' ? `Not proven yet, so do not power it: ${lower(sentence)}` : null
}
/** A sentence inside another; names such as “T1” keep their large letter. */
const lower = (text: string): string =>
  /^[A-Z][a-z]/.test(text) ? text.charAt(0).toLowerCase() + text.slice(1) : text

interface Parts extends Pick<StartUp, 'direction' | 'amps' | 'supply' | 'crossed' | 'capacitor'> {
  readonly turned: DirectionTest['turned']
}

function worst({ direction, amps, supply, crossed, capacitor }: Parts): StartUp['verdict'] {
  if (supply?.verdict === 'high' || supply?.verdict === 'low') return 'stop'
  const wrong = direction.verdict !== 'right' && direction.verdict !== 'not-tested'
  if (wrong || crossed || capacitor?.verdict === 'out' || amps.some((a) => a.verdict === 'stop'))
    return 'stop'
  if (amps.some((a) => a.verdict === 'watch')) return 'watch'
  if (direction.verdict === 'not-tested' || amps.length === 0 || amps.some((a) => a.verdict === 'cannotTell'))
    return 'cannotTell'
  return 'fine'
}

function sentenceOf(verdict: StartUp['verdict'], parts: Parts): string {
  const { direction, amps, capacitor } = parts
  const stop = stopSentence(parts)
  if (stop) return stop
  if (verdict === 'watch')
    return `Watch its amps in ${listed(amps.filter((a) => a.verdict === 'watch').map((a) => a.name))}.`
  if (direction.verdict === 'not-tested') return 'Not tested yet: direction first.'
  if (amps.length === 0) return 'It turns the right way; amps are not read yet.'
  const open = amps.find((a) => a.verdict === 'cannotTell')
  if (open)
    return open.over
      ? `Read ${open.name} again with the door closed.`
      : 'A reading lies too near its limit for this meter.'
  return `It turns the right way and draws no more than it may${amps.length > 1 ? ' in every mode that was read' : ''}${capacitor?.verdict === 'uncertain' ? '; of the capacitor this meter cannot tell' : ''}.`
}

/** What stops it, the most pressing first; null: nothing does. */
function stopSentence({ turned, direction, amps, supply, crossed, capacitor }: Parts): string | null {
  if (turned !== null && turned !== 'right' && turned !== 'backwards') return TROUBLE_SENTENCES[turned]
  if (supply?.verdict === 'high') return `The supply: ${supply.text}`
  if (['change-plug', 'exchange-leads', 'look-for-cause'].includes(direction.verdict))
    return 'It turns backwards: stop it.'
  const over = amps.find((a) => a.verdict === 'stop')
  if (over) return `Over its rated amps in ${over.name}: stop it.`
  if (crossed) return crossed
  if (supply?.verdict === 'low') return `The supply: ${supply.text}`
  return capacitor?.verdict === 'out' ? 'The capacitor under load is outside the tag’s value.' : null
}
