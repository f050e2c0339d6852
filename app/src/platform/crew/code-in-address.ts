// The code that a picture's address brings, as “…/pair#7K3M9QTX”: read before the router has the address, and taken out of it once it is used.

export const codeInAddress = (): string => /^#([\w-]{4,40})$/.exec(window.location.hash)?.[1] ?? ''

/** None is left in the browser's history. */
export function clearAddress(): void {
  const { hash, pathname } = window.location
  if (hash !== '') window.history.replaceState(window.history.state, '', pathname)
}
