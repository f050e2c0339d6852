// From answers to probabilities: Bayes' rule with answers taken as independent given the cause (textbook). Sums of logarithms
// are made in the order of the model, so that the order in which things were entered cannot matter, not even by rounding.
import { known } from '../quantity/at'
import type { Model, ModelTest } from './model'

/** Test id to answer id. Answers the model does not know are passed over. */
export type Answers = Readonly<Record<string, string>>

/** Which answer was given to a test; -1: none. */
export const answerIndex = (test: ModelTest, answers: Answers): number =>
  test.answers.findIndex((a) => a.id === answers[test.id])

/** Probability of each cause, in the model's order; sums to 1. `without` leaves one test out. */
export function posterior({ causes, priors, tests }: Model, answers: Answers, without?: string): number[] {
  const logs = causes.map((_, c) => {
    let log = Math.log(priors[c]!)
    for (const test of tests) {
      const a = test.id === without ? -1 : answerIndex(test, answers)
      if (a >= 0) log += Math.log(known(test.rows[c]?.[a], 'The likelihood'))
    }
    return log
  })
  const most = Math.max(...logs)
  const weights = logs.map((log) => Math.exp(log - most))
  const total = weights.reduce((a, b) => a + b, 0)
  return weights.map((w) => w / total)
}

/** Probability of each answer of a test, given how likely the causes are. */
export const predict = (test: ModelTest, causes: readonly number[]): number[] =>
  test.answers.map((_, a) => causes.reduce((sum, p, c) => sum + p * (test.rows[c]?.[a] ?? 0), 0))

/** Bits: 0 when one cause is certain (Shannon, textbook). */
export const entropy = (causes: readonly number[]): number =>
  causes.reduce((sum, p) => (p > 0 ? sum - p * Math.log2(p) : sum), 0)

/** Bits that the answer of this test takes off the doubt, on the average. Never below 0. */
export function expectedBits(test: ModelTest, causes: readonly number[]): number {
  const before = entropy(causes)
  const after = predict(test, causes).reduce((sum, chance, a) => {
    if (chance <= 0) return sum
    return sum + chance * entropy(causes.map((p, c) => (p * (test.rows[c]?.[a] ?? 0)) / chance))
  }, 0)
  return Math.max(0, before - after)
}
