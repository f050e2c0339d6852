// The whole job as a file, with its history: for the archive, for another device, or to be sent to us.
import type { Change } from '@oak/core/job/change'
import { writeJobFile } from '@oak/core/job/job-file'
import { fileName } from './file-name'
import { saveTextFile } from './pick-file'

export const saveJob = (id: string, title: string, changes: readonly Change[]): void =>
  saveTextFile(fileName(title, id, 'job.json'), 'application/json', writeJobFile(id, [...changes]))
