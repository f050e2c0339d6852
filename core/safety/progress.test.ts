import { unitOf } from '../testing/fixtures'
import { makeSafe } from './make-safe'
import { DISCHARGED_STEP, openStep, proveStep, safeProgress, voltsState, type StepRecord } from './progress'

const SAFE = makeSafe(unitOf('cooling-2-pole-shared-capacitor'), [])
const done = (volts: StepRecord['volts'] = null): StepRecord => ({ state: 'done', volts })
const all = (): Record<string, StepRecord> => ({
  ...Object.fromEntries(SAFE.open.map((_, i) => [openStep(i), done()])),
  ...Object.fromEntries(SAFE.prove.map((p) => [proveStep(p.id), done(0.4)])),
  [DISCHARGED_STEP]: done(1.1),
})

it('begins with what to open', () =>
  expect(safeProgress(SAFE, {})).toMatchObject({
    state: 'open',
    next: openStep(0),
    // Two to open, six pairs (the lines, and the contactor's load side to the chassis), one capacitor.
    sentence: 'Not safe yet: 9 of 9 steps to go.',
  }))
it('is safe when everything was opened, proven and discharged', () =>
  expect(safeProgress(SAFE, all())).toMatchObject({
    state: 'safe',
    next: null,
    sentence: 'Opened, proven dead and discharged.',
  }))
it('is not safe on a tick without a reading', () =>
  expect(safeProgress(SAFE, { ...all(), 'prove L1 to L2': done() })).toMatchObject({
    state: 'open',
    next: 'prove L1 to L2',
  }))
it('says LIVE, whatever else is done', () =>
  expect(safeProgress(SAFE, { ...all(), 'prove L1 to GND': done(121) }).sentence).toBe(
    'LIVE: L1 to GND. Do not touch; find what feeds it.',
  ))
it('keeps what was waived in sight', () =>
  expect(safeProgress(SAFE, { ...all(), [DISCHARGED_STEP]: { state: 'waived', volts: null } })).toMatchObject(
    { state: 'waived', sentence: expect.stringContaining('waived: the capacitor') },
  ))
it.each([
  [0, 'done'],
  [2, 'done'],
  [2.1, 'doubtful'],
  [20, 'doubtful'],
  [20.1, 'live'],
  ['OL', 'live'],
] as const)('%s V is %s', (volts, state) => expect(voltsState(volts)).toBe(state))
it('a few volts prove nothing', () =>
  expect(safeProgress(SAFE, { ...all(), 'prove L1 to L2': done(7) })).toMatchObject({
    state: 'open',
    next: 'prove L1 to L2',
  }))
it('names each waived step as it was named when it was due', () => {
  const waived: StepRecord = { state: 'waived', volts: null }
  const records = {
    ...all(),
    [openStep(0)]: waived,
    [proveStep('L1 to GND')]: waived,
    [DISCHARGED_STEP]: waived,
  }
  expect(safeProgress(SAFE, records)).toMatchObject({
    state: 'waived',
    sentence: 'Made safe but for what was waived: step 1, L1 to GND, the capacitor. The record says so.',
  })
})
it('a reading that proves nothing keeps its step due, and is told apart from a live one', () => {
  const { states, next } = safeProgress(SAFE, { ...all(), [proveStep('L1 to L2')]: done(12) })
  expect([states[proveStep('L1 to L2')], next]).toEqual(['doubtful', proveStep('L1 to L2')])
})

it('a unit without any capacitor is safe without a discharge, and does not claim one', () => {
  const three = makeSafe(unitOf('packaged-three-phase'), [])
  const records = {
    ...Object.fromEntries(three.open.map((_, i) => [openStep(i), done()])),
    ...Object.fromEntries(three.prove.map((p) => [proveStep(p.id), done(0.4)])),
  }
  expect(safeProgress(three, records)).toMatchObject({
    state: 'safe',
    next: null,
    sentence: 'Opened and proven dead.',
  })
  // Each pair of the three lines on both sides of the contactor, and each of them to the chassis.
  const pairs = three.prove.map(({ id }) => id)
  for (const side of ['L', 'T'])
    expect(pairs).toEqual(
      expect.arrayContaining([
        `${side}1 to ${side}2`,
        `${side}2 to ${side}3`,
        `${side}1 to ${side}3`,
        `${side}1 to GND`,
        `${side}2 to GND`,
        `${side}3 to GND`,
      ]),
    )
  // Where the fan is on two of the lines its capacitor is there.
  expect(makeSafe(unitOf('packaged-three-phase-fan-on-two'), []).hasCapacitor).toBe(true)
})
