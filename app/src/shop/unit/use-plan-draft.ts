// The plan while it is made, kept on the device with every change: a unit half drawn is there after a call or an empty battery.
import { useEffect, useRef, useState } from 'react'
import * as v from 'valibot'
import { UnitPlanSchema, type UnitPlan } from '@oak/core/wiring/unit-blocks/plan'
import { deviceFact } from '../../platform/state/app'

const FACT = 'unit-draft'

/** A plan as it was kept; null when what was kept is none. */
export function readPlan(text: unknown): UnitPlan | null {
  if (typeof text !== 'string' || text === '') return null
  try {
    const parsed = v.safeParse(UnitPlanSchema, JSON.parse(text))
    return parsed.success ? parsed.output : null
  } catch {
    return null
  }
}

/** `from`: one that is changed, which is no draft; null: a new one, or the one that was left. */
export function usePlanDraft(from: UnitPlan | null, start: UnitPlan) {
  const [plan, setPlan] = useState<UnitPlan>(from ?? start)
  const touched = useRef(from !== null)
  useEffect(() => {
    if (touched.current) return
    void deviceFact.get(FACT).then((text) => {
      const kept = readPlan(text)
      if (kept && !touched.current) setPlan(kept)
    })
  }, [])
  const change = (next: UnitPlan) => {
    touched.current = true
    setPlan(next)
    // A label that is being typed is not kept half: the one before stands.
    if (from === null && v.is(UnitPlanSchema, next)) void deviceFact.set(FACT, JSON.stringify(next))
  }
  const forget = () => void (from === null && deviceFact.set(FACT, ''))
  return { plan, change, forget }
}
