// The code of a card: what goes in comes out, for hookups of every kind; what is damaged, later or foreign gives nothing.
import fc from 'fast-check'
import { workOutHookup } from '../../../circuit/hookup'
import { EMPTY_JOB } from '../../document'
import { COLOUR_CODES, type Insulation } from '../../../motor/colour'
import { LEAD_SHEETS } from '../../../motor/lead-sheets'
import { SPEED_NAMES } from '../../../motor/lead-sheet'
import { LEAD_ROLES } from '../../../motor/role'
import { crc32 } from '../../../quantity/crc32'
import { onPost, requestFor, threePhaseRequest, unitOf } from '../../../testing/fixtures'
import { UNIT_TYPES } from '../../../wiring/unit-types'
import { writeCode } from './code-text'
import { nextJob } from './next-job'
import { readCode } from './read-code'
import { cardRecord, codeName, type CardRecord } from './record'

const HEADING = {
  job: '01950000-0000-7000-8000-0000000000a1',
  date: '2026-11-28',
  site: 'Gull Street 4',
  unitName: 'North',
  readings: [{ mode: 'cooling', amps: 1.3 }],
}
const record = (unit?: string, sheet?: string, more = {}): CardRecord => {
  const request = requestFor(unit, sheet, more)
  return cardRecord(request, workOutHookup(request), HEADING)
}
const readBack = (text: string) => {
  const read = readCode(text)
  if (!read.ok) throw new Error(read.message)
  return read.record
}

describe('the text of a code', () => {
  it('is sentences that make sense without the app', () => {
    const text = writeCode(record())
    expect(text.split('. ').slice(0, -1)).toEqual([
      'OAK SWITCH CARD 1',
      '2026-11-28',
      'SITE Gull Street 4',
      'NAMED North',
      'UNIT COOLING-1-POLE-SHARED-CAPACITOR',
      'MOTOR Rowan 25R',
      'PLATE 1/4HP 1075RPM 208-230V 1.6A 60HZ 1PH',
      'NEEDS 7.5MFD 370V',
      'TURNS CW FROM LEAD-END',
      // The motor's tag: black is motor common, white run, brown start, brown/white run-return, which a shared can leaves over.
      'BK MOTOR-COMMON ON T1',
      'WH RUN ON T2',
      'BN START ON FAN',
      'GN GROUND ON GND',
      'BN/WH CAPPED',
      // CW from the lead end is the tag's second join.
      'PLUG VT TO YE',
      'PLUG OG TO BN/YE',
      'CAN 20+20+10+5+5+2.5MFD 440V 6%',
      'HERM SIDE 20+20',
      'FAN SIDE 5+2.5',
      'COMPRESSOR 40MFD',
      'READ COOLING 1.3A',
      'JOB 0195000000007000800000000000' + '00A1',
    ])
    expect(text).toMatch(/\. CHECK [0-9A-F]{8}$/)
  })
  it('names the posts of the unit’s own capacitor, where the new can serves instead', () => {
    const { wires } = record()
    const postOf = (role: string) => wires.find((w) => w.role === role)?.post
    // The start lead is on the can's fan section: in the old can that post is FAN.
    expect([postOf('motor-common'), postOf('start'), postOf('ground')]).toEqual(['T1', 'FAN', 'GND'])
  })
  it('tells where a lead is, not where it was advised', () => {
    const request = requestFor(undefined, undefined, { placements: [{ lead: 'green', goes: onPost('GND') }] })
    const moved = { ...request, placements: [{ lead: 'brown', goes: { kind: 'insulated' as const } }] }
    const of = (r: typeof request) => cardRecord(r, workOutHookup(r), HEADING)
    expect(of(request).wires.some((w) => w.insulation.colour === 'BN' && w.role === 'start')).toBe(true)
    expect(of(moved).wires.some((w) => w.insulation.colour === 'BN' && w.role === 'start')).toBe(false)
    expect(of(moved).capped).toContainEqual({ colour: 'BN', stripe: null })
  })
})

it('whatever a motor is called, its code is read back', () => {
  const request = requestFor()
  for (const name of [
    'St. John. Motors',
    '\u0001',
    'A.',
    '. ',
    'Größe 3',
    '電動機',
    '“x”\n. CHECK 00000000',
  ]) {
    const named = { ...request, sheet: { ...request.sheet, name } }
    const given = cardRecord(named, workOutHookup(named), HEADING)
    expect(readBack(writeCode(given))).toEqual(given)
  }
})

const insulation: fc.Arbitrary<Insulation> = fc.record({
  colour: fc.constantFrom(...COLOUR_CODES),
  stripe: fc.option(fc.constantFrom(...COLOUR_CODES)),
})
const name = fc.string({ unit: 'grapheme', maxLength: 60 }).map(codeName)
const amount = (most: number) => fc.integer({ min: 1, max: most * 10 }).map((x) => x / 10)
const values = fc.array(amount(200), { minLength: 1, maxLength: 8 })

const records: fc.Arbitrary<CardRecord> = fc.record({
  job: fc.uuid(),
  date: fc.option(fc.constantFrom('2026-11-28', '2031-01-02')),
  site: name,
  unitName: name,
  unit: fc.option(fc.constantFrom(...UNIT_TYPES.map((u) => u.id))),
  motor: fc.record({
    name: name.map((text) => text || 'M'),
    threePhase: fc.boolean(),
    horsepower: fc.constantFrom('1/4', '1', '1/10', '3/4'),
    rpm: fc.integer({ min: 300, max: 3600 }),
    volts: fc.constantFrom({ low: 208, high: 230 }, { low: 115, high: 115 }),
    amps: amount(30),
    hertz: fc.constantFrom(50 as const, 60 as const),
    capacitor: fc.option(fc.record({ microfarads: amount(80), volts: fc.constantFrom(370, 440) })),
    turns: fc.record({
      direction: fc.constantFrom('CW' as const, 'CCW' as const),
      seenFrom: fc.constantFrom('lead-end' as const, 'shaft-end' as const),
    }),
  }),
  wires: fc.array(
    fc.record({
      insulation,
      role: fc.constantFrom(...LEAD_ROLES),
      speed: fc.option(fc.constantFrom(...SPEED_NAMES)),
      post: fc.constantFrom('T1', 'R-NO', 'FAN', 'CAN-C', 'DF2'),
    }),
    { maxLength: 10 },
  ),
  capped: fc.array(insulation, { maxLength: 4 }),
  plug: fc.record({
    joined: fc.array(fc.tuple(insulation, insulation), { maxLength: 3 }),
    open: fc.array(insulation, { maxLength: 3 }),
  }),
  can: fc.option(
    fc.record({
      volts: fc.constantFrom(370, 440),
      tolerancePercent: fc.constantFrom(5, 6, 10),
      sections: values,
      sides: fc.array(
        fc.record({ load: fc.constantFrom('FAN' as const, 'HERM' as const), sections: values }),
        {
          maxLength: 2,
        },
      ),
    }),
  ),
  compressorMicrofarads: fc.option(amount(100)),
  readings: fc.array(fc.record({ mode: fc.constantFrom('cooling', 'fan-only', 'heat'), amps: amount(20) }), {
    maxLength: 4,
  }),
})

it('whatever a record holds comes back', () => {
  fc.assert(
    fc.property(records, (given) => expect(readBack(writeCode(given))).toEqual(given)),
    { numRuns: 1000, seed: 19 },
  )
})
it('any sign of a code that was changed is noticed', () => {
  const text = writeCode(record())
  fc.assert(
    fc.property(fc.nat(text.length - 1), fc.constantFrom('0', '8', 'T', 'X', '.', ' '), (place, sign) => {
      fc.pre(text[place] !== sign)
      const read = readCode(text.slice(0, place) + sign + text.slice(place + 1))
      expect(read.ok).toBe(false)
    }),
    { numRuns: 500, seed: 7 },
  )
  for (const end of [1, 10, 40])
    expect(readCode(text.slice(0, -end))).toMatchObject({ ok: false, why: 'damaged' })
})

const signed = (text: string) => `${text}. CHECK ${crc32(text)}`
const WHOLE = writeCode(record()).replace(/\. CHECK .*$/, '')
it.each([
  [
    'a later version',
    signed(WHOLE.replace('CARD 1', 'CARD 2')),
    'later',
    'of a later version (2); version 1 is read here',
  ],
  ['version 0', signed(WHOLE.replace('CARD 1', 'CARD 0')), 'damaged', 'not whole'],
  ['a unit that is not known', signed(WHOLE.replace('UNIT COOLING', 'UNIT BOILING')), 'damaged', 'not whole'],
  ['a sentence that is not known', signed(`${WHOLE}. DRAW A CIRCLE`), 'damaged', 'not whole'],
  ['the motor said twice', signed(`${WHOLE}. MOTOR Other`), 'damaged', 'not whole'],
  ['no motor', signed(WHOLE.replace('MOTOR Rowan 25R. ', '')), 'damaged', 'not whole'],
  ['a can of nothing', signed(WHOLE.replace('CAN 20+20+10', 'CAN 0+0+0')), 'damaged', 'not whole'],
  ['something else', 'https://example.test/menu', 'other', 'It says: https://example.test/menu'],
  ['a script', '<script>alert(1)</script>', 'other', 'a code of something else'],
  ['nothing', ' ', 'other', 'This code is empty.'],
  ['3 kB', 'A'.repeat(3000), 'other', `It says: ${'A'.repeat(80)}`],
])('%s gives nothing, in words', (_, text, why, words) => {
  const read = readCode(text)
  expect(read).toMatchObject({ ok: false, why, message: expect.stringContaining(words) as string })
})

describe('hookups of every kind', () => {
  const sheets = [...LEAD_SHEETS]
  const kinds = UNIT_TYPES.flatMap((unit) => sheets.map((sheet) => ({ unit, sheet })))
  it.each(kinds.map(({ unit, sheet }) => [unit.id, sheet.id]))('%s with %s', (unit, sheet) => {
    const request =
      sheet === 'brant-50t' && unit === 'packaged-three-phase' ? threePhaseRequest() : requestFor(unit, sheet)
    const given = cardRecord(request, workOutHookup(request), HEADING)
    expect(readBack(writeCode(given))).toEqual(given)
    // Every lead of the motor is somewhere in it: on a post, capped, or in the plug.
    const loose = workOutHookup(request).placements.filter(
      ({ goes }) => goes.kind === 'plug' || goes.kind === 'loose',
    )
    expect(given.wires.length + given.capped.length + loose.length).toBe(request.sheet.leads.length)
  })
})

describe('the next job from it', () => {
  let made = 0
  const job = () => ({ ...EMPTY_JOB, ...nextJob(record(), () => `w${++made}`) })
  it('has the old wires on the unit’s own posts, in their colours, none of them taken as traced', () => {
    const { wires, unit } = job()
    const posts = unitOf(typeof unit === 'string' ? unit : '').posts.map((p) => p.id)
    const all = Object.values(wires)
    expect(all.map((w) => w.from).sort()).toEqual(['FAN', 'GND', 'T1', 'T2'])
    for (const wire of all) {
      expect(posts).toContain(wire.from)
      expect(wire).toMatchObject({ to: 'motor', traced: false, stated: [] })
      expect(wire.segments).toHaveLength(1)
    }
  })
  it('has the motor’s plate, the can’s marking and the compressor’s value', () => {
    const { motorPlate, canMarking, compressorMicrofarads, site, unitName } = job()
    expect(motorPlate).toMatchObject({
      horsepower: ['1/4'],
      rpm: [1075],
      volts: [{ low: 208, high: 230 }],
      amps: [1.6],
      phase: 1,
      microfarads: 7.5,
      capacitorVolts: 370,
      rotation: { direction: 'CW', seenFrom: 'lead-end' },
    })
    expect(canMarking).toEqual({
      sections: [20, 20, 10, 5, 5, 2.5],
      range: null,
      volts: 440,
      tolerancePercent: 6,
    })
    expect([compressorMicrofarads, site, unitName]).toEqual([40, 'Gull Street 4', 'North'])
  })
  it('of a unit of the shop’s own has no unit and no wires by the code alone: its posts are not in it', () => {
    const own = { ...record(), unit: null }
    expect(nextJob(readBack(writeCode(own)), () => 'w')).toMatchObject({ unit: null, wires: {} })
  })
  it('has them where the unit is known from the job that the card is of; a post that it lacks has no wire', () => {
    const shipped = unitOf(record().unit ?? '')
    const unit = { ...shipped, id: 'shop-1', posts: shipped.posts.filter(({ id }) => id !== 'GND') }
    const next = nextJob(readBack(writeCode({ ...record(), unit: null })), () => `w${++made}`, unit)
    expect(next.unit).toBe(unit)
    const from = Object.values(next.wires ?? {}).map((wire) => wire.from)
    expect(from.sort()).toEqual(['FAN', 'T1', 'T2'])
  })
})
