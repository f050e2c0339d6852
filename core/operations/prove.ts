import { workOutHookup } from '../circuit/hookup'
import { HookupInputSchema, hookupRequest } from './hookup'
import { HookupOutputSchema } from './hookup-output'
import { operation } from './operation'
import { plain } from './plain'

export const prove = operation({
  name: 'prove',
  help: 'The verdict on a hookup: its circuit solved in every mode, what is wrong with it and the wire to move. Any wiring has one.',
  input: HookupInputSchema,
  output: HookupOutputSchema.entries.proof,
  run: (input) => plain(workOutHookup(hookupRequest(input).request).proof),
})
