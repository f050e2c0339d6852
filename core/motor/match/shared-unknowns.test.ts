import { sentenceBeside, sharedUnknowns, type RankedMatch } from './shared-unknowns'

const row = (
  criterion: RankedMatch['rows'][number]['criterion'],
  verdict: 'pass' | 'watch' | 'unknown',
  reason = '',
) => ({
  criterion,
  verdict,
  reason,
})
const unknown = (...rows: RankedMatch['rows']): RankedMatch => ({
  verdict: 'unknown',
  sentence: 'all of it',
  rows,
})

const bare = unknown(row('speed-class', 'unknown'), row('horsepower', 'unknown'), row('frame', 'unknown'))
const more = unknown(row('speed-class', 'unknown'), row('horsepower', 'pass'), row('voltage', 'unknown'))

it('is what is unknown for every motor, of what decides', () => {
  expect(sharedUnknowns([bare, more])).toEqual(['speed-class'])
  expect(sharedUnknowns([bare, bare])).toEqual(['speed-class', 'horsepower'])
})

it('of one motor alone nothing is shared', () => {
  expect(sharedUnknowns([bare])).toEqual([])
  expect(sharedUnknowns([])).toEqual([])
})

it('a motor says what is only its own, or that nothing is', () => {
  expect(sentenceBeside(more, ['speed-class'])).toBe('Not settled: voltage not known.')
  expect(sentenceBeside(bare, [])).toBe('Not settled: speed class, horsepower not known.')
  expect(sentenceBeside(bare, ['speed-class', 'horsepower'])).toBe('Nothing else is open.')
  expect(
    sentenceBeside(unknown(row('speed-class', 'unknown'), row('amps', 'watch', '2.1 A here.')), [
      'speed-class',
    ]),
  ).toBe('Else to watch: 2.1 A here.')
})

it('what is settled keeps its sentence', () => {
  const no = { ...bare, verdict: 'no' as const, sentence: 'It turns the other way.' }
  expect(sentenceBeside(no, ['speed-class', 'horsepower'])).toBe('It turns the other way.')
})
