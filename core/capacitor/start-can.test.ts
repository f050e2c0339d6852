import * as v from 'valibot'
import { BLEEDS, bleedLabel, bleedWords, StartCanSchema, startMarking } from './start-can'

const CAN = { id: 'a', name: 'Start 135–162', low: 135, high: 162, volts: 250, bleed: null }
const said = (more: object): string[] => {
  const { issues } = v.safeParse(StartCanSchema, { ...CAN, ...more })
  return (issues ?? []).map((i) => i.message)
}

it('is named by its marking', () => expect(startMarking(CAN)).toBe('135–162 µF, 250 V'))

it('what is to be done about its resistor, in full and in so few words as a label has room for', () => {
  expect(BLEEDS.map((bleed) => [bleedWords(bleed), bleedLabel(bleed)])).toEqual([
    ['the old one’s resistor moved across its posts', 'Resistor: the old one'],
    ['a new 15 kΩ 2 W resistor across its posts', 'Resistor: 15 kΩ 2 W'],
    ['its resistor built in', 'Resistor: built in'],
  ])
  expect([bleedWords(null), bleedLabel(null)]).toEqual([
    'a 15 kΩ 2 W resistor belongs across its posts',
    'Resistor 15 kΩ 2 W: see to it',
  ])
})

it('is kept at the ends of what is believable, and refused beyond them in words', () => {
  for (const most of [{ high: 3000 }, { low: 0.1 }, { volts: 1000 }, { low: 162 }, { name: 'n'.repeat(300) }])
    expect([most, said(most)]).toEqual([most, []])
  expect(said({ high: 3001 })).toEqual(['The start capacitor above 3000 µF is not believable.'])
  expect(said({ low: 0 })).toEqual(['The start capacitor must be above 0 µF.'])
  expect(said({ volts: 1001 })).toEqual(['The start capacitor’s volts above 1000 V is not believable.'])
  expect(said({ volts: '250' })).toEqual(['The start capacitor’s volts must be a number of V.'])
  expect(said({ low: 163 })).toEqual(['The lower end of the range is above the upper one.'])
  expect(said({ bleed: 'none' })).toEqual(['A resistor is one of: moved, new, built-in.'])
  expect(said({ name: 7 })).toEqual(['The start capacitor’s name must be text.'])
  expect(said({ name: '' })).toHaveLength(1)
  expect(said({ name: 'n'.repeat(301) })).toHaveLength(1)
  expect(said({ id: '' })).toHaveLength(1)
  expect(said({ id: 'i'.repeat(61) })).toHaveLength(1)
  expect(said({ id: 'i'.repeat(60) })).toEqual([])
})
