// The unit types that ship with the app.
import * as v from 'valibot'
import { known } from '../quantity/at'
import airHandlerBoard from './unit-types/air-handler-board.json'
import airHandlerRelay from './unit-types/air-handler-relay.json'
import cooling1Own from './unit-types/cooling-1-pole-own-capacitor.json'
import cooling1Shared from './unit-types/cooling-1-pole-shared-capacitor.json'
import cooling2Own from './unit-types/cooling-2-pole-own-capacitor.json'
import cooling2Shared from './unit-types/cooling-2-pole-shared-capacitor.json'
import heatPump1Own from './unit-types/heat-pump-1-pole-own-capacitor.json'
import heatPump1Shared from './unit-types/heat-pump-1-pole-shared-capacitor.json'
import heatPump2Own from './unit-types/heat-pump-2-pole-own-capacitor.json'
import heatPump2Shared from './unit-types/heat-pump-2-pole-shared-capacitor.json'
import electricFurnace from './unit-types/electric-furnace-relay-sequencer.json'
import fanCoil from './unit-types/fan-coil-three-speed.json'
import gasFurnace from './unit-types/gas-furnace-board.json'
import gasFurnaceOneSpeed from './unit-types/gas-furnace-one-speed.json'
import packaged from './unit-types/packaged-own-capacitor.json'
import packagedThree from './unit-types/packaged-three-phase.json'
import packagedFanOnTwo from './unit-types/packaged-three-phase-fan-on-two.json'
import poolHeater from './unit-types/pool-heater-two-capacitors.json'
import throughShaft from './unit-types/roof-through-shaft.json'
import {
  idOfUnit,
  UnitTypeSchema,
  type UnitFamily,
  type UnitRef,
  type UnitTraits,
  type UnitType,
} from './unit-type'

export const UNIT_TYPES: readonly UnitType[] = [
  cooling1Shared,
  cooling1Own,
  cooling2Shared,
  cooling2Own,
  heatPump1Shared,
  heatPump1Own,
  heatPump2Shared,
  heatPump2Own,
  packaged,
  packagedThree,
  packagedFanOnTwo,
  poolHeater,
  gasFurnace,
  gasFurnaceOneSpeed,
  airHandlerBoard,
  airHandlerRelay,
  electricFurnace,
  fanCoil,
  throughShaft,
].map((data) => v.parse(UnitTypeSchema, data))

/** The ids of the shipped unit types. */
export const UNIT_TYPE_IDS: readonly string[] = UNIT_TYPES.map((unit) => unit.id)

/** The unit type that was checked before. Throws on an id that none has. */
export const knownUnitType = (ref: UnitRef): UnitType =>
  known(unitTypeFor(ref), `The unit type ${idOfUnit(ref)}`)

/** The unit type of that id, or the one that is there whole; undefined: none has that id. */
export const unitTypeFor = (ref: UnitRef): UnitType | undefined =>
  typeof ref === 'string' ? UNIT_TYPES.find((unit) => unit.id === ref) : ref

/** How a unit type is named where only that is needed: one that ships by its id, another whole. */
export const refOf = (unit: UnitType): UnitRef => (unitTypeFor(unit.id) ? unit.id : unit)

/** What tells the unit types of one family apart; each part may be left out. */
export type TraitChoice = Partial<Pick<UnitTraits, 'contactorPoles' | 'capacitor'>> & {
  readonly kind?: string
}

/** The unit of this family with these traits; families of one type have no traits to choose. */
export const unitTypeOf = (
  family: UnitFamily,
  { contactorPoles, capacitor, kind }: TraitChoice = {},
): UnitType | undefined =>
  UNIT_TYPES.find(
    ({ family: f, traits: t, kind: k }) =>
      f === family &&
      (kind === undefined || k === kind) &&
      (contactorPoles === undefined || t.contactorPoles === contactorPoles) &&
      (capacitor === undefined || t.capacitor === capacitor),
  )

/** Does this family come in several wirings, told apart by contactor and capacitor? */
export const hasTraits = (family: UnitFamily): boolean =>
  UNIT_TYPES.filter((unit) => unit.family === family && unit.kind === undefined).length > 1

/** The kinds of this family, where these are what tells its types apart; empty: there is one, or contactor and capacitor tell. */
export const kindsOf = (family: UnitFamily): string[] =>
  UNIT_TYPES.flatMap((unit) => (unit.family === family && unit.kind !== undefined ? [unit.kind] : []))
