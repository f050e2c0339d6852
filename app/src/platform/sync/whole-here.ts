// Which jobs are whole on this device, so that they open without a signal.
import { VAN_ID } from '@oak/core/job/van'

/** So many of the latest jobs of the shop. Our judgement: some weeks' work of a few vans, and a minute of a slow link. */
export const LATEST = 100
/** What was opened here stays for so long after, ms. */
export const OPENED_FOR = 30 * 86_400_000

export interface HereFacts {
  readonly job: string
  readonly opened?: number
  readonly kept?: 1
}

/** `latest`: the shop's latest jobs, in any order. The van is always whole. */
export function isWholeHere(
  { job, opened, kept }: HereFacts,
  latest: ReadonlySet<string>,
  now: number,
): boolean {
  return (
    job === VAN_ID || kept === 1 || latest.has(job) || (opened !== undefined && opened >= now - OPENED_FOR)
  )
}
