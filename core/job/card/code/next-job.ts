// The next job on a unit, from the card of the last: what was hooked up is now the old hookup. Where each wire is now must be seen: a card
// tells where it was put, so no wire is taken as traced.
import { EMPTY_MOTOR_PLATE } from '../../../motor/nameplate'
import type { WireId } from '../../../wiring/wire'
import type { UnitRef } from '../../../wiring/unit-type'
import { unitTypeFor } from '../../../wiring/unit-types'
import type { JobDocument } from '../../document'
import { codePost, type CardRecord } from './record'

/**
 * The fields of a new job that the card fills; `newId` gives each wire an id of its own. `unit`: what the job is on; of a unit of the shop's own,
 * which no code holds, the one that the job of the card was on, where that is known; null: it is not.
 */
export function nextJob(
  record: CardRecord,
  newId: () => WireId,
  unit: UnitRef | null = record.unit,
): Partial<JobDocument> {
  const { motor, can } = record
  const type = unit === null ? undefined : unitTypeFor(unit)
  const posts = new Map((type?.posts ?? []).map((post) => [codePost(post.id), post.id]))
  const wires = record.wires.flatMap(
    ({ insulation, speed, post }): [WireId, JobDocument['wires'][string]][] => {
      const from = posts.get(post)
      if (from === undefined) return []
      const wire = { from, to: 'motor', segments: [insulation], traced: false, stated: [] }
      return [[newId(), speed ? { ...wire, speed } : wire]]
    },
  )
  return {
    site: record.site,
    unitName: record.unitName,
    unit: type ? unit : null,
    wires: Object.fromEntries(wires),
    motorPlate: {
      ...EMPTY_MOTOR_PLATE,
      horsepower: [motor.horsepower],
      rpm: [motor.rpm],
      volts: [motor.volts],
      amps: [motor.amps],
      hertz: [motor.hertz],
      phase: motor.threePhase ? 3 : 1,
      rotation: motor.turns,
      microfarads: motor.capacitor?.microfarads ?? null,
      capacitorVolts: motor.capacitor?.volts ?? null,
    },
    canMarking: can && {
      sections: [...can.sections],
      range: null,
      volts: can.volts,
      tolerancePercent: can.tolerancePercent,
    },
    compressorMicrofarads: record.compressorMicrofarads,
  }
}
