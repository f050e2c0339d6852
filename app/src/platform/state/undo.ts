// Undo and redo of the edits of one job: each edit is kept with the values it replaced, also of what it made void. Undoing is an edit like any other, so the
// history of the job shows both.
import type { JobDocument } from '@oak/core/job/document'
import type { Edit } from './jobs'

export interface Step {
  readonly edits: readonly Edit[]
  readonly before: readonly Edit[]
}

export interface UndoState {
  readonly done: readonly Step[]
  readonly undone: readonly Step[]
}
export const NO_STEPS: UndoState = { done: [], undone: [] }
/** Older steps are let go. */
const MOST = 100

/** The edits that put back what these replace. */
export const inverseOf = (job: JobDocument, edits: readonly Edit[]): Edit[] =>
  edits.map(({ path }) => {
    const [name, key] = path as [keyof JobDocument, string | undefined]
    const value: unknown =
      key === undefined ? job[name] : (job[name] as Readonly<Record<string, unknown>>)[key]
    return { path, value: value ?? null }
  })

export const record = (state: UndoState, step: Step): UndoState => ({
  done: [...state.done, step].slice(-MOST),
  undone: [],
})

/** The edits to apply, and the state after; null when there is nothing to undo or redo. */
export function takeBack({
  done,
  undone,
}: UndoState): { readonly edits: readonly Edit[]; readonly state: UndoState } | null {
  const last = done.at(-1)
  return last ? { edits: last.before, state: { done: done.slice(0, -1), undone: [...undone, last] } } : null
}

export function doAgain({
  done,
  undone,
}: UndoState): { readonly edits: readonly Edit[]; readonly state: UndoState } | null {
  const last = undone.at(-1)
  return last ? { edits: last.edits, state: { done: [...done, last], undone: undone.slice(0, -1) } } : null
}
