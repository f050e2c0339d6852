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
  const IEC = { black: 'BK', brown: 'BN', red: 'RD', orange: 'OG', yellow: 'YE', green: 'GN', blue: 'BU', purple: 'VT', gray: 'GY', white: 'WH', pink: 'PK', 'green-yellow': 'GNYE' }
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
  it('are three: reversible, multi-horsepower, not reversible', () => {
    expect(LEAD_SHEETS.map((s) => [s.id, isReversible(s), s.settings.horsepower.length])).toEqual([
      ['rowan-25r', true, 1],
      ['rowan-33m', true, 3],
      ['rowan-16f', false, 1],
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
    ['a join names a lead it lacks', 'rowan-25r', (s) => (s.settings.rotation[0]!.join[0] = ['purple', 'pink']), 'settings.rotation.0.join.0: The sheet has no lead called “pink”.'],
    ['a lead joined to itself', 'rowan-25r', (s) => (s.settings.rotation[0]!.join[0] = ['purple', 'purple']), 'settings.rotation.0.join.0: Lead “purple” is joined to itself.'],
    ['a lead used twice', 'rowan-25r', (s) => (s.settings.rotation[0]!.join[1] = ['purple', 'orange']), 'settings.rotation.0.join.1: Lead “purple” is used twice in one setting.'],
    ['two leads of one name', 'rowan-25r', (s) => (s.leads[1]!.id = 'black'), 'leads.1.id: Two leads are called “black”.'],
    ['no start lead', 'rowan-16f', (s) => (s.leads[2]!.role = 'run'), 'leads: A PSC motor has exactly one start lead; this sheet has 0.'],
    ['both plug positions alike', 'rowan-25r', (s) => (s.settings.rotation[1]!.direction = 'CW'), 'settings.rotation: Both plug positions say CW: there is no way to turn the other way.'],
    ['an idle tap left loose', 'rowan-33m', (s) => (s.settings.horsepower[0]!.insulate = ['blue']), 'settings.horsepower.0.insulate: 1/3 hp leaves red loose: idle taps are insulated one by one.'],
    ['two taps landed', 'rowan-33m', (s) => s.settings.horsepower[0]!.land.push({ lead: 'blue', as: 'motor-common' }), 'settings.horsepower.0.land: 1/3 hp must land exactly one horsepower tap as motor common.'],
    ['the plug joins a winding lead', 'rowan-25r', (s) => (s.settings.rotation[0]!.join[0] = ['purple', 'white']), 'settings.rotation.0.join: “white” is no rotation lead, so the plug cannot join it.'],
    ['volts the wrong way round', 'rowan-25r', (s) => (s.nameplate.volts = { low: 230, high: 208 }), 'nameplate.volts: The lower rated voltage is above the higher one.'],
    ['another version', 'rowan-25r', (s) => ((s as { version: number }).version = 2), 'version: This lead sheet is of another version; version 1 is read here.'],
    ['a field it does not know', 'rowan-25r', (s) => ((s as Record<string, unknown>).torque = 1), 'torque: “torque” is not a field Oak Switch knows here.'],
  ]
  it.each(cases)('%s', (_, id, edit, message) => expect(problemsWith(id, edit)).toContain(message))
  it('has no problem when untouched', () => expect(problemsWith('rowan-33m', () => undefined)).toEqual([]))
})

describe('settings', () => {
  it('land one horsepower tap and insulate the others', () => {
    const s = sheet('rowan-33m')
    const use = Object.fromEntries(setLeads(s, s.settings.horsepower[1]!, s.settings.rotation[0]!).map((l) => [l.lead.id, l.use]))
    expect(use.blue).toEqual({ kind: 'land', as: 'motor-common' })
    expect(use.black).toEqual({ kind: 'insulate', why: 'not used at 1/4 hp' })
    expect(use.purple).toEqual({ kind: 'plug', joinedTo: 'yellow' })
    expect(use['brown/white']).toEqual({ kind: 'return' })
  })
  it('refuse a direction that a motor without a plug does not have', () => {
    expect(plugFor(sheet('rowan-16f'), 'CW')).toEqual({ kind: 'refused', why: 'Rowan 16F cannot be reversed: it turns CCW only, seen from the shaft end. This fan needs CW seen from there.' })
    expect(plugFor(sheet('rowan-16f'), 'CCW')).toMatchObject({ kind: 'set' })
  })
})
