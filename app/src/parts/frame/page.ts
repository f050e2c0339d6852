// A screen is entered like a page: its name in the tab, and after a step inside the app the focus on its heading, which is read out.
import { useEffect, useLayoutEffect, useRef } from 'react'
import type { Text } from 'react-native'
import { isSheetOpen } from '../../ui/open-sheets'

/** The first page of a visit leaves the focus where the browser has it: at the top. */
let hasArrived = false

/** `title`: "Hookup board"; `of`: the job. Give the ref to the page's heading. */
export function usePage(title: string, of = '') {
  const heading = useRef<Text>(null)
  useEffect(() => {
    document.title = [title, of, 'Oak Switch'].filter(Boolean).join(' · ')
  }, [title, of])
  // Before it is painted: later, it would take the focus from what a quick key has just reached.
  useLayoutEffect(() => {
    // A sheet that is open over the new page keeps the focus.
    if (hasArrived && !isSheetOpen())
      (heading.current as unknown as HTMLElement | null)?.focus({ preventScroll: true })
    hasArrived = true
  }, [title])
  return heading
}
