// A job with its pictures as one file: a ZIP with the job's own file and a folder of photos, each under its id.
import { strFromU8, strToU8, unzipSync, zipSync, type Unzipped, type Zippable } from 'fflate'
import type { Change } from '@oak/core/job/change'
import { foldJob } from '@oak/core/job/fold'
import { MAX_JOB_FILE_BYTES, readJobFile, writeJobFile, type JobFile } from '@oak/core/job/job-file'
import { jpegProblem } from '@oak/core/job/jpeg'

const JOB = 'job.json'
const PHOTO = /^photos\/([0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12})\.jpg$/
/** As the server takes them, bytes. */
const MAX_PHOTO_BYTES = 3 * 1_048_576
const MAX_PHOTOS = 200
const photosOf = (changes: readonly Change[]): string[] => Object.keys(foldJob([...changes]).photos)

export interface Bundle {
  readonly bytes: Uint8Array
  /** Pictures that neither this device nor the server has now: they are not in it. */
  readonly missing: number
}

export async function packJob(
  id: string,
  changes: readonly Change[],
  pictureOf: (photo: string) => Promise<Blob | null>,
): Promise<Bundle> {
  const parts: Zippable = { [JOB]: strToU8(writeJobFile(id, [...changes])) }
  let missing = 0
  for (const photo of photosOf(changes)) {
    const picture = await pictureOf(photo)
    // Packed already: to pack it again takes time and saves nothing.
    if (picture) parts[`photos/${photo}.jpg`] = [new Uint8Array(await picture.arrayBuffer()), { level: 0 }]
    else missing++
  }
  return { bytes: zipSync(parts), missing }
}

export interface ReadBundle {
  readonly file: JobFile
  readonly photos: ReadonlyMap<string, Uint8Array>
  /** Pictures that the job speaks of and the file lacks. */
  readonly missing: number
}
export type BundleResult =
  { readonly ok: true; readonly bundle: ReadBundle } | { readonly ok: false; readonly message: string }

const no = (message: string): BundleResult => ({ ok: false, message })

/** Reads a job's file with its pictures. All of it is right, or none of it is taken. */
export function readBundle(bytes: Uint8Array): BundleResult {
  const opened = unpack(bytes)
  if (typeof opened === 'string') return no(opened)
  const { [JOB]: json, ...pictures } = opened
  if (!json) return no('There is no job.json in this file: it is no job of Oak Switch.')
  const read = readJobFile(strFromU8(json))
  if (!read.ok) return no(read.problems[0]?.message ?? 'The job in this file cannot be read.')
  const photos = new Map<string, Uint8Array>()
  for (const [name, picture] of Object.entries(pictures)) {
    const wrong = jpegProblem(picture)
    if (wrong !== null) return no(`${name}: ${wrong}`)
    photos.set(PHOTO.exec(name)?.[1] ?? name, picture)
  }
  const spokenOf = photosOf(read.file.changes)
  const strange = [...photos.keys()].filter((id) => !spokenOf.includes(id))
  if (strange.length > 0) return no(`photos/${strange[0]}.jpg is of no photo of this job.`)
  return {
    ok: true,
    bundle: { file: read.file, photos, missing: spokenOf.filter((id) => !photos.has(id)).length },
  }
}

/** Its parts, or what is wrong. Names and sizes are looked at before anything is unpacked. */
function unpack(bytes: Uint8Array): Unzipped | string {
  let wrong: string | null = null
  let count = 0
  const isWanted = ({ name, originalSize }: { readonly name: string; readonly originalSize: number }) => {
    if (name.endsWith('/') && /^photos\/$/.test(name)) return false
    const most = name === JOB ? MAX_JOB_FILE_BYTES : MAX_PHOTO_BYTES
    if (name !== JOB && !PHOTO.test(name)) wrong ??= `“${name}” does not belong into a job’s file.`
    else if (originalSize > most) wrong ??= `${name} is larger than ${Math.round(most / 1e6)} MB.`
    else if (++count > MAX_PHOTOS) wrong ??= `There are more than ${MAX_PHOTOS} pictures in this file.`
    return wrong === null
  }
  try {
    const parts = unzipSync(bytes, { filter: isWanted })
    return wrong ?? parts
  } catch {
    return wrong ?? 'The file is cut short or damaged: it cannot be unpacked.'
  }
}
