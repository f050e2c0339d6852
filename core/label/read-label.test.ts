import fc from 'fast-check'
import * as v from 'valibot'
import { CanMarkingSchema } from '../capacitor/marking'
import { MotorPlateSchema, UnitPlateSchema, type MotorPlate, type UnitPlate } from '../motor/nameplate'
import { readLabel } from './read-label'

const range = (low: number, high: number) => ({ low, high })
const volts = (...list: [number, number][]) => list.map(([low, high]) => ({ low, high }))

describe('capacitor labels', () => {
  // Line, sections, volts, tolerance; a start capacitor's range in the place of sections.
  const lines: [string, number[] | { low: number; high: number }, number | null, number | null][] = [
    ['40/5 MFD 440VAC', [40, 5], 440, null],
    ['35+3 uF +/-6% 370V 60Hz', [35, 3], 370, 6],
    ['135-162 MFD 330VAC', range(135, 162), 330, null],
    ['7.5 MFD 370/440 VAC', [7.5], 440, null],
    ['45/5/370', [45, 5], 370, null],
    ['40 / 5', [40, 5], null, null],
    ['80/7.5 uF 440 VAC', [80, 7.5], 440, null],
    ['35-5 MFD', [35, 5], null, null],
    ['30+15+10+5+4+3.5+2.5 MFD 440V', [30, 15, 10, 5, 4, 3.5, 2.5], 440, null],
    ['5 uF ±50% 450V', [5], 450, 50],
    ['5 uF ±51% 450V', [5], 450, null],
    ['88-108uF 250VAC', range(88, 108), 250, null],
    ['5 uF ±5% 450V~', [5], 450, 5],
    ['12.5µF 440V', [12.5], 440, null],
    ['17.5', [17.5], null, null],
    ['2.5 mfd', [2.5], null, null],
    ['MFD 10 VAC 370', [10], 370, null],
    ['30 & 4 MFD', [30, 4], null, null],
    ['55+5 mfd 440 vac ± 6 %', [55, 5], 440, 6],
    ['C = 60 µF', [60], null, null],
    ['  70/10   MFD   440V  50/60 HZ ', [70, 10], 440, null],
    ['43-53 MFD 110-125 VAC', range(43, 53), 125, null],
    ['189 - 227 MFD 330 V', range(189, 227), 330, null],
    ['161 to 193 mfd', range(161, 193), null, null],
    ['20MFD/440V', [20], 440, null],
    ['15 MICROFARAD 370 VOLT', [15], 370, null],
    ['3uF 10% 450VAC', [3], 450, 10],
    ['uF: 6', [6], null, null],
    ['50+5UF 440V.AC', [50, 5], 440, null],
    ['45 / 5 MFD 440 V 6%', [45, 5], 440, 6],
    ['5', [5], null, null],
    ['CAP 5 MFD', [5], null, null],
  ]
  it.each(lines)('%s', (line, values, volt, tolerancePercent) => {
    const read = readLabel(line)
    expect(read.kind).toBe('capacitor')
    expect(read.questions).toEqual([])
    expect(read.capacitor).toEqual({
      sections: Array.isArray(values) ? values : [],
      range: Array.isArray(values) ? null : values,
      volts: volt,
      tolerancePercent,
    })
  })

  it('45.5 is asked: a dual or a single', () => {
    const open = readLabel('45.5')
    expect(open.capacitor).toBeNull()
    expect(open.questions).toEqual([
      {
        id: 'microfarads at 0',
        text: '“45.5”: which is it?',
        options: [
          { id: 'dual', words: 'a dual: 45 µF and 5 µF' },
          { id: 'single', words: 'a single of 45.5 µF' },
        ],
      },
    ])
    expect(readLabel('45.5', { 'microfarads at 0': 'dual' }).capacitor?.sections).toEqual([45, 5])
    expect(readLabel('45.5', { 'microfarads at 0': 'single' }).capacitor?.sections).toEqual([45.5])
  })
  it.each([
    ['35.3 MFD', ['dual', 'single']],
    ['40.10', ['dual', 'single']],
    ['30.5 uF 440V', ['dual', 'single']],
    ['60.7', []],
    ['45,5', ['dual', 'single']],
    ['7.5', []],
    ['7,5 uF', []],
    ['22.5', []],
    ['5-35 MFD', ['dual', 'range']],
    ['20-25 MFD', ['range', 'dual']],
  ])('%s asks %j', (line, options) =>
    expect(readLabel(line).questions.flatMap((q) => q.options.map((o) => o.id))).toEqual(options),
  )
})

describe('motor plates', () => {
  const lines: [string, Partial<MotorPlate>][] = [
    [
      '1/3 HP 1075 RPM 208-230V 2.0A CCWLE',
      {
        horsepower: ['1/3'],
        rpm: [1075],
        volts: volts([208, 230]),
        amps: [2],
        rotation: { direction: 'CCW', seenFrom: 'lead-end' },
        reversible: false,
      },
    ],
    [
      'HP 1/4 RPM 825 V 208-230 FLA 1.4 PH 1 HZ 60 ROT CW SE FR 48Y',
      {
        horsepower: ['1/4'],
        rpm: [825],
        volts: volts([208, 230]),
        amps: [1.4],
        phase: 1,
        hertz: [60],
        rotation: { direction: 'CW', seenFrom: 'shaft-end' },
        frame: '48Y',
      },
    ],
    [
      'VOLTS: 115 HZ: 60 AMPS: 9.8 3 SPEED 1/2HP',
      { volts: volts([115, 115]), hertz: [60], amps: [9.8], speeds: 3, horsepower: ['1/2'] },
    ],
    ['3PH 460V 1.1A 1140RPM', { phase: 3, volts: volts([460, 460]), amps: [1.1], rpm: [1140] }],
    [
      '1/6-1/3 HP 1075RPM 1PH REV 5MFD 370V',
      {
        horsepower: ['1/6', '1/3'],
        phase: 1,
        reversible: true,
        microfarads: 5,
        capacitorVolts: 370,
        volts: [],
      },
    ],
    ['1/3HP 4-SPD 115V 5.5/4.2/3.1A', { speeds: 4, volts: volts([115, 115]), amps: [5.5, 4.2, 3.1] }],
    ['1/5HP 1050/920/800 RPM', { horsepower: ['1/5'], rpm: [1050, 920, 800] }],
    ['1 1/2 HP 3450RPM', { horsepower: ['1 1/2'], rpm: [3450] }],
    ['0.25 HP 6 POLE', { horsepower: ['0.25'], poles: 6 }],
    ['1/4HP CW/CCW 208-230V', { reversible: true, rotation: null }],
    ['115/230V 1/3 H.P.', { volts: volts([115, 115], [230, 230]), horsepower: ['1/3'] }],
    ['115/208-230 V 1725 rpm', { volts: volts([115, 115], [208, 230]), rpm: [1725] }],
    ['CW OPP SHAFT 1075 RPM', { rotation: { direction: 'CW', seenFrom: 'lead-end' } }],
    ['CCW OSE 825RPM', { rotation: { direction: 'CCW', seenFrom: 'lead-end' } }],
    [
      'ROTATION: CCW SHAFT END, 1/6 HP',
      { rotation: { direction: 'CCW', seenFrom: 'shaft-end' }, horsepower: ['1/6'] },
    ],
    ['CCW 1/4 HP', { rotation: { direction: 'CCW', seenFrom: null } }],
    ['CWSE 1/8HP 1.0 A', { rotation: { direction: 'CW', seenFrom: 'shaft-end' }, amps: [1] }],
    [
      'Clockwise lead end 1/10 hp',
      { rotation: { direction: 'CW', seenFrom: 'lead-end' }, horsepower: ['1/10'] },
    ],
    ['Counter-clockwise facing shaft 1/12 hp', { rotation: { direction: 'CCW', seenFrom: 'shaft-end' } }],
    [
      'HP: 1/3 VOLTS: 208-230 AMPS: 1.9 RPM: 1075',
      { horsepower: ['1/3'], volts: volts([208, 230]), amps: [1.9], rpm: [1075] },
    ],
    ['1/2 HP 1 PHASE 60 HZ 277V 1.8 FLA', { phase: 1, hertz: [60], volts: volts([277, 277]), amps: [1.8] }],
    ['SINGLE PHASE 1/4HP 50HZ 220-240V', { phase: 1, hertz: [50], volts: volts([220, 240]) }],
    ['THREE PHASE 3/4 HP', { phase: 3, horsepower: ['3/4'] }],
    ['1/3 HP 1075 RPM CAP 5/370', { microfarads: 5, capacitorVolts: 370 }],
    [
      '1/3HP CAP 7.5 MFD 370 VAC 208-230V',
      { microfarads: 7.5, capacitorVolts: 370, volts: volts([208, 230]) },
    ],
    ['1/4 HP S.F. 1.0 CL B 60C AMB 1075 RPM', { horsepower: ['1/4'], rpm: [1075], amps: [] }],
    ['MODEL AX-3584 SER 90210 1/4HP 1.5A', { horsepower: ['1/4'], amps: [1.5] }],
    ['P/N 1075-208 1/4HP', { rpm: [], volts: [], horsepower: ['1/4'] }],
    ['1/4HP 1.5AMPS 230VOLTS 1075R.P.M.', { amps: [1.5], volts: volts([230, 230]), rpm: [1075] }],
    ['HP1/6 RPM1075', { horsepower: ['1/6'], rpm: [1075] }],
    ['FRAME 48 1/3HP', { frame: '48' }],
    ['48Y FR 1/3HP', { frame: '48Y' }],
    ['5 HP 3PH 1750 RPM 460V', { horsepower: ['5'], phase: 3, rpm: [1750] }],
    ['.5 HP 3 spd', { horsepower: ['.5'], speeds: 3 }],
    ['1/20HP 1550RPM 115V .9A', { horsepower: ['1/20'], rpm: [1550], amps: [0.9] }],
    ['1625-1550 RPM 1/15 HP', { rpm: [1625, 1550] }],
    ['1/4-1/5-1/6 HP 825RPM', { horsepower: ['1/4', '1/5', '1/6'] }],
    [
      '208 - 230 volts, 60 cycles, 1/4 horsepower',
      { volts: volts([208, 230]), hertz: [60], horsepower: ['1/4'] },
    ],
    ['230 V', { volts: volts([230, 230]) }],
    ['440', { volts: volts([440, 440]) }],
  ]
  it.each(lines)('%s', (line, expected) => expect(readLabel(line).motor).toMatchObject(expected))
})

describe('unit plates', () => {
  const lines: [string, Partial<UnitPlate>][] = [
    [
      'MCA 18.2 MAX FUSE 30 R-410A COMP RLA 14.1 LRA 73 FAN FLA 1.2 208/230V 1PH 60HZ',
      {
        circuitAmps: 18.2,
        maxFuseAmps: 30,
        refrigerant: 'R-410A',
        compressorAmps: 14.1,
        fanAmps: 1.2,
        volts: volts([208, 208], [230, 230]),
        phase: 1,
        hertz: [60],
      },
    ],
    ['M.C.A. 22A MOCP 35A R22', { circuitAmps: 22, maxFuseAmps: 35, refrigerant: 'R-22' }],
    ['R454B 208-230V', { refrigerant: 'R-454B', volts: volts([208, 230]) }],
    ['OUTDOOR FAN FLA: 0.8 RLA: 9.0', { fanAmps: 0.8, compressorAmps: 9 }],
    ['Min circuit ampacity 14 max breaker 20', { circuitAmps: 14 }],
    ['R-32 MCA: 16', { refrigerant: 'R-32', circuitAmps: 16 }],
    ['COND FAN MOTOR FLA 1.4 COMPR RLA 19.9 LRA 109', { fanAmps: 1.4, compressorAmps: 19.9 }],
  ]
  it.each(lines)('%s', (line, expected) => expect(readLabel(line).unit).toMatchObject(expected))
})

describe('what it does not know', () => {
  it.each([
    'hello world',
    '',
    '   ',
    'TENV AIR OVER',
    'P/N 77-35/5',
    '#@!',
    '1e999',
    '//////',
    '±%',
    'MFD',
    'HP',
    '0 MFD',
    '9999 MFD',
    '1000,1',
  ])('%j makes no capacitor and no motor figure', (line) => {
    const { capacitor, motor } = readLabel(line)
    expect(capacitor).toBeNull()
    if (motor) expect([...motor.horsepower, ...motor.amps, ...motor.volts]).toEqual([])
  })
  it('says which words it left', () =>
    expect(readLabel('1/4 HP gull proof').unread).toEqual(['gull', 'proof']))
  it('shows each piece with its place', () => {
    const line = '40/5 MFD 440VAC'
    expect(readLabel(line).pieces.map((p) => [line.slice(p.from, p.to), p.means])).toEqual([
      ['40/5 MFD', 'a dual: 40 µF and 5 µF'],
      ['440VAC', '440 volts'],
    ])
  })
})

/** Every number anywhere in a value. */
function numbersIn(value: unknown): number[] {
  if (typeof value === 'number') return [value]
  return value && typeof value === 'object' ? Object.values(value).flatMap(numbersIn) : []
}

describe('whatever is typed', () => {
  const token = fc.constantFrom(
    'MFD',
    'uF',
    'µF',
    'V',
    'VAC',
    'HP',
    'RPM',
    'A',
    'FLA',
    'PH',
    'HZ',
    'CCW',
    'LE',
    '+/-',
    '%',
    '/',
    '+',
    '-',
    '–',
    '.',
    ' ',
    ',',
    'CAP',
    'FR',
    'R-410A',
    'MCA',
    'to',
    'POLE',
    'SPD',
    '±',
    'ROT',
    'REV',
    '(',
    'É',
    '電',
    '\u0001',
    '\n',
  )
  const line = fc.oneof(
    fc.string({ unit: 'grapheme', maxLength: 60 }),
    fc
      .array(
        fc.oneof(
          token,
          fc.integer({ min: 0, max: 5000 }).map(String),
          fc.float({ min: 0, max: 100, noNaN: true }).map((x) => x.toFixed(1)),
        ),
        { maxLength: 14 },
      )
      .map((parts) => parts.join('')),
    fc.array(fc.oneof(token, fc.nat(500).map(String)), { maxLength: 14 }).map((parts) => parts.join(' ')),
  )
  it('never throws, keeps to its schemas, and reports no figure that is not in the text', () => {
    fc.assert(
      fc.property(line, fc.constantFrom('single', 'dual', 'range'), (text, choice) => {
        const first = readLabel(text)
        const read = readLabel(text, Object.fromEntries(first.questions.map((q) => [q.id, choice])))
        for (const piece of read.pieces) expect(text.slice(piece.from, piece.to)).toBe(piece.text)
        // What counts as in the text: a run of digits, with or without its point, as it stands there; one phase may be a word.
        const inText = new Set(
          [...text.matchAll(/\d*\.?\d+/g), ...text.matchAll(/\d+/g), ...text.matchAll(/\d+,\d+/g)].map((m) =>
            Number(m[0].replace(',', '.')),
          ),
        )
        if (/single|one/i.test(text)) inText.add(1)
        if (/three/i.test(text)) inText.add(3)
        const { capacitor, motor, unit } = read
        for (const figure of numbersIn({ capacitor, motor, unit }))
          if (!inText.has(figure)) throw new Error(`${JSON.stringify(text)} → ${figure}`)
        if (capacitor) expect(v.safeParse(CanMarkingSchema, capacitor).issues).toBeUndefined()
        if (motor) expect(v.safeParse(MotorPlateSchema, motor).issues).toBeUndefined()
        if (unit) expect(v.safeParse(UnitPlateSchema, unit).issues).toBeUndefined()
      }),
      { numRuns: 4000, seed: 2026 },
    )
  })
})

describe('a line that could be of either plate', () => {
  const typed = (text: string, on: 'motor' | 'unit' | 'can') => readLabel(text, {}, on)
  it('is of the plate it was typed on', () => {
    expect(typed('460V 60HZ 1PH', 'unit')).toMatchObject({
      kind: 'unit',
      motor: null,
      unit: { volts: [{ low: 460, high: 460 }], hertz: [60] },
    })
    expect(typed('460V 60HZ 1PH', 'motor')).toMatchObject({ kind: 'motor', unit: null })
    expect(readLabel('460V 60HZ 1PH').kind).toBe('motor')
  })
  it('a word that only one of them has still tells', () => {
    expect(typed('1/4 HP 460V', 'unit')).toMatchObject({ kind: 'motor', unit: null })
    expect(typed('460V MAX FUSE 30', 'motor')).toMatchObject({ kind: 'unit', motor: null })
    expect(typed('40/5 MFD 440V', 'unit')).toMatchObject({ kind: 'capacitor', unit: null })
  })
})
