// A proposal that is taken changes that one thing of the plate.
import { EMPTY_MOTOR_PLATE, EMPTY_UNIT_PLATE } from '../../motor/nameplate'
import { takeProposal, type Plates } from './take'
import type { PhotographedPlate, Proposal } from './proposal'

const BLANK: Plates = { motor: null, unit: null, can: null }
const take = (plate: PhotographedPlate, field: Proposal['field'], text: string, plates: Plates = BLANK) =>
  takeProposal(plates, plate, { field, text })

it.each<[Proposal['field'], string, object]>([
  ['horsepower', 'HP 1/4', { horsepower: ['1/4'] }],
  ['rpm', '1075 RPM', { rpm: [1075] }],
  ['volts', 'VOLTS 208-230', { volts: [{ low: 208, high: 230 }] }],
  ['amps', 'AMPS 1.4', { amps: [1.4] }],
  ['hertz', 'HZ 60', { hertz: [60] }],
  ['phase', '1 PH', { phase: 1 }],
  ['rotation', 'ROT CCW LE', { rotation: { direction: 'CCW', seenFrom: 'lead-end' }, reversible: false }],
  ['microfarads', 'CAP 5 MFD', { microfarads: 5 }],
  ['capacitor-volts', '370 VAC', { capacitorVolts: 370 }],
  ['capacitor-volts', 'CAP 5/370', { capacitorVolts: 370 }],
  ['frame', 'FRAME 48Y', { frame: '48Y' }],
])('of a motor: %s by “%s”', (field, text, part) =>
  expect(take('motor', field, text)).toEqual({
    ok: true,
    plate: { ...EMPTY_MOTOR_PLATE, ...part },
    replaces: false,
  }),
)
it.each<[Proposal['field'], string, object]>([
  ['circuit-amps', 'MCA 18.2', { circuitAmps: 18.2 }],
  ['max-fuse', 'MAX FUSE 30', { maxFuseAmps: 30 }],
  ['fan-amps', 'FAN FLA 1.2', { fanAmps: 1.2 }],
  ['compressor-amps', 'COMP RLA 14.1', { compressorAmps: 14.1 }],
  ['refrigerant', 'R-410A', { refrigerant: 'R-410A' }],
  [
    'volts',
    '208/230 V',
    {
      volts: [
        { low: 208, high: 208 },
        { low: 230, high: 230 },
      ],
    },
  ],
])('of a unit: %s by “%s”', (field, text, part) =>
  expect(take('unit', field, text)).toEqual({
    ok: true,
    plate: { ...EMPTY_UNIT_PLATE, ...part },
    replaces: false,
  }),
)
it('of a can: its microfarads first, then the rest', () => {
  const first = take('can', 'microfarads', '45/5 MFD')
  if (!first.ok) throw new Error(first.message)
  const can = { sections: [45, 5], range: null, volts: null, tolerancePercent: null }
  expect(first).toEqual({ ok: true, plate: can, replaces: false })
  expect(take('can', 'volts', '440 VAC', { ...BLANK, can })).toMatchObject({ plate: { ...can, volts: 440 } })
  expect(take('can', 'tolerance', '±6%', { ...BLANK, can })).toMatchObject({
    plate: { ...can, tolerancePercent: 6 },
  })
  expect(take('can', 'volts', '440 VAC')).toEqual({
    ok: false,
    message: 'Take its microfarads first: without them a marking says nothing.',
  })
})
it('all else stays, and it is said when something was there', () => {
  const motor = { ...EMPTY_MOTOR_PLATE, horsepower: ['1/3'], amps: [2] }
  expect(take('motor', 'horsepower', '1/4 HP', { ...BLANK, motor })).toEqual({
    ok: true,
    plate: { ...motor, horsepower: ['1/4'] },
    replaces: true,
  })
})
it('a correction that does not say it is refused in words', () => {
  for (const [field, text] of [
    ['amps', 'about two'],
    ['capacitor-volts', 'none'],
    ['horsepower', ''],
    ['microfarads', 'VOLTS 230'],
  ] as const)
    expect(take('motor', field, text)).toEqual({
      ok: false,
      message: 'This line does not say it. Write it as it is printed, with its unit.',
    })
})
