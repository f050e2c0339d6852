// The can seen from the top: C in the middle, sections around it. Plain geometry in a 300 x 300 field.
import type { Section } from '@oak/core/capacitor/can'

export interface SectionSpot {
  readonly section: Section
  readonly x: number
  readonly y: number
  /** Radius of the post's circle: larger for larger sections. */
  readonly r: number
}

export const CENTRE = 150
const RING = 92

/** Sections clockwise from the top, in the order they are listed. */
export function placeSections(sections: readonly Section[]): SectionSpot[] {
  const most = Math.max(...sections.map((s) => s.microfarads))
  const room = sections.length > 1 ? RING * Math.sin(Math.PI / sections.length) - 4 : 40
  return sections.map((section, i) => {
    const angle = (2 * Math.PI * i) / sections.length - Math.PI / 2
    const r = Math.max(13, Math.min(room, 20 + 14 * Math.sqrt(section.microfarads / most), 34))
    return { section, x: CENTRE + RING * Math.cos(angle), y: CENTRE + RING * Math.sin(angle), r }
  })
}

/** A jumper keeps this far from the middle of C. */
const CLEAR_OF_C = 46

/** A jumper from post to post: straight, or bowed where it would run over C. */
export function jumperPath(a: SectionSpot, b: SectionSpot): string {
  const mx = (a.x + b.x) / 2
  const my = (a.y + b.y) / 2
  const away = Math.hypot(mx - CENTRE, my - CENTRE)
  if (away >= CLEAR_OF_C - 3) return `M${a.x} ${a.y}L${b.x} ${b.y}`
  // Outwards from C; for posts right across from each other, to the side.
  const length = Math.hypot(b.x - a.x, b.y - a.y)
  const [ox, oy] = away > 1 ? [(mx - CENTRE) / away, (my - CENTRE) / away] : [(a.y - b.y) / length, (b.x - a.x) / length]
  const push = 2 * (CLEAR_OF_C - away)
  return `M${a.x} ${a.y}Q${mx + ox * push} ${my + oy * push} ${b.x} ${b.y}`
}
