// What must be there: an item of a list, the entry of a map, the one that was looked for. A miss is a programmer's mistake and is thrown.
// Not for the innermost loops: one function that sees every kind of list is more than twice as slow there. They index with `!`.

/** What an index reads: lists and typed arrays alike. */
interface Indexed<T> {
  readonly [index: number]: T
  readonly length: number
}

/** The item at an index that the caller knows to be inside the list. Throws when it is not. */
export function at<T>(list: Indexed<T>, index: number): T {
  const item = list[index]
  if (item === undefined) throw new Error(`There is no item ${index} in a list of ${list.length}.`)
  return item
}

/** The first item of a list that is known to have one. Throws on an empty list. */
export const first = <T>(list: Indexed<T>): T => at(list, 0)

/** The last item of a list that is known to have one. Throws on an empty list. */
export const last = <T>(list: Indexed<T>): T => at(list, list.length - 1)

/** A value that the caller knows to be there: the result of a `find` or a `get`. Throws, naming what is missing, when it is not. */
export function known<T>(value: T | null | undefined, what: string): T {
  if (value === undefined || value === null) throw new Error(`${what} is missing.`)
  return value
}
