// How a motor is held.
export const MOUNTING_WAYS = ['base', 'band', 'shaft-end'] as const
/**
 * `base`: held at the end away from the shaft, so that the face moves by the difference of body length; `band`: held by a band that can
 * be set along the body, so that the face may stay; `shaft-end`: held at the face itself.
 */
export type MountingWay = (typeof MOUNTING_WAYS)[number]
