import { missingThere, withShop } from './use-shop-rounds'
import { runOperation } from '@oak/core/operations/registry'
import type { PracticeRoundOutput } from '@oak/core/operations/practice-round'
import type { Act } from '@oak/core/practice/round/act'
import type { PracticeRound } from '../../platform/state/practice'
import { actText, leadLines, leadText, progressRows, shownBy, spotText } from './practice-model'

it('a lead by its colours and code', () => {
  expect(leadText({ colour: 'BN', stripe: 'WH' })).toBe('brown/white · BN/WH')
  expect(leadText({ colour: 'BK', stripe: null })).toBe('black · BK')
  // As wide as a thumb: the code of two colours goes to the second line, where nothing cuts it.
  expect(leadLines({ colour: 'BN', stripe: 'WH' }, 'capped')).toEqual({
    title: 'brown/white',
    under: 'BN/WH · capped',
  })
  expect(leadLines({ colour: 'BK', stripe: null }, 'on T1')).toEqual({ title: 'black · BK', under: 'on T1' })
})

const scenario = {
  format: 'oak-switch/practice-unit',
  version: 1,
  name: 'A unit to learn on',
  complaint: 'The fan hums.',
  level: 1,
  seed: 1,
  unit: 'cooling-2-pole-own-capacitor',
  volts: 230,
  motor: 'heron-16',
  faults: ['bearing-seized'],
}
const played = (acts: readonly Act[]): PracticeRoundOutput => {
  const result = runOperation('practice-round', { scenario, acts })
  if (!result.ok) throw new Error(result.error.message)
  return result.output as PracticeRoundOutput
}

it('each act is told with what came of it', () => {
  const acts: Act[] = [
    { do: 'try', test: 'fan-does' },
    {
      do: 'probe',
      dial: 'volts',
      probes: [
        { on: 'post', post: 'L1' },
        { on: 'post', post: 'L2' },
      ],
    },
    { do: 'prove-dead' },
    { do: 'disconnect', to: 'open', locked: true },
    { do: 'prove-dead' },
    { do: 'thermostat', to: 'off' },
    { do: 'prove-dead' },
    { do: 'discharge' },
    { do: 'lift', ends: ['lead:black'] },
    { do: 'try', test: 'spin' },
    { do: 'name', cause: 'bearing' },
    { do: 'change', part: 'motor' },
    { do: 'hand-over', readings: false, card: false },
  ]
  const { bench, steps, marks, state, isCured } = played(acts)
  const said = acts.map((act, i) => actText(act, bench, steps[i], 'F'))
  expect(said[0]).toMatch(/^What does the fan do when it is called\? \S/)
  expect(said[1]).toMatch(/^2\d\d(\.\d)? V, L1 on the contactor to L2 on the contactor$/)
  expect(said.slice(2, 9)).toEqual([
    'Read live: it is not dead',
    'Opened, locked and tagged',
    'The lines read dead; 24 V is still there: the thermostat asks. Turn it off and read again',
    'Thermostat: off',
    'Every pair read dead',
    'Each section discharged through a resistor',
    '1 end taken off',
  ])
  expect(said[9]).toBe('Power off and locked: turn the fan by hand. Will not turn.')
  expect(said[10]).toMatch(/^Named: .*bearing/i)
  expect(said.slice(11)).toEqual(['Changed: the motor', 'Handed over'])
  expect([state, isCured]).toEqual(['handed-over', true])
  expect(marks?.faults).toHaveLength(1)
  expect(spotText(bench, { on: 'lead', lead: 'black' })).toBe('the black lead')
})

const round = (
  technician: string,
  at: number,
  skills: Record<string, number>,
  hurt = false,
): PracticeRound => ({
  id: `${technician} ${at}`,
  skill: null,
  first: null,
  scenario: { name: 'u', complaint: '' },
  acts: [],
  at,
  technician,
  changes: [],
  result: {
    state: hurt ? 'hurt' : 'handed-over',
    total: 50,
    at,
    skills: Object.entries(skills).map(([skill, points]) => ({ skill, points })),
  },
})

it('who has shown what: the latest mark of each skill, by person, the last at work first', () => {
  const rounds = [
    round('Ines', 3, { safe: 100 }),
    round('Ines', 1, { safe: 0 }, true),
    round('Bo', 9, { meter: 70 }),
    { ...round('Cy', 5, {}), result: null },
  ]
  expect(progressRows(rounds)).toEqual([
    { who: 'Bo', rounds: 1, hurt: 0, last: 9, marks: { meter: 70 } },
    { who: 'Ines', rounds: 2, hurt: 1, last: 3, marks: { safe: 100 } },
  ])
  expect(shownBy(rounds, 'Ines')).toHaveLength(2)
  expect(shownBy(rounds, null)).toHaveLength(3)
})

it('rounds of the shop stand for everybody, each once, also those of this device', () => {
  const own = {
    id: 'a',
    technician: 'Sam',
    result: { state: 'hurt', total: 0, skills: [], at: 5 },
  } as unknown as PracticeRound
  const later = { ...own, id: 'b', result: { ...own.result, at: 9 } } as PracticeRound
  const shop = [
    { id: 'a', person: 'Sam', state: 'hurt' as const, total: 0, skills: [], at: 5 },
    {
      id: 'c',
      person: 'Kim',
      state: 'handed-over' as const,
      total: 90,
      skills: [{ skill: 'safe' as const, points: 90 }],
      at: 7,
    },
  ]
  expect(progressRows(withShop([own, later], shop))).toEqual([
    { who: 'Sam', rounds: 2, hurt: 2, last: 9, marks: {} },
    { who: 'Kim', rounds: 1, hurt: 0, last: 7, marks: { safe: 90 } },
  ])
  // What the shop has is not brought again, nor what another played here.
  const other = { ...later, id: 'd', technician: 'Kim' } as PracticeRound
  expect(missingThere([own, later, other], shop, 'Sam')).toEqual([
    { id: 'b', at: 9, state: 'hurt', total: 0, skills: [] },
  ])
})
