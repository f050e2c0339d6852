// Circuits of hookups for the tests of the solution: any unit, motor, mode and placement.
import { buildCircuit, type BuiltCircuit, type CircuitInput } from '../circuit/solution/build'
import type { LandedLead } from '../circuit/network'
import type { Circuit } from '../circuit/solution/elements'
import { machineOf } from '../motor/machine/machine'
import { setLeads, selectSpeeds } from '../motor/settings'
import type { Placement } from '../wiring/placement'
import type { ModeId } from '../wiring/unit-type'
import { hookupWith, requestFor } from './fixtures'

/** A 7.5 µF single can: what the shipped blowers ask for. */
export const BLOWER_CAN = {
  name: 'single',
  volts: 370,
  tolerancePercent: 6,
  sections: [{ id: 'a', microfarads: 7.5 }],
}

export function circuitInput(
  unitId: string,
  sheetId: string,
  moves: Readonly<Record<string, Placement>> = {},
  more: Parameters<typeof requestFor>[2] = {},
): CircuitInput {
  const blower = sheetId.startsWith('alder')
  const request = requestFor(unitId, sheetId, blower ? { can: BLOWER_CAN, ...more } : more)
  const answer = hookupWith(request, moves)
  const { sheet } = request
  const leads = setLeads(sheet, {
    horsepower: answer.horsepower,
    rotation: answer.plug.set,
    speed: selectSpeeds(sheet)[0] ?? null,
  })
  const placements: readonly LandedLead[] = answer.placements
  return {
    hookup: {
      unit: request.unit,
      can: answer.can,
      unitWires: [...answer.unitWires, ...answer.added],
      leads,
      placements,
    },
    sheet,
    machine: machineOf(sheet),
    hertz: 60,
    compressorMicrofarads: 40,
  }
}

export const circuitOf = (input: CircuitInput, mode: ModeId): BuiltCircuit => buildCircuit(input, mode)

/** A circuit of nothing, at 60 Hz. */
export const NO_CIRCUIT: Circuit = {
  hertz: 60,
  sources: [],
  resistors: [],
  capacitors: [],
  coils: [],
  machine: null,
  named: [],
}
