// The van's lines as the screen lists them, and the edits it makes. No rendering here.
import type { Can } from '@oak/core/capacitor/can'
import { CANS } from '@oak/core/capacitor/cans'
import type { LeadSheet } from '@oak/core/motor/lead-sheet'
import { knownSheets, type VanDocument } from '@oak/core/job/van'
import { figure } from '@oak/core/quantity/display'
import { rangeText } from '@oak/core/motor/match/criterion'
import { lineText, type CapacitorLine, type StockKind, type StockLine } from '@oak/core/van/stock-line'
import type { Edit } from '../state/jobs'

export const KIND_WORDS: Readonly<Record<StockKind, string>> = { motor: 'Motors', capacitor: 'Capacitors', blade: 'Blades', part: 'Parts' }

export interface ListedLine {
  readonly id: string
  readonly line: StockLine
  readonly left: number
}

/** The lines of a kind by name; those that are used up stay, so that they are seen to be missing. */
export const linesOf = (stock: VanDocument['stock'], left: Readonly<Record<string, number>>, kind: StockKind): ListedLine[] =>
  Object.entries(stock)
    .filter(([, line]) => line.kind === kind)
    .map(([id, line]) => ({ id, line, left: left[id] ?? line.quantity }))
    .sort((a, b) => (a.line.name < b.line.name ? -1 : 1))

/** What a line is, beside its name: of a motor the figures of its tag, of the others their own. */
export function whatOf(line: StockLine, sheets: readonly LeadSheet[]): string {
  const sheet = line.kind === 'motor' ? sheets.find((s) => s.id === line.sheet) : undefined
  if (!sheet) return lineText(line)
  const { nameplate, settings } = sheet
  return `${settings.horsepower.map((h) => (h.coversFrom ? `${h.coversFrom} to ${h.horsepower}` : h.horsepower)).join(', ')} hp · ${figure(nameplate.rpm)} rpm · ${rangeText(nameplate.volts)}`
}

export const leftText = (left: number): string => (left < 0 ? `${-left} too many taken` : left === 0 ? 'none left' : `${left} left`)

/** Lines taken over from a list: counted anew; lines that are not in it stay. */
export const importEdits = (lines: Readonly<Record<string, StockLine>>): Edit[] => Object.entries(lines).map(([id, value]) => ({ path: ['stock', id], value }))

export const priceText = (cents: number | null): string | null => (cents === null ? null : `$${(cents / 100).toFixed(2)}`)

/** A line as the can that a plan takes; a start capacitor is none. */
export function canOf(id: string, line: CapacitorLine): Can | null {
  if (line.layout === 'start') return null
  const names = sectionNames(line.microfarads)
  return { id, name: line.name, volts: line.volts, tolerancePercent: line.tolerancePercent, protectedStart: line.protectedStart, sections: line.microfarads.map((microfarads, i) => ({ id: names[i] as string, microfarads })) }
}

/** The cans to pick from: those of the van, what is left first; the ones that ship with the app while the van has none. */
export function offeredCans(van: VanDocument, left: Readonly<Record<string, number>>): Can[] {
  const cans = linesOf(van.stock, left, 'capacitor').flatMap(({ id, line, left: n }) => {
    const can = line.kind === 'capacitor' ? canOf(id, line) : null
    return can ? [{ can, n }] : []
  })
  if (cans.length === 0) return [...CANS]
  return cans.sort((a, b) => Number(b.n > 0) - Number(a.n > 0) || b.can.sections.length - a.can.sections.length).map(({ can }) => can)
}

/** Each section by its value; like ones get a letter: 5a, 5b. */
export function sectionNames(values: readonly number[]): string[] {
  return values.map((value, i) => {
    const like = values.filter((other) => other === value).length
    return like === 1 ? figure(value) : `${figure(value)}${String.fromCharCode(97 + values.slice(0, i).filter((other) => other === value).length)}`
  })
}

export interface VanMotor {
  readonly sheet: LeadSheet
  /** Its line and what is left of it; null: a known tag that is not on the van. */
  readonly stock: { readonly line: string; readonly left: number } | null
}

/** Every known motor, those on the van first. */
export function vanMotors(van: VanDocument, left: Readonly<Record<string, number>>): VanMotor[] {
  const lines = Object.entries(van.stock).flatMap(([id, line]) => (line.kind === 'motor' ? [{ id, sheet: line.sheet }] : []))
  const motors = knownSheets(van).map((sheet): VanMotor => {
    const line = lines.find((l) => l.sheet === sheet.id)
    return { sheet, stock: line ? { line: line.id, left: left[line.id] ?? 0 } : null }
  })
  const place = ({ stock }: VanMotor) => (stock && stock.left > 0 ? 0 : stock ? 1 : 2)
  return motors.sort((a, b) => place(a) - place(b))
}
