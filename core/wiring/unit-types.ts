// The unit types that ship with the app.
import * as v from 'valibot'
import cooling1Own from './unit-types/cooling-1-pole-own-capacitor.json'
import cooling1Shared from './unit-types/cooling-1-pole-shared-capacitor.json'
import cooling2Own from './unit-types/cooling-2-pole-own-capacitor.json'
import cooling2Shared from './unit-types/cooling-2-pole-shared-capacitor.json'
import heatPump1Own from './unit-types/heat-pump-1-pole-own-capacitor.json'
import heatPump1Shared from './unit-types/heat-pump-1-pole-shared-capacitor.json'
import heatPump2Own from './unit-types/heat-pump-2-pole-own-capacitor.json'
import heatPump2Shared from './unit-types/heat-pump-2-pole-shared-capacitor.json'
import { UnitTypeSchema, type UnitTraits, type UnitType } from './unit-type'

export const UNIT_TYPES: readonly UnitType[] = [
  cooling1Shared, cooling1Own, cooling2Shared, cooling2Own, heatPump1Shared, heatPump1Own, heatPump2Shared, heatPump2Own,
].map((data) => v.parse(UnitTypeSchema, data))

export const UNIT_TYPE_IDS: readonly string[] = UNIT_TYPES.map((unit) => unit.id)

export const unitTypeById = (id: string): UnitType | undefined => UNIT_TYPES.find((unit) => unit.id === id)

/** The unit with these traits; every combination ships. */
export const unitTypeWith = (traits: UnitTraits): UnitType | undefined =>
  UNIT_TYPES.find(
    ({ traits: t }) => t.contactorPoles === traits.contactorPoles && t.capacitor === traits.capacitor && t.defrostRelay === traits.defrostRelay,
  )
