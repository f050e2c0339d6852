// What runs in the browser: a plate is made, photographed and read by the app's own parts.
import type { Proposal } from '../../core/label/photo/proposal'
import { readPlate, type PlateReading } from '../../core/label/photo/read-plate'
import { readTag } from '../../core/label/photo/read-tag'
import { turnKey } from '../../core/label/tag-turns'
import { insulationCode } from '../../core/motor/colour'
import type { SeenLines } from '../../core/label/photo/words'
import { croppedTo } from '../../app/src/platform/reading/crop'
import { plateOn } from '../../app/src/platform/reading/looks'
import { readLetters, startLetters } from '../../app/src/platform/reading/letters'
import { readLooks } from '../../app/src/platform/reading/read-looks'
import type { Corners } from '../../app/src/platform/reading/straighten'
import { drawsOf } from './draws'
import { LAYOUTS } from './layouts'
import type { Plate } from './plate'
import { TAGS, type Tag } from './tags'
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

/** What is read of a plate, or of a tag on leads. */
export type Sort = 'plates' | 'tags'

function made(seed: number, sort: Sort) {
  const draws = drawsOf(seed)
  const layouts: readonly ((d: typeof draws) => Plate | Tag)[] = sort === 'tags' ? TAGS : LAYOUTS
  const layout = layouts[seed % layouts.length]
  if (!layout) throw new Error('no layout')
  return { draws, plate: layout(draws) }
}

/** Leads and joins of a tag as a plate's figures are held against the truth. */
function judge(plate: Plate | Tag, looks: readonly SeenLines[]): PlateReading {
  if (plate.kind !== 'tag') return readPlate(looks, plate.kind)
  const { leads, turns, settled } = readTag(looks, 'motor' in plate ? plate.motor : 'psc-outdoor')
  const as = (field: string, means: string) =>
    ({ field, means, text: means, box: { x0: 0, y0: 0, x1: 1, y1: 1 }, confidence: 0 }) as unknown as Proposal
  return {
    proposals: [
      ...leads.map((l) =>
        as('lead', `${insulationCode(l.insulation)} ${l.role}${l.speed ? ` ${l.speed}` : ''}`),
      ),
      ...turns.map((t) => as('turn', turnKey(t))),
    ],
    settled,
  }
}

async function readOne(seed: number, grade: Grade, withPicture: boolean, sort: Sort): Promise<ReadOne> {
  const { draws, plate } = made(seed, sort)
  const { photo, corners, words } = await photograph(plate, grade, draws)
  const ready = await letters
  const start = performance.now()
  const bitmap = await createImageBitmap(photo)
  const cropped = croppedTo(bitmap, corners as unknown as Corners)
  bitmap.close()
  const { look } = plateOn(cropped.pixels, cropped.corners, 0)
  const seen: SeenLines[] = []
  const { answer } = await readLooks({
    look: (index) => Promise.resolve(look(index)),
    letters: async (one) => {
      const lines = await readLetters(ready, one)
      seen.push(lines)
      return lines
    },
    judge: (looks) => Promise.resolve(judge(plate, looks)),
    report: () => undefined,
  })
  const ms = performance.now() - start
  const picture = withPicture ? address(look(3)?.png) : null
  return {
    words,
    kind: plate.kind,
    truth: plate.truth,
    proposals: answer.proposals,
    looks: seen,
    ms,
    picture,
  }
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
