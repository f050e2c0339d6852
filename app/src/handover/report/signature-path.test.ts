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
    expect(pathOf(strokes, 400)).toBe('M25 50L500 63M250 13')
  })
  it('has nothing above or left of the pad, where a finger ran out of it', () => {
    expect(pathOf([{ points: [{ x: -3, y: -0.1 }] }], 1000)).toBe('M0 0')
  })
  it('is empty where nothing is drawn', () => {
    expect(pathOf([], 300)).toBe('')
  })
  it('ends with a whole stroke before it is longer than the record takes', () => {
    // A point of a long stroke has up to "L4999 7" = 7 letters: two such strokes fit, a third does not.
    const path = pathOf([line(2500), line(2500), line(2500)], 1000)
    expect(path.length).toBeLessThanOrEqual(39_000)
    expect(path.match(/M/g)).toHaveLength(2)
    expect(path.endsWith('L2499 7')).toBe(true)
  })
})
