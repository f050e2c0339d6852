// For the last few sections: every total that some of them make. It tells early that a load cannot be met any more.
import { lowerBound } from '../../quantity/sorted'

/** Sorted distinct totals of the subsets of each tail of `values`; entry i is for values[i..]. Undefined before `from`. */
export function tailTotals(values: readonly number[], from: number): (Float64Array | undefined)[] {
  const tables: (Float64Array | undefined)[] = new Array<Float64Array | undefined>(values.length + 1)
  let table: Float64Array = Float64Array.of(0)
  tables[values.length] = table
  for (let i = values.length - 1; i >= from; i--) {
    table = mergeShifted(table, values[i]!)
    tables[i] = table
  }
  return tables
}

/** The sorted union of `table` and `table` + shift, without repeats. */
function mergeShifted(table: Float64Array, shift: number): Float64Array {
  const n = table.length
  const merged = new Float64Array(2 * n)
  let a = 0
  let b = 0
  let size = 0
  while (b < n) {
    const plain = a < n ? table[a]! : Infinity
    const shifted = table[b]! + shift
    if (plain <= shifted) a++
    if (shifted <= plain) b++
    merged[size++] = plain < shifted ? plain : shifted
  }
  return merged.subarray(0, size)
}

/** Distance from `wanted` to the nearest total in a sorted table. */
export function distanceToNearest(table: Float64Array, wanted: number): number {
  const low = lowerBound(table, wanted)
  const above = low < table.length ? table[low]! - wanted : Infinity
  const below = low > 0 ? wanted - table[low - 1]! : Infinity
  return above < below ? above : below
}
