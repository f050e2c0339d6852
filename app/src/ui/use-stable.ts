// A function that is the same one from drawing to drawing and does what the latest would: what is drawn with it need not be drawn again.
import { useCallback, useLayoutEffect, useRef } from 'react'

export function useStable<A extends readonly unknown[], R>(latest: (...args: A) => R): (...args: A) => R {
  const ref = useRef(latest)
  useLayoutEffect(() => {
    ref.current = latest
  })
  return useCallback((...args: A) => ref.current(...args), [])
}

/** Do two plain objects have the same fields? */
export function sameFields<T extends object>(a: T, b: T): boolean {
  if (a === b) return true
  const [left, right] = [Object.entries(a), Object.entries(b)]
  return left.length === right.length && left.every(([key, value]) => b[key as keyof T] === value)
}
