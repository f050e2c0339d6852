// What keeps a proof back, each thing by its own name; expected from the unit's posts and the colours noted.
import { BLOWER_CAN } from '../testing/circuits'
import { hookupWith, requestFor, tracedWires, unitOf } from '../testing/fixtures'
import type { NamedWire } from '../wiring/wire'
import { silentOnes } from './unknowns'

const REQUEST = requestFor()
const unknowns = (wires: readonly NamedWire[]) => hookupWith({ ...REQUEST, wires }, {}).proof.unknowns
const change = (more: Readonly<Record<string, Partial<NamedWire>>>) =>
  tracedWires(REQUEST.unit).map((w) => ({ ...w, ...more[w.id] }))
const red: Partial<NamedWire> = { segments: [{ colour: 'RD', stripe: null }] }

it('a wire that is not traced, by colour and post; what nothing tells of it beside it', () => {
  expect(unknowns(change({ 'fan-a': { ...red, traced: false } }))).toEqual([
    'the red wire on T1 on the contactor is not traced.',
    'what the red wire on T1 on the contactor does is not known.',
  ])
})
it('up to three are named at once; more are counted first', () => {
  const open = { traced: false }
  expect(unknowns(change({ 'comp-c': open, 'comp-r': open }))[0]).toBe(
    'the wire from T1 on the contactor to C on the compressor and the wire from T2 on the contactor to R on the compressor are not traced.',
  )
  const four = unknowns(change({ 'comp-c': open, 'comp-r': open, 'comp-s': open, tie: open }))
  expect(four[0]).toBe('4 wires are not traced.')
  expect(four.slice(1, 5).every((text) => /^the wire from .* is not traced\.$/.test(text))).toBe(true)
})
it('two wires with one job are both named', () => {
  expect(unknowns(change({ 'fan-b': { ...red, from: 'L1' } }))).toContain(
    'the wire on T1 on the contactor and the red wire on L1 on the contactor both come out as motor common: trace both again.',
  )
})

describe('outputs without a lead', () => {
  const furnace = unitOf('gas-furnace-board')
  it('are outputs and nothing else, each with the modes that none but it serves', () => {
    const silent = silentOnes(furnace, [])
    expect(silent.map(({ id }) => id)).toEqual(
      furnace.posts.filter((post) => post.kind === 'output').map((post) => post.id),
    )
    expect(silent.every(({ modes }) => modes.length > 0)).toBe(true)
    // With its usual leads only the one without a lead from the factory is left.
    expect(silentOnes(furnace, tracedWires(furnace)).map(({ id }) => id)).toEqual(['CIRC'])
  })
  it('an outdoor fan has none', () => expect(silentOnes(REQUEST.unit, [])).toEqual([]))
})

it('a unit that turns something at both ends asks for a motor whose sheet says that it can', () => {
  const request = requestFor('roof-through-shaft', 'alder-33b')
  const silent = { ...request.sheet, mechanical: null }
  expect(hookupWith({ ...request, sheet: silent }, {}).proof.unknowns).toContain(
    'whether the motor has two shaft ends is not on its sheet: look at it.',
  )
})

describe('an old blower capacitor with an end on a line', () => {
  const SAID =
    /^a wire ties the old blower capacitor to a line, and the motor’s two capacitor leads may touch nothing else/
  const request = requestFor('gas-furnace-board', 'alder-33b', { can: BLOWER_CAN })
  const [cap] = request.unit.posts.filter((post) => post.kind === 'cap-c')
  const tie: NamedWire = {
    id: 'tie',
    from: request.unit.supply.line2,
    to: cap!.id,
    segments: [],
    traced: true,
    stated: [],
  }
  const said = (more: Partial<typeof request>) =>
    hookupWith({ ...request, ...more }, {}).proof.unknowns.filter((text) => SAID.test(text))
  it('is asked about on a blower that has two capacitor leads', () => {
    expect(said({ wires: [...request.wires, tie] })).toHaveLength(1)
    expect(said({})).toEqual([])
  })
  it('and not on an outdoor unit, where it is so by the diagram', () =>
    expect(hookupWith(REQUEST, {}).proof.unknowns.filter((text) => SAID.test(text))).toEqual([]))
})
