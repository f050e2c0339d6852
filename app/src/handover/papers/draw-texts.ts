// What the PDF's typeface cannot write, drawn by the device with the fonts it has, in the script's own direction; and photos drawn small.
import { breakLines } from './break-lines'
import { isWritable, type TextPicture, type TextPictures } from './pdf-documents'

const SIZE_PT = 11
/** Pixels a point: sharp on paper. */
const SHARP = 3
const WIDEST_PT = 500

export function picturesOf(texts: readonly string[]): TextPictures {
  return new Map(
    [...new Set(texts)]
      .filter((text) => text !== '' && !isWritable(text))
      .flatMap((text): [string, TextPicture][] => {
        const picture = drawText(text)
        return picture ? [[text, picture]] : []
      }),
  )
}

function drawText(text: string): TextPicture | null {
  const canvas = document.createElement('canvas')
  const pen = canvas.getContext('2d')
  if (!pen) return null
  const size = SIZE_PT * SHARP
  const font = `${size}px sans-serif`
  pen.font = font
  const lines = breakLines(text, (part) => pen.measureText(part).width, WIDEST_PT * SHARP)
  canvas.width = Math.ceil(Math.max(1, ...lines.map((line) => pen.measureText(line).width)))
  canvas.height = Math.ceil(size * 1.35 * lines.length)
  const again = canvas.getContext('2d') as CanvasRenderingContext2D
  const rightToLeft = /[\u0590-\u08FF\uFB1D-\uFDFF\uFE70-\uFEFF]/.test(text)
  again.font = font
  again.fillStyle = '#17130e'
  again.direction = rightToLeft ? 'rtl' : 'ltr'
  again.textAlign = rightToLeft ? 'right' : 'left'
  lines.forEach((line, i) => again.fillText(line, rightToLeft ? canvas.width : 0, size * (1 + 1.35 * i)))
  return { url: canvas.toDataURL('image/png'), width: canvas.width / SHARP }
}

const PHOTO_SIDE = 900
const PHOTO_QUALITY = 0.72

/** A dozen of them stay below 5 MB. */
export async function smallPhoto(picture: Blob): Promise<string> {
  const bitmap = await createImageBitmap(picture)
  const scale = Math.min(1, PHOTO_SIDE / Math.max(bitmap.width, bitmap.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(bitmap.width * scale))
  canvas.height = Math.max(1, Math.round(bitmap.height * scale))
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height)
  bitmap.close()
  return canvas.toDataURL('image/jpeg', PHOTO_QUALITY)
}
