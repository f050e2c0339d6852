// Studs through a grille: long enough for washer and nut, short enough for a cap nut to seat.
import { inchText } from '../quantity/inches'

/** A stud and what it goes through, in. */
export interface StudInput {
  /** Stud that stands out of the motor, in. */
  readonly length: number
  /** Grille, plate and washers it goes through, in. */
  readonly through: number
  /** Height of the nut, in. */
  readonly nut: number
  /** How deep the cap nut takes a thread, in; null: open nuts. */
  readonly capDepth: number | null
}

/** Does the nut seat, and the cap nut on it? in. */
export interface StudVerdict {
  readonly verdict: 'fits' | 'too-short' | 'trim'
  /** Thread beyond what it goes through. */
  readonly out: number
  /** To be cut off; 0: nothing. */
  readonly trim: number
  readonly text: string
}

/** A full nut of thread at least; a cap nut seats when the thread ends before its bottom. Common practice, no source. */
export function judgeStud({ length, through, nut, capDepth }: StudInput): StudVerdict {
  const out = length - through
  if (out < nut - 1e-9)
    return {
      verdict: 'too-short',
      out,
      trim: 0,
      text: `The stud is ${inchText(nut - out)} too short for a full nut: longer studs, or another way of mounting.`,
    }
  const trim = capDepth === null ? 0 : out - capDepth
  if (trim > 1e-9)
    return {
      verdict: 'trim',
      out,
      trim,
      text: `Trim ${inchText(trim)} off the stud, or the cap nut bottoms before it is tight. Run a nut on first: backed off over the cut it mends the thread.`,
    }
  return { verdict: 'fits', out, trim: 0, text: 'The nut takes its full thread.' }
}
