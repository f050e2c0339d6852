import * as v from 'valibot'
import { leadSheetById } from '../../motor/lead-sheets'
import { bladePosition } from '../../operations/blade-position'
import { EMPTY_JOB, type JobDocument } from '../document'
import { figureOf, isThroughShaft, mountInput, mountingWay, mountPosition } from './mount-input'
import { MOUNT_FIGURES } from '../../mounting/figures'

const BODY: NonNullable<JobDocument['oldBody']> = {
  frameInches: 5.6,
  bodyInches: 6.5,
  shaftInches: 0.5,
  shaftLengthInches: 5,
  throughShaft: null,
  mounting: ['studs'],
  positions: ['shaft-down'],
  enclosure: null,
  bearings: null,
  ambientCelsius: null,
  airOver: null,
}
const job = (more: Partial<JobDocument>): JobDocument => ({
  ...EMPTY_JOB,
  unit: 'cooling-1-pole-shared-capacitor',
  ...more,
})

it('what was entered at the stage comes before plates and sheets', () => {
  expect(figureOf(job({ oldBody: BODY }), 'oldBody')).toBe(6.5)
  expect(figureOf(job({ oldBody: BODY, mountInches: { oldBody: 7 } }), 'oldBody')).toBe(7)
  expect(figureOf(job({}), 'oldBody')).toBeNull()
})
it('the new motor’s body and shaft are its sheet’s', () => {
  const motor = {
    ...leadSheetById('rowan-25r')!,
    mechanical: { ...BODY, bodyInches: 5.5, shaftLengthInches: 6 },
  }
  expect([figureOf(job({ motor }), 'newBody'), figureOf(job({ motor }), 'shaft')]).toEqual([5.5, 6])
})
it('the way it is held is chosen, or the old body’s, or what such a unit usually has', () => {
  expect(mountingWay(job({}))).toBe('base')
  expect(mountingWay(job({ unit: 'gas-furnace-board' }))).toBe('band')
  expect(mountingWay(job({ oldBody: { ...BODY, mounting: ['belly-band'] } }))).toBe('band')
  expect(
    mountingWay(job({ oldBody: { ...BODY, mounting: ['belly-band'] }, mountChoices: { way: 'shaft-end' } })),
  ).toBe('shaft-end')
  expect(mountingWay(job({ mountChoices: { way: 'glue' } }))).toBe('base')
})
it('how it lies is the old body’s only where that names one way', () => {
  expect(mountPosition(job({ oldBody: BODY }))).toBe('shaft-down')
  expect(mountPosition(job({ oldBody: { ...BODY, positions: ['shaft-down', 'horizontal'] } }))).toBeNull()
  expect(mountPosition(job({ mountChoices: { position: 'shaft-up' } }))).toBe('shaft-up')
})
it('a through shaft is two ends, the far one told from the mounting plane', () => {
  const through = job({
    oldBody: { ...BODY, throughShaft: true },
    mountInches: { oldFace2: 3, newFace2: 2.5, oldHub2: 1.5 },
  })
  expect(isThroughShaft(through)).toBe(true)
  expect(mountInput(through).ends).toMatchObject([
    { way: 'base' },
    { way: 'base', oldBody: 3, newBody: 2.5, oldHub: 1.5 },
  ])
  expect(
    isThroughShaft(job({ oldBody: { ...BODY, throughShaft: true }, mountChoices: { through: 'no' } })),
  ).toBe(false)
})
it('asks of wheel and stud only when they can be answered', () => {
  expect(mountInput(job({ mountInches: { wheelMotor: 0.5 } }))).toMatchObject({ wheel: null, stud: null })
  expect(
    mountInput(job({ mountInches: { wheelMotor: 0.5, wheelFar: 0.25, stud: 1, nut: 0.25 } })),
  ).toMatchObject({ wheel: { motorSide: 0.5, farSide: 0.25 }, stud: { through: 0, capDepth: null } })
})
it('whatever is measured, the operation takes it', () => {
  const every = Object.fromEntries(MOUNT_FIGURES.map((key, i) => [key, 0.25 + i / 8]))
  for (const mountInches of [{}, every])
    expect(
      v.safeParse(
        bladePosition.input,
        mountInput(
          job({ mountInches, motor: leadSheetById('rowan-25r')!, mountChoices: { through: 'yes' } }),
        ),
      ).success,
    ).toBe(true)
})
