// What a device holds and no server has, as one file: a job file for each job, and the photos beside them.
import { strToU8, zipSync, type Zippable } from 'fflate'
import type { Change } from '@oak/core/job/change'
import { writeJobFile } from '@oak/core/job/job-file'

export async function packUndelivered(
  changes: readonly Change[],
  photos: ReadonlyMap<string, Blob>,
): Promise<Uint8Array> {
  const parts: Zippable = {}
  for (const job of new Set(changes.map((change) => change.job)))
    parts[`${job}.job.json`] = strToU8(
      writeJobFile(
        job,
        changes.filter((change) => change.job === job),
      ),
    )
  for (const [id, picture] of photos)
    parts[`photos/${id}.jpg`] = [new Uint8Array(await picture.arrayBuffer()), { level: 0 }]
  return zipSync(parts)
}
