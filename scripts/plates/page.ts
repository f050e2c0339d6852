// What runs in the browser: a plate is made, photographed and read by the app's own parts.
import type { Proposal } from '../../core/label/photo/proposal'
import { readPlate } from '../../core/label/photo/read-plate'
import type { SeenLines } from '../../core/label/photo/words'
import { croppedTo } from '../../app/src/platform/reading/crop'
import { plateOn } from '../../app/src/platform/reading/looks'
import { readLetters, startLetters } from '../../app/src/platform/reading/letters'
import { readLooks } from '../../app/src/platform/reading/read-looks'
import type { Corners } from '../../app/src/platform/reading/straighten'
import { drawsOf } from './draws'
import { LAYOUTS } from './layouts'
import { findCode } from '../../app/src/platform/reading/card-code'
import { codeSquares } from '../../app/src/ui/code-squares'
import { photograph, photographCode, type Grade } from './photograph'
import type { Truth } from './facts'

export interface ReadOne {
  readonly words: string
  readonly truth: readonly Truth[]
  readonly proposals: readonly Proposal[]
  readonly looks: readonly SeenLines[]
  readonly ms: number
  readonly kind: string
  /** The straightened plate as a JPEG's address, where it was asked for. */
  readonly picture: string | null
}

const letters = startLetters(location.origin)

async function readOne(seed: number, grade: Grade, withPicture: boolean): Promise<ReadOne> {
  const draws = drawsOf(seed)
  const layout = LAYOUTS[seed % LAYOUTS.length]
  if (!layout) throw new Error('no layout')
  const plate = layout(draws)
  const { photo, corners, words } = await photograph(plate, grade, draws)
  const ready = await letters
  const start = performance.now()
  const bitmap = await createImageBitmap(photo)
  const cropped = croppedTo(bitmap, corners as unknown as Corners)
  bitmap.close()
  const { look } = plateOn(cropped.pixels, cropped.corners, 0)
  const seen: SeenLines[] = []
  const { proposals } = await readLooks(plate.kind, {
    look: (index) => Promise.resolve(look(index)),
    letters: async (one) => {
      const lines = await readLetters(ready, one)
      seen.push(lines)
      return lines
    },
    judge: (kind, looks) => Promise.resolve(readPlate(looks, kind)),
    report: () => undefined,
  })
  const ms = performance.now() - start
  const picture = withPicture ? address(look(3)?.png) : null
  return { words, kind: plate.kind, truth: plate.truth, proposals, looks: seen, ms, picture }
}

function address(png: Uint8Array | undefined): string | null {
  if (!png) return null
  let text = ''
  for (const byte of png) text += String.fromCharCode(byte)
  return btoa(text)
}

/** Is the code of a card read from a photo of it? */
async function readCardCode(seed: number, text: string): Promise<boolean> {
  const photo = await photographCode(codeSquares(text), drawsOf(seed))
  return (await findCode(photo)) === text
}

Object.assign(window, { readOne, readCardCode })
