// How a unit is left standing by whoever works on it: switches, what is lifted, what is bridged, how long it has cooled.
import type { ModeId, UnitType } from '../../wiring/unit-type'
import type { Truth } from '../unit/truth'

/** What hands have done to a unit. */
export interface Stand {
  readonly disconnect: 'closed' | 'open'
  /** What the thermostat asks for. */
  readonly thermostat: ModeId
  /** Ends that are off their posts: "lead:black", "wire:comp-s". */
  readonly lifted: readonly string[]
  /** The defrost board's fan relay is bridged. */
  readonly bridged: boolean
  /** It has stood for an hour. */
  readonly cooled: boolean
  /** Each section was taken down through a resistor. */
  readonly discharged: boolean
}

/** As it is found: on, and asked for. */
export const found = (unit: UnitType, mode: ModeId): Stand => ({
  disconnect: 'closed',
  thermostat: unit.modes.some((m) => m.id === mode) ? mode : 'off',
  lifted: [],
  bridged: false,
  cooled: false,
  discharged: false,
})

/** The end of a lead, as it is lifted. */
export const leadEnd = (lead: string): string => `lead:${lead}`
/** The end of a wire of the unit, as it is lifted. */
export const wireEnd = (wire: string): string => `wire:${wire}`

/** Do the lines that feed it arrive at the unit's own posts? */
const isFed = ({ lines }: Truth, { disconnect }: Stand): boolean =>
  disconnect === 'closed' && lines.every((line) => line)

/** Does the 24 V call stand at the coil or the board? An outdoor unit has it from the indoor one, whatever its own disconnect does. */
export const isCalled = (truth: Truth, stand: Stand): boolean =>
  stand.thermostat !== 'off' && truth.call && (truth.unit.traits.fan === 'outdoor' || isFed(truth, stand))

/** The mode that its switches are in. */
export const modeOf = (truth: Truth, stand: Stand): ModeId =>
  isCalled(truth, stand) && (truth.unit.traits.contactorPoles === 0 || truth.coil === 'good')
    ? stand.thermostat
    : 'off'
