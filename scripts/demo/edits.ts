// What the demo's made-up visits have in common: edits by path, a unit traced in its colours, a unit made safe.
import type { ColourCode } from '../../core/motor/colour'
import { mountingChecks } from '../../core/mounting/checklist'
import type { MountingWay } from '../../core/mounting/mounting-way'
import { makeSafe } from '../../core/safety/make-safe'
import { DISCHARGED_STEP, openStep, proveStep } from '../../core/safety/progress'
import { knownUnitType } from '../../core/wiring/unit-types'

export type Edit = readonly [path: readonly string[], value: unknown]

/** "BN/WH" */
const insulation = (text: string) => {
  const [colour, stripe] = text.split('/') as [ColourCode, ColourCode | undefined]
  return { colour, stripe: stripe ?? null }
}

/** Every wire that such a unit usually has, traced; `colours`: by wire, along its run. */
export const traced = (unit: string, colours: Readonly<Record<string, string>>): Edit[] =>
  knownUnitType(unit).typicalWires.map(({ id, from, to }) => [
    ['wires', id],
    {
      from,
      to,
      segments: (colours[id] ?? '').split(' ').filter(Boolean).map(insulation),
      traced: true,
      stated: [],
    },
  ])

/** Locked out, each pair proven dead, the capacitor down. */
export function madeSafe(unit: string): Edit[] {
  const { open, prove, hasCapacitor } = makeSafe(knownUnitType(unit), [])
  return [
    ...open.map((_, i): Edit => [['safe', openStep(i)], { state: 'done', volts: null }]),
    ...prove.map(({ id }, i): Edit => [['safe', proveStep(id)], { state: 'done', volts: (i % 4) / 10 }]),
    ...(hasCapacitor ? [[['safe', DISCHARGED_STEP], { state: 'done', volts: 1.2 }] satisfies Edit] : []),
  ]
}

/** Everything that is looked at before power. */
export const looked = (unit: string, way: MountingWay): Edit[] =>
  mountingChecks(knownUnitType(unit), { throughShaft: false, way, hasCan: true }).map(({ id }): Edit => [
    ['mountChecks', id],
    true,
  ])

/** A reading typed by hand, or off the clamp meter that ships with the demo. */
export const read = (quantity: string, value: number | 'OL', at: number, meter = 'typed') => ({
  quantity,
  value,
  range: null,
  accuracy: null,
  meter,
  at,
})
