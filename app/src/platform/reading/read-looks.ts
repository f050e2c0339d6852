// One picture read: look after look, until nothing that was seen is open, or no look is left.
import type { SeenLines } from '@oak/core/label/photo/words'
import { FIRST_LOOKS, LOOKS, type Look } from './looks'

/** What the looks say together; `settled`: another look would change little. */
interface Answer {
  readonly settled: boolean
}

export interface ReadLooksPorts<A extends Answer> {
  /** The look of this number; null: there is none. */
  readonly look: (index: number) => Promise<Look | null>
  readonly letters: (look: Look) => Promise<SeenLines>
  readonly judge: (looks: readonly SeenLines[]) => Promise<A>
  /** How far it is, 0 to 1. */
  readonly report: (share: number) => void
}

interface LooksRead<A> {
  readonly answer: A
  /** How many words of letters or figures were seen in the look that saw most. */
  readonly words: number
}

export async function readLooks<A extends Answer>(ports: ReadLooksPorts<A>): Promise<LooksRead<A>> {
  const seen: SeenLines[] = []
  let answer: A | null = null
  for (let i = 0; i < LOOKS.length; i++) {
    const look = await ports.look(i)
    if (!look) break
    seen.push(await ports.letters(look))
    ports.report((i + 1) / LOOKS.length)
    if (i + 1 < FIRST_LOOKS) continue
    answer = await ports.judge(seen)
    // Nothing at all after the first looks: more of them find no plate in a picture of anything else.
    if (answer.settled) break
  }
  return { answer: answer ?? (await ports.judge(seen)), words: Math.max(0, ...seen.map(wordsIn)) }
}

/** Words that a reader of letters was fairly sure of: on a picture of anything else there are few. */
const SURE = 60
const wordsIn = (lines: SeenLines): number =>
  lines.flat().filter(({ text, confidence }) => confidence >= SURE && /[\p{L}\p{N}]{2}/u.test(text)).length

/** The picture made straight, for cut-outs. */
export interface FlatPicture {
  readonly blob: Blob
  readonly width: number
  readonly height: number
}

/** What was read from a photo. */
export interface ReadPhoto<A> extends LooksRead<A> {
  readonly picture: FlatPicture
}
