// The kinds of fan motor that a lead sheet can describe.

export const MOTOR_KINDS = ['psc-outdoor', 'psc-blower', 'ecm-outdoor', 'three-phase'] as const
/** `psc-…` permanent split capacitor, one speed outdoors or tapped in a blower; `ecm-outdoor` electronically commutated, no capacitor. */
export type MotorKind = (typeof MOTOR_KINDS)[number]
