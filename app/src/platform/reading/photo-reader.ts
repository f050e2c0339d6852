// The readers of pictures: started when first wanted, and let go when nobody has asked for a while.
import { wrap, type Remote } from 'comlink'
import type { PhotographedPlate } from '@oak/core/label/photo/proposal'
import type { PlateReading } from '@oak/core/label/photo/read-plate'
import type { TagReading } from '@oak/core/label/photo/read-tag'
import type { MotorKind } from '@oak/core/motor/kind'
import { readLetters, startLetters, type Letters } from './letters'
import type { PhotoWorker } from './photo.worker'
import type { SeenLines } from '@oak/core/label/photo/words'
import { runInWorker } from '../workers/operations'
import { readLooks, type ReadPhoto } from './read-looks'
import type { SeenTag } from './seen-tag'
import { NoReader } from './no-reader'
import type { SetPlate } from './straighten'

/** After so long without a question its memory is given back, ms. */
const IDLE_MS = 60_000
/** A part that has not come by then does not come, ms. */
const PATIENCE_MS = 60_000

interface PhotoReader {
  readonly worker: Worker
  readonly remote: Remote<PhotoWorker>
  /** Rejects when the worker cannot be loaded, or dies; never resolves. */
  readonly lost: Promise<never>
}
let photos: PhotoReader | null = null
let letters: Promise<Letters> | null = null
let idle: ReturnType<typeof setTimeout> | undefined

function letGo(): void {
  photos?.worker.terminate()
  photos = null
  void letters?.then((reader) => reader.terminate()).catch(() => undefined)
  letters = null
}
function used(): void {
  clearTimeout(idle)
  idle = setTimeout(letGo, IDLE_MS)
}

const inTime = <T>(asked: Promise<T>): Promise<T> =>
  Promise.race([
    asked,
    new Promise<never>((_, reject) =>
      setTimeout(() => reject(new NoReader('it did not come in time')), PATIENCE_MS),
    ),
  ])

function photoWorker(): PhotoReader {
  if (!photos) {
    const worker = new Worker(new URL('./photo.worker', window.location.href))
    const lost = new Promise<never>((_, reject) =>
      worker.addEventListener('error', (event) => {
        worker.terminate()
        photos = null
        reject(new NoReader(event.message || 'it could not be loaded'))
      }),
    )
    // Nobody may be waiting when it is lost.
    lost.catch(() => undefined)
    photos = { worker, remote: wrap<PhotoWorker>(worker), lost }
  }
  return photos
}

/** What the worker answers, unless it is lost or does not come. */
function askPhotos<T>(ask: (remote: Remote<PhotoWorker>) => Promise<T>): Promise<T> {
  const { remote, lost } = photoWorker()
  return inTime(Promise.race([ask(remote), lost]))
}

function letterReader(): Promise<Letters> {
  letters ??= inTime(startLetters(window.location.origin)).catch((error: unknown) => {
    letters = null
    throw new NoReader(error instanceof Error ? error.message : String(error))
  })
  return letters
}

/** Rejects with `NoReader` where its parts cannot be had, with the picture's own error where it cannot be drawn. */
async function readPhoto<A extends { readonly settled: boolean }>(
  photo: Blob,
  { corners, top }: SetPlate,
  judge: (looks: readonly SeenLines[]) => Promise<A>,
  report: (share: number) => void,
): Promise<ReadPhoto<A>> {
  used()
  const flat = await askPhotos((remote) => remote.open(photo, corners, top))
  const reader = await letterReader()
  const { answer, words } = await readLooks<A>({
    look: (index) => askPhotos((remote) => remote.look(index)),
    letters: (look) => {
      used()
      return readLetters(reader, look)
    },
    judge: (looks) => judge(looks.map((lines) => (lines.flat().length > MOST_WORDS ? [] : lines))),
    report,
  })
  const blob = new Blob([flat.png as BlobPart], { type: 'image/png' })
  return { answer, words, picture: { blob, width: flat.width, height: flat.height } }
}
/** More words than any plate has are looked at no further. */
const MOST_WORDS = 600

async function judged<A>(operation: 'read-plate' | 'read-tag', input: object): Promise<A> {
  const result = await runInWorker(operation, input)
  if (!result.ok) throw new Error(result.error.message)
  return result.output as A
}

export const readPlatePhoto = (
  photo: Blob,
  set: SetPlate,
  plate: PhotographedPlate,
  report: (share: number) => void,
): Promise<ReadPhoto<PlateReading>> =>
  readPhoto(photo, set, (looks) => judged<PlateReading>('read-plate', { plate, looks }), report)

/** Its leads and turns, and its figures as of any motor's plate. */
export const readTagPhoto = (
  photo: Blob,
  set: SetPlate,
  kind: MotorKind,
  report: (share: number) => void,
): Promise<ReadPhoto<SeenTag>> =>
  readPhoto(
    photo,
    set,
    async (looks) => {
      const tag = await judged<TagReading>('read-tag', { kind, looks })
      const { proposals } = await judged<PlateReading>('read-plate', { plate: 'motor', looks })
      return { ...tag, proposals }
    },
    report,
  )

/** The text of the code on a picture; null: none can be read. */
export function readCodePhoto(picture: Blob | ImageData): Promise<string | null> {
  used()
  return askPhotos((remote) => remote.code(picture))
}
