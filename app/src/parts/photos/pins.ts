// Pins on a photo: where they lie, what they may point at, and the edits they make. No rendering here.
import type { Photo, Pin } from '@oak/core/job/fields'
import { insulationName } from '@oak/core/motor/colour'
import { postName, type UnitType } from '@oak/core/wiring/unit-type'
import { goesToMotor, type Wire } from '@oak/core/wiring/wire'

export type PinTarget = Pick<Pin, 'kind' | 'of' | 'words'>

const share = (value: number, of: number): number =>
  Math.min(1, Math.max(0, Math.round((10_000 * value) / of) / 10_000))

/** A press on the shown picture as shares of its sides. */
export const pinAt = (
  x: number,
  y: number,
  shown: { readonly width: number; readonly height: number },
): { readonly x: number; readonly y: number } => ({ x: share(x, shown.width), y: share(y, shown.height) })

export const withPin = (
  photo: Photo,
  at: { readonly x: number; readonly y: number },
  target: PinTarget,
): Photo => ({ ...photo, pins: [...photo.pins, { ...at, ...target }] })
export const withoutPin = (photo: Photo, index: number): Photo => ({
  ...photo,
  pins: photo.pins.filter((_, i) => i !== index),
})

/** Posts of the unit, then the motor's wires. */
export function pinTargets(unit: UnitType | undefined, wires: Readonly<Record<string, Wire>>): PinTarget[] {
  const posts = (unit?.posts ?? []).map((p): PinTarget => ({
    kind: 'post',
    of: p.id,
    words: unit ? postName(unit, p.id) : p.id,
  }))
  const leads = Object.entries(wires)
    .filter(([, wire]) => goesToMotor(wire))
    .map(([id, wire]): PinTarget => {
      const last = wire.segments.at(-1)
      return {
        kind: 'wire',
        of: id,
        words: `${last ? insulationName(last) : 'unnamed'} wire on ${unit ? postName(unit, wire.from) : wire.from}`,
      }
    })
  return [...posts, ...leads]
}
