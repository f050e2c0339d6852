// What a card's code carries: the hookup as the next hand finds it, in the old unit's own terms, so that it can be the old hookup of the next job.
import { FAN_LOAD, groupFor, NEW_C, sectionPost } from '../../../wiring/new-can'
import type { HookupAnswer, HookupRequest } from '../../../circuit/hookup'
import type { Insulation } from '../../../motor/colour'
import type { LeadSheet, SpeedName } from '../../../motor/lead-sheet'
import type { LeadRole } from '../../../motor/role'
import { known } from '../../../quantity/at'
import { cutText } from '../../../quantity/whole-text'
import type { Rotation } from '../../../rotation/view'
import { capacitorSides, recordedCopper } from '../../../wiring/capacitor-sides'
import type { PostId } from '../../../wiring/unit-type'
import { unitTypeFor } from '../../../wiring/unit-types'

/** A lead that ends on a post. */
export interface RecordWire {
  readonly insulation: Insulation
  readonly role: LeadRole
  /** Of a blower's tap. */
  readonly speed: SpeedName | null
  /** In capitals; on the capacitor's side the post that the unit's own capacitor has there. */
  readonly post: PostId
}

/** The motor by its plate. */
export interface RecordMotor {
  readonly name: string
  readonly threePhase: boolean
  readonly horsepower: string
  readonly rpm: number
  readonly volts: { readonly low: number; readonly high: number }
  readonly amps: number
  readonly hertz: 50 | 60
  readonly capacitor: { readonly microfarads: number; readonly volts: number } | null
  readonly turns: Rotation
}

/** A can and what serves which load, µF. */
export interface RecordCan {
  readonly volts: number
  readonly tolerancePercent: number
  readonly sections: readonly number[]
  readonly sides: readonly { readonly load: 'FAN' | 'HERM'; readonly sections: readonly number[] }[]
}

/** The hookup of a card (text of its code: version 1). */
export interface CardRecord {
  readonly job: string
  /** Day, as 2026-11-28; null: not known. */
  readonly date: string | null
  readonly site: string
  readonly unitName: string
  /** A unit type that ships; null: one of the shop's own, which is too long for a code. */
  readonly unit: string | null
  readonly motor: RecordMotor
  readonly wires: readonly RecordWire[]
  /** Leads insulated by themselves. */
  readonly capped: readonly Insulation[]
  readonly plug: {
    readonly joined: readonly (readonly [Insulation, Insulation])[]
    readonly open: readonly Insulation[]
  }
  readonly can: RecordCan | null
  /** What the compressor's side asks for, µF; null: it is not served by this can. */
  readonly compressorMicrofarads: number | null
  /** Amps of the fan by mode. */
  readonly readings: readonly { readonly mode: string; readonly amps: number }[]
}

/** What the job knows beside the hookup. */
export type RecordHeading = Pick<CardRecord, 'job' | 'date' | 'site' | 'unitName' | 'readings'>

/** Letters of a name in a code at most. */
const MOST_NAME = 40

/** A name as a code carries it: one line, no end of a sentence inside, 40 letters at most. */
export const codeName = (text: string): string =>
  cutText(
    text
      .replace(/\p{Cc}/gu, ' ')
      .replace(/\.\s+/g, '.')
      .replace(/\s+/g, ' ')
      .trim(),
    MOST_NAME,
  ).trim()

/** A post as a code writes it. */
export const codePost = (post: PostId): string => codeName(post).toUpperCase()

/** The record of a hookup, as it stands on the posts now. */
export function cardRecord(request: HookupRequest, answer: HookupAnswer, heading: RecordHeading): CardRecord {
  const { unit, sheet } = request
  const shipped = unitTypeFor(unit.id) ? unit.id : null
  const insulationOf = (lead: string): Insulation => {
    const { colour, stripe = null } = known(
      sheet.leads.find((l) => l.id === lead),
      'The lead',
    )
    return { colour, stripe }
  }
  const { join, open, insulate } = answer.plug.set
  return {
    ...heading,
    site: codeName(heading.site),
    unitName: codeName(heading.unitName),
    unit: shipped,
    motor: motorOf(sheet, answer),
    wires: wiresOf(request, answer, insulationOf),
    capped: answer.placements
      .filter(({ goes }) => goes.kind === 'insulated')
      .map(({ lead }) => insulationOf(lead)),
    plug: {
      joined: join.map(([a, b]) => [insulationOf(a), insulationOf(b)] as const),
      open: [...open, ...insulate].map(insulationOf),
    },
    can: canOf(request, answer),
    compressorMicrofarads:
      request.can && unit.traits.capacitor === 'shared' ? (request.compressorMicrofarads ?? null) : null,
  }
}

function motorOf(sheet: LeadSheet, { horsepower, plug }: HookupAnswer): RecordMotor {
  return {
    name: codeName(sheet.name) || '?',
    threePhase: sheet.kind === 'three-phase',
    horsepower: horsepower.horsepower,
    rpm: sheet.nameplate.rpm,
    volts: sheet.nameplate.volts,
    amps: horsepower.amps,
    hertz: sheet.nameplate.hertz,
    capacitor: sheet.capacitor,
    turns: { direction: plug.set.direction, seenFrom: sheet.rotationNamedFrom },
  }
}

function wiresOf(
  { unit, wires, sheet }: HookupRequest,
  { placements, can }: HookupAnswer,
  insulationOf: (lead: string) => Insulation,
): RecordWire[] {
  const sides = capacitorSides(unit, recordedCopper(unit, wires))
  const fan = groupFor(can, FAN_LOAD)
  const fanPosts = (fan?.sections ?? []).map(sectionPost)
  const before = (post: PostId): PostId => {
    if (post === NEW_C) return sides.cSide ?? 'CAN-C'
    return fanPosts.includes(post) ? (sides.fanSide ?? 'CAN-FAN') : post
  }
  return placements.flatMap(({ lead, goes }): RecordWire[] => {
    if (goes.kind !== 'post') return []
    const { role } = known(
      sheet.leads.find((l) => l.id === lead),
      'The lead',
    )
    const speed = sheet.settings.speed.find((choice) => choice.tap === lead)?.speed ?? null
    return [{ insulation: insulationOf(lead), role, speed, post: codePost(before(goes.post)) }]
  })
}

function canOf({ can }: HookupRequest, { can: fitted }: HookupAnswer): RecordCan | null {
  if (!can) return null
  const valueOf = (id: string) => {
    const { marked, microfarads } = known(
      can.sections.find((s) => s.id === id),
      'The section',
    )
    return marked ?? microfarads
  }
  return {
    volts: can.volts,
    tolerancePercent: can.tolerancePercent,
    sections: can.sections.map((s) => valueOf(s.id)),
    sides: fitted.groups.flatMap(({ load, sections }) =>
      load === 'FAN' || load === 'HERM' ? [{ load, sections: sections.map(valueOf) }] : [],
    ),
  }
}
