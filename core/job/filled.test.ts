import { leadSheetById } from '../motor/lead-sheets'
import { EMPTY_MOTOR_PLATE, type MotorPlate } from '../motor/nameplate'
import { EMPTY_JOB, type JobDocument } from './document'
import { filledBy } from './filled'

const plate = (more: Partial<MotorPlate>): MotorPlate => ({ ...EMPTY_MOTOR_PLATE, ...more })
const CW = { direction: 'CW', seenFrom: 'lead-end' } as const
const CCW = { direction: 'CCW', seenFrom: 'shaft-end' } as const
const marking = (...sections: number[]) => ({ sections, range: null, volts: 440, tolerancePercent: 6 })
const job = (more: Partial<JobDocument> = {}): JobDocument => ({ ...EMPTY_JOB, ...more })
const keep = (path: string, value: unknown) => [{ path: [path], value }]

describe('the plate’s direction', () => {
  const read = keep('motorPlate', plate({ rotation: CW }))
  it('fills the one that is wanted', () =>
    expect(filledBy(job(), read)).toEqual([{ path: ['wanted'], value: CW }]))
  it('never takes the place of one that was set otherwise', () =>
    expect(filledBy(job({ wanted: CCW }), read)).toEqual([]))
  it('follows the plate when it is read again, as long as nobody set another', () => {
    const before = plate({ rotation: CCW })
    expect(filledBy(job({ motorPlate: before, wanted: CCW }), read)).toEqual([
      { path: ['wanted'], value: CW },
    ])
    expect(filledBy(job({ motorPlate: before, wanted: CW }), read)).toEqual([])
  })
  it('without the end it is seen from tells nothing', () =>
    expect(
      filledBy(job(), keep('motorPlate', plate({ rotation: { direction: 'CW', seenFrom: null } }))),
    ).toEqual([]))
  it('gives way to one that is set with it', () =>
    expect(filledBy(job(), [...read, ...keep('wanted', CCW)])).toEqual([]))
})
describe('a dual’s label', () => {
  const read = keep('canMarking', marking(40, 5))
  it('fills the compressor’s µF with its first figure', () =>
    expect(filledBy(job(), read)).toEqual([{ path: ['compressorMicrofarads'], value: 40 }]))
  it('a single’s is the fan’s alone', () =>
    expect(filledBy(job(), keep('canMarking', marking(5)))).toEqual([]))
  it('never takes the place of the plate’s; follows itself', () => {
    expect(filledBy(job({ compressorMicrofarads: 45 }), read)).toEqual([])
    expect(filledBy(job({ canMarking: marking(45, 5), compressorMicrofarads: 45 }), read)).toEqual([
      { path: ['compressorMicrofarads'], value: 40 },
    ])
  })
  it('taken away, takes nothing with it', () =>
    expect(
      filledBy(job({ canMarking: marking(45, 5), compressorMicrofarads: 45 }), keep('canMarking', null)),
    ).toEqual([]))
})
describe('the plate’s rpm', () => {
  const sheet = leadSheetById('teal-33e')!
  it('sets the class of a motor with a select lead that was chosen before', () => {
    const [low] = sheet.settings.speed.filter((s) => s.speed === 'low')
    expect(filledBy(job({ motor: sheet }), keep('motorPlate', plate({ rpm: [low!.rpm!] })))).toEqual([
      { path: ['speed'], value: 'low' },
    ])
  })
  it('not where it was set, and of another motor nothing', () => {
    const read = keep('motorPlate', plate({ rpm: [1075] }))
    expect(filledBy(job({ motor: sheet, speed: 'low' }), read)).toEqual([])
    expect(filledBy(job({ motor: leadSheetById('rowan-25r')! }), read)).toEqual([])
  })
})
it('an edit of something else fills nothing', () =>
  expect(filledBy(job({ motorPlate: plate({ rotation: CW }) }), keep('title', 'Roof'))).toEqual([]))
