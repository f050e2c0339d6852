// How each line of the supply is told from the others on a post: a word and a pattern, never a colour alone.
import type { PostFace } from './PostColumn'

/** In the order of the supply's lines. */
export const LINE_FACES = {
  line1: { word: 'line 1', pattern: 'stripes' },
  line2: { word: 'line 2', pattern: 'dots' },
  line3: { word: 'line 3', pattern: 'bars' },
} as const satisfies Readonly<
  Record<string, { readonly word: string; readonly pattern: NonNullable<PostFace['pattern']> }>
>
