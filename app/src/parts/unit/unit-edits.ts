// The edits that choosing a unit makes: its typical wires, untraced, beside what is already recorded.
import type { JobDocument } from '@oak/core/job/document'
import { postOf, type UnitType } from '@oak/core/wiring/unit-type'
import { MOTOR_END, type Wire } from '@oak/core/wiring/wire'
import type { Edit } from '../../platform/state/jobs'

/** Wires that fit the unit are kept; typical ones fill in; those on terminals the unit lacks are taken off. */
export function chooseUnitEdits(job: JobDocument, unit: UnitType): Edit[] {
  const fits = (wire: Wire) =>
    postOf(unit, wire.from) !== undefined && (wire.to === MOTOR_END || postOf(unit, wire.to) !== undefined)
  const gone = Object.entries(job.wires)
    .filter(([, wire]) => !fits(wire))
    .map(([id]) => id)
  const missing = unit.typicalWires.filter(({ id }) => !job.wires[id] || gone.includes(id))
  return [
    { path: ['unit'], value: unit.id },
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

/** A wire that was not typical, on a post that has room for one; nothing known of it yet. */
export function addWireEdits(unit: UnitType, key: string): Edit[] {
  const free = unit.posts.find((p) => p.kind === 'load') ?? unit.posts[0]
  if (!free) return []
  return [
    {
      path: ['wires', key],
      value: { from: free.id, to: MOTOR_END, segments: [], traced: false, stated: [] },
    },
  ]
}
