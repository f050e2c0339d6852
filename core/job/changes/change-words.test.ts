import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { BLANK_BLADE } from '../../motor/blade'
import { leadSheetById } from '../../motor/lead-sheets'
import { BLANK } from '../../motor/match/mechanical'
import { EMPTY_MOTOR_PLATE, EMPTY_UNIT_PLATE } from '../../motor/nameplate'
import { rotationText } from '../../rotation/view'
import { unitTypeFor } from '../../wiring/unit-types'
import { EMPTY_JOB, type JobDocument } from '../document'
import { foldJob } from '../fold'
import { readJobFile } from '../job-file'
import { FIELDS, KEYED_FIELDS } from '../fields'
import { changeWords } from './change-words'
import { FIELD_NAMES } from './field-names'
import { KEYED_WORDS } from './keyed-values'
import { VALUE_WORDS } from './values'

const UNIT = 'cooling-1-pole-shared-capacitor'
const can = {
  id: 'c',
  name: 'Dual 45/5',
  volts: 440,
  tolerancePercent: 6,
  protectedStart: false,
  sections: [
    { id: '45', microfarads: 45 },
    { id: '5', microfarads: 5 },
  ],
}
const job: JobDocument = { ...EMPTY_JOB, unit: UNIT, can }
const line = (path: readonly string[], value: unknown, of: JobDocument = job): string => {
  const { what, says } = changeWords({ path: [...path], value }, of)
  return `${what}: ${says}`
}
const reading = (quantity: string, value: number | 'OL', meter = 'typed') => ({
  quantity,
  value,
  accuracy: null,
  range: null,
  meter,
  at: 0,
})

it('every field of a job has a name and words', () => {
  expect([...Object.keys(FIELDS), ...Object.keys(KEYED_FIELDS)].sort()).toEqual(Object.keys(EMPTY_JOB).sort())
  expect(Object.keys(FIELD_NAMES).sort()).toEqual(Object.keys(EMPTY_JOB).sort())
  expect([...Object.keys(VALUE_WORDS), ...Object.keys(KEYED_WORDS)].sort()).toEqual(
    Object.keys(EMPTY_JOB).sort(),
  )
})

it.each<[readonly string[], unknown, string]>([
  [['title'], 'Fan dead', 'The job’s name: “Fan dead”'],
  [['notes'], 'x'.repeat(121), `The notes: “${'x'.repeat(119)}…”`],
  [['site'], '', 'The place: left empty'],
  [['title'], null, 'The job’s name: taken away'],
  [['supplyVolts'], 208, 'The supply’s volts: 208 V'],
  [['supplyHertz'], 50, 'The supply’s hertz: 50 Hz'],
  [['hertz'], 60, 'The shop’s hertz: 60 Hz'],
  [['tolerancePercent'], 5, 'The allowed distance in µF: ±5 %'],
  [
    ['estimateTerms'],
    { taxThousandths: 8250, validDays: 30 },
    'The estimate’s terms: tax 8.25 %, valid for 30 days',
  ],
  [
    ['acceptance'],
    { name: 'A. Gull', at: 1, cents: 35900, signature: null },
    'The acceptance: “A. Gull”, $359.00',
  ],
  [['removed'], true, 'Taking the job off the list: off the list'],
  [['removed'], false, 'Taking the job off the list: back on the list'],
  [['unit'], UNIT, `The kind of unit: ${unitTypeFor(UNIT)?.name}`],
  [['horsepower'], '1/4', 'The horsepower: 1/4 hp'],
  [
    ['wanted'],
    { direction: 'CW', seenFrom: 'lead-end' },
    `The direction: ${rotationText({ direction: 'CW', seenFrom: 'lead-end' })}`,
  ],
  [['plug'], 'CCW', 'The plug: set CCW'],
  [['motorStays'], true, 'Whether the old motor stays: it stays'],
  [['motorStays'], false, 'Whether the old motor stays: it goes'],
  [
    ['startCan'],
    { id: 'x', name: 'Start 135', low: 135, high: 162, volts: 250, bleed: 'built-in' },
    'The compressor’s new start capacitor: Start 135, 135–162 µF, 250 V, its resistor built in',
  ],
  [['speed'], 'high', 'The speed: high'],
  [['motorVolts'], '230', 'The motor’s volts: joined for 230 V'],
  [['frameGrounded'], true, 'How the frame is grounded: grounded otherwise'],
  [['frameGrounded'], false, 'How the frame is grounded: not grounded otherwise'],
  [['can'], can, 'The capacitor: Dual 45/5, 45 + 5 µF, 440 V'],
  [
    ['canPut'],
    { jumpers: [{ from: 'CAN-45', to: 'CAN-5' }], wires: [] },
    'The can’s jumpers and wires: put by hand: one jumper',
  ],
  [
    ['canPut'],
    { jumpers: [], wires: [{ wire: 'comp-s', post: 'CAN-5' }] },
    'The can’s jumpers and wires: put by hand: 0 jumpers, wires moved',
  ],
  [['hardStart'], 'CAN-C', 'The hard-start kit: to C on the new can'],
  [['compressorMicrofarads'], 45, 'The compressor’s µF: 45 µF'],
  [['prefer'], 'exact', 'The order of aims: closest first'],
  [['prefer'], 'simple', 'The order of aims: fewest jumpers first'],
  [
    ['proven'],
    { verdict: 'proven', sentence: 'Proven in off and cooling.', print: '0123456789abcdef' },
    'What was proven: Proven in off and cooling.',
  ],
  [
    ['discharge'],
    { ohms: 15000, watts: 2, volts: 370, microfarads: [45, 5], startedAt: null },
    'The discharge: 45 / 5 µF through 15000 Ω',
  ],
  [
    ['fault'],
    { cause: 'bearing', name: 'The bearing is seized', strength: 'strong', because: [] },
    'The fault: The bearing is seized (strong by the evidence)',
  ],
  [['steepBlades'], true, 'The blade’s pitch: steep'],
  [['steepBlades'], false, 'The blade’s pitch: usual'],
  [['refrigerant'], 'R-22', 'The refrigerant: R-22'],
  [['startWanted'], { low: 135, high: 162, volts: 330 }, 'The start capacitor: 135–162 µF, 330 V'],
  [
    ['ohmLeads'],
    { leads: [{ colour: 'BK' }, { colour: 'WH', stripe: 'RD' }], leadOhms: 0 },
    'The leads to measure: black and white with red stripe',
  ],
  [['ohmLeads'], { leads: [], leadOhms: 0 }, 'The leads to measure: none'],
  [
    ['canMarking'],
    { sections: [45, 5], range: null, volts: 440, tolerancePercent: 6 },
    'The can’s marking: 45/5 µF, 440 V, ±6 %',
  ],
  [
    ['canMarking'],
    { sections: [], range: { low: 135, high: 162 }, volts: null, tolerancePercent: null },
    'The can’s marking: 135–162 µF',
  ],
])('%j %j', (path, value, words) => expect(line(path, value)).toBe(words))

it.each<[readonly string[], unknown, string]>([
  [
    ['safe', 'prove L1 to L2'],
    { state: 'done', volts: 0.3 },
    'L1 on the contactor to L2 on the contactor: read 0.3 V: dead',
  ],
  [
    ['safe', 'prove L1 to L2'],
    { state: 'done', volts: 7 },
    'L1 on the contactor to L2 on the contactor: read 7 V: proves nothing',
  ],
  [
    ['safe', 'prove L1 to L2'],
    { state: 'done', volts: 118 },
    'L1 on the contactor to L2 on the contactor: read 118 V: LIVE',
  ],
  [
    ['safe', 'prove L1 to L2'],
    { state: 'done', volts: 'OL' },
    'L1 on the contactor to L2 on the contactor: read OL: LIVE',
  ],
  [['safe', 'discharged'], { state: 'done', volts: 0 }, 'Left on the capacitor: read 0 V: dead'],
  [['safe', 'discharged'], { state: 'waived', volts: null }, 'Left on the capacitor: waived'],
  [
    ['wires', 'fan-a'],
    {
      from: 'T1',
      to: 'motor',
      segments: [{ colour: 'BK' }, { colour: 'RD', stripe: 'WH' }],
      traced: true,
      stated: [],
    },
    'Wire, T1 on the contactor to the motor: black, then red with white stripe, traced',
  ],
  [
    ['wires', 'x'],
    { from: 'T1', to: 'T2', segments: [], traced: false, stated: [], speed: 'low' },
    'Wire, T1 on the contactor to T2 on the contactor: colour not noted, not traced, low speed',
  ],
  [['wires', 'fan-a'], null, 'Wire, T1 on the contactor to the motor: taken away'],
  [['wires', 'of-nobody'], null, 'A wire: taken away'],
  [
    ['placements', 'brown'],
    { kind: 'post', post: 'CAN-5' },
    'Lead brown: on the 5 µF section of the new can',
  ],
  [['placements', 'brown'], { kind: 'post', post: 'CAN-7.5' }, 'Lead brown: on section 7.5 of the new can'],
  [['placements', 'brown'], { kind: 'insulated' }, 'Lead brown: insulated by itself'],
  [['placements', 'brown'], { kind: 'plug' }, 'Lead brown: in the reversing plug'],
  [['placements', 'brown'], { kind: 'loose' }, 'Lead brown: loose'],
  [['placements', 'brown'], null, 'Lead brown: taken away'],
  [['measurements', 'microfarads-FAN'], reading('microfarads', 3.1), 'Old capacitor, fan side: 3.1 µF'],
  [
    ['measurements', 'ohms-frame'],
    reading('ohms', 'OL', 'Plover 600'),
    'Old motor, windings to frame: OL, by Plover 600',
  ],
  [['plateLines', 'motor'], '1/4 HP', 'Line of the motor’s plate: “1/4 HP”'],
  [
    ['rotationSources', 'propeller'],
    { kind: 'propeller', nearEdge: 'left', shaft: 'toward' },
    'What tells the direction: the propeller',
  ],
  [['taken', 'capacitor-dual-45-5'], { quantity: 2 }, 'Taken from the van, capacitor “dual 45 5”: 2'],
  [['deadSections', 'c 5'], true, 'Section 5 of the new can: dead'],
  [['deadSections', 'c 5'], false, 'Section 5 of the new can: serves again'],
  [['carried', 'band'], true, 'Carried up, band: yes'],
  [['fitted', 'jumper-FAN-0'], false, 'Fitted, jumper FAN: no'],
  [['mountInches', 'oldBody'], 6.5, 'Old body: 6 1/2 in'],
  [['mountChoices', 'way'], 'belly-band', 'Mounted, way: belly band'],
  [['mountChecks', 'of-nobody'], true, 'Looked at, of nobody: looked at'],
  [['startup', 'turned'], 'right', 'First power: it turned the right way'],
  [['startup', 'turned'], 'hums', 'First power: the motor hummed and did not start'],
  [['startup', 'door'], 'open', 'The door: open'],
  [['startup', 'blade'], 'same', 'The blade or wheel: same'],
  [
    ['ordered', 'a'],
    { what: 'Motor', from: 'Quay counter', due: '2026-07-14', arrived: true },
    'On order: “Motor”, from “Quay counter”, for 14 Jul 2026, arrived',
  ],
  [['ordered', 'b'], { what: 'Motor', from: '', due: null, arrived: false }, 'On order: “Motor”'],
  [['startup', 'metering'], 'fixed', 'What feeds the indoor coil: fixed'],
  [['aims'], ['parts', 'error'], 'What counts in a capacitor: fewest capacitors, then closest µF'],
  [['recommended', 'a'], { text: 'New contactor', declined: true }, 'Recommended: “New contactor”, declined'],
  [['recommended', 'a'], { text: 'New contactor', declined: false }, 'Recommended: “New contactor”'],
  [
    ['recommended', 'a'],
    { text: 'New contactor', declined: true, when: 'season' },
    'Recommended: “New contactor”, before the next season, declined',
  ],
  [
    ['estimateLines', 'a'],
    { kind: 'labour', text: 'Work', hundredths: 150, cents: 9500, taxed: false },
    'Line of the estimate: “Work”, 1.5 h at $95.00, not taxed',
  ],
  [
    ['estimateLines', 'a'],
    { kind: 'part', text: 'Motor', hundredths: 100, cents: 20000, taxed: true },
    'Line of the estimate: “Motor”, 1 at $200.00',
  ],
  [['chargeFigures', 'suctionPsig'], 68.6, 'Suction: 68.6 psig'],
  [['chargeFigures', 'suctionFahrenheit'], 52, 'Suction line: 52 °F'],
  [['unusedOutputs', 'T1'], true, 'T1 on the contactor: has no lead'],
  [['unusedOutputs', 'T1'], false, 'T1 on the contactor: has a lead'],
  [['speedChoices', 'T1'], 'low', 'T1 on the contactor: low speed'],
])('%j %j', (path, value, words) => expect(line(path, value)).toBe(words))

it('plates are told by what could be read of them', () => {
  const sheet = leadSheetById('rowan-25r')
  expect(line(['motor'], sheet)).toBe(`The motor: ${sheet?.name}`)
  const plate = {
    ...EMPTY_MOTOR_PLATE,
    horsepower: ['1/4'],
    rpm: [1075, 825],
    volts: [{ low: 208, high: 230 }],
    amps: [1.4],
    phase: 1,
    rotation: { direction: 'CW', seenFrom: null },
    microfarads: 5,
    poles: 6,
  }
  expect(line(['motorPlate'], plate)).toBe(
    'The motor’s plate: 1/4 hp, 1075 / 825 rpm, 208–230 V, 1.4 A, 1 ph, 5 µF, CW, 6 poles',
  )
  expect(line(['motorPlate'], { ...EMPTY_MOTOR_PLATE, reversible: true })).toBe(
    'The motor’s plate: reversible',
  )
  expect(line(['motorPlate'], EMPTY_MOTOR_PLATE)).toBe('The motor’s plate: nothing readable')
  expect(
    line(['unitPlate'], {
      ...EMPTY_UNIT_PLATE,
      volts: [{ low: 230, high: 230 }],
      phase: 1,
      fanAmps: 1.2,
      compressorAmps: 14,
      circuitAmps: 19,
      maxFuseAmps: 30,
      refrigerant: 'R-22',
    }),
  ).toBe(
    'The unit’s plate: 230 V, 1 ph, fan 1.2 A, compressor 14 A, circuit 19 A at least, fuse 30 A at most, R-22',
  )
  expect(line(['oldBody'], { ...BLANK, shaftInches: 0.5, frameInches: 5.6, bodyInches: 6.5 })).toBe(
    'The old motor’s sizes: shaft 0.5 in, frame 5.6 in, body 6.5 in',
  )
  expect(line(['oldBody'], BLANK)).toBe('The old motor’s sizes: nothing readable')
  expect(line(['oldBlade'], { ...BLANK_BLADE, diameterInches: 22, blades: 3, pitchDegrees: 27 })).toBe(
    'The old blade: 22 in, 3 blades, 27°',
  )
})

it('what another version wrote is said to be so, never shown raw', () => {
  expect(line(['hovercraft'], { a: 1 })).toBe('Something of another version: in a form that is read no more')
  expect(line(['unit'], 'no-such-unit')).toBe('The kind of unit: in a form that is read no more')
  expect(line(['placements', 'brown'], { kind: 'glued' })).toBe('Lead brown: in a form that is read no more')
  expect(line(['constructor'], 1)).toBe('Something of another version: in a form that is read no more')
})
it('without a unit, posts are called as the record calls them', () =>
  expect(line(['placements', 'brown'], { kind: 'post', post: 'CAN-5' }, EMPTY_JOB)).toBe(
    'Lead brown: on CAN-5',
  ))

const DEMO = join(__dirname, '..', '..', '..', 'demo')
it.each(readdirSync(DEMO).filter((name) => name.endsWith('.job.json')))(
  'no change of %s is told as raw data',
  (name) => {
    const read = readJobFile(readFileSync(join(DEMO, name), 'utf8'))
    if (!read.ok) throw new Error('not a job file')
    const document = foldJob(read.file.changes)
    for (const change of read.file.changes) {
      const { what, says } = changeWords(change, document)
      // No braces, no identifiers with hyphens or humps in them, no truth values, no “undefined”.
      expect(`${what}: ${says}`).not.toMatch(
        /[{}[\]]|\b[a-z]+[A-Z][a-z]|\b(true|false|null|undefined)\b|[0-9a-f]{8}-[0-9a-f]{4}/,
      )
      expect(what).toMatch(/^[A-Z0-9“]/)
      expect(says.trim()).not.toBe('')
      expect(says).not.toContain('read no more')
    }
  },
)
