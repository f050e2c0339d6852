import { EMPTY_JOB } from '@oak/core/job/document'
import { unitTypeFor } from '@oak/core/wiring/unit-types'
import type { JobDocument } from '@oak/core/job/document'
import type { ShopSettings } from '@oak/core/job/van'
import type { UnitType } from '@oak/core/wiring/unit-type'
import { chooseUnitEdits, traceAllEdits } from './unit-edits'

const shared = unitTypeFor('cooling-1-pole-shared-capacitor') as UnitType
const own = unitTypeFor('cooling-1-pole-own-capacitor') as UnitType
const wire = (from: string, to = 'motor') => ({
  from,
  to,
  segments: [{ colour: 'BK' as const }],
  traced: true,
  stated: [],
})
const pathsOf = (edits: { path: readonly string[]; value: unknown }[]) =>
  Object.fromEntries(edits.map((e) => [e.path.join('/'), e.value]))

it('starts a new job with the typical wires, none of them traced', () => {
  const edits = chooseUnitEdits(EMPTY_JOB, shared)
  expect(edits).toHaveLength(1 + shared.typicalWires.length)
  expect(edits.slice(1).every((e) => (e.value as { traced: boolean }).traced === false)).toBe(true)
})
it('keeps what is recorded when the same unit is chosen again', () => {
  const edits = pathsOf(chooseUnitEdits({ ...EMPTY_JOB, wires: { 'fan-a': wire('T1') } }, shared))
  expect(edits).not.toHaveProperty('wires/fan-a')
})
it('takes wires off that end on terminals the other unit lacks', () => {
  const edits = pathsOf(
    chooseUnitEdits(
      { ...EMPTY_JOB, wires: { 'fan-c': wire('FAN'), extra: wire('HERM'), 'fan-a': wire('T1') } },
      own,
    ),
  )
  expect(edits.wires).toBeUndefined()
  expect(edits['wires/extra']).toBeNull()
  expect(edits['wires/fan-c']).toMatchObject({ from: 'F1', traced: false })
  expect(edits).not.toHaveProperty('wires/fan-a')
})
it('traces only what is not traced', () => {
  const job = { ...EMPTY_JOB, wires: { a: wire('T1'), b: { ...wire('T2'), traced: false } } }
  expect(pathsOf(traceAllEdits(job))).toEqual({ 'wires/b': { ...wire('T2'), traced: true } })
})

it('a new job takes the shop’s settings over as its own; one that has its own keeps it', () => {
  const unit = unitTypeFor('cooling-1-pole-shared-capacitor') as UnitType
  const paths = (job: JobDocument, shop: ShopSettings) =>
    chooseUnitEdits(job, unit, shop)
      .filter((e) => e.path.length === 1)
      .map((e) => [e.path[0], e.value])
  expect(paths(EMPTY_JOB, {})).toEqual([['unit', unit.id]])
  expect(paths(EMPTY_JOB, { hertz: 50, tolerancePercent: 5 })).toEqual([
    ['unit', unit.id],
    ['hertz', 50],
    ['tolerancePercent', 5],
  ])
  expect(paths({ ...EMPTY_JOB, hertz: 60 }, { hertz: 50 })).toEqual([['unit', unit.id]])
})
