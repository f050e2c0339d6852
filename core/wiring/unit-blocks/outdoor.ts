// The blocks of an outdoor unit, wired to one another as such parts usually are. Common practice, no source.
import type { PostId, UnitType } from '../unit-type'
import { MOTOR_END } from '../wire'
import { contact, hasThreePhaseFan, modesOf, part, post, spliced, wire, type Growing } from './growing'
import { blocksOf, type Block } from './plan'

/** Contactor, the fan's relay, capacitor, compressor: each wired as such units usually are. */
export function growOutdoor(unit: Growing): UnitType['supply'] {
  const { plan } = unit
  const [contactor] = blocksOf(plan, 'contactor')
  const second = plan.feed === 'neutral' ? 'N' : 'L2'
  const incoming: PostId[] = plan.feed === 'three' ? ['L1', 'L2', 'L3'] : ['L1', second]
  const box = contactor ? 'contactor' : 'block'
  part(unit, box, contactor ? 'Contactor' : 'Line block')
  incoming.forEach((line) => post(unit, box, line, line, line === 'N' ? 'neutral' : 'supply'))
  const loads = contactor ? growContactor(unit, contactor, incoming) : incoming
  const [first = 'L1', other = second, third] = loads
  const switched = growFanRelay(unit, first)
  const tie = other
  growFanWires(unit, {
    switched: spliced(unit, 'switched', switched),
    other: spliced(unit, 'other', other),
    third,
  })
  growCans(unit, tie)
  growCompressor(unit, loads)
  return {
    line1: 'L1',
    line2: second,
    ...(plan.feed === 'three' ? { line3: 'L3' } : {}),
  }
}

/** Poles switch the first lines; a line without a pole goes through a shunt and stays live. With two poles on three lines it is the second. */
function growContactor(
  unit: Growing,
  { poles, modes }: Extract<Block, { kind: 'contactor' }>,
  incoming: readonly PostId[],
): PostId[] {
  const order = incoming.length === 3 && poles === 2 ? [0, 2, 1] : incoming.map((_, i) => i)
  const loads = incoming.map((_, i) => post(unit, 'contactor', `T${i + 1}`, `T${i + 1}`, 'load'))
  order.forEach((line, k) => {
    const [from = '', to = ''] = [incoming[line], loads[line]]
    if (k < poles) contact(unit, `pole ${k + 1}`, from, to, modes)
    else unit.links.push({ from, to, what: `shunt of the ${poles}-pole contactor: always live` })
  })
  post(unit, 'contactor', 'A1', 'coil', 'coil')
  post(unit, 'contactor', 'A2', 'coil', 'coil')
  return loads
}

/** Between the switched line and the fan; closed in off too, as such relays rest. */
function growFanRelay(unit: Growing, feed: PostId): PostId {
  const [relay] = blocksOf(unit.plan, 'fan-relay')
  if (!relay) return feed
  part(unit, 'defrost-board', 'Defrost board')
  post(unit, 'defrost-board', 'DF1', 'fan in', 'relay')
  post(unit, 'defrost-board', 'DF2', 'fan out', 'relay')
  const closed = modesOf(unit.plan).filter((mode) => !relay.opensIn.includes(mode))
  contact(unit, 'fan relay', 'DF1', 'DF2', closed)
  wire(unit, 'relay-feed', feed, 'DF1')
  return 'DF2'
}

function growFanWires(
  unit: Growing,
  {
    switched,
    other,
    third,
  }: { readonly switched: PostId; readonly other: PostId; readonly third: PostId | undefined },
): void {
  wire(unit, 'fan-a', switched, MOTOR_END)
  wire(unit, 'fan-b', other, MOTOR_END)
  if (hasThreePhaseFan(unit.plan) && third !== undefined) wire(unit, 'fan-c', third, MOTOR_END)
}

/** The fan's capacitor: two posts of its own, or FAN and C of a dual one whose C is tied to run's line. */
function growCans(unit: Growing, tie: PostId): void {
  const { plan } = unit
  if (blocksOf(plan, 'dual-can').length > 0) {
    part(unit, 'capacitor', 'Dual capacitor')
    post(unit, 'capacitor', 'C', 'C', 'cap-c')
    post(unit, 'capacitor', 'HERM', 'HERM', 'cap-compressor')
    post(unit, 'capacitor', 'FAN', 'FAN', 'cap-fan')
    wire(unit, 'fan-c', 'FAN', MOTOR_END)
    wire(unit, 'tie', tie, 'C')
  } else if (blocksOf(plan, 'fan-can').length > 0) {
    part(unit, 'capacitor', 'Fan capacitor')
    post(unit, 'capacitor', 'F1', 'fan cap 1', 'cap-fan')
    post(unit, 'capacitor', 'F2', 'fan cap 2', 'cap-c')
    wire(unit, 'fan-c', 'F1', MOTOR_END)
    wire(unit, 'fan-d', 'F2', MOTOR_END)
  }
}

function growCompressor(unit: Growing, loads: readonly PostId[]): void {
  const { plan } = unit
  const [compressor] = blocksOf(plan, 'compressor')
  if (!compressor) return
  const [first = 'L1', other = 'L2'] = loads
  if (compressor.phases === 3) {
    part(unit, 'compressor', 'Compressor')
    loads.slice(0, 3).forEach((load, i) => {
      post(unit, 'compressor', `COMP-${i + 1}`, String(i + 1), 'compressor')
      wire(unit, `comp-${i + 1}`, load, `COMP-${i + 1}`)
    })
    return
  }
  if (compressor.ownCan) {
    part(unit, 'compressor-capacitor', 'Compressor capacitor')
    post(unit, 'compressor-capacitor', 'H1', 'comp cap 1', 'kept-cap')
    post(unit, 'compressor-capacitor', 'H2', 'comp cap 2', 'kept-cap')
    wire(unit, 'comp-cap-tie', other, 'H2')
  }
  part(unit, 'compressor', 'Compressor')
  for (const end of ['C', 'R', 'S'] as const) post(unit, 'compressor', `COMP-${end}`, end, 'compressor')
  if (compressor.ownCan) wire(unit, 'comp-s', 'H1', 'COMP-S')
  else if (blocksOf(plan, 'dual-can').length > 0) wire(unit, 'comp-s', 'HERM', 'COMP-S')
  wire(unit, 'comp-c', first, 'COMP-C')
  wire(unit, 'comp-r', other, 'COMP-R')
}
