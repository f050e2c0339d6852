// The van's stock as a table of text, in and out: one row a part, the columns below. Reading finds every wrong row; nothing is read by halves.
import { cutText } from '../quantity/whole-text'
import { CanFaceSchema, CAN_SHAPES, C_PLACES } from '../capacitor/can'
import { at } from '../quantity/at'
import * as v from 'valibot'
import type { Problem } from '../quantity/problem'
import {
  CAN_LAYOUTS,
  lineIdOf,
  MAX_LINES,
  STOCK_KINDS,
  StockLineSchema,
  type StockKind,
  type StockLine,
} from './stock-line'

/** Column heads, in order; a file may have them in any order and leave out those it does not need. */
export const STOCK_COLUMNS = [
  'kind',
  'name',
  'quantity',
  'price',
  'sheet',
  'layout',
  'microfarads',
  'volts',
  'tolerance',
  'protected',
  'measured',
  'face',
  'diameter in',
  'pitch deg',
  'blades',
  'width in',
  'bore in',
  'hand',
] as const
type Column = (typeof STOCK_COLUMNS)[number]
const NEEDED: readonly Column[] = ['kind', 'name', 'quantity']

/** The lines of a file, or what is wrong with it: with any problem there are no lines. */
export interface ReadStock {
  readonly lines: Readonly<Record<string, StockLine>>
  /** `path` is "row 7, quantity"; rows count as in the file, the head being row 1. */
  readonly problems: readonly Problem[]
}

/** What the edge knows beside the rows. */
export interface StockReading {
  /** Milliseconds since 1970: when this count was made. */
  readonly countedAt: number
  /** Ids of the lead sheets that are known. */
  readonly sheets: readonly string[]
}

/** Stock lines from the rows of a table, the head first; every wrong cell is named. */
export function readStockRows(rows: readonly (readonly string[])[], reading: StockReading): ReadStock {
  const wrong = (path: string, message: string): ReadStock => ({ lines: {}, problems: [{ path, message }] })
  const head = (rows[0] ?? []).map((cell) =>
    cell
      .replace(/^\uFEFF/, '')
      .trim()
      .toLowerCase(),
  )
  if (rows.length < 2 && head.every((cell) => cell === '')) return wrong('', 'The file is empty.')
  const missing = NEEDED.filter((column) => !head.includes(column))
  if (missing.length > 0)
    return wrong(
      'row 1',
      `The head lacks ${missing.map((m) => `“${m}”`).join(' and ')}. It names columns such as: ${STOCK_COLUMNS.join(', ')}.`,
    )
  const strange = head.find((cell) => cell !== '' && !STOCK_COLUMNS.includes(cell as Column))
  if (strange !== undefined)
    return wrong(
      'row 1',
      `“${strange}” is not a column Oak Switch knows. It knows: ${STOCK_COLUMNS.join(', ')}.`,
    )
  const twice = head.find((cell, i) => cell !== '' && head.indexOf(cell) !== i)
  if (twice !== undefined) return wrong('row 1', `The column “${twice}” stands twice in the head.`)
  if (rows.length - 1 > MAX_LINES)
    return wrong(
      '',
      `The file has more than ${MAX_LINES.toLocaleString('en-US')} lines: that is a warehouse’s list, not a van’s.`,
    )
  if (rows.length < 2) return wrong('', 'The file has a head and no lines.')
  return readLines(rows, head, reading)
}

function readLines(
  rows: readonly (readonly string[])[],
  head: readonly string[],
  reading: StockReading,
): ReadStock {
  const lines: Record<string, StockLine> = {}
  const rowOf = new Map<string, number>()
  const problems: Problem[] = []
  rows.slice(1).forEach((cells, i) => {
    const row = i + 2
    const over = cells.findIndex((cell, c) => cell.trim() !== '' && (head[c] ?? '') === '')
    if (over >= 0)
      return void problems.push({
        path: `row ${row}`,
        message: `A cell without a column: “${cutText(at(cells, over), 40)}”.`,
      })
    const cell = (column: Column) => unguard((cells[head.indexOf(column)] ?? '').trim())
    const read = readLine(cell, reading)
    problems.push(...read.problems.map((p) => ({ path: `row ${row}, ${p.path}`, message: p.message })))
    if (!read.line) return
    const id = lineIdOf(read.line.kind, read.line.name)
    const earlier = rowOf.get(id)
    if (earlier !== undefined)
      problems.push({
        path: `row ${row}, name`,
        message: `“${cutText(read.line.name, 60)}” stands in row ${earlier} already.`,
      })
    rowOf.set(id, row)
    lines[id] = read.line
  })
  return problems.length > 0 ? { lines: {}, problems } : { lines, problems }
}

type Cell = (column: Column) => string

function readLine(
  cell: Cell,
  { countedAt, sheets }: StockReading,
): { readonly line: StockLine | null; readonly problems: readonly Problem[] } {
  const problems: Problem[] = []
  const number = (column: Column): number | null => {
    const text = cell(column)
    if (text === '') return null
    const value = numberOf(text)
    if (value === null) problems.push({ path: column, message: `“${cutText(text, 40)}” is not a number.` })
    return value
  }
  const kind = cell('kind').toLowerCase() as StockKind
  if (!STOCK_KINDS.includes(kind))
    return {
      line: null,
      problems: [
        { path: 'kind', message: `“${cutText(cell('kind'), 40)}” is none of: ${STOCK_KINDS.join(', ')}.` },
      ],
    }
  const price = number('price')
  const quantity = number('quantity')
  if (cell('quantity') === '') problems.push({ path: 'quantity', message: 'How many there are is missing.' })
  const common = {
    name: cell('name'),
    quantity: quantity ?? 0,
    cents: price === null ? null : cents(price),
    countedAt,
  }
  const raw = { kind, ...common, ...detailsOf(kind, cell, number, problems) }
  if (kind === 'motor' && cell('sheet') !== '' && !sheets.includes(cell('sheet')))
    problems.push({
      path: 'sheet',
      message: `There is no lead sheet “${cutText(cell('sheet'), 60)}” here. Read its file or enter its tag first.`,
    })
  if (problems.length > 0) return { line: null, problems }
  const parsed = v.safeParse(StockLineSchema, raw)
  if (parsed.success) return { line: parsed.output, problems }
  return {
    line: null,
    problems: parsed.issues.map((issue) => ({
      path: COLUMN_OF[String(issue.path?.at(-1)?.key)] ?? COLUMN_OF[String(issue.path?.[0]?.key)] ?? 'kind',
      message: issue.message,
    })),
  }
}

/** A price with more than two decimals stays a fraction of a cent, which the schema refuses. */
const cents = (price: number): number => {
  const value = price * 100
  return Math.abs(value - Math.round(value)) < 1e-6 ? Math.round(value) : value
}

const COLUMN_OF: Readonly<Record<string, Column>> = {
  name: 'name',
  quantity: 'quantity',
  cents: 'price',
  sheet: 'sheet',
  layout: 'layout',
  microfarads: 'microfarads',
  volts: 'volts',
  tolerancePercent: 'tolerance',
  measured: 'measured',
  diameterInches: 'diameter in',
  pitchDegrees: 'pitch deg',
  blades: 'blades',
  widthInches: 'width in',
  boreInches: 'bore in',
  hand: 'hand',
}

function detailsOf(
  kind: StockKind,
  cell: Cell,
  number: (column: Column) => number | null,
  problems: Problem[],
): object {
  switch (kind) {
    case 'motor':
      if (cell('sheet') === '') problems.push({ path: 'sheet', message: 'A motor names its lead sheet.' })
      return { sheet: cell('sheet') }
    case 'capacitor':
      return capacitorOf(cell, number, problems)
    case 'blade':
      return {
        blade: {
          diameterInches: number('diameter in'),
          pitchDegrees: number('pitch deg'),
          blades: number('blades'),
          widthInches: number('width in'),
          boreInches: number('bore in'),
          hand: cell('hand').toUpperCase() || null,
        },
      }
    case 'part':
      return {}
  }
}

function capacitorOf(cell: Cell, number: (column: Column) => number | null, problems: Problem[]): object {
  const parts = cell('microfarads')
    .split(/[/+–]|(?<=\d)-(?=\d)/)
    .map((text) => text.trim())
    .filter(Boolean)
  const values = parts.map(numberOf)
  if (parts.length === 0)
    problems.push({ path: 'microfarads', message: 'A capacitor’s µF are missing, such as 45/5.' })
  const bad = parts.find((_, i) => values[i] === null)
  if (bad !== undefined)
    problems.push({
      path: 'microfarads',
      message: `“${cutText(bad, 40)}” is not a number of µF. Sections are written 45/5.`,
    })
  if (cell('volts') === '')
    problems.push({ path: 'volts', message: 'A capacitor’s rated volts are missing.' })
  const layout =
    cell('layout').toLowerCase() ||
    (parts.length === 1 ? 'single' : parts.length === 2 ? 'dual' : 'multi-tap')
  if (!CAN_LAYOUTS.some((known) => known === layout))
    problems.push({
      path: 'layout',
      message: `“${cutText(layout, 40)}” is none of: ${CAN_LAYOUTS.join(', ')}.`,
    })
  const tolerance = number('tolerance')
  const guarded = cell('protected').toLowerCase()
  if (!['', 'yes', 'no'].includes(guarded))
    problems.push({ path: 'protected', message: 'Whether it has a protected start terminal is yes or no.' })
  const measured = readingsOf(cell('measured'), problems)
  const face = faceOf(cell('face'), problems)
  return {
    layout,
    microfarads: values,
    ...(measured ? { measured } : {}),
    ...(face ? { face } : {}),
    volts: number('volts') ?? 0,
    protectedStart: guarded === 'yes',
    ...(tolerance === null ? {} : { tolerancePercent: tolerance }),
  }
}

/** "rows, C bottom": how the posts stand, and where C is. */
function faceOf(text: string, problems: Problem[]): object | null {
  if (text === '') return null
  const [shape = '', c = ''] = text.toLowerCase().split(/,?\s+(?:c\s+)?/)
  const face = v.safeParse(CanFaceSchema, { shape, c })
  if (face.success) return face.output
  problems.push({
    path: 'face',
    message: `“${cutText(text, 40)}” is not how posts stand. It is written as in: rows, C bottom (${CAN_SHAPES.join(', ')}; C ${C_PLACES.join(', ')}).`,
  })
  return null
}

/** One reading for each section, in their order; a section that was not read is left empty: 44.6//10.1. */
function readingsOf(text: string, problems: Problem[]): (number | null)[] | null {
  if (text === '') return null
  const parts = text.split('/').map((part) => part.trim())
  const bad = parts.find((part) => part !== '' && numberOf(part) === null)
  if (bad !== undefined)
    problems.push({
      path: 'measured',
      message: `“${cutText(bad, 40)}” is not a number of µF. Readings are written 44.6/5.1, an unread one left empty.`,
    })
  return parts.map((part) => (part === '' ? null : numberOf(part)))
}

/** A number as a person writes it: a decimal comma too, and a mark of thousands before three digits is none: 1,000 has to be written 1000. */
function numberOf(text: string): number | null {
  const plain = /^-?\d+,\d{1,2}$/.test(text) ? text.replace(',', '.') : text
  return /^-?\d+(\.\d+)?$/.test(plain) ? Number(plain) : null
}

/** Spreadsheets run a cell that begins with = + - @; such cells are written with an apostrophe before them, and read without it. */
const unguard = (text: string): string => (/^'[=+\-@]/.test(text) ? text.slice(1) : text)

/** The table of these lines, head first, by kind and name. */
export function writeStockRows(lines: Readonly<Record<string, StockLine>>): string[][] {
  const sorted = Object.values(lines).sort(
    (a, b) => STOCK_KINDS.indexOf(a.kind) - STOCK_KINDS.indexOf(b.kind) || (a.name < b.name ? -1 : 1),
  )
  return [[...STOCK_COLUMNS], ...sorted.map((line) => STOCK_COLUMNS.map((column) => cellOf(line, column)))]
}

const textOf = (value: number | string | null | undefined): string =>
  value === null || value === undefined ? '' : String(value)

type Cells = Partial<Record<Column, string>>

/** What a line writes into the columns that its kind has; the others stay empty. */
function cellOf(line: StockLine, column: Column): string {
  const shared: Cells = {
    kind: line.kind,
    name: line.name,
    quantity: textOf(line.quantity),
    price: line.cents === null ? '' : (line.cents / 100).toFixed(2),
  }
  return shared[column] ?? kindCells(line)[column] ?? ''
}

function kindCells(line: StockLine): Cells {
  switch (line.kind) {
    case 'motor':
      return { sheet: line.sheet }
    case 'capacitor':
      return {
        layout: line.layout,
        microfarads: line.microfarads.join('/'),
        volts: textOf(line.volts),
        tolerance: textOf(line.tolerancePercent),
        protected: line.protectedStart ? 'yes' : '',
        measured: (line.measured ?? []).map((x) => x ?? '').join('/'),
        face: line.face ? `${line.face.shape}, C ${line.face.c}` : '',
      }
    case 'blade':
      return {
        'diameter in': textOf(line.blade.diameterInches),
        'pitch deg': textOf(line.blade.pitchDegrees),
        blades: textOf(line.blade.blades),
        'width in': textOf(line.blade.widthInches),
        'bore in': textOf(line.blade.boreInches),
        hand: textOf(line.blade.hand),
      }
    case 'part':
      return {}
  }
}
