// The circuit of the shown mode as a SPICE netlist, to a file. Tells what went wrong, or null.
import type { JobDocument } from '@oak/core/job/document'
import { hookupInput } from '@oak/core/job/inputs/hookup-input'
import type { NetlistOutput } from '@oak/core/operations/netlist'
import type { ModeId } from '@oak/core/wiring/unit-type'
import { saveTextFile } from '../../platform/files/save-file'
import { runInWorker } from '../../platform/workers/operations'

export async function saveCircuit(job: JobDocument, mode: ModeId): Promise<string | null> {
  const hookup = hookupInput(job)
  if (!hookup) return 'The record is not complete yet.'
  try {
    const result = await runInWorker('netlist', { hookup, mode })
    if (!result.ok) return `The circuit was not saved: ${result.error.message}`
    saveTextFile(`hookup-${mode}.cir`, 'text/plain', (result.output as NetlistOutput).text)
    return null
  } catch {
    return 'The circuit was not saved: the part of the app that computes could not be loaded.'
  }
}
