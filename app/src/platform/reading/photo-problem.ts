// What is wrong with a picture before it is read, in words.
import { imageDimensionsFromData } from 'image-dimensions'

const MAX_BYTES = 30_000_000
/** A picture of more takes more memory than a phone spares. */
const MAX_MEGAPIXELS = 24
const HEAD_BYTES = 262_144

/** null: it may be tried. */
export async function photoProblem(file: File): Promise<string | null> {
  if (file.size === 0) return `${file.name} is empty: no photo is in it.`
  if (file.size > MAX_BYTES)
    return `${file.name} is larger than ${MAX_BYTES / 1e6} MB: take the photo at a smaller size.`
  const head = new Uint8Array(await file.slice(0, HEAD_BYTES).arrayBuffer())
  const size = imageDimensionsFromData(head)
  const megapixels = size ? Math.round((size.width * size.height) / 1e6) : 0
  return megapixels > MAX_MEGAPIXELS
    ? `The photo has ${megapixels} megapixels; ${MAX_MEGAPIXELS} at most are read here. Set the camera to a smaller size.`
    : null
}
