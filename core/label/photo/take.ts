// A proposal that a person takes: the plate with that one thing on it. Other things on the plate stay as they are.
import { EMPTY_MOTOR_PLATE, EMPTY_UNIT_PLATE, type MotorPlate, type UnitPlate } from '../../motor/nameplate'
import type { CanMarking } from '../../capacitor/marking'
import { figuresIn } from '../piece'
import { readLabel } from '../read-label'
import type { PhotographedPlate, Proposal } from './proposal'

/** The plates as they are on record; null: blank. */
export interface Plates {
  readonly motor: MotorPlate | null
  readonly unit: UnitPlate | null
  readonly can: CanMarking | null
}
/** The plate with it, and whether something else stood there; or why it is not taken, in words. */
export type Taken =
  | { readonly ok: true; readonly plate: MotorPlate | UnitPlate | CanMarking; readonly replaces: boolean }
  | { readonly ok: false; readonly message: string }

type MotorKey = keyof MotorPlate
type UnitKey = keyof UnitPlate
const MOTOR_KEYS: Readonly<Partial<Record<Proposal['field'], readonly MotorKey[]>>> = {
  horsepower: ['horsepower'],
  rpm: ['rpm'],
  volts: ['volts'],
  amps: ['amps'],
  hertz: ['hertz'],
  phase: ['phase'],
  rotation: ['rotation', 'reversible'],
  reversible: ['reversible', 'rotation'],
  poles: ['poles'],
  speeds: ['speeds'],
  frame: ['frame'],
}
const UNIT_KEYS: Readonly<Partial<Record<Proposal['field'], readonly UnitKey[]>>> = {
  volts: ['volts'],
  hertz: ['hertz'],
  phase: ['phase'],
  'circuit-amps': ['circuitAmps'],
  'max-fuse': ['maxFuseAmps'],
  'fan-amps': ['fanAmps'],
  'compressor-amps': ['compressorAmps'],
  refrigerant: ['refrigerant'],
}

const isBlank = (value: unknown): boolean => value === null || (Array.isArray(value) && value.length === 0)
const NOTHING = {
  ok: false,
  message: 'This line does not say it. Write it as it is printed, with its unit.',
} as const

/** `text`: as proposed, or as it was corrected. */
export function takeProposal(
  plates: Plates,
  plate: PhotographedPlate,
  { field, text }: Pick<Proposal, 'field' | 'text'>,
): Taken {
  if (plate === 'can') return takeOfCan(plates.can, field, text)
  if (plate === 'unit')
    return withKeys(plates.unit ?? EMPTY_UNIT_PLATE, readLabel(text, {}, 'unit').unit, UNIT_KEYS[field] ?? [])
  const was = plates.motor ?? EMPTY_MOTOR_PLATE
  return field === 'capacitor-volts' || field === 'microfarads'
    ? takeCapacitor(was, field, text)
    : withKeys(was, readLabel(text, {}, 'motor').motor, MOTOR_KEYS[field] ?? [])
}

/** What a motor's plate asks for: a line of it alone is read as a capacitor's. */
function takeCapacitor(was: MotorPlate, field: 'microfarads' | 'capacitor-volts', text: string): Taken {
  if (field === 'capacitor-volts') {
    const volts = Number(figuresIn(text).at(-1))
    const read = volts > 0 && volts <= 1000 ? { ...EMPTY_MOTOR_PLATE, capacitorVolts: volts } : null
    return withKeys(was, read, ['capacitorVolts'])
  }
  const { motor, capacitor } = readLabel(text, {}, 'motor')
  const [section, ...others] = capacitor?.sections ?? []
  const microfarads = motor?.microfarads ?? (others.length === 0 ? (section ?? null) : null)
  return withKeys(was, { ...EMPTY_MOTOR_PLATE, microfarads }, ['microfarads'])
}

/** The first key says what it is; the others follow from it. */
function withKeys<P extends MotorPlate | UnitPlate>(
  was: P,
  read: P | null,
  keys: readonly (keyof P)[],
): Taken {
  const [first] = keys
  if (!read || first === undefined || isBlank(read[first])) return NOTHING
  const part = Object.fromEntries(keys.map((key) => [key, read[key]])) as Partial<P>
  return { ok: true, plate: { ...was, ...part }, replaces: !isBlank(was[first]) }
}

function takeOfCan(was: CanMarking | null, field: Proposal['field'], text: string): Taken {
  const { capacitor } = readLabel(text, {}, 'can')
  if (field === 'microfarads')
    return capacitor
      ? {
          ok: true,
          plate: {
            ...capacitor,
            volts: capacitor.volts ?? was?.volts ?? null,
            tolerancePercent: was?.tolerancePercent ?? null,
          },
          replaces: was !== null,
        }
      : NOTHING
  const value = Number(figuresIn(text)[0])
  if (!(value > 0)) return NOTHING
  if (!was) return { ok: false, message: 'Take its microfarads first: without them a marking says nothing.' }
  if (field === 'volts')
    return {
      ok: true,
      plate: { ...was, volts: Math.max(...figuresIn(text).map(Number)) },
      replaces: was.volts !== null,
    }
  if (field === 'tolerance' && value <= 50)
    return { ok: true, plate: { ...was, tolerancePercent: value }, replaces: was.tolerancePercent !== null }
  return NOTHING
}
