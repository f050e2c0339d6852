/** Do these words stand on the page already, in whatever part of it? White space does not count. */
export const isSaid = (text: string, page: { readonly textContent: string | null }): boolean =>
  plain(page.textContent ?? '').includes(plain(text))

const plain = (text: string): string => text.replace(/\s+/g, ' ').trim()
