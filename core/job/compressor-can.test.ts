// A compressor with a capacitor to itself: the new one is on card, steps and report, and no proof rests on it.
import { requestOnSupply } from '../circuit/request'
import { fitSteps } from '../fitting/steps'
import { leadSheetById } from '../motor/lead-sheets'
import { hookupWith } from '../testing/fixtures'
import { knownUnitType } from '../wiring/unit-types'
import { makeCard } from './card/card'
import { EMPTY_JOB, type JobDocument } from './document'
import { hasCompressorCan, newCompressorCan } from './inputs/compressor-can'
import { hookupInput } from './inputs/hookup-input'
import { printOf } from './print'
import { composeReport } from './report/report'

const single = (name: string, microfarads: number) => ({
  id: name,
  name,
  volts: 440,
  tolerancePercent: 6,
  protectedStart: false,
  sections: [{ id: 'only', microfarads }],
})
const job = (unit: string): JobDocument => ({
  ...EMPTY_JOB,
  unit,
  wires: Object.fromEntries(
    knownUnitType(unit).typicalWires.map(({ id, ...ends }) => [
      id,
      { ...ends, segments: [], traced: true, stated: [] },
    ]),
  ),
  motor: leadSheetById('rowan-25r')!,
  wanted: { direction: 'CW', seenFrom: 'lead-end' },
  can: single('Single 7.5', 7.5),
  compressorMicrofarads: 40,
  compressorCanVolts: 370,
  compressorCan: single('Single 40', 40),
})
const OWN = job('cooling-2-pole-own-capacitor')
const worked = (of: JobDocument) => {
  const { unit, supply, ...rest } = hookupInput(of)!
  const { request } = requestOnSupply(knownUnitType(unit), supply, { ...rest, frameGrounded: true })
  return { request, answer: hookupWith(request, {}, { mends: false }) }
}

it('is told by the card, by a step of its own, and by the report', () => {
  const { request, answer } = worked(OWN)
  const heading = { job: 'x', title: '', site: '', date: '', technician: '', readings: [] }
  expect(makeCard(request, answer, heading)?.capacitor.at(-1)).toBe(
    'Compressor’s own: Single 40, 40 µF, 440 V',
  )
  expect(fitSteps(request, answer).find((s) => s.id === 'compressor-can')?.text).toBe(
    'The compressor’s own capacitor: discharge it, then its wires one post after the other onto Single 40.',
  )
})
it('is told by the report as planned, until the visit is at its end', () => {
  const done = (job: JobDocument, style: 'plain' | 'technical') =>
    composeReport(job, style)
      .sections.find((s) => s.id === 'done')
      ?.lines.join(' ')
  expect(done(OWN, 'plain')).toContain('A new capacitor for the compressor is planned: Single 40.')
  expect(done(OWN, 'technical')).toContain('Planned for the compressor: Single 40, 440 V; it asks for 40 µF.')
  const ended = { ...OWN, ended: { at: 1 } }
  expect(done(ended, 'plain')).toContain('A new capacitor for the compressor: Single 40.')
  expect(done(ended, 'technical')).toContain(
    'Compressor’s own capacitor: Single 40, 440 V; it asks for 40 µF.',
  )
})
it.each([
  ['another value is asked for', { compressorMicrofarads: 45 }],
  ['more volts are asked for', { compressorCanVolts: 441 }],
  ['its µF are not known any more', { compressorMicrofarads: null }],
  ['the unit is another', { unit: 'cooling-2-pole-shared-capacitor' }],
])('is left out everywhere once %s', (_, change) => {
  const other = { ...OWN, ...change }
  expect(newCompressorCan(OWN)?.name).toBe('Single 40')
  expect(newCompressorCan(other)).toBeNull()
  expect(hookupInput(other)?.compressorCan ?? null).toBeNull()
  expect(
    composeReport(other, 'technical')
      .sections.flatMap((s) => s.lines)
      .join(),
  ).not.toContain('Single 40')
})
it('nothing is said of one that stays', () => {
  const { request, answer } = worked({ ...OWN, compressorCan: null })
  expect(fitSteps(request, answer).some((s) => s.id === 'compressor-can')).toBe(false)
  expect(
    composeReport({ ...OWN, compressorCan: null }, 'technical')
      .sections.flatMap((s) => s.lines)
      .join(),
  ).not.toContain('Compressor’s own')
})
it('no proof rests on it: chosen afterwards, what was proven stands', () => {
  expect(printOf(hookupInput(OWN)!)).toBe(printOf(hookupInput({ ...OWN, compressorCan: null })!))
})
it('only where the compressor has one to itself', () => {
  expect(hasCompressorCan(OWN)).toBe(true)
  const shared = { ...job('cooling-1-pole-shared-capacitor'), can: single('Dual', 40) }
  expect(hasCompressorCan(shared)).toBe(false)
  expect(hookupInput(shared)?.compressorCan).toBeNull()
  expect(hasCompressorCan(job('pool-heater-two-capacitors'))).toBe(true)
  expect(hasCompressorCan({ unit: null })).toBe(false)
})
