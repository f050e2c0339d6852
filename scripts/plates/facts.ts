// What a made-up plate says: figures of a motor, a unit or a can that may stand together.
import type { Draws } from './draws'

/** Field and value, as a proposal's meaning puts it: what a reader is held against. */
export interface Truth {
  readonly field: string
  readonly means: string
}

export interface MotorFacts {
  readonly horsepower: string
  readonly volts: string
  readonly amps: string
  readonly rpm: string
  readonly hertz: string
  readonly phase: string
  readonly microfarads: string
  readonly capacitorVolts: string
  readonly rotation: string
  readonly frame: string
  readonly model: string
}

const MAKERS = ['ROWAN', 'BRANT', 'ALDER', 'TEAL', 'HOLM', 'FENWICK', 'MARLOW', 'OSIER']
export const maker = (draws: Draws) =>
  `${draws.one(MAKERS)} ${draws.one(['MOTOR CO', 'ELECTRIC', 'WORKS', 'FANS'])}`

const POWER: Readonly<Record<string, number>> = {
  '1/10': 0.1,
  '1/8': 0.125,
  '1/6': 1 / 6,
  '1/5': 0.2,
  '1/4': 0.25,
  '1/3': 1 / 3,
  '1/2': 0.5,
  '3/4': 0.75,
}

export function motorFacts(draws: Draws): MotorFacts {
  const horsepower = draws.one(Object.keys(POWER))
  const volts = draws.one(['208-230', '230', '115', '208-230', '460'])
  // A permanent-split motor gives out about half of volts times amps.
  const amps = ((POWER[horsepower] ?? 0) * 746) / (draws.between(0.42, 0.6) * Number(volts.split('-').pop()))
  return {
    horsepower,
    volts,
    amps: amps.toFixed(1),
    rpm: draws.one(['1075', '825', '1100', '850', '1050', '1140', '1625']),
    hertz: '60',
    phase: '1',
    microfarads: draws.one(['5', '7.5', '10', '4', '3', '6', '15']),
    capacitorVolts: draws.one(['370', '440']),
    rotation: draws.one(['CCW LE', 'CW LE', 'CCWLE', 'CWLE', 'CW SE', 'CCWSE', 'CCW', 'CW']),
    frame: draws.one(['48Y', '48', '42Y', '56Z', '48YZ']),
    model: `${draws.one(['K', 'FM', 'R', 'TX'])}${draws.whole(100, 999)}${draws.one(['A', 'B', '-'])}${draws.whole(1000, 9999)}`,
  }
}

const END: Readonly<Record<string, string>> = { LE: 'lead end', SE: 'shaft end' }
function rotationMeans(text: string): string {
  const match = /^(CCW|CW)\s?(LE|SE)?$/.exec(text)
  if (!match) throw new Error(`no rotation: ${text}`)
  const end = END[match[2] ?? '']
  return end
    ? `turns ${match[1]}, seen from the ${end}`
    : `turns ${match[1]}; the plate does not say from which end`
}

const volts = (text: string) => `${text.replace('-', ' to ').replace('/', ' or ')} volts`

const MOTOR_MEANS: Readonly<Record<string, (f: MotorFacts) => string>> = {
  horsepower: (f) => `${f.horsepower} horsepower`,
  volts: (f) => volts(f.volts),
  amps: (f) => `${f.amps} amps`,
  rpm: (f) => `${f.rpm} rpm`,
  hertz: (f) => `${f.hertz} hertz`,
  phase: () => 'one phase',
  microfarads: (f) => `capacitor ${f.microfarads} µF`,
  'capacitor-volts': (f) => `capacitor ${f.capacitorVolts} V`,
  rotation: (f) => rotationMeans(f.rotation),
  frame: (f) => `frame ${f.frame}`,
}
export const motorTruth = (facts: MotorFacts, fields: readonly string[]): Truth[] =>
  fields.map((field) => ({ field, means: MOTOR_MEANS[field]?.(facts) ?? '' }))

export interface UnitFacts {
  readonly volts: string
  readonly mca: string
  readonly fuse: string
  readonly rla: string
  readonly lra: string
  readonly fla: string
  readonly refrigerant: string
  readonly serial: string
}

export function unitFacts(draws: Draws): UnitFacts {
  const rla = draws.between(6, 22)
  const fla = draws.between(0.6, 1.9)
  // NEC 440.33 and 440.22 (from memory): 1.25 times the largest load and the rest; the fuse at most 2.25 times and the rest, rounded down.
  const mca = 1.25 * Number(rla.toFixed(1)) + Number(fla.toFixed(1))
  const most = 2.25 * rla + fla
  const fuse = [15, 20, 25, 30, 35, 40, 45, 50].filter((f) => f <= most).at(-1) ?? 15
  return {
    volts: draws.one(['208-230', '208/230', '230']),
    mca: mca.toFixed(1),
    fuse: String(fuse),
    rla: rla.toFixed(1),
    lra: String(Math.round(rla * draws.between(4.5, 6))),
    fla: fla.toFixed(1),
    refrigerant: draws.one(['R-410A', 'R-22', 'R-454B', 'R-32']),
    serial: `${draws.whole(1000, 9999)}${draws.one(['F', 'H', 'K'])}${draws.whole(10000, 99999)}`,
  }
}

const UNIT_MEANS: Readonly<Record<string, (f: UnitFacts) => string>> = {
  volts: (f) => volts(f.volts),
  hertz: () => '60 hertz',
  phase: () => 'one phase',
  'circuit-amps': (f) => `circuit for ${f.mca} amps at least`,
  'max-fuse': (f) => `fuse or breaker of ${f.fuse} amps at most`,
  'fan-amps': (f) => `fan ${f.fla} amps`,
  'compressor-amps': (f) => `compressor ${f.rla} amps running`,
  refrigerant: (f) => `refrigerant ${f.refrigerant}`,
}
export const unitTruth = (facts: UnitFacts, fields: readonly string[]): Truth[] =>
  fields.map((field) => ({ field, means: UNIT_MEANS[field]?.(facts) ?? '' }))

export interface CanFacts {
  readonly herm: string
  readonly fan: string
  readonly volts: string
  readonly tolerance: string
}
export const canFacts = (draws: Draws): CanFacts => ({
  herm: draws.one(['25', '30', '35', '40', '45', '50', '55', '60', '70', '80']),
  fan: draws.one(['3', '4', '5', '7.5', '10']),
  volts: draws.one(['370', '440']),
  tolerance: draws.one(['5', '6', '10']),
})
