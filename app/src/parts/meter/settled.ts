// A figure that runs is not read out at every change: an ear would hear nothing else. It is, once it stands.
import { useEffect, useState } from 'react'

/** Long enough that it is no passing figure, short enough that nobody waits for it, ms. Our judgement. */
export const SETTLED_MS = 1500

/** The text that has stood so long; '' while it runs. */
export function useSettled(text: string): string {
  const [settled, setSettled] = useState('')
  useEffect(() => {
    const clock = setTimeout(() => setSettled(text), SETTLED_MS)
    return () => clearTimeout(clock)
  }, [text])
  return settled === text ? text : ''
}
