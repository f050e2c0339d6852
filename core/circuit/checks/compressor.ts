// The compressor beside the fan, on every unit: fed just when the contactor is closed, its start winding on its capacitor alone,
// that capacitor tied to its run line. The wires of the unit are judged as they are recorded, whoever put them there.
import { at, known } from '../../quantity/at'
import { figure, listed } from '../../quantity/display'
import { NEW_C } from '../../wiring/new-can'
import { LINES, linesOf, type PostId, type UnitType } from '../../wiring/unit-type'
import { stop, type Hazard } from '../hazard'
import { compressorPosts } from '../../wiring/compressor-posts'
import { checkCompressorPhases } from './compressor-phases'
import { contactorClosed } from './contactor'
import { isLine, type ModeCopper, type Source } from '../potential'
import { landedLeadsOn, running, type ProofView } from '../view'
import { loadValueHazards } from './value'

type Posts = Readonly<Record<'C' | 'R' | 'S', PostId>>
type UnitMode = UnitType['modes'][number]

/** What the compressor asks of its capacitor; null: not known. */
export interface CompressorNeeds {
  readonly microfarads: number | null
  /** V. */
  readonly volts: number | null
  /** How far from the µF a part may be, %. */
  readonly tolerancePercent: number
}

/** The compressor's feed and capacitor. Nothing is said of a unit without one, nor of a small record that leaves its wires out where its can is its own. */
export function checkCompressor(view: ProofView, needs: CompressorNeeds): Hazard[] {
  const posts = compressorPosts(view.hookup.unit)
  if (!posts) return checkCompressorPhases(view)
  const shared = view.hookup.unit.traits.capacitor === 'shared'
  const recorded = view.hookup.unitWires.some((wire) =>
    [posts.C, posts.R, posts.S].some((post) => wire.from === post || wire.to === post),
  )
  if (!recorded && !shared) return []
  const start = startOnLine(view, posts)
  return [...start, ...feed(view, posts), ...(start.length > 0 ? [] : capacitor(view, posts, needs, shared))]
}

const lineOf = (copper: ModeCopper, point: PostId): Source | null =>
  copper.sources(point).find(isLine) ?? null

function startOnLine(view: ProofView, { S }: Posts): Hazard[] {
  const copper = running(view)
  return lineOf(copper, S)
    ? [
        stop(
          'compressor-start-on-line',
          'The compressor’s start winding is straight on a line: a wire joins its section’s post to one.',
          landedLeadsOn(view, copper.copper, S),
        ),
      ]
    : []
}

/** C and R on the two lines with the contactor closed, and nothing of it on a line that the contactor opens. */
function feed(view: ProofView, { C, R }: Posts): Hazard[] {
  const { unit } = view.hookup
  const copperOf = (mode: UnitMode) => known(view.modes.get(mode.id), 'The mode copper')
  const lines = (mode: UnitMode) => [lineOf(copperOf(mode), C), lineOf(copperOf(mode), R)] as const
  const driven = (mode: UnitMode) => {
    const [c, r] = lines(mode)
    return c !== null && r !== null && c !== r
  }
  const unfed = unit.modes.filter((mode) => contactorClosed(unit, mode.id) && !driven(mode))
  const always = unit.modes.filter((mode) => !contactorClosed(unit, mode.id) && driven(mode))
  if (unfed.length > 0) {
    const [c, r] = lines(at(unfed, 0))
    const why =
      c === null ? 'its C has no line' : r === null ? 'its R has no line' : 'its C and R are on the same line'
    return [
      stop(
        'compressor-not-fed',
        `The compressor gets no voltage in ${listed(unfed.map((m) => m.name))}: ${why}.`,
        [],
        unfed.map((m) => m.id),
      ),
    ]
  }
  if (always.length > 0)
    return [
      stop(
        'compressor-always-fed',
        `The compressor runs in ${listed(always.map((m) => m.name))}, with the contactor open: its C or R is on the supply side.`,
        [],
        always.map((m) => m.id),
      ),
    ]
  return supplySide(view)
}

/** Lines that a pole of the contactor opens must be dead past it: on the compressor, its capacitor and the can. */
function supplySide(view: ProofView): Hazard[] {
  const { unit } = view.hookup
  const off = unit.modes.find((mode) => !contactorClosed(unit, mode.id))
  const copper = off && view.modes.get(off.id)
  if (!copper) return []
  const linked = (line: PostId) => unit.links.some((l) => l.from === line || l.to === line)
  const opened = linesOf(unit).flatMap((line, i): Source[] => (linked(line) ? [] : [LINES[i]!]))
  const wrong = view.posts.find(
    (post) =>
      (post.kind === 'compressor' || post.kind === 'kept-cap' || post.id === NEW_C) &&
      // The fan's own leads are judged by themselves: here it is about the unit's wires.
      view.hookup.unitWires.some((wire) => wire.from === post.id || wire.to === post.id) &&
      opened.some((line) => copper.sources(post.id).includes(line)),
  )
  return wrong
    ? [
        stop(
          'unit-wire-on-supply',
          `${wrong.name} stays on a line in ${off.name}: a wire of it is on the supply side of the contactor. Put it on the load side.`,
          [],
          [off.id],
        ),
      ]
    : []
}

/** S through its capacitor to R's line, and of the right µF and volts where those are known. */
function capacitor(view: ProofView, posts: Posts, needs: CompressorNeeds, shared: boolean): Hazard[] {
  const { copper } = running(view)
  const touching = view.network.capacitors.filter(
    (c) => copper.joined(c.a, posts.S) !== copper.joined(c.b, posts.S),
  )
  const far = (c: (typeof touching)[number]) => (copper.joined(c.a, posts.S) ? c.b : c.a)
  const across = touching.filter((c) => copper.joined(far(c), posts.R))
  if (across.length === 0)
    return [
      stop(
        'compressor-capacitor-open',
        openText(
          touching.length > 0,
          touching.some((c) => copper.joined(far(c), posts.C)),
          shared,
        ),
      ),
    ]
  return [...valueHazards(view, across, needs), ...(shared ? voltsHazards(view, needs) : [])]
}

function openText(touched: boolean, onC: boolean, shared: boolean): string {
  if (onC)
    return `The far side of the compressor’s capacitor is on the line of its C, not on that of its R: the compressor will not start.`
  if (touched)
    return `The far side of the compressor’s capacitor has no tie to the line of its R: the compressor will not start.`
  return shared
    ? 'The compressor’s start wire reaches no section whose C is on its run line: the compressor will not start.'
    : 'The compressor’s start wire reaches no capacitor: the compressor will not start.'
}

function valueHazards(
  view: ProofView,
  capacitors: ProofView['network']['capacitors'],
  { microfarads: wanted, tolerancePercent }: CompressorNeeds,
): Hazard[] {
  const others = capacitors.filter((c) => c.microfarads !== null)
  if (others.length > 0 && others.length < capacitors.length)
    return [
      stop(
        'section-serves-two-loads',
        'A section of the fan’s can is joined to the compressor’s start, beside its own capacitor: no section may serve two loads.',
      ),
    ]
  // A can that stays, and whose value is not recorded, is not judged by a value.
  if (wanted === null || capacitors.some((c) => c.microfarads === null)) return []
  return loadValueHazards(view, {
    who: 'The compressor',
    asks: 'it asks for',
    code: 'compressor-capacitor-wrong-value',
    capacitors,
    wanted,
    tolerancePercent,
    leads: [],
  })
}

/** The can both share must meet the higher of both ratings; the fan's is held elsewhere. */
function voltsHazards({ hookup: { can } }: ProofView, { volts }: CompressorNeeds): Hazard[] {
  return volts !== null && can.volts < volts
    ? [
        stop(
          'capacitor-voltage-low',
          `The can is rated ${figure(can.volts)} V; the compressor’s side asks for ${figure(volts)} V or more.`,
        ),
      ]
    : []
}
