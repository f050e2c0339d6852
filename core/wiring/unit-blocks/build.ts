// From blocks to a unit type: the posts each brings, what it joins and switches, and how such parts are usually wired to one another.
// Common practice, no source; the diagram on the unit overrules it.
import {
  linesOf,
  MODE_IDS,
  type ModeId,
  type Post,
  type PostId,
  type PostKind,
  type UnitType,
} from '../unit-type'
import { MOTOR_END } from '../wire'
import { blocksOf, MODE_NAMES, type Block, type UnitPlan } from './plan'

/** A unit type while it grows. */
interface Growing {
  readonly plan: UnitPlan
  readonly parts: UnitType['parts']
  readonly posts: Post[]
  readonly links: UnitType['links']
  readonly switches: UnitType['switches']
  readonly wires: UnitType['typicalWires']
}

/** The unit type that the plan makes, under this id; sound or not (see unitTypeProblems and planProblems). */
export function buildUnit(plan: UnitPlan, id: string): UnitType {
  const unit: Growing = { plan, parts: [], posts: [], links: [], switches: [], wires: [] }
  const supply = plan.fan === 'outdoor' ? growOutdoor(unit) : growBlower(unit)
  part(unit, 'chassis', 'Chassis')
  post(unit, 'chassis', 'GND', 'ground', 'earth')
  wire(unit, 'fan-g', 'GND', MOTOR_END)
  const modes = modesOf(plan)
  const type = {
    format: 'oak-switch/unit-type',
    version: 1,
    source: 'put together on site; the diagram on the unit overrules it',
    id,
    name: plan.name || 'Unit without a name',
    family: familyOf(plan),
    traits: {
      fan: plan.fan,
      contactorPoles: blocksOf(plan, 'contactor')[0]?.poles ?? 0,
      capacitor: capacitorOf(plan),
      phases: hasThreePhaseFan(plan) ? 3 : 1,
      defrostRelay: blocksOf(plan, 'fan-relay').length > 0,
      throughShaft: plan.throughShaft,
    },
    volts: plan.volts,
    parts: unit.parts,
    posts: unit.posts,
    supply,
    links: unit.links,
    switches: unit.switches,
    modes: modes.map((mode) => ({ id: mode, name: MODE_NAMES[mode], fanRuns: runsIn(plan, mode) })),
    typicalWires: unit.wires,
    outputsMayShare: [],
  } satisfies Omit<UnitType, 'safety'>
  return { ...type, safety: safetyOf(type) }
}

/** Three lines and no capacitor for the fan: it takes all three. */
export const hasThreePhaseFan = (plan: UnitPlan): boolean =>
  plan.fan === 'outdoor' && plan.feed === 'three' && capacitorOf(plan) === 'none'

function capacitorOf(plan: UnitPlan): UnitType['traits']['capacitor'] {
  if (blocksOf(plan, 'dual-can').length > 0) return 'shared'
  return blocksOf(plan, 'fan-can').length > 0 ? 'own' : 'none'
}

function familyOf(plan: UnitPlan): UnitType['family'] {
  if (plan.throughShaft) return 'roof-through-shaft'
  if (plan.fan === 'blower') return blocksOf(plan, 'thermostat').length > 0 ? 'fan-coil' : 'air-handler'
  if (blocksOf(plan, 'fan-relay').length > 0) return 'heat-pump'
  return plan.feed === 'three' ? 'packaged' : 'outdoor-split'
}

/** Every mode that a block knows, and off. */
function modesOf(plan: UnitPlan): ModeId[] {
  const used = new Set<ModeId>(['off', ...plan.blocks.flatMap(modesOfBlock)])
  return MODE_IDS.filter((mode) => used.has(mode))
}

function modesOfBlock(block: Block): readonly ModeId[] {
  switch (block.kind) {
    case 'contactor':
    case 'relay':
      return block.modes
    case 'fan-relay':
      return block.opensIn
    case 'board':
      return block.outputs.flatMap(({ modes }) => modes)
    case 'thermostat':
      return block.speeds
    default:
      return []
  }
}

/** The fan stands in off, and where its own relay opens. */
const runsIn = (plan: UnitPlan, mode: ModeId): boolean =>
  mode !== 'off' && !blocksOf(plan, 'fan-relay').some(({ opensIn }) => opensIn.includes(mode))

const part = ({ parts }: Growing, id: string, name: string): void => void parts.push({ id, name })
const post = ({ posts }: Growing, where: string, id: PostId, label: string, kind: PostKind): PostId => {
  posts.push({ id, label, part: where, kind })
  return id
}
const wire = ({ wires }: Growing, id: string, from: PostId, to: string): void =>
  void wires.push({ id, from, to })
const contact = (
  { switches }: Growing,
  id: string,
  from: PostId,
  to: PostId,
  closedIn: readonly ModeId[],
): void => void switches.push({ id, from, to, closedIn: [...closedIn] })

/** Contactor, the fan's relay, capacitor, compressor: each wired as such units usually are. */
function growOutdoor(unit: Growing): UnitType['supply'] {
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

/** The splice on this side, fed from there; where there is none, there itself. */
function spliced(unit: Growing, on: 'switched' | 'other', from: PostId): PostId {
  if (!blocksOf(unit.plan, 'splice').some((splice) => splice.on === on)) return from
  const id = on === 'switched' ? 'S1' : 'S2'
  if (!unit.parts.some((p) => p.id === 'splice')) part(unit, 'splice', 'Splice box')
  const alone = blocksOf(unit.plan, 'splice').length === 1
  post(unit, 'splice', id, alone ? 'splice' : on === 'switched' ? 'splice 1' : 'splice 2', 'splice')
  wire(unit, `splice-${on}`, from, id)
  return id
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

/** What puts the line on the blower, by mode; its own capacitor; the line that is never switched. */
function growBlower(unit: Growing): UnitType['supply'] {
  const { plan } = unit
  const [board] = blocksOf(plan, 'board')
  const [thermostat] = blocksOf(plan, 'thermostat')
  const relays = blocksOf(plan, 'relay')
  const [line1, line2]: readonly [PostId, PostId] = plan.feed === 'neutral' ? ['L', 'N'] : ['L1', 'L2']
  const [box, name] = board ? ['board', 'Fan board'] : ['block', 'Line block']
  part(unit, box, name)
  post(unit, box, line1, plan.feed === 'neutral' ? 'line' : line1, 'supply')
  post(unit, box, line2, plan.feed === 'neutral' ? 'neutral' : line2, 'neutral')
  if (board) growBoard(unit, board, line1)
  if (thermostat) growThermostat(unit, thermostat.speeds, line1)
  relays.forEach((relay, i) => growRelay(unit, relay.modes, i + 1, line1))
  wire(unit, 'line', spliced(unit, 'other', line2), MOTOR_END)
  if (blocksOf(plan, 'fan-can').length > 0) {
    part(unit, 'capacitor', 'Blower capacitor')
    post(unit, 'capacitor', 'B1', 'cap 1', 'cap-fan')
    post(unit, 'capacitor', 'B2', 'cap 2', 'cap-c')
    wire(unit, 'cap-a', 'B1', MOTOR_END)
    wire(unit, 'cap-b', 'B2', MOTOR_END)
  }
  return { line1, line2 }
}

function growBoard(unit: Growing, { outputs, parks }: Extract<Block, { kind: 'board' }>, line: PostId): void {
  outputs.forEach(({ label, modes }, i) => {
    const id = post(unit, 'board', `OUT${i + 1}`, label, 'output')
    contact(unit, `output ${i + 1}`, line, id, modes)
    wire(unit, `output-${i + 1}`, id, MOTOR_END)
  })
  for (let i = 1; i <= parks; i++) {
    post(unit, 'board', `PARK${i}`, `PARK ${i}`, 'park')
    wire(unit, `spare-${i}`, `PARK${i}`, MOTOR_END)
  }
  post(unit, 'board', 'XFMR', '24 V', 'coil')
}

const SPEED_LABELS = { high: 'high', medium: 'med', low: 'low' } as const

function growThermostat(unit: Growing, speeds: readonly ('high' | 'medium' | 'low')[], line: PostId): void {
  part(unit, 'thermostat', 'Thermostat')
  for (const speed of speeds) {
    const id = post(unit, 'thermostat', `TH-${speed}`, SPEED_LABELS[speed], 'output')
    contact(unit, `thermostat ${speed}`, line, id, [speed])
    wire(unit, speed, id, MOTOR_END)
  }
}

function growRelay(unit: Growing, modes: readonly ModeId[], n: number, line: PostId): void {
  const box = `relay-${n}`
  part(unit, box, n === 1 ? 'Fan relay' : `Fan relay ${n}`)
  post(unit, box, `R${n}-IN`, 'in', 'relay')
  post(unit, box, `R${n}-NO`, 'open rest', 'output')
  post(unit, box, `R${n}-A1`, 'coil', 'coil')
  post(unit, box, `R${n}-A2`, 'coil', 'coil')
  contact(unit, `fan relay ${n}`, `R${n}-IN`, `R${n}-NO`, modes)
  wire(unit, `feed-${n}`, line, `R${n}-IN`)
  wire(unit, `fan-${n}`, `R${n}-NO`, MOTOR_END)
}

/** What every such unit is opened by, and each pair of its lines on both sides of what switches them. */
function safetyOf(unit: Omit<UnitType, 'safety'>): UnitType['safety'] {
  const lines = linesOf(unit)
  const label = (id: PostId) => unit.posts.find((p) => p.id === id)?.label ?? id
  const pairs = (posts: readonly PostId[], what: string) =>
    posts.flatMap((a, i) =>
      posts.slice(i + 1).map((b): UnitType['safety']['proveDead'][number] => ({
        between: [a, b],
        what: `${what}, ${label(a)} to ${label(b)}`,
      })),
    )
  const loads = unit.posts.filter(({ kind }) => kind === 'load').map(({ id }) => id)
  return {
    open: [
      'Thermostat off, so that nothing starts by itself.',
      'Open every disconnect and breaker that feeds this unit, lock and tag each.',
    ],
    staysLive: [
      'The wires from the breaker to the disconnect stay live: only the breaker takes them down.',
      'This unit was put together here: a second circuit that nobody drew stays live. Look for one.',
    ],
    proveDead: [
      ...pairs(lines, 'across the incoming lines'),
      ...lines.map((line): UnitType['safety']['proveDead'][number] => ({
        between: [line, 'GND'],
        what: `${label(line)} to the chassis`,
      })),
      ...pairs(loads, 'across the load side, where the motor leads are'),
    ],
  }
}
