// The job as the screens see it: the fold of its changes.
import type { Can } from '../capacitor/can'
import type { Aim } from '../capacitor/stock-plan/aims'
import type { Preference } from '../capacitor/tap-plan/score'
import type { Blade } from '../motor/blade'
import type { Insulation } from '../motor/colour'
import type { LeadSheet, Mechanical, SpeedName } from '../motor/lead-sheet'
import type { LeadId } from '../motor/lead-id'
import type { RotationSource } from '../rotation/finder'
import type { Direction, Rotation } from '../rotation/view'
import type { Placement } from '../wiring/placement'
import type { CanAsPut } from '../wiring/new-can'
import type { StartCan } from '../capacitor/start-can'
import type { PostId, UnitRef } from '../wiring/unit-type'
import type { Wire, WireId } from '../wiring/wire'
import type { Refrigerant } from '../startup/charge/refrigerants'
import type { CanMarking } from '../capacitor/marking'
import type { Measurement } from '../meter/measurement'
import type { MotorPlate, UnitPlate } from '../motor/nameplate'
import type { EstimateLine, EstimateTerms } from './report/estimate'
import type { DischargeRecord, Fault, Ordered, Photo, Proven, Reading, SafeStep } from './fields'

/** A job as its changes fold to it. null, or a missing key, is what was not entered. */
export interface JobDocument {
  readonly title: string
  readonly site: string
  readonly notes: string
  readonly removed: boolean
  /** By its id, or whole where it fits none that ships. */
  readonly unit: UnitRef | null
  /** Volts of this unit's supply where they were chosen between plate, meter and type, V. */
  readonly supplyVolts: number | null
  /** Hertz of this unit's supply where they were chosen. */
  readonly supplyHertz: 50 | 60 | null
  /** Hertz usual in the shop when the job was begun; null: the plate's, else 60. */
  readonly hertz: 50 | 60 | null
  /** How far from the tag's µF a part may be, %; null: 6. */
  readonly tolerancePercent: number | null
  readonly wires: Readonly<Record<WireId, Wire>>
  readonly motor: LeadSheet | null
  /** It is the unit's old one, which stays. */
  readonly motorStays: boolean
  readonly horsepower: string | null
  readonly wanted: Rotation | null
  readonly plug: Direction | null
  /** Of the speeds that are set by a select lead. */
  readonly speed: SpeedName | null
  readonly can: Can | null
  /** Which of several voltages the motor's leads are joined for, such as "230". */
  readonly motorVolts: string | null
  /** Its motor has no ground lead, and the frame is grounded otherwise. */
  readonly frameGrounded: boolean | null
  /** How the can was wired by hand; null: as planned. */
  readonly canPut: CanAsPut | null
  readonly compressorMicrofarads: number | null
  /** What the compressor's own capacitor is rated by its label, V; null: not read, or it shares the fan's. */
  readonly compressorCanVolts: number | null
  /** What takes its place; null: it stays. */
  readonly compressorCan: Can | null
  /** The post that the far end of a hard-start kit is on; null: no kit. */
  readonly hardStart: PostId | null
  readonly prefer: Preference
  /** The order of aims of this job; null: the device's. */
  readonly aims: readonly Aim[] | null
  readonly placements: Readonly<Record<LeadId, Placement>>
  readonly readings: Readonly<Record<string, Reading>>
  readonly proven: Proven | null
  /** Steps of making safe, by step. */
  readonly safe: Readonly<Record<string, SafeStep>>
  readonly discharge: DischargeRecord | null
  readonly fault: Fault | null
  /** Faults that stand beside the first, by cause. */
  readonly alsoFound: Readonly<Record<string, Fault>>
  /** What else was done on this visit, by kind of work; in words, by an id. */
  readonly works: Readonly<Record<string, { readonly text: string }>>
  /** Parts that the van has not, by an id. */
  readonly ordered: Readonly<Record<string, Ordered>>
  /** A day to come back on, and what for; null: nothing is to be done later. */
  readonly comeBack: { readonly on: string | null; readonly why: string } | null
  /** When the visit was said to be at its end, ms since 1970; null: not said, or proven anyway. */
  readonly ended: { readonly at: number } | null
  /** Visits after the first: when each began (ms since 1970), and what for. */
  readonly visits: Readonly<Record<string, { readonly at: number; readonly why: string }>>
  /** What was seen, test to answer. */
  readonly observations: Readonly<Record<string, string>>
  /** What was read, by where. */
  readonly measurements: Readonly<Record<string, Measurement>>
  readonly motorPlate: MotorPlate | null
  readonly unitPlate: UnitPlate | null
  readonly canMarking: CanMarking | null
  /** What was measured of the old motor’s body. */
  readonly oldBody: Mechanical | null
  readonly oldBlade: Blade | null
  readonly ohmLeads: { readonly leads: readonly Insulation[]; readonly leadOhms: number } | null
  readonly steepBlades: boolean | null
  /** The lines of plates and labels as typed, by plate. */
  readonly plateLines: Readonly<Record<string, string>>
  readonly photos: Readonly<Record<string, Photo>>
  /** What tells which way the fan must turn, by its kind. */
  readonly rotationSources: Readonly<Record<string, RotationSource>>
  /** Speeds chosen otherwise than proposed, by output. */
  readonly speedChoices: Readonly<Record<string, SpeedName>>
  /** Outputs that the technician said have no lead, by post. */
  readonly unusedOutputs: Readonly<Record<PostId, boolean>>
  /** Parts taken of the van's stock, by line. */
  readonly taken: Readonly<Record<string, { readonly quantity: number }>>
  /** Sections that read open or shorted, by "can section" (see deadKey). */
  readonly deadSections: Readonly<Record<string, boolean>>
  /** What was ticked of the list of what to carry up, by item. */
  readonly carried: Readonly<Record<string, boolean>>
  /** Steps of fitting the capacitor that are done, by step. */
  readonly fitted: Readonly<Record<string, boolean>>
  /** Lengths measured for mounting, in, by figure (see mount-input). */
  readonly mountInches: Readonly<Record<string, number>>
  /** How the motor is held (way), how it lies (position), whether its shaft goes through (through). */
  readonly mountChoices: Readonly<Record<string, string>>
  /** What was looked at before power, by check. */
  readonly mountChecks: Readonly<Record<string, boolean>>
  /** What start-up showed: turned (right or backwards), door (open or closed), blade (same or other). */
  readonly startup: Readonly<Record<string, string>>
  readonly refrigerant: Refrigerant | null
  /** Gauges and clamps of the charge glance, by figure. */
  readonly chargeFigures: Readonly<Record<string, number>>
  /** The owner, as the report is addressed. */
  readonly owner: string
  /** Which unit at this place it is: its own name or serial number; jobs of the same unit make its history. */
  readonly unitName: string
  /** What was recommended, and what was declined. */
  readonly recommended: Readonly<Record<string, { readonly text: string; readonly declined: boolean }>>
  readonly estimateLines: Readonly<Record<string, EstimateLine>>
  readonly estimateTerms: EstimateTerms | null
  /** Accepted by name, drawn or typed; `signature`: the strokes as a path of moves and lines, 0 to 1000 across. */
  readonly acceptance: {
    readonly name: string
    readonly at: number
    readonly cents: number
    readonly signature: string | null
  } | null
  /** The start capacitor of the van that was chosen, with its resistor. */
  readonly startCan: StartCan | null
  /** The range of the start capacitor that is asked for, µF, and its volts; null: none is fitted. */
  readonly startWanted: { readonly low: number; readonly high: number; readonly volts: number } | null
}

export const EMPTY_JOB: JobDocument = {
  title: '',
  site: '',
  notes: '',
  removed: false,
  unit: null,
  supplyVolts: null,
  supplyHertz: null,
  hertz: null,
  tolerancePercent: null,
  wires: {},
  motor: null,
  motorStays: false,
  horsepower: null,
  wanted: null,
  plug: null,
  speed: null,
  can: null,
  compressorMicrofarads: null,
  compressorCanVolts: null,
  compressorCan: null,
  hardStart: null,
  canPut: null,
  frameGrounded: null,
  motorVolts: null,
  prefer: 'exact',
  aims: null,
  placements: {},
  readings: {},
  proven: null,
  safe: {},
  discharge: null,
  fault: null,
  alsoFound: {},
  works: {},
  ordered: {},
  comeBack: null,
  ended: null,
  visits: {},
  observations: {},
  measurements: {},
  motorPlate: null,
  unitPlate: null,
  canMarking: null,
  oldBody: null,
  oldBlade: null,
  ohmLeads: null,
  steepBlades: null,
  plateLines: {},
  photos: {},
  rotationSources: {},
  speedChoices: {},
  unusedOutputs: {},
  taken: {},
  deadSections: {},
  carried: {},
  fitted: {},
  mountInches: {},
  mountChoices: {},
  mountChecks: {},
  startup: {},
  refrigerant: null,
  chargeFigures: {},
  owner: '',
  unitName: '',
  recommended: {},
  estimateLines: {},
  estimateTerms: null,
  acceptance: null,
  startCan: null,
  startWanted: null,
}
