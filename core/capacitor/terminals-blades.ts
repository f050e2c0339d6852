// Spade blades on the posts of a dual can: usually most on C, fewer on HERM, fewest on FAN. Common practice, no source; a hint only.
import type { PostFinding, PostRole } from './terminal-finding'

/** What the number of blades on each post hints at: most on C, fewest on FAN. Common practice, no source; never proof. */
export interface BladeHint {
  readonly posts: readonly { readonly post: string; readonly is: PostRole | null }[]
  /** Against what the readings told; null when they told nothing that the blades speak of. */
  readonly agrees: boolean | null
  readonly words: string
}

const ORDER: readonly PostRole[] = ['C', 'HERM', 'FAN']

/** Posts with the same count are left open. */
export function bladeHint(
  posts: readonly string[],
  blades: Readonly<Record<string, number>>,
  found: readonly PostFinding[],
): BladeHint {
  const sorted = [...posts].sort((a, b) => (blades[b] ?? 0) - (blades[a] ?? 0))
  const tied = (post: string) => posts.filter((p) => blades[p] === blades[post]).length > 1
  const guesses = posts.map((post) => ({
    post,
    is: tied(post) ? null : (ORDER[sorted.indexOf(post)] ?? null),
  }))
  const both = guesses.flatMap(({ post, is }) => {
    const told = found.find((f) => f.post === post)?.is ?? null
    return is && told ? [{ post, is, told }] : []
  })
  const against = both.filter(({ is, told }) => is !== told)
  const agrees = both.length === 0 ? null : against.length === 0
  const said = guesses
    .filter((g) => g.is)
    .map((g) => `${g.post} ${g.is}`)
    .join(', ')
  const words =
    said === ''
      ? 'The blade counts are alike and say nothing.'
      : agrees === false
        ? `The blades would make ${against.map((a) => `${a.post} ${a.is}`).join(', ')}, against the readings. The readings count; blades are only custom.`
        : `The blades, by custom, make ${said}${agrees ? ', as the readings do' : ''}.`
  return { posts: guesses, agrees, words }
}
