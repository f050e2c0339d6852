// A proof on paper and a fan that runs: what is read at the first power speaks louder, everywhere the proof stood.
import { FINISHED } from './testing/finished'
import { typed } from './testing/readings'
import type { JobDocument } from './document'
import { startProbe, SUPPLY_PROBE } from './inputs/startup-input'
import { PLAIN_FIRST } from './report/first-power-words'
import { composeReport } from './report/report'
import { TROUBLE_SENTENCES } from '../startup/first-power'
import { proofState, standingProof } from './standing-proof'
import { startUpStop } from './start-up'

const proven = FINISHED
const rated = FINISHED.motor?.settings.horsepower[0]?.amps ?? 0
const amps = (value: number): JobDocument => ({
  ...proven,
  startup: { turned: 'right' },
  measurements: { [startProbe('amps', 'cooling')]: typed('amps', value) },
})

it('stands while nothing was started, and on a good start', () => {
  expect(proofState(proven).kind).toBe('stands')
  expect(proofState(amps(0.9 * rated)).kind).toBe('stands')
})

it.each([
  ['backwards', { ...proven, startup: { turned: 'backwards' } }, /^It turns backwards: stop it\.$/],
  ['amps clearly over', amps(1.5 * rated), /^Over its rated amps in cooling: stop it\.$/],
  [
    'a supply that is too high',
    {
      ...amps(0.9 * rated),
      measurements: {
        [startProbe('amps', 'cooling')]: typed('amps', 0.9 * rated),
        [SUPPLY_PROBE]: typed('volts', 258),
      },
    },
    /too high: 253 V is the most/,
  ],
] as [string, JobDocument, RegExp][])('%s withdraws it, with the sentence', (_, job, sentence) => {
  expect(startUpStop(job)).toMatch(sentence)
  expect(proofState(job).kind).toBe('stopped')
  expect(standingProof(job)).toBeNull()
})

it.each(Object.entries(TROUBLE_SENTENCES))(
  'a motor that does this at the first power takes the proof off the papers, in words: %s',
  (turned, sentence) => {
    const job = { ...proven, startup: { turned } }
    expect(proofState(job)).toEqual({ kind: 'stopped', sentence })
    expect(standingProof(job)).toBeNull()
    const plain = JSON.stringify(composeReport(job, 'plain'))
    const words = PLAIN_FIRST[turned as keyof typeof TROUBLE_SENTENCES]
    expect(plain).toContain(`When it was last tested, ${words}.`)
    expect(plain).toContain(`The first run showed something that is not put right yet: ${words}.`)
    const trade = JSON.stringify(composeReport(job, 'technical'))
    expect(trade).toContain(`First power: ${words}.`)
    expect(trade).toContain(`Stopped at start-up, so not proven: ${sentence}`)
  },
)
it('what an owner is told has no figure and no lead in it', () => {
  for (const words of Object.values(PLAIN_FIRST)) expect(words).toMatch(/^the [a-z ]+$/)
  expect(new Set(Object.values(PLAIN_FIRST)).size).toBe(6)
})

it('comes back when the reading is put right', () => {
  expect(proofState(amps(1.5 * rated)).kind).toBe('stopped')
  expect(proofState({ ...amps(0.9 * rated) }).kind).toBe('stands')
})

it('is in the report, in plain words for the owner and with its figures for the trade', () => {
  const said = (job: JobDocument, style: 'plain' | 'technical') => JSON.stringify(composeReport(job, style))
  const bad = { ...proven, startup: { turned: 'backwards' } }
  expect(said(bad, 'plain')).toContain(
    'The first run showed something that is not put right yet: the fan turned the wrong way.',
  )
  expect(said(bad, 'technical')).toContain('Stopped at start-up, so not proven: It turns backwards: stop it.')
  // It is in the unit, though it does not run as it should.
  expect(said(bad, 'plain')).toContain('A new fan motor: ')
  expect(said(bad, 'technical')).toContain('New motor, stopped at start-up: ')
  expect(said(proven, 'plain')).not.toContain('The first run showed')
})
