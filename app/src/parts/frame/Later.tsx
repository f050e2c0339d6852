// What stands under the picture or beside it is drawn once the picture is there: on a slow phone a stage opens in half the time.
import { startTransition, useEffect, useState, type ReactNode } from 'react'

interface LaterProps {
  readonly children: ReactNode
  /** In sight as the stage opens, so drawn with it: of a list's row that may change places. */
  readonly isFirst?: boolean
}

export function Later({ children, isFirst = false }: LaterProps) {
  const [isDue, setIsDue] = useState(isFirst)
  // It gives way to a tap that comes meanwhile.
  useEffect(() => startTransition(() => setIsDue(true)), [])
  return isDue ? children : null
}
