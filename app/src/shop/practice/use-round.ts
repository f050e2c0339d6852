// A round as it stands: played by the worker after every act. An act that cannot be on this unit is taken back, with why.
import { useEffect, useMemo, useState } from 'react'
import type { PracticeRoundOutput } from '@oak/core/operations/practice-round'
import type { Act } from '@oak/core/practice/round/act'
import { askAhead } from '../../parts/frame/asked-ahead'
import { useCurrentOperation } from '../../parts/frame/use-operation'
import { thePractice } from '../../platform/state/app'
import type { PracticeRound } from '../../platform/state/practice'

const isSame = (a: Act, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b)

export function useRound({ id, scenario, acts }: PracticeRound) {
  const input = useMemo(() => ({ scenario, acts }), [scenario, acts])
  const { answer, isCurrent } = useCurrentOperation('practice-round', input, 'drawn at once')
  const [held, setHeld] = useState<PracticeRoundOutput | null>(null)
  const [refused, setRefused] = useState<string | null>(null)
  const answered = answer?.ok ? (answer.output as PracticeRoundOutput) : null
  if (answered && answered !== held) setHeld(answered)
  // While an act is taken back, what is shown stays.
  const output = answered ?? held
  const wrong = answer && !answer.ok && isCurrent ? answer.error.message : null
  useEffect(() => {
    if (wrong === null || held === null || acts.length === 0) return
    setRefused(wrong)
    thePractice().takeBack(id)
  }, [wrong, held, acts.length, id])
  const over = isCurrent && answered && answered.state !== 'open' ? answered : null
  useEffect(() => {
    if (over?.marks && over.state !== 'open')
      thePractice().finish(id, { state: over.state, total: over.marks.total, skills: over.marks.skills })
  }, [id, over])
  const isReady = isCurrent && answered?.state === 'open'
  // What hands did while the last act was worked out: the latest of it follows.
  const [due, setDue] = useState<Act | null>(null)
  useEffect(() => {
    if (!due || !isReady) return
    setDue(null)
    setRefused(null)
    thePractice().act(id, due)
  }, [id, due, isReady])
  /** null: what is due is not wanted any more, as when a probe was taken away. */
  const act = (one: Act | null) => {
    if (!one) return setDue(null)
    if (!isReady) {
      // A bounce of the thumb is the same once more, and none.
      if (!isSame(one, acts.at(-1))) setDue(one)
      return
    }
    setRefused(null)
    thePractice().act(id, one)
  }
  /** The thumb is down on what would be this act: what comes of it is worked out until it comes up. */
  const aim = (one: Act) => {
    if (isReady) askAhead('practice-round', { scenario, acts: [...acts, one] })
  }
  return { output, over, act, aim, refused, problem: wrong }
}
