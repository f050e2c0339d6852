// What a job takes and refuses, at each field's own ends: a limit is tried on both of its sides, and said where it is passed.
import * as v from 'valibot'
import { EMPTY_MOTOR_PLATE } from '../motor/nameplate'
import { FIELDS, KEYED_FIELDS, schemaAt } from './fields'

const saidBy = (schema: v.GenericSchema, value: unknown): string[] =>
  (v.safeParse(schema, value).issues ?? []).map((i) => i.message)
const letters = (count: number) => 'x'.repeat(count)

/** Texts and how long each may be: names and places 300, keys 40 and 60, what is told at length more. */
const TEXTS: readonly (readonly [
  what: string,
  schema: v.GenericSchema,
  most: number,
  of: (text: string) => unknown,
])[] = [
  ...(['title', 'site', 'owner', 'unitName'] as const).map(
    (name) => [name, FIELDS[name], 300, (t: string) => t] as const,
  ),
  ['notes', FIELDS.notes, 4000, (t) => t],
  ['horsepower', FIELDS.horsepower, 10, (t) => t],
  ['motorVolts', FIELDS.motorVolts, 20, (t) => t],
  ['hardStart', FIELDS.hardStart, 60, (t) => t],
  ['observations', KEYED_FIELDS.observations, 40, (t) => t],
  ['plateLines', KEYED_FIELDS.plateLines, 400, (t) => t],
  ['mountChoices', KEYED_FIELDS.mountChoices, 40, (t) => t],
  ['startup', KEYED_FIELDS.startup, 40, (t) => t],
  ['works', KEYED_FIELDS.works, 500, (text) => ({ text })],
  ['recommended', KEYED_FIELDS.recommended, 500, (text) => ({ text, declined: false })],
  ['visits', KEYED_FIELDS.visits, 300, (why) => ({ at: 0, why })],
  ['comeBack', FIELDS.comeBack, 300, (why) => ({ on: null, why })],
  ['ordered what', KEYED_FIELDS.ordered, 300, (what) => ({ what, from: '', due: null, arrived: false })],
  ['ordered from', KEYED_FIELDS.ordered, 300, (from) => ({ what: 'a', from, due: null, arrived: false })],
  ['acceptance', FIELDS.acceptance, 300, (name) => ({ name, at: 0, cents: 0, signature: null })],
  [
    'a line of an estimate',
    KEYED_FIELDS.estimateLines,
    300,
    (text) => ({ kind: 'part', text, hundredths: 1, cents: 0, taxed: true }),
  ],
  ['fault cause', FIELDS.fault, 40, (cause) => ({ cause, name: 'n', strength: 'found', because: [] })],
  ['fault name', FIELDS.fault, 200, (name) => ({ cause: 'c', name, strength: 'found', because: [] })],
  [
    'fault reason',
    KEYED_FIELDS.alsoFound,
    300,
    (t) => ({ cause: 'c', name: 'n', strength: 'found', because: [t] }),
  ],
  ['verdict', FIELDS.proven, 1000, (sentence) => ({ verdict: 'proven', sentence, print: 'p' })],
  ['print', FIELDS.proven, 64, (print) => ({ verdict: 'watch', sentence: 's', print })],
  ['caption', KEYED_FIELDS.photos, 300, (caption) => photo({ caption })],
  ['pin of', KEYED_FIELDS.photos, 60, (of) => photo({ pins: [{ x: 0, y: 1, kind: 'post', of, words: '' }] })],
  [
    'pin words',
    KEYED_FIELDS.photos,
    120,
    (words) => photo({ pins: [{ x: 0, y: 1, kind: 'note', of: '', words }] }),
  ],
]
const photo = (more: object) => ({ caption: '', width: 1, height: 1, takenAt: 0, pins: [], ...more })

it.each(TEXTS)('%s', (_, schema, most, of) => {
  expect(saidBy(schema, of(letters(most)))).toEqual([])
  expect(saidBy(schema, of(letters(most + 1)))).toEqual([
    expect.stringMatching(new RegExp(` has ${most} letters at most\\.$`)),
  ])
})

const DISCHARGE = { ohms: 20_000, watts: 5, volts: 370, microfarads: [5], startedAt: null }
const READING = { of: 'FAN', amps: 1, volts: 370, hertz: 60, ratedMicrofarads: 5, tolerancePercent: 6 }
const LINE = { kind: 'part', text: 'a', hundredths: 100, cents: 100, taxed: true }
const TERMS = { taxThousandths: 0, validDays: 30 }
const START = { low: 135, high: 162, volts: 250 }

/** Figures, the last that is taken at an end, the first that is not, and what is said of it. */
const FIGURES: readonly (readonly [v.GenericSchema, good: unknown, bad: unknown, said: string])[] = [
  [
    FIELDS.discharge,
    { ...DISCHARGE, ohms: 1e8 },
    { ...DISCHARGE, ohms: 1e8 + 1 },
    'The resistor above 100000000 Ω is not believable.',
  ],
  [
    FIELDS.discharge,
    { ...DISCHARGE, watts: 1000 },
    { ...DISCHARGE, watts: 1001 },
    'The resistor’s rating above 1000 W is not believable.',
  ],
  [
    FIELDS.discharge,
    { ...DISCHARGE, volts: 1000 },
    { ...DISCHARGE, volts: 0 },
    'The volts it ran at must be above 0 V.',
  ],
  [
    FIELDS.discharge,
    { ...DISCHARGE, microfarads: Array(24).fill(5) },
    { ...DISCHARGE, microfarads: Array(25).fill(5) },
    'A can has 24 sections at most.',
  ],
  [
    FIELDS.discharge,
    { ...DISCHARGE, startedAt: 0 },
    { ...DISCHARGE, microfarads: [] },
    'The can has one section at least.',
  ],
  [
    KEYED_FIELDS.readings,
    { ...READING, amps: 200 },
    { ...READING, amps: 201 },
    'Amps in the start lead above 200 A is not believable.',
  ],
  [
    KEYED_FIELDS.readings,
    { ...READING, volts: 1000 },
    { ...READING, volts: 1001 },
    'Volts across the capacitor above 1000 V is not believable.',
  ],
  [
    KEYED_FIELDS.readings,
    { ...READING, ratedMicrofarads: null },
    { ...READING, of: 'C' },
    'A reading is of the FAN or the HERM side.',
  ],
  [KEYED_FIELDS.readings, { ...READING, hertz: 50 }, { ...READING, hertz: 55 }, 'The supply is 50 or 60 Hz.'],
  [
    FIELDS.estimateTerms,
    { ...TERMS, taxThousandths: 100_000 },
    { ...TERMS, taxThousandths: 100_001 },
    'Tax above 100 % is not believable.',
  ],
  [
    FIELDS.estimateTerms,
    { ...TERMS, validDays: 365 },
    { ...TERMS, validDays: 366 },
    'It is valid for a year at most.',
  ],
  [
    FIELDS.estimateTerms,
    { ...TERMS, validDays: 1 },
    { ...TERMS, validDays: 0 },
    'It is valid for a day at least.',
  ],
  [
    KEYED_FIELDS.estimateLines,
    { ...LINE, hundredths: 1_000_000 },
    { ...LINE, hundredths: 1_000_001 },
    'How many above 10,000 is not believable.',
  ],
  [
    KEYED_FIELDS.estimateLines,
    { ...LINE, hundredths: 1 },
    { ...LINE, hundredths: 0 },
    'How many must be above 0.',
  ],
  [
    KEYED_FIELDS.estimateLines,
    { ...LINE, cents: 100_000_000 },
    { ...LINE, cents: 100_000_001 },
    'That price is not believable.',
  ],
  [KEYED_FIELDS.estimateLines, { ...LINE, cents: 0 }, { ...LINE, cents: -1 }, 'The price cannot be below 0.'],
  [KEYED_FIELDS.taken, { quantity: 99 }, { quantity: 100 }, 'No job takes more than 99 of one part.'],
  [KEYED_FIELDS.taken, { quantity: 1 }, { quantity: 0 }, 'One part is taken at least.'],
  [KEYED_FIELDS.mountInches, 60, 61, 'A length above 60 in is not believable: measure it again.'],
  [KEYED_FIELDS.mountInches, 0, -0.1, 'A length cannot be below 0 in.'],
  [
    FIELDS.startWanted,
    { ...START, high: 2000 },
    { ...START, high: 2001 },
    'The range above 2000 µF is not believable.',
  ],
  [
    FIELDS.startWanted,
    { ...START, low: 162 },
    { ...START, low: 163 },
    'The lower end of the range is above the upper one.',
  ],
  [
    FIELDS.ohmLeads,
    { leads: [], leadOhms: 5 },
    { leads: [], leadOhms: 5.1 },
    'Test leads above 5 Ω are broken.',
  ],
  [FIELDS.compressorMicrofarads, 1000, 1001, 'The compressor’s µF above 1000 µF is not believable.'],
  [
    FIELDS.compressorCanVolts,
    1000,
    1001,
    'The volts of the compressor’s capacitor above 1000 V is not believable.',
  ],
  [
    KEYED_FIELDS.photos,
    photo({ width: 1600, height: 1600 }),
    photo({ pins: Array(41).fill({ x: 0, y: 0, kind: 'post', of: '', words: '' }) }),
    'A photo has 40 pins at most.',
  ],
  [
    KEYED_FIELDS.photos,
    photo({ pins: Array(40).fill({ x: 1, y: 0, kind: 'wire', of: '', words: '' }) }),
    photo({ pins: [{ x: 1.01, y: 0, kind: 'post', of: '', words: '' }] }),
    'A pin lies on the photo.',
  ],
  [
    FIELDS.acceptance,
    { name: 'a', at: 0, cents: 0, signature: 'M1 2 L3 4' },
    { name: 'a', at: 0, cents: 0, signature: '<svg>' },
    'A signature is strokes only.',
  ],
  [
    FIELDS.acceptance,
    { name: 'a', at: 0, cents: 0, signature: 'M'.repeat(40_000) },
    { name: ' ', at: 0, cents: 0, signature: null },
    'Accepting needs a name.',
  ],
  [
    KEYED_FIELDS.ordered,
    { what: 'a', from: '', due: '2026-02-28', arrived: false },
    { what: 'a', from: '', due: '2026-02-30', arrived: false },
    'There is no such day in the calendar.',
  ],
  [
    KEYED_FIELDS.ordered,
    { what: 'a', from: '', due: null, arrived: true },
    { what: ' ', from: '', due: null, arrived: false },
    'A part on order is empty: say which it is.',
  ],
  [FIELDS.aims, ['parts', 'error'], ['parts', 'parts'], 'An aim stands in the order once.'],
]
it.each(FIGURES.map(([schema, good, bad, said]) => [said, schema, good, bad] as const))(
  '%s',
  (said, schema, good, bad) => {
    expect(saidBy(schema, good)).toEqual([])
    expect(saidBy(schema, bad)).toEqual([said])
  },
)

it('a photo is no larger than it is kept, and no smaller than a dot', () => {
  for (const wrong of [
    { width: 1601 },
    { height: 1601 },
    { width: 0 },
    { height: 0 },
    { takenAt: -1 },
    { width: 1.5 },
  ])
    expect([wrong, saidBy(KEYED_FIELDS.photos, photo(wrong)).length]).toEqual([wrong, 1])
})
it('the tolerance of a reading is above 0 and up to 50 %', () => {
  const said = (tolerancePercent: number) =>
    saidBy(KEYED_FIELDS.readings, { ...READING, tolerancePercent }).length
  expect([said(0), said(0.1), said(50), said(51)]).toEqual([1, 0, 0, 1])
})

describe('a path into a job', () => {
  it('clears a single field with null, and has no schema where a job has no such field', () => {
    expect(saidBy(schemaAt(['title'])!, null)).toEqual([])
    expect(saidBy(schemaAt(['motorPlate'])!, EMPTY_MOTOR_PLATE)).toEqual([])
    for (const path of [
      [],
      ['nothing'],
      ['title', 'x'],
      ['wires'],
      ['toString'],
      ['chargeFigures', 'nothing'],
    ])
      expect([path, schemaAt(path)]).toEqual([path, undefined])
  })
  it('a figure of the charge has its own limits, not those of another', () => {
    const figure = schemaAt(['chargeFigures', 'suctionPsig'])!
    expect([saidBy(figure, 68), saidBy(figure, 'x').length]).toEqual([[], 1])
  })
})

describe('a can of an older record', () => {
  const section = (stays: unknown) => ({
    id: 'c',
    name: 'n',
    volts: 440,
    tolerancePercent: 6,
    sections: [{ id: '1-HERM', microfarads: 45, stays }],
  })
  it('says by the end of its section’s id which load it stays for', () =>
    expect(
      [true, false, 'FAN'].map((stays) => v.parse(FIELDS.can, section(stays)).sections[0]?.stays),
    ).toEqual(['HERM', undefined, 'FAN']))
  it('is refused where it is no can at all', () => {
    for (const wrong of [null, 'can', { sections: 'none' }, { sections: [null] }])
      expect(saidBy(FIELDS.can, wrong).length).toBeGreaterThan(0)
  })
})
