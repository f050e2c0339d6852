// What of a job goes into the hookup: only what this motor, this can and this unit have; the rest was of others and says nothing.
import type { SectionId } from '../../capacitor/can'
import { leadSheetById } from '../../motor/lead-sheets'
import { EMPTY_JOB, type JobDocument } from '../document'
import { FINISHED } from '../testing/finished'
import { compressorLabelVolts, deadKey, hookupInput, hookupNeeds, needsCan } from './hookup-input'

const input = (more: Partial<JobDocument> = {}) => hookupInput({ ...FINISHED, ...more })!
const sheet = (id: string) => leadSheetById(id)!

describe('what is still needed, in the order of the work', () => {
  it('of an empty job everything, of a finished one nothing', () => {
    expect(hookupNeeds(EMPTY_JOB)).toEqual(['unit', 'wires', 'motor', 'can'])
    expect([hookupNeeds(FINISHED), hookupInput(EMPTY_JOB)]).toEqual([[], null])
    expect(hookupNeeds({ ...FINISHED, motor: null })).toEqual(['motor'])
    expect(hookupNeeds({ ...FINISHED, can: null })).toEqual(['can'])
    const inside = Object.fromEntries(Object.entries(FINISHED.wires).filter(([, w]) => w.to !== 'motor'))
    expect(hookupNeeds({ ...FINISHED, wires: inside })).toEqual(['wires'])
  })
  it('a motor without a capacitor needs a can only where the compressor shares it', () => {
    const on = (unit: string, motor: string) => needsCan({ unit, motor: sheet(motor) })
    expect(on('cooling-1-pole-shared-capacitor', 'teal-33e')).toBe(true)
    expect(on('cooling-2-pole-own-capacitor', 'teal-33e')).toBe(false)
    expect(on('cooling-2-pole-own-capacitor', 'rowan-25r')).toBe(true)
    expect(on('packaged-three-phase', 'brant-50t')).toBe(false)
    expect(on('packaged-three-phase', 'rowan-25r')).toBe(true)
    expect(needsCan({ unit: null, motor: null })).toBe(true)
  })
})

describe('what is set on the motor', () => {
  it('a horsepower only where this motor has it', () => {
    const motor = sheet('rowan-33m')
    const set = (horsepower: string | null) => input({ motor, horsepower }).horsepower
    expect([set('1/4'), set('1/3'), set('3/4'), set(null)]).toEqual(['1/4', '1/3', null, null])
  })
  it('a speed only where it is set at the leads, speeds of outputs only of a blower', () => {
    const ecm = sheet('teal-33e')
    const offered = ecm.settings.speed.map((s) => s.speed)
    const speedOf = (motor: JobDocument['motor'], speed: JobDocument['speed']) =>
      input({ motor, speed }).speed
    expect(offered.map((speed) => speedOf(ecm, speed))).toEqual(offered)
    expect(speedOf(ecm, 'medium-low')).toBeNull()
    expect(speedOf(sheet('alder-33b'), 'high')).toBeNull()
    const speedChoices = { COOL: 'low' as const }
    expect(input({ motor: sheet('alder-33b'), speedChoices }).speedChoices).toEqual(speedChoices)
    expect(input({ speedChoices }).speedChoices).toEqual({})
  })
  it('volts only where its leads are joined for them', () => {
    const base = sheet('rowan-25r')
    const at = (volts: number) => ({ volts: { low: volts, high: volts }, amps: null, how: '' })
    const motor = { ...base, settings: { ...base.settings, volts: [at(115), at(230)] } }
    const set = (motorVolts: string) => input({ motor, motorVolts }).motorVolts
    expect([set('115'), set('230'), set('460')]).toEqual(['115', '230', null])
    expect(input({ motor: base, motorVolts: '230' }).motorVolts).toBeNull()
  })
  it('a grounded frame only of a motor whose tag has no ground lead', () => {
    const base = sheet('rowan-25r')
    const bare = { ...base, leads: base.leads.filter((l) => l.role !== 'ground') }
    const grounded = (motor: JobDocument['motor'], frameGrounded: boolean | null) =>
      input({ motor, frameGrounded }).frameGrounded
    expect([grounded(bare, true), grounded(bare, false), grounded(bare, null), grounded(base, true)]).toEqual(
      [true, false, false, false],
    )
  })
})

describe('the can', () => {
  const can = FINISHED.can!
  const [first, ...others] = can.sections
  it('comes without its dead sections', () => {
    const dead = { [deadKey(can.id, first!.id)]: true }
    expect(input({ deadSections: dead }).can?.sections).toEqual(others)
    // The same section of another can is alive.
    expect(input({ deadSections: { [deadKey('other', first!.id)]: true } }).can?.sections).toEqual(
      can.sections,
    )
    expect(input({ deadSections: { [deadKey(can.id, first!.id)]: false } }).can?.sections).toEqual(
      can.sections,
    )
  })
  it('what was put on posts that it lacks is left out', () => {
    const post = (section: SectionId) => `CAN-${section}`
    const [a, b] = [post(can.sections[0]!.id), post(can.sections[1]!.id)]
    const canPut = {
      jumpers: [
        { from: a, to: b },
        { from: a, to: 'CAN-99' },
        { from: 'CAN-99', to: b },
      ],
      wires: [
        { wire: 'comp-s', post: a },
        { wire: 'tie', post: 'CAN-99' },
      ],
    }
    expect(input({ canPut }).put).toEqual({
      jumpers: [{ from: a, to: b }],
      wires: [{ wire: 'comp-s', post: a }],
    })
    expect(input({ canPut: null }).put).toBeNull()
  })
  it('the compressor’s volts are a dual’s label’s, and asked for only of a can that does not serve any', () => {
    const label = (...sections: number[]) => ({ sections, range: null, volts: 440, tolerancePercent: null })
    expect(compressorLabelVolts({ canMarking: label(45, 5) })).toBe(440)
    expect(compressorLabelVolts({ canMarking: label(5) })).toBeNull()
    expect(compressorLabelVolts({ canMarking: null })).toBeNull()
    const volts = (rated: number) =>
      input({ canMarking: label(45, 5), can: { ...can, volts: rated } }).compressorVolts
    expect(volts(370)).toBe(440)
    expect(volts(1000)).toBeNull()
  })
})

it('leads that this motor lacks, and outputs that are in use after all, are left out', () => {
  const loose = { kind: 'loose' as const }
  expect(input({ placements: { white: loose, mauve: loose } }).placements).toEqual([
    { lead: 'white', goes: loose },
  ])
  expect(input({ unusedOutputs: { HEAT: true, COOL: false } }).unusedOutputs).toEqual(['HEAT'])
})
it('without a tolerance of its own it is 6 %', () => {
  expect(input({ tolerancePercent: null }).tolerancePercent).toBe(6)
  expect(input({ tolerancePercent: 5 }).tolerancePercent).toBe(5)
})
