// What a motor lead is for. Never a bare "common": motor common and cap C are on opposite sides of the supply.
import * as v from 'valibot'

export const LEAD_ROLES = ['motor-common', 'run', 'start', 'run-return', 'ground', 'rotation', 'power-tap'] as const
/**
 * `motor-common` joint of main and auxiliary winding; `run` other end of the main winding; `start` other end of the
 * auxiliary winding; `run-return` the same point as run, brought out again for a capacitor of its own;
 * `power-tap` a line lead that sets the horsepower; `rotation` one of the leads of the reversing plug.
 */
export type LeadRole = (typeof LEAD_ROLES)[number]
export const LeadRoleSchema = v.picklist(LEAD_ROLES, `A lead's role must be one of: ${LEAD_ROLES.join(', ')}.`)

export const ROLE_NAMES: Readonly<Record<LeadRole, string>> = {
  'motor-common': 'motor common',
  run: 'run',
  start: 'start',
  'run-return': 'run-return',
  ground: 'ground',
  rotation: 'rotation plug',
  'power-tap': 'horsepower tap',
}

/** The roles a wire of the old motor can have: the plug and the taps stay at the motor. */
export const WIRE_ROLES = ['motor-common', 'run', 'start', 'run-return', 'ground'] as const
export type WireRole = (typeof WIRE_ROLES)[number]
export const WireRoleSchema = v.picklist(WIRE_ROLES, `The wire's job must be one of: ${WIRE_ROLES.join(', ')}.`)
