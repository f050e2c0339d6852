// The last value that has stood for so long: what changes there and back again meanwhile is not heard of.
import { useEffect, useState } from 'react'

/** `first`: until one has stood. */
export function useStood<T>(value: T, ms: number, first: T): T {
  const [stood, setStood] = useState({ value: first })
  useEffect(() => {
    const clock = setTimeout(() => setStood((now) => (now.value === value ? now : { value })), ms)
    return () => clearTimeout(clock)
  }, [value, ms])
  return stood.value
}
