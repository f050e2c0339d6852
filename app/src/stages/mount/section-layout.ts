// The section drawing to scale: old and new motor side by side from one mounting plane, the hub's line across both. No rendering here.
import type { BladePositionOutput } from '@oak/core/operations/blade-position'

export interface MotorDrawing {
  /** Of the middle of the shaft. */
  readonly x: number
  /** Face of the body from the plane, px; and tip of the shaft. */
  readonly face: number
  readonly tip: number
  /** Near side of the hub from the plane, px, and its length; null: not known. */
  readonly hub: number | null
  readonly hubLength: number
}

export interface SectionDrawing {
  readonly old: MotorDrawing | null
  readonly now: MotorDrawing | null
  readonly pixelsPerInch: number
  /** Where the hubs are, from the plane. */
  readonly line: number | null
  readonly shroud: number | null
}

export interface SectionInput {
  readonly end: BladePositionOutput['ends'][number]
  readonly oldHub: number | null
  readonly hubLength: number | null
  readonly shaft: number | null
  readonly shroud: number | null
  readonly width: number
  /** The most that anything may reach below the plane, px. */
  readonly reach: number
}

/** Drawn where it was not measured. */
const USUAL = { hub: 1.25, shaft: 5 } as const

export function drawSection({
  end,
  oldHub,
  hubLength,
  shaft,
  shroud,
  width,
  reach,
}: SectionInput): SectionDrawing {
  const hub = hubLength ?? USUAL.hub
  const oldTip = end.oldFace === null ? 0 : end.oldFace + Math.max(USUAL.shaft, (oldHub ?? 0) + hub + 0.5)
  const newTip = end.newFace === null ? 0 : end.newFace + (shaft ?? USUAL.shaft)
  const longest = Math.max(oldTip, newTip, shroud ?? 0, (end.hubFromPlane ?? 0) + hub, 4)
  const pixelsPerInch = reach / longest
  const motor = (x: number, face: number | null, tip: number, at: number | null): MotorDrawing | null =>
    face === null
      ? null
      : {
          x,
          face: face * pixelsPerInch,
          tip: tip * pixelsPerInch,
          hub: at === null ? null : at * pixelsPerInch,
          hubLength: hub * pixelsPerInch,
        }
  return {
    old: motor(
      width * 0.27,
      end.oldFace,
      oldTip,
      end.oldFace !== null && oldHub !== null ? end.oldFace + oldHub : null,
    ),
    now: motor(width * 0.73, end.newFace, newTip, end.hubFromPlane),
    pixelsPerInch,
    line: end.hubFromPlane === null ? null : end.hubFromPlane * pixelsPerInch,
    shroud: shroud === null ? null : shroud * pixelsPerInch,
  }
}
