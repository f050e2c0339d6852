// What a practice unit really is, whatever its labels say: supply, call, copper, capacitors, windings, air, compressor. Plain values: a
// fault is another truth.
import type { SectionId } from '../../capacitor/can'
import type { LandedLead } from '../../circuit/network'
import type { LeadSheet, SpeedName } from '../../motor/lead-sheet'
import type { Direction, Rotation } from '../../rotation/view'
import type { CanJumper, UnitWire } from '../../wiring/new-can'
import type { UnitType } from '../../wiring/unit-type'

/** A section of the capacitor as it is: what is marked on it, and what it has. */
export interface TrueSection {
  readonly id: SectionId
  readonly marked: number
  /** µF that it has, while it is good. */
  readonly microfarads: number
  readonly state: 'good' | 'open' | 'shorted'
}

/** The capacitor in the unit. */
export interface TrueCan {
  readonly name: string
  readonly volts: number
  readonly tolerancePercent: number
  readonly sections: readonly TrueSection[]
  readonly jumpers: readonly CanJumper[]
  readonly top: 'flat' | 'swollen' | 'leaks'
}

/** The fan's motor, inside. */
export interface TrueMotor {
  /** Coils that are broken, by id. */
  readonly open: readonly string[]
  /** Where the coils meet is broken: the thermal cut-out, or the joint itself. */
  readonly joint: 'whole' | 'cut-out' | 'broken'
  /** A share of a coil's turns that is shorted. */
  readonly shorted: { readonly coil: string; readonly share: number } | null
  /** From a winding to the frame, ohms; a good one has many megohms. */
  readonly frameOhms: number
  readonly bearing: 'good' | 'dry' | 'seized' | 'play'
  /** What is inside a motor without a capacitor is dead. */
  readonly electronics: 'good' | 'dead'
  readonly shaft: 'neither' | 'oil' | 'burnt'
}

/** The compressor beside the fan, and what is its own. */
export interface TrueCompressor {
  /** A post whose winding is broken inside. */
  readonly open: 'C' | 'R' | 'S' | null
  readonly overload: 'closed' | 'open'
  readonly shorted: boolean
  readonly shellOhms: number
  readonly locked: boolean
  /** A lead at its terminals is burnt off. */
  readonly leadOff: boolean
  /** null: it has no start capacitor and relay. */
  readonly startGear: 'good' | 'bad' | null
  /** A capacitor of its own; null: the fan's can has a section for it, or it needs none. */
  readonly can: TrueSection | null
}

/** What the air meets. */
export interface TrueAir {
  readonly blade: 'good' | 'loose' | 'bent'
  readonly wheel: 'fine' | 'dirty' | 'loose'
  readonly coil: 'clean' | 'dirty'
}

/** A unit as it stands, for the copper of `core/circuit` and for what is seen of it. */
export interface Truth {
  /** With its switches as they work, faults included. */
  readonly unit: UnitType
  /** Between the lines, as it arrives, V. */
  readonly volts: number
  readonly hertz: 50 | 60
  /** Which of the lines arrive, in order. */
  readonly lines: readonly boolean[]
  /** 24 V arrive when the thermostat asks. */
  readonly call: boolean
  /** Of the contactor; an open one does not pull in. */
  readonly coil: 'good' | 'open' | 'buzzes'
  readonly sheet: LeadSheet
  readonly horsepower: string
  readonly plug: Direction
  readonly speed: SpeedName | null
  readonly placements: readonly LandedLead[]
  readonly unitWires: readonly UnitWire[]
  readonly can: TrueCan | null
  /** The way the air asks for. */
  readonly wanted: Rotation
  /** The taps that each output was made for, by output; empty: no blower. */
  readonly madeFor: Readonly<Record<string, string>>
  readonly motor: TrueMotor
  readonly air: TrueAir
  readonly compressor: TrueCompressor | null
  /** The motor that the unit's plate names. */
  readonly plated: { readonly horsepower: string; readonly rpm: number; readonly amps: number }
}

/** A unit as it is, and as it left the factory. `usual`: with the motor that is in it now, where that is another. */
export interface Pair {
  readonly truth: Truth
  readonly healthy: Truth
  readonly usual?: Truth
}

/** A motor as it left the factory. */
export const GOOD_MOTOR: TrueMotor = {
  open: [],
  joint: 'whole',
  shorted: null,
  frameOhms: 500e6,
  bearing: 'good',
  electronics: 'good',
  shaft: 'neither',
}

export const GOOD_COMPRESSOR: TrueCompressor = {
  open: null,
  overload: 'closed',
  shorted: false,
  shellOhms: 500e6,
  locked: false,
  leadOff: false,
  startGear: null,
  can: null,
}
