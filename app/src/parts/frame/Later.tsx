// What stands under the picture or beside it is drawn once the picture is there: on a slow phone a stage opens in half the time.
import { startTransition, useEffect, useState, type ReactNode } from 'react'

export function Later({ children }: { readonly children: ReactNode }) {
  const [isDue, setIsDue] = useState(false)
  // It gives way to a tap that comes meanwhile.
  useEffect(() => startTransition(() => setIsDue(true)), [])
  return isDue ? children : null
}
