// What was wired wrong, came loose, or was fitted though it does not belong.
import type { LeadRole } from '../../motor/role'
import { horsepowerOf } from '../../motor/horsepower'
import type { LeadSheet } from '../../motor/lead-sheet'
import { COMPRESSOR_LOAD, sectionPost } from '../../wiring/new-can'
import type { Placement } from '../../wiring/placement'
import { canHold, OLD_MOTORS } from '../unit/motors'
import { healthyUnit } from '../unit/healthy'
import type { Truth } from '../unit/truth'
import { hasWindings, isBlower, isOutdoor, pick, type Fault } from './fault'

const leadOf = ({ sheet, placements }: Truth, role: LeadRole): string | undefined =>
  placements.find(
    ({ lead, goes }) => goes.kind === 'post' && sheet.leads.some((l) => l.id === lead && l.role === role),
  )?.lead
const placeOf = ({ placements }: Truth, lead: string): Placement | undefined =>
  placements.find((p) => p.lead === lead)?.goes

function exchanged(truth: Truth, a: string, b: string): Truth {
  const [first, second] = [placeOf(truth, a), placeOf(truth, b)]
  if (!first || !second) return truth
  return {
    ...truth,
    placements: truth.placements.map((p) =>
      p.lead === a ? { ...p, goes: second } : p.lead === b ? { ...p, goes: first } : p,
    ),
  }
}

const moved = (truth: Truth, lead: string, goes: Placement): Truth => ({
  ...truth,
  placements: truth.placements.map((p) => (p.lead === lead ? { ...p, goes } : p)),
})

const liveTaps = (truth: Truth): string[] =>
  truth.placements.flatMap(({ lead, goes }) =>
    goes.kind === 'post' && truth.madeFor[goes.post] === lead ? [lead] : [],
  )

/** µF that are put where no section serves a compressor. */
const USUAL_COMPRESSOR = 40

/** Another motor of the unit's kind whose horsepower is far from its own. */
const otherMotors = ({ unit, sheet }: Truth): LeadSheet[] => {
  const power = (s: LeadSheet) => horsepowerOf(s.settings.horsepower[0]?.horsepower ?? '1')
  return OLD_MOTORS.filter(
    (other) =>
      other.kind === sheet.kind &&
      canHold(unit, unit.volts, other) &&
      Math.abs(power(other) / power(sheet) - 1) > 0.3,
  )
}

export const WIRING_FAULTS: readonly Fault[] = [
  {
    id: 'run-start-exchanged',
    name: 'Run and start are exchanged',
    subject: 'fan',
    causes: ['wiring'],
    level: 2,
    fits: (truth) => hasWindings(truth) && isOutdoor(truth),
    applied: (truth) => exchanged(truth, leadOf(truth, 'run') ?? '', leadOf(truth, 'start') ?? ''),
  },
  {
    id: 'common-start-exchanged',
    name: 'Motor common and start are exchanged',
    subject: 'fan',
    causes: ['wiring'],
    level: 2,
    fits: (truth) => hasWindings(truth) && isOutdoor(truth),
    applied: (truth) => exchanged(truth, leadOf(truth, 'motor-common') ?? '', leadOf(truth, 'start') ?? ''),
  },
  {
    id: 'start-off',
    name: 'The start lead is off its post',
    subject: 'fan',
    causes: ['wiring'],
    level: 1,
    fits: (truth) => hasWindings(truth) && isOutdoor(truth),
    applied: (truth) => moved(truth, leadOf(truth, 'start') ?? '', { kind: 'loose' }),
  },
  {
    id: 'line-lead-off',
    name: 'A splice of the motor’s feed has come apart',
    subject: 'fan',
    causes: ['wiring'],
    level: 2,
    fits: () => true,
    applied: (truth) => {
      const roles: LeadRole[] = ['motor-common', 'line', 'phase']
      const lead = roles.map((role) => leadOf(truth, role)).find((id) => id !== undefined)
      return moved(truth, lead ?? '', { kind: 'loose' })
    },
  },
  {
    id: 'start-on-compressor',
    name: 'The start lead is on the compressor’s section',
    subject: 'fan',
    causes: ['wiring'],
    level: 3,
    fits: (truth) => truth.unit.traits.capacitor === 'shared' && hasWindings(truth) && isOutdoor(truth),
    applied: (truth) =>
      moved(truth, leadOf(truth, 'start') ?? '', { kind: 'post', post: sectionPost(COMPRESSOR_LOAD) }),
  },
  {
    id: 'taps-crossed',
    name: 'The speed taps are crossed',
    subject: 'fan',
    causes: ['speeds-crossed', 'wiring'],
    level: 2,
    fits: (truth) => liveTaps(truth).length > 1,
    applied: (truth) => {
      const [a = '', b = ''] = liveTaps(truth)
      return exchanged(truth, a, b)
    },
  },
  {
    id: 'tap-wrong',
    name: 'Another tap is on the output, and the right one is put away',
    subject: 'fan',
    causes: ['wiring', 'speeds-crossed'],
    level: 3,
    fits: (truth) =>
      isBlower(truth) &&
      liveTaps(truth).length > 0 &&
      truth.sheet.leads.some((l) => l.role === 'speed' && !liveTaps(truth).includes(l.id)),
    applied: (truth, draw) => {
      const idle = truth.sheet.leads.filter((l) => l.role === 'speed' && !liveTaps(truth).includes(l.id))
      return exchanged(truth, pick(draw, liveTaps(truth)), pick(draw, idle).id)
    },
  },
  {
    id: 'motor-wrong',
    name: 'Somebody fitted a motor of another size',
    subject: 'fan',
    causes: ['motor-wrong'],
    level: 3,
    isOldest: true,
    fits: (truth) => hasWindings(truth) && otherMotors(truth).length > 0,
    applied: (truth, draw) => {
      const sheet = pick(draw, otherMotors(truth))
      const other = healthyUnit({
        unit: truth.unit,
        volts: truth.unit.volts,
        sheet,
        compressorMicrofarads:
          truth.can?.sections.find((s) => s.id === COMPRESSOR_LOAD)?.microfarads ?? USUAL_COMPRESSOR,
      })
      const { horsepower, plug, speed, placements, unitWires, can } = other
      // Its own capacitor and hookup came with it; what the unit asks for is as before.
      return { ...truth, sheet, horsepower, plug, speed, placements, unitWires, can }
    },
  },
  {
    id: 'coil-dirty',
    name: 'The coil is packed with dirt',
    subject: 'fan',
    causes: ['dirty-coil'],
    level: 1,
    fits: isOutdoor,
    applied: (truth) => ({ ...truth, air: { ...truth.air, coil: 'dirty' } }),
  },
]
