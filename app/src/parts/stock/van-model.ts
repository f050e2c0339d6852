// The van's lines as the screen lists them, and the edits it makes. No rendering here.
import { cutText } from '@oak/core/quantity/whole-text'
import type { Can } from '@oak/core/capacitor/can'
import { OPEN_MICROFARADS } from '@oak/core/capacitor/bench'
import { CANS } from '@oak/core/capacitor/cans'
import type { LeadSheet } from '@oak/core/motor/lead-sheet'
import { knownSheets } from '@oak/core/job/known-sheets'
import type { VanDocument } from '@oak/core/job/van'
import { figure } from '@oak/core/quantity/display'
import { voltsText } from '@oak/core/motor/volts-choice'
import {
  lineIdOf,
  lineText,
  type CapacitorLine,
  type StockKind,
  type StockLine,
} from '@oak/core/van/stock-line'
import type { Edit } from '../../platform/state/jobs'

/** Larger is no list of a van; a list with far too many lines still opens, to be told so. */
export const MAX_STOCK_BYTES = 20_000_000

export const KIND_WORDS: Readonly<Record<StockKind, string>> = {
  motor: 'Motors',
  capacitor: 'Capacitors',
  blade: 'Blades',
  part: 'Parts',
}

export interface ListedLine {
  readonly id: string
  readonly line: StockLine
  readonly left: number
}

/** The lines of a kind by name; those that are used up stay, so that they are seen to be missing. */
export const linesOf = (
  stock: VanDocument['stock'],
  left: Readonly<Record<string, number>>,
  kind: StockKind,
): ListedLine[] =>
  Object.entries(stock)
    .filter(([, line]) => line.kind === kind)
    .map(([id, line]) => ({ id, line, left: left[id] ?? line.quantity }))
    .sort((a, b) => (a.line.name < b.line.name ? -1 : 1))

/** What a line is, beside its name: of a motor the figures of its tag, of the others their own. */
export function whatOf(line: StockLine, sheets: readonly LeadSheet[]): string {
  const sheet = line.kind === 'motor' ? sheets.find((s) => s.id === line.sheet) : undefined
  if (!sheet) return lineText(line)
  const { nameplate, settings } = sheet
  return `${settings.horsepower.map((h) => (h.coversFrom ? `${h.coversFrom} to ${h.horsepower}` : h.horsepower)).join(', ')} hp · ${figure(nameplate.rpm)} rpm · ${voltsText(sheet)}`
}

export const leftText = (left: number): string =>
  left < 0 ? `${-left} too many taken` : left === 0 ? 'none left' : `${left} left`

/** Lines taken over from a list: counted anew; lines that are not in it stay. */
export const importEdits = (lines: Readonly<Record<string, StockLine>>): Edit[] =>
  Object.entries(lines).map(([id, value]) => ({ path: ['stock', id], value }))

export const priceText = (cents: number | null): string | null =>
  cents === null ? null : `$${(cents / 100).toFixed(2)}`

/** A line as the can that a plan takes; a start capacitor is none. */
export function canOf(id: string, line: CapacitorLine): Can | null {
  if (line.layout === 'start') return null
  const names = sectionNames(line.microfarads)
  return {
    id,
    name: line.name,
    volts: line.volts,
    tolerancePercent: line.tolerancePercent,
    protectedStart: line.protectedStart,
    ...(line.face ? { face: line.face } : {}),
    sections: line.microfarads.map((marked, i) => ({
      id: names[i] as string,
      ...readOrMarked(marked, line.measured?.[i] ?? null),
    })),
  }
}

/** What was read stands for what is marked; an open section keeps its marking, and is dead (see openSections). */
const readOrMarked = (marked: number, measured: number | null) =>
  measured === null || measured < OPEN_MICROFARADS
    ? { microfarads: marked }
    : { microfarads: measured, marked }

/** Sections of a line that read open. */
export const openSections = (line: CapacitorLine): boolean[] =>
  line.microfarads.map((_, i) => {
    const read = line.measured?.[i]
    return typeof read === 'number' && read < OPEN_MICROFARADS
  })

/** The cans to pick from: those of the van, what is left first; the ones that ship with the app while the van has none. */
export function offeredCans(van: VanDocument, left: Readonly<Record<string, number>>): Can[] {
  const cans = linesOf(van.stock, left, 'capacitor').flatMap(({ id, line, left: n }) => {
    const can = line.kind === 'capacitor' ? canOf(id, line) : null
    return can ? [{ can, n }] : []
  })
  if (cans.length === 0) return [...CANS]
  return cans
    .sort((a, b) => Number(b.n > 0) - Number(a.n > 0) || b.can.sections.length - a.can.sections.length)
    .map(({ can }) => can)
}

/** Each section by its value; like ones get a letter: 5a, 5b. */
export function sectionNames(values: readonly number[]): string[] {
  return values.map((value, i) => {
    const like = values.filter((other) => other === value).length
    return like === 1
      ? figure(value)
      : `${figure(value)}${String.fromCharCode(97 + values.slice(0, i).filter((other) => other === value).length)}`
  })
}

/** The sections of a capacitor that can be read, by what is marked; a start capacitor has one, by its range. */
export const readable = (line: CapacitorLine): string[] =>
  line.layout === 'start'
    ? [line.microfarads.map((x) => figure(x)).join('–')]
    : line.microfarads.map((x) => figure(x))

/**
 * A reading is of one capacitor. A line of several gives one off to a line of its own; `line` is the one that holds the reading then.
 * `left`: how many are on the van now; `at`: the time of this count.
 */
export function readingEdits(
  id: string,
  line: CapacitorLine,
  left: number,
  index: number,
  value: number | null,
  stock: VanDocument['stock'],
  at: number,
): { readonly line: string; readonly edits: Edit[] } {
  const before = line.measured ?? readable(line).map(() => null)
  const list = before.map((x, i) => (i === index ? value : x))
  const plain = { ...line }
  delete plain.measured
  const measured = list.some((x) => x !== null) ? { measured: list } : {}
  if (left <= 1)
    return {
      line: id,
      edits: [
        { path: ['stock', id], value: { ...plain, ...measured, quantity: Math.max(0, left), countedAt: at } },
      ],
    }
  let name = `${line.name}, read`
  for (let n = 2; stock[lineIdOf('capacitor', name)]; n++) name = `${line.name}, read (${n})`
  const own = lineIdOf('capacitor', name)
  return {
    line: own,
    edits: [
      { path: ['stock', id], value: { ...plain, quantity: left - 1, countedAt: at } },
      {
        path: ['stock', own],
        value: { ...plain, ...measured, name: cutText(name, 300), quantity: 1, countedAt: at },
      },
    ],
  }
}

export interface VanMotor {
  readonly sheet: LeadSheet
  /** Its line and what is left of it; null: a known tag that is not on the van. */
  readonly stock: { readonly line: string; readonly left: number } | null
}

/** Every known motor, those on the van first. */
export function vanMotors(van: VanDocument, left: Readonly<Record<string, number>>): VanMotor[] {
  const lines = Object.entries(van.stock).flatMap(([id, line]) =>
    line.kind === 'motor' ? [{ id, sheet: line.sheet }] : [],
  )
  const motors = knownSheets(van).map((sheet): VanMotor => {
    const line = lines.find((l) => l.sheet === sheet.id)
    return { sheet, stock: line ? { line: line.id, left: left[line.id] ?? 0 } : null }
  })
  const place = ({ stock }: VanMotor) => (stock && stock.left > 0 ? 0 : stock ? 1 : 2)
  return motors.sort((a, b) => place(a) - place(b))
}
