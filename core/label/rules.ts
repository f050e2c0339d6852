// The words and marks that plates and labels use, as patterns: the grammar of the reader. Common practice, no source.
import { at } from '../quantity/at'
import { figuresIn, type Rule } from './piece'

const NUM = String.raw`\d*\.?\d+`
// Not in the middle of a number, a word or a part number. A letter may follow a unit only where the pattern says so.
const BEFORE = String.raw`(?<![\p{L}\p{N}.])(?<![\p{L}\p{N}][/+\-–])`
const AFTER = String.raw`(?![\p{L}\p{N}])`
const SEP = String.raw`\s*[/\-–]\s*`
const HP = String.raw`(?:\d\s+)?\d+\s?/\s?\d+|${NUM}`

const rule = (kind: Rule['kind'], pattern: string, read: Rule['read']): Rule => ({
  kind,
  pattern: new RegExp(pattern, 'iu'),
  read,
})
/** A figure, or a list of them, before or after its unit. */
const withUnit = (kind: Rule['kind'], figures: string, unit: string, names = unit): Rule[] => [
  rule(kind, `${BEFORE}(${figures})\\s*(?:${unit})${AFTER}`, (m) => ({ figures: figuresIn(at(m, 1)) })),
  rule(kind, `${BEFORE}(?:${names})\\s*[:=#]?\\s*(${figures})${AFTER}(?!\\s*[/%]|\\.\\d)`, (m) => ({
    figures: figuresIn(at(m, 1)),
  })),
]
/** The name comes first: "MCA 18.2". */
const named = (
  kind: Rule['kind'],
  names: string,
  figures = NUM,
  tail = String.raw`(?:\s*A(?:MPS?)?)?`,
): Rule =>
  rule(kind, `${BEFORE}(?:${names})\\s*[:=#]?\\s*(${figures})${tail}${AFTER}`, (m) => ({
    figures: figuresIn(at(m, 1)),
  }))

const listOf = (figure: string) => `${figure}(?:${SEP}${figure})*`
const horsepowers = (text: string): string[] =>
  [...text.matchAll(/(?:(\d)\s+)?(\d+)\s?\/\s?(\d+)|\d*\.?\d+/g)].map((m) =>
    m[2] ? `${m[1] ? `${m[1]} ` : ''}${m[2]}/${m[3]}` : m[0],
  )

/** Microfarads by the many ways they are written. */
const MICRO = String.raw`(?:m\s?f\s?d\s?s?|[µμu]\s?f\s?d?s?|m\s?f|micro\s?farads?)\.?`
const MICRO_LIST = String.raw`(?:\d+,\d+|${NUM}(?:\s*(?:[/+&\-–]|to)\s*${NUM})*)`
const ROTATION_VIEW = String.raw`lead\s*end|shaft\s*end|opp(?:osite)?\.?\s*(?:shaft|pulley)(?:\s*end)?|facing\s*(?:lead|shaft)(?:\s*end)?|LE|SE|OSE|OPE|PE`

export const RULES: readonly Rule[] = [
  rule('tolerance', `(?:±|\\+\\s*/?\\s*[-–]|[-–]\\s*/\\s*\\+)\\s*(${NUM})\\s*(?:%|pct|percent)?`, (m) => ({
    figures: [at(m, 1)],
  })),
  rule('tolerance', `${BEFORE}(${NUM})\\s*%`, (m) => ({ figures: [at(m, 1)] })),
  rule('refrigerant', `${BEFORE}R\\s?-?\\s?(22|410A|407C|32|454B|134A)${AFTER}`, (m) => ({
    words: [`R-${at(m, 1).toUpperCase()}`],
  })),
  named('circuit-amps', 'M\\.?C\\.?A\\.?|min(?:imum)?\\.?\\s*circuit\\s*amp(?:acity|s)?|circuit\\s*ampacity'),
  named(
    'max-fuse',
    'M\\.?O\\.?C?\\.?P\\.?(?:D\\.?)?|max(?:imum)?\\.?\\s*(?:fuse|overcurrent|c(?:ircui)?t\\.?\\s*br(?:ea)?k(?:e)?r\\.?)(?:\\s*(?:size|/\\s*breaker))?|fuse(?:\\s*size)?',
  ),
  named('compressor-amps', 'comp(?:r(?:essor)?)?\\.?\\s*R\\.?L\\.?A\\.?|R\\.?L\\.?A\\.?'),
  named('locked-rotor-amps', '(?:comp(?:r(?:essor)?)?\\.?\\s*)?L\\.?R\\.?A\\.?'),
  named(
    'fan-amps',
    '(?:fan|o\\.?d\\.?|outdoor|cond(?:enser)?)\\.?\\s*(?:fan|motor|mtr)?\\.?\\s*F\\.?L\\.?A\\.?',
  ),
  rule(
    'horsepower',
    `${BEFORE}((?:${HP})(?:${SEP}(?:${HP}))*)\\s*(?:h\\.?\\s?p\\.?|horse\\s?power)${AFTER}`,
    (m) => ({ figures: horsepowers(at(m, 1)) }),
  ),
  rule(
    'horsepower',
    `${BEFORE}(?:h\\.?p\\.?|horse\\s?power)\\s*[:=]?\\s*((?:${HP})(?:\\s*[-–]\\s*(?:${HP}))*)${AFTER}`,
    (m) => ({ figures: horsepowers(at(m, 1)) }),
  ),
  ...withUnit('rpm', listOf('\\d{3,4}'), 'r\\.?\\s?p\\.?\\s?m\\.?|rev/min|r/min'),
  ...withUnit('hertz', '\\d{2}(?:\\s*/\\s*\\d{2})?', 'hz|hertz|cycles?|cyc\\.?|c/s'),
  rule('phase', `${BEFORE}([13])\\s*-?\\s*(?:ph(?:ase)?|ø|φ)\\.?${AFTER}`, (m) => ({
    figures: [at(m, 1)],
  })),
  rule('phase', `${BEFORE}ph(?:ase)?\\.?\\s*[:=]?\\s*([13])${AFTER}`, (m) => ({ figures: [at(m, 1)] })),
  rule('phase', `${BEFORE}(single|one|three)[\\s-]*ph(?:ase)?${AFTER}`, (m) => ({
    words: [at(m, 1).toLowerCase()],
  })),
  rule(
    'reversible',
    `${BEFORE}(?:CW\\s*/\\s*CCW|CCW\\s*/\\s*CW|rev(?:ersible|\\.)?(?:\\s*rot(?:ation)?\\.?)?)${AFTER}(?!\\s*/)`,
    () => ({}),
  ),
  rule(
    'rotation',
    `${BEFORE}(?:rot(?:ation)?\\.?\\s*[:=]?\\s*)?(CCW|CW|counter\\s*-?\\s*clockwise|anti\\s*-?\\s*clockwise|clockwise)(?:\\s*(?:rot(?:ation)?\\.?)?\\s*[,@/(]?\\s*(?:from\\s*|facing\\s*)?(${ROTATION_VIEW})\\)?)?${AFTER}`,
    (m) => ({ words: [at(m, 1), ...(m[2] ? [m[2]] : [])] }),
  ),
  ...withUnit('poles', '\\d{1,2}', '-?\\s*poles?'),
  rule('speeds', `${BEFORE}(\\d)\\s*-?\\s*(?:spd|speeds?|sp)\\.?${AFTER}`, (m) => ({
    figures: [at(m, 1)],
  })),
  rule('frame', `${BEFORE}fr(?:ame)?\\.?\\s*[:=#]?\\s*(\\d{2,3}\\s?[A-Z]{0,2})${AFTER}`, (m) => ({
    words: [at(m, 1).replace(/\s/g, '').toUpperCase()],
  })),
  rule('frame', `${BEFORE}(\\d{2,3}[A-Z]{0,2})\\s*fr(?:ame)?\\.?${AFTER}`, (m) => ({
    words: [at(m, 1).toUpperCase()],
  })),
  // A plate's "CAP 5/370": one value and its volts.
  rule(
    'microfarads',
    `${BEFORE}cap(?:acitor)?\\.?\\s*[:=]?\\s*(${MICRO_LIST})\\s*(?:${MICRO})?${AFTER}`,
    (m) => ({ figures: figuresIn(at(m, 1)), words: [at(m, 1), 'cap'] }),
  ),
  rule('microfarads', `${BEFORE}(${MICRO_LIST})\\s*${MICRO}(?![\\p{L}])`, (m) => ({
    figures: figuresIn(at(m, 1)),
    words: [at(m, 1)],
  })),
  rule('microfarads', `${BEFORE}${MICRO}\\s*[:=]?\\s*(${MICRO_LIST})${AFTER}(?!\\s*[/%]|\\.\\d)`, (m) => ({
    figures: figuresIn(at(m, 1)),
    words: [at(m, 1)],
  })),
  ...withUnit(
    'volts',
    `\\d{2,4}(?:${SEP}\\d{2,4})*`,
    'v(?:olts?|\\.?\\s?a\\.?\\s?c\\.?)?\\.?\\s*~?',
    'volts?|v\\.?a\\.?c\\.?|v',
  ),
  ...withUnit(
    'amps',
    listOf(NUM),
    'amps?\\.?|amperes?|a|f\\.?l\\.?a\\.?|f\\.?l\\.?\\s*amps?|s\\.?f\\.?a\\.?',
    'amps?\\.?|amperes|f\\.?l\\.?a\\.?|f\\.?l\\.?\\s*amps?|a',
  ),
  // Understood and set aside: they are no answer to anything asked here, and must not be taken for one.
  rule(
    'other',
    `${BEFORE}(?:s\\.?f\\.?\\s*[:=]?\\s*${NUM}|\\d{2,3}\\s*°?\\s*[CF](?:\\s*amb(?:ient)?\\.?)?|amb(?:ient)?\\.?\\s*[:=]?\\s*\\d{2,3}\\s*°?\\s*[CF]?|(?:ins(?:ulation)?\\.?\\s*)?cl(?:ass)?\\.?\\s*[ABFH])${AFTER}`,
    () => ({}),
  ),
  rule(
    'other',
    `${BEFORE}(?:model|mod|m/n|ser(?:ial)?|s/n|part|p/n|pn|cat|type|date|no|lot)\\.?\\s*(?:no|num(?:ber)?)?\\.?\\s*[:=#]?\\s*[\\p{L}\\p{N}./-]*\\d[\\p{L}\\p{N}./-]*`,
    () => ({}),
  ),
]

/** A figure that stands alone, or a list joined as capacitor labels join theirs; used when nothing else named a motor or a unit. */
export const BARE: Rule = rule('microfarads', `${BEFORE}(${MICRO_LIST})${AFTER}(?!\\s*[/%]|\\.\\d)`, (m) => ({
  figures: figuresIn(at(m, 1)),
  words: [at(m, 1)],
}))
