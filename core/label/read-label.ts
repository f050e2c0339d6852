// A typed or pasted line of a plate or a label, read piece by piece. What it understood is shown; where two readings are
// possible it asks; what it does not know it leaves alone. No figure it reports is missing from the text.
import type { CanMarking } from '../capacitor/marking'
import {
  EMPTY_MOTOR_PLATE,
  EMPTY_UNIT_PLATE,
  type MotorPlate,
  type UnitPlate,
  type VoltageRange,
} from '../motor/nameplate'
import { meaningOf } from './meaning'
import { microfaradReadings, type MicrofaradReading } from './microfarads'
import { scan, unread, type Piece, type PieceKind } from './piece'
import { readRotation } from './rotation'
import { BARE, RULES } from './rules'

/** What the line leaves open, with the answers that it allows. */
export interface LabelQuestion {
  /** Names the piece: "microfarads at 0". The answer goes under this name. */
  readonly id: string
  readonly text: string
  readonly options: readonly { readonly id: string; readonly words: string }[]
}

/** A piece with its meaning. */
export interface LabelPiece extends Piece {
  /** In the trade's words: "40 µF and 5 µF: a dual". */
  readonly means: string
}

/** What a line of a label says, as far as it says it. */
export interface LabelReading {
  readonly kind: 'capacitor' | 'motor' | 'unit' | 'nothing'
  readonly pieces: readonly LabelPiece[]
  /** null while a question about it is open, or when the line has no capacitor. */
  readonly capacitor: CanMarking | null
  readonly motor: MotorPlate | null
  readonly unit: UnitPlate | null
  readonly questions: readonly LabelQuestion[]
  /** Words that were not understood. */
  readonly unread: readonly string[]
}

const MOTOR_KINDS: readonly PieceKind[] = [
  'horsepower',
  'rpm',
  'rotation',
  'reversible',
  'poles',
  'speeds',
  'frame',
]
const UNIT_KINDS: readonly PieceKind[] = [
  'circuit-amps',
  'max-fuse',
  'refrigerant',
  'compressor-amps',
  'fan-amps',
  'locked-rotor-amps',
]

/** Longest line that is read; the rest is left out by the caller's schema. */
export const MAX_LINE = 400

/**
 * `answers`: question id to the chosen option's id. `typedOn`: the plate it was typed on; it counts where no word of the line belongs to one
 * kind of plate alone. Never throws, whatever the text.
 */
export function readLabel(
  text: string,
  answers: Readonly<Record<string, string>> = {},
  typedOn: 'motor' | 'unit' | 'can' | null = null,
): LabelReading {
  const named = scan(text, RULES)
  const kind = plateOf(named, typedOn)
  const bare = kind === null && !named.some((p) => p.kind === 'microfarads')
  const pieces = bare
    ? scan(text, [...RULES, BARE])
        .map(voltsAlone)
        .filter((p) => p.kind !== 'microfarads' || microfaradReadings(p).length > 0)
    : named
  const capacitor = readCapacitor(pieces, answers)
  return {
    kind: kind ?? kindOf(pieces),
    pieces: pieces.map((piece) => ({
      ...piece,
      means: meaningOf(piece, capacitor.chosen.get(piece) ?? null),
    })),
    capacitor: kind === null ? capacitor.marking : null,
    motor:
      kind === 'motor' || (kind === null && kindOf(pieces) === 'motor') ? motorOf(pieces, capacitor) : null,
    unit: kind === 'unit' ? unitOf(pieces) : null,
    questions: capacitor.questions,
    unread: unread(text, pieces),
  }
}

/** The plate that a word of the line belongs to alone; else the unit's, where it was typed there and is no capacitor's. null: it is open. */
function plateOf(named: readonly Piece[], typedOn: 'motor' | 'unit' | 'can' | null): 'motor' | 'unit' | null {
  const has = (kinds: readonly PieceKind[]) => named.some((p) => kinds.includes(p.kind))
  if (has(UNIT_KINDS)) return 'unit'
  if (has(MOTOR_KINDS)) return 'motor'
  return typedOn === 'unit' && kindOf(named) === 'motor' ? 'unit' : null
}

/** Without a word that only one kind of plate has: microfarads or a tolerance make a capacitor, anything else is taken for a motor. */
function kindOf(pieces: readonly Piece[]): LabelReading['kind'] {
  const has = (...kinds: PieceKind[]) => pieces.some((p) => kinds.includes(p.kind))
  if (has('microfarads', 'tolerance')) return 'capacitor'
  return has('volts', 'amps', 'hertz', 'phase') ? 'motor' : 'nothing'
}

/** A lone figure that no capacitor's µF reach is the volts: "440". */
const voltsAlone = (piece: Piece): Piece =>
  piece.kind === 'microfarads' && piece.figures.every((f) => Number(f) >= 220 && Number(f) <= 660)
    ? { ...piece, kind: 'volts' }
    : piece

interface CapacitorPart {
  readonly marking: CanMarking | null
  readonly readings: readonly MicrofaradReading[]
  readonly questions: readonly LabelQuestion[]
  readonly chosen: ReadonlyMap<Piece, MicrofaradReading>
}

function readCapacitor(pieces: readonly Piece[], answers: Readonly<Record<string, string>>): CapacitorPart {
  const questions: LabelQuestion[] = []
  const chosen = new Map<Piece, MicrofaradReading>()
  for (const piece of pieces.filter((p) => p.kind === 'microfarads')) {
    const readings = microfaradReadings(piece)
    const id = `microfarads at ${piece.from}`
    const answered = readings.find((r) => r.id === answers[id])
    if (readings.length > 1)
      questions.push({
        id,
        text: `“${piece.text}”: which is it?`,
        options: readings.map((r) => ({ id: r.id, words: r.words })),
      })
    const reading = answered ?? (readings.length === 1 ? readings[0] : undefined)
    if (reading) chosen.set(piece, reading)
  }
  const readings = [...chosen.values()]
  const open = questions.some((q) => !q.options.some((o) => o.id === answers[q.id]))
  const volts = [
    ...voltsOf(pieces).map((r) => r.high),
    ...readings.flatMap((r) => (r.volts ? [r.volts] : [])),
  ]
  const tolerance = pieces.find((p) => p.kind === 'tolerance')?.figures[0]
  const marking: CanMarking | null =
    open || readings.length === 0
      ? null
      : {
          sections: readings.flatMap((r) => [...r.sections]).slice(0, 24),
          range: readings.find((r) => r.range)?.range ?? null,
          // "370/440 V": it may run at either, so the higher is its rating.
          volts: volts.length > 0 ? Math.max(...volts) : null,
          tolerancePercent: tolerance !== undefined && Number(tolerance) <= 50 ? Number(tolerance) : null,
        }
  return { marking, readings, questions, chosen }
}

/** Volts right behind microfarads are the capacitor's, not the motor's: "5 MFD 370V". */
const isCapacitorVolts = (piece: Piece, i: number, pieces: readonly Piece[]): boolean => {
  const before = pieces[i - 1]
  return piece.kind === 'volts' && before?.kind === 'microfarads' && piece.from - before.to <= 3
}

/** "208-230" is one connection, "115/230" are two; a voltage no plate has is left out. */
function voltsOf(pieces: readonly Piece[]): VoltageRange[] {
  return pieces
    .filter((p) => p.kind === 'volts')
    .flatMap(({ text, figures }) => {
      const values = figures.map(Number).filter((x) => x >= 20 && x <= 1000)
      const groups = text
        .split('/')
        .map((part) => values.filter((x) => new RegExp(`(?<!\\d)${x}(?!\\d)`).test(part)))
        .filter((g) => g.length > 0)
      return groups.map((g) => ({ low: Math.min(...g), high: Math.max(...g) }))
    })
    .slice(0, 8)
}

const numbersOf = (pieces: readonly Piece[], kind: PieceKind, most: number): number[] =>
  pieces
    .filter((p) => p.kind === kind)
    .flatMap((p) => p.figures.map(Number))
    .filter((x) => x > 0 && x <= most)
    .slice(0, 8)
const hertzOf = (pieces: readonly Piece[]) =>
  numbersOf(pieces, 'hertz', 60).filter((x): x is 50 | 60 => x === 50 || x === 60)

function phaseOf(pieces: readonly Piece[]): 1 | 3 | null {
  const piece = pieces.find((p) => p.kind === 'phase')
  if (!piece) return null
  return piece.figures[0] === '3' || piece.words[0] === 'three' ? 3 : 1
}

const POLES = [2, 4, 6, 8, 10, 12] as const

function motorOf(pieces: readonly Piece[], capacitor: CapacitorPart): MotorPlate {
  const rotation = pieces.find((p) => p.kind === 'rotation')
  const poles = numbersOf(pieces, 'poles', 12)[0]
  const speeds = numbersOf(pieces, 'speeds', 6)[0]
  const run = capacitor.readings.find((r) => r.sections.length === 1)
  const reversible = pieces.some((p) => p.kind === 'reversible')
  return {
    ...EMPTY_MOTOR_PLATE,
    horsepower: pieces
      .filter((p) => p.kind === 'horsepower')
      .flatMap((p) => [...p.figures])
      .filter((f) => /^(\d{1,2}( \d{1,2}\/\d{1,2})?|\d{1,2}\/\d{1,2}|\d?\.\d{1,3})$/.test(f))
      .slice(0, 8),
    rpm: numbersOf(pieces, 'rpm', 3600),
    volts: voltsOf(pieces.filter((p, i) => !isCapacitorVolts(p, i, pieces))),
    amps: numbersOf(pieces, 'amps', 200),
    hertz: hertzOf(pieces),
    phase: phaseOf(pieces),
    rotation: rotation ? readRotation(rotation.words) : null,
    reversible: reversible ? true : rotation ? false : null,
    microfarads: run?.sections[0] ?? null,
    capacitorVolts: run?.volts ?? voltsOf(pieces.filter(isCapacitorVolts))[0]?.high ?? null,
    poles: POLES.find((p) => p === poles) ?? null,
    speeds: speeds ?? null,
    frame: pieces.find((p) => p.kind === 'frame')?.words[0] ?? null,
  }
}

function unitOf(pieces: readonly Piece[]): UnitPlate {
  const first = (kind: PieceKind, most: number) => numbersOf(pieces, kind, most)[0] ?? null
  return {
    ...EMPTY_UNIT_PLATE,
    volts: voltsOf(pieces),
    hertz: hertzOf(pieces),
    phase: phaseOf(pieces),
    circuitAmps: first('circuit-amps', 500),
    maxFuseAmps: first('max-fuse', 800),
    fanAmps: first('fan-amps', 100),
    compressorAmps: first('compressor-amps', 300),
    refrigerant: pieces.find((p) => p.kind === 'refrigerant')?.words[0] ?? null,
  }
}
