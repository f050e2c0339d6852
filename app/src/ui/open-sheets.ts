// Whether a sheet is over the page: then letters, Escape and the focus are the sheet's. Asked of this, not of the page's dialogs: the
// framework names a sheet one only some time after it is seen, and a quick key came before that. Escape is therefore heard here too:
// the framework's own ear for it opens as late.
import { useEffectEvent, useLayoutEffect } from 'react'

const open: (() => void)[] = []
export const isSheetOpen = (): boolean => open.length > 0

/** Escape closes the sheet on top, and is nothing else meanwhile: heard before any part of the page hears it. */
function onKey(event: KeyboardEvent): void {
  if (event.key !== 'Escape' || event.isComposing) return
  event.stopPropagation()
  if (!event.repeat) open.at(-1)?.()
}

/** Of a sheet: from when it is seen. */
export function useSheetOpen(isOpen: boolean, onClose: () => void): void {
  const close = useEffectEvent(onClose)
  useLayoutEffect(() => {
    if (!isOpen) return
    const sheet = () => close()
    if (open.push(sheet) === 1) window.addEventListener('keydown', onKey, true)
    return () => {
      open.splice(open.lastIndexOf(sheet), 1)
      if (open.length === 0) window.removeEventListener('keydown', onKey, true)
    }
  }, [isOpen])
}
