// Posts and wires of a job by the names they have on its unit.
import { sectionPost } from '../../wiring/new-can'
import { hookupPosts } from '../../wiring/hookup-posts'
import { goesToMotor, type Wire } from '../../wiring/wire'
import { postName } from '../../wiring/unit-type'
import { unitTypeFor } from '../../wiring/unit-types'
import type { JobDocument } from '../document'

/** "T1 on the contactor", "the 5 µF section of the new can"; as it is called in the record where the unit has no such post. */
export function postWords({ unit, can }: Pick<JobDocument, 'unit' | 'can'>, post: string): string {
  const type = unit ? unitTypeFor(unit) : undefined
  if (!type) return post
  const found = hookupPosts(type, can ?? { sections: [] }).find((p) => p.id === post)
  if (found) return found.name
  // Of a can that was changed since: its section by its own name.
  const section = post.startsWith(sectionPost('')) ? post.slice(sectionPost('').length) : null
  return section === null ? postName(type, post) : `section ${section} of the new can`
}

/** "T1 on the contactor to the motor". */
export const wireEnds = (job: Pick<JobDocument, 'unit' | 'can'>, wire: Pick<Wire, 'from' | 'to'>): string =>
  `${postWords(job, wire.from)} to ${goesToMotor(wire) ? 'the motor' : postWords(job, wire.to)}`
