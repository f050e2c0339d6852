// A printed code whose corner squares are folded or stained: found all the same, and read then by another library.
import { Image } from 'image-js'
import jsQR from 'jsqr'
import { create } from 'qrcode'
import { workOutHookup } from '@oak/core/circuit/hookup'
import { writeCode } from '@oak/core/job/card/code/code-text'
import { cardRecord } from '@oak/core/job/card/code/record'
import { requestFor } from '@oak/core/testing/fixtures'
import { cornersOn, withCorners } from './corner-squares'

const PAPER = 190
const INK = 15
const EDGE = 30
const SIDE = 5

const request = requestFor()
const TEXT = writeCode(
  cardRecord(request, workOutHookup(request), {
    job: '01950000-0000-7000-8000-0000000000a1',
    date: '2026-11-28',
    site: 'Gull Street 4',
    unitName: 'North',
    readings: [],
  }),
)
const { modules } = create(TEXT, { errorCorrectionLevel: 'M' })
const WIDE = 2 * EDGE + modules.size * SIDE

/** An evened picture of the code, turned by quarters; `hurt`: what a place is instead, by place in squares of the code as it was printed. */
function picture(hurt: (x: number, y: number) => number | null = () => null, quarters = 0): Image {
  const data = new Uint8Array(WIDE * WIDE).fill(PAPER)
  for (let y = 0; y < WIDE; y++)
    for (let x = 0; x < WIDE; x++) {
      const [column, row] = [(x + 0.5 - EDGE) / SIDE, (y + 0.5 - EDGE) / SIDE]
      const isIn = Math.min(column, row) >= 0 && Math.max(column, row) < modules.size
      const printed = isIn && modules.get(Math.floor(row), Math.floor(column)) ? INK : PAPER
      let [tx, ty] = [x, y]
      for (let q = 0; q < quarters; q++) [tx, ty] = [WIDE - 1 - ty, tx]
      data[ty * WIDE + tx] = hurt(column, row) ?? printed
    }
  return new Image(WIDE, WIDE, { data, colorModel: 'GREY' })
}
function read(grey: Image): string | null {
  const { data, width, height } = grey.convertColor('RGBA').getRawImage()
  return jsQR(new Uint8ClampedArray(data), width, height)?.data ?? null
}
const readMended = (grey: Image) => [...withCorners(grey)].some((mended) => read(mended) === TEXT)

/** A fold down both left corner squares: a white edge beside a dark one. */
const fold = (x: number) => (x >= 2.2 && x < 3.2 ? PAPER : x >= 3.2 && x < 4.2 ? 90 : null)
/** The lower left corner of the code torn off, and rain on the middle of the upper right corner square. */
const torn = (x: number, y: number) =>
  x + modules.size - y < 4.5 || Math.hypot(x - modules.size + 2.6, y - 2.6) < 1.1 ? PAPER : null

it('a whole code is read as it is', () => {
  expect(read(picture())).toBe(TEXT)
})

it('the three corner squares of a whole code are where they were printed, and as large', () => {
  const three = cornersOn(picture()).slice(0, 3)
  const near = EDGE + 3.5 * SIDE
  const far = EDGE + (modules.size - 3.5) * SIDE
  const places = three.map(({ x, y }) => [x, y] as const)
  for (const [x, y] of [
    [near, near],
    [far, near],
    [near, far],
  ] as const)
    expect(Math.min(...places.map((p) => Math.hypot(p[0] - x, p[1] - y)))).toBeLessThanOrEqual(1.5)
  for (const { side } of three) expect(Math.abs(side / SIDE - 1)).toBeLessThan(0.15)
})

it.each([
  ['folded', fold],
  ['torn and wet', torn],
])('%s, a decoder finds no code; with its corner squares drawn anew it reads all of it', (_, hurt) => {
  expect(read(picture(hurt))).toBeNull()
  expect(readMended(picture(hurt))).toBe(true)
})

it.each([1, 2, 3])('turned by %i quarters too', (quarters) => {
  expect(read(picture(fold, quarters))).toBeNull()
  expect(readMended(picture(fold, quarters))).toBe(true)
})

it('on paper, on lines of text and on one corner square alone there is no code', () => {
  const lines = (x: number, y: number) => (Math.sin(x * 3) > 0.2 && Math.floor(y / 2) % 2 === 0 ? INK : PAPER)
  const one = (x: number, y: number) => (Math.min(x, y) < -1 || Math.max(x, y) > 8 ? PAPER : null)
  for (const hurt of [() => PAPER, lines, one]) expect([...withCorners(picture(hurt))]).toEqual([])
})
