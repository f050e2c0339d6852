// An old outdoor motor with everything known of it, and candidates of the shipped sheets with one thing changed.
import type { LeadSheet, Mechanical } from '../../lead-sheet'
import { leadSheetById } from '../../lead-sheets'
import { EMPTY_MOTOR_PLATE, type MotorPlate } from '../../nameplate'
import type { OldMotor } from '../criterion'

/** A shipped sheet, changed. */
export const sheet = (id: string, change: (s: LeadSheet) => void = () => undefined): LeadSheet => {
  const copy = structuredClone(leadSheetById(id) as LeadSheet)
  change(copy)
  return copy
}
const PLATE: MotorPlate = {
  ...EMPTY_MOTOR_PLATE,
  horsepower: ['1/4'],
  rpm: [1075],
  volts: [{ low: 208, high: 230 }],
  amps: [1.6],
  phase: 1,
}
const BODY: Mechanical = {
  frameInches: 5.6,
  bodyInches: 4.8,
  shaftInches: 0.5,
  shaftLengthInches: 6,
  throughShaft: false,
  mounting: ['studs'],
  positions: ['shaft-up'],
  enclosure: 'enclosed',
  bearings: 'sleeve',
  ambientCelsius: 60,
  airOver: true,
}
/** 1/4 hp, 1075 rpm, 208–230 V, 1.6 A, turning CW seen from the lead end. */
export const OLD: OldMotor = {
  fan: 'outdoor',
  plate: PLATE,
  mechanical: BODY,
  unitVolts: 230,
  hertz: 60,
  supplyConflict: null,
  needsThroughShaft: false,
  speedsInUse: 1,
  steepBlades: false,
  wantedFromLeadEnd: 'CW',
  estimate: { horsepower: null, rpm: null },
}
/** The same with something else on its plate, around it, or about its body. */
export const old = (
  plate: Partial<MotorPlate> = {},
  more: Partial<OldMotor> = {},
  body: Partial<Mechanical> = {},
): OldMotor => ({ ...OLD, plate: { ...PLATE, ...plate }, mechanical: { ...BODY, ...body }, ...more })
/** The usual candidate with another body. */
export const mech = (change: Partial<Mechanical>) =>
  sheet('rowan-25r', (s) => Object.assign(s.mechanical as Mechanical, change))

/** The usual candidate for other volts. */
export const rated = (low: number, high: number) =>
  sheet('rowan-25r', (s) => Object.assign(s.nameplate, { volts: { low, high } }))
