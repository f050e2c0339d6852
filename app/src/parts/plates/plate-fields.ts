// The figures of each plate as the screen shows them, and the edits that one figure makes. No rendering here.
import type { CanMarking } from '@oak/core/capacitor/marking'
import { STANDARD_HORSEPOWER } from '@oak/core/motor/horsepower'
import {
  EMPTY_MOTOR_PLATE,
  EMPTY_UNIT_PLATE,
  type MotorPlate,
  type UnitPlate,
  type VoltageRange,
} from '@oak/core/motor/nameplate'
import { figure, rangeFigure } from '@oak/core/quantity/display'
import { VIEW_NAMES } from '@oak/core/rotation/view'

export type PlateName = 'motor' | 'can' | 'unit'
/** The job's field that holds each plate. */
export const PLATE_PATHS: Readonly<Record<PlateName, string>> = {
  motor: 'motorPlate',
  can: 'canMarking',
  unit: 'unitPlate',
}

export interface PlateField {
  readonly key: string
  readonly label: string
  /** null: blank. */
  readonly text: string | null
  /** A pad for a number, or a list to pick from. */
  readonly entry:
    | { readonly kind: 'number'; readonly unit: string; readonly value: number | null }
    | {
        readonly kind: 'pick'
        readonly options: readonly { readonly value: string; readonly text: string }[]
        readonly value: string
      }
}

const VOLTAGES: readonly VoltageRange[] = [
  { low: 115, high: 115 },
  { low: 208, high: 230 },
  { low: 277, high: 277 },
  { low: 460, high: 460 },
]
const TURNS = (['CW', 'CCW'] as const).flatMap((direction) =>
  (['lead-end', 'shaft-end'] as const).map((seenFrom) => ({ direction, seenFrom })),
)
const turnKey = (r: { readonly direction: string; readonly seenFrom: string | null }) =>
  `${r.direction} ${r.seenFrom ?? '?'}`
const blank = { value: '', text: 'not readable' }

const list = (values: readonly (string | number)[], unit: string): string | null =>
  values.length === 0
    ? null
    : `${values.map((x) => (typeof x === 'number' ? figure(x) : x)).join(' / ')} ${unit}`
/** A figure with its unit; blank where it is not known. */
export const numberField = (key: string, label: string, unit: string, value: number | null): PlateField => ({
  key,
  label,
  text: value === null ? null : `${figure(value)} ${unit}`,
  entry: { kind: 'number', unit, value },
})
const pick = (
  key: string,
  label: string,
  text: string | null,
  options: readonly { value: string; text: string }[],
  value: string,
): PlateField => ({ key, label, text, entry: { kind: 'pick', options: [blank, ...options], value } })

const voltsField = (volts: readonly VoltageRange[]): PlateField =>
  pick(
    'volts',
    'volts',
    volts.length === 0 ? null : `${volts.map(rangeFigure).join(' / ')} V`,
    VOLTAGES.map((r) => ({ value: rangeFigure(r), text: `${rangeFigure(r)} V` })),
    volts.length === 1 ? rangeFigure(volts[0] as VoltageRange) : '',
  )
const phaseField = (phase: 1 | 3 | null): PlateField =>
  pick(
    'phase',
    'phase',
    phase === null ? null : `${phase} ph`,
    [
      { value: '1', text: 'one phase' },
      { value: '3', text: 'three phases' },
    ],
    phase === null ? '' : String(phase),
  )

export function motorFields(plate: MotorPlate | null): PlateField[] {
  const p = plate ?? EMPTY_MOTOR_PLATE
  const turn = p.rotation
  return [
    pick(
      'horsepower',
      'horsepower',
      list(p.horsepower, 'hp'),
      STANDARD_HORSEPOWER.map((h) => ({ value: h, text: `${h} hp` })),
      p.horsepower.length === 1 ? (p.horsepower[0] as string) : '',
    ),
    { ...numberField('rpm', 'speed', 'rpm', p.rpm[0] ?? null), text: list(p.rpm, 'rpm') },
    voltsField(p.volts),
    { ...numberField('amps', 'amps', 'A', p.amps[0] ?? null), text: list(p.amps, 'A') },
    numberField('microfarads', 'its capacitor', 'µF', p.microfarads),
    pick(
      'rotation',
      'turns',
      p.reversible
        ? 'reversible'
        : turn
          ? `${turn.direction}${turn.seenFrom ? `, ${VIEW_NAMES[turn.seenFrom]}` : ', end not said'}`
          : null,
      [
        ...TURNS.map((r) => ({
          value: turnKey(r),
          text: `${r.direction}, seen from the ${VIEW_NAMES[r.seenFrom]}`,
        })),
        { value: 'reversible', text: 'reversible' },
      ],
      p.reversible ? 'reversible' : turn ? turnKey(turn) : '',
    ),
    phaseField(p.phase),
    numberField('poles', 'poles', 'poles', p.poles),
  ]
}

export function unitFields(plate: UnitPlate | null): PlateField[] {
  const p = plate ?? EMPTY_UNIT_PLATE
  return [
    voltsField(p.volts),
    phaseField(p.phase),
    numberField('fanAmps', 'fan', 'A', p.fanAmps),
    numberField('compressorAmps', 'compressor', 'A', p.compressorAmps),
    numberField('circuitAmps', 'circuit, at least', 'A', p.circuitAmps),
    numberField('maxFuseAmps', 'fuse, at most', 'A', p.maxFuseAmps),
  ]
}

export function canFields(marking: CanMarking | null): PlateField[] {
  const [first, second] = marking?.sections ?? []
  return [
    {
      ...numberField('section-0', second === undefined ? 'marked' : 'HERM', 'µF', first ?? null),
      text:
        first !== undefined
          ? `${figure(first)} µF`
          : marking?.range
            ? `${figure(marking.range.low)}–${figure(marking.range.high)} µF`
            : null,
    },
    numberField('section-1', second === undefined ? 'second section' : 'FAN', 'µF', second ?? null),
    numberField('volts', 'volts', 'V', marking?.volts ?? null),
    numberField('tolerancePercent', 'tolerance ±', '%', marking?.tolerancePercent ?? null),
  ]
}

/** The plate with one figure changed; null clears it. What cannot be is refused by the job’s own schema. */
export function withMotorField(
  plate: MotorPlate | null,
  key: string,
  value: string | number | null,
): MotorPlate {
  const p = plate ?? EMPTY_MOTOR_PLATE
  switch (key) {
    case 'horsepower':
      return { ...p, horsepower: value ? [String(value)] : [] }
    case 'rpm':
      return { ...p, rpm: value === null ? [] : [Number(value), ...p.rpm.slice(1)] }
    case 'amps':
      return { ...p, amps: value === null ? [] : [Number(value), ...p.amps.slice(1)] }
    case 'volts':
      return { ...p, volts: voltsFrom(value) }
    case 'phase':
      return { ...p, phase: phaseFrom(value) }
    case 'rotation':
      return value === 'reversible'
        ? { ...p, reversible: true, rotation: null }
        : {
            ...p,
            reversible: value ? false : null,
            rotation: TURNS.find((r) => turnKey(r) === value) ?? null,
          }
    default:
      return { ...p, [key]: value }
  }
}

export function withUnitField(
  plate: UnitPlate | null,
  key: string,
  value: string | number | null,
): UnitPlate {
  const p = plate ?? EMPTY_UNIT_PLATE
  if (key === 'volts') return { ...p, volts: voltsFrom(value) }
  if (key === 'phase') return { ...p, phase: phaseFrom(value) }
  return { ...p, [key]: value }
}

export function withCanField(marking: CanMarking | null, key: string, value: number | null): CanMarking {
  const m = marking ?? { sections: [], range: null, volts: null, tolerancePercent: null }
  if (!key.startsWith('section-')) return { ...m, [key]: value }
  const i = Number(key.slice(8))
  const sections =
    value === null
      ? m.sections.filter((_, j) => j !== i)
      : i < m.sections.length
        ? m.sections.map((x, j) => (j === i ? value : x))
        : [...m.sections, value]
  return { ...m, range: sections.length > 0 ? null : m.range, sections }
}

const voltsFrom = (value: string | number | null): VoltageRange[] =>
  VOLTAGES.filter((r) => rangeFigure(r) === value)
const phaseFrom = (value: string | number | null): 1 | 3 | null =>
  value === '1' ? 1 : value === '3' ? 3 : null
