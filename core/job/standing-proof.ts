// Whether what was proven is still what is there. A proof of yesterday's wiring proves nothing about today's.
import type { JobDocument } from './document'
import type { Proven } from './fields'
import { hookupInput } from './inputs/hookup-input'
import { printOf } from './print'

/** The proof, when nothing it rests on has changed since; null otherwise. */
export function standingProof(job: JobDocument): Proven | null {
  const input = hookupInput(job)
  return input && job.proven?.print === printOf(input) ? job.proven : null
}
