// Two leads of a motor on three phases changed over: each takes the other's place, and which way it turns is to be seen again.
import type { StartupOutput } from '@oak/core/operations/startup-verdict'
import type { Edit } from '../../platform/state/jobs'

/** What is on record when they are exchanged. */
export const exchangeEdits = (exchange: StartupOutput['direction']['exchange']): Edit[] => [
  ...exchange.map(({ lead, to }): Edit => ({ path: ['placements', lead], value: to })),
  { path: ['startup', 'turned'], value: null },
]
