// What is looked at before power, by what the unit is: from data.
import * as v from 'valibot'
import type { UnitType } from '../wiring/unit-type'
import type { MountingWay } from './mounting-way'
import data from './checklist.json'

const WHENS = [
  'always',
  'outdoor',
  'blade',
  'blower',
  'band',
  'capacitor',
  'through-shaft',
  'defrost',
] as const
type When = (typeof WHENS)[number]
const DataSchema = v.strictObject({
  source: v.string(),
  items: v.array(
    v.strictObject({ id: v.string(), when: v.picklist(WHENS), text: v.string(), why: v.string() }),
  ),
})
const ITEMS = v.parse(DataSchema, data).items

/** One thing to look at before power. */
export interface CheckItem {
  readonly id: string
  readonly text: string
  readonly why: string
}

/** How this motor sits: what else decides what there is to look at. */
export interface MountedAs {
  readonly throughShaft: boolean
  readonly way: MountingWay
  /** A capacitor is fitted. */
  readonly hasCan: boolean
}

/** What is to be looked at on this unit, in order. Common practice, no source. */
export function mountingChecks(
  { traits }: Pick<UnitType, 'traits'>,
  { throughShaft, way, hasCan }: MountedAs,
): CheckItem[] {
  const holds: Readonly<Record<When, boolean>> = {
    always: true,
    outdoor: traits.fan === 'outdoor',
    blade: traits.fan === 'outdoor' || throughShaft,
    blower: traits.fan === 'blower',
    band: way === 'band',
    capacitor: hasCan,
    'through-shaft': throughShaft,
    defrost: traits.defrostRelay,
  }
  return ITEMS.filter((item) => holds[item.when]).map(({ id, text, why }) => ({ id, text, why }))
}
