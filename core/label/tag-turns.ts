// Which leads a tag joins for a direction: "CW: PURPLE TO YELLOW, ORANGE TO GRAY. CCW: PURPLE TO ORANGE, YELLOW TO GRAY".
import { insulationCode, type Insulation } from '../motor/colour'
import type { Direction } from '../rotation/view'
import { takeColour } from './tag-colours'

/** The pairs that a tag joins for one direction. */
export interface SaidTurn {
  readonly direction: Direction
  readonly join: readonly (readonly [Insulation, Insulation])[]
  /** A colour or a join of this direction was left over, or a lead is in two pairs: not all of it was understood. */
  readonly isCut: boolean
}

/** What tags print between the two leads of a pair; “with” is of a stripe. Common practice, no source. */
const JOINS = /^(to|and|&|\+|-|–|=|→)$/i
const DIRECTIONS: readonly (readonly [RegExp, Direction])[] = [
  [/^(c\.?c\.?w\.?|counter-?clockwise|anti-?clockwise)\W*$/i, 'CCW'],
  [/^(c\.?w\.?|clockwise)\W*$/i, 'CW'],
]
/** Where a tag goes on to something else, the direction is over. */
const OVER =
  /^(common|com|run|start|return|ground|gnd|cap|capacitor|mfd|hp|rpm|volts?|amps?|high|med|medium|low)$/i

/** The directions that a text joins leads for, and the text without those joins. A direction without a pair is left where it is. */
export function takeTurns(text: string): { readonly turns: readonly SaidTurn[]; readonly rest: string } {
  // A line's end is a word of its own, so that what is taken leaves the other lines as they are.
  const words = text
    .replace(/\n/g, ' \n ')
    .split(/[ \t]+/)
    .filter(Boolean)
  const joins = new Map<Direction, [Insulation, Insulation][]>()
  const cut = new Set<Direction>()
  const rest: string[] = []
  let now: Direction | null = null
  for (let i = 0; i < words.length;) {
    const pair: ReturnType<typeof takePair> = now ? takePair(words.slice(i)) : null
    if (now && pair) {
      joins.set(now, [...(joins.get(now) ?? []), pair.pair])
      i += pair.taken
      continue
    }
    const word = words[i] ?? ''
    const direction = DIRECTIONS.find(([pattern]) => pattern.test(word))?.[1]
    if (direction) now = direction
    else if (OVER.test(bare(word))) now = null
    else if (now && isOpen(words.slice(i))) cut.add(now)
    rest.push(word)
    i += 1
  }
  const turns = [...joins].map(([direction, join]): SaidTurn => ({
    direction,
    join,
    isCut: cut.has(direction) || hasTwice(join),
  }))
  // Directions that joined something have been told: their names are no piece of the rest.
  const told = (word: string) =>
    DIRECTIONS.some(([pattern, direction]) => pattern.test(word) && joins.has(direction))
  return {
    turns,
    rest: rest
      .filter((word) => !told(word))
      .join(' ')
      .replace(/ ?\n ?/g, '\n'),
  }
}

/** A lead is joined to one other. */
function hasTwice(join: SaidTurn['join']): boolean {
  const codes = join.flat().map(insulationCode)
  return new Set(codes).size < codes.length
}

/** A colour that nothing joins, or a join between what is no colour. A colour that is named with what it is for is a lead of its own. */
const isOpen = (words: readonly string[]): boolean => {
  const clean = words.slice(0, 8).map(bare)
  if (JOINS.test(words[0] ?? '')) return /[\p{L}&+=→]/u.test(words[0] ?? '')
  const colour = takeColour(clean)
  return colour !== null && !OVER.test(clean.slice(colour.taken).find((word) => word !== '') ?? '')
}

const bare = (word: string): string => word.replace(/^[^\p{L}\p{N}]+|[^\p{L}\p{N}]+$/gu, '')

/** Two colours with a join between them, at the start of the words. */
function takePair(
  words: readonly string[],
): { readonly pair: [Insulation, Insulation]; readonly taken: number } | null {
  const clean = words.slice(0, 12).map((word) => (JOINS.test(word) ? word : bare(word)))
  const from = takeColour(clean)
  if (!from || !JOINS.test(clean[from.taken] ?? '')) return null
  const to = takeColour(clean.slice(from.taken + 1))
  return to ? { pair: [from.insulation, to.insulation], taken: from.taken + 1 + to.taken } : null
}

/** "VT–YE OG–GY": the same whatever comes first. */
export const turnKey = ({ direction, join }: SaidTurn): string =>
  `${direction} ${join
    .map((pair) => pair.map(insulationCode).sort().join('–'))
    .sort()
    .join(' ')}`
