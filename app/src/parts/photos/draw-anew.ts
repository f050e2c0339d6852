// A picture from the camera or a file, drawn anew at 1600 px at most. Nothing of the file itself is kept, so neither is where it was taken.
import { MAX_PHOTO_SIDE } from '@oak/core/job/fields'

export type DrawnPhoto =
  | { readonly ok: true; readonly picture: Blob; readonly width: number; readonly height: number }
  | { readonly ok: false; readonly message: string }

/** Larger files are refused before they are read, bytes. */
const MAX_FILE_BYTES = 30_000_000
const QUALITY = 0.82

/** The size it is drawn at: the longer side 1600 px at most, never enlarged. */
export function drawnSize(
  width: number,
  height: number,
): { readonly width: number; readonly height: number } {
  const scale = Math.min(1, MAX_PHOTO_SIDE / Math.max(width, height))
  return { width: Math.max(1, Math.round(width * scale)), height: Math.max(1, Math.round(height * scale)) }
}

/** What is wrong with a file before it is opened; null when it may be tried. */
export function fileProblem({ size, name }: { readonly size: number; readonly name: string }): string | null {
  if (size === 0) return `${name} is empty: no photo is in it.`
  if (size > MAX_FILE_BYTES)
    return `${name} is larger than ${MAX_FILE_BYTES / 1e6} MB: take the photo at a smaller size.`
  return null
}

/** Of a file that cannot be drawn. */
export const noPicture = ({ name }: { readonly name: string }): string =>
  `${name} is not a picture that this device can read.`

/** A picture that was opened is closed by whoever uses it. */
type OpenedPicture =
  { readonly ok: true; readonly bitmap: ImageBitmap } | { readonly ok: false; readonly message: string }

/** The picture of a file, upright; or what is wrong with the file. */
export async function openPicture(file: File): Promise<OpenedPicture> {
  const wrong = fileProblem(file)
  if (wrong) return { ok: false, message: wrong }
  try {
    return { ok: true, bitmap: await createImageBitmap(file, { imageOrientation: 'from-image' }) }
  } catch {
    return { ok: false, message: noPicture(file) }
  }
}

export async function drawAnew(file: File): Promise<DrawnPhoto> {
  const opened = await openPicture(file)
  if (!opened.ok) return opened
  const { bitmap } = opened
  try {
    const { width, height } = drawnSize(bitmap.width, bitmap.height)
    const canvas = document.createElement('canvas')
    canvas.width = width
    canvas.height = height
    canvas.getContext('2d')?.drawImage(bitmap, 0, 0, width, height)
    const picture = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', QUALITY))
    return picture
      ? { ok: true, picture, width, height }
      : { ok: false, message: `${file.name} could not be drawn on this device.` }
  } finally {
    bitmap.close()
  }
}
