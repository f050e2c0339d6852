// How the new motor and its capacitor are fitted, step by step, worked out from the advised hookup itself: what comes off, what is
// strapped, joined and checked with the meter, and every lead last. The order is common practice, no source.
import { casesOf } from '../capacitor/can'
import type { HookupAnswer, HookupRequest } from '../circuit/hookup'
import {
  canSteps,
  jumperSteps,
  checkSteps,
  compressorCanStep,
  startCanStep,
  emptyStep,
  kitStep,
} from './can-steps'
import { leadSteps, oldLeadsStep, voltsStep } from './lead-steps'
import type { FitStep } from './step'
import { addedSteps, moveSteps, removeSteps } from './wire-steps'

const DISCHARGE: FitStep = {
  id: 'discharge',
  kind: 'safe',
  text: 'Power locked out and proven dead. Discharge each section of the old capacitor through a resistor, post to C, then read below 10 V.',
  why: 'It holds its charge with the power off. 20 kΩ, 5 W is usual; a screwdriver arcs and damages parts.',
  acts: [],
}

const LABEL: FitStep = {
  id: 'label',
  kind: 'label',
  text: 'Write the date and the values on it where they can be read.',
  why: 'The next hand sees how old it is and what it should read.',
  acts: [],
}

/** The steps to an advised hookup; none where it is stopped or something has no place. `answer`: worked out without what was moved by hand. */
export function fitSteps(request: HookupRequest, answer: HookupAnswer): FitStep[] {
  if (answer.refusals.length > 0 || answer.proof.verdict === 'stop') return []
  const { joins, lands } = moveSteps(request, answer)
  const hasCan = answer.can.sections.length > 0
  return [
    DISCHARGE,
    ...oldLeadsStep(request, answer),
    ...removeSteps(request, answer),
    ...canSteps(request, answer),
    ...voltsStep(request),
    ...joins,
    ...addedSteps(request, answer),
    ...jumperSteps(request, answer),
    ...checkSteps(answer),
    ...lands,
    ...leadSteps(request, answer),
    ...kitStep(request, answer),
    ...emptyStep(answer),
    ...compressorCanStep(request),
    ...startCanStep(request),
    ...(hasCan && casesOf(answer.can).some((c) => !c.stays) ? [LABEL] : []),
  ]
}
