// What the ear hears of a part of the kit. Paper hands states to `accessibilityState`, which React Native's web does not know, and makes
// what waits a disabled element, which keyboards and ears pass over. So states are written on the element itself.
import { useLayoutEffect, type RefObject } from 'react'
import type { View } from 'react-native'

type State = boolean | string | null | undefined
export type Spoken = Readonly<Partial<Record<`aria-${string}` | 'role' | 'title', State>>>

/** Writes them, before it is painted: what waits must not look ready for even one tap. Without a value there is no attribute. */
export function useSpoken(ref: RefObject<View | null>, spoken: Spoken): void {
  useLayoutEffect(() => {
    const element = ref.current as unknown as Element | null
    if (element) speak(element, spoken)
  })
}

export function speak(element: Element, spoken: Spoken): void {
  for (const [name, state] of Object.entries(spoken)) {
    const text = state === undefined || state === null ? null : String(state)
    // Only what changed: every write is heard by whoever watches the page.
    if (element.getAttribute(name) === text) continue
    if (text === null) element.removeAttribute(name)
    else element.setAttribute(name, text)
  }
}

/** `aria-disabled`: it waits, and stays in reach; `reason`: the id of the words that say why. */
export const waiting = (waits: boolean | undefined, reason: string | null): Spoken => ({
  'aria-disabled': waits ? true : null,
  'aria-describedby': waits ? reason : null,
})
