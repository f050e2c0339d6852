import { parseChange, type Change } from './change'
import { foldVan, takingsOf } from './fold'
import { writeJobFile, readJobFile } from './job-file'
import { knownSheets } from './known-sheets'
import { stockLeft, VAN_ID, type Taking } from './van'
import { LEAD_SHEETS } from '../motor/lead-sheets'

const uuid = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`
const AT = 1_800_000_000_000
let made = 0
const change = (job: string, path: string[], value: unknown, at: number): Change => {
  const parsed = parseChange({
    id: uuid(++made),
    job,
    path,
    value,
    at: AT + at,
    device: uuid(1),
    technician: '',
  })
  if (!parsed.ok) throw new Error(parsed.problems[0]?.message)
  return parsed.change
}
const LINE = { kind: 'part', name: 'Cap', quantity: 5, cents: null, countedAt: AT } as const
const JOB = uuid(500)
const OTHER = uuid(501)
const left = (stock: object, takings: Taking[]) =>
  stockLeft(stock as Parameters<typeof stockLeft>[0], takings)
const take = (job: string, quantity: number, at: number): Taking => ({
  job,
  line: 'part-cap',
  quantity,
  at: AT + at,
})

describe('the van as a fold', () => {
  it('takes the latest of each line, and null removes one', () => {
    const changes = [
      change(VAN_ID, ['stock', 'part-cap'], LINE, 1),
      change(VAN_ID, ['stock', 'part-cap'], { ...LINE, quantity: 9 }, 3),
      change(VAN_ID, ['stock', 'part-tie'], { ...LINE, name: 'Tie' }, 2),
      change(VAN_ID, ['stock', 'part-tie'], null, 4),
    ]
    expect(foldVan(changes.reverse()).stock).toEqual({
      'part-cap': { ...LINE, quantity: 9, countedAt: AT + 1 },
    })
  })
  it('was counted when its change says, whatever the clock of the one who counted', () => {
    const YEAR = 365 * 86_400_000
    // Counted by a phone a year ahead; the server put the change's stamp right, and what is in the line stayed.
    const counted = change(VAN_ID, ['stock', 'part-cap'], { ...LINE, countedAt: AT + YEAR }, 10)
    const renamed = change(VAN_ID, ['stock', 'part-cap'], { ...LINE, name: 'Can', countedAt: AT + YEAR }, 30)
    const { stock } = foldVan([renamed, counted])
    // A new name is no new count.
    expect(stock['part-cap']).toMatchObject({ name: 'Can', countedAt: AT + 10 })
    // Taken before the count it was not on the van then; taken after it is one less.
    expect(left(stock, [take(JOB, 2, 5)])).toEqual({ 'part-cap': 5 })
    expect(left(stock, [take(JOB, 2, 20)])).toEqual({ 'part-cap': 3 })
    // In the same moment: it was counted, and then taken.
    expect(left(stock, [take(JOB, 2, 10)])).toEqual({ 'part-cap': 3 })
    expect(left(stock, [take(JOB, 2, 9)])).toEqual({ 'part-cap': 5 })
    // The other way round: counted by a phone forty days behind.
    const behind = change(VAN_ID, ['stock', 'part-cap'], { ...LINE, countedAt: AT - 40 * 86_400_000 }, 10)
    expect(left(foldVan([behind]).stock, [take(JOB, 2, 5)])).toEqual({ 'part-cap': 5 })
  })
  it('has fields of its own, and a job has none of them', () => {
    expect(() => change(VAN_ID, ['title'], 'x', 1)).toThrow('The van has no field “title”.')
    expect(() => change(JOB, ['stock', 'part-cap'], LINE, 1)).toThrow(
      'A job has no field “stock › part-cap”.',
    )
    expect(() => change(VAN_ID, ['stock', 'part-cap'], { ...LINE, quantity: -1 }, 1)).toThrow(
      'The quantity cannot be below 0.',
    )
  })
  it('puts an entered sheet before a shipped one of the same id', () => {
    const own = { ...LEAD_SHEETS[0]!, name: 'Mended' }
    const sheets = knownSheets({ stock: {}, units: {}, sheets: { [own.id]: own }, settings: {} })
    expect([sheets.length, sheets.find((s) => s.id === own.id)?.name]).toEqual([LEAD_SHEETS.length, 'Mended'])
  })
  it('is no job: a job file of it is refused', () => {
    const read = readJobFile(writeJobFile(VAN_ID, [change(VAN_ID, ['stock', 'part-cap'], LINE, 1)]))
    expect(read.ok ? '' : read.problems[0]?.message).toContain('This file holds the van, not a job.')
  })
})

describe('what is left', () => {
  const stock = { 'part-cap': LINE }
  it('is the count less what jobs hold', () =>
    expect(left(stock, [take(JOB, 2, 1), take(OTHER, 1, 2)])).toEqual({ 'part-cap': 2 }))
  it('comes back when a job gives back, and does not depend on the order of arrival', () => {
    const takings = [take(JOB, 2, 1), take(JOB, 0, 5), take(OTHER, 1, 2)]
    expect([left(stock, takings), left(stock, [...takings].reverse())]).toEqual([
      { 'part-cap': 4 },
      { 'part-cap': 4 },
    ])
  })
  it('counts anew after a recount: what was held then was not on the van', () => {
    const recounted = { 'part-cap': { ...LINE, quantity: 3, countedAt: AT + 10 } }
    expect(left(recounted, [take(JOB, 2, 1)])).toEqual({ 'part-cap': 3 })
    // Given back after the count: one more than was counted then.
    expect(left(recounted, [take(JOB, 2, 1), take(JOB, 0, 20)])).toEqual({ 'part-cap': 5 })
  })
  it('shows below 0 when two phones took the last one', () =>
    expect(left({ 'part-cap': { ...LINE, quantity: 1 } }, [take(JOB, 1, 1), take(OTHER, 1, 1)])).toEqual({
      'part-cap': -1,
    }))
  it('knows nothing of lines that are not on the van', () => expect(left({}, [take(JOB, 1, 1)])).toEqual({}))
  it('is read from the changes of jobs', () => {
    expect(
      takingsOf([
        change(JOB, ['taken', 'part-cap'], { quantity: 2 }, 1),
        change(JOB, ['title'], 'x', 2),
        change(JOB, ['taken', 'part-cap'], null, 3),
      ]),
    ).toEqual([take(JOB, 2, 1), take(JOB, 0, 3)])
  })
})

describe('how the shop works', () => {
  const setting = (path: string[], value: unknown) =>
    parseChange({ id: uuid(900), job: VAN_ID, path, value, at: AT, device: uuid(1), technician: '' })
  it('is kept by setting, and folds', () => {
    const kept = setting(['settings', 'hertz'], 50)
    expect(kept.ok).toBe(true)
    expect(kept.ok && foldVan([kept.change]).settings).toEqual({ hertz: 50 })
  })
  it('its letterhead too: name, address in lines, and a mark', () => {
    const head = {
      name: 'Tern Air',
      address: 'Pier 3\nSaltmarsh',
      mark: 'data:image/png;base64,iVBORw0KGgo=',
    }
    const changes = Object.entries(head).flatMap(([key, value], i) => {
      const kept = setting(['settings', key], value)
      return kept.ok ? [{ ...kept.change, at: AT + i }] : []
    })
    expect(foldVan(changes).settings).toEqual(head)
  })
  it.each([
    [['settings', 'hertz'], 400, 'The supply is 50 or 60 Hz.'],
    [['settings', 'tolerancePercent'], 80, /50/],
    [['settings', 'colour'], 1, /./],
    [['settings', 'name'], 'x'.repeat(121), 'The shop’s name has 120 letters at most.'],
    [['settings', 'address'], 'x'.repeat(301), 'The shop’s address has 300 letters at most.'],
    [
      ['settings', 'mark'],
      'https://elsewhere.example/mark.png',
      'The shop’s mark is a picture of the kind PNG.',
    ],
    [
      ['settings', 'mark'],
      'data:image/svg+xml;base64,PHN2Zz4=',
      'The shop’s mark is a picture of the kind PNG.',
    ],
    [['settings', 'mark'], `data:image/png;base64,${'A'.repeat(60_000)}`, /larger than 60000/],
  ] as [string[], unknown, string | RegExp][])('%j of %s is refused', (path, value, words) => {
    const refused = setting(path, value)
    expect(refused.ok).toBe(false)
    if (!refused.ok) expect(refused.problems[0]?.message).toMatch(words)
  })
})
