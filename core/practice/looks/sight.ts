// What is seen and heard of a unit as it stands now, by somebody who only looks.
import type { UnitType } from '../../wiring/unit-type'
import { runUnit } from '../electricity/running'
import { isCalled, type Stand } from '../electricity/stand'
import type { Pair } from '../unit/truth'
import { compressorDoes, type CompressorDoes } from './compressor'
import { fanDoes, type FanDoes } from './fan'

export const FAN_SEEN = ['stands', 'hums', 'runs', 'backwards', 'noisy', 'hot'] as const
/** How the fan is seen to be; how fast is for who measures. */
export type FanSeen = (typeof FAN_SEEN)[number]

/** What is seen, and in a sentence. */
export interface Sight {
  readonly fan: FanSeen
  readonly compressor: Exclude<CompressorDoes, 'breaker'> | null
  readonly words: string
}

const SEEN: Readonly<Record<FanDoes, FanSeen>> = {
  dead: 'stands',
  hums: 'hums',
  push: 'hums',
  slow: 'runs',
  backwards: 'backwards',
  trips: 'hot',
  noisy: 'noisy',
  'wrong-speed': 'runs',
  'stays-on': 'runs',
  right: 'runs',
}
const FAN_WORDS: Readonly<Record<FanSeen, string>> = {
  stands: 'stands still, and makes no sound',
  hums: 'hums, and does not turn',
  runs: 'turns',
  backwards: 'turns, and the air goes the wrong way',
  noisy: 'turns, with a noise',
  hot: 'turns, and its motor gets too hot to touch',
}
const COMPRESSOR_WORDS: Readonly<Record<NonNullable<Sight['compressor']>, string>> = {
  silent: 'the compressor is silent',
  hums: 'the compressor hums, and does not start',
  trips: 'the compressor hums, and clicks out',
  right: 'the compressor runs',
}
const fanName = ({ traits }: UnitType) => (traits.fan === 'blower' ? 'The blower' : 'The fan')

function fanSeen(pair: Pair, stand: Stand): FanSeen {
  if (runUnit(pair.truth, stand).direction === 0 && !isCalled(pair.truth, stand)) return 'stands'
  return SEEN[fanDoes(pair, stand.thermostat, stand)]
}

/** As it stands, switches and leads as they were left. */
export function sightOf(pair: Pair, stand: Stand): Sight {
  const { unit } = pair.truth
  const does = compressorDoes(pair.truth, stand)
  const compressor = does === 'breaker' ? 'silent' : does
  const fan = stand.disconnect === 'open' ? 'stands' : fanSeen(pair, stand)
  const beside = compressor === null ? '' : `; ${COMPRESSOR_WORDS[compressor]}`
  return { fan, compressor, words: `${fanName(unit)} ${FAN_WORDS[fan]}${beside}.` }
}
