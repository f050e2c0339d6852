// The compressor's new start capacitor, as long as it is what is asked for and the unit has a place for it.
import type { StartCan } from '../../capacitor/start-can'
import { planStart } from '../../capacitor/stock-plan/start'
import { compressorPosts } from '../../wiring/compressor-posts'
import { unitTypeFor } from '../../wiring/unit-types'
import type { JobDocument } from '../document'

/** A compressor on one phase may have one. */
export function mayHaveStartCan({ unit }: Pick<JobDocument, 'unit'>): boolean {
  const type = unit ? unitTypeFor(unit) : undefined
  return type !== undefined && compressorPosts(type) !== null
}

/** null: none is chosen, nobody said what is asked for, or it is not that any more. */
export function newStartCan(job: JobDocument): StartCan | null {
  const { startCan: can, startWanted: wanted } = job
  if (!can || !wanted || !mayHaveStartCan(job)) return null
  const part = { ...can, quantity: 1, cents: null, measured: null }
  return planStart([part], wanted).fits.length > 0 ? can : null
}
