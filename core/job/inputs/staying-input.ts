// The old motor where it stays: its tag from the record, and why it may not stay.
import { HIGHEST_CAN_VOLTS } from '../../circuit/unknowns'
import { insulationOf } from '../../motor/insulation'
import type { LeadSheet } from '../../motor/lead-sheet'
import { EMPTY_MOTOR_PLATE } from '../../motor/nameplate'
import { stayingTag, type StayingFacts } from '../../motor/staying-tag'
import type { TagDraft } from '../../motor/tag-draft'
import { seenFrom } from '../../rotation/view'
import { findRoles } from '../../wiring/evidence'
import { differences } from '../../wiring/like-for-like'
import { usualMotorKind } from '../../wiring/unit-type'
import { unitTypeFor } from '../../wiring/unit-types'
import { goesToMotor, type NamedWire } from '../../wiring/wire'
import type { JobDocument } from '../document'
import { foundOnRecord } from './diagnose-input'
import { labelOf } from './old-can-input'
import { jobHertz, jobSupply } from './supply-input'

/** The tag of the old motor as far as plate, label and wires tell it: a draft to be held against the motor. */
export function stayingDraft(job: JobDocument): TagDraft {
  const unit = job.unit ? unitTypeFor(job.unit) : undefined
  return stayingTag({
    kind: unit ? usualMotorKind(unit) : 'psc-outdoor',
    plate: job.motorPlate ?? EMPTY_MOTOR_PLATE,
    unitVolts: jobSupply(job)?.supply.volts ?? null,
    hertz: jobHertz(job) ?? 60,
    leads: leadsOf(job),
    labelMicrofarads: labelOf(job, 'FAN'),
    // Volts that nothing tells: a lower class could be too low.
    capacitorVolts: job.canMarking?.volts ?? HIGHEST_CAN_VOLTS,
    turns: job.wanted && seenFrom(job.wanted, 'lead-end').direction,
    mechanical: job.oldBody,
  })
}

const namedWires = ({ wires }: JobDocument): NamedWire[] =>
  Object.entries(wires).map(([id, wire]) => ({ id, ...wire }))

/** What is another on this motor than on the old one, as far as wires and plate tell; empty where the unit is not known. */
export function motorDifferences(job: JobDocument, sheet: LeadSheet): string[] {
  const unit = job.unit ? unitTypeFor(job.unit) : undefined
  if (!unit) return []
  const wires = namedWires(job)
  return differences(sheet, { wires, findings: findRoles(unit, wires), plate: job.motorPlate })
}

function leadsOf(job: JobDocument): StayingFacts['leads'] {
  const unit = job.unit ? unitTypeFor(job.unit) : undefined
  if (!unit) return []
  const wires = namedWires(job)
  const roles = new Map(findRoles(unit, wires).map((f) => [f.wire, f.role]))
  return wires.filter(goesToMotor).map((wire) => ({
    insulation: wire.segments.at(-1) ?? null,
    role: roles.get(wire.id) ?? null,
    speed: wire.speed ?? null,
  }))
}

/** Causes that no hookup mends: a motor with one of them goes. */
const DEAD: Readonly<Record<string, string>> = {
  'winding-grounded': 'a winding has gone to ground',
  'winding-open': 'a winding is open',
  'winding-shorted': 'turns of a winding are shorted',
  electronics: 'its electronics have failed',
}
const SEIZED = 'its shaft does not turn'

/** A worn bearing runs on for a while; a seized one only once it was freed, and that is for today. */
const isSeized = ({ observations, works }: JobDocument): boolean =>
  observations.spin === 'seized' && works.freed === undefined

/** Why the old motor cannot stay, in one sentence, by what was measured, seen or taken; null: nothing on record speaks against it. */
export function stayRefusal(job: JobDocument): string | null {
  if (!job.motorStays) return null
  const frame = job.measurements['ohms-frame']?.value
  if (frame !== undefined && insulationOf(frame) === 'grounded')
    return 'The old motor cannot stay: its winding reads to ground.'
  const words = (cause: string) =>
    Object.hasOwn(DEAD, cause) ? DEAD[cause] : cause === 'bearing' && isSeized(job) ? SEIZED : undefined
  const deadBy = (causes: readonly string[]) => causes.map(words).find((said) => said !== undefined)
  const taken = deadBy([...(job.fault ? [job.fault.cause] : []), ...Object.keys(job.alsoFound)])
  if (taken !== undefined) return `The old motor cannot stay: ${taken}, by the fault on record.`
  const found = deadBy(foundOnRecord(job).map(({ id }) => id))
  return found === undefined ? null : `The old motor cannot stay: ${found}, as it was measured or seen.`
}
