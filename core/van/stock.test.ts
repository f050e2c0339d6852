import fc from 'fast-check'
import { CAN_SHAPES, C_PLACES } from '../capacitor/can'
import * as v from 'valibot'
import { readStockRows, STOCK_COLUMNS, writeStockRows } from './stock-csv'
import { CAN_LAYOUTS, lineIdOf, MAX_LINES, StockLineSchema, type StockLine } from './stock-line'

const SHEETS = ['rowan-25r', 'teal-33e']
const READING = { countedAt: 1_800_000_000_000, sheets: SHEETS }
const HEAD = ['kind', 'name', 'quantity', 'price', 'sheet', 'layout', 'microfarads', 'volts', 'hand']
const read = (...rows: string[][]) => readStockRows([HEAD, ...rows], READING)
const problems = (...rows: string[][]) => read(...rows).problems.map((p) => `${p.path}: ${p.message}`)
const MOTOR = ['motor', 'Rowan 25R', '2', '149.50', 'rowan-25r', '', '', '', '']
const CAN = ['capacitor', 'Dual 45/5', '3', '', '', '', '45/5', '440', '']

describe('a list that is right', () => {
  it('becomes lines with ids made of kind and name', () => {
    expect(read(MOTOR, CAN)).toEqual({
      problems: [],
      lines: {
        'motor-rowan-25r': {
          kind: 'motor',
          name: 'Rowan 25R',
          quantity: 2,
          cents: 14950,
          sheet: 'rowan-25r',
          countedAt: READING.countedAt,
        },
        'capacitor-dual-45-5': {
          kind: 'capacitor',
          name: 'Dual 45/5',
          quantity: 3,
          cents: null,
          layout: 'dual',
          microfarads: [45, 5],
          volts: 440,
          tolerancePercent: 6,
          protectedStart: false,
          countedAt: READING.countedAt,
        },
      },
    })
  })
  it('may come with a byte-order mark, capitals in its head, empty columns and decimal commas', () => {
    const { lines, problems: found } = readStockRows(
      [
        ['\uFEFFKind', 'Name ', 'QUANTITY', '', 'microfarads', 'volts'],
        ['capacitor', 'Single 7.5', '1', '', '7,5', '370'],
      ],
      READING,
    )
    expect([found, Object.values(lines)[0]]).toEqual([
      [],
      expect.objectContaining({ microfarads: [7.5], layout: 'single' }),
    ])
  })
  it('takes how the posts of a can stand, as people write it, and refuses what is none', () => {
    const read = (face: string) =>
      readStockRows(
        [
          ['kind', 'name', 'quantity', 'microfarads', 'volts', 'face'],
          ['capacitor', 'Three', '1', '25/10/5', '440', face],
        ],
        READING,
      )
    for (const written of ['arc, C left', 'ARC C LEFT', 'arc left', 'arc,  c  left'])
      expect(Object.values(read(written).lines)[0]).toMatchObject({ face: { shape: 'arc', c: 'left' } })
    expect(Object.values(read('').lines)[0]).not.toHaveProperty('face')
    for (const written of ['star, C left', 'arc', 'arc, C outside'])
      expect(read(written)).toEqual({
        lines: {},
        problems: [
          {
            path: 'row 2, face',
            message: `“${written}” is not how posts stand. It is written as in: rows, C bottom (rows, arc, ring; C top, bottom, left, right, middle).`,
          },
        ],
      })
  })
  it('takes what was read of one capacitor, section by section, an unread one left empty', () => {
    const readings = (quantity: string, measured: string) =>
      readStockRows(
        [
          ['kind', 'name', 'quantity', 'microfarads', 'volts', 'measured'],
          ['capacitor', 'Six', quantity, '25/10/5', '440', measured],
        ],
        READING,
      )
    expect(readings('1', '24.6//5,1').lines['capacitor-six']).toMatchObject({
      microfarads: [25, 10, 5],
      measured: [24.6, null, 5.1],
    })
    expect(readings('1', '').lines['capacitor-six']).not.toHaveProperty('measured')
    const wrong =
      'row 2, kind: Readings are those of one capacitor, one for each section: give it a line of its own, with a quantity of 1 or 0.'
    expect(
      [readings('3', '24.6//5'), readings('1', '24.6/5')].map((r) =>
        r.problems.map((p) => `${p.path}: ${p.message}`),
      ),
    ).toEqual([[wrong], [wrong]])
    expect(readings('1', '24/x/5').problems[0]?.message).toBe(
      '“x” is not a number of µF. Readings are written 44.6/5.1, an unread one left empty.',
    )
  })
  it('takes a start capacitor as the range on its label', () =>
    expect(read(['capacitor', 'Start', '1', '', '', 'start', '135-162', '250', '']).lines).toMatchObject({
      'capacitor-start': { microfarads: [135, 162], layout: 'start' },
    }))
})

it('a figure of a blade that no blade has is said under its own column', () => {
  const columns = ['diameter in', 'pitch deg', 'blades', 'width in', 'bore in'] as const
  for (const column of columns) {
    const head = ['kind', 'name', 'quantity', column]
    const found = readStockRows([head, ['blade', 'Blade 22', '1', '9999']], READING).problems
    expect(found.map((p) => p.path)).toEqual([`row 2, ${column}`])
  }
})

describe('a list that is wrong changes nothing, and says where', () => {
  it.each<[string, string[][], string[]]>([
    [
      'two rows of five',
      [
        MOTOR,
        ['motor', 'No tag', '1', '', 'nobody', '', '', '', ''],
        CAN,
        ['capacitor', 'No volts', 'x', '', '', '', '45/5', '', ''],
      ],
      [
        'row 3, sheet: There is no lead sheet “nobody” here. Read its file or enter its tag first.',
        'row 5, quantity: “x” is not a number.',
        'row 5, volts: A capacitor’s rated volts are missing.',
      ],
    ],
    [
      'a capacitor without its µF',
      [['capacitor', 'No values', '1', '', '', '', '', '440', '']],
      ['row 2, microfarads: A capacitor’s µF are missing, such as 45/5.'],
    ],
    [
      'a strange kind',
      [['engine', 'V8', '1', '', '', '', '', '', '']],
      ['row 2, kind: “engine” is none of: motor, capacitor, blade, part.'],
    ],
    ['no name', [['part', '', '1', '', '', '', '', '', '']], ['row 2, name: A part needs a name.']],
    [
      'half a part',
      [['part', 'cap', '1.5', '', '', '', '', '', '']],
      ['row 2, quantity: The quantity must be a whole number.'],
    ],
    [
      'less than none',
      [['part', 'cap', '-1', '', '', '', '', '', '']],
      ['row 2, quantity: The quantity cannot be below 0.'],
    ],
    [
      'no quantity',
      [['part', 'cap', '', '', '', '', '', '', '']],
      ['row 2, quantity: How many there are is missing.'],
    ],
    [
      'thirds of a cent',
      [['part', 'cap', '1', '0.333', '', '', '', '', '']],
      ['row 2, price: The price has two decimals at most.'],
    ],
    ['the same part twice', [CAN, CAN], ['row 3, name: “Dual 45/5” stands in row 2 already.']],
    [
      'a dual of three sections',
      [['capacitor', 'x', '1', '', '', 'dual', '45/5/5', '440', '']],
      [
        'row 2, kind: The number of sections does not go with the layout: single 1, dual 2, start 2 (its range), multi-tap 2 or more.',
      ],
    ],
    [
      'letters for µF',
      [['capacitor', 'x', '1', '', '', '', '45/five', '440', '']],
      ['row 2, microfarads: “five” is not a number of µF. Sections are written 45/5.'],
    ],
    [
      'a hand of its own',
      [['blade', 'x', '1', '', '', '', '', '', 'left']],
      ['row 2, hand: The hand is CW or CCW, seen from where the air comes out.'],
    ],
    ['a cell beyond the head', [[...CAN, 'hello']], ['row 2: A cell without a column: “hello”.']],
    ['no lines', [], [': The file has a head and no lines.']],
  ])('%s', (_, rows, expected) => {
    expect(problems(...rows)).toEqual(expected)
    expect(read(...rows).lines).toEqual({})
  })
  it('says which heads are missing, strange or twice', () => {
    expect(readStockRows([['part no', 'amount']], READING).problems[0]?.message).toContain(
      'The head lacks “kind” and “name” and “quantity”.',
    )
    expect(readStockRows([['kind;name;quantity']], READING).problems[0]?.message).toContain('The head lacks')
    expect(
      readStockRows(
        [
          ['kind', 'name', 'quantity', 'shelf'],
          ['', '', '', ''],
        ],
        READING,
      ).problems[0]?.message,
    ).toContain('“shelf” is not a column Oak Switch knows.')
    expect(
      readStockRows(
        [
          ['kind', 'name', 'quantity', 'name'],
          ['', '', '', ''],
        ],
        READING,
      ).problems[0]?.message,
    ).toBe('The column “name” stands twice in the head.')
    expect(readStockRows([['']], READING).problems[0]?.message).toBe('The file is empty.')
  })
  it('takes no warehouse', () =>
    expect(
      readStockRows([HEAD, ...Array.from({ length: MAX_LINES + 1 }, () => CAN)], READING).problems,
    ).toEqual([
      { path: '', message: 'The file has more than 5,000 lines: that is a warehouse’s list, not a van’s.' },
    ]))
})

const text = fc.string({ minLength: 1, maxLength: 40 }).filter((t) => t.trim() === t && !/^'[=+\-@]/.test(t))
const common = {
  name: text,
  quantity: fc.integer({ min: 0, max: 9999 }),
  cents: fc.option(fc.integer({ min: 0, max: 1_000_000 }), { nil: null }),
  countedAt: fc.constant(READING.countedAt),
}
const hundredths = (least: number, most: number) =>
  fc.integer({ min: least * 100, max: most * 100 }).map((x) => x / 100)
const line: fc.Arbitrary<StockLine> = fc.oneof(
  fc.record({ kind: fc.constant('motor' as const), ...common, sheet: fc.constantFrom(...SHEETS) }),
  fc.record({ kind: fc.constant('part' as const), ...common }),
  fc
    .record({
      kind: fc.constant('capacitor' as const),
      ...common,
      layout: fc.constantFrom(...CAN_LAYOUTS),
      microfarads: fc.array(hundredths(1, 200), { minLength: 1, maxLength: 8 }),
      volts: fc.constantFrom(370, 440),
      tolerancePercent: fc.constantFrom(5, 6, 10),
      protectedStart: fc.boolean(),
    })
    .filter((l) => v.is(StockLineSchema, l)),
  fc.record({
    kind: fc.constant('capacitor' as const),
    ...common,
    layout: fc.constant('multi-tap' as const),
    microfarads: fc.tuple(hundredths(1, 200), hundredths(1, 200), hundredths(1, 200)),
    face: fc.record({ shape: fc.constantFrom(...CAN_SHAPES), c: fc.constantFrom(...C_PLACES) }),
    volts: fc.constantFrom(370, 440),
    tolerancePercent: fc.constantFrom(5, 6, 10),
    protectedStart: fc.boolean(),
  }),
  fc.record({
    kind: fc.constant('capacitor' as const),
    ...common,
    quantity: fc.constantFrom(0, 1),
    layout: fc.constant('dual' as const),
    microfarads: fc.tuple(hundredths(1, 200), hundredths(1, 200)),
    measured: fc.tuple(hundredths(0, 200), fc.option(hundredths(0, 200), { nil: null })),
    volts: fc.constantFrom(370, 440),
    tolerancePercent: fc.constantFrom(5, 6, 10),
    protectedStart: fc.boolean(),
  }),
  fc.record({
    kind: fc.constant('blade' as const),
    ...common,
    blade: fc.record({
      diameterInches: fc.option(hundredths(10, 40), { nil: null }),
      pitchDegrees: fc.option(hundredths(10, 45), { nil: null }),
      blades: fc.option(fc.integer({ min: 2, max: 8 }), { nil: null }),
      widthInches: fc.option(hundredths(1, 10), { nil: null }),
      boreInches: fc.option(hundredths(1, 3), { nil: null }),
      hand: fc.constantFrom('CW' as const, 'CCW' as const, null),
    }),
  }),
)

it('what is written is read back the same', () => {
  fc.assert(
    fc.property(fc.array(line, { minLength: 1, maxLength: 20 }), (list) => {
      const lines = Object.fromEntries(list.map((l) => [lineIdOf(l.kind, l.name), l]))
      const rows = writeStockRows(lines)
      expect(rows[0]).toEqual([...STOCK_COLUMNS])
      expect(readStockRows(rows, READING)).toEqual({ lines, problems: [] })
    }),
  )
})

describe('a line’s id', () => {
  it('is the same for the same part, and of a shape that a path can hold', () => {
    fc.assert(
      fc.property(text, (name) => {
        expect(lineIdOf('part', name)).toBe(lineIdOf('part', name))
        expect(lineIdOf('part', name)).toMatch(/^[a-z0-9][a-z0-9-]{0,59}$/)
      }),
    )
  })
  it('keeps apart names that other scripts, signs or length make alike', () => {
    const names = ['Мотор', 'Клей', '風扇', 'a&b', 'a|b', 'x'.repeat(200), 'x'.repeat(201)]
    expect(new Set(names.map((n) => lineIdOf('part', n))).size).toBe(names.length)
  })
})
