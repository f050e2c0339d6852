// The app's tests as they stand on a practice unit.
import { modelFor, SUBJECTS, type ModelTest } from '../../diagnosis/model'
import type { Pair } from '../unit/truth'

/** The app's test of that id on this unit; undefined: it has none. */
export const testOf = ({ healthy }: Pair, id: string): ModelTest | undefined =>
  SUBJECTS.flatMap((subject) => modelFor(healthy.unit, subject).tests).find((t) => t.id === id)
