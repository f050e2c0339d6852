import type { Change } from '@oak/core/job/change'

/** The n-th change of one job: its title. */
export const change = (n: number, value: unknown = n, at = n): Change => ({
  id: `id-${n}`,
  job: 'job',
  path: ['title'],
  value,
  at,
  device: 'device',
  technician: '',
})
