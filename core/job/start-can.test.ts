// A compressor's start capacitor and its resistor, told alike on steps, card, label and report; left out when it is not what is asked for.
import { requestOnSupply } from '../circuit/request'
import { fitSteps } from '../fitting/steps'
import { hookupWith } from '../testing/fixtures'
import { knownUnitType } from '../wiring/unit-types'
import { makeCard } from './card/card'
import { EMPTY_JOB, type JobDocument } from './document'
import { hookupInput } from './inputs/hookup-input'
import { newStartCan } from './inputs/start-can'
import { canLabel } from './report/label'
import { composeReport } from './report/report'
import { FINISHED } from './testing/finished'

const CAN = { id: 'start-135', name: 'Start 135', low: 135, high: 162, volts: 250, bleed: 'new' as const }
const ASKED = { low: 135, high: 162, volts: 250 }
const job = (more: Partial<JobDocument> = {}): JobDocument => ({
  ...FINISHED,
  startCan: CAN,
  startWanted: ASKED,
  ...more,
})
const TOLD = 'a new 15 kΩ 2 W resistor across its posts'

it('is what is asked for, on a unit with a compressor of one phase', () => {
  expect(newStartCan(job())).toEqual(CAN)
  expect(newStartCan(job({ startWanted: { ...ASKED, low: 140 } }))).toBeNull()
  expect(newStartCan(job({ startWanted: { ...ASKED, volts: 330 } }))).toBeNull()
  expect(newStartCan(job({ startWanted: null }))).toBeNull()
  expect(newStartCan(job({ unit: 'fan-coil-three-speed' }))).toBeNull()
  expect(newStartCan(job({ unit: 'packaged-three-phase' }))).toBeNull()
  expect(newStartCan(EMPTY_JOB)).toBeNull()
})

it('card, steps, label and report say the same of its resistor', () => {
  const { unit, supply, ...rest } = hookupInput(job())!
  const { request } = requestOnSupply(knownUnitType(unit), supply, rest)
  const answer = hookupWith(request, {}, { mends: false })
  const heading = { job: 'x', title: '', site: '', date: '', technician: '', readings: [] }
  expect(makeCard(request, answer, heading)?.capacitor.at(-1)).toBe(
    `Compressor’s start: Start 135, 135–162 µF, 250 V, ${TOLD}`,
  )
  expect(fitSteps(request, answer).find((s) => s.id === 'start-can')?.text).toBe(
    `The compressor’s start capacitor: discharge it, then its wires one post after the other onto Start 135; ${TOLD}.`,
  )
  const label = canLabel({
    can: FINISHED.can!,
    groups: [
      { load: 'HERM', microfarads: 40 },
      { load: 'FAN', microfarads: 7.5 },
    ],
    start: CAN,
    date: '2026-07-18',
    job: '',
    size: '100 × 50 mm',
  })
  const lines = label.lines.map(({ text }) => text)
  expect(lines).toEqual(expect.arrayContaining(['START 135–162 µF, 250 V', 'Resistor: 15 kΩ 2 W']))
  const done = (style: 'plain' | 'technical') =>
    composeReport(job({ ended: { at: 1 } }), style)
      .sections.find((s) => s.id === 'done')
      ?.lines.join(' ')
  expect(done('technical')).toContain(`Compressor’s start capacitor: Start 135, 135–162 µF, 250 V; ${TOLD}.`)
  expect(done('plain')).toContain('A new start capacitor for the compressor: Start 135.')
})

it('nobody said where its resistor is from: that one belongs there; the old one, or one that is built in, is told as that', () => {
  const said = (bleed: 'moved' | 'built-in' | null) => {
    const { unit, supply, ...rest } = hookupInput(job({ startCan: { ...CAN, bleed } }))!
    const { request } = requestOnSupply(knownUnitType(unit), supply, rest)
    const heading = { job: 'x', title: '', site: '', date: '', technician: '', readings: [] }
    return makeCard(request, hookupWith(request, {}, { mends: false }), heading)?.capacitor.at(-1)
  }
  expect(said(null)).toContain('a 15 kΩ 2 W resistor belongs across its posts')
  expect(said('moved')).toContain('the old one’s resistor moved across its posts')
  expect(said('built-in')).toContain('its resistor built in')
})
