// What keeps the supply or the call away: supply, fuse, thermostat, contactor, relay.
import { compressorPhases } from '../../wiring/compressor-posts'
import type { UnitType } from '../../wiring/unit-type'
import type { Truth } from '../unit/truth'
import { between, hasContactor, isBlower, isThreePhase, pick, type Fault } from './fault'

type Switch = UnitType['switches'][number]

const withSwitch = (truth: Truth, is: (s: Switch) => boolean, edit: (s: Switch) => Switch): Truth => ({
  ...truth,
  unit: { ...truth.unit, switches: truth.unit.switches.map((s) => (is(s) ? edit(s) : s)) },
})
const never = (s: Switch): Switch => ({ ...s, closedIn: [] })
const isPole = (s: Switch) => s.id.startsWith('pole ')
/** The switches that make the outputs live in the first mode in which the fan runs. */
const isOutput =
  ({ unit }: Truth) =>
  (s: Switch) =>
    unit.posts.some((post) => post.id === s.to && post.kind === 'output')
const hasTwoLines = ({ unit, volts }: Truth) => unit.supply.line3 === undefined && volts > 200
const noCall = (truth: Truth): Truth => ({ ...truth, call: false })

const NO_CALL: Omit<Fault, 'id' | 'name'> = {
  subject: 'fan',
  causes: ['no-call'],
  level: 1,
  fits: ({ unit }) => unit.posts.some((post) => post.kind === 'coil'),
  applied: noCall,
}

export const CONTROL_FAULTS: readonly Fault[] = [
  { ...NO_CALL, id: 'thermostat-dead', name: 'The thermostat does not call' },
  { ...NO_CALL, id: 'control-fuse', name: 'The 24 V fuse has blown' },
  { ...NO_CALL, id: 'float-switch', name: 'The float switch has opened: the drain is blocked', level: 2 },
  {
    id: 'breaker-open',
    name: 'The unit’s breaker has tripped',
    subject: 'fan',
    causes: ['no-power'],
    level: 1,
    fits: () => true,
    applied: (truth) => ({ ...truth, lines: truth.lines.map(() => false) }),
  },
  {
    id: 'door-switch',
    name: 'The door switch does not close',
    subject: 'fan',
    causes: ['no-power'],
    level: 1,
    fits: isBlower,
    applied: (truth) => ({ ...truth, lines: truth.lines.map((line, i) => (i === 0 ? false : line)) }),
  },
  {
    id: 'leg-lost',
    name: 'One leg of the supply is missing',
    subject: 'fan',
    causes: ['no-power', 'supply-volts', 'comp-supply-volts'],
    level: 3,
    fits: (truth) => hasTwoLines(truth),
    applied: (truth, draw) => {
      const gone = pick(draw, [0, 1])
      return { ...truth, lines: truth.lines.map((line, i) => line && i !== gone) }
    },
  },
  {
    id: 'phase-lost',
    name: 'One of the three lines is missing',
    subject: 'fan',
    causes: ['phase-lost'],
    level: 2,
    fits: isThreePhase,
    applied: (truth, draw) => {
      const gone = pick(draw, [0, 1, 2])
      return { ...truth, lines: truth.lines.map((line, i) => line && i !== gone) }
    },
  },
  {
    id: 'supply-low',
    name: 'The supply is far too low',
    subject: 'fan',
    causes: ['supply-volts', 'comp-supply-volts'],
    level: 2,
    fits: () => true,
    applied: (truth, draw) => ({ ...truth, volts: truth.volts * between(draw, 0.6, 0.75) }),
  },
  {
    id: 'supply-high',
    name: 'The supply is too high',
    subject: 'fan',
    causes: ['supply-volts', 'comp-supply-volts'],
    level: 3,
    fits: () => true,
    applied: (truth, draw) => ({ ...truth, volts: truth.volts * between(draw, 1.18, 1.28) }),
  },
  {
    id: 'contactor-coil',
    name: 'The contactor’s coil is open',
    subject: 'fan',
    causes: ['contactor'],
    level: 1,
    fits: hasContactor,
    applied: (truth) => ({ ...truth, coil: 'open' }),
  },
  {
    id: 'contactor-buzzes',
    name: 'The contactor buzzes and does not pull in',
    subject: 'fan',
    causes: ['contactor'],
    level: 2,
    fits: hasContactor,
    applied: (truth) => ({ ...truth, coil: 'buzzes' }),
  },
  {
    id: 'contactor-pitted',
    name: 'A pole of the contactor is burnt and does not pass its line',
    subject: 'fan',
    causes: ['contactor'],
    level: 2,
    fits: (truth) => hasContactor(truth) && compressorPhases(truth.unit).length === 0,
    applied: (truth, draw) => {
      const poles = truth.unit.switches.filter(isPole)
      const gone = pick(draw, poles).id
      return withSwitch(truth, ({ id }) => id === gone, never)
    },
  },
  {
    id: 'contactor-welded',
    name: 'The contactor’s contacts are welded',
    subject: 'fan',
    causes: ['stuck-on'],
    level: 2,
    fits: hasContactor,
    applied: (truth) =>
      withSwitch(truth, isPole, (s) => ({ ...s, closedIn: truth.unit.modes.map(({ id }) => id) })),
  },
  {
    id: 'output-dead',
    name: 'The relay of the called output does not close',
    subject: 'fan',
    causes: ['output'],
    level: 1,
    fits: isBlower,
    applied: (truth) => withSwitch(truth, isOutput(truth), never),
  },
  {
    id: 'output-stuck',
    name: 'The fan relay is stuck closed',
    subject: 'fan',
    causes: ['stuck-on'],
    level: 2,
    fits: (truth) => isBlower(truth) && truth.unit.switches.filter(isOutput(truth)).length === 1,
    applied: (truth) =>
      withSwitch(truth, isOutput(truth), (s) => ({
        ...s,
        closedIn: truth.unit.modes.map(({ id }) => id),
      })),
  },
  {
    id: 'defrost-relay-open',
    name: 'The defrost board’s fan relay does not close',
    subject: 'fan',
    causes: ['defrost-relay'],
    level: 2,
    fits: ({ unit }) => unit.traits.defrostRelay,
    applied: (truth) => withSwitch(truth, ({ id }) => id === 'fan relay', never),
  },
]
