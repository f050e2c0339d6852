// From a job to the input of the blade-position operation: figures entered at the stage, else what plates and sheets say.
import type { Mechanical } from '../../motor/lead-sheet'
import type { MountedAs } from '../../mounting/checklist'
import type { MountFigure } from '../../mounting/figures'
import { MOUNTING_WAYS, type MountingWay } from '../../mounting/mounting-way'
import { unitTypeFor } from '../../wiring/unit-types'
import type { JobDocument } from '../document'
import { needsCan } from './hookup-input'

/** The far end of a through shaft: its face is told from the mounting plane itself. */
const farEnd = (job: JobDocument) => ({
  way: 'base' as const,
  oldBody: figureOf(job, 'oldFace2'),
  newBody: figureOf(job, 'newFace2'),
  oldHub: figureOf(job, 'oldHub2'),
  shaft: figureOf(job, 'shaft2'),
  hubLength: figureOf(job, 'hubLength2'),
  flat: figureOf(job, 'flat2'),
})

/** As entered; else from the old body, or the new motor's sheet. */
export function figureOf(job: JobDocument, key: MountFigure): number | null {
  const entered = job.mountInches[key]
  if (entered !== undefined) return entered
  const sheet = job.motor?.mechanical
  if (key === 'oldBody') return job.oldBody?.bodyInches ?? null
  if (key === 'newBody') return sheet?.bodyInches ?? null
  if (key === 'shaft') return sheet?.shaftLengthInches ?? null
  return null
}

const FROM_MOUNTING: Readonly<Record<Mechanical['mounting'][number], MountingWay>> = {
  studs: 'base',
  'belly-band': 'band',
  cradle: 'band',
  lugs: 'band',
}

/** How the motor is held: as chosen, else as the old one was, else as is usual on such a unit. */
export function mountingWay(job: JobDocument): MountingWay {
  const chosen = MOUNTING_WAYS.find((way) => way === job.mountChoices.way)
  if (chosen) return chosen
  const [first] = job.oldBody?.mounting ?? []
  if (first) return FROM_MOUNTING[first]
  return job.unit && unitTypeFor(job.unit)?.traits.fan === 'blower' ? 'band' : 'base'
}

/** Where the shaft points: as chosen, else as the old one did; null: not known. */
export function mountPosition(job: JobDocument): Mechanical['positions'][number] | null {
  const chosen = job.mountChoices.position
  if (chosen === 'shaft-up' || chosen === 'shaft-down' || chosen === 'horizontal') return chosen
  return job.oldBody?.positions.length === 1 ? (job.oldBody.positions[0] ?? null) : null
}

/** Does the unit's motor have two shaft ends? As chosen, else as the old one had. */
export const isThroughShaft = (job: JobDocument): boolean =>
  job.mountChoices.through === 'yes' ||
  (job.mountChoices.through === undefined && job.oldBody?.throughShaft === true)

/** How the motor sits, for what is looked at before power. */
export const mountedAs = (job: JobDocument): MountedAs => ({
  throughShaft: isThroughShaft(job),
  way: mountingWay(job),
  hasCan: needsCan(job),
})

/** From a job to the input of blade-position; figures not measured are null. */
export function mountInput(job: JobDocument) {
  const figures = (keys: readonly MountFigure[]) =>
    Object.fromEntries(keys.map((key) => [key, figureOf(job, key)]))
  const both = isThroughShaft(job)
  const [wheelMotor, wheelFar, stud, nut] = (['wheelMotor', 'wheelFar', 'stud', 'nut'] as const).map((key) =>
    figureOf(job, key),
  ) as [number | null, number | null, number | null, number | null]
  const near = {
    way: mountingWay(job),
    position: mountPosition(job),
    ...figures([
      'oldBody',
      'newBody',
      'band',
      'oldHub',
      'shroud',
      'hubLength',
      'shaft',
      'flat',
      'screw',
      'roomBeyond',
    ]),
    hubToEdge: figureOf(job, 'hubToEdge') ?? 0,
  }
  return {
    ends: both ? [near, farEnd(job)] : [near],
    wheel: wheelMotor !== null && wheelFar !== null ? { motorSide: wheelMotor, farSide: wheelFar } : null,
    stud:
      stud !== null && nut !== null
        ? { length: stud, through: figureOf(job, 'through') ?? 0, nut, capDepth: figureOf(job, 'capDepth') }
        : null,
    drains:
      job.unit && unitTypeFor(job.unit)?.traits.fan === 'outdoor' && job.motor
        ? { openings: job.motor.drains, position: mountPosition(job) }
        : null,
    unit: job.unit,
    throughShaft: both,
    hasCan: needsCan(job),
  }
}
