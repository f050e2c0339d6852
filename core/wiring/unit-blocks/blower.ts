// The blocks of a unit with a blower, wired to one another as such parts usually are. Common practice, no source.
import type { ModeId, PostId, UnitType } from '../unit-type'
import { MOTOR_END } from '../wire'
import { contact, part, post, spliced, wire, type Growing } from './growing'
import { blocksOf, type Block } from './plan'

/** What puts the line on the blower, by mode; its own capacitor; the line that is never switched. */
export function growBlower(unit: Growing): UnitType['supply'] {
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
