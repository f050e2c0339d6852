// A card that was read, in words, and the next job that begins from it. No rendering here.
import { nextJob } from '@oak/core/job/card/code/next-job'
import { codePost, type CardRecord, type RecordWire } from '@oak/core/job/card/code/record'
import { insulationShort } from '@oak/core/motor/colour'
import { ROLE_NAMES } from '@oak/core/motor/role'
import { dayWords } from '@oak/core/quantity/day'
import { figure, rangeFigure } from '@oak/core/quantity/display'
import { rotationFromBoth } from '@oak/core/rotation/view'
import { postName, type UnitRef } from '@oak/core/wiring/unit-type'
import { unitTypeFor } from '@oak/core/wiring/unit-types'
import type { Edit } from '../../platform/state/jobs'

/** What the card's job was on: a type that ships, or one of the shop's own, where that job is known; null: by its posts' names only. */
export type CardUnit = UnitRef | null

const typeOf = (unit: CardUnit) => (unit === null ? undefined : unitTypeFor(unit))

/** "run → T2 on the contactor" */
export function wireWords(unit: CardUnit, { role, speed, post }: RecordWire): string {
  const type = typeOf(unit)
  const known = type?.posts.find((p) => codePost(p.id) === post)
  return `${ROLE_NAMES[role]}${speed ? `, ${speed}` : ''} → ${type && known ? postName(type, known.id) : post}`
}

const sum = (values: readonly number[]): string => values.map((x) => figure(x)).join(' + ')

/** What else the card says, line by line. */
export function recordLines(record: CardRecord, unit: CardUnit): string[] {
  const { motor, can, plug } = record
  const type = typeOf(unit)
  const modeName = (id: string) => type?.modes.find((mode) => mode.id === id)?.name ?? id
  return [
    type ? type.name : 'A unit of the shop’s own: its posts by the names on the card',
    `${motor.horsepower} hp, ${figure(motor.rpm)} rpm, ${rangeFigure(motor.volts)} V, ${figure(motor.amps)} A`,
    `Turns ${rotationFromBoth(motor.turns)}`,
    ...plug.joined.map(([a, b]) => `Plug: ${insulationShort(a)} to ${insulationShort(b)}`),
    ...(can
      ? [
          `Capacitor: ${sum(can.sections)} µF, ${figure(can.volts)} V${can.sides.map((side) => `; ${side.load} ${sum(side.sections)} µF`).join('')}`,
        ]
      : []),
    ...record.readings.map(({ mode, amps }) => `Ran in ${modeName(mode)} at ${figure(amps)} A`),
  ]
}

/** Who and when: "28 Nov 2026, Gull Street 4, North". */
export const recordAbout = ({ date, site, unitName }: CardRecord): string =>
  [date ? dayWords(date) : '', site, unitName].filter(Boolean).join(', ')

/** The edits that begin the next job on this unit. */
export function nextEdits(record: CardRecord, newId: () => string, unit: CardUnit): Edit[] {
  const { wires, ...fields } = nextJob(record, newId, unit)
  const from = record.date ? ` of ${dayWords(record.date)}` : ''
  return [
    ...Object.entries(fields)
      .filter(([, value]) => value !== null && value !== '')
      .map(([field, value]): Edit => ({ path: [field], value })),
    ...Object.entries(wires ?? {}).map(([id, wire]): Edit => ({ path: ['wires', id], value: wire })),
    {
      path: ['notes'],
      value: `The old hookup is from the card${from} (${record.motor.name}). Look that each wire is still where it says.`,
    },
  ]
}
