import { CANS } from '@oak/core/capacitor/cans'
import { EMPTY_JOB, type JobDocument } from '@oak/core/job/document'
import { hookupInput, type HookupInput } from '@oak/core/job/inputs/hookup-input'
import { printOf } from '@oak/core/job/print'
import { LEAD_SHEETS } from '@oak/core/motor/lead-sheets'
import { makeSafe } from '@oak/core/safety/make-safe'
import { DISCHARGED_STEP, openStep, proveStep } from '@oak/core/safety/progress'
import type { UnitType } from '@oak/core/wiring/unit-type'
import { unitTypeById } from '@oak/core/wiring/unit-types'
import { nextStage, STAGES, stageState } from './stages'

const wire = (traced: boolean) => ({ from: 'T1', to: 'motor', segments: [], traced, stated: [] })
const STEPS = makeSafe(unitTypeById('cooling-1-pole-shared-capacitor') as UnitType, [])
const SAFE: JobDocument['safe'] = Object.fromEntries([
  ...STEPS.open.map((_, i) => [openStep(i), { state: 'done', volts: null }]),
  ...[...STEPS.prove.map((p) => proveStep(p.id)), DISCHARGED_STEP].map((key) => [
    key,
    { state: 'done', volts: 0.3 },
  ]),
])
const with_ = (more: Partial<JobDocument>): JobDocument => ({ ...EMPTY_JOB, ...more })

const recorded = { unit: 'cooling-1-pole-shared-capacitor', wires: { a: wire(true) } }
const chosen = {
  ...recorded,
  motor: LEAD_SHEETS[0] ?? null,
  wanted: { direction: 'CW' as const, seenFrom: 'lead-end' as const },
}
const fitted = { ...chosen, can: CANS[0] ?? null, compressorMicrofarads: 40 }
const proven = {
  verdict: 'proven' as const,
  sentence: 'x',
  print: printOf(hookupInput(with_(fitted)) as HookupInput),
}

it.each([
  ['an empty job', EMPTY_JOB, 'wires'],
  ['a unit without traced wires', with_({ unit: recorded.unit, wires: { a: wire(false) } }), 'wires'],
  ['wires traced', with_(recorded), 'motor'],
  ['a motor without a wanted rotation', with_({ ...chosen, wanted: null }), 'motor'],
  ['a motor chosen', with_(chosen), 'capacitor'],
  [
    'a shared can without the compressor’s value',
    with_({ ...fitted, compressorMicrofarads: null }),
    'capacitor',
  ],
  ['everything chosen', with_(fitted), 'board'],
  ['proven', with_({ ...fitted, proven }), 'card'],
  [
    'a full job, begun',
    with_({ unit: recorded.unit, safe: { 'open 1': { state: 'done', volts: null } } }),
    'safe',
  ],
  ['a full job, made safe', with_({ unit: recorded.unit, safe: SAFE }), 'fault'],
  [
    'a full job with its cause',
    with_({
      unit: recorded.unit,
      safe: SAFE,
      fault: { cause: 'bearing', name: 'x', strength: 'strong', because: [] },
    }),
    'wires',
  ],
  [
    'a full job, proven',
    with_({
      ...fitted,
      proven,
      safe: SAFE,
      fault: { cause: 'bearing', name: 'x', strength: 'strong', because: [] },
    }),
    'mount',
  ],
  [
    'a quick hookup that began its start-up',
    with_({ ...fitted, proven, startup: { turned: 'right' } }),
    'mount',
  ],
  ['proven, then changed', with_({ ...fitted, proven, compressorMicrofarads: 45 }), 'board'],
])('%s goes on at %s', (_, job, stage) => expect(nextStage(job)).toBe(stage))

it('a fan with a capacitor of its own needs no compressor value', () =>
  expect(
    stageState(
      with_({ ...fitted, unit: 'cooling-1-pole-own-capacitor', compressorMicrofarads: null }),
      'capacitor',
    ),
  ).toBe('done'))

it('a stage begun is neither empty nor done', () => {
  expect(stageState(with_({ unit: recorded.unit }), 'wires')).toBe('part')
  expect(stageState(with_({ placements: { black: { kind: 'loose' } } }), 'board')).toBe('part')
  expect(STAGES.map((s) => stageState(EMPTY_JOB, s.id))).toEqual(STAGES.map(() => 'empty'))
})
