// The robot fits: a motor from the van, a capacitor for what the loads ask, every lead where the app puts it; then first power.
import type { LeadSheet } from '../../core/motor/lead-sheet'
import { fanDoes, leadAmps } from '../../core/practice/looks/fan'
import { runUnit } from '../../core/practice/electricity/running'
import { found } from '../../core/practice/electricity/stand'
import { tryTest } from '../../core/practice/looks/answer'
import { recordedWires } from '../../core/practice/unit/recorded'
import { unusedOutputs } from '../../core/practice/unit/healthy'
import {
  alone,
  compressorMicrofarads,
  fitted,
  type Fitting as HandFitting,
} from '../../core/practice/unit/fitting'
import { motorPlateOf } from '../../core/practice/unit/plates'
import type { Pair, Truth } from '../../core/practice/unit/truth'
import { COMPRESSOR_LOAD, FAN_LOAD } from '../../core/wiring/new-can'
import { refOf } from '../../core/wiring/unit-types'
import type { HookupOutput } from '../../core/operations/hookup-output'
import type { ModeId } from '../../core/wiring/unit-type'
import { ask } from './ask'
import { MOTORS, partOf, CANS } from './van'

/** What came of fitting something. */
export interface Fitting {
  /** The unit with it in. */
  readonly truth: Truth
  readonly verdict: 'proven' | 'watch' | 'stop' | 'cannotTell'
  readonly sentence: string
  /** What the fan did at first power, in each mode that is used; what start-up said of it. */
  readonly does: readonly string[]
  readonly startup: string
  /** With nothing else wrong it runs right in every mode that is used. */
  readonly isRight: boolean
  /** The unit with this motor in it, and nothing wrong. */
  readonly usual: Truth
}

/** By the unit’s plate, and read before anything is powered. */
function supplyOf({ healthy, truth }: Pair, draw: () => number) {
  const { readings = {} } = tryTest('supply', { pair: { truth, healthy }, draw })
  const volts = readings['volts-supply']?.value
  return {
    unitPlate: [{ low: healthy.volts, high: healthy.volts }],
    meterVolts: typeof volts === 'number' ? volts : null,
  }
}

/** A capacitor before its jumpers; null: none. */
type FittedCan = Omit<NonNullable<HandFitting['can']>, 'jumpers'> | null

/** A capacitor for what is asked, from the van; null: nothing is asked for. Throws where the van has none. */
function canFor(pair: Pair, fan: number | null): FittedCan {
  const compressor = compressorMicrofarads(pair)
  const loads = [
    ...(compressor === null ? [] : [{ load: COMPRESSOR_LOAD, microfarads: compressor, volts: 440 }]),
    ...(fan === null ? [] : [{ load: FAN_LOAD, microfarads: fan, volts: 370 }]),
  ]
  if (loads.length === 0) return null
  const { plans, problems } = ask('capacitor-plan', { stock: CANS, loads })
  const [plan] = plans
  if (!plan) throw new Error(`no capacitor: ${problems.join(' ')}`)
  const many = plan.cans.length > 1
  const sections = plan.cans.flatMap(({ part, name }, i) =>
    (partOf(part)?.sections ?? []).map(({ id, microfarads }) => ({
      id: many ? `${i + 1} ${id}` : id,
      microfarads,
      ...(many ? { of: `${name}, ${i + 1}` } : {}),
    })),
  )
  const volts = Math.min(...plan.cans.map(({ part }) => partOf(part)?.volts ?? 0))
  const name = plan.cans.map((c) => c.name).join(' and ')
  return { name, volts, tolerancePercent: 6, sections }
}

interface Choice {
  readonly sheet: LeadSheet
  readonly horsepower: string | null
  readonly stays: boolean
  /** As the wires were written down: where they are, or where the diagram has them. */
  readonly wires: ReturnType<typeof recordedWires>
}

/** What the robot tells the app of a hookup; `can`: what it takes from the van. */
function inputFor(pair: Pair, { sheet, horsepower, stays, wires }: Choice) {
  const { truth, healthy } = pair
  const compressor = compressorMicrofarads(pair)
  const tag = sheet.capacitor?.microfarads ?? null
  const asked = ask('wanted-microfarads', { load: FAN_LOAD, newMotor: !stays, tag })
  const can = canFor(pair, asked.microfarads)
  const isSelect = sheet.settings.speed.some((s) => s.tap === null)
  return {
    can,
    input: {
      unit: refOf(truth.unit),
      wires,
      sheet,
      motorStays: stays,
      horsepower,
      wanted: ask('rotation', { wanted: healthy.wanted, sheet }).wanted,
      speed: isSelect ? (sheet.settings.speed[0]?.speed ?? null) : null,
      can,
      supply: supplyOf(pair, () => 0.5),
      compressorMicrofarads: compressor,
      compressorVolts: compressor === null ? null : 440,
      unusedOutputs: unusedOutputs(truth.unit),
    },
  }
}

/** The unit with everything where the answer puts it. */
const fittedTo = (
  pair: Pair,
  { sheet, stays }: Choice,
  hookup: HookupOutput,
  can: FittedCan,
): Pair & { readonly usual: Truth } =>
  fitted(pair, {
    sheet: stays ? null : sheet,
    horsepower: hookup.horsepower.horsepower,
    plug: hookup.plug.set.direction,
    speed: hookup.speed ?? null,
    placements: hookup.leads.map(({ lead, advised }) => ({ lead, goes: advised })),
    unitWires: [...hookup.unitWires, ...hookup.added].map(({ id, from, to }) => ({ id, from, to })),
    can: can && { ...can, jumpers: hookup.jumpers },
  })

/** What is wrong elsewhere is not the hookup's: on a unit that has nothing else, does it do what it should? */
const isRightAlone = (pair: Pair, modes: readonly ModeId[]): boolean => {
  const clean = alone(pair)
  return modes.every((mode) => fanDoes(clean, mode) === 'right')
}

/** What is told at first power, by what the fan does. */
const TURNED: Readonly<Partial<Record<string, string>>> = {
  backwards: 'backwards',
  hums: 'hums',
  push: 'hums',
  dead: 'nothing',
}

/** A watch that taps are crossed is heeded: each output gets what the app gives it where no old speed is on record. */
function uncrossed(input: ReturnType<typeof inputFor>['input'], { stays }: Choice) {
  const isCrossed = ask('hookup', input).proof.hazards.some(({ code }) => code === 'speeds-crossed')
  if (stays || !isCrossed) return input
  const { unit, sheet } = input
  const wires = input.wires.map((wire) => ({ ...wire, speed: undefined }))
  const { assignments } = ask('assign-speeds', { unit, sheet, wires })
  const speedChoices = Object.fromEntries(
    assignments.flatMap(({ output, speed }) => (speed === null ? [] : [[output, speed]])),
  )
  return { ...input, speedChoices }
}

/** Everything on its post as the app has it, and powered. */
function fit(pair: Pair, choice: Choice): Fitting {
  const { truth, healthy } = pair
  const { input: first, can } = inputFor(pair, choice)
  const input = uncrossed(first, choice)
  const hookup = ask('hookup', input)
  const steps = ask('fit-steps', input)
  const { verdict, sentence } = hookup.proof
  if ((verdict !== 'proven' && verdict !== 'watch') || steps.steps.length === 0)
    return {
      truth,
      verdict,
      sentence: steps.instead ?? sentence,
      does: [],
      startup: '',
      isRight: false,
      usual: pair.usual ?? healthy,
    }
  const next = fittedTo(pair, choice, hookup, can)
  const { truth: after, usual } = next
  const modes = hookup.proof.modes.filter((m) => m.fanRuns).map((m) => m.mode)
  const does = modes.map((mode) => fanDoes(next, mode))
  const startup = ask('startup-verdict', {
    hookup: input,
    turned: TURNED[does[0] ?? ''] ?? 'right',
    readings: modes.map((mode) => ({
      mode,
      amps: Math.round(100 * leadAmps(runUnit(after, found(after.unit, mode)), after)) / 100,
    })),
  })
  return {
    truth: after,
    verdict,
    sentence,
    does,
    startup: `${startup.verdict}: ${startup.sentence}`,
    isRight: isRightAlone(next, modes),
    usual,
  }
}

/** An end that hangs loose is found again by the diagram: it is traced before the motor comes out. */
function foundAgain({ truth, healthy }: Pair): Truth {
  if (truth.sheet !== healthy.sheet) return truth
  const placements = truth.placements.map((place) =>
    place.goes.kind === 'loose' ? (healthy.placements.find((p) => p.lead === place.lead) ?? place) : place,
  )
  return { ...truth, placements }
}

/** `byDiagram`: the old wires are known to be wrong, and are taken as the diagram has them. Another motor from the van in the old one's place. Throws where none fits. */
export function fitMotor(pair: Pair, byDiagram = false): Fitting {
  const { healthy, truth } = pair
  const { traits } = truth.unit
  const old = healthy
  const { matches } = ask('match-motor', {
    old: {
      fan: traits.fan,
      plate: motorPlateOf(old),
      mechanical: old.sheet.mechanical,
      unitVolts: healthy.volts,
      needsThroughShaft: traits.throughShaft,
      speedsInUse:
        Object.keys(healthy.madeFor).length > 0 ? new Set(Object.values(healthy.madeFor)).size : null,
      wantedFromLeadEnd: ask('rotation', { wanted: healthy.wanted }).leadEnd,
    },
    candidates: MOTORS,
  })
  const best = matches.find((m) => m.verdict === 'fits' || m.verdict === 'watch')
  const sheet = MOTORS.find((m) => m.id === best?.id)
  if (!best || !sheet) throw new Error(`no motor: ${matches[0]?.sentence ?? 'the van is empty'}`)
  return fit(pair, {
    sheet,
    horsepower: best.horsepower,
    stays: false,
    wires: byDiagram ? recordedWires(healthy) : recordedWires(foundAgain(pair)),
  })
}

/** The motor stays: a new capacitor. */
export const fitCapacitor = (pair: Pair): Fitting =>
  fit(pair, {
    sheet: pair.truth.sheet,
    horsepower: null,
    stays: true,
    wires: recordedWires(foundAgain(pair)),
  })

/** The motor stays: every lead where the diagram has it. */
export const fitWires = (pair: Pair): Fitting =>
  fit(pair, {
    sheet: pair.truth.sheet,
    horsepower: null,
    stays: true,
    wires: recordedWires({ ...pair.healthy, ...(pair.truth.sheet === pair.healthy.sheet ? {} : pair.truth) }),
  })
