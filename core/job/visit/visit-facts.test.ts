import { leadSheetById } from '../../motor/lead-sheets'
import { EMPTY_JOB, type JobDocument } from '../document'
import { composeReport } from '../report/report'
import { WORKS } from './works'

const lines = (more: Partial<JobDocument>, style: 'plain' | 'technical', section: string) =>
  composeReport({ ...EMPTY_JOB, ...more }, style).sections.find((s) => s.id === section)?.lines ?? []
const at = (day: number) => new Date(2026, 6, day, 9).getTime()

it('other work is in the report in both ways of saying it; what helps for today says so', () => {
  const works = { freed: { text: 'x' }, contactor: { text: 'x' }, own: { text: 'Panel screw replaced' } }
  expect(lines({ works }, 'technical', 'done')).toEqual([
    'Contactor replaced.',
    'Seized fan freed with oil, for today only.',
    'Panel screw replaced.',
  ])
  expect(lines({ works }, 'plain', 'done')).toEqual([
    'The contactor, the switch that feeds the unit, was replaced.',
    'The fan was stuck and was freed for now. This helps for today; the cause is still there.',
    'Panel screw replaced.',
  ])
})
it('visits are counted from the second on, in their order', () => {
  const visits = { b: { at: at(20), why: '' }, a: { at: at(14), why: 'fit the motor' } }
  expect(lines({ visits }, 'plain', 'done')).toEqual([
    'Visit 2, 14 Jul 2026: fit the motor.',
    'Visit 3, 20 Jul 2026.',
  ])
})
it('parts on order and the day to come back stand where they are looked for; what arrived is not on order', () => {
  const more = {
    ordered: {
      a: { what: '1/4 hp motor', from: 'Pier Parts', due: '2026-07-14', arrived: false },
      b: { what: 'Blade', from: '', due: null, arrived: true },
    },
    comeBack: { on: '2026-07-15', why: 'fit the motor' },
  }
  expect(lines(more, 'technical', 'parts')).toEqual([
    'On order: 1/4 hp motor from Pier Parts, for 14 Jul 2026',
  ])
  expect(lines(more, 'plain', 'parts')).toEqual(['On order: 1/4 hp motor, for 14 Jul 2026'])
  expect(lines(more, 'plain', 'recommended')).toEqual(['We come back. On 15 Jul 2026: fit the motor.'])
  expect(lines(more, 'technical', 'recommended')).toEqual(['To come back. On 15 Jul 2026: fit the motor.'])
})
it('every kind of work reads as prose, and what is dangerous about those for today is said', () => {
  for (const { id, name, plain, caution, today } of WORKS) {
    expect([id, /^[A-Z].*[^.]$/.test(name), /^[A-Z].*\.$/.test(plain)]).toEqual([id, true, true])
    expect([id, caution === undefined ? !today : /^[A-Z].*\.$/.test(caution)]).toEqual([id, true])
  }
  expect(new Set(WORKS.map((w) => w.id)).size).toBe(WORKS.length)
})
it('a second fault is in the report like the first', () => {
  const fault = (cause: string, name: string) => ({ cause, name, strength: 'strong' as const, because: [] })
  expect(
    lines(
      {
        fault: fault('bearing', 'A bearing is seized'),
        alsoFound: { c: fault('c', 'The capacitor is open') },
      },
      'plain',
      'found',
    ),
  ).toEqual(['A bearing is seized.', 'The capacitor is open.'])
})
it('a visit of an estimate, other work or a part on order lacks no motor; any other does', () => {
  const missing = (more: Partial<JobDocument>) => lines(more, 'plain', 'gaps')
  const NO_MOTOR = 'No motor is recorded.'
  expect(missing({})).toContain(NO_MOTOR)
  expect(missing({})).toContain('Which way the fan turns was not recorded.')
  const line = { kind: 'part', text: 'x', hundredths: 100, cents: 1, taxed: true } as const
  const ordered = { a: { what: 'x', from: '', due: null, arrived: false } }
  for (const more of [{ works: { coil: { text: 'x' } } }, { estimateLines: { a: line } }, { ordered }])
    expect(missing(more)).toEqual(['What failed, and why, is not on record.'])
  // With a motor its gaps stand whatever else was done.
  expect(missing({ works: { coil: { text: 'x' } }, motor: leadSheetById('rowan-25r')! })).toContain(
    'Which way the fan turns was not recorded.',
  )
})
