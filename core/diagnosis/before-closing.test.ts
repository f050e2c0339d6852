import { on, SPLIT, volts } from './testing/readings'

const dead = { 'fan-does': 'dead', compressor: 'silent' }
const read = { 'volts-supply': volts(0) }

describe('a supply that is missing', () => {
  it('asks for the windings of fan and compressor to ground first, and says why', () => {
    const { next, state, sentence, questions } = on(SPLIT, dead, read)
    expect(next.slice(0, 2).map(({ test, why }) => [test, why])).toEqual([
      ['ohms-frame', 'Before the supply is closed again: what has gone to ground takes it again.'],
      ['comp-shell', 'Before the supply is closed again: what has gone to ground takes it again.'],
    ])
    expect([state, sentence]).toEqual([
      'go-on',
      'Found: the supply is missing: breaker, fuse or disconnect. More may be wrong.',
    ])
    // The compressor's question stands among the fan's, to be answered in place.
    expect(questions.find(({ id }) => id === 'comp-shell')).toMatchObject({
      question: 'Ohms from each of the compressor’s posts to its shell, leads off',
      answer: null,
      open: true,
    })
  })

  it('is no fault of its own where the compressor has gone to ground', () => {
    const { found, state, sentence, next, questions } = on(SPLIT, { ...dead, 'comp-shell': 'low' }, read)
    expect(sentence).toBe('Found: a winding of the compressor has gone to ground.')
    expect([state, found.map(({ id, remedy }) => [id, remedy])]).toEqual([
      'settled',
      [
        [
          'comp-grounded',
          'It cannot be mended: compressor or unit by estimate. Do not close the breaker on it again.',
        ],
      ],
    ])
    expect(next.map(({ test }) => test)).not.toContain('comp-shell')
    expect(questions.find(({ id }) => id === 'comp-shell')?.answer).toBe('low')
  })

  it.each([
    ['is not read', {}],
    ['is there', { 'volts-supply': volts(238) }],
  ])('asks nothing of the compressor’s shell where the supply %s', (_, readings) => {
    const { questions, next } = on(SPLIT, dead, readings)
    expect(questions.map(({ id }) => id)).not.toContain('comp-shell')
    expect(next.map(({ test }) => test)).not.toContain('comp-shell')
  })

  it('asks each question once, of fan and compressor', () => {
    for (const subject of ['fan', 'compressor'] as const) {
      const ids = on(SPLIT, dead, read, { subject }).questions.map(({ id }) => id)
      expect([...new Set(ids)]).toEqual(ids)
      expect(ids).toEqual(expect.arrayContaining(['ohms-frame', 'comp-shell', 'supply']))
    }
  })
})
