// What stands where, by hand: copper carries a line's own potential, a winding or a capacitor lets it through.
import { unitOf } from '../testing/fixtures'
import type { Network } from './network'
import { copperIn, isLine, potentials } from './potential'

const unit = unitOf('cooling-2-pole-shared-capacitor')
const line = (i: number) => (i === 0 ? unit.supply.line1 : unit.supply.line2)
const edge = (a: string, b: string) => ({ a, b })
const network = (more: Partial<Record<keyof Network, readonly unknown[]>>): Network =>
  ({ conductors: [], switches: [], windings: [], capacitors: [], ...more }) as unknown as Network
const at = (of: Network, ...points: string[]) => {
  const mode = unit.modes[0]
  if (!mode) throw new Error('the unit has no mode')
  const found = potentials(copperIn(unit, of, mode.id), of, points)
  return points.map((point) => found.get(point))
}

it('a line reaches through windings and capacitors one after another, in whatever order they are listed', () => {
  const links = [edge('y', 'z'), edge('x', 'y'), edge('x', 'w')]
  for (const windings of [links, [...links].reverse()]) {
    const of = network({ conductors: [edge(line(0), 'x')], windings })
    expect(at(of, 'x', 'w', 'y', 'z', 'nowhere')).toEqual(['line1', 'through', 'through', 'through', 'dead'])
  }
  // The other way round too: whoever is named first on an edge does not matter.
  const back = network({
    conductors: [edge(line(1), 'x')],
    windings: [edge('z', 'y')],
    capacitors: [edge('y', 'x')],
  })
  expect(at(back, 'x', 'y', 'z')).toEqual(['line2', 'through', 'through'])
})
it('earth and 24 V let nothing through, and copper of two sources is a fault', () => {
  const [coil, earth] = ['coil', 'earth'].map(
    (kind) => unit.posts.find((post) => post.kind === kind)?.id ?? '',
  )
  const of = network({
    conductors: [edge(earth ?? '', 'e'), edge(coil ?? '', 'c')],
    windings: [edge('e', 'f'), edge('c', 'd')],
  })
  expect(at(of, 'e', 'f', 'c', 'd')).toEqual(['earth', 'dead', 'low-voltage', 'dead'])
  const short = network({ conductors: [edge(line(0), 'x'), edge('x', line(1))] })
  expect(at(short, 'x', line(0))).toEqual(['fault', 'fault'])
})
it('a lead that is left out carries nothing', () => {
  const of = network({ conductors: [{ ...edge(line(0), 'x'), lead: 'black' }] })
  const mode = unit.modes[0]
  if (!mode) throw new Error('the unit has no mode')
  expect(copperIn(unit, of, mode.id).sources('x')).toEqual(['line1'])
  expect(copperIn(unit, of, mode.id, 'black').sources('x')).toEqual([])
  expect(copperIn(unit, of, mode.id, 'white').sources('x')).toEqual(['line1'])
})
it('earth and 24 V are no lines', () =>
  expect((['line1', 'line2', 'line3', 'earth', 'low-voltage'] as const).map(isLine)).toEqual([
    true,
    true,
    true,
    false,
    false,
  ]))
