import * as v from 'valibot'
import { LeadSheetSchema } from './lead-sheet'
import { EMPTY_MOTOR_PLATE } from './nameplate'
import { motorVoltsFor, STAYING_ID, stayingTag, type StayingFacts } from './staying-tag'
import { sheetOf, tagProblems } from './tag-draft'

const lead = (colour: 'BK' | 'WH' | 'BN' | 'BU' | 'RD', role: StayingFacts['leads'][number]['role']) => ({
  insulation: { colour, stripe: null },
  role,
  speed: null,
})
const FACTS: StayingFacts = {
  kind: 'psc-outdoor',
  plate: {
    ...EMPTY_MOTOR_PLATE,
    horsepower: ['1/4'],
    rpm: [1075],
    volts: [{ low: 208, high: 230 }],
    amps: [1.5],
    microfarads: 5,
    capacitorVolts: 440,
    rotation: { direction: 'CCW', seenFrom: 'shaft-end' },
  },
  unitVolts: 230,
  hertz: 60,
  leads: [lead('BK', 'motor-common'), lead('WH', 'run'), lead('BN', 'start')],
  labelMicrofarads: 7.5,
  capacitorVolts: 370,
  turns: 'CCW',
  mechanical: null,
}

it('plate and wires together are a whole tag; each lead a guess by where its wire went', () => {
  const draft = stayingTag(FACTS)
  expect(tagProblems(draft)).toEqual([])
  expect(draft.guessed).toEqual(['black', 'white', 'brown'])
  expect(v.parse(LeadSheetSchema, sheetOf(draft))).toMatchObject({
    id: STAYING_ID,
    name: 'The old motor, 1/4 hp',
    nameplate: { volts: { low: 208, high: 230 }, hertz: 60, rpm: 1075 },
    // The plate before the label of the can.
    capacitor: { microfarads: 5, volts: 440 },
    leads: [{ role: 'motor-common' }, { role: 'run' }, { role: 'start' }],
    settings: { horsepower: [{ horsepower: '1/4', amps: 1.5 }] },
  })
})
it('turns as the plate says, seen from the lead end; without it as the blade told; else it is open', () => {
  // Counter-clockwise from the shaft end is clockwise from the lead end.
  expect(stayingTag(FACTS).turns).toEqual({ CW: [] })
  const blank = (rotation: StayingFacts['plate']['rotation'], turns: StayingFacts['turns']) =>
    stayingTag({ ...FACTS, plate: { ...FACTS.plate, rotation }, turns }).turns
  expect(blank({ direction: 'CCW', seenFrom: 'lead-end' }, 'CW')).toEqual({ CCW: [] })
  expect(blank({ direction: 'CW', seenFrom: null }, 'CCW')).toEqual({ CCW: [] })
  expect(blank(null, null)).toEqual({})
})
it('an unreadable plate leaves gaps; volts come from the supply, µF from the fan’s side of the label', () => {
  const draft = stayingTag({ ...FACTS, plate: EMPTY_MOTOR_PLATE })
  expect([draft.name, draft.rpm, draft.horsepower[0]?.horsepower, draft.horsepower[0]?.amps]).toEqual([
    'The old motor',
    null,
    '',
    null,
  ])
  expect(draft.volts).toEqual({ low: 208, high: 230 })
  expect(draft.capacitor).toEqual({ microfarads: 7.5, volts: 370 })
  expect(tagProblems(draft).map((p) => p.message)).toContain('The rated rpm is missing.')
  const nothing = stayingTag({ ...FACTS, plate: EMPTY_MOTOR_PLATE, labelMicrofarads: null })
  expect(nothing.capacitor).toEqual({ microfarads: null, volts: 370 })
})
it('a wire whose role is not known is no lead yet; one without a colour has the usual one, if that is free', () => {
  const bare = (role: 'run' | 'start' | 'capacitor') => ({ insulation: null, role, speed: null })
  const outdoor = [lead('BK', 'motor-common'), lead('WH', null), bare('run'), bare('start')]
  expect(stayingTag({ ...FACTS, leads: outdoor }).leads.map((l) => [l.id, l.role])).toEqual([
    ['black', 'motor-common'],
    ['white', 'run'],
    ['brown', 'start'],
  ])
  // White is taken: run's next usual colour.
  const taken = [lead('WH', 'motor-common'), bare('run')]
  expect(stayingTag({ ...FACTS, leads: taken }).leads.map((l) => l.id)).toEqual(['white', 'purple'])
  const blower = [bare('capacitor'), bare('capacitor'), bare('capacitor')]
  expect(stayingTag({ ...FACTS, kind: 'psc-blower', leads: blower }).leads.map((l) => l.id)).toEqual([
    'brown',
    'brown/white',
  ])
})
it('a tap without a colour has that of its speed, and no speed by a colour that was guessed', () => {
  const tap = (speed: 'low' | null) => ({ insulation: null, role: 'speed' as const, speed })
  const draft = stayingTag({ ...FACTS, kind: 'psc-blower', leads: [tap('low'), tap(null)] })
  expect(draft.speed.map((s) => [s.tap, s.speed])).toEqual([
    ['red', 'low'],
    ['black', null],
  ])
})
it('a blower’s tap has the speed of the label, else that of its colour, else none', () => {
  const tap = (colour: 'BK' | 'BU' | 'WH', speed: 'low' | null) => ({ ...lead(colour, 'speed'), speed })
  const draft = stayingTag({
    ...FACTS,
    kind: 'psc-blower',
    leads: [tap('BK', 'low'), tap('BU', null), tap('WH', null)],
  })
  expect(draft.speed.map((s) => [s.tap, s.speed])).toEqual([
    ['black', 'low'],
    ['blue', 'medium'],
    ['white', null],
  ])
})
it('volts of a supply, both ends of each class', () => {
  expect([199, 200, 250, 251].map((v) => motorVoltsFor(v).low)).toEqual([199, 208, 208, 251])
  expect([99, 100, 130, 131].map((v) => motorVoltsFor(v).high)).toEqual([99, 115, 115, 131])
  expect(motorVoltsFor(277)).toEqual({ low: 277, high: 277 })
})
