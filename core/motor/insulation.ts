// What a winding's ohms to the frame say of its insulation: one limit for whoever reads it.

/** A good winding reads a megohm or more to the frame; in ohms to kilohms it has gone to ground. Common practice, no source. */
export const FRAME_OHMS = { good: 1_000_000, grounded: 100_000 } as const

/** `suspect`: damp or failing, between the two. */
export type FrameVerdict = 'good' | 'suspect' | 'grounded'

/** Of ohms to the frame, OL among them. */
export function insulationOf(ohms: number | 'OL'): FrameVerdict {
  if (ohms === 'OL' || ohms >= FRAME_OHMS.good) return 'good'
  return ohms < FRAME_OHMS.grounded ? 'grounded' : 'suspect'
}
