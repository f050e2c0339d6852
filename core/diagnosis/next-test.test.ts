// Why a test is asked next, in words: what it tells for its minutes, and what it takes. Limits are our judgement, written down again here.
import { unitOf } from '../testing/fixtures'
import { modelFor } from './model'
import { FURNACE, on, SPLIT, volts } from './testing/readings'

const KINDS = { look: 'only a look', 'power-off': 'power off', live: 'live: qualified people, rated meter' }
/** From half a bit a test tells much, from 0.15 something. */
const tells = (bits: number) => (bits >= 0.5 ? 'much' : bits >= 0.15 ? 'something' : 'little')
const minutes = (count: number) => (count < 1 ? 'half a minute' : `${count} min`)

it.each([
  [SPLIT, {}],
  [SPLIT, { 'fan-does': 'hums' }],
  [SPLIT, { 'fan-does': 'dead' }],
  [SPLIT, { 'fan-does': 'slow', compressor: 'runs' }],
  [FURNACE, { 'fan-does': 'dead' }],
] as const)('on %s with %j', (unit, seen) => {
  const { next } = on(unit, seen)
  const { tests } = modelFor(unitOf(unit))
  const found = new Set<string>()
  for (const { test, bits, why } of next) {
    const asked = tests.find((t) => t.id === test)
    if (!asked || why.startsWith('It confirms or clears: ') || why === asked.note) continue
    expect(why).toBe(`Tells ${tells(bits)} for ${minutes(asked.minutes)}; ${KINDS[asked.kind]}.`)
    found.add(tells(bits))
  }
  expect(found.size).toBeGreaterThan(0)
})
it('of looks that take as long and make no fact, what tells more is asked first, and what tells next to nothing not at all', () => {
  const { next } = on(SPLIT, { 'fan-does': 'dead' })
  const { tests } = modelFor(unitOf(SPLIT))
  const looks = next.filter(({ test }) =>
    ['compressor', 'contactor-pulls', 'capacitor-fitted'].includes(test),
  )
  expect(looks.length).toBe(3)
  expect(looks.map(({ bits }) => bits)).toEqual(looks.map(({ bits }) => bits).sort((a, b) => b - a))
  expect(next.every(({ bits }) => bits > 0)).toBe(true)
  expect(tests.length).toBeGreaterThan(next.length)
})
it.each([
  ['a swollen capacitor', { 'can-top': 'swollen' }, {}],
  ['a shaft that coasts', { spin: 'coasts', heat: 'cold' }, {}],
  ['the supply’s volts', {}, { 'volts-supply': volts(238) }],
] as const)('what the fan does comes before anything else, also after %s', (_, seen, readings) => {
  expect(on(SPLIT, seen, readings).next[0]?.test).toBe('fan-does')
  expect(on(SPLIT, seen, readings, { subject: 'compressor' }).next[0]?.test).toBe('comp-does')
})
it('what may end the search goes before looks that only tell a little: a fan that wants a push is asked for its µF', () => {
  const { next } = on(SPLIT, { 'fan-does': 'push' })
  expect(next[0]?.test).toBe('microfarads-fan')
})
it('what confirms the best cause is asked first, and says which: a squeal with oil is a bearing, told by hand', () => {
  const { next } = on(SPLIT, { 'fan-does': 'noisy', sound: 'squeal', shaft: 'oil' })
  expect([next[0]?.test, next[0]?.why]).toEqual([
    'spin',
    'It confirms or clears: a bearing of the motor is worn or seized.',
  ])
})
it('a reading that says another thing than what was tapped is told, in both their words', () => {
  const { contradictions } = on(SPLIT, { 'fan-does': 'dead', supply: 'right' }, { 'volts-supply': volts(3) })
  expect(contradictions.join(' ')).toMatch(
    /Volts of the supply, at the unit: tapped “right”, but the reading says otherwise \(3 V.*\) The reading counts\./,
  )
})
