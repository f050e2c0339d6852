import { pathOf } from './signature-path'

const line = (n: number) => ({ points: Array.from({ length: n }, (_, i) => ({ x: i, y: 7 })) })

describe('a drawn name as a path', () => {
  it('is 1000 across, whatever it was drawn on: each stroke a move and its lines', () => {
    const strokes = [
      {
        points: [
          { x: 10, y: 20 },
          { x: 200, y: 25 },
        ],
      },
      { points: [{ x: 100, y: 5.04 }] },
    ]
    // By hand: 1000/400 = 2.5 px of the record to one of the pad.
    expect(pathOf(strokes, 400)).toEqual({ path: 'M25 50L500 63M250 13', cut: false })
  })
  it('has nothing above or left of the pad, where a finger ran out of it', () => {
    expect(pathOf([{ points: [{ x: -3, y: -0.1 }] }], 1000).path).toBe('M0 0')
  })
  it('is empty where nothing is drawn', () => {
    expect(pathOf([], 300)).toEqual({ path: '', cut: false })
  })
  it('ends before it is longer than the record takes, and says so, also within one stroke', () => {
    // "M0 7", then 9 + 90 + 900 points of 4, 5 and 6 letters: 5,890; then 7 each. 39,000 hold (39,000 − 5,890) / 7 = 4,730 of those.
    const { path, cut } = pathOf([line(6000)], 1000)
    expect([path.length, cut]).toEqual([39_000, true])
    expect(path.endsWith('L5729 7')).toBe(true)
    expect(pathOf([line(5730)], 1000).cut).toBe(false)
    expect(pathOf([line(5730), line(1)], 1000).cut).toBe(true)
  })
})
