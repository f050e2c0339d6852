// The Back key closes the open sheet before it leaves the page. An open sheet puts a spare entry on the browser's history, a copy of the
// page's own; Back takes the spare away, and the sheet with it. A sheet closed by hand leaves its spare where it is: to take it back by
// program would race with the page that the same tap opens, or with a reload. It serves the next sheet, and a Back that finds only a
// spare goes on to what it was meant for.
import { useEffect, useEffectEvent } from 'react'

/** The browser's history, of which every entry has a name that stays with its place, also when a page is put in place of another. */
export interface HistoryPort {
  readonly here: () => string
  readonly pushCopy: () => void
  readonly back: () => void
}

export interface BackCloses {
  /** A sheet that opens; returns what to call when it is closed by hand. */
  readonly open: (close: () => void) => () => void
  /** The browser went back, from the entry of this name. */
  readonly onBack: (from: string) => void
}

export function createBackCloses(history: HistoryPort): BackCloses {
  const sheets: (() => void)[] = []
  const spares = new Set<string>()
  const putSpare = () => {
    if (spares.has(history.here())) return
    history.pushCopy()
    spares.add(history.here())
  }
  return {
    open(close) {
      sheets.push(close)
      putSpare()
      return () => {
        const at = sheets.lastIndexOf(close)
        if (at >= 0) sheets.splice(at, 1)
      }
    },
    onBack(from) {
      if (!spares.delete(from)) return
      const top = sheets.pop()
      if (!top) return history.back()
      if (sheets.length > 0) putSpare()
      top()
    },
  }
}

/** As far as it is used here; older browsers lack it, and there Back leaves the page as it always did. */
interface NavigationApi extends EventTarget {
  readonly currentEntry: { readonly key: string; readonly index: number } | null
}
interface EntryChange extends Event {
  readonly navigationType: string | null
  readonly from: { readonly key: string; readonly index: number }
}

let backCloses: BackCloses | null = null

function theBackCloses(): BackCloses | null {
  const { navigation } = window as { readonly navigation?: NavigationApi }
  if (!navigation || backCloses) return backCloses
  const { history } = window
  const made = createBackCloses({
    here: () => navigation.currentEntry?.key ?? '',
    pushCopy: () => history.pushState(history.state, ''),
    back: () => history.back(),
  })
  navigation.addEventListener('currententrychange', (event) => {
    const { navigationType, from } = event as EntryChange
    if (navigationType === 'traverse' && from.index > (navigation.currentEntry?.index ?? 0))
      made.onBack(from.key)
  })
  return (backCloses = made)
}

/** Of a sheet or pad: while `open`, Back closes it. */
export function useBackCloses(open: boolean, onClose: () => void): void {
  const close = useEffectEvent(onClose)
  useEffect(() => {
    if (open) return theBackCloses()?.open(() => close())
  }, [open])
}
