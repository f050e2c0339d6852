// One thing that a picture of a plate seems to say.
import type { PieceKind } from '../piece'
import type { Box } from './words'

/** Which plate a picture is of. */
export type PhotographedPlate = 'motor' | 'unit' | 'can'

/** A figure of a plate, for a person to take or to correct. */
export interface Proposal {
  /** What it is; of each there may be several. */
  readonly field: PieceKind | 'capacitor-volts'
  /** As it was read and mended: a line that the reader of typed lines understands. */
  readonly text: string
  /** In the trade's words. */
  readonly means: string
  /** Where it stands on the picture. */
  readonly box: Box
  /** How sure the reader of letters was, 0 to 100. */
  readonly confidence: number
}
