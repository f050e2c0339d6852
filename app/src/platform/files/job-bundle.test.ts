import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { strToU8, unzipSync, zipSync } from 'fflate'
import type { Change } from '@oak/core/job/change'
import { foldJob } from '@oak/core/job/fold'
import { readJobFile } from '@oak/core/job/job-file'
import { packJob, readBundle } from './job-bundle'

const DEMO = join(__dirname, '..', '..', '..', '..', 'demo')
/** The demo's jobs with photos, and their pictures as Chromium drew them. */
const pictures = new Map(
  readdirSync(join(DEMO, 'photos')).map((name) => [
    name.replace('.jpg', ''),
    new Uint8Array(readFileSync(join(DEMO, 'photos', name))),
  ]),
)
const withPhotos = readdirSync(DEMO)
  .filter((name) => name.endsWith('.job.json'))
  .map((name) => readJobFile(readFileSync(join(DEMO, name), 'utf8')))
  .flatMap((read) => (read.ok ? [read.file] : []))
  .filter(({ changes }) => Object.keys(foldJob(changes).photos).length > 0)
const [job] = withPhotos
if (!job) throw new Error('no job of the demo has photos')
const [photo = ''] = Object.keys(foldJob(job.changes).photos)

const blobOf = (bytes: Uint8Array | undefined) =>
  bytes ? ({ arrayBuffer: () => Promise.resolve(bytes.buffer) } as unknown as Blob) : null
const pack = async (lost: readonly string[] = []) =>
  packJob(job.job, job.changes, (id) => Promise.resolve(lost.includes(id) ? null : blobOf(pictures.get(id))))
const message = (bytes: Uint8Array) => {
  const read = readBundle(bytes)
  return read.ok ? `read, ${read.bundle.missing} missing` : read.message
}
/** A file put together by hand: the job, and these parts. */
const made = (parts: Record<string, Uint8Array>, changes: readonly Change[] = job.changes) =>
  zipSync({
    'job.json': strToU8(JSON.stringify({ format: 'oak-switch/job', version: 1, job: job.job, changes })),
    ...parts,
  })
const picture = pictures.get(photo) ?? new Uint8Array()

it('a job comes back from its file as it was, every change and every picture', async () => {
  const { bytes, missing } = await pack()
  expect(missing).toBe(0)
  const read = readBundle(bytes)
  if (!read.ok) throw new Error(read.message)
  expect(read.bundle.file.changes).toEqual(job.changes)
  expect(read.bundle.missing).toBe(0)
  const ids = Object.keys(foldJob(job.changes).photos).sort()
  expect([...read.bundle.photos.keys()].sort()).toEqual(ids)
  for (const id of ids)
    expect(Buffer.from(read.bundle.photos.get(id) ?? []).equals(Buffer.from(pictures.get(id) ?? []))).toBe(
      true,
    )
})
it('is an ordinary ZIP: the job’s own file, and a folder of photos', async () => {
  const names = Object.keys(unzipSync((await pack()).bytes)).sort()
  expect(names[0]).toBe('job.json')
  expect(names.slice(1).every((name) => /^photos\/[0-9a-f-]{36}\.jpg$/.test(name))).toBe(true)
})
it('a picture that is nowhere to be had is counted, at saving and at reading; the job is whole', async () => {
  const { bytes, missing } = await pack([photo])
  expect(missing).toBe(1)
  expect(message(bytes)).toBe('read, 1 missing')
})
it.each([
  [
    'a path that climbs out',
    { '../../etc/passwd': strToU8('x') },
    '“../../etc/passwd” does not belong into a job’s file.',
  ],
  [
    'a path from the root',
    { '/photos/a.jpg': strToU8('x') },
    '“/photos/a.jpg” does not belong into a job’s file.',
  ],
  ['something else', { 'run.exe': strToU8('x') }, '“run.exe” does not belong into a job’s file.'],
  [
    'a photo without an id',
    { 'photos/roof.jpg': picture },
    '“photos/roof.jpg” does not belong into a job’s file.',
  ],
  [
    'a picture that is none',
    { [`photos/${photo}.jpg`]: strToU8('hello') },
    `photos/${photo}.jpg: The photo is not a JPEG picture.`,
  ],
  [
    'a picture cut short',
    { [`photos/${photo}.jpg`]: picture.slice(0, -4) },
    `photos/${photo}.jpg: The photo is cut short.`,
  ],
  [
    'a picture of no photo here',
    { 'photos/00000000-0000-4000-8000-000000000001.jpg': picture },
    'photos/00000000-0000-4000-8000-000000000001.jpg is of no photo of this job.',
  ],
  [
    'a picture of 4 MB',
    { [`photos/${photo}.jpg`]: new Uint8Array(4 * 1_048_576) },
    `photos/${photo}.jpg is larger than 3 MB.`,
  ],
])('with %s it is refused in words', (_, parts, words) => expect(message(made(parts))).toBe(words))
it('that blows up when it is unpacked is refused by the sizes that it tells', () => {
  const blown = made({ [`photos/${photo}.jpg`]: new Uint8Array(200 * 1_048_576) })
  expect(blown.length).toBeLessThan(1_000_000)
  expect(message(blown)).toBe(`photos/${photo}.jpg is larger than 3 MB.`)
})
it('without its job, or cut anywhere, it is refused', async () => {
  expect(message(zipSync({ 'notes.txt': strToU8('x') }))).toBe(
    '“notes.txt” does not belong into a job’s file.',
  )
  expect(message(zipSync({ [`photos/${photo}.jpg`]: picture }))).toBe(
    'There is no job.json in this file: it is no job of Oak Switch.',
  )
  const { bytes } = await pack()
  for (let share = 1; share < 20; share++)
    expect(readBundle(bytes.slice(0, Math.floor((bytes.length * share) / 20))).ok).toBe(false)
})
it('with too many changes it is refused in the words of a job file', () => {
  const [one] = job.changes
  if (!one) throw new Error('the job has no changes')
  const many = (count: number) =>
    Array.from({ length: count }, () => ({ ...one, value: 'x', path: ['title'], technician: '' }))
  expect(message(made({}, many(20_001)))).toBe('The file holds more than 20,000 changes.')
  expect(message(made({}, many(30_000)))).toBe('job.json is larger than 5 MB.')
})
