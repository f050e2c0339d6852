// The letters that do what a tap does, while no field and no sheet has the keys.
import { useEffect, useEffectEvent } from 'react'
import { isSheetOpen } from '../../ui/open-sheets'

export interface Shortcut {
  readonly key: string
  /** As the list under "?" says it. */
  readonly does: string
  readonly run: () => void
}

/** Where a letter is a letter. */
const TAKES_LETTERS = 'input, textarea, select, [contenteditable="true"], [role="spinbutton"]'

/** Whether a key is meant for the page: no modifier, no field, no sheet over it. */
function isForPage(event: Pick<KeyboardEvent, 'ctrlKey' | 'metaKey' | 'altKey' | 'target'>): boolean {
  if (event.ctrlKey || event.metaKey || event.altKey) return false
  if (isSheetOpen()) return false
  return !(event.target instanceof Element && event.target.closest(TAKES_LETTERS))
}

export function useShortcuts(shortcuts: readonly Shortcut[]): void {
  const heard = useEffectEvent((event: KeyboardEvent) => {
    const shortcut = shortcuts.find(({ key }) => key === event.key)
    if (!shortcut || event.repeat || !isForPage(event)) return
    event.preventDefault()
    shortcut.run()
  })
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => heard(event)
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [])
}

/** Put on what holds the page's next action. */
export const NEXT_ACTION = { dataSet: { nextAction: '' } } as object

/** The one next action of the page; what is to be held gets the focus instead, for the hold by Enter. */
export function pressNext(): void {
  const next = document.querySelector<HTMLElement>(
    '[data-next-action] button, [data-next-action] [role="button"]',
  )
  if (next?.dataset.hold === undefined) next?.click()
  else next.focus()
}
/** What the page says of the hookup; it has the focus, and is read out. */
export const goToVerdict = (): void => document.querySelector<HTMLElement>('[data-verdict]')?.focus()
