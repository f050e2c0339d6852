// The part of a photo that holds the plate, at the size it is read at: a photo of twelve megapixels is never held whole beside its copy.
import type { Corners, Pixels, Share } from './straighten'

/** Pixels of the plate's longer side before it is straightened. */
const LONGER_SIDE = 1700
const EDGE = 0.01

export interface Cropped {
  readonly pixels: Pixels
  /** The corners as shares of the cropped part. */
  readonly corners: Corners
}

export interface Frame {
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
  /** Pixels of the crop for one of the photo. */
  readonly scale: number
}

/** The box around the corners, and how much smaller it is drawn; never enlarged. Sides in px of the photo. */
export function frameOf(corners: Corners, width: number, height: number): Frame {
  const low = (of: keyof Share) => Math.max(0, Math.min(...corners.map((c) => c[of])) - EDGE)
  const high = (of: keyof Share) => Math.min(1, Math.max(...corners.map((c) => c[of])) + EDGE)
  const [x, y] = [low('x') * width, low('y') * height]
  const [w, h] = [Math.max(8, high('x') * width - x), Math.max(8, high('y') * height - y)]
  return { x, y, width: w, height: h, scale: Math.min(1, LONGER_SIDE / Math.max(w, h)) }
}

export function croppedTo(bitmap: ImageBitmap, corners: Corners): Cropped {
  const frame = frameOf(corners, bitmap.width, bitmap.height)
  const width = Math.round(frame.width * frame.scale)
  const height = Math.round(frame.height * frame.scale)
  const pen = new OffscreenCanvas(width, height).getContext('2d', { willReadFrequently: true })
  if (!pen) throw new Error('This device gives no canvas.')
  pen.imageSmoothingQuality = 'high'
  pen.drawImage(bitmap, frame.x, frame.y, frame.width, frame.height, 0, 0, width, height)
  const within = ({ x, y }: Share): Share => ({
    x: (x * bitmap.width - frame.x) / frame.width,
    y: (y * bitmap.height - frame.y) / frame.height,
  })
  return { pixels: pen.getImageData(0, 0, width, height), corners: corners.map(within) as unknown as Corners }
}
