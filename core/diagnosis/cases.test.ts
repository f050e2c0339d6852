import { CASES as OTHERS } from './testing/cases'
import { SUPPLY_CASES } from './testing/supply-cases'
import { THREE_PHASE_CASES } from './testing/three-phase-cases'
import { unitOf } from '../testing/fixtures'
import { modelFor } from './model'
import { DUAL, on, PUMP, SPLIT } from './testing/readings'

const CASES = { ...OTHERS, ...SUPPLY_CASES, ...THREE_PHASE_CASES }

it.each(Object.entries(CASES))(
  '%s',
  (_, { unit = SPLIT, about = 'fan', seen, read: readings = {}, ...wanted }) => {
    const marking = unit === SPLIT || unit === PUMP ? DUAL : { ...DUAL, sections: [5] }
    const d = on(unit, seen, readings, { marking, plateAmps: 1.4, subject: about })
    const next = d.state === 'settled' ? 'settled' : d.next[0]?.test
    expect({ found: d.found.map((f) => f.id), first: d.causes[0]?.id, next }).toEqual(wanted)
  },
)
it('there are sixty cases, fifteen of them with two faults', () => {
  const two = Object.values(CASES).filter(({ found }) => found.length > 1 || found.includes('capacitor-both'))
  expect([Object.keys(CASES).length >= 60, two.length >= 15]).toEqual([true, true])
})

it('three phases are asked nothing of a capacitor, and nothing of posts they do not have', () => {
  const tests = (subject: 'fan' | 'compressor') =>
    modelFor(unitOf('packaged-three-phase'), subject).tests.map(({ id, question, reads }) => [
      id,
      question,
      reads,
    ])
  for (const [id, question, reads] of [...tests('fan'), ...tests('compressor')]) {
    expect(`${id} ${question}`).not.toMatch(/capacitor|microfarads|µF|motor common|C to R|C, R and S/)
    expect(reads ?? '').not.toMatch(/windings|shell|microfarads|^ohms-compressor/)
  }
  // On two of the three lines the fan has its capacitor, the compressor none.
  const two = unitOf('packaged-three-phase-fan-on-two')
  expect(modelFor(two, 'fan').causes.map((c) => c.id)).toContain('capacitor-weak')
  expect(modelFor(two, 'compressor').causes.map((c) => c.id)).not.toContain('comp-capacitor')
})
