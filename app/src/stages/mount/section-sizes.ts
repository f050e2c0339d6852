// The section’s own measures, in its own pixels.

export const WIDTH = 360

export const TOP = 34

export const REACH = 290
