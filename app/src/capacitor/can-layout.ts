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

/** A jumper from post to post, bowed outwards so that it does not cross C. */
export function jumperPath(a: SectionSpot, b: SectionSpot): string {
  const mx = (a.x + b.x) / 2
  const my = (a.y + b.y) / 2
  const away = Math.hypot(mx - CENTRE, my - CENTRE) || 1
  const push = 34
  const straightAcross = away < 20
  const cx = straightAcross ? mx + (a.y - b.y) * 0.35 : mx + ((mx - CENTRE) / away) * push
  const cy = straightAcross ? my + (b.x - a.x) * 0.35 : my + ((my - CENTRE) / away) * push
  return `M${a.x} ${a.y}Q${cx} ${cy} ${b.x} ${b.y}`
}
