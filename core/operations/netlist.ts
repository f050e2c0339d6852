import * as v from 'valibot'
import { hookupCircuit, workOutHookup } from '../circuit/hookup'
import { prepare } from '../circuit/solution/solve'
import { runCircuit } from '../circuit/solution/run'
import { spiceText } from '../circuit/solution/spice'
import { checkWhole } from '../quantity/problem'
import { MODE_IDS } from '../wiring/unit-type'
import { unitTypeFor } from '../wiring/unit-types'
import { HookupInputSchema, hookupRequest } from './hookup'
import { operation } from './operation'

const OutputSchema = v.object({
  /** ngspice runs it as it is. */
  text: v.string(),
  /** The slip the machine's couplings are written for: 1 at standstill. */
  slip: v.number(),
  /** SPICE's node by the app's name of it. */
  nodes: v.record(v.string(), v.string()),
})
/** What `netlist` answers. */
export type NetlistOutput = v.InferOutput<typeof OutputSchema>

export const netlist = operation({
  name: 'netlist',
  help: 'The circuit of a hookup in one mode as a SPICE netlist that ngspice runs as it is, running or at standstill.',
  input: v.pipe(
    v.strictObject({
      hookup: HookupInputSchema,
      mode: v.picklist(MODE_IDS, `A mode is one of: ${MODE_IDS.join(', ')}.`),
      at: v.optional(
        v.picklist(['running', 'standstill'], 'The motor is running or at standstill.'),
        'running',
      ),
    }),
    checkWhole(({ hookup, mode }) =>
      unitTypeFor(hookup.unit)?.modes.some((m) => m.id === mode)
        ? []
        : [{ path: 'mode', message: `This unit has no mode ${mode}.` }],
    ),
  ),
  output: OutputSchema,
  run({ hookup, mode, at }) {
    const { request } = hookupRequest(hookup)
    const { built, machine } = hookupCircuit(request, workOutHookup(request), mode)
    const run = runCircuit(built.circuit, machine)
    const slip = at === 'standstill' || run.direction === 0 ? 1 : run.running.slip
    const { text, nodes } = spiceText(
      built.circuit,
      slip,
      `${request.unit.name}, ${hookup.sheet.name}, ${mode}, ${at}`,
      run.direction === -1 ? -1 : 1,
      prepare(built.circuit).tied,
    )
    return { text, slip, nodes: Object.fromEntries(nodes) }
  },
})
