// The can as a hand wired it, where that is otherwise than planned: the edits of its picture, and what is drawn. No rendering here.
import type { TapPlan } from '@oak/core/capacitor/tap-plan/plan'
import type { JobDocument } from '@oak/core/job/document'
import { plannedJumpers } from '@oak/core/wiring/can-as-put'
import type { CanAsPut, CanJumper } from '@oak/core/wiring/new-can'
import type { PostId } from '@oak/core/wiring/unit-type'
import { unitTypeFor } from '@oak/core/wiring/unit-types'
import { goesToMotor } from '@oak/core/wiring/wire'
import type { Edit } from '../../platform/state/jobs'

/** The jumpers as they are on: as put, else as planned. */
export const jumpersNow = (
  put: CanAsPut | null,
  plan: Pick<TapPlan, 'groups'> | null,
): readonly CanJumper[] => put?.jumpers ?? plannedJumpers(plan?.groups ?? [])

/** A press on two posts: the jumper between them comes off, or a new one goes on. */
export function withJumper(jumpers: readonly CanJumper[], a: PostId, b: PostId): CanJumper[] {
  const others = jumpers.filter((j) => !((j.from === a && j.to === b) || (j.from === b && j.to === a)))
  return others.length < jumpers.length ? others : [...others, { from: a, to: b }]
}

/** The unit's wires that the compressor's side of the old can had. */
export const compressorWires = ({ unit, wires }: Pick<JobDocument, 'unit' | 'wires'>): string[] => {
  const post = unit && unitTypeFor(unit)?.posts.find((p) => p.kind === 'cap-compressor')?.id
  return Object.entries(wires)
    .filter(([, wire]) => post && !goesToMotor(wire) && (wire.from === post || wire.to === post))
    .map(([id]) => id)
}

type Shown = Pick<JobDocument, 'canPut'>

/** A jumper put on or taken off. */
export const jumperEdits = (
  job: Shown,
  plan: Pick<TapPlan, 'groups'> | null,
  [a, b]: readonly [PostId, PostId],
): Edit[] =>
  putEdits({
    jumpers: withJumper(jumpersNow(job.canPut, plan), a, b),
    wires: job.canPut?.wires ?? [],
  })

/** Wires of the unit moved to another post of the can. */
export const wireEdits = (
  job: Shown,
  plan: Pick<TapPlan, 'groups'> | null,
  { ids, post }: { readonly ids: readonly string[]; readonly post: PostId },
): Edit[] =>
  putEdits({
    jumpers: [...jumpersNow(job.canPut, plan)],
    wires: [
      ...(job.canPut?.wires ?? []).filter(({ wire }) => !ids.includes(wire)),
      ...ids.map((wire) => ({ wire, post })),
    ],
  })

const putEdits = (put: CanAsPut): Edit[] => [{ path: ['canPut'], value: put }]
