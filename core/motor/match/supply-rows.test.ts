// Voltage classes where only the old plate speaks: 277 is a class of its own, neither 208-230 nor 460.
import { EMPTY_MOTOR_PLATE } from '../nameplate'
import { leadSheetById } from '../lead-sheets'
import { tell, type OldMotor } from './criterion'
import { BLANK } from './mechanical'
import { hertzRow, voltageRow } from './supply-rows'

const OLD: OldMotor = {
  fan: 'outdoor',
  plate: EMPTY_MOTOR_PLATE,
  mechanical: BLANK,
  unitVolts: null,
  hertz: 60,
  supplyConflict: null,
  needsThroughShaft: false,
  speedsInUse: 1,
  steepBlades: null,
  wantedFromLeadEnd: null,
  estimate: { horsepower: null, rpm: null },
}
const verdict = (old: number, rated: number) => {
  const sheet = leadSheetById('rowan-25r')!
  const candidate = { ...sheet, nameplate: { ...sheet.nameplate, volts: { low: rated, high: rated } } }
  return voltageRow({ ...OLD, plate: { ...EMPTY_MOTOR_PLATE, volts: [{ low: old, high: old }] } }, candidate)
    .verdict
}

it.each([
  [277, 277, 'pass'],
  [277, 265, 'pass'],
  [277, 260, 'pass'],
  [277, 290, 'pass'],
  [277, 259, 'fail'],
  [277, 460, 'fail'],
  [277, 230, 'fail'],
  [230, 208, 'pass'],
  [120, 115, 'pass'],
  [460, 480, 'pass'],
  [460, 277, 'fail'],
] as const)('an old plate of %s V and a motor for %s V: %s', (old, rated, wanted) =>
  expect(verdict(old, rated)).toBe(wanted),
)

it.each([
  [60, 60, 'pass', '60 Hz wanted, 60 Hz here', 'The same.'],
  [50, 60, 'fail', '50 Hz wanted, 60 Hz here', 'It would draw more, turn slower and get hot.'],
  [60, 50, 'fail', '60 Hz wanted, 50 Hz here', 'It would turn faster than the fan is made for.'],
] as const)('on %s Hz a motor for %s: %s', (hertz, rated, ...said) => {
  const sheet = leadSheetById('rowan-25r')!
  const candidate = { ...sheet, nameplate: { ...sheet.nameplate, hertz: rated } }
  const { verdict, figures, reason } = tell(hertzRow({ ...OLD, hertz }, candidate))
  expect([verdict, figures, reason]).toEqual(said)
})
