import * as v from 'valibot'
import { workOutHookup } from '../circuit/hookup'
import { fitSteps } from '../fitting/steps'
import { STEP_KINDS } from '../fitting/step'
import { HookupInputSchema, hookupRequest } from './hookup'
import { operation } from './operation'
import { plain } from './plain'

const OutputSchema = v.object({
  /** Empty while there is no hookup to fit; `instead` says why. */
  steps: v.array(
    v.object({ id: v.string(), kind: v.picklist(STEP_KINDS), text: v.string(), why: v.string() }),
  ),
  instead: v.nullable(v.string()),
  /** What is not known of the advised hookup yet: it is not proven. */
  unknowns: v.array(v.string()),
})
/** What `fit-steps` answers. */
export type FitStepsOutput = v.InferOutput<typeof OutputSchema>

export const fitStepsOperation = operation({
  name: 'fit-steps',
  help: 'How the advised hookup is fitted, step by step: discharge, what comes off, strap, ties, jumpers, a check with the meter, every lead.',
  input: HookupInputSchema,
  output: OutputSchema,
  run(input) {
    const { request } = hookupRequest({ ...input, placements: [], put: null })
    const answer = workOutHookup(request, { mends: false })
    const steps = fitSteps(request, answer).map(({ id, kind, text, why }) => ({ id, kind, text, why }))
    return plain({
      steps,
      instead: steps.length > 0 ? null : answer.proof.sentence,
      unknowns: [...answer.proof.unknowns],
    })
  },
})
