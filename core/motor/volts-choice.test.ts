// A motor for two voltages: which its leads are joined for decides what is right for it, and is never guessed.
import { requestOnSupply } from '../circuit/request'
import { workOutHookup } from '../circuit/hookup'
import { NO_SUPPLY_FACTS } from '../supply/supply'
import { BLOWER_CAN } from '../testing/circuits'
import { requestFor, sheetOf } from '../testing/fixtures'
import type { LeadSheet } from './lead-sheet'
import { leadSheetProblems } from './lead-sheet-problems'
import { draftOf, sheetOf as sheetOfTag } from './tag-draft'
import { fitSteps } from '../fitting/steps'
import { matchMotors } from './match/match'
import type { OldMotor } from './match/criterion'
import { BLANK } from './match/mechanical'
import { EMPTY_MOTOR_PLATE } from './nameplate'
import { sheetOnVolts, voltsChoices, voltsName, voltsText } from './volts-choice'

const BASE = sheetOf('alder-33b')
const at = (volts: number, amps: number | null = null, how = '') => ({
  volts: { low: volts, high: volts },
  amps,
  how,
})
/** 5.2 A at 115 V, half of it at 230. */
const DUAL: LeadSheet = {
  ...BASE,
  constants: null,
  nameplate: { ...BASE.nameplate, volts: { low: 115, high: 230 } },
  settings: {
    ...BASE.settings,
    horsepower: [{ ...BASE.settings.horsepower[0]!, amps: 5.2 }],
    volts: [at(115, 5.2, 'orange to white, yellow to black'), at(230, 2.6, 'orange to yellow')],
  },
}
const matchInput = (unitVolts: number, amps: number): OldMotor => ({
  fan: 'blower',
  plate: {
    ...EMPTY_MOTOR_PLATE,
    horsepower: BASE.settings.horsepower.map((c) => c.horsepower),
    amps: [amps],
  },
  mechanical: BLANK,
  unitVolts,
  hertz: 60,
  supplyConflict: null,
  needsThroughShaft: false,
  speedsInUse: 1,
  steepBlades: false,
  wantedFromLeadEnd: null,
  estimate: { horsepower: null, rpm: null },
})
const request = requestFor('fan-coil-three-speed', 'alder-33b', { can: BLOWER_CAN })
function proofOn(sheet: LeadSheet, motorVolts: string | null, plate: number) {
  const { unit, ...rest } = request
  const facts = { ...NO_SUPPLY_FACTS, chosenVolts: plate }
  const asked = requestOnSupply(unit, facts, { ...rest, sheet, motorVolts })
  return { ...workOutHookup(asked.request, { mends: false }), sheet: asked.request.sheet }
}

describe('the choices', () => {
  it('are those of the sheet, or the two ends of a plate that is no range', () => {
    expect(voltsChoices(DUAL).map(voltsName)).toEqual(['115', '230'])
    const plate = (low: number, high: number): LeadSheet => ({
      ...BASE,
      nameplate: { ...BASE.nameplate, volts: { low, high } },
    })
    expect(voltsChoices(plate(115, 230)).map(voltsName)).toEqual(['115', '230'])
    expect(voltsChoices(plate(208, 230))).toEqual([])
    expect(voltsChoices(plate(200, 240))).toEqual([])
    expect(voltsChoices(BASE)).toEqual([])
  })
  it('set volts and amps; speeds and further horsepowers follow in proportion', () => {
    const { sheet, open } = sheetOnVolts(DUAL, '230', 230)
    expect(open).toBeNull()
    expect(sheet.nameplate.volts).toEqual({ low: 230, high: 230 })
    expect(sheet.settings.horsepower.map((c) => c.amps)).toEqual([2.6])
    const amps = (of: LeadSheet) => of.settings.speed.map((c) => c.amps)
    expect(amps(sheet)).toEqual(amps(DUAL).map((a) => a && a / 2))
    expect(amps(sheet).some((a) => a !== null)).toBe(true)
  })
  it('a motor of one voltage is as it comes', () =>
    expect(sheetOnVolts(BASE, null, 230)).toEqual({ sheet: BASE, open: null }))
  it('while none is made the sheet is taken as joined for the supply, and that is open', () => {
    const { sheet, open } = sheetOnVolts(DUAL, null, 240)
    expect(sheet.nameplate.volts.high).toBe(230)
    expect(open).toBe(
      'the motor is for 115 or 230 V: which of them its leads are joined for is not stated. The supply is 240 V.',
    )
    expect(sheetOnVolts(DUAL, null, 120).sheet.nameplate.volts.high).toBe(115)
  })
})

describe('the proof', () => {
  it('cannot tell until it is stated, whatever the supply', () => {
    for (const plate of [120, 230]) {
      const { proof } = proofOn(DUAL, null, plate)
      expect(proof.verdict).toBe('cannotTell')
      expect(proof.sentence).toContain('which of them its leads are joined for is not stated')
    }
  })
  it('joined for the supply it is proven; for the other it is stopped', () => {
    const codes = (motorVolts: string, plate: number) =>
      proofOn(DUAL, motorVolts, plate)
        .proof.hazards.filter((h) => h.severity === 'stop')
        .map((h) => h.code)
    expect(codes('115', 120)).toEqual([])
    expect(proofOn(DUAL, '115', 120).proof.verdict).not.toBe('cannotTell')
    expect(codes('230', 120)).toContain('voltage-class')
    expect(codes('115', 230)).toContain('voltage-class')
    expect(codes('230', 230)).toEqual([])
  })
  it('a plate range that is two voltages passes neither unasked', () => {
    const wide = { ...DUAL, settings: { ...DUAL.settings, volts: undefined } } as LeadSheet
    expect(proofOn(wide, null, 120).proof.verdict).toBe('cannotTell')
    expect(proofOn(wide, null, 230).proof.verdict).toBe('cannotTell')
  })
})

it('in a match its amps are those it draws when it is joined for this supply', () => {
  const old = (unitVolts: number, amps: number) => matchInput(unitVolts, amps)
  const row = (unitVolts: number, amps: number) =>
    matchMotors(old(unitVolts, amps), [DUAL])[0]!.rows.find((r) => r.criterion === 'amps')
  // 5.2 A at 115 V, 2.6 at 230.
  expect(row(230, 2.6)).toMatchObject({ verdict: 'pass', figures: '2.6 A before, 2.6 A here' })
  expect(row(120, 5.2)).toMatchObject({ verdict: 'pass', figures: '5.2 A before, 5.2 A here' })
  expect(row(120, 2.6)).toMatchObject({ verdict: 'watch', figures: '2.6 A before, 5.2 A here' })
})

it('its volts are told as two, a range as one', () => {
  expect([voltsText(DUAL), voltsText(sheetOf('rowan-25r')), voltsText(BASE)]).toEqual([
    '115/230 V',
    '208–230 V',
    '115 V',
  ])
})

it('fitting begins with how its own leads are joined', () => {
  const { unit, ...rest } = request
  const facts = { ...NO_SUPPLY_FACTS, chosenVolts: 230 }
  const asked = requestOnSupply(unit, facts, { ...rest, sheet: DUAL, motorVolts: '230' }).request
  const steps = fitSteps(asked, workOutHookup(asked, { mends: false }))
  expect(steps.find((s) => s.id === 'volts')?.text).toBe(
    'The motor’s own leads joined for 230 V: orange to yellow.',
  )
  expect(steps.findIndex((s) => s.id === 'volts')).toBeLessThan(steps.findIndex((s) => s.kind === 'land'))
})

it('one voltage alone is no choice', () => {
  const one = { ...DUAL, settings: { ...DUAL.settings, volts: [at(230)] } }
  expect(leadSheetProblems(one).map((p) => p.message)).toEqual([
    'A motor whose leads are joined for its volts has two voltages at least; one alone is its rated one.',
  ])
})

it('a choice upside down is refused where it stands', () => {
  const wrong = {
    ...DUAL,
    settings: { ...DUAL.settings, volts: [at(115), { ...at(230), volts: { low: 240, high: 208 } }] },
  }
  expect(leadSheetProblems(wrong)).toContainEqual({
    path: 'settings.volts.1.volts',
    message: 'The lower rated voltage is above the higher one.',
  })
  expect(leadSheetProblems(DUAL)).toEqual([])
})

it('the tag keeps them when it is read again', () =>
  expect(sheetOfTag(draftOf(DUAL))).toMatchObject({ settings: { volts: DUAL.settings.volts } }))
