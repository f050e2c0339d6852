import { leadSheetById } from '../../motor/lead-sheets'
import { EMPTY_JOB, type JobDocument } from '../document'
import { countText, moneyText, taxText, totalsOf, type EstimateLine } from './estimate'
import { canLabel, hasRoom, LABEL_SIZES, type LabelSize } from './label'
import { composeReport } from './report'

const line = (hundredths: number, cents: number, more: Partial<EstimateLine> = {}): EstimateLine => ({
  kind: 'part',
  text: 'x',
  hundredths,
  cents,
  taxed: true,
  ...more,
})

describe('an estimate', () => {
  it('by hand: motor 148.00, two capacitors at 24.55, 1.5 h at 95.00 untaxed, 8.25 %', () => {
    // 148.00 + 49.10 = 197.10 taxed; 8.25 % of it is 16.26075; labour 142.50.
    expect(
      totalsOf([line(100, 14800), line(200, 2455), line(150, 9500, { kind: 'labour', taxed: false })], {
        taxThousandths: 8250,
      }),
    ).toEqual({
      lines: [14800, 4910, 14250],
      parts: 19710,
      labour: 14250,
      taxed: 19710,
      tax: 1626,
      total: 35586,
    })
  })
  it.each([
    [10, 50_000, 5],
    [1, 50_000, 1],
    [3, 50_000, 2],
    [1, 49_999, 0],
  ])('tax of %i cents at %i thousandths is %i: half a cent rounds up', (cents, taxThousandths, tax) =>
    expect(totalsOf([line(100, cents)], { taxThousandths }).tax).toBe(tax),
  )
  it('tax is worked out once on the sum: three lines of 0.10 at 5 % are 0.02, not 0.03', () =>
    expect(totalsOf([line(100, 10), line(100, 10), line(100, 10)], { taxThousandths: 5000 }).tax).toBe(2))
  it('a third of an hour is rounded by itself', () =>
    expect(totalsOf([line(33, 9500)], { taxThousandths: 0 }).lines).toEqual([3135]))
  it('200 lines stay whole', () => {
    const t = totalsOf(
      Array.from({ length: 200 }, (_, i) => line(101 + i, 999)),
      { taxThousandths: 7375 },
    )
    expect([t.lines.every(Number.isInteger), Number.isInteger(t.tax), t.total]).toEqual([
      true,
      true,
      t.lines.reduce((a, b) => a + b, 0) + t.tax,
    ])
  })
  it('accepted stands only for the total that was accepted', () => {
    const job = {
      ...EMPTY_JOB,
      estimateLines: { a: line(100, 10000) },
      acceptance: { name: 'N. Farouk', at: 1, cents: 10000, signature: null },
    }
    expect(composeReport(job, 'plain').estimate).toMatchObject({
      accepted: { name: 'N. Farouk' },
      lapsed: false,
    })
    expect(composeReport({ ...job, estimateLines: { a: line(100, 10001) } }, 'plain').estimate).toMatchObject(
      { accepted: null, lapsed: true },
    )
  })
  it('reads as money', () =>
    expect([moneyText(123450), moneyText(5), moneyText(100_000_000), countText(150), taxText(8250)]).toEqual([
      '$1,234.50',
      '$0.05',
      '$1,000,000.00',
      '1.5',
      '8.25 %',
    ]))
})

const linesOf = (job: Partial<JobDocument>, style: 'plain' | 'technical' = 'plain') =>
  Object.fromEntries(composeReport({ ...EMPTY_JOB, ...job }, style).sections.map((s) => [s.id, s.lines]))

describe('a report', () => {
  it('of an empty job says only what is not on record', () => {
    expect(linesOf({})).toEqual({
      gaps: [
        'What failed, and why, is not on record.',
        'No motor is recorded.',
        'Which way the fan turns was not recorded.',
        'No amps were recorded after the work.',
      ],
    })
  })
  it('never calls a motor fitted whose hookup is not proven', () => {
    const { done, gaps } = linesOf({ motor: leadSheetById('rowan-25r')! })
    expect(done).toEqual(['A new fan motor is planned: Rowan 25R.'])
    expect(gaps).toContain('The hookup is not proven as it stands.')
  })
  it('nothing of making safe on record is said', () =>
    expect(linesOf({ unit: 'cooling-1-pole-shared-capacitor' }, 'technical').gaps).toContain(
      'Making safe is not on record.',
    ))
  it('says made safe only when it was, whole', () => {
    const part = {
      unit: 'cooling-1-pole-shared-capacitor',
      safe: { 'open 1': { state: 'done' as const, volts: null } },
    }
    expect(linesOf(part).done).toBeUndefined()
    expect(linesOf(part, 'technical')).toMatchObject({
      done: ['Making safe: one step done.'],
      gaps: expect.arrayContaining(['Making safe is recorded in part only.']),
    })
  })
  it('tells the fault with its reasons, plain or technical, and the same facts in both', () => {
    const fault = {
      cause: 'capacitor-open',
      name: 'The capacitor’s fan side is open',
      strength: 'strong' as const,
      because: ['it reads 0.1 µF'],
    }
    expect(linesOf({ fault }).found).toEqual([
      'The capacitor’s fan side is open.',
      'We believe so because: it reads 0.1 µF',
    ])
    expect(linesOf({ fault }, 'technical').found).toEqual([
      'The capacitor’s fan side is open (strong by the evidence).',
      'Speaks for it: it reads 0.1 µF',
    ])
  })
  it('tells readings with their meter, recommendations and what was declined', () => {
    const amps = {
      quantity: 'amps' as const,
      value: 1.32,
      accuracy: null,
      range: null,
      meter: 'typed',
      at: 0,
    }
    const job = {
      unit: 'cooling-1-pole-shared-capacitor',
      startup: { turned: 'right' },
      measurements: { 'amps-start cooling': amps },
      recommended: { a: { text: 'New contactor', declined: true } },
    }
    expect(linesOf(job)).toMatchObject({
      readings: ['The fan turns the right way.', 'In cooling the fan draws 1.32 A.'],
      recommended: ['New contactor (declined)'],
    })
    expect(linesOf(job, 'technical').readings).toContain('Amps in cooling: 1.32 A (typed).')
  })
  it('tells the charge’s figures in their units', () =>
    expect(
      linesOf(
        { refrigerant: 'R-22', chargeFigures: { suctionPsig: 68.6, suctionFahrenheit: 52 } },
        'technical',
      ).readings,
    ).toEqual(['Charge, R-22: suction 68.6 psig, suction line 52 °F.']))
  it('tells temperatures in the unit of who reads them', () => {
    // 52 °F are 11.1 °C; 60 °C are 140 °F (definition).
    const job: JobDocument = {
      ...EMPTY_JOB,
      refrigerant: 'R-22',
      chargeFigures: { suctionFahrenheit: 52 },
      measurements: {
        'celsius-motor': {
          quantity: 'celsius',
          value: 60,
          accuracy: null,
          range: null,
          meter: 'typed',
          at: 0,
        },
      },
    }
    const lines = (unit: 'F' | 'C') =>
      composeReport(job, 'technical', unit).sections.find((s) => s.id === 'readings')?.lines
    expect(lines('F')).toEqual([
      'Shell of the old motor: 140 °F (typed).',
      'Charge, R-22: suction line 52 °F.',
    ])
    expect(lines('C')).toEqual([
      'Shell of the old motor: 60 °C (typed).',
      'Charge, R-22: suction line 11.1 °C.',
    ])
  })
  it('says when a safety step was waived, to the next technician', () =>
    expect(linesOf({ safe: { a: { state: 'waived', volts: null } } }, 'technical').gaps).toContain(
      '1 safety step was waived.',
    ))
})

describe('a capacitor’s label', () => {
  const can = {
    name: 'Dual 45/5',
    volts: 440,
    tolerancePercent: 6,
    sections: [
      { id: '45', microfarads: 45 },
      { id: '5', microfarads: 5 },
    ],
  }
  const groups = [
    { load: 'HERM', microfarads: 45 },
    { load: 'FAN', microfarads: 5 },
  ]
  it('sizes are what their names say, an inch 25.4 mm', () => {
    const inches = (text: string) =>
      text.split(' ').reduce((sum, part) => {
        const [over, under] = part.split('/').map(Number)
        return sum + (over ?? 0) / (under ?? 1)
      }, 0)
    for (const [name, { width, height }] of Object.entries(LABEL_SIZES)) {
      const [, w = '', h = '', unit] = /^(.+) × (.+) (mm|in)$/.exec(name) ?? []
      const scale = unit === 'in' ? 25.4 : 1
      expect([name, width, height]).toEqual([
        name,
        expect.closeTo(inches(w) * scale, 6),
        expect.closeTo(inches(h) * scale, 6),
      ])
    }
  })
  it.each(Object.keys(LABEL_SIZES) as LabelSize[])(
    '%s holds every line inside its edges, to a tenth of a millimetre',
    (size) => {
      const label = canLabel({ can, groups, date: '25 Nov 2026', job: 'x'.repeat(300), size })
      expect([label.width, label.height]).toEqual([LABEL_SIZES[size].width, LABEL_SIZES[size].height])
      for (const { text, y, size: letters } of label.lines) {
        expect(y).toBeLessThanOrEqual(label.height - 2 + 0.1)
        expect(y - letters).toBeGreaterThanOrEqual(2 - 0.1)
        expect([...text].length * letters * 0.56).toBeLessThanOrEqual(label.width - 4 + 0.1)
      }
      expect(label.lines.map((l) => l.text).slice(0, 2)).toEqual(['HERM 45 µF', 'FAN 5 µF'])
    },
  )
  it('keeps its text clear of the code, where it has room for one, and says so where it has none', () => {
    const code = 'OAK SWITCH CARD 1'
    for (const size of Object.keys(LABEL_SIZES) as LabelSize[]) {
      const label = canLabel({ can, groups, date: '25 Nov 2026', job: 'x'.repeat(300), size, code })
      const { width, height } = LABEL_SIZES[size]
      expect([size, label.code !== null]).toEqual([size, hasRoom(size)])
      // 50 × 25 mm has none: a code below 25 mm is hard to read on a roof.
      if (!label.code) {
        expect(size).toBe('50 × 25 mm')
        continue
      }
      const { x, y, size: side } = label.code
      expect(side).toBeGreaterThanOrEqual(28)
      expect(x + side).toBeLessThanOrEqual(width)
      expect(y + side).toBeLessThanOrEqual(height)
      for (const line of label.lines)
        expect([...line.text].length * line.size * 0.56 + 2).toBeLessThanOrEqual(x)
    }
  })
})

describe('what is recommended', () => {
  const lines = (more: object) =>
    composeReport(
      { ...EMPTY_JOB, recommended: { a: { text: 'Clean the coil', declined: false, ...more } } },
      'plain',
    ).sections.find((s) => s.id === 'recommended')?.lines
  it.each([
    [{}, 'Clean the coil'],
    [{ when: null }, 'Clean the coil'],
    [{ when: 'now' }, 'Clean the coil (as soon as possible)'],
    [{ when: 'season', declined: true }, 'Clean the coil (before the next season, declined)'],
    [{ when: 'year' }, 'Clean the coil (within a year)'],
  ])('%j', (more, words) => expect(lines(more)).toEqual([words]))
})

it('a record that holds nothing yet opens with that; one that tells something does not', () => {
  expect(composeReport(EMPTY_JOB, 'plain').opening).toMatch(/^The record of this visit has only begun/)
  const found = { ...EMPTY_JOB, recommended: { a: { text: 'Clean the coil', declined: false } } }
  expect(composeReport(found, 'plain').opening).toBeNull()
})

it('photos come in the order they were taken, each with what it shows', () => {
  const photo = (takenAt: number, more = {}) => ({
    caption: `at ${takenAt}`,
    width: 4,
    height: 3,
    takenAt,
    pins: [],
    ...more,
  })
  const { photos } = composeReport(
    {
      ...EMPTY_JOB,
      photos: { b: photo(2, { work: 'after' }), a: photo(1, { work: 'before' }), c: photo(3) },
    },
    'plain',
  )
  expect(photos).toEqual([
    { id: 'a', caption: 'at 1', work: 'before' },
    { id: 'b', caption: 'at 2', work: 'after' },
    { id: 'c', caption: 'at 3', work: null },
  ])
})
