// Escape puts down what is in hand. A sheet that is open has it first.
import { useEffect, useEffectEvent } from 'react'
import { isSheetOpen } from './open-sheets'

/** null: nothing is in hand. */
export function useEscape(letGo: (() => void) | null): void {
  const heard = useEffectEvent((event: KeyboardEvent) => {
    if (event.key === 'Escape' && letGo && !isSheetOpen()) letGo()
  })
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => heard(event)
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [])
}
