// A drawing worked by hand, for the tests of mounting: in the core and in its pictures.
import type { ShaftEnd } from '../mounting/blade-position'

/**
 * The motor hangs from the grille by its base: old body 6 1/2 in, hub's near side 2 in from its face, so 8 1/2 in from the grille. New
 * body 5 1/2 in: the same 8 1/2 in from the grille is 3 in from the new face, an inch further out. Hub 1 1/4 in long, so its far side is
 * at 4 1/4 in; on a 5 in shaft 3/4 in is left. The set screw in the middle of the hub is at 3 5/8 in; a flat of 2 in reaches down to
 * 3 in: it bites. With a flat of 1 in it begins at 4 in: 3/8 in short.
 */
export const DRAWN: ShaftEnd = {
  way: 'base',
  oldBody: 6.5,
  newBody: 5.5,
  band: null,
  oldHub: 2,
  shroud: null,
  hubToEdge: 0,
  hubLength: 1.25,
  shaft: 5,
  flat: 2,
  screw: null,
  roomBeyond: null,
}
