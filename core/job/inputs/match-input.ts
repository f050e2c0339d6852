// From a job to the old motor of a match: plate, body, unit and wanted rotation, as far as they are known.
import type { OldMotor } from '../../motor/match/criterion'
import { BLANK } from '../../motor/match/mechanical'
import { EMPTY_MOTOR_PLATE } from '../../motor/nameplate'
import { seenFrom } from '../../rotation/view'
import { modesOfOutput, postOf, type UnitType } from '../../wiring/unit-type'
import { unitTypeFor } from '../../wiring/unit-types'
import { goesToMotor } from '../../wiring/wire'
import { estimatePlate } from '../../motor/estimate'
import { estimateInput } from './estimate-input'
import type { JobDocument } from '../document'
import { jobHertz, jobSupply } from './supply-input'

/** The old motor as far as plates, body and wires tell it; what is not known stays null and never passes a row. */
export function oldMotorOf(job: JobDocument): OldMotor {
  const unit = job.unit ? unitTypeFor(job.unit) : undefined
  const fan = unit?.traits.fan ?? 'outdoor'
  const plate = job.motorPlate ?? EMPTY_MOTOR_PLATE
  return {
    fan,
    plate: { ...plate, phase: plate.phase ?? (unit ? phasesByWires(unit, job) : null) },
    mechanical: job.oldBody ?? BLANK,
    ...supplyFor(job),
    needsThroughShaft: unit?.traits.throughShaft ?? false,
    speedsInUse: unit && fan === 'blower' ? speedsInUse(unit, job) : 1,
    steepBlades: job.steepBlades,
    wantedFromLeadEnd: job.wanted && seenFrom(job.wanted, 'lead-end').direction,
    estimate: estimateOf(job),
  }
}

/** Volts, hertz, and what speaks against them. */
function supplyFor(job: JobDocument): Pick<OldMotor, 'unitVolts' | 'hertz' | 'supplyConflict'> {
  const supply = jobSupply(job)
  return {
    unitVolts: supply?.supply.volts ?? null,
    hertz: jobHertz(job),
    supplyConflict: supply?.conflicts[0] ?? null,
  }
}

/** Outputs that have a lead on them and are called in some mode: the speeds that the unit uses; null: none is on record. */
function speedsInUse(unit: UnitType, job: JobDocument): number | null {
  const used = unit.posts.filter(
    (post) =>
      post.kind === 'output' &&
      modesOfOutput(unit, post.id).length > 0 &&
      Object.values(job.wires).some((wire) => goesToMotor(wire) && wire.from === post.id),
  ).length
  return used > 0 ? used : null
}

/** Only what stands for a blank: it never weighs against a plate. */
function estimateOf(job: JobDocument): OldMotor['estimate'] {
  const { horsepower, rpm } = estimatePlate(estimateInput(job))
  return {
    horsepower: horsepower && { low: horsepower.low, high: horsepower.high },
    rpm: rpm && { low: rpm.low, high: rpm.high },
  }
}

/** By the wires that were traced to the old motor: one to a capacitor is of one phase, three on three lines are of three; null: they do not tell (derived). */
function phasesByWires(unit: UnitType, job: JobDocument): 1 | 3 | null {
  if (hasCapacitorLead(unit, job)) return 1
  const lines = Object.values(job.wires).filter(
    (wire) => goesToMotor(wire) && wire.traced && postOf(unit, wire.from)?.kind === 'load',
  )
  return unit.traits.phases === 3 && lines.length === 3 ? 3 : null
}

/** A motor with a lead traced to a capacitor is a single-phase one; a unit type alone says nothing of its motor (derived). */
const hasCapacitorLead = (unit: UnitType, job: JobDocument): boolean =>
  Object.values(job.wires).some(
    (wire) => goesToMotor(wire) && wire.traced && (postOf(unit, wire.from)?.kind.startsWith('cap-') ?? false),
  )
