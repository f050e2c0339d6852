import { drawAnew, drawnSize, fileProblem } from './draw-anew'
import { photoNames, usualPair, within } from './before-after'
import { brightest, meanOf, squareAt } from './spot'
import { pinAt, pinTargets, withoutPin, withPin } from './pins'
import { unitTypeFor } from '@oak/core/wiring/unit-types'

describe('the size a photo is drawn at', () => {
  it.each([
    [4032, 3024, 1600, 1200],
    [3024, 4032, 1200, 1600],
    [800, 600, 800, 600],
    [1600, 1600, 1600, 1600],
    [20000, 3, 1600, 1],
  ])('%s × %s becomes %s × %s', (w, h, width, height) => expect(drawnSize(w, h)).toEqual({ width, height }))
})

describe('files that are no photos', () => {
  it('empty', () =>
    expect(fileProblem({ name: 'a.jpg', size: 0 })).toBe('a.jpg is empty: no photo is in it.'))
  it('of 40 MB', () =>
    expect(fileProblem({ name: 'a.jpg', size: 40_000_000 })).toContain('larger than 30 MB'))
  it('that no decoder takes', async () => {
    Object.assign(globalThis, { createImageBitmap: () => Promise.reject(new Error('not an image')) })
    expect(await drawAnew(new File(['hello'], 'notes.txt'))).toEqual({
      ok: false,
      message: 'notes.txt is not a picture that this device can read.',
    })
  })
})

describe('pins', () => {
  const photo = { caption: '', width: 1600, height: 1200, takenAt: 1, pins: [] }
  it('lie where the finger was, as shares, and never off the picture', () => {
    expect(pinAt(150, 60, { width: 300, height: 200 })).toEqual({ x: 0.5, y: 0.3 })
    expect(pinAt(-5, 900, { width: 300, height: 200 })).toEqual({ x: 0, y: 1 })
  })
  it('are added, and taken off one by one', () => {
    const target = { kind: 'post' as const, of: 'T1', words: 'T1 on the contactor' }
    const two = withPin(
      withPin(photo, { x: 0.1, y: 0.2 }, target),
      { x: 0.3, y: 0.4 },
      { kind: 'note', of: '', words: 'burnt' },
    )
    expect(two.pins).toEqual([
      { x: 0.1, y: 0.2, ...target },
      { x: 0.3, y: 0.4, kind: 'note', of: '', words: 'burnt' },
    ])
    expect(withoutPin(two, 0).pins.map((p) => p.words)).toEqual(['burnt'])
  })
  it('may point at every post of the unit and every wire of the motor', () => {
    const unit = unitTypeFor('gas-furnace-board')
    const targets = pinTargets(unit, {
      cool: { from: 'COOL', to: 'motor', segments: [{ colour: 'BK' }], traced: true, stated: [] },
    })
    expect(targets.filter((t) => t.kind === 'post')).toHaveLength(unit?.posts.length ?? 0)
    expect(targets.at(-1)).toEqual({ kind: 'wire', of: 'cool', words: 'black wire on COOL on the fan board' })
  })
})

describe('two photos over each other', () => {
  const photo = (takenAt: number, more = {}) => ({
    caption: '',
    width: 1600,
    height: 1200,
    takenAt,
    pins: [],
    ...more,
  })
  it('are the first of before and the last of after; where nobody said, the first and the last', () => {
    expect(usualPair({ c: photo(3), a: photo(1), b: photo(2) })).toEqual({ before: 'a', after: 'c' })
    const said = {
      a: photo(1),
      b: photo(2, { work: 'before' }),
      c: photo(3, { work: 'after' }),
      d: photo(4),
    }
    expect(usualPair(said)).toEqual({ before: 'b', after: 'c' })
    expect(usualPair({ a: photo(1, { work: 'after' }), b: photo(2, { work: 'after' }) })).toEqual({
      before: 'a',
      after: 'b',
    })
  })
  it('one photo is no pair', () => {
    expect(usualPair({})).toBeNull()
    expect(usualPair({ a: photo(1) })).toBeNull()
  })
  it('are named in order of time, with what they show', () =>
    expect(photoNames({ b: photo(2, { work: 'after' }), a: photo(1, { caption: 'Rust' }) })).toEqual([
      { value: 'a', text: '1: Rust' },
      { value: 'b', text: '2: no words (after)' },
    ]))
  it('one of another shape stands whole in the middle, so that its pins keep their places', () => {
    const frame = { width: 400, height: 300 }
    expect(within({ width: 800, height: 600 }, frame)).toEqual({ left: 0, top: 0, width: 1, height: 1 })
    // Upright, 300 by 400, in a frame of 400 by 300: 225 wide, 300 high.
    expect(within({ width: 300, height: 400 }, frame)).toEqual({
      left: (1 - 225 / 400) / 2,
      top: 0,
      width: 225 / 400,
      height: 1,
    })
    // Twice as wide as high: 400 wide, 200 high.
    const wide = within({ width: 200, height: 100 }, frame)
    expect(wide.width).toBe(1)
    expect(wide.height).toBeCloseTo(200 / 300, 12)
    expect(wide.top).toBeCloseTo(1 / 6, 12)
  })
})

describe('the spot under a pin', () => {
  const picture = { width: 1600, height: 1200 }
  it('is a square around it, a hundredth of the picture', () =>
    // 0.009 of 1600 px is 14 px; its middle is the pin.
    expect(squareAt({ x: 0.5, y: 0.25 }, picture)).toEqual({ left: 793, top: 293, side: 14 }))
  it.each([
    [
      { x: 0, y: 0 },
      { left: 0, top: 0 },
    ],
    [
      { x: 1, y: 1 },
      { left: 1586, top: 1186 },
    ],
  ])('stays inside the picture at %j', (at, corner) => expect(squareAt(at, picture)).toMatchObject(corner))
  it('of a tiny picture is the picture', () =>
    expect(squareAt({ x: 0.5, y: 0.5 }, { width: 4, height: 3 })).toEqual({ left: 1, top: 0, side: 3 }))
  it('white is the bright end of each channel, or the mean of what was shown', () => {
    const pixels = Array.from({ length: 100 }, (_, i) => [i, 2 * i, 255] as const)
    expect(brightest(pixels)).toEqual([97, 194, 255])
    expect(
      meanOf([
        [250, 240, 200],
        [252, 244, 210],
      ]),
    ).toEqual([251, 242, 205])
  })
})
