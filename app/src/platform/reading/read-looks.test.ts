import type { SeenLines } from '@oak/core/label/photo/words'
import { FIRST_LOOKS, LOOKS, type Look } from './looks'
import type { PlateReading } from '@oak/core/label/photo/read-plate'
import { readLooks } from './read-looks'

const look: Look = { png: new Uint8Array(), layout: 'block', side: 1000, uneven: false }
const words = (...texts: string[]): SeenLines => [
  texts.map((text) => ({ text, confidence: 80, box: { x0: 0, y0: 0, x1: 1, y1: 1 } })),
]

async function run(settledAfter: number, seen: SeenLines = []) {
  const shares: number[] = []
  const judged: number[] = []
  const read = await readLooks({
    look: () => Promise.resolve(look),
    letters: () => Promise.resolve(seen),
    judge: (looks): Promise<PlateReading> => {
      judged.push(looks.length)
      return Promise.resolve({ proposals: [], settled: looks.length >= settledAfter })
    },
    report: (share) => shares.push(share),
  })
  return { read, shares, judged }
}

it('takes its first looks, and more only while something is open', async () => {
  expect((await run(FIRST_LOOKS)).judged).toEqual([FIRST_LOOKS])
  expect((await run(FIRST_LOOKS + 1)).judged).toEqual([FIRST_LOOKS, FIRST_LOOKS + 1])
  expect((await run(99)).judged.at(-1)).toBe(LOOKS.length)
})
it('says how far it is, up to the whole', async () => {
  const { shares } = await run(99)
  expect(shares).toEqual([...shares].sort((a, b) => a - b))
  expect(shares.at(-1)).toBe(1)
})
it('counts what has two letters or figures beside each other: of these “HP” alone', async () =>
  expect((await run(4, words('HP', '1/4', '|', '?', 'e'))).read.words).toBe(1))
