import * as v from 'valibot'
import { problemsOf } from '../quantity/problem'
import { COLOUR_CODES, COLOUR_NAMES, insulationCode, insulationName } from './colour'
import { LeadSheetSchema, isReversible, type LeadSheet } from './lead-sheet'
import { LEAD_SHEETS, leadSheetById } from './lead-sheets'
import { plugFor } from './plug'
import { setLeads } from './settings'

const sheet = (id: string): LeadSheet => leadSheetById(id) as LeadSheet

describe('colour codes', () => {
  // IEC 60757 letter codes, from memory.
  const IEC = {
    black: 'BK',
    brown: 'BN',
    red: 'RD',
    orange: 'OG',
    yellow: 'YE',
    green: 'GN',
    blue: 'BU',
    purple: 'VT',
    gray: 'GY',
    white: 'WH',
    pink: 'PK',
    'green-yellow': 'GNYE',
  }
  it('are those of IEC 60757', () => {
    expect(Object.fromEntries(COLOUR_CODES.map((code) => [COLOUR_NAMES[code], code]))).toEqual(IEC)
  })
  it('name a stripe', () => {
    expect(insulationName({ colour: 'BN', stripe: 'WH' })).toBe('brown with white stripe')
    expect(insulationCode({ colour: 'BN', stripe: 'WH' })).toBe('BN/WH')
    expect(insulationCode({ colour: 'RD' })).toBe('RD')
  })
})

describe('the shipped lead sheets', () => {
  it('are of every kind', () => {
    expect(
      LEAD_SHEETS.map((s) => [
        s.id,
        s.kind,
        isReversible(s),
        s.settings.horsepower.length,
        s.settings.speed.length,
      ]),
    ).toEqual([
      ['rowan-25r', 'psc-outdoor', true, 1, 0],
      ['rowan-33m', 'psc-outdoor', true, 3, 0],
      ['rowan-16f', 'psc-outdoor', false, 1, 0],
      ['teal-33e', 'ecm-outdoor', true, 1, 2],
      ['alder-33b', 'psc-blower', true, 1, 3],
      ['alder-50b', 'psc-blower', true, 1, 4],
      ['brant-50t', 'three-phase', true, 1, 0],
    ])
  })
})

/** The sheet's problems after one edit of a good sheet. */
function problemsWith(id: string, edit: (s: LeadSheet) => void) {
  const copy = structuredClone(sheet(id))
  edit(copy)
  const parsed = v.safeParse(LeadSheetSchema, copy)
  return parsed.success ? [] : problemsOf(parsed.issues).map((p) => `${p.path}: ${p.message}`)
}

describe('a lead sheet that contradicts itself', () => {
  const cases: [string, string, (s: LeadSheet) => void, string][] = [
    [
      'a join names a lead it lacks',
      'rowan-25r',
      (s) => (s.settings.rotation[0]!.join[0] = ['purple', 'pink']),
      'settings.rotation.0.join.0: The sheet has no lead called “pink”.',
    ],
    [
      'a lead joined to itself',
      'rowan-25r',
      (s) => (s.settings.rotation[0]!.join[0] = ['purple', 'purple']),
      'settings.rotation.0.join.0: Lead “purple” is joined to itself.',
    ],
    [
      'a lead used twice',
      'rowan-25r',
      (s) => (s.settings.rotation[0]!.join[1] = ['purple', 'orange']),
      'settings.rotation.0.join.1: Lead “purple” is used twice in one setting.',
    ],
    [
      'two leads of one name',
      'rowan-25r',
      (s) => (s.leads[1]!.id = 'black'),
      'leads.1.id: Two leads are called “black”.',
    ],
    [
      'no start lead',
      'rowan-16f',
      (s) => (s.leads[2]!.role = 'run'),
      'leads: A PSC motor has exactly one start lead; this sheet has 0.',
    ],
    [
      'a tap that serves two speeds',
      'alder-33b',
      (s) => (s.settings.speed[1]!.tap = 'black'),
      'settings.speed.1.tap: Tap “black” serves two speeds.',
    ],
    [
      'a tap without a speed',
      'alder-33b',
      (s) => s.settings.speed.pop(),
      'settings.speed: Tap “red” has no speed named.',
    ],
    [
      'a speed that is no tap',
      'alder-33b',
      (s) => (s.settings.speed[0]!.tap = 'white'),
      'settings.speed.0.tap: “white” is no speed tap of this sheet.',
    ],
    [
      'one capacitor lead on a blower',
      'alder-33b',
      (s) => (s.leads[4]!.role = 'ground'),
      'leads: A blower motor has two capacitor leads; this sheet has 1.',
    ],
    [
      'a start lead on a blower',
      'alder-33b',
      (s) => (s.leads[10]!.role = 'start'),
      'leads.10.role: This kind of motor has no start.',
    ],
    [
      'a capacitor on a motor without one',
      'teal-33e',
      (s) => (s.capacitor = { microfarads: 5, volts: 370 }),
      'capacitor: This kind of motor has no run capacitor.',
    ],
    [
      'no capacitor on a PSC motor',
      'rowan-25r',
      (s) => (s.capacitor = null),
      'capacitor: A PSC motor’s tag names its capacitor.',
    ],
    [
      'a horsepower that covers from above itself',
      'teal-33e',
      (s) => (s.settings.horsepower[0]!.coversFrom = '1/2'),
      'settings.horsepower.0.coversFrom: It covers from 1/2 hp, which is above its own 1/3 hp.',
    ],
    [
      'more work than its amps bring',
      'rowan-25r',
      (s) => Object.assign(s.settings.horsepower[0]!, { horsepower: '5', amps: 1 }),
      'settings.horsepower.0: 5 hp is 3729 W of work, and 1 A at 230 V bring 230 W at most.',
    ],
    [
      'both plug positions alike',
      'rowan-25r',
      (s) => (s.settings.rotation[1]!.direction = 'CW'),
      'settings.rotation: Both plug positions say CW: there is no way to turn the other way.',
    ],
    [
      'an idle tap left loose',
      'rowan-33m',
      (s) => (s.settings.horsepower[0]!.insulate = ['blue']),
      'settings.horsepower.0.insulate: 1/3 hp leaves red loose: idle taps are insulated one by one.',
    ],
    [
      'two taps landed',
      'rowan-33m',
      (s) => s.settings.horsepower[0]!.land.push({ lead: 'blue', as: 'motor-common' }),
      'settings.horsepower.0.land: 1/3 hp must land exactly one horsepower tap as motor common.',
    ],
    [
      'the plug joins a winding lead',
      'rowan-25r',
      (s) => (s.settings.rotation[0]!.join[0] = ['purple', 'white']),
      'settings.rotation.0.join: “white” is no rotation lead, so the plug cannot join it.',
    ],
    [
      'volts the wrong way round',
      'rowan-25r',
      (s) => (s.nameplate.volts = { low: 230, high: 208 }),
      'nameplate.volts: The lower rated voltage is above the higher one.',
    ],
    [
      'another version',
      'rowan-25r',
      (s) => ((s as { version: number }).version = 2),
      'version: This lead sheet is of another version; version 1 is read here.',
    ],
    [
      'a field it does not know',
      'rowan-25r',
      (s) => ((s as Record<string, unknown>).torque = 1),
      'torque: “torque” is not a field Oak Switch knows here.',
    ],
  ]
  it.each(cases)('%s', (_, id, edit, message) => expect(problemsWith(id, edit)).toContain(message))
  it('has no problem when untouched', () => expect(problemsWith('rowan-33m', () => undefined)).toEqual([]))
})

describe('settings', () => {
  it('land one horsepower tap and insulate the others', () => {
    const s = sheet('rowan-33m')
    const use = Object.fromEntries(
      setLeads(s, {
        horsepower: s.settings.horsepower[1]!,
        rotation: s.settings.rotation[0]!,
        speed: null,
      }).map((l) => [l.lead.id, l.use]),
    )
    expect(use.blue).toEqual({ kind: 'land', as: 'motor-common' })
    expect(use.black).toEqual({ kind: 'insulate', why: 'not used at 1/4 hp' })
    expect(use.purple).toEqual({ kind: 'plug', joinedTo: 'yellow' })
    expect(use['brown/white']).toEqual({ kind: 'return' })
  })
  it('refuse a direction that a motor without a plug does not have', () => {
    expect(plugFor(sheet('rowan-16f'), 'CW')).toEqual({
      kind: 'refused',
      why: 'Rowan 16F cannot be reversed: it turns CCW only, seen from the shaft end. This fan needs CW seen from there.',
    })
    expect(plugFor(sheet('rowan-16f'), 'CCW')).toMatchObject({ kind: 'set' })
  })
})
