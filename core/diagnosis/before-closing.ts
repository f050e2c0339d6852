// What is read before a supply that is missing is closed again.
import type { Model, ModelTest } from './model'
import type { Suggestion } from './next-test'
import type { Answers } from './posterior'

/**
 * The tests that come before a missing supply is closed again: what has gone to ground takes it again, so every winding behind it is read to
 * its frame or shell, the fan's and the compressor's. None where there is a supply. Common practice, no source.
 */
export const beforeClosing = (models: readonly Model[], { supply }: Answers): ModelTest[] =>
  supply === 'none' ? models.flatMap(({ tests }) => tests.filter(({ id }) => TO_GROUND.includes(id))) : []
const TO_GROUND = ['ohms-frame', 'comp-shell']

/** What is due comes first, and nothing is settled before it. */
export const dueFirst = ({ next, state }: Suggestion, due: readonly ModelTest[]): Suggestion =>
  due.length === 0
    ? { next, state }
    : {
        next: [
          ...due.map(({ id }) => ({ test: id, bits: 0, worth: 0, why: WHY_DUE })),
          ...next.filter(({ test }) => due.every(({ id }) => id !== test)),
        ],
        state: 'go-on',
      }
const WHY_DUE = 'Before the supply is closed again: what has gone to ground takes it again.'
