// Finds a QR code on a picture: the decoder is WebAssembly that ships with the app and is fetched when first wanted. A photo that tells
// nothing as it is gets other looks: with its sun and shadow taken off, softened, with its corner squares drawn anew.
import { prepareZXingModule, readBarcodes } from 'zxing-wasm/reader'
import type { Image } from 'image-js'
import { withCorners } from './corner-squares'
import { croppedTo } from './crop'
import { evened, flatten, greyOf, softened, type Corners } from './straighten'

const FOLDER = '/readers'
let isPrepared = false

const WHOLE: Corners = [
  { x: 0, y: 0 },
  { x: 1, y: 0 },
  { x: 1, y: 1 },
  { x: 0, y: 1 },
]
/** The longer side of a look, px. */
const SIDES = [1700, 1150]
const SOFT = 1.2

/** `picture`: a photo as a file, or pixels of a camera. null: no code, or none that can be read. */
export async function findCode(picture: Blob | ImageData): Promise<string | null> {
  const first = await decode(picture)
  // A camera gives another frame at once.
  if (first !== null || !(picture instanceof Blob)) return first
  const bitmap = await createImageBitmap(picture, { imageOrientation: 'from-image' })
  const { pixels, corners } = croppedTo(bitmap, WHOLE)
  bitmap.close()
  const grey = greyOf(pixels)
  for (const side of SIDES) {
    const even = evened(flatten(grey, corners, 0, side))
    for (const look of looksOf(even)) {
      const text = await decode(asPixels(look))
      if (text !== null) return text
    }
  }
  return null
}

function* looksOf(even: Image): Generator<Image> {
  yield even
  yield softened(even, SOFT)
  yield* withCorners(even)
}

async function decode(picture: Blob | ImageData): Promise<string | null> {
  if (!isPrepared) {
    const { origin } = self.location
    prepareZXingModule({ overrides: { locateFile: (path: string) => `${origin}${FOLDER}/${path}` } })
    isPrepared = true
  }
  const found = await readBarcodes(picture, {
    formats: ['QRCode'],
    tryHarder: true,
    tryRotate: true,
    tryInvert: false,
    tryDownscale: true,
    maxNumberOfSymbols: 1,
  })
  return found.find((code) => code.isValid)?.text ?? null
}

function asPixels(image: Image): ImageData {
  const { data } = image.convertColor('RGBA').getRawImage()
  return new ImageData(new Uint8ClampedArray(data), image.width, image.height)
}
