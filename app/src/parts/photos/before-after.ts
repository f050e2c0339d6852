// Which two photos are laid over each other, what they are called, and how one of another shape stands in the frame. No rendering here.
import type { Photo } from '@oak/core/job/fields'

export type Photos = Readonly<Record<string, Photo>>

const byTime = (photos: Photos): [string, Photo][] =>
  Object.entries(photos).sort(([, a], [, b]) => a.takenAt - b.takenAt)

/** The first that shows what was found and the last that shows what was left; where nobody said, the first and the last of all. null: there are not two. */
export function usualPair(photos: Photos): { readonly before: string; readonly after: string } | null {
  const all = byTime(photos)
  const before = (all.find(([, p]) => p.work === 'before') ??
    all.find(([, p]) => p.work !== 'after') ??
    all[0])?.[0]
  const rest = all.filter(([id]) => id !== before)
  const after = (rest.filter(([, p]) => p.work === 'after').at(-1) ?? rest.at(-1))?.[0]
  return before !== undefined && after !== undefined ? { before, after } : null
}

const WORK = { before: 'before', after: 'after' } as const

/** In order of time: "1: Old wiring (before)". */
export const photoNames = (photos: Photos): { readonly value: string; readonly text: string }[] =>
  byTime(photos).map(([value, { caption, work }], i) => ({
    value,
    text: `${i + 1}: ${caption || 'no words'}${work ? ` (${WORK[work]})` : ''}`,
  }))

/** As large as it goes into a frame, whole and in the middle, as shares of the frame; so a share of the photo is a share of this. */
export function within(
  photo: Pick<Photo, 'width' | 'height'>,
  frame: Pick<Photo, 'width' | 'height'>,
): { readonly left: number; readonly top: number; readonly width: number; readonly height: number } {
  const ratio = photo.width / photo.height / (frame.width / frame.height)
  const width = Math.min(1, ratio)
  const height = Math.min(1, 1 / ratio)
  return { left: (1 - width) / 2, top: (1 - height) / 2, width, height }
}
