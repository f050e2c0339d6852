// One plate read: look after look, until nothing that was seen is open, or no look is left.
import type { PhotographedPlate, Proposal } from '@oak/core/label/photo/proposal'
import type { PlateReading } from '@oak/core/label/photo/read-plate'
import type { SeenLines } from '@oak/core/label/photo/words'
import { FIRST_LOOKS, LOOKS, type Look } from './looks'

export interface ReadLooksPorts {
  /** The look of this number; null: there is none. */
  readonly look: (index: number) => Promise<Look | null>
  readonly letters: (look: Look) => Promise<SeenLines>
  readonly judge: (plate: PhotographedPlate, looks: readonly SeenLines[]) => Promise<PlateReading>
  /** How far it is, 0 to 1. */
  readonly report: (share: number) => void
}

interface PlateRead {
  readonly proposals: readonly Proposal[]
  /** How many words of letters or figures were seen in the look that saw most. */
  readonly words: number
}

export async function readLooks(plate: PhotographedPlate, ports: ReadLooksPorts): Promise<PlateRead> {
  const seen: SeenLines[] = []
  let judged: PlateReading = { proposals: [], settled: false }
  for (let i = 0; i < LOOKS.length; i++) {
    const look = await ports.look(i)
    if (!look) break
    seen.push(await ports.letters(look))
    ports.report((i + 1) / LOOKS.length)
    if (i + 1 < FIRST_LOOKS) continue
    judged = await ports.judge(plate, seen)
    // Nothing at all after the first looks: more of them find no plate in a picture of anything else.
    if (judged.settled) break
  }
  return { proposals: judged.proposals, words: Math.max(0, ...seen.map(wordsIn)) }
}

/** Words that a reader of letters was fairly sure of: on a picture of anything else there are few. */
const SURE = 60
const wordsIn = (lines: SeenLines): number =>
  lines.flat().filter(({ text, confidence }) => confidence >= SURE && /[\p{L}\p{N}]{2}/u.test(text)).length

/** A plate that was read from a photo. */
export interface ReadPlatePhoto extends PlateRead {
  /** The plate made straight, for cut-outs. */
  readonly picture: { readonly blob: Blob; readonly width: number; readonly height: number }
}
