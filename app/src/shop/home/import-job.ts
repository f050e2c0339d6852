// A job from a file: plain, or with its pictures. All of it is taken, or none of it and it is said why.
import type { Change } from '@oak/core/job/change'
import { MAX_JOB_FILE_BYTES, readJobFile } from '@oak/core/job/job-file'
import { readBundle, type ReadBundle } from '../../platform/files/job-bundle'
import { sameContents } from '../../platform/sync/device-store'

export type ImportResult =
  { readonly ok: true; readonly taken: ReadBundle } | { readonly ok: false; readonly message: string }

const NONE_CHANGED = 'No job was changed.'
const no = (message: string): ImportResult => ({ ok: false, message: `${message} ${NONE_CHANGED}` })

/** The larger of the two kinds, bytes. */
const MAX_FILE_BYTES = 150_000_000

export async function readJob(file: Blob & { readonly name: string }): Promise<ImportResult> {
  if (file.size > MAX_FILE_BYTES)
    return no(`${file.name} is larger than ${MAX_FILE_BYTES / 1e6} MB: that is not such a file.`)
  let bytes: Uint8Array
  try {
    bytes = new Uint8Array(await file.arrayBuffer())
  } catch {
    return no(`${file.name} could not be read.`)
  }
  if (bytes[0] === 0x50 && bytes[1] === 0x4b) {
    const read = readBundle(bytes)
    return read.ok ? { ok: true, taken: read.bundle } : no(read.message)
  }
  if (bytes.length > MAX_JOB_FILE_BYTES)
    return no(`${file.name} is larger than ${MAX_JOB_FILE_BYTES / 1e6} MB: that is not such a file.`)
  const read = readJobFile(new TextDecoder().decode(bytes))
  if (read.ok) return { ok: true, taken: { file: read.file, photos: new Map(), missing: 0 } }
  const [problem] = read.problems
  const place = problem?.path ? ` (at ${problem.path.replaceAll('.', ' › ')})` : ''
  return no(`${problem?.message ?? 'The file cannot be read.'}${place}`)
}

/**
 * What stands against taking these changes beside those that are here; null: nothing. A change is written once: under a known id
 * only the same may come again.
 */
export function clashWith(held: readonly Change[], incoming: readonly Change[]): string | null {
  const known = new Map(held.map((change) => [change.id, change]))
  const others = incoming.filter((change) => {
    const before = known.get(change.id)
    return before !== undefined && !sameContents(before, change)
  })
  if (others.length === 0) return null
  const many = others.length === 1 ? 'One edit' : `${others.length} edits`
  return `${many} in this file ${others.length === 1 ? 'is' : 'are'} here already, with other contents: somebody has changed the file, or this is a copy that went its own way. ${NONE_CHANGED}`
}

/** After a file was read that lacks pictures. */
export const missingWords = (missing: number): string | null =>
  missing === 0
    ? null
    : missing === 1
      ? 'One photo of this job was not in the file. It shows once the server has it.'
      : `${missing} photos of this job were not in the file. They show once the server has them.`
