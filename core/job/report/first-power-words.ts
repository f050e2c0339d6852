// What the fan did at the first power, as an owner is told.
import { FIRST_POWER, type FirstPower } from '../../startup/first-power'
import type { JobDocument } from '../document'

/** As part of a sentence. */
export const PLAIN_FIRST: Readonly<Record<Exclude<FirstPower, 'right'>, string>> = {
  backwards: 'the fan turned the wrong way',
  hums: 'the motor hummed and did not start',
  nothing: 'the fan did not start',
  trips: 'the breaker or fuse opened',
  'cuts-out': 'the motor ran and then cut out',
  noise: 'the fan made a noise',
}

/** What was seen last; undefined: nothing is on record. */
export const firstPower = ({ startup }: JobDocument): FirstPower | undefined =>
  FIRST_POWER.find((seen) => seen === startup.turned)
