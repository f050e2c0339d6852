// What was typed on a pad and not set, kept until it is set or the page is loaded anew: a sheet closed by Back or by a slip of the thumb
// has it again.
import { useState } from 'react'

/** Of a figure that was left on a pad. */
export const LEFT = 'Typed before and not set: go on with it, or delete it.'

const kept = new Map<string, string>()

export interface HalfTyped {
  /** null: nothing was left. */
  readonly kept: string | null
  readonly keep: (text: string) => void
  readonly letGo: () => void
}

/** `field` names it on its page. */
export function useHalfTyped(field: string): HalfTyped {
  const [made] = useState((): HalfTyped => {
    const key = `${window.location.pathname} ${field}`
    return {
      kept: kept.get(key) ?? null,
      keep: (text) => void kept.set(key, text),
      letGo: () => void kept.delete(key),
    }
  })
  return made
}
