// The demo's finished job: an outdoor fan, hooked up and proven.
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { EMPTY_JOB, type JobDocument } from '../document'
import { foldJob } from '../fold'
import { readJobFile } from '../job-file'

const read = readJobFile(
  readFileSync(join(__dirname, '..', '..', '..', 'demo', '1-saltmarsh-bakery.job.json'), 'utf8'),
)
export const FINISHED: JobDocument = read.ok ? foldJob(read.file.changes) : EMPTY_JOB
