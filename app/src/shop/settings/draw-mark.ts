// The shop's mark from any picture: drawn anew as a small PNG, whose text is short enough to travel with the shop's settings.
import { MARK_LETTERS } from '@oak/core/job/van'
import { openPicture } from '../../parts/photos/draw-anew'

export type DrawnMark =
  { readonly ok: true; readonly mark: string } | { readonly ok: false; readonly message: string }

/** px: some 46 by 18 mm on paper at its sharpest. */
const WIDEST = 360
const HIGHEST = 144
/** A busy picture is drawn smaller until it is short enough. */
const SHRINK = 0.75
const SMALLEST = 40

export async function drawMark(file: File): Promise<DrawnMark> {
  const opened = await openPicture(file)
  if (!opened.ok) return opened
  const { bitmap } = opened
  try {
    const fit = Math.min(1, WIDEST / bitmap.width, HIGHEST / bitmap.height)
    for (let scale = fit; bitmap.width * scale >= SMALLEST; scale *= SHRINK) {
      const canvas = document.createElement('canvas')
      canvas.width = Math.max(1, Math.round(bitmap.width * scale))
      canvas.height = Math.max(1, Math.round(bitmap.height * scale))
      canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height)
      const mark = canvas.toDataURL('image/png')
      if (mark.length <= MARK_LETTERS) return { ok: true, mark }
    }
    return { ok: false, message: `${file.name} is too busy for a mark: take a plainer picture.` }
  } finally {
    bitmap.close()
  }
}
