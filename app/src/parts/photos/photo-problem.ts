// What is wrong with a picture that is to be read whole, before it is opened, in words.
import { imageDimensionsFromData } from 'image-dimensions'
import { fileProblem } from './draw-anew'

/** A picture of more takes more memory than a phone spares. */
const MAX_MEGAPIXELS = 24
const HEAD_BYTES = 262_144

/** null: it may be tried. */
export async function photoProblem(file: File): Promise<string | null> {
  const wrong = fileProblem(file)
  if (wrong) return wrong
  const size = imageDimensionsFromData(new Uint8Array(await file.slice(0, HEAD_BYTES).arrayBuffer()))
  const megapixels = size ? Math.round((size.width * size.height) / 1e6) : 0
  return megapixels > MAX_MEGAPIXELS
    ? `The photo has ${megapixels} megapixels; ${MAX_MEGAPIXELS} at most are read here. Set the camera to a smaller size.`
    : null
}
