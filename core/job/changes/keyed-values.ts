// The value of a field with one value a key, in the trade's words: what it is of, and what it says.
import type * as v from 'valibot'
import { ALL_TESTS, CONTRIBUTORY } from '../../diagnosis/model'
import { insulationName } from '../../motor/colour'
import { mountingChecks } from '../../mounting/checklist'
import { dayWords } from '../../quantity/day'
import { capital, figure } from '../../quantity/display'
import { lengthText } from '../../quantity/inches'
import { makeSafe } from '../../safety/make-safe'
import { DISCHARGED_STEP, openStep, proveStep, voltsState } from '../../safety/progress'
import { unitTypeFor } from '../../wiring/unit-types'
import type { JobDocument } from '../document'
import type { KeyedFieldName, KEYED_FIELDS } from '../fields'
import { mountedAs } from '../inputs/mount-input'
import { chargeName, chargeText } from '../report/charge-words'
import { countText, moneyText } from '../report/estimate'
import { firstPower, PLAIN_FIRST } from '../report/first-power-words'
import { partName } from '../report/part-names'
import { probeName } from '../report/probe-names'
import { valueText } from '../report/reading-words'
import { WHEN_WORDS } from '../report/recommended'
import { strengthWords } from '../report/strength-words'
import type { TemperatureUnit } from '../../quantity/temperature'
import { postWords, wireEnds } from './places'
import { quoted, yesNo } from './values'

type Value<Field extends KeyedFieldName> = v.InferOutput<(typeof KEYED_FIELDS)[Field]>
/** Which job it is of, and in which temperatures it is read. */
export interface Reader {
  readonly job: JobDocument
  readonly degrees: TemperatureUnit
}
interface Words<Field extends KeyedFieldName> {
  /** What the key stands for, as the beginning of a line. */
  readonly of: (key: string, reader: Reader, value: Value<Field> | null) => string
  readonly says: (value: Value<Field>, reader: Reader, key: string) => string
}

/** "oldBody" is the old body. */
const plainKey = (key: string): string =>
  key
    .replace(/([a-z])([A-Z])/g, (_, a: string, b: string) => `${a} ${b.toLowerCase()}`)
    .replace(/[-_]+/g, ' ')

const unitOf = ({ unit }: JobDocument) => (unit ? unitTypeFor(unit) : undefined)

function safeStep(key: string, { job }: Reader): string {
  if (key === DISCHARGED_STEP) return 'Left on the capacitor'
  const unit = unitOf(job)
  const steps = unit && makeSafe(unit, [])
  const opened = steps?.open.find((_, i) => openStep(i) === key)
  if (opened) return opened.replace(/\.$/, '')
  const proven = steps?.prove.find(({ id }) => proveStep(id) === key)
  return capital(proven ? `${proven.names[0]} to ${proven.names[1]}` : key.replace(/^prove /, ''))
}

function safeSays({ state, volts }: Value<'safe'>): string {
  if (state === 'waived') return 'waived'
  if (volts === null) return 'done'
  const read = volts === 'OL' ? 'read OL' : `read ${figure(volts)} V`
  switch (voltsState(volts)) {
    case 'done':
      return `${read}: dead`
    case 'doubtful':
      return `${read}: proves nothing`
    case 'live':
      return `${read}: LIVE`
  }
}

const questionOf = (id: string) => [...ALL_TESTS, ...CONTRIBUTORY].find((test) => test.id === id)

/** A wire that was taken away is known by where its unit has it. */
function wireOf(key: string, { job }: Reader, wire: Value<'wires'> | null): string {
  const ends = wire ?? job.wires[key] ?? unitOf(job)?.typicalWires.find(({ id }) => id === key)
  return ends ? `Wire, ${wireEnds(job, ends)}` : 'A wire'
}

function placement(goes: Value<'placements'>, { job }: Reader): string {
  switch (goes.kind) {
    case 'post':
      return `on ${postWords(job, goes.post)}`
    case 'insulated':
      return 'insulated by itself'
    case 'plug':
      return 'in the reversing plug'
    case 'loose':
      return 'loose'
  }
}

const STARTED: Readonly<Record<string, string>> = {
  turned: 'First power',
  door: 'The door',
  blade: 'The blade or wheel',
  metering: 'What feeds the indoor coil',
}
const SOURCES: Readonly<Record<string, string>> = {
  nameplate: 'the plate',
  propeller: 'the propeller',
  'wheel-outlet': 'the wheel’s outlet',
  'wheel-cups': 'the wheel’s blades',
  'short-test': 'a short test',
}

/** Each field in its own words; complete by its type. */
export const KEYED_WORDS: { readonly [Field in KeyedFieldName]: Words<Field> } = {
  wires: {
    of: wireOf,
    says: ({ segments, traced, speed }) =>
      [
        segments.length > 0 ? segments.map(insulationName).join(', then ') : 'colour not noted',
        traced ? 'traced' : 'not traced',
        ...(speed ? [`${speed} speed`] : []),
      ].join(', '),
  },
  placements: { of: (lead) => `Lead ${lead}`, says: placement },
  readings: {
    of: (side) => `Old capacitor under load, ${side}`,
    says: ({ amps, volts }) => `${figure(amps)} A, ${figure(volts)} V`,
  },
  safe: { of: safeStep, says: safeSays },
  observations: {
    of: (id) => questionOf(id)?.question.replace(/\?$/, '') ?? 'What was seen',
    says: (answer, _, id) => questionOf(id)?.answers.find((a) => a.id === answer)?.text ?? plainKey(answer),
  },
  measurements: {
    of: probeName,
    says: (m, { degrees }) => `${valueText(m, degrees)}${m.meter === 'typed' ? '' : `, by ${m.meter}`}`,
  },
  plateLines: { of: (plate) => `Line of the ${plate}’s plate`, says: quoted },
  photos: {
    of: () => 'Photo',
    says: ({ caption, pins, work }) =>
      `${caption === '' ? 'without words' : quoted(caption)}${work ? `, ${work} the work` : ''}${pins.length > 0 ? `, ${pins.length === 1 ? 'one pin' : `${pins.length} pins`}` : ''}`,
  },
  rotationSources: {
    of: () => 'What tells the direction',
    says: ({ kind }) => SOURCES[kind] ?? plainKey(kind),
  },
  taken: {
    of: (line, { job }) => `Taken from the van, ${partName(job, line)}`,
    says: ({ quantity }) => `${quantity}`,
  },
  deadSections: {
    of: (key) => `Section ${key.split(' ').at(-1) ?? key} of the new can`,
    says: (dead) => (dead ? 'dead' : 'serves again'),
  },
  carried: { of: (item) => `Carried up, ${plainKey(item)}`, says: yesNo },
  // A step's id may end with its number: "jumper-FAN-0".
  fitted: { of: (step) => `Fitted, ${plainKey(step).replace(/ \d+$/, '')}`, says: yesNo },
  mountInches: { of: (key) => capital(plainKey(key)), says: (inches) => lengthText(inches, 'in') },
  mountChoices: { of: (key) => `Mounted, ${plainKey(key)}`, says: plainKey },
  mountChecks: {
    of: (id, { job }) => {
      const unit = unitOf(job)
      const check = unit && mountingChecks(unit, mountedAs(job)).find((c) => c.id === id)
      return check ? check.text.replace(/\.$/, '') : `Looked at, ${plainKey(id)}`
    },
    says: (looked) => (looked ? 'looked at' : 'not looked at'),
  },
  startup: {
    of: (key) => STARTED[key] ?? capital(plainKey(key)),
    says: (value, { job }, key) => {
      if (key !== 'turned') return plainKey(value)
      const seen = firstPower({ ...job, startup: { turned: value } })
      if (seen === 'right') return 'it turned the right way'
      return seen ? PLAIN_FIRST[seen] : plainKey(value)
    },
  },
  alsoFound: {
    of: () => 'Also found',
    says: ({ name, strength }) => `${name} (${strengthWords(strength)})`,
  },
  works: { of: () => 'Other work done', says: ({ text }) => quoted(text) },
  ordered: {
    of: () => 'On order',
    says: ({ what, from, due, arrived }) =>
      [
        quoted(what),
        ...(from ? [`from ${quoted(from)}`] : []),
        ...(due ? [`for ${dayWords(due)}`] : []),
        ...(arrived ? ['arrived'] : []),
      ].join(', '),
  },
  visits: { of: () => 'A further visit', says: ({ why }) => quoted(why) },
  recommended: {
    of: () => 'Recommended',
    says: ({ text, declined, when }) =>
      [quoted(text), ...(when ? [WHEN_WORDS[when]] : []), ...(declined ? ['declined'] : [])].join(', '),
  },
  estimateLines: {
    of: () => 'Line of the estimate',
    says: ({ text, hundredths, cents, kind, taxed }) =>
      `${quoted(text)}, ${countText(hundredths)}${kind === 'labour' ? ' h' : ''} at ${moneyText(cents)}${taxed ? '' : ', not taxed'}`,
  },
  chargeFigures: {
    of: (key) => capital(chargeName(key)),
    says: (value, { degrees }, key) => chargeText(key, value, degrees),
  },
  unusedOutputs: {
    of: (post, { job }) => capital(postWords(job, post)),
    says: (unused) => (unused ? 'has no lead' : 'has a lead'),
  },
  speedChoices: { of: (post, { job }) => capital(postWords(job, post)), says: (speed) => `${speed} speed` },
}
