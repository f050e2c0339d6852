// A hard-start kit on the compressor: from its start section to the can's protected terminal where there is one, else to C.
// Past the protected terminal its fuse cannot open when the kit fails (common practice).
import { compressorPosts } from '../../wiring/compressor-posts'
import { NEW_C, PROTECTED_POST } from '../../wiring/new-can'
import type { PostId } from '../../wiring/unit-type'
import { stop, type Hazard } from '../hazard'
import { running, type ProofView } from '../view'

/** A hard-start kit whose far end is on `farEnd`: on the compressor's group, and past the fuse where the can has one. None where it is null. */
export function checkHardStart(view: ProofView, farEnd: PostId | null): Hazard[] {
  if (farEnd === null) return []
  const compressor = compressorPosts(view.hookup.unit)
  if (!compressor || view.hookup.unit.traits.capacitor !== 'shared')
    return [
      stop(
        'hard-start-misplaced',
        'A hard-start kit belongs to a compressor that shares this can; here there is none.',
      ),
    ]
  if (farEnd === PROTECTED_POST)
    return view.hookup.can.protectedStart
      ? []
      : [stop('hard-start-misplaced', 'This can has no protected terminal: the hard-start kit goes to C.')]
  if (view.hookup.can.protectedStart && running(view).copper.joined(farEnd, NEW_C))
    return [
      stop(
        'hard-start-unprotected',
        'The hard-start kit is on C, past the can’s protected terminal: its fuse cannot open when the kit fails. Put it on the protected terminal.',
      ),
    ]
  if (!running(view).copper.joined(farEnd, NEW_C))
    return [
      stop(
        'hard-start-misplaced',
        'The hard-start kit must bridge the compressor’s start section and C: its far end is elsewhere.',
      ),
    ]
  return []
}
