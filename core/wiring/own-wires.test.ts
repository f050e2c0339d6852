import { sheetOf, tracedWires, unitOf } from '../testing/fixtures'
import { findRoles } from './evidence'
import { ownWires } from './own-wires'

const UNIT = unitOf('cooling-1-pole-shared-capacitor')
const SHEET = sheetOf('rowan-25r')
const colours = { 'motor-common': 'BK', run: 'WH', start: 'BN' } as const
/** The wires at the motor in the colours that this sheet's leads have. */
const WIRES = tracedWires(UNIT)
const FOUND = findRoles(UNIT, WIRES)
const coloured = (over: Partial<Record<keyof typeof colours, 'BK' | 'WH' | 'BN' | 'RD'>> = {}) =>
  WIRES.map((wire) => {
    const role = FOUND.find((f) => f.wire === wire.id)?.role
    const colour = role && role in colours ? { ...colours, ...over }[role as keyof typeof colours] : undefined
    return colour ? { ...wire, segments: [{ colour, stripe: null }] } : wire
  })
const own = (wires: Parameters<typeof ownWires>[2]) =>
  Object.fromEntries(
    [...ownWires(UNIT, SHEET, wires, findRoles(UNIT, wires))].map(([lead, wire]) => [lead, wire.from]),
  )
const at = (role: string) => WIRES.find((w) => w.id === FOUND.find((f) => f.role === role)?.wire)?.from

it('a wire is the lead that looks like it', () =>
  expect(own(coloured())).toMatchObject({ black: at('motor-common'), white: at('run'), brown: at('start') }))
it('also where it is on the wrong post: then the lead is there', () => {
  // Exchanged at the motor: black hangs where start was, brown where motor common was.
  const crossed = own(coloured({ start: 'BK', 'motor-common': 'BN' }))
  expect([crossed.black, crossed.brown]).toEqual([at('start'), at('motor-common')])
})
it('without a colour by its role; with a colour that no lead has too', () => {
  expect(own(WIRES).brown).toBe(at('start'))
  expect(own(coloured({ start: 'RD' })).brown).toBe(at('start'))
})
it('two wires of one colour tell nothing by it', () => {
  const both = own(coloured({ run: 'BK' }))
  expect([both.black, both.white]).toEqual([at('motor-common'), at('run')])
})
it('a lead that has no wire has none: the plug stays at the motor', () => {
  const found = own(coloured())
  for (const lead of SHEET.leads.filter((l) => l.role === 'rotation')) expect(found[lead.id]).toBeUndefined()
})

it('three phase leads are alike: one by its colour, the others in the order of their posts', () => {
  const unit = unitOf('packaged-three-phase')
  const wires = tracedWires(unit)
    .map((wire) =>
      wire.from === 'T1' ? { ...wire, segments: [{ colour: 'BU' as const, stripe: null }] } : wire,
    )
    .reverse()
  const found = ownWires(unit, sheetOf('brant-50t'), wires, findRoles(unit, wires))
  expect(Object.fromEntries([...found].map(([lead, wire]) => [lead, wire.from]))).toEqual({
    blue: 'T1',
    black: 'T2',
    red: 'T3',
    green: 'GND',
  })
})
