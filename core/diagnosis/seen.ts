// What is known of a fault: what was tapped and what was read, as answers to the tests of fan and compressor; and what follows as found.
import type { CanMarking } from '../capacitor/marking'
import type { UnitType } from '../wiring/unit-type'
import { answersFrom, type Probe, type ProbeReading, type ReadingAnswer } from './answers'
import { foundFaults, type AnswersOf, type FoundFault } from './found'
import { modelFor, SUBJECTS, type Model } from './model'
import type { Answers } from './posterior'

/** What was seen and read of a fault. */
export interface SeenAndRead {
  readonly unit: UnitType
  /** Test id to answer id, as tapped. */
  readonly observations: Answers
  readonly readings: Readonly<Partial<Record<Probe, ProbeReading>>>
  readonly marking: CanMarking | null
  /** µF that the motor's plate asks for, outranking the old can's marking; null or left out: not read. */
  readonly plateMicrofarads?: number | null
  /** µF that the compressor asks for, outranking the old can's marking; null or left out: not read. */
  readonly compressorMicrofarads?: number | null
  readonly plateAmps: number | null
}

/** What each reading answers. */
export const readAnswers = ({ unit, readings, ...known }: SeenAndRead): ReadingAnswer[] =>
  answersFrom(readings, {
    volts: unit.volts,
    marking: known.marking,
    plateMicrofarads: known.plateMicrofarads ?? null,
    compressorMicrofarads: known.compressorMicrofarads ?? null,
    plateAmps: known.plateAmps,
  })

/** The answers of both, each by its own tests. */
export const answersOfBoth = (
  { unit, observations }: Pick<SeenAndRead, 'unit' | 'observations'>,
  readings: readonly ReadingAnswer[],
): AnswersOf =>
  Object.fromEntries(
    SUBJECTS.map((s) => [s, mergedAnswers(modelFor(unit, s), observations, readings)]),
  ) as AnswersOf

/** A figure outranks a tap; what neither gives may follow from the others. */
function mergedAnswers(model: Model, observations: Answers, readings: readonly ReadingAnswer[]): Answers {
  const given = givenAnswers(model, observations, readings)
  const implied = model.tests.flatMap((test) => {
    if (given[test.id] !== undefined) return []
    const answer = Object.entries(test.impliedBy ?? {}).find(([, by]) =>
      Object.entries(by).some(([other, said]) => said.includes(given[other] ?? '')),
    )?.[0]
    return answer === undefined ? [] : [[test.id, answer] as const]
  })
  return { ...given, ...Object.fromEntries(implied) }
}

function givenAnswers(model: Model, observations: Answers, readings: readonly ReadingAnswer[]): Answers {
  const merged: Record<string, string> = {}
  for (const test of model.tests) {
    const read = readings.find((r) => r.test === test.id)?.answer
    const answer = read ?? observations[test.id]
    if (answer !== undefined && test.answers.some((a) => a.id === answer)) merged[test.id] = answer
  }
  return merged
}

/** What was measured dead or seen broken, with no ranking of the rest. */
export const faultsFound = (seen: SeenAndRead): FoundFault[] =>
  foundFaults(seen.unit, answersOfBoth(seen, readAnswers(seen)))
