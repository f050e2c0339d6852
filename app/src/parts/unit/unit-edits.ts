// The edits that choosing a unit makes: its typical wires, untraced, beside what is already recorded.
import type { ShopSettings } from '@oak/core/job/van'
import type { JobDocument } from '@oak/core/job/document'
import { postOf, type UnitType } from '@oak/core/wiring/unit-type'
import { refOf } from '@oak/core/wiring/unit-types'
import { MOTOR_END, type NamedWire, type Wire } from '@oak/core/wiring/wire'
import type { Edit } from '../../platform/state/jobs'

/** Wires that fit the unit are kept; typical ones fill in; those on terminals the unit lacks are taken off. */
export function chooseUnitEdits(job: JobDocument, unit: UnitType, shop: ShopSettings = {}): Edit[] {
  const fits = (wire: Wire) =>
    postOf(unit, wire.from) !== undefined && (wire.to === MOTOR_END || postOf(unit, wire.to) !== undefined)
  const gone = Object.entries(job.wires)
    .filter(([, wire]) => !fits(wire))
    .map(([id]) => id)
  const missing = unit.typicalWires.filter(({ id }) => !job.wires[id] || gone.includes(id))
  return [
    { path: ['unit'], value: refOf(unit) },
    ...shopEdits(job, shop),
    ...gone
      .filter((id) => !missing.some((m) => m.id === id))
      .map((id) => ({ path: ['wires', id], value: null })),
    ...missing.map(({ id, from, to }) => ({
      path: ['wires', id],
      value: { from, to, segments: [], traced: false, stated: [] },
    })),
  ]
}

/** Marks every wire as traced by hand. */
export const traceAllEdits = (job: JobDocument): Edit[] =>
  Object.entries(job.wires)
    .filter(([, wire]) => !wire.traced)
    .map(([id, wire]) => ({ path: ['wires', id], value: { ...wire, traced: true } }))

/** One wire, followed by hand or not yet. */
export const tracedValue = ({ wires }: JobDocument, id: string, traced: boolean): Wire | null => {
  const wire = wires[id]
  return wire ? { ...wire, traced } : null
}

/** A wire that was not typical: on no terminal yet, so not on the record either. */
export const newWire = (id: string): NamedWire => ({
  id,
  from: '',
  to: MOTOR_END,
  segments: [],
  traced: false,
  stated: [],
})

/** The shop's settings become the job's own, where it has none yet: a setting that changes later changes no finished job. */
const shopEdits = (job: JobDocument, { hertz, tolerancePercent }: ShopSettings): Edit[] => [
  ...(hertz !== undefined && job.hertz === null ? [{ path: ['hertz'], value: hertz }] : []),
  ...(tolerancePercent !== undefined && job.tolerancePercent === null
    ? [{ path: ['tolerancePercent'], value: tolerancePercent }]
    : []),
]
