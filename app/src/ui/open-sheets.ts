// Whether a sheet is over the page: then letters, Escape and the focus are the sheet's. Asked of this, not of the page's dialogs: the
// framework names a sheet one only some time after it is seen, and a quick key came before that.
import { useLayoutEffect } from 'react'

let open = 0
export const isSheetOpen = (): boolean => open > 0

/** Of a sheet: from when it is seen. */
export function useSheetOpen(isOpen: boolean): void {
  useLayoutEffect(() => {
    if (!isOpen) return
    open++
    return () => void open--
  }, [isOpen])
}
