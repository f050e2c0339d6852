// Colours of made-up wires under five lights: the right one is among those proposed, and mostly the first.
import { insulationCode } from '../colour'
import { seenCodes, seenInsulation } from './seen-insulation'
import { labUnder, type Rgb } from './lab'
import { LIGHTS, renderedWire, type Rendered } from './testing/rendered-wire'

/** Numbers from 0 to 1 that depend on the seed alone (mulberry32, public domain, from memory). */
function drawsOf(seed: number): () => number {
  let state = seed * 0x9e3779b1
  return () => {
    state = (state + 0x6d2b79f5) | 0
    let t = Math.imul(state ^ (state >>> 15), state | 1)
    t = (t + Math.imul(t ^ (t >>> 7), t | 61)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32
  }
}
const WIRES: readonly Rendered[] = Array.from({ length: 500 }, (_, i) => renderedWire(drawsOf(i)))
const share = (list: readonly Rendered[], is: (codes: readonly string[], right: string) => boolean): number =>
  list.filter((w) => is(seenCodes(seenInsulation(w.pixels, w.white)), insulationCode(w.insulation))).length /
  list.length

describe('500 wires under five lights', () => {
  it('the right one is among the proposals of 95 in 100, and the first of 80 in 100', () => {
    expect(share(WIRES, (codes, right) => codes.includes(right))).toBeGreaterThanOrEqual(0.95)
    expect(share(WIRES, (codes, right) => codes[0] === right)).toBeGreaterThanOrEqual(0.8)
  })
  it.each(Object.keys(LIGHTS))('no light is left out: %s', (light) => {
    const own = WIRES.filter((w) => w.light === light)
    expect(own.length).toBeGreaterThan(60)
    expect(share(own, (codes, right) => codes.includes(right))).toBeGreaterThanOrEqual(0.88)
  })
  it('never more than three are proposed, and never one twice', () => {
    for (const { pixels, white } of WIRES) {
      const codes = seenCodes(seenInsulation(pixels, white))
      expect(codes.length).toBeLessThanOrEqual(3)
      expect(new Set(codes).size).toBe(codes.length)
    }
  })
  it('without the white of that light a bulb misleads: the tap is worth its press', () => {
    const bulb = WIRES.filter((w) => w.light === 'bulb').map((w): Rendered => ({
      ...w,
      white: [255, 255, 255],
    }))
    const told = WIRES.filter((w) => w.light === 'bulb')
    const first = (list: readonly Rendered[]) => share(list, (codes, right) => codes[0] === right)
    expect(first(told)).toBeGreaterThan(first(bulb))
  })
})

it('what is white is white under its own light, and black is black', () => {
  const bulb: Rgb = [255, 214, 170]
  const [l, a, b] = labUnder(bulb, bulb)
  expect(l).toBeCloseTo(100, 0)
  expect(Math.hypot(a, b)).toBeLessThan(1)
  expect(labUnder([0, 0, 0], bulb)[0]).toBeCloseTo(0, 6)
})
it('sRGB red has the L*a*b* of the tables: 53.2, 80.1, 67.2', () => {
  const [l, a, b] = labUnder([255, 0, 0], [255, 255, 255])
  expect([l, a, b].map((x) => Math.round(x))).toEqual([53, 80, 67])
})
it('fewer than five pixels are no spot', () => {
  const black: Rgb = [0, 0, 0]
  expect(seenInsulation([black, black, black, black], [255, 255, 255])).toEqual([])
  expect(seenCodes(seenInsulation(Array<Rgb>(5).fill(black), [255, 255, 255]))[0]).toBe('BK')
})
