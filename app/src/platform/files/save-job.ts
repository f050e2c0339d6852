// The whole job as a file, with its history and its pictures: for the archive, for another device, or to be sent to us.
import type { Change } from '@oak/core/job/change'
import { foldJob } from '@oak/core/job/fold'
import { writeJobFile } from '@oak/core/job/job-file'
import { fileName } from './file-name'
import { saveFile, saveTextFile } from './save-file'

/** Saves it; returns what is missing from the file, in words, or null. `pictureOf`: from this device or the server. */
export async function saveJob(
  id: string,
  title: string,
  changes: readonly Change[],
  pictureOf: (photo: string) => Promise<Blob | null>,
): Promise<string | null> {
  if (Object.keys(foldJob([...changes]).photos).length === 0) {
    saveTextFile(fileName(title, id, 'job.json'), 'application/json', writeJobFile(id, [...changes]))
    return null
  }
  // Packing is fetched where there is something to pack.
  const { packJob } = await import('./job-bundle')
  const { bytes, missing } = await packJob(id, changes, pictureOf)
  saveFile(fileName(title, id, 'job.zip'), new Blob([bytes as BlobPart], { type: 'application/zip' }))
  return missing === 0 ? null : missingText(missing)
}

const missingText = (count: number): string =>
  count === 1
    ? 'One photo is not on this device and the server is not reached: the file is without it.'
    : `${count} photos are not on this device and the server is not reached: the file is without them.`
