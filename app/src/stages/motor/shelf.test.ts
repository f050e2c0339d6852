import { LEAD_SHEETS } from '@oak/core/motor/lead-sheets'
import { EMPTY_JOB } from '@oak/core/job/document'
import { shelfRows, whatIsDue, type Match } from './shelf'

const [a, b, c] = LEAD_SHEETS.slice(0, 3) as [
  (typeof LEAD_SHEETS)[number],
  (typeof LEAD_SHEETS)[number],
  (typeof LEAD_SHEETS)[number],
]
const match = (id: string) => ({ id }) as Match
const motor = (sheet: typeof a, left: number | null) => ({
  sheet,
  stock: left === null ? null : { line: sheet.id, left },
})

describe('the shelf', () => {
  it('shows the best match first, of those that are on the van', () => {
    const rows = shelfRows(
      [a, b, c],
      [match(c.id), match(b.id), match(a.id)],
      [motor(a, 1), motor(b, 2), motor(c, 0)],
    )
    expect(rows.map((r) => [r.sheet.id, r.match?.id, r.stock])).toEqual([
      [b.id, b.id, '2 left'],
      [a.id, a.id, '1 left'],
      [c.id, c.id, 'none left'],
    ])
  })
  it('where nothing is counted, no stock is told and none counts as away', () => {
    const rows = shelfRows([a, b], [match(b.id), match(a.id)], [motor(a, null), motor(b, null)])
    expect(rows.map((r) => [r.sheet.id, r.stock])).toEqual([
      [b.id, undefined],
      [a.id, undefined],
    ])
  })
  it('one that was never counted is not on the van, where others are', () => {
    const rows = shelfRows([a, b], [match(a.id), match(b.id)], [motor(a, null), motor(b, 1)])
    expect(rows.map((r) => [r.sheet.id, r.stock])).toEqual([
      [b.id, '1 left'],
      [a.id, 'not on the van'],
    ])
    // Taken more often than it was counted, it is away too.
    expect(shelfRows([a, b], [match(a.id), match(b.id)], [motor(a, -1), motor(b, 1)])[0]?.sheet.id).toBe(b.id)
  })
  it('before they are matched they stand as they are known', () =>
    expect(shelfRows([b, a], [], []).map((r) => [r.sheet.id, r.match])).toEqual([
      [b.id, null],
      [a.id, null],
    ]))
})

describe('what is due', () => {
  const wanted = { direction: 'CW', seenFrom: 'lead-end' } as const
  const twoSpeeds = LEAD_SHEETS.find((s) => s.settings.speed.filter((x) => x.tap === null).length > 1)
  it('a motor, then its rotation, then nothing', () => {
    const outdoor = LEAD_SHEETS.find((s) => s.kind === 'psc-outdoor') ?? a
    expect(whatIsDue(EMPTY_JOB)).toBe('Pick the motor that is on the van.')
    expect(whatIsDue({ motor: outdoor, wanted: null, speed: null })).toBe('Say which way the fan must turn.')
    expect(whatIsDue({ motor: outdoor, wanted, speed: null })).toBeNull()
  })
  it('a motor of two classes must be told which', () => {
    if (!twoSpeeds) throw new Error('no shipped sheet has two select speeds')
    expect(whatIsDue({ motor: twoSpeeds, wanted, speed: null })).toBe('Pick the speed to set.')
    const speed = twoSpeeds.settings.speed[0]?.speed ?? null
    expect(whatIsDue({ motor: twoSpeeds, wanted, speed })).toBeNull()
  })
})
