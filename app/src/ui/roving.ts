// One Tab stop for a group of choices: arrow keys, Home and End move inside it. They only move: what is chosen is an edit of the job,
// or another screen, and that waits for Enter or the space bar.
import { useEffect, useRef, type KeyboardEvent } from 'react'
import type { View } from 'react-native'

export type RovingRole = 'radio' | 'tab' | 'button'

/** Where a key leads from item `at` of `count` in rows of `columns`; null: the key is not the group's. Past an end it goes on at the other. */
export function nextItem(key: string, at: number, count: number, columns = 1): number | null {
  if (count === 0) return null
  const by = (step: number) => (at + step + count) % count
  switch (key) {
    case 'ArrowRight':
      return by(1)
    case 'ArrowLeft':
      return by(-1)
    case 'ArrowDown':
      return columns === 1 ? by(1) : at + columns < count ? at + columns : at
    case 'ArrowUp':
      return columns === 1 ? by(-1) : at - columns >= 0 ? at - columns : at
    case 'Home':
      return 0
    case 'End':
      return count - 1
    default:
      return null
  }
}

const GROUPS = '[role="radiogroup"], [role="tablist"], [role="group"]'

/** The group's own items, not those of a group that stands inside it. */
const itemsOf = (group: Element, role: RovingRole): HTMLElement[] =>
  [...group.querySelectorAll<HTMLElement>(`[role="${role}"], ${role}`)].filter(
    (item) => item.closest(GROUPS) === group,
  )

const isChosen = (item: Element): boolean =>
  ['aria-checked', 'aria-selected', 'aria-pressed'].some((state) => item.getAttribute(state) === 'true')

/** Only what changes is written: it is asked after every drawing, and each write costs. */
function giveStop(items: readonly HTMLElement[], stop: HTMLElement | undefined): void {
  for (const item of items) {
    const tabIndex = item === stop ? 0 : -1
    if (item.tabIndex !== tabIndex) item.tabIndex = tabIndex
  }
}

/** Gives the group's element its one Tab stop: what is chosen, else the first. Items keep their own `onPress`. */
export function useRoving(role: RovingRole, columns = 1) {
  const ref = useRef<View>(null)
  const group = () => ref.current as unknown as Element | null
  const isNew = useRef(true)
  // After every drawing: what is chosen, and which items there are, may be other ones. But for the first in a turn of its own: a stop that
  // moves has the page's styles worked out, and what was drawn is to be seen first.
  useEffect(() => {
    const give = () => {
      const element = group()
      if (!element) return
      const items = itemsOf(element, role)
      const stop = items.find((item) => item === document.activeElement) ?? items.find(isChosen) ?? items[0]
      giveStop(items, stop)
    }
    if (isNew.current) {
      isNew.current = false
      return give()
    }
    const later = setTimeout(give)
    return () => clearTimeout(later)
  })
  const onKeyDown = (event: KeyboardEvent) => {
    const element = group()
    if (!element || event.ctrlKey || event.altKey || event.metaKey) return
    const items = itemsOf(element, role)
    const at = items.indexOf(event.target as HTMLElement)
    const next = at < 0 ? null : nextItem(event.key, at, items.length, columns)
    if (next === null) return
    event.preventDefault()
    event.stopPropagation()
    giveStop(items, items[next])
    items[next]?.focus()
  }
  // React Native's types know no keys; its web views take them.
  return { ref, ...({ onKeyDown } as object) }
}
