// One row of a match: what the old motor asks, what the candidate gives, and what follows.
import type { Mechanical, LeadSheet } from '../lead-sheet'
import type { MotorPlate, VoltageRange } from '../nameplate'

/** `unknown`: a figure is missing, so it cannot be said; never a pass. */
export type RowVerdict = 'pass' | 'watch' | 'fail' | 'unknown'

/** One row of a match, in words. */
export interface MatchRow {
  readonly criterion: CriterionId
  readonly verdict: RowVerdict
  /** "1/4 hp wanted, 1/3 hp here". */
  readonly figures: string
  readonly reason: string
  /** What to read or measure to settle an unknown. */
  readonly ask: string | null
}

export const CRITERIA = [
  'kind',
  'phase',
  'speed-class',
  'horsepower',
  'voltage',
  'hertz',
  'amps',
  'rotation',
  'speeds',
  'shaft-diameter',
  'shaft-length',
  'through-shaft',
  'position',
  'duty',
  'mounting',
  'frame',
  'body',
  'enclosure',
  'bearings',
  'ambient',
  'drains',
] as const
/** What of a motor is compared. */
export type CriterionId = (typeof CRITERIA)[number]

/** Without these nothing is settled: an unknown among them ranks a candidate below one that is known to pass. */
export const DECISIVE: readonly CriterionId[] = [
  'kind',
  'phase',
  'speed-class',
  'horsepower',
  'voltage',
  'hertz',
  'rotation',
  'shaft-diameter',
]

/** What is to be replaced. Blanks are null. */
export interface OldMotor {
  readonly fan: 'outdoor' | 'blower'
  readonly plate: MotorPlate
  readonly mechanical: Mechanical
  /** Of the unit's supply; null: not known, then the old plate speaks. */
  readonly unitVolts: number | null
  readonly hertz: 50 | 60
  /** The sentence where meter, plates and type disagree on the volts; null: they agree. */
  readonly supplyConflict: string | null
  /** The unit's motor turns something at both ends. */
  readonly needsThroughShaft: boolean
  /** Speeds that the unit's outputs use. */
  readonly speedsInUse: number | null
  /** Steep blades ask for half a horsepower whatever the plate says. */
  readonly steepBlades: boolean | null
  /** Direction wanted, seen from the lead end; null: not known. */
  readonly wantedFromLeadEnd: 'CW' | 'CCW' | null
  /** From what can still be seen, where the plate is blank; never better than a watch. */
  readonly estimate: {
    readonly horsepower: { readonly low: string; readonly high: string } | null
    readonly rpm: { readonly low: number; readonly high: number } | null
  }
}

/** Of a lead sheet, what a match looks at; whole sheets are candidates too. */
export interface Candidate extends Pick<
  LeadSheet,
  'id' | 'name' | 'kind' | 'nameplate' | 'mechanical' | 'drains' | 'rotationNamedFrom'
> {
  readonly settings: {
    readonly horsepower: readonly PowerChoice[]
    readonly speed: readonly Pick<LeadSheet['settings']['speed'][number], 'rpm' | 'tap'>[]
    readonly rotation: readonly Pick<LeadSheet['settings']['rotation'][number], 'direction'>[]
    readonly volts?: LeadSheet['settings']['volts']
  }
}
/** A horsepower as a match needs it. */
export type PowerChoice = Pick<
  LeadSheet['settings']['horsepower'][number],
  'horsepower' | 'coversFrom' | 'amps'
>

/** The candidate of a sheet, without the leads and joins that a match has no use for: a tenth of the reading and checking. */
export const candidateOf = ({
  id,
  name,
  kind,
  nameplate,
  mechanical,
  drains,
  rotationNamedFrom,
  settings,
}: LeadSheet): Candidate => ({
  id,
  name,
  kind,
  nameplate,
  mechanical,
  drains,
  rotationNamedFrom,
  settings: {
    horsepower: settings.horsepower.map(({ horsepower, coversFrom, amps }) => ({
      horsepower,
      coversFrom,
      amps,
    })),
    speed: settings.speed.map(({ rpm, tap }) => ({ rpm, tap })),
    rotation: settings.rotation.map(({ direction }) => ({ direction })),
    ...(settings.volts ? { volts: settings.volts } : {}),
  },
})

/** Words that are made only for the candidates that are told: a large stock is judged by its verdicts alone. */
export type Told = string | (() => string)

/** A row before it is put into words. */
export interface JudgedRow {
  readonly criterion: CriterionId
  readonly verdict: RowVerdict
  readonly figures: Told
  readonly reason: Told
  readonly ask: string | null
}

/** A row of the match; `ask` says what to read where it is unknown (null: nothing). */
export const row = (
  criterion: CriterionId,
  verdict: RowVerdict,
  figures: Told,
  reason: Told,
  ask: string | null = null,
): JudgedRow => ({ criterion, verdict, figures, reason, ask })

const words = (told: Told): string => (typeof told === 'string' ? told : told())
/** The row in words; only the best candidates' are needed. */
export const tell = (judged: JudgedRow): MatchRow => ({
  ...judged,
  figures: words(judged.figures),
  reason: words(judged.reason),
})

/** "230 V", or "208–230 V". */
export const rangeText = ({ low, high }: VoltageRange): string =>
  low === high ? `${low} V` : `${low}–${high} V`
