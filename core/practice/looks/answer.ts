// What a test of the app gives on a practice unit: the reading a meter shows, or what is seen. Done as the question says: leads off where
// it says so, power off where it says so.
import type { Probe, ProbeReading } from '../../diagnosis/answers'
import { COMPRESSOR_LOAD, FAN_LOAD } from '../../wiring/new-can'
import type { ModeId } from '../../wiring/unit-type'
import { ampsIn } from '../electricity/meter'
import { runUnit } from '../electricity/running'
import { found, isCalled, modeOf } from '../electricity/stand'
import type { TrueCompressor, Truth } from '../unit/truth'
import {
  called,
  leadOfRole,
  outputOf,
  read,
  reading,
  seen,
  type Bench,
  type TestAnswer,
  type Try,
} from './bench'
import { compressorDoes, type CompressorDoes } from './compressor'
import { atCompressor, compressorAmps, compressorOhms, compressorShell } from './compressor-tests'
import { fanDoes, fanDoesAtAll, shellCelsius, soundOf, spinOf, turnsRight, usualMode } from './fan'
import { callVolts, motorVolts, outputVolts, supplyVolts } from './volts'
import { cooled, frameOhms, sectionReading, substitute, windingOhms } from './windings'

const compressorSectionId = ({ pair: { truth } }: Bench): string =>
  truth.compressor?.can ? 'own' : COMPRESSOR_LOAD

function lineAmps(bench: Bench, mode: ModeId): number {
  const running = runUnit(bench.pair.truth, called(bench, mode))
  if (running.trips) return 0
  const lines = leadOfRole(bench, 'motor-common', 'power-tap', 'line', 'phase')
  return Math.max(0, ...lines.map((lead) => ampsIn(running, lead)))
}

const fanAmps: Try = (bench) =>
  read('amps-motor', 'amps', lineAmps(bench, usualMode(bench.pair.truth)), bench.draw)

/** Low to high, by what the selections are for. */
const speedAmps: Try = (bench) => {
  const { healthy } = bench.pair
  const speeds: Partial<Record<Probe, ProbeReading>> = {}
  for (const { id, fanRuns } of healthy.unit.modes) {
    const output = fanRuns ? outputOf(bench, id) : null
    const tap = output === null ? undefined : healthy.madeFor[output]
    const speed = healthy.sheet.settings.speed.find((s) => s.tap === tap)?.speed
    const probe =
      speed === 'low' || speed === 'medium' || speed === 'high' ? (`amps-${speed}` as const) : null
    if (probe) speeds[probe] = reading('amps', lineAmps(bench, id), bench.draw)
  }
  return { readings: speeds }
}

/** Every lead and wire against the diagram and the tag. */
const wiringCheck: Try = ({ pair: { truth, healthy } }) => {
  const places = (t: Truth) =>
    t.placements.map(({ lead, goes }) => `${lead} ${goes.kind === 'post' ? goes.post : goes.kind}`).sort()
  const wires = (t: Truth) => t.unitWires.map(({ id, from, to }) => `${id} ${from} ${to}`).sort()
  const same =
    truth.sheet.id !== healthy.sheet.id ||
    (places(truth).join() === places(healthy).join() && wires(truth).join() === wires(healthy).join())
  return seen(same ? 'agrees' : 'differs')
}

const relayBypass: Try = (bench) => {
  const running = runUnit(bench.pair.truth, { ...called(bench), bridged: true })
  return seen(running.direction === 0 ? 'dead' : 'runs')
}

const contactor: Try = (bench) => {
  const { truth } = bench.pair
  if (truth.coil === 'buzzes' && isCalled(truth, called(bench))) return seen('buzz')
  return seen(modeOf(truth, called(bench)) === 'off' ? 'out' : 'in')
}

const unitPlate: Try = ({ pair: { truth } }) => {
  const { horsepower, amps } = truth.sheet.settings.horsepower[0] ?? { horsepower: '', amps: 0 }
  const same = horsepower === truth.plated.horsepower && Math.abs(amps / truth.plated.amps - 1) < 0.15
  return seen(same ? 'agrees' : 'differs')
}

function compressorHeat(truth: Truth, { overload, locked, shorted }: TrueCompressor): string {
  if (overload === 'open' || locked || shorted) return 'hot'
  return compressorDoes(truth) === 'right' ? 'warm' : 'cold'
}

/** How the compressor is heard from beside the fan. */
const SOUNDS: Readonly<Record<CompressorDoes, string>> = {
  right: 'runs',
  hums: 'hums',
  trips: 'hums',
  silent: 'silent',
  breaker: 'silent',
}

/** By the ids of the app's tests. */
const TRIES: Readonly<Record<string, Try>> = {
  'fan-does': ({ pair }) => seen(fanDoesAtAll(pair)),
  'comp-fan': ({ pair }) => seen(['dead', 'hums', 'push'].includes(fanDoes(pair)) ? 'stands' : 'runs'),
  compressor: ({ pair }) => {
    const does = compressorDoes(pair.truth)
    return seen(does && SOUNDS[does])
  },
  'comp-does': ({ pair }) => seen(compressorDoes(pair.truth)),
  'contactor-pulls': contactor,
  'capacitor-fitted': ({ pair }) => seen(pair.truth.sheet.capacitor ? 'yes' : 'none'),
  'can-top': ({ pair }) => seen(pair.truth.can?.top ?? null),
  spin: ({ pair }) => seen(spinOf(pair.truth)),
  heat: ({ pair, draw }) => read('celsius-motor', 'celsius', shellCelsius(pair), draw),
  shaft: ({ pair }) => seen(pair.truth.motor.shaft),
  sound: ({ pair }) => seen(soundOf(pair.truth)),
  direction: ({ pair }) =>
    seen(
      turnsRight(pair, runUnit(pair.truth, found(pair.truth.unit, usualMode(pair.truth))))
        ? 'right'
        : 'wrong',
    ),
  supply: supplyVolts,
  call: callVolts,
  'off-call': ({ pair: { truth } }) =>
    seen(isCalled(truth, { ...found(truth.unit, usualMode(truth)), thermostat: 'off' }) ? 'there' : 'none'),
  'motor-volts': motorVolts,
  'output-volts': outputVolts,
  'microfarads-fan': (bench) => sectionReading(bench, FAN_LOAD, 'microfarads-FAN'),
  'microfarads-compressor': (bench) => sectionReading(bench, COMPRESSOR_LOAD, 'microfarads-HERM'),
  substitute,
  'can-ohms-fan': (bench) => sectionReading(bench, FAN_LOAD, 'ohms-can-FAN'),
  ohms: windingOhms,
  'ohms-frame': frameOhms,
  cooled,
  amps: fanAmps,
  'wiring-check': wiringCheck,
  'relay-bypass': relayBypass,
  'speed-amps': speedAmps,
  'wheel-look': ({ pair }) => seen(pair.truth.air.wheel),
  'unit-plate': unitPlate,
  'comp-heat': ({ pair: { truth } }) => seen(truth.compressor && compressorHeat(truth, truth.compressor)),
  'comp-terminals': ({ pair: { truth } }) =>
    seen(truth.compressor ? (truth.compressor.leadOff ? 'burnt' : 'fine') : null),
  'comp-microfarads': (bench) => sectionReading(bench, compressorSectionId(bench), 'microfarads-HERM'),
  'can-ohms-compressor': (bench) => sectionReading(bench, compressorSectionId(bench), 'ohms-can-HERM'),
  'comp-shell': compressorShell,
  'comp-ohms': compressorOhms,
  'comp-cooled': ({ pair: { truth } }) =>
    seen(truth.compressor ? (truth.compressor.open === null ? 'reads' : 'still-open') : null),
  'comp-start-gear': ({ pair: { truth } }) =>
    seen(truth.compressor ? (truth.compressor.startGear ?? 'none') : null),
  'comp-volts': atCompressor,
  'comp-amps': compressorAmps,
  'dirty-coil': ({ pair: { truth } }) => seen(truth.air.coil),
  'long-abuse': () => seen('no'),
}

/** The tests that a practice unit has an answer for. */
export const PRACTICE_TESTS: readonly string[] = Object.keys(TRIES)

/** Does a test of the app on a unit; nothing comes of one that this unit has no place for. */
export const tryTest = (test: string, bench: Bench): TestAnswer => TRIES[test]?.(bench) ?? {}
