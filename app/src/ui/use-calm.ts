// A value once it has stood for a moment: what an edit changes beside the stage is drawn after what it changes on it, and what changes
// there and back again does not flicker.
import { useEffect, useState } from 'react'

/** ms */
export const CALM_MS = 150

export function useCalm<T>(value: T): T {
  const [stood, setStood] = useState({ value })
  useEffect(() => {
    const clock = setTimeout(() => setStood((now) => (now.value === value ? now : { value })), CALM_MS)
    return () => clearTimeout(clock)
  }, [value])
  return stood.value
}
