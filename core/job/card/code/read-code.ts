// Reads the text of a card's code back. What is not whole, of a later version, or of something else is refused in words, and nothing is taken from it.
import { COLOUR_CODES, type ColourCode, type Insulation } from '../../../motor/colour'
import { SPEED_NAMES, type SpeedName } from '../../../motor/lead-sheet'
import { LEAD_ROLES, type LeadRole } from '../../../motor/role'
import { MAX_SECTIONS } from '../../../capacitor/can'
import { crc32 } from '../../../quantity/crc32'
import { cutText } from '../../../quantity/whole-text'
import { unitTypeFor } from '../../../wiring/unit-types'
import { CODE_HEAD, CODE_VERSION } from './code-text'
import type { CardRecord, RecordCan, RecordMotor } from './record'

/** The record; or why nothing is taken: a code of something else, of a later version, or not whole. */
export type ReadCode =
  | { readonly ok: true; readonly record: CardRecord }
  | { readonly ok: false; readonly why: 'other' | 'later' | 'damaged'; readonly message: string }

/** Longer than any card's code. */
export const MAX_CODE = 3000
const MOST_SENTENCES = 80

const refused = (why: 'other' | 'later' | 'damaged', message: string): ReadCode => ({
  ok: false,
  why,
  message,
})
const DAMAGED = refused(
  'damaged',
  'This code is of a hookup card, but not whole: a part of it was misread or changed. Nothing was taken from it; read the card by eye.',
)

/** Never throws, whatever the text. */
export function readCode(text: string): ReadCode {
  const head = new RegExp(`^${CODE_HEAD} (\\d{1,6})\\. `).exec(text)
  if (!head) return refused('other', otherWords(text))
  const version = Number(head[1])
  if (version > CODE_VERSION)
    return refused(
      'later',
      `This card is of a later version (${version}); version ${CODE_VERSION} is read here. Update the app, or read the card by eye.`,
    )
  const whole = /^(.*)\. CHECK ([0-9A-F]{8})$/su.exec(text)
  if (version !== CODE_VERSION || !whole || crc32(whole[1] ?? '') !== whole[2]) return DAMAGED
  const said = (whole[1] ?? '').split('. ').slice(1)
  const record = said.length <= MOST_SENTENCES ? recordOf(said) : null
  return record ? { ok: true, record } : DAMAGED
}

const otherWords = (text: string): string =>
  text.trim() === ''
    ? 'This code is empty.'
    : `This is a code of something else, no hookup card. It says: ${cutText(text.replace(/\s+/g, ' ').trim(), 80)}`

type Match = readonly (string | undefined)[]
const COLOUR = `(?:${COLOUR_CODES.join('|')})`
const INSULATION = `(${COLOUR}(?:/${COLOUR})?)`
const NUMBER = String.raw`(\d{1,5}(?:\.\d{1,2})?)`
const SUM = String.raw`(\d[\d.+]{0,120})`
const upper = (names: readonly string[]) => names.map((n) => n.toUpperCase()).join('|')

const insulation = (code = ''): Insulation => {
  const [colour, stripe] = code.split('/') as [ColourCode, ColourCode | undefined]
  return { colour, stripe: stripe ?? null }
}

/** A record while it is put together. */
type Draft = { -readonly [K in keyof CardRecord]?: CardRecord[K] } & {
  plate?: Omit<RecordMotor, 'name' | 'capacitor' | 'turns'>
  name?: string
  needs?: RecordMotor['capacitor']
  turns?: RecordMotor['turns']
}

interface Sentence {
  readonly pattern: RegExp
  /** False where it may not stand here. */
  readonly take: (draft: Draft, match: Match) => boolean | void
}

/** Each may be said once, unless it adds to a list. */
const once = <K extends keyof Draft>(draft: Draft, key: K, value: Draft[K]): boolean => {
  if (draft[key] !== undefined) return false
  draft[key] = value
  return true
}
const sentence = (pattern: string, take: Sentence['take']): Sentence => ({
  pattern: new RegExp(`^${pattern}$`, 'u'),
  take,
})

const SENTENCES: readonly Sentence[] = [
  sentence(String.raw`(\d{4}-\d{2}-\d{2})`, (d, [, date = '']) => once(d, 'date', date)),
  sentence('SITE (.{1,60})', (d, [, site = '']) => once(d, 'site', site)),
  sentence('NAMED (.{1,60})', (d, [, name = '']) => once(d, 'unitName', name)),
  sentence('UNIT OF THE SHOP', (d) => once(d, 'unit', null)),
  sentence('UNIT ([A-Z0-9-]{1,60})', (d, [, id = '']) => once(d, 'unit', id.toLowerCase())),
  sentence('MOTOR (.{1,60})', (d, [, name = '']) => once(d, 'name', name)),
  sentence(
    String.raw`PLATE ([\d/]{1,5})HP ${NUMBER}RPM ${NUMBER}(?:-${NUMBER})?V ${NUMBER}A (50|60)HZ ([13])PH`,
    (d, [, horsepower = '', rpm, low, high, amps, hertz, phases]) =>
      once(d, 'plate', {
        horsepower,
        rpm: Number(rpm),
        volts: { low: Number(low), high: Number(high ?? low) },
        amps: Number(amps),
        hertz: hertz === '50' ? 50 : 60,
        threePhase: phases === '3',
      }),
  ),
  sentence(`NEEDS ${NUMBER}MFD ${NUMBER}V`, (d, [, microfarads, volts]) =>
    once(d, 'needs', { microfarads: Number(microfarads), volts: Number(volts) }),
  ),
  sentence('TURNS (CW|CCW) FROM (LEAD-END|SHAFT-END)', (d, [, direction, from]) =>
    once(d, 'turns', {
      direction: direction === 'CW' ? 'CW' : 'CCW',
      seenFrom: from === 'LEAD-END' ? 'lead-end' : 'shaft-end',
    }),
  ),
  sentence(
    `${INSULATION} (${upper(LEAD_ROLES)})(?: (${upper(SPEED_NAMES)}))? ON ([A-Z0-9 _./-]{1,60})`,
    (d, [, code, role = '', speed, post = '']) => {
      d.wires = [
        ...(d.wires ?? []),
        {
          insulation: insulation(code),
          role: role.toLowerCase() as LeadRole,
          speed: (speed?.toLowerCase() ?? null) as SpeedName | null,
          post,
        },
      ]
    },
  ),
  sentence(`${INSULATION} CAPPED`, (d, [, code]) => {
    d.capped = [...(d.capped ?? []), insulation(code)]
  }),
  sentence(`PLUG ${INSULATION} TO ${INSULATION}`, (d, [, a, b]) => {
    d.plug = { open: d.plug?.open ?? [], joined: [...(d.plug?.joined ?? []), [insulation(a), insulation(b)]] }
  }),
  sentence(`PLUG ${INSULATION} OPEN`, (d, [, code]) => {
    d.plug = { joined: d.plug?.joined ?? [], open: [...(d.plug?.open ?? []), insulation(code)] }
  }),
  sentence(`CAN ${SUM}MFD ${NUMBER}V ${NUMBER}%`, (d, [, values = '', volts, tolerance]) =>
    once(d, 'can', {
      sections: valuesOf(values),
      volts: Number(volts),
      tolerancePercent: Number(tolerance),
      sides: [],
    }),
  ),
  sentence(`(FAN|HERM) SIDE ${SUM}`, (d, [, load, values = '']) => {
    if (!d.can) return false
    d.can = {
      ...d.can,
      sides: [...d.can.sides, { load: load === 'FAN' ? 'FAN' : 'HERM', sections: valuesOf(values) }],
    }
  }),
  sentence(`COMPRESSOR ${NUMBER}MFD`, (d, [, value]) => once(d, 'compressorMicrofarads', Number(value))),
  sentence(String.raw`READ ([A-Z0-9 -]{1,40}) ${NUMBER}A`, (d, [, mode = '', amps]) => {
    d.readings = [...(d.readings ?? []), { mode: mode.toLowerCase(), amps: Number(amps) }]
  }),
  sentence('JOB ([0-9A-F]{32})', (d, [, id = '']) =>
    once(d, 'job', id.toLowerCase().replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, '$1-$2-$3-$4-$5')),
  ),
]

const valuesOf = (text: string): number[] => text.split('+').map(Number)
const areValues = (values: readonly number[]): boolean =>
  values.length > 0 && values.length <= MAX_SECTIONS && values.every((x) => x > 0 && x <= 1000)

/** The record that the sentences make; null where one is not understood, or one is missing. */
function recordOf(said: readonly string[]): CardRecord | null {
  const draft: Draft = {}
  for (const text of said) {
    const found = SENTENCES.map((s) => ({ s, match: s.pattern.exec(text) })).find(({ match }) => match)
    if (!found?.match || found.s.take(draft, found.match) === false) return null
  }
  const motor = motorOf(draft)
  const { job, unit } = draft
  if (!motor || !job || unit === undefined || !isCan(draft.can)) return null
  if (unit !== null && !unitTypeFor(unit)) return null
  return { ...NOTHING_SAID, ...fieldsOf(draft), job, unit, motor }
}

/** What a code need not say. */
const NOTHING_SAID = {
  date: null,
  site: '',
  unitName: '',
  wires: [],
  capped: [],
  plug: { joined: [], open: [] },
  can: null,
  compressorMicrofarads: null,
  readings: [],
}

function motorOf({ plate, name, turns, needs = null }: Draft): RecordMotor | null {
  return plate && name && turns ? { ...plate, name, turns, capacitor: needs } : null
}

const MOTOR_PARTS = new Set(['plate', 'name', 'turns', 'needs'])
/** What of a draft is the record's own. */
const fieldsOf = (draft: Draft): Partial<CardRecord> =>
  Object.fromEntries(Object.entries(draft).filter(([key]) => !MOTOR_PARTS.has(key)))

const isCan = (can: RecordCan | null | undefined): boolean =>
  !can || (areValues(can.sections) && can.sides.every((side) => areValues(side.sections)))
