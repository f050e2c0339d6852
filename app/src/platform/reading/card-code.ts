// Finds a QR code on a picture: the decoder is WebAssembly that ships with the app and is fetched when first wanted.
import { prepareZXingModule, readBarcodes } from 'zxing-wasm/reader'

const FOLDER = '/reading'
let isPrepared = false

/** `picture`: a photo as a file, or pixels of a camera. */
export async function findCode(picture: Blob | ImageData): Promise<string | null> {
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
