// A master at the bench, for the tests: makes safe before hands go in, asks what the app asks for, names what it names, changes that part.
import { diagnose } from '../../diagnosis/diagnose'
import { labelsOf, learn, nothingKnown } from '../looks/known'
import type { Act } from '../round/act'
import { playRound } from '../round/round'
import { testOf } from '../round/tests'
import { faultById } from '../faults/faults'
import type { Pair } from '../unit/truth'
import type { Part } from '../unit/parts'

/** The part that mends a fault on the bench, by the fault. */
const PART_OF: Readonly<Record<string, Part>> = {
  'capacitor-open': 'capacitor',
  'capacitor-far-gone': 'capacitor',
  'bearing-seized': 'motor',
  'bearing-dry': 'motor',
  'auxiliary-open': 'motor',
  'contactor-coil': 'contactor',
  'start-off': 'wiring',
  'thermostat-dead': 'control',
  'breaker-open': 'supply',
  'wheel-loose': 'wheel',
  'hub-loose': 'hub',
}

export const MAKE_SAFE: readonly Act[] = [
  { do: 'thermostat', to: 'off' },
  { do: 'disconnect', to: 'open', locked: true },
  { do: 'prove-dead' },
  { do: 'discharge' },
]

/** The acts of a master on a unit with one fault, to its end. */
export function masterly(unit: Pair, fault: string, seed: number): Act[] {
  const acts: Act[] = []
  let isSafe = false
  const makeSafe = () => {
    if (!isSafe) acts.push(...MAKE_SAFE)
    isSafe = true
  }
  const known = nothingKnown()
  for (let i = 0; i < 30; i++) {
    const said = diagnose({ unit: unit.healthy.unit, ...known, ...labelsOf(unit) })
    const [next] = said.next
    if (said.state === 'settled' || !next) break
    const kind = testOf(unit, next.test)?.kind
    if (kind === 'power-off') makeSafe()
    if (kind === 'live') isSafe = false
    acts.push({ do: 'try', test: next.test })
    const { answer } = playRound(unit, acts, seed).steps.at(-1)!
    if (answer) learn(known, next.test, answer)
  }
  const [cause = ''] = faultById(fault)?.causes ?? []
  const part = PART_OF[fault]
  if (!part) throw new Error(`The master does not know what mends ${fault}.`)
  acts.push({ do: 'name', cause })
  makeSafe()
  return [...acts, { do: 'change', part }, { do: 'hand-over', readings: true, card: true }]
}
