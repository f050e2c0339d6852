// When a job was last worked on.
import type { JobEntry } from '../../platform/state/jobs'

export const lastEdit = (entry: JobEntry): number =>
  entry.changes.reduce((latest, c) => Math.max(latest, c.at), 0)
