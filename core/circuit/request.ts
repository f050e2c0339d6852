// A hookup as it is asked of the core: the unit's kind put on its own supply, what is not settled of that said as unknown.
import { onSupply, phaseConflict, supplyOf, type SupplyAnswer, type SupplyFacts } from '../supply/supply'
import { sheetOnVolts } from '../motor/volts-choice'
import type { UnitType } from '../wiring/unit-type'
import type { HookupRequest } from './hookup'

/** Of the motor's volts the name of the choice that its leads are joined for; null: not stated. */
type Rest = Omit<HookupRequest, 'unit' | 'hertz' | 'unsettled'> & { readonly motorVolts?: string | null }

/** The request, and the supply it is for. */
export interface SuppliedRequest {
  readonly request: HookupRequest
  readonly supply: SupplyAnswer
}

/** `type` is the unit's kind; `facts` what is known of the supply of this one. */
export function requestOnSupply(
  type: UnitType,
  facts: SupplyFacts,
  { motorVolts = null, ...rest }: Rest,
): SuppliedRequest {
  const supply = supplyOf(type, facts)
  const phases = phaseConflict(type, facts)
  const { sheet, open } = sheetOnVolts(rest.sheet, motorVolts, supply.supply.volts)
  return {
    supply,
    request: {
      ...rest,
      sheet,
      unit: onSupply(type, supply.supply),
      hertz: supply.supply.hertz,
      unsettled: [
        ...(phases === null ? [] : [phases]),
        ...supply.conflicts,
        ...(open === null ? [] : [open]),
      ],
    },
  }
}
