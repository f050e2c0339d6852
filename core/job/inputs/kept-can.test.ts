import { leadSheetById } from '../../motor/lead-sheets'
import { makeCard } from '../card/card'
import { composeReport } from '../report/report'
import { canLabel } from '../report/label'
import { hookupWith } from '../../testing/fixtures'
import { requestOnSupply } from '../../circuit/request'
import { fitSteps } from '../../fitting/steps'
import { knownUnitType } from '../../wiring/unit-types'
import { EMPTY_JOB, type JobDocument } from '../document'
import { hookupInput } from './hookup-input'
import { keptWhole } from './kept-can'

const unit = knownUnitType('cooling-1-pole-shared-capacitor')
const uf = (value: number) => ({
  quantity: 'microfarads' as const,
  value,
  accuracy: { percent: 0, counts: 0, resolution: 0 },
  range: null,
  meter: 'typed',
  at: 1,
})
/** The tag asks for 7.5 µF at 370 V, the compressor for 40 µF; the can is what both ask for. */
const JOB: JobDocument = {
  ...EMPTY_JOB,
  unit: unit.id,
  wires: Object.fromEntries(
    unit.typicalWires.map(({ id, ...ends }) => [id, { ...ends, segments: [], traced: true, stated: [] }]),
  ),
  motor: leadSheetById('rowan-25r')!,
  wanted: { direction: 'CW', seenFrom: 'lead-end' },
  compressorMicrofarads: 40,
  canMarking: { sections: [40, 7.5], range: null, volts: 440, tolerancePercent: 6 },
  observations: { 'can-top': 'flat' },
  measurements: { 'microfarads-HERM': uf(39.2), 'microfarads-FAN': uf(7.4) },
}
const why = (more: Partial<JobDocument>) => keptWhole({ ...JOB, ...more }).why
const read = (herm: number, fan: number) => ({
  measurements: { 'microfarads-HERM': uf(herm), 'microfarads-FAN': uf(fan) },
})

it('stays with its own marking, volts and readings', () => {
  expect(keptWhole(JOB)).toEqual({
    kind: 'stays',
    why: 'It stays whole: HERM marked 40 µF, read 39.2 to 39.2 µF; FAN marked 7.5 µF, read 7.4 to 7.4 µF.',
    can: {
      id: 'old-can-whole',
      name: 'The old can',
      volts: 440,
      tolerancePercent: 6,
      protectedStart: false,
      sections: [
        { id: '1-HERM', microfarads: 39.2, marked: 40, of: 'The old can', stays: 'HERM' },
        { id: '2-FAN', microfarads: 7.4, marked: 7.5, of: 'The old can', stays: 'FAN' },
      ],
    },
  })
})
describe('is refused', () => {
  it.each<[string, Partial<JobDocument>]>([
    ['Which motor runs here is not known yet: its tag says what the can must be.', { motor: null }],
    ['This motor needs no capacitor.', { motor: leadSheetById('teal-33e')! }],
    ['Only a can whose top is flat and dry may stay: look at it first.', { observations: {} }],
    [
      'Only a can whose top is flat and dry may stay: look at it first.',
      { observations: { 'can-top': 'swollen' } },
    ],
    ['Its volts are not on record: read its label.', { canMarking: { ...JOB.canMarking!, volts: null } }],
    [
      'It is rated 330 V; the motor’s tag asks for 370 V at least.',
      { canMarking: { ...JOB.canMarking!, volts: 330 } },
    ],
    ['What HERM asks for is not known yet.', { compressorMicrofarads: null }],
    [
      'Its FAN side is marked 5 µF; 7.5 µF is asked for.',
      { canMarking: { ...JOB.canMarking!, sections: [40, 5] } },
    ],
    [
      'Its FAN side is not read: only a reading lets it stay.',
      { measurements: { 'microfarads-HERM': uf(40) } },
    ],
  ])('%s', (sentence, more) =>
    expect(keptWhole({ ...JOB, ...more })).toEqual({ kind: 'refused', why: sentence }),
  )
  it('on either side of the tolerance of each load: 7.05 and 7.95, 37.6 and 42.4 µF', () => {
    for (const [herm, fan] of [
      [37.6, 7.05],
      [42.4, 7.95],
    ] as const)
      expect(keptWhole({ ...JOB, ...read(herm, fan) }).kind).toBe('stays')
    expect(why(read(40, 7.04))).toBe('Its FAN side reads 7.04 to 7.04 µF, outside 7.5 µF ±6 %.')
    expect(why(read(40, 7.96))).toContain('outside 7.5 µF')
    expect(why(read(37.59, 7.5))).toContain('Its HERM side reads 37.59')
    expect(why(read(42.41, 7.5))).toContain('outside 40 µF ±6 %')
  })
  it('where the meter cannot tell', () =>
    expect(
      why({
        measurements: {
          ...JOB.measurements,
          'microfarads-FAN': { ...uf(7.1), accuracy: { percent: 2, counts: 0, resolution: 0.01 } },
        },
      }),
    ).toMatch(/^Whether its FAN side is inside 7\.5 µF ±6 % this meter cannot tell: it reads /))
})
describe('is told as kept', () => {
  const kept = keptWhole(JOB)
  const job: JobDocument = { ...JOB, can: kept.kind === 'stays' ? kept.can : null }
  const { unit: type, supply, ...rest } = hookupInput(job)!
  const { request } = requestOnSupply(knownUnitType(type), supply, { ...rest, frameGrounded: true })
  const answer = hookupWith(request, {}, { mends: false })
  it('the hookup with it is proven', () => expect(answer.proof.verdict).toBe('proven'))
  it('by the steps of fitting: nothing of it is moved, nothing is strapped or read', () => {
    const steps = fitSteps(request, answer)
    expect(steps.find((s) => s.id === 'old')?.text).toBe(
      'Leave the old can in its strap: it stays whole, for HERM and FAN.',
    )
    expect(steps.filter((s) => /^(strap|check|jumper|move|tie)-/.test(s.id) || s.kind === 'label')).toEqual(
      [],
    )
  })
  it('by the card and the report', () => {
    const card = makeCard(request, answer, {
      job: 'x',
      title: '',
      site: '',
      date: '',
      technician: '',
      readings: [],
    })
    expect(card?.capacitor.join(' ')).toContain(
      'The old can stays for HERM and FAN, marked 40 µF, read 39.2 µF; marked 7.5 µF, read 7.4 µF',
    )
    const done = composeReport(job, 'plain')
      .sections.find((s) => s.id === 'done')
      ?.lines.join(' ')
    expect(done).toContain(
      'The old capacitor stays for compressor and fan, by its reading of 39.2 µF and 7.4 µF.',
    )
    expect(done).not.toContain('new capacitor')
  })
  it('by the label', () => {
    const { lines } = canLabel({
      can: job.can!,
      groups: answer.can.groups,
      date: '1 Jul',
      job: '',
      size: '100 × 50 mm',
    })
    expect(lines.map((l) => l.text).join(' ')).toContain('The old can, kept')
  })
})
