// Ready-made problems for the tests of wiring, circuit and operations: the demo motor on the commonest unit.
import { workOutHookup, type HookupAnswer, type HookupRequest } from '../circuit/hookup'
import type { LandedLead } from '../circuit/network'
import type { ProofOptions } from '../circuit/proof'
import type { LeadSheet } from '../motor/lead-sheet'
import { leadSheetById } from '../motor/lead-sheets'
import type { Placement } from '../wiring/placement'
import type { UnitType } from '../wiring/unit-type'
import { UNIT_TYPES, unitTypeFor } from '../wiring/unit-types'
import type { NamedWire } from '../wiring/wire'

export const unitOf = (id: string): UnitType => {
  const unit = unitTypeFor(id)
  if (!unit) throw new Error(`no unit type ${id}`)
  return unit
}
/** The unit types whose fan has one phase: the others take motors of another kind. */
export const ONE_PHASE = UNIT_TYPES.filter((unit) => unit.traits.phases === 1)

export const sheetOf = (id: string): LeadSheet => {
  const sheet = leadSheetById(id)
  if (!sheet) throw new Error(`no lead sheet ${id}`)
  return sheet
}

export const tracedWires = (unit: UnitType): NamedWire[] =>
  unit.typicalWires.map((wire) => ({ ...wire, segments: [], traced: true, stated: [] }))

/** Six sections, named by value: 20, 10, 5a, 5b, 2.5 and a second 20 for the compressor. */
export const CAN = {
  name: 'six-section can',
  volts: 440,
  tolerancePercent: 6,
  sections: [
    { id: '20a', microfarads: 20 },
    { id: '20b', microfarads: 20 },
    { id: '10', microfarads: 10 },
    { id: '5a', microfarads: 5 },
    { id: '5b', microfarads: 5 },
    { id: '2.5', microfarads: 2.5 },
  ],
}

/** The same motor with a shaft at both ends, for a unit that turns something at both. */
const withTwoEnds = (sheet: LeadSheet): LeadSheet => ({
  ...sheet,
  mechanical: sheet.mechanical && { ...sheet.mechanical, throughShaft: true },
})

type WithCan = HookupRequest & { readonly can: NonNullable<HookupRequest['can']> }

export function requestFor(
  unitId = 'cooling-1-pole-shared-capacitor',
  sheetId = 'rowan-25r',
  more: Partial<WithCan> = {},
): WithCan {
  const unit = unitOf(unitId)
  const direction = sheetId === 'rowan-16f' ? 'CCW' : 'CW'
  return {
    unit,
    wires: tracedWires(unit),
    sheet: unit.traits.throughShaft ? withTwoEnds(sheetOf(sheetId)) : sheetOf(sheetId),
    wanted: { direction, seenFrom: sheetOf(sheetId).rotationNamedFrom },
    can: CAN,
    // Its fan-only output has no lead from the factory, and the technician said so.
    unusedOutputs: unitId === 'gas-furnace-board' ? ['CIRC'] : [],
    compressorMicrofarads: unit.traits.capacitor === 'shared' ? 40 : null,
    ...more,
  }
}

/** The demo's motor on three phases, on its unit with 460 V. */
export const threePhaseRequest = (more: Partial<HookupRequest> = {}): HookupRequest => ({
  ...requestFor('packaged-three-phase', 'brant-50t'),
  unit: { ...unitOf('packaged-three-phase'), volts: 460 },
  can: null,
  ...more,
})

/** The hookup with some leads put elsewhere. */
export const hookupWith = (
  request: HookupRequest,
  moves: Readonly<Record<string, Placement>>,
  options: ProofOptions = {},
): HookupAnswer =>
  workOutHookup(
    {
      ...request,
      placements: Object.entries(moves).map(([lead, goes]): LandedLead => ({ lead, goes })),
    },
    options,
  )

export const onPost = (post: string): Placement => ({ kind: 'post', post })
