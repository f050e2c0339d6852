// Which post of an unmarked dual can is C, HERM and FAN, from the three readings between its posts, taken pair by pair.
// With C shared, C-HERM reads a, C-FAN reads b, and HERM-FAN reads ab/(a+b), the smallest (series capacitors, textbook).
import { known, first } from '../quantity/at'
import { figure, microfaradsText } from '../quantity/display'
import { readingInterval, type Interval, type MeterAccuracy } from '../quantity/interval'
import { OPEN_MICROFARADS, type MeterReading } from './bench'
import type { Certainty, PostFinding } from './terminal-finding'
import { bladeHint, type BladeHint } from './terminals-blades'
import { toleranceVerdict, type ToleranceVerdict } from './verdict'

/** One reading between two posts, µF or OL. */
export interface PairReading {
  readonly between: readonly [string, string]
  readonly microfarads: MeterReading
}

/** Three posts without marks, read pair by pair. */
export interface TerminalProblem {
  /** The three posts, under any names. */
  readonly posts: readonly string[]
  /** Every pair once. */
  readonly pairs: readonly PairReading[]
  readonly meter?: MeterAccuracy
  /** What the can is marked or was ordered as, where that is known. */
  readonly rated?: { readonly herm: number; readonly fan: number; readonly tolerancePercent: number }
  /** Spade blades counted on each post. */
  readonly blades?: Readonly<Record<string, number>>
}

/** What the posts are, how sure that is, and which reading would tell more. */
export interface TerminalAnswer {
  /**
   * `identified`: C is certain and the sections are told apart. `partly`: some posts are told. `equal`: C is certain, the two
   * sections are alike. `failed`: a section or the joint is open or shorted. `inconsistent`: no can reads so. `cannot-tell`: too coarse.
   */
  readonly state: 'identified' | 'partly' | 'equal' | 'failed' | 'inconsistent' | 'cannot-tell'
  readonly posts: readonly PostFinding[]
  readonly sections: readonly {
    readonly load: 'HERM' | 'FAN' | null
    readonly posts: readonly [string, string]
    readonly microfarads: number
    readonly low: number
    readonly high: number
    readonly verdict: ToleranceVerdict | null
  }[]
  readonly findings: readonly string[]
  /** What would settle what is open. */
  readonly settledBy: readonly string[]
  readonly blades: BladeHint | null
}

type Ranges = (a: string, b: string) => Interval

/** Which post is C, HERM and FAN. Derived: C-HERM = a, C-FAN = b, HERM-FAN = ab/(a+b); what more than one naming explains gets no name. */
export function identifyTerminals(problem: TerminalProblem): TerminalAnswer {
  const { posts, pairs, meter } = problem
  const of = (a: string, b: string) =>
    known(
      pairs.find(({ between }) => between.includes(a) && between.includes(b)),
      'The pair reading',
    )
  const open = pairs.filter((p) => p.microfarads !== 'OL' && p.microfarads < OPEN_MICROFARADS)
  const over = pairs.filter((p) => p.microfarads === 'OL')
  const answer =
    over.length > 0
      ? overRange(problem, over, meter)
      : open.length > 0
        ? openSections(problem, open.length)
        : fromThree(problem, (a, b) => readingInterval(of(a, b).microfarads as number, meter))
  const blades = problem.blades ? bladeHint(posts, problem.blades, answer.posts) : null
  return { ...answer, blades }
}

type Bare = Omit<TerminalAnswer, 'blades'>
const untold = (posts: readonly string[]): PostFinding[] =>
  posts.map((post) => ({ post, is: null, certainty: 'cannot-tell' }))
const name = ([a, b]: readonly [string, string]) => `${a}–${b}`

const OHMS_TELL =
  'Discharge it and read ohms between those posts: near 0 Ω is a shorted section, and the can is done for. Otherwise take a higher µF range.'

/**
 * A section that is shorted makes its two posts one point, so that the third post reads the same to both: it cannot be C. One that is
 * beyond the meter's range makes the third post read its section to C, and a little less across the large one (in series; derived).
 */
function overRange(
  { posts, pairs }: TerminalProblem,
  over: readonly PairReading[],
  meter: MeterAccuracy | undefined,
): Bare {
  const shown = `${over.map((p) => name(p.between)).join(' and ')}: the meter shows OL`
  const base = { posts: untold(posts), sections: [] }
  const [a, b] = pairs.filter((p) => p.microfarads !== 'OL')
  const third = posts.find((post) => over.length === 1 && !over[0]?.between.includes(post))
  if (!third || !a || !b || typeof a.microfarads !== 'number' || typeof b.microfarads !== 'number')
    return {
      ...base,
      state: 'failed',
      findings: [
        `${shown}, so a section is shorted or beyond the meter’s range. No post can be told from that.`,
      ],
      settledBy: [OHMS_TELL],
    }
  const [x, y] = [readingInterval(a.microfarads, meter), readingInterval(b.microfarads, meter)]
  if (x.low <= y.high && y.low <= x.high)
    return {
      ...base,
      state: 'failed',
      findings: [
        `${shown}, and ${third} reads the same to both: a section is shorted or beyond the meter’s range. ${third} is certainly not C.`,
      ],
      settledBy: [OHMS_TELL],
    }
  if (Math.min(a.microfarads, b.microfarads) < BEYOND_RANGE_SHARE * Math.max(a.microfarads, b.microfarads))
    return {
      ...base,
      state: 'inconsistent',
      findings: [
        `${shown}, and ${third} reads ${figure(a.microfarads)} and ${figure(b.microfarads)} µF to them: no can does that, since a shorted section would make both alike.`,
      ],
      settledBy: [`Read all three pairs again, with clean posts.`],
    }
  return {
    ...base,
    state: 'failed',
    findings: [
      `${shown}: a section beyond the meter’s range, as ${third} reads a little less to one of its posts than to the other. ${third} is certainly not C.`,
    ],
    settledBy: [OHMS_TELL],
  }
}

/** A large section in series takes a small one down by no more than this, where the large one is beyond a meter's range. Our judgement. */
const BEYOND_RANGE_SHARE = 0.8

/** One live pair fits three faults, and its value alone does not say which: an aged section reads like any other value. */
function openSections({ posts, pairs, rated }: TerminalProblem, openCount: number): Bare {
  const base = { state: 'failed' as const, posts: untold(posts), sections: [] }
  if (openCount === 3)
    return {
      ...base,
      findings: [
        'No pair reads anything: both sections, or one of them and the joint at C, are open. The can is done for.',
      ],
      settledBy: [],
    }
  if (openCount === 1)
    return {
      ...base,
      state: 'inconsistent',
      findings: [
        'Two pairs read and the third reads nothing: no can does that, since the third would be the two in series.',
      ],
      settledBy: [
        `Read ${name(
          known(
            pairs.find((p) => p.microfarads !== 'OL' && p.microfarads < OPEN_MICROFARADS),
            'The pair reading',
          ).between,
        )} again, with clean posts.`,
      ],
    }
  const live = known(
    pairs.find((p) => p.microfarads !== 'OL' && p.microfarads >= OPEN_MICROFARADS),
    'The pair reading',
  )
  const third = known(
    posts.find((post) => !live.between.includes(post)),
    'The post',
  )
  const read = live.microfarads as number
  const series = rated ? (rated.herm * rated.fan) / (rated.herm + rated.fan) : 0
  const near = (value: number) => (rated ? ` (marked ${figure(value)}, read ${figure(read)})` : '')
  return {
    ...base,
    findings: [
      [
        `Only ${name(live.between)} reads, ${microfaradsText(read)}; ${third} reads nothing.`,
        'A part of the can is open, and the can is done for. Three faults look like this:',
      ].join(' '),
      `the HERM section is open: then ${name(live.between)} is C with FAN${near(rated?.fan ?? 0)}, and ${third} is HERM;`,
      `the FAN section is open: then ${name(live.between)} is C with HERM${near(rated?.herm ?? 0)}, and ${third} is FAN;`,
      `the joint at C is open: then ${name(live.between)} is HERM with FAN in series${near(series)}, and ${third} is C. It looks like a weak FAN section.`,
    ],
    settledBy: [
      'Follow the wires instead: the compressor’s start wire is on HERM, the fan’s start lead on FAN, the tie to a line on C.',
    ],
  }
}

/** Two in series, µF; of two that may be nothing, nothing: 0 where a coarse meter leaves both open down to it. */
const seriesOf = (a: number, b: number): number => (a + b === 0 ? 0 : (a * b) / (a + b))
const overlap = (a: Interval, b: Interval): boolean => a.low <= b.high && b.low <= a.high

function fromThree(problem: TerminalProblem, range: Ranges): Bare {
  const { posts } = problem
  const others = (c: string) => posts.filter((p) => p !== c) as [string, string]
  const fits = posts.filter((c) => {
    const [x, y] = others(c)
    const [a, b] = [range(c, x), range(c, y)]
    return overlap({ low: seriesOf(a.low, b.low), high: seriesOf(a.high, b.high) }, range(x, y))
  })
  if (fits.length === 1) return withC(problem, range, first(fits), others(first(fits)))
  if (fits.length === 2) return withOneTold(problem, range, fits as [string, string])
  if (fits.length === 3)
    return {
      state: 'cannot-tell',
      posts: untold(posts),
      sections: [],
      findings: ['With this meter’s accuracy any of the three posts could be C.'],
      settledBy: ['Take a finer range, or follow the wires.'],
    }
  return {
    state: 'inconsistent',
    posts: untold(posts),
    sections: [],
    findings: [
      `No can reads so: the smallest of the three should be the other two in series. ${nearestWords(problem, others)}`,
    ],
    settledBy: ['Discharge it, clean the posts and read all three again.'],
  }
}

/** What the smallest reading should have been, from the other two. */
function nearestWords({ pairs }: TerminalProblem, others: (c: string) => [string, string]): string {
  const [least, ...rest] = [...pairs].sort(
    (a, b) => (a.microfarads as number) - (b.microfarads as number),
  ) as [PairReading, PairReading, PairReading]
  const [a, b] = rest.map((p) => p.microfarads as number) as [number, number]
  const c = known(
    rest[0]?.between.find((p) => rest[1]?.between.includes(p)),
    'The post',
  )
  return `With ${c} as C, ${name(others(c))} should read ${microfaradsText(seriesOf(a, b))}, and it reads ${microfaradsText(least.microfarads as number)}.`
}

function withC(problem: TerminalProblem, range: Ranges, c: string, [x, y]: [string, string]): Bare {
  const [a, b] = [range(c, x), range(c, y)]
  const cPost: PostFinding = { post: c, is: 'C', certainty: 'certain' }
  if (overlap(a, b))
    return {
      state: 'equal',
      posts: [cPost, ...untold([x, y])],
      sections: [sectionOf(problem, range, null, [c, x]), sectionOf(problem, range, null, [c, y])],
      findings: [
        `${c} is C. The two sections read alike: which is HERM and which is FAN cannot be told by readings, and does not matter if both loads ask for that value.`,
      ],
      settledBy: ['Follow the wires: the compressor’s start wire is on HERM.'],
    }
  const [large, small] = a.low > b.low ? [x, y] : [y, x]
  const certainty = namingCertainty(problem, range(c, large))
  const told = certainty !== 'cannot-tell'
  return {
    state: told ? 'identified' : 'partly',
    posts: [
      cPost,
      { post: large, is: told ? 'HERM' : null, certainty },
      { post: small, is: told ? 'FAN' : null, certainty },
    ],
    sections: [
      sectionOf(problem, range, told ? 'HERM' : null, [c, large]),
      sectionOf(problem, range, told ? 'FAN' : null, [c, small]),
    ],
    findings: [
      `${c} is C: ${name([x, y])} reads as the other two in series.`,
      NAMING[certainty](large, small),
    ],
    settledBy:
      certainty === 'certain'
        ? []
        : [
            'The compressor’s start wire is on HERM, the fan’s start lead on FAN: following them makes it certain.',
          ],
  }
}

const NAMING: Readonly<Record<Certainty, (large: string, small: string) => string>> = {
  certain: (large, small) => `${large} is HERM: the FAN section is never that large. So ${small} is FAN.`,
  likely: (large, small) => `${large} is the larger section, so HERM by custom; ${small} is FAN by custom.`,
  'cannot-tell': (large, small) =>
    `Against the marking, HERM has lost value: ${large} and ${small} cannot be told apart by size any more. The can is done for.`,
}

/** Very unequal sections: the series value is nearly the small one, so C and HERM change places; the post in both small pairs is FAN. */
function withOneTold(problem: TerminalProblem, range: Ranges, [c1, c2]: [string, string]): Bare {
  const third = known(
    problem.posts.find((p) => p !== c1 && p !== c2),
    'The post',
  )
  const large = range(c1, c2)
  const small = Math.max(range(c1, third).high, range(c2, third).high)
  if (large.low <= small)
    return {
      state: 'cannot-tell',
      posts: untold(problem.posts),
      sections: [],
      findings: [`With this meter’s accuracy ${c1} or ${c2} could be C.`],
      settledBy: ['Take a finer range, or follow the wires.'],
    }
  const certainty = namingCertainty(problem, large)
  return {
    state: 'partly',
    posts: [{ post: third, is: certainty === 'cannot-tell' ? null : 'FAN', certainty }, ...untold([c1, c2])],
    sections: [],
    findings: [
      certainty === 'cannot-tell'
        ? NAMING['cannot-tell'](c1, third)
        : [
            `${third} is FAN${certainty === 'certain' ? '' : ' by custom'}: both its readings are small.`,
            `${c1} and ${c2} are C and HERM, but the series reading is so near the FAN value that this meter cannot tell which is which.`,
          ].join(' '),
    ],
    settledBy: [
      'Follow the wires: the tie to a line and the compressor’s run wire are on C; the compressor’s start wire is on HERM.',
    ],
  }
}

/** Sections lose value with age and never gain it: one above the FAN marking cannot be FAN. Common practice, no source. */
function namingCertainty({ rated }: TerminalProblem, large: Interval): Certainty {
  if (!rated) return 'likely'
  return large.low > rated.fan * (1 + rated.tolerancePercent / 100) ? 'certain' : 'cannot-tell'
}

function sectionOf(
  { rated, pairs }: TerminalProblem,
  range: Ranges,
  load: 'HERM' | 'FAN' | null,
  posts: [string, string],
): TerminalAnswer['sections'][number] {
  const interval = range(...posts)
  const read = known(
    pairs.find(({ between }) => posts.every((p) => between.includes(p))),
    'The pair reading',
  )
  const marked = load && rated ? (load === 'HERM' ? rated.herm : rated.fan) : null
  return {
    load,
    posts,
    microfarads: read.microfarads as number,
    ...interval,
    verdict: marked && rated ? toleranceVerdict(interval, marked, rated.tolerancePercent) : null,
  }
}
