// Finding a place in a sorted list.
/** Index of the first entry that is not below `wanted`; the length when all are. */
export function lowerBound(list: ArrayLike<number>, wanted: number): number {
  let [low, high] = [0, list.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if (list[middle]! < wanted) low = middle + 1
    else high = middle
  }
  return low
}
