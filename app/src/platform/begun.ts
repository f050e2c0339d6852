// The start that stands in the page's HTML before the app is there (public/begin.js): it is taken away when the app has come.

/** When its button was tapped, ms on the page's clock; null: it was not, or it is long gone. */
export function leaveBegin(): number | null {
  const page = document.getElementById('begin')
  const at = page?.querySelector('a')?.dataset.tappedAt
  page?.remove()
  delete document.documentElement.dataset.begin
  return at === undefined ? null : Number(at)
}

/** For the next visit: what was chosen here overrules the device from the first paint on. */
export function keepLook(look: 'device' | 'day' | 'night'): void {
  try {
    if (look === 'device') localStorage.removeItem('look')
    else localStorage.setItem('look', look)
  } catch {
    // A browser that keeps nothing shows the device's look until the app is there.
  }
}
