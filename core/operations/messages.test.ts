// What every check at the edge says, over all schemas at once: each limit is named in its own sentence, as a figure or in words, and no
// sentence is empty. A limit and its words stand in two places of a line, and must not come apart.
import { FIELDS, KEYED_FIELDS } from '../job/fields'
import { JobFileSchema } from '../job/job-file'
import { VAN_FIELDS } from '../job/van'
import { OPERATIONS } from './registry'

interface Node {
  readonly kind?: string
  readonly type?: string
  readonly message?: unknown
  readonly requirement?: unknown
  readonly options?: readonly unknown[]
}
interface Found {
  readonly path: string
  readonly node: Node
}

/** Every schema and every check of it, once. */
function nodesOf(root: unknown, path: string, seen: Set<object>, found: Found[]): Found[] {
  if (typeof root !== 'object' || root === null || seen.has(root)) return found
  seen.add(root)
  const node = root as Node & Record<string, unknown>
  if (node.kind === 'schema' || node.kind === 'validation') found.push({ path, node })
  for (const [key, value] of Object.entries(node))
    if (key !== '~standard') nodesOf(value, `${path}.${key}`, seen, found)
  return found
}

const ROOTS: Readonly<Record<string, unknown>> = {
  ...Object.fromEntries(OPERATIONS.map((o) => [o.name, o.input])),
  ...Object.fromEntries(Object.entries(FIELDS).map(([name, schema]) => [`job ${name}`, schema])),
  ...Object.fromEntries(Object.entries(KEYED_FIELDS).map(([name, schema]) => [`job ${name}`, schema])),
  ...Object.fromEntries(Object.entries(VAN_FIELDS).map(([name, schema]) => [`van ${name}`, schema])),
  'job file': JobFileSchema,
}
const seen = new Set<object>()
const nodes = Object.entries(ROOTS).flatMap(([name, root]) => nodesOf(root, name, seen, []))
const said = nodes.flatMap(({ path, node }) =>
  typeof node.message === 'string' ? [{ path, node, message: node.message }] : [],
)

const WORDS = [
  'no',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
]
/** The ways a figure may stand in a sentence. */
const figures = (n: number): string[] => [
  String(n),
  n.toLocaleString('en-US'),
  String(n).replace('-', '−'),
  ...(n % 1000 === 0 ? [`${n / 1000} k`] : []),
  ...(WORDS[n] ? [WORDS[n]] : []),
  ...(n === 0 ? ['empty', 'below'] : []),
  ...(n === 1 ? ['empty', 'least', 'needs', 'missing', 'no ', 'are recorded', 'is not'] : []),
]
/** Limits that are said in other words than their figure; the figure by hand from the words. */
const IN_WORDS: Readonly<Record<string, number>> = {
  'That is more evidence than one wire can carry.': 6,
  // 116 days.
  'That is longer than a season.': 10_000_000,
  'Three posts have three pairs.': 6,
  'A frame is written like 48Y.': 12,
  'A refrigerant is written like R-410A.': 12,
  'Ohms are a number from 0 up, or OL.': 1_000_000_000,
  'That is more readings than there are pairs.': 200,
  'Each lead is read to the frame once.': 24,
  // A full vacuum by the gauge, psi (NIST).
  'Suction pressure below a vacuum cannot be.': -14.7,
  'Liquid pressure below a vacuum cannot be.': -14.7,
  // 10,080 minutes are a week.
  'That is more than a week.': 10_000,
  'No field lies that deep.': 2,
  'The time is before 2020.': Date.UTC(2020, 0, 1),
  'The time is beyond 2100.': Date.UTC(2100, 0, 1),
  // In thousandths of a percent.
  'Tax above 100 % is not believable.': 100_000,
  'It is valid for a year at most.': 365,
  'The signature is too long.': 40_000,
  'A line says what it is for.': 1,
  // In hundredths.
  'How many must be above 0.': 1,
  'How many above 10,000 is not believable.': 1_000_000,
  // In cents: a million.
  'That price is not believable.': 100_000_000,
}
/** A pin's place is a share of the photo, so that its two limits have one sentence. */
const SHARE = 'A pin lies on the photo.'
const LIMITS = ['min_value', 'max_value', 'gt_value', 'lt_value', 'min_length', 'max_length']

it('there are some hundred of them', () => expect(said.length).toBeGreaterThan(300))

it('says something everywhere, as a sentence', () =>
  expect(
    said
      .filter(({ message }) => !/^[A-Z“–µΩ].{5,}[.?]$/u.test(message))
      .map(({ path, message }) => `${path}: ${message}`),
  ).toEqual([]))

it('names the limit that it holds', () => {
  const apart = said.flatMap(({ path, node, message }) =>
    LIMITS.includes(node.type ?? '') &&
    typeof node.requirement === 'number' &&
    IN_WORDS[message] !== node.requirement &&
    !(message === SHARE && [0, 1].includes(node.requirement)) &&
    !figures(node.requirement).some((text) =>
      new RegExp(`(?<![\\d,.])${text.replace(/[.]/g, '\\.')}(?![\\d]|[,.]\\d)`, 'i').test(message),
    )
      ? [`${path}: ${node.requirement}: ${message}`]
      : [],
  )
  expect(apart).toEqual([])
})
