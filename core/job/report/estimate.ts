// An estimate in whole cents: lines of parts and labour, tax worked out once on the taxed sum. Half a cent rounds up.
import { at } from '../../quantity/at'

/** A line of the estimate; money in whole cents. */
export interface EstimateLine {
  readonly kind: 'part' | 'labour'
  readonly text: string
  /** How many, or hours, in hundredths: 1.5 hours are 150. */
  readonly hundredths: number
  /** Of one, or of an hour. */
  readonly cents: number
  readonly taxed: boolean
}

/** Tax and how long the estimate stands. */
export interface EstimateTerms {
  /** Percent in thousandths: 8.25 % is 8250. */
  readonly taxThousandths: number
  readonly validDays: number
}

/** Sums in whole cents; tax is worked out once, on the taxed sum, rounded half up. */
export interface EstimateTotals {
  /** Of each line, in order, cents. */
  readonly lines: readonly number[]
  readonly parts: number
  readonly labour: number
  readonly taxed: number
  readonly tax: number
  readonly total: number
}

/** Whole cents of a product of whole numbers over a divisor, half up. All below 2^53. */
const roundHalfUp = (product: number, divisor: number): number =>
  Math.floor((2 * product + divisor) / (2 * divisor))

/** The sums of an estimate's lines, each line rounded half up to whole cents. */
export function totalsOf(
  lines: readonly EstimateLine[],
  { taxThousandths }: Pick<EstimateTerms, 'taxThousandths'>,
): EstimateTotals {
  const each = lines.map((line) => roundHalfUp(line.hundredths * line.cents, 100))
  const sumWhere = (holds: (line: EstimateLine) => boolean) =>
    lines.reduce((sum, line, i) => (holds(line) ? sum + at(each, i) : sum), 0)
  const taxed = sumWhere((l) => l.taxed)
  const tax = roundHalfUp(taxed * taxThousandths, 100_000)
  return {
    lines: each,
    parts: sumWhere((l) => l.kind === 'part'),
    labour: sumWhere((l) => l.kind === 'labour'),
    taxed,
    tax,
    total: sumWhere(() => true) + tax,
  }
}

/** "$1,234.50" */
export function moneyText(cents: number): string {
  const whole = Math.floor(Math.abs(cents) / 100)
  return `${cents < 0 ? '−' : ''}$${String(whole).replace(/\B(?=(\d{3})+$)/g, ',')}.${String(Math.abs(cents) % 100).padStart(2, '0')}`
}
/** "1.5", "2" */
export const countText = (hundredths: number): string => String(hundredths / 100)
/** "8.25 %" */
export const taxText = (thousandths: number): string => `${thousandths / 1000} %`
