// What each load has of the can as its jumpers are on: the sections that copper joins to the post its wire is on.
import type { SectionId } from '../capacitor/can'
import type { Jumper, TapGroup } from '../capacitor/tap-plan/plan'
import { Conductors } from './conductors'
import { sectionPost, type CanJumper, type FittedCan } from './new-can'
import type { PostId } from './unit-type'

type Wired = Pick<FittedCan, 'sections' | 'jumpers'>

/** The jumpers of a plan, as posts. */
export const plannedJumpers = (groups: readonly Pick<TapGroup, 'jumpers'>[]): CanJumper[] =>
  groups.flatMap(({ jumpers }) =>
    jumpers.map(({ from, to }) => ({ from: sectionPost(from), to: sectionPost(to) })),
  )

/**
 * The planned groups with the sections, jumpers and µF that each has now. `wireOn`: the posts that a load's wires are on; a load whose
 * wire is on no section keeps what was planned for it.
 */
export function groupsAsPut(
  can: Wired,
  planned: readonly TapGroup[],
  wireOn: (load: string) => readonly PostId[],
): TapGroup[] {
  return planned.map((plan): TapGroup => {
    const lead = can.sections.find((s) => wireOn(plan.load).includes(sectionPost(s.id)))?.id
    if (lead === undefined) return plan
    const sections = behind(can, sectionPost(lead), can.jumpers)
    const microfarads = valueOf(can, sections)
    const wanted = plan.microfarads / (1 + plan.errorPercent / 100)
    return {
      load: plan.load,
      sections: [...sections].sort((a, b) => valueOf(can, [b]) - valueOf(can, [a])),
      lead,
      jumpers: jumperShares(can, sectionPost(lead)),
      microfarads,
      errorPercent: 100 * (microfarads / wanted - 1),
      jumperShare: 1 - valueOf(can, [lead]) / microfarads,
    }
  })
}

/**
 * Of the jumpers that a wire's post reaches, each named outward from it, the share of its current that each carries: that of the sections
 * behind it (parallel capacitors share by value).
 */
export function jumperShares(can: Wired, post: PostId): Jumper[] {
  const own = behind(can, post, can.jumpers)
  const total = valueOf(can, own)
  return can.jumpers.flatMap((jumper): Jumper[] => {
    const [a, b] = [jumper.from, jumper.to].map(
      (end) => can.sections.find((s) => sectionPost(s.id) === end)?.id,
    )
    if (a === undefined || b === undefined || !own.includes(a)) return []
    const near = behind(
      can,
      post,
      can.jumpers.filter((other) => other !== jumper),
    )
    const [from, to] = near.includes(a) ? [a, b] : [b, a]
    return [{ from, to, share: 1 - valueOf(can, near) / total }]
  })
}

/** The sections that jumpers join to a post, its own among them. */
function behind({ sections }: Wired, post: PostId, jumpers: readonly CanJumper[]): SectionId[] {
  const copper = new Conductors()
  jumpers.forEach(({ from, to }) => copper.join(from, to))
  return sections.filter((s) => copper.joined(sectionPost(s.id), post)).map((s) => s.id)
}

const valueOf = ({ sections }: Wired, ids: readonly SectionId[]): number =>
  sections.filter((s) => ids.includes(s.id)).reduce((sum, s) => sum + s.microfarads, 0)
