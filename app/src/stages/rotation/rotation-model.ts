// The rotation finder's entries: its sources in order, and how a housing is drawn. No rendering here.
import type { JobDocument } from '@oak/core/job/document'
import { airLeaving, type AirWay, type Outlet, type RotationSource } from '@oak/core/rotation/finder'

export const KINDS: readonly { readonly kind: RotationSource['kind']; readonly text: string }[] = [
  { kind: 'propeller', text: 'blade' },
  { kind: 'wheel-outlet', text: 'outlet' },
  { kind: 'wheel-cups', text: 'wheel' },
  { kind: 'short-test', text: 'test' },
  { kind: 'nameplate', text: 'plate' },
]

/** In the order they are asked for; the operation's own order does not matter. A direction on the old motor's plate is one of them by itself. */
export function sourcesOf({
  rotationSources,
  motorPlate,
}: Pick<JobDocument, 'rotationSources' | 'motorPlate'>) {
  const plate: RotationSource | null = motorPlate?.rotation
    ? { kind: 'nameplate', ...motorPlate.rotation }
    : null
  return KINDS.flatMap(({ kind }): RotationSource[] => {
    const source = rotationSources[kind] ?? (kind === 'nameplate' ? plate : null)
    return source ? [source] : []
  })
}

/** The way air leaves, from the outlet's place and which way round the housing is drawn: to the right at the top is clockwise. */
export const airAt = (outlet: Outlet, drawn: 'right' | 'left'): AirWay =>
  airLeaving(outlet, drawn === 'right' ? 'CW' : 'CCW')
export const drawnAs = ({
  outlet,
  air,
}: {
  readonly outlet: Outlet
  readonly air: AirWay
}): 'right' | 'left' => (airAt(outlet, 'right') === air ? 'right' : 'left')
