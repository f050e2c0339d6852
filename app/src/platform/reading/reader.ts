// The readers of pictures, fetched when a picture is first read: they are no part of any screen.
import type { PhotographedPlate } from '@oak/core/label/photo/proposal'
import { NoReader } from './no-reader'
import type { PlateReading } from '@oak/core/label/photo/read-plate'
import type { MotorKind } from '@oak/core/motor/kind'
import type { ReadPhoto } from './read-looks'
import type { SeenTag } from './seen-tag'
import type { SetPlate } from './straighten'

async function photoReader() {
  try {
    return await import('./photo-reader')
  } catch (error) {
    throw new NoReader(error instanceof Error ? error.message : String(error))
  }
}

/** Rejects with `NoReader` where its parts cannot be had, with the picture's own error where it cannot be drawn. */
export async function readPlatePhoto(
  photo: Blob,
  set: SetPlate,
  plate: PhotographedPlate,
  report: (share: number) => void,
): Promise<ReadPhoto<PlateReading>> {
  return (await photoReader()).readPlatePhoto(photo, set, plate, report)
}

/** As above, of the tag on a motor's leads. */
export async function readTagPhoto(
  photo: Blob,
  set: SetPlate,
  kind: MotorKind,
  report: (share: number) => void,
): Promise<ReadPhoto<SeenTag>> {
  return (await photoReader()).readTagPhoto(photo, set, kind, report)
}

/** The text of the code on a picture; null: none can be read. Rejects as above. */
export async function readCodePhoto(picture: Blob | ImageData): Promise<string | null> {
  return (await photoReader()).readCodePhoto(picture)
}
