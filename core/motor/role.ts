// What a motor lead is for. Never a bare "common": motor common and cap C are on opposite sides of the supply.
import * as v from 'valibot'

export const LEAD_ROLES = [
  'motor-common',
  'run',
  'start',
  'run-return',
  'ground',
  'rotation',
  'power-tap',
  'line',
  'speed',
  'capacitor',
  'select',
  'phase',
] as const
/**
 * `motor-common` joint of main and auxiliary winding; `run` other end of the main winding; `start` other end of the
 * auxiliary winding; `run-return` the same point as run, brought out again for a capacitor of its own;
 * `power-tap` a line lead that sets the horsepower; `rotation` one of the leads of the reversing plug. A blower has one `line` lead,
 * `speed` taps and two `capacitor` leads; an electronically commutated motor two `line` leads and `select` leads; a three-phase
 * motor three `phase` leads.
 */
export type LeadRole = (typeof LEAD_ROLES)[number]
export const LeadRoleSchema = v.picklist(
  LEAD_ROLES,
  `A lead's role must be one of: ${LEAD_ROLES.join(', ')}.`,
)

/** The winding ends that a lead can be landed as. */
export const LANDING_ROLES = ['motor-common', 'run', 'start', 'run-return', 'ground'] as const
/** A role that a lead is landed in. */
export type LandingRole = (typeof LANDING_ROLES)[number]
export const LandingRoleSchema = v.picklist(
  LANDING_ROLES,
  `A lead is landed as one of: ${LANDING_ROLES.join(', ')}.`,
)

/**
 * The roles a wire of the old motor can have: the plug and the taps of an outdoor motor stay at the motor. A blower has a
 * `line` lead (neutral side, never switched), `speed` taps of which one is live, and two `capacitor` leads; a motor on three phases three
 * `phase` leads, alike.
 */
export const WIRE_ROLES = [...LANDING_ROLES, 'line', 'speed', 'capacitor', 'phase'] as const
/** What a wire of the motor does. */
export type WireRole = (typeof WIRE_ROLES)[number]
export const WireRoleSchema = v.picklist(
  WIRE_ROLES,
  `The wire's job must be one of: ${WIRE_ROLES.join(', ')}.`,
)

export const ROLE_NAMES: Readonly<Record<LeadRole | WireRole, string>> = {
  'motor-common': 'motor common',
  run: 'run',
  start: 'start',
  'run-return': 'run-return',
  ground: 'ground',
  rotation: 'rotation plug',
  'power-tap': 'horsepower tap',
  line: 'line lead',
  speed: 'speed tap',
  capacitor: 'capacitor lead',
  select: 'select lead',
  phase: 'phase lead',
}

/** The roles that wires of a motor of this kind can have. */
export function wireRolesOf({
  fan,
  phases,
}: {
  readonly fan: 'outdoor' | 'blower'
  readonly phases: 1 | 3
}): readonly WireRole[] {
  if (phases === 3) return ['phase', 'ground']
  return fan === 'blower' ? ['line', 'speed', 'capacitor', 'ground'] : LANDING_ROLES
}
