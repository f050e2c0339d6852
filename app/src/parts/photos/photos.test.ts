import { drawAnew, drawnSize, fileProblem } from './draw-anew'
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
