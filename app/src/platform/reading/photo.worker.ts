// Pictures in a worker: a plate made flat and even, and the code of a card found. Nothing of a photo leaves the device.
import { expose, transfer } from 'comlink'
import { findCode } from './card-code'
import { croppedTo } from './crop'
import { plateOn, type Look } from './looks'
import { asPng, type Corners, type Top } from './straighten'

let plate: ReturnType<typeof plateOn> | null = null

/** The longer side of the picture that cut-outs are taken from, px. */
const SHOWN_SIDE = 1000

const api = {
  /** Takes a photo and its plate's corners; gives the plate alone, for cut-outs. */
  async open(
    photo: Blob,
    corners: Corners,
    top: Top,
  ): Promise<{ png: Uint8Array; width: number; height: number }> {
    const bitmap = await createImageBitmap(photo, { imageOrientation: 'from-image' })
    const cropped = croppedTo(bitmap, corners)
    bitmap.close()
    plate = plateOn(cropped.pixels, cropped.corners, top)
    const flat = plate.flatAt(SHOWN_SIDE)
    const png = asPng(flat)
    return transfer({ png, width: flat.width, height: flat.height }, [png.buffer])
  },
  look(index: number): Look | null {
    const look = plate?.look(index) ?? null
    return look && transfer(look, [look.png.buffer])
  },
  /** The text of the code on a picture; null: there is none that can be read. */
  code: (picture: Blob | ImageData): Promise<string | null> => findCode(picture),
}
export type PhotoWorker = typeof api

expose(api)
