// Undo and redo of this job's edits, on every stage; each says what it will change. Ctrl+Z, Ctrl+Shift+Z and Ctrl+Y do the same.
import { useEffect, useEffectEvent, useState } from 'react'
import type { JobId } from '@oak/core/job/job-id'
import { redoJob, undoJob, useSteps } from '../../platform/state/app'
import type { IconName } from '../../ui/Icon'
import { IconTap } from '../../ui/IconTap'
import { useStable } from '../../ui/use-stable'
import { useStood } from '../../ui/use-stood'
import { editWords } from './edit-words'

/** How long it is said what was taken back, ms. */
const SAID_MS = 3000
/** After an edit, ms. */
const CALM_MS = 150

/** Undo and redo of a job, and for a moment after either, what it did: "Undone: a reading". */
export function useUndoRedo(id: JobId) {
  const steps = useSteps(id)
  const [said, setSaid] = useState<string | null>(null)
  useEffect(() => {
    if (said === null) return
    const clock = setTimeout(() => setSaid(null), SAID_MS)
    return () => clearTimeout(clock)
  }, [said])
  const takeBack = useStable(() => {
    if (!steps.undo) return
    undoJob(id)
    setSaid(`Undone: ${editWords(steps.undo.edits)}`)
  })
  const doAgain = useStable(() => {
    if (!steps.redo) return
    redoJob(id)
    setSaid(`Redone: ${editWords(steps.redo.edits)}`)
  })
  useUndoKeys(takeBack, doAgain)
  // What an edit changes on the stage is drawn first.
  const undo = useStood(steps.undo, CALM_MS, steps.undo)
  const redo = useStood(steps.redo, CALM_MS, steps.redo)
  return { undo, redo, takeBack, doAgain, said }
}

export function UndoRedo({ undo, redo, takeBack, doAgain }: Omit<ReturnType<typeof useUndoRedo>, 'said'>) {
  return (
    <>
      <Step
        name="Undo"
        icon="undo"
        words={undo ? editWords(undo.edits) : null}
        onPress={takeBack}
        testID="undo"
      />
      {redo ? (
        <Step name="Redo" icon="redo" words={editWords(redo.edits)} onPress={doAgain} testID="redo" />
      ) : null}
    </>
  )
}

interface StepProps {
  readonly name: string
  readonly icon: IconName
  readonly words: string | null
  readonly onPress: () => void
  readonly testID: string
}

function Step({ name, icon, words, onPress, testID }: StepProps) {
  return (
    <IconTap
      icon={icon}
      label={words ? `${name}: ${words}` : `${name}: nothing yet`}
      disabled={!words}
      onPress={onPress}
      testID={testID}
    />
  )
}

function useUndoKeys(takeBack: () => void, doAgain: () => void): void {
  const heard = useEffectEvent((event: KeyboardEvent) => {
    if (!(event.ctrlKey || event.metaKey) || event.target instanceof HTMLInputElement) return
    const key = event.key.toLowerCase()
    if (key !== 'z' && key !== 'y') return
    event.preventDefault()
    if (key === 'y' || event.shiftKey) doAgain()
    else takeBack()
  })
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => heard(event)
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [])
}
