// Whether a job's hookup stands proven: by all that knows of circuits.
import type { JobDocument } from '@oak/core/job/document'
import { standingProof } from '@oak/core/job/standing-proof'

export const isDone = (job: JobDocument): boolean => standingProof(job) !== null
