import { idSchema } from '../quantity/id'
import type { WireId } from '../wiring/wire'
import * as v from 'valibot'
import { WIRE_ROLES } from '../motor/role'
import { findRoles } from '../wiring/evidence'
import { knownUnitType } from '../wiring/unit-types'
import { wireProblems } from '../wiring/wire-problems'
import { NamedWiresSchema } from './hookup'
import { UnitRefSchema } from '../wiring/unit-ref'
import { operation } from './operation'
import { plain } from './plain'
import { EvidenceSchema } from './hookup-output'

const FindingSchema = v.object({
  wire: idSchema<WireId>(v.string()),
  role: v.nullable(v.picklist(WIRE_ROLES)),
  carriedBy: v.nullable(EvidenceSchema.entries.source),
  evidence: v.array(EvidenceSchema),
  conflicts: v.array(EvidenceSchema),
})

export const readWires = operation({
  name: 'read-wires',
  help: 'What each wire of the old motor was for, on what evidence, and what is contradictory in the record.',
  input: v.strictObject({ unit: UnitRefSchema, wires: NamedWiresSchema }),
  output: v.object({
    findings: v.array(FindingSchema),
    problems: v.array(v.object({ path: v.string(), message: v.string() })),
  }),
  run({ unit, wires }) {
    const type = knownUnitType(unit)
    return plain({ findings: findRoles(type, wires), problems: wireProblems(type, wires) })
  },
})
