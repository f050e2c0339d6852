// What the pairing form asks for. No rendering here.

/** What keeps the form from being sent; null: nothing. */
export function whatIsMissing(code: string, name: string): string | null {
  if (code.trim() === '') return 'Enter the code first.'
  return name.trim() === '' ? 'Give the phone a name, such as “Van 2”.' : null
}
