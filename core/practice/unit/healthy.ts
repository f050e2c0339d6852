// A unit as it left the factory: the hookup that the core advises for the motor it was made with, on a capacitor that is right.
import { workOutHookup } from '../../circuit/hookup'
import type { LeadSheet } from '../../motor/lead-sheet'
import { first } from '../../quantity/at'
import { onSupply } from '../../supply/supply'
import { COMPRESSOR_LOAD, FAN_LOAD } from '../../wiring/new-can'
import type { PostId, UnitType } from '../../wiring/unit-type'
import type { NamedWire } from '../../wiring/wire'
import { compressorPhases, compressorPosts } from '../../wiring/compressor-posts'
import { factorySpeed } from './motors'
import { GOOD_COMPRESSOR, GOOD_MOTOR, type TrueCan, type TrueCompressor, type Truth } from './truth'

/** What a healthy unit is made from. `compressorMicrofarads`: what its compressor's side asks for, where it has one. */
export interface UnitMake {
  readonly unit: UnitType
  readonly volts: number
  readonly sheet: LeadSheet
  readonly compressorMicrofarads: number
}

/** Volts of the practice capacitors. Common practice, no source: 440 serves any. */
const CAN_VOLTS = 440
const CAN_PERCENT = 6

/** The unit's own wires as they usually are, all traced. */
const factoryWires = (unit: UnitType): NamedWire[] =>
  unit.typicalWires.map((wire) => ({ ...wire, segments: [], traced: true, stated: [] }))

/** Outputs that such a unit leaves the factory without a lead on. */
export const unusedOutputs = (unit: UnitType): PostId[] =>
  unit.posts
    .filter((post) => post.kind === 'output' && !unit.typicalWires.some((wire) => wire.from === post.id))
    .map((post) => post.id)

function canFor({ unit, sheet, compressorMicrofarads }: UnitMake): TrueCan | null {
  const section = (id: string, microfarads: number) => ({
    id,
    marked: microfarads,
    microfarads,
    state: 'good' as const,
  })
  const shared = unit.traits.capacitor === 'shared'
  const sections = [
    ...(shared ? [section(COMPRESSOR_LOAD, compressorMicrofarads)] : []),
    ...(sheet.capacitor ? [section(FAN_LOAD, sheet.capacitor.microfarads)] : []),
  ]
  if (sections.length === 0) return null
  return {
    name: sections.map((s) => s.marked).join('/'),
    volts: CAN_VOLTS,
    tolerancePercent: CAN_PERCENT,
    sections,
    jumpers: [],
    top: 'flat',
  }
}

function compressorOf({ unit, compressorMicrofarads: microfarads }: UnitMake): TrueCompressor | null {
  if (compressorPhases(unit).length > 0) return GOOD_COMPRESSOR
  if (!compressorPosts(unit)) return null
  const own = unit.posts.some((post) => post.kind === 'kept-cap')
  const can = own ? { id: 'own', marked: microfarads, microfarads, state: 'good' as const } : null
  return { ...GOOD_COMPRESSOR, can }
}

/** Throws where the motor cannot be in this unit: makes are drawn from those that can (see `canHold`). */
export function healthyUnit(make: UnitMake): Truth {
  const { unit: type, volts, sheet } = make
  const unit = onSupply(type, { volts, hertz: 60 })
  const can = canFor(make)
  const rotation = first(sheet.settings.rotation)
  const wanted = { direction: rotation.direction, seenFrom: sheet.rotationNamedFrom }
  const answer = workOutHookup(
    {
      unit,
      wires: factoryWires(unit),
      sheet,
      wanted,
      can: can && { ...can, sections: can.sections.map(({ id, microfarads }) => ({ id, microfarads })) },
      speed: factorySpeed(sheet),
      unusedOutputs: unusedOutputs(unit),
      compressorMicrofarads: unit.traits.capacitor === 'shared' ? make.compressorMicrofarads : null,
    },
    { mends: false },
  )
  const { proof, placements, unitWires, added, horsepower } = answer
  if (proof.verdict !== 'proven' && proof.verdict !== 'watch')
    throw new Error(`${sheet.name} does not go in ${unit.name}: ${proof.sentence}`)
  return {
    unit,
    volts,
    hertz: 60,
    lines: unit.supply.line3 === undefined ? [true, true] : [true, true, true],
    call: true,
    coil: 'good',
    sheet,
    horsepower: horsepower.horsepower,
    plug: rotation.direction,
    speed: answer.speed?.speed ?? null,
    placements,
    unitWires: [...unitWires.map(({ id, from, to }) => ({ id, from, to })), ...added],
    can: can && { ...can, jumpers: answer.can.jumpers },
    wanted,
    madeFor: Object.fromEntries(
      placements.flatMap(({ lead, goes }) =>
        goes.kind === 'post' && sheet.leads.some((l) => l.id === lead && l.role === 'speed')
          ? [[goes.post, lead]]
          : [],
      ),
    ),
    motor: GOOD_MOTOR,
    air: { blade: 'good', wheel: 'fine', coil: 'clean' },
    compressor: compressorOf(make),
    plated: { horsepower: horsepower.horsepower, rpm: sheet.nameplate.rpm, amps: horsepower.amps },
  }
}
