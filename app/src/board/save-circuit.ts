// The circuit of the shown mode as a SPICE netlist, to a file.
import type { JobDocument } from '@oak/core/job/document'
import { hookupInput } from '@oak/core/job/hookup-input'
import type { NetlistOutput } from '@oak/core/operations/netlist'
import type { ModeId } from '@oak/core/wiring/unit-type'
import { saveTextFile } from '../ui/pick-file'
import { runInWorker } from '../workers/operations'

export async function saveCircuit(job: JobDocument, mode: ModeId): Promise<void> {
  const hookup = hookupInput(job)
  if (!hookup) return
  const result = await runInWorker('netlist', { hookup, mode })
  if (result.ok) saveTextFile(`hookup-${mode}.cir`, 'text/plain', (result.output as NetlistOutput).text)
}
