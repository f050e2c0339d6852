import { EMPTY_JOB, type JobDocument } from '@oak/core/job/document'
import { EMPTY_MOTOR_PLATE } from '@oak/core/motor/nameplate'
import { leadSheetById } from '@oak/core/motor/lead-sheets'
import {
  dayOfChoice,
  dayProblem,
  DAY_OPTIONS,
  doneSoFar,
  nextVisitEdits,
  proposedPart,
  samePlaceEdits,
} from './visit-model'

const job = (more: Partial<JobDocument> = {}): JobDocument => ({ ...EMPTY_JOB, ...more })
const fault = { cause: 'bearing', name: 'A bearing is seized', strength: 'strong' as const, because: [] }
const can = {
  id: 'c',
  name: 'Dual 40 and 5',
  volts: 440,
  tolerancePercent: 6,
  sections: [],
  protectedStart: false,
}

it('says what the visit does from the record; a motor that stays is not replaced', () => {
  const motor = leadSheetById('rowan-25r')!
  expect(doneSoFar(job())).toEqual([])
  expect(doneSoFar(job({ fault, motor, can }))).toEqual([
    'Found: A bearing is seized',
    'Motor replaced: Rowan 25R, planned',
    'Capacitor: Dual 40 and 5, planned',
  ])
  expect(doneSoFar(job({ motor, motorStays: true }))).toEqual(['The old motor stays'])
  const estimateLines = { a: { kind: 'part', text: 'x', hundredths: 100, cents: 1, taxed: true } } as const
  expect(doneSoFar(job({ estimateLines }))).toEqual(['Estimate made'])
  expect(
    doneSoFar(job({ estimateLines, acceptance: { name: 'N. Farouk', at: 1, cents: 1, signature: null } })),
  ).toEqual(['Estimate accepted by N. Farouk'])
})
it('a day by one press, or typed, or none', () => {
  const days = DAY_OPTIONS.map(({ value }) => dayOfChoice(value, ' 2026-08-01 ', '2026-07-14'))
  expect(days).toEqual(['2026-07-15', '2026-07-17', '2026-07-21', null, '2026-08-01'])
  // Each says the day that it gives: as many days on as its words say.
  const said = { tomorrow: 1, 'in 3 days': 3, 'in a week': 7 }
  for (const [text, ahead] of Object.entries(said)) {
    const value = DAY_OPTIONS.find((option) => option.text === text)?.value ?? 'none'
    expect(dayOfChoice(value, '', '2026-07-14')).toBe(`2026-07-${14 + ahead}`)
  }
})
it('proposes the part by the old plate, as far as it could be read, while no motor is chosen', () => {
  const plate = (more: object) => ({ ...EMPTY_MOTOR_PLATE, ...more })
  const motorPlate = plate({ horsepower: ['1/4'], rpm: [1075], volts: [{ low: 208, high: 230 }] })
  expect(proposedPart(job({ motorPlate }))).toBe('Motor, 1/4 hp, 1075 rpm, 208–230 V')
  expect(proposedPart(job({ motorPlate: plate({ volts: [{ low: 115, high: 115 }] }) }))).toBe('Motor, 115 V')
  expect([proposedPart(job()), proposedPart(job({ motorPlate: plate({}) }))]).toEqual(['', ''])
  expect(proposedPart(job({ motorPlate, motor: leadSheetById('rowan-25r')! }))).toBe('')
})
it('the next visit is for what one was to come back for; the end that was said is taken back', () => {
  expect(nextVisitEdits(job(), 'k', 5)).toEqual([{ path: ['visits', 'k'], value: { at: 5, why: '' } }])
  expect(nextVisitEdits(job({ comeBack: { on: null, why: 'fit it' }, ended: { at: 1 } }), 'k', 5)).toEqual([
    { path: ['visits', 'k'], value: { at: 5, why: 'fit it' } },
    { path: ['comeBack'], value: null },
    { path: ['ended'], value: null },
  ])
})
it('another unit at this place takes the place and the owner, nothing of the unit', () =>
  expect(
    samePlaceEdits(
      job({ site: 'Quay 4', owner: 'Gull Ltd', hertz: 50, unitName: 'Roof 3', title: 'Fan', unit: 'x' }),
    ),
  ).toEqual([
    { path: ['site'], value: 'Quay 4' },
    { path: ['owner'], value: 'Gull Ltd' },
    { path: ['hertz'], value: 50 },
  ]))
it('a typed day is refused by its form, and where the calendar has none; a chosen one needs no words', () => {
  expect(dayProblem('other', 'Tuesday')).toBe('A day is written like 2026-07-14.')
  expect(dayProblem('other', '')).toBe('A day is written like 2026-07-14.')
  expect(dayProblem('other', '2026-02-30')).toBe('There is no such day in the calendar.')
  expect(dayProblem('other', ' 2026-02-28 ')).toBeNull()
  expect(dayProblem('tomorrow', 'Tuesday')).toBeNull()
})
