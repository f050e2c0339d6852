// The pixels of a photo around a place, and what is white in it. Read from the picture itself, not from what the screen shows of it.
import type { Rgb } from '@oak/core/motor/seen-colour/lab'
import { photoOf } from '../../platform/state/app'

/** A place on the picture, as shares of its width and height. */
export interface Place {
  readonly x: number
  readonly y: number
}

/** Of the picture's longer side; px. A wire of a photo that shows a can is some 20 px wide. */
const SPOT_SHARE = 0.009
const SMALLEST = 7
const LARGEST = 25
/** The whole picture is looked at this small for its white. */
const SMALL = 64
/** Brighter than this share of the picture is its white, where nobody showed one. Common practice, no source. */
const BRIGHT = 0.97

/** The square of pixels around a place, inside the picture. */
export function squareAt(
  { x, y }: Place,
  { width, height }: { readonly width: number; readonly height: number },
): { readonly left: number; readonly top: number; readonly side: number } {
  const wanted = Math.round(SPOT_SHARE * Math.max(width, height))
  const side = Math.min(width, height, Math.max(SMALLEST, Math.min(LARGEST, wanted)))
  const from = (share: number, whole: number) =>
    Math.max(0, Math.min(whole - side, Math.round(share * whole - side / 2)))
  return { left: from(x, width), top: from(y, height), side }
}

/** null: the picture is not on this device. */
export async function spotOf(
  photo: string,
  place: Place,
): Promise<{ readonly pixels: Rgb[]; readonly white: Rgb } | null> {
  const picture = await photoOf(photo)
  if (!picture) return null
  const bitmap = await createImageBitmap(picture)
  try {
    const { left, top, side } = squareAt(place, bitmap)
    const pixels = drawn(side, side, (pen) => pen.drawImage(bitmap, left, top, side, side, 0, 0, side, side))
    const whole = drawn(SMALL, SMALL, (pen) => pen.drawImage(bitmap, 0, 0, SMALL, SMALL))
    return { pixels, white: brightest(whole) }
  } finally {
    bitmap.close()
  }
}

function drawn(width: number, height: number, draw: (pen: CanvasRenderingContext2D) => void): Rgb[] {
  const canvas = document.createElement('canvas')
  canvas.width = width
  canvas.height = height
  const pen = canvas.getContext('2d')
  if (!pen) return []
  draw(pen)
  const { data } = pen.getImageData(0, 0, width, height)
  return Array.from({ length: width * height }, (_, i): Rgb => [
    data[4 * i] ?? 0,
    data[4 * i + 1] ?? 0,
    data[4 * i + 2] ?? 0,
  ])
}

/** Each channel's bright end: what a white would give in this light, roughly. */
export function brightest(pixels: readonly Rgb[]): Rgb {
  const channel = (i: 0 | 1 | 2): number => {
    const sorted = pixels.map((p) => p[i]).sort((a, b) => a - b)
    return sorted[Math.min(sorted.length - 1, Math.floor(BRIGHT * sorted.length))] ?? 255
  }
  return [channel(0), channel(1), channel(2)]
}

/** The mean of a spot that is something white. */
export const meanOf = (pixels: readonly Rgb[]): Rgb => {
  const mean = (i: 0 | 1 | 2): number =>
    Math.round(pixels.reduce((sum, p) => sum + p[i], 0) / Math.max(1, pixels.length))
  return [mean(0), mean(1), mean(2)]
}
