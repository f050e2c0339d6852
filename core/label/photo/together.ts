// Figures of one plate that must belong together: they confirm one another, or one of them at least was misread.
import { horsepowerOf, WATTS_PER_HORSEPOWER } from '../../motor/horsepower'
import { polesOf } from '../../motor/speed'
import { figuresIn } from '../piece'
import type { Candidate } from './choose'
import type { PhotographedPlate, Proposal } from './proposal'
import { meansOf } from './means'
import { makesSense } from './sense'
import { zeroReadings } from './slashed-zero'

type Field = Proposal['field']
/** The values that looks read, by field. */
export type Candidates = ReadonlyMap<Field, readonly Candidate[]>

/** The figures of a proposal. */
function valuesOf({ field, text, means }: Proposal): number[] {
  if (field === 'horsepower') return (text.match(/(\d \d\/\d|\d+\/\d+|\d*\.?\d+)/g) ?? []).map(horsepowerOf)
  if (field === 'phase') return [means === 'three phases' ? 3 : 1]
  return figuresIn(text).map(Number)
}
/** MCA is 1.25 times the largest load and the others: NEC 440.33 (from memory); all three are printed to a tenth of an ampere. */
const LARGEST_SHARE = 1.25
/** Worked out from the printed figures, or from what they were rounded from. */
const ROUNDINGS = [0.06, 0.16]

/** The one choice of circuit, compressor and fan amps that is right by their sum, each read by some look; null: none, or several. */
export function confirmedCircuit(candidates: Candidates): readonly Proposal[] | null {
  const of = (field: Field) => (candidates.get(field) ?? []).map(({ best }) => best)
  const read = [of('circuit-amps'), of('compressor-amps'), of('fan-amps')] as const
  for (const [mcas, rlas, fans] of [read, read.map((all) => doubted(all, 'unit')) as unknown as typeof read])
    for (const rounding of ROUNDINGS) {
      const fits = fitting(mcas, rlas, fans, rounding)
      if (fits.length > 0) return fits.length === 1 ? (fits[0] ?? null) : null
    }
  return null
}

type Proposals = readonly Proposal[]
const valueOf = (proposal: Proposal): number => valuesOf(proposal)[0] ?? NaN

/** Two figures that both lost what is behind the point fit a sum as well. */
const hasTenth = ({ text }: Proposal): boolean => /\.\d/.test(text)

const fitting = (mcas: Proposals, rlas: Proposals, fans: Proposals, rounding: number): Proposals[] =>
  mcas.flatMap((mca) =>
    rlas
      .filter(hasTenth)
      .flatMap((rla) =>
        fans
          .filter((fan) => Math.abs(valueOf(mca) - (LARGEST_SHARE * valueOf(rla) + valueOf(fan))) <= rounding)
          .map((fan) => [mca, rla, fan]),
      ),
  )

/** What was read, and what it may have been: eights that are zeros with a stroke, figures that lost their point. The sum tells. */
const doubted = (proposals: Proposals, plate: PhotographedPlate): Proposals =>
  proposals.flatMap((proposal) => [
    proposal,
    ...[...zeroReadings(proposal.text), ...withPoint(proposal.text)].map((text) => ({
      ...proposal,
      text,
      means: meansOf(text, plate),
    })),
  ])
/** "17" may be 1.7. */
const withPoint = (text: string): string[] =>
  /(?<![\d.])\d{2,3}(?![\d.])/.test(text) ? [text.replace(/(?<![\d.])(\d{1,2})(\d)(?![\d.])/, '$1.$2')] : []

/** Of volts times amps a fan motor gives out this share at least, and at most: shaded-pole motors lie low, none above. Common practice, no source. */
const LEAST_SHARE = 0.15
const MOST_SHARE = 0.9
/** Plates round, and some count more than one fan. */
const MOST_FUSE = 2.25
const MCA_LOW = 0.97
const MCA_HIGH = 1.35

/** Whether a motor's watts go with its volts and amps. */
const isPower = (horsepower: number, volts: number, amps: number, phases: number): boolean => {
  const share = (horsepower * WATTS_PER_HORSEPOWER) / (volts * amps * (phases === 3 ? Math.sqrt(3) : 1))
  return share >= LEAST_SHARE && share <= MOST_SHARE
}

/** So many looks read it, or one that was rather sure. */
const LEAST_WEIGHT = 0.5

/**
 * A motor's amps by its power: of all that was read, and of what that may have been (a lost point, zeros struck through), the one value that the horsepower
 * and the volts allow; null: none, or several, or those are not known.
 */
export function confirmedAmps(candidates: Candidates, known: readonly Proposal[]): Proposal | null {
  const of = (field: Field) => known.filter((p) => p.field === field).flatMap(valuesOf)
  const [horsepower, volts, [phases = 1]] = [of('horsepower'), of('volts'), of('phase')]
  if (horsepower.length === 0 || volts.length === 0) return null
  const read = (candidates.get('amps') ?? []).filter((c) => c.looks > 1 || c.weight >= LEAST_WEIGHT)
  const allowed = doubted(
    read.map(({ best }) => best),
    'motor',
  ).filter(
    (proposal) =>
      // Without a tenth it may have lost more than its point.
      hasTenth(proposal) &&
      makesSense('amps', figuresIn(proposal.text), proposal.text, []) &&
      isPower(Math.max(...horsepower), Math.max(...volts), Math.max(...valuesOf(proposal)), phases),
  )
  const [first] = allowed
  return first && allowed.every(({ means }) => means === first.means) ? first : null
}

type Figures = Readonly<Partial<Record<Field, readonly number[]>>>
/** The fields that contradict one another. */
type Check = (found: Figures) => readonly Field[]

const power: Check = ({ horsepower, volts, amps, phase }) => {
  if (!horsepower?.length || !volts?.length || !amps?.length) return []
  const goes = isPower(Math.max(...horsepower), Math.max(...volts), Math.max(...amps), phase?.[0] ?? 1)
  return goes ? [] : ['horsepower', 'amps']
}

const speed: Check = ({ rpm, poles, hertz }) => {
  const [top, own] = [Math.max(...(rpm ?? [])), poles?.[0]]
  if (!rpm?.length || own === undefined) return []
  return polesOf(top, hertz?.[0] ?? 60) === own ? [] : ['rpm', 'poles']
}

const one = (values: readonly number[] | undefined): number | undefined => values?.[0]

const circuit: Check = (found) => {
  const [mca, rla] = [one(found['circuit-amps']), one(found['compressor-amps'])]
  const fan = one(found['fan-amps'])
  if (mca === undefined || rla === undefined) return []
  const sum = LARGEST_SHARE * rla + (fan ?? 0)
  const isLow = mca < MCA_LOW * sum
  const isHigh = mca > 2 * sum || (fan !== undefined && mca > MCA_HIGH * sum)
  return isLow || isHigh ? ['circuit-amps', 'compressor-amps', 'fan-amps'] : []
}

/** At most 2.25 times the compressor's amps and the rest, and never below the circuit's: NEC 440.22 and 440.33 (from memory). */
const fuse: Check = (found) => {
  const [mca, most] = [one(found['circuit-amps']), one(found['max-fuse'])]
  const rla = one(found['compressor-amps'])
  if (most === undefined) return []
  if (mca !== undefined && most < mca) return ['circuit-amps', 'max-fuse']
  const rest = one(found['fan-amps']) ?? 2
  return rla !== undefined && most > MOST_FUSE * rla + rest + 1 ? ['max-fuse'] : []
}

const CHECKS: Readonly<Record<PhotographedPlate, readonly Check[]>> = {
  motor: [power, speed],
  unit: [circuit, fuse],
  can: [],
}

/** The proposals without those that contradict one another: which was misread is not known, so none of them is proposed. */
export function withoutContradictions(proposals: readonly Proposal[], plate: PhotographedPlate): Proposal[] {
  const figures: Partial<Record<Field, number[]>> = {}
  for (const proposal of proposals)
    figures[proposal.field] = [...(figures[proposal.field] ?? []), ...valuesOf(proposal)]
  const out = new Set(CHECKS[plate].flatMap((check) => check(figures)))
  return proposals.filter(({ field }) => !out.has(field))
}
