// Edits of one job with undo and redo; Ctrl+Z and Ctrl+Shift+Z (or Ctrl+Y) do the same.
import { useEffect, useState } from 'react'
import { editJob, theJobs } from '../../platform/state/app'
import { documentOf, type Edit } from '../../platform/state/jobs'
import { doAgain, inverseOf, NO_STEPS, record, takeBack } from './undo'

export interface UndoableEdits {
  readonly edit: (edits: readonly Edit[]) => void
  /** null: there is nothing to undo, or to redo. */
  readonly undo: (() => void) | null
  readonly redo: (() => void) | null
}

export function useUndo(id: string): UndoableEdits {
  const [state, setState] = useState(NO_STEPS)
  const edit = (edits: readonly Edit[]) => {
    const before = inverseOf(documentOf(theJobs().store.getState(), id), edits)
    if (editJob(id, edits) === null) setState((now) => record(now, { edits, before }))
  }
  const apply = (step: ReturnType<typeof takeBack>) => {
    if (step && editJob(id, step.edits) === null) setState(step.state)
  }
  const undo = () => apply(takeBack(state))
  const redo = () => apply(doAgain(state))
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.target instanceof HTMLInputElement) return
      const key = event.key.toLowerCase()
      if (key !== 'z' && key !== 'y') return
      event.preventDefault()
      if (key === 'y' || event.shiftKey) redo()
      else undo()
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  })
  return { edit, undo: state.done.length > 0 ? undo : null, redo: state.undone.length > 0 ? redo : null }
}
