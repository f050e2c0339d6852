// Whether what was proven is still what is there, and nothing that was read since speaks against it. A proof of yesterday's wiring proves
// nothing about today's; a motor that runs backwards is not proven, whatever the paper says.
import type { JobDocument } from './document'
import type { Proven } from './fields'
import { hookupInput } from './inputs/hookup-input'
import { stayRefusal } from './inputs/staying-input'
import { printOf } from './print'
import { startUpStop } from './start-up'

/** Why there is no standing proof: never proven, changed since, or stopped when it was started. */
export type ProofLapse =
  | { readonly kind: 'none' }
  | { readonly kind: 'changed' }
  | { readonly kind: 'stopped'; readonly sentence: string }
  /** Something on record rules it out whatever the wiring: a grounded motor that is to stay. */
  | { readonly kind: 'ruled-out'; readonly sentence: string }

/** The proof as it stands, or why it does not. */
export type ProofState = { readonly kind: 'stands'; readonly proven: Proven } | ProofLapse

/** From the record alone. */
export function proofState(job: JobDocument): ProofState {
  const { proven } = job
  if (!proven) return { kind: 'none' }
  const input = hookupInput(job)
  // First: a reading that stops it may be what changed the record, as a supply that is another one does.
  const sentence = startUpStop(job)
  if (sentence !== null) return { kind: 'stopped', sentence }
  const refused = stayRefusal(job)
  if (refused !== null) return { kind: 'ruled-out', sentence: refused }
  return input && proven.print === printOf(input) ? { kind: 'stands', proven } : { kind: 'changed' }
}

/** The proof, when it stands; null otherwise (see proofState). */
export function standingProof(job: JobDocument): Proven | null {
  const state = proofState(job)
  return state.kind === 'stands' ? state.proven : null
}
