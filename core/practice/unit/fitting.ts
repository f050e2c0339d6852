// What is put in a unit by hand: a motor or the one that is there, a capacitor, every lead where it was put. Right or not.
import * as v from 'valibot'
import { SectionsSchema, TolerancePercent } from '../../capacitor/can'
import { LeadSheetSchema, SPEED_NAMES, type LeadSheet } from '../../motor/lead-sheet'
import { DirectionSchema } from '../../rotation/view'
import { hookupPosts } from '../../wiring/hookup-posts'
import { COMPRESSOR_LOAD, JumperSchema, NO_CAN } from '../../wiring/new-can'
import { PlacementSchema } from '../../wiring/placement'
import { healthyUnit } from './healthy'
import { GOOD_MOTOR, type Pair, type TrueCan, type TrueSection, type Truth } from './truth'

const name = (what: string) =>
  v.pipe(
    v.string(`${what} is text.`),
    v.minLength(1, `${what} is empty.`),
    v.maxLength(60, `${what} has 60 letters at most.`),
  )
const volts = v.pipe(
  v.number('The capacitor’s volts are a number.'),
  v.minValue(1, 'A capacitor is rated 1 V at least.'),
  v.maxValue(1000, 'No motor capacitor is rated above 1000 V.'),
)

export const FittingSchema = v.strictObject({
  /** null: the motor that is there stays. */
  sheet: v.nullable(LeadSheetSchema),
  horsepower: name('The horsepower'),
  plug: DirectionSchema,
  speed: v.optional(
    v.nullable(v.picklist(SPEED_NAMES, `A speed is one of: ${SPEED_NAMES.join(', ')}.`)),
    null,
  ),
  placements: v.pipe(
    v.array(
      v.strictObject({ lead: name('A lead'), goes: PlacementSchema }),
      'The leads and where each goes are a list.',
    ),
    v.minLength(1, 'Where the leads go is missing.'),
    v.maxLength(40, 'That is more than 40 leads.'),
  ),
  unitWires: v.pipe(
    v.array(
      v.strictObject({ id: name('A wire'), from: name('A wire’s end'), to: name('A wire’s end') }),
      'The unit’s own wires are a list.',
    ),
    v.maxLength(60, 'That is more than 60 wires.'),
  ),
  /** null: none is there any more. */
  can: v.nullable(
    v.strictObject({
      name: v.pipe(
        v.string('The capacitor’s name is text.'),
        v.maxLength(300, 'The capacitor’s name has 300 letters at most.'),
      ),
      volts,
      tolerancePercent: TolerancePercent,
      sections: SectionsSchema,
      jumpers: v.pipe(v.array(JumperSchema), v.maxLength(24, 'That is more than 24 jumpers.')),
    }),
  ),
})
/** Motor, capacitor, jumpers, leads and wires as they were put. */
export type Fitting = v.InferOutput<typeof FittingSchema>

const sheetIn = ({ truth }: Pair, { sheet }: Fitting): LeadSheet => sheet ?? truth.sheet

/** A new section is good; one that stays is what it was. */
function sectionFrom(
  old: TrueCan | null,
  { id, ...section }: NonNullable<Fitting['can']>['sections'][number],
) {
  const marked = section.marked ?? section.microfarads
  const kept =
    section.stays === undefined
      ? undefined
      : (old?.sections.find((s) => s.id === section.stays) ?? old?.sections.find((s) => s.marked === marked))
  return kept
    ? { ...kept, id }
    : ({ id, marked, microfarads: section.microfarads, state: 'good' } satisfies TrueSection)
}

/** The compressor's µF of a unit whose capacitor serves both; null: it has its own, or needs none. */
export const compressorMicrofarads = ({ healthy }: Pair): number | null =>
  healthy.can?.sections.find((s) => s.id === COMPRESSOR_LOAD)?.marked ?? null

/** The unit with this motor in it, and nothing wrong: what heat and speed are held against. One that it was never made for has none. */
function usualWith(pair: Pair, sheet: LeadSheet): Truth {
  const { unit, volts, plated } = pair.healthy
  try {
    return {
      ...healthyUnit({ unit, volts, sheet, compressorMicrofarads: compressorMicrofarads(pair) ?? 40 }),
      plated,
    }
  } catch {
    return pair.healthy
  }
}

/** The unit with all of it as it was put. */
export function fitted(pair: Pair, fitting: Fitting): Pair & { readonly usual: Truth } {
  const { truth, healthy } = pair
  const sheet = sheetIn(pair, fitting)
  const { can, horsepower, plug, speed, placements, unitWires } = fitting
  return {
    truth: {
      ...truth,
      sheet,
      horsepower,
      plug,
      speed,
      placements,
      unitWires,
      can: can && {
        ...can,
        sections: can.sections.map((section) => sectionFrom(truth.can, section)),
        top: 'flat',
      },
      motor: fitting.sheet === null ? truth.motor : GOOD_MOTOR,
    },
    healthy,
    usual: usualWith(pair, sheet),
  }
}

/** What is wrong elsewhere is not the hookup's: the unit with this hookup, and nothing else wrong. */
export function alone({ truth, healthy, usual }: Pair): Pair {
  const { unit, lines, volts, call, coil, air } = healthy
  return { truth: { ...truth, motor: GOOD_MOTOR, unit, lines, volts, call, coil, air }, healthy, usual }
}

/** What makes no sense on this unit, in words; null: it can be put so. */
export function fittingProblem(pair: Pair, fitting: Fitting): string | null {
  const sheet = sheetIn(pair, fitting)
  const posts = hookupPosts(pair.truth.unit, fitting.can ?? NO_CAN).map(({ id }): string => id)
  const noPost = (id: string) => `There is no terminal called “${id}” on this unit.`
  if (!sheet.settings.horsepower.some((c) => c.horsepower === fitting.horsepower))
    return `This motor has no setting for ${fitting.horsepower} hp.`
  for (const { lead, goes } of fitting.placements) {
    if (!sheet.leads.some((l) => l.id === lead)) return `This motor has no lead called “${lead}”.`
    if (goes.kind === 'post' && !posts.includes(goes.post)) return noPost(goes.post)
  }
  const lost = fitting.unitWires.flatMap(({ from, to }) => [from, to]).find((id) => !posts.includes(id))
  if (lost !== undefined) return noPost(lost)
  const ends = (fitting.can?.jumpers ?? []).flatMap(({ from, to }) => [from, to])
  const gone = ends.find((id) => !posts.includes(id))
  return gone === undefined ? null : noPost(gone)
}
