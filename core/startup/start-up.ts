// What was read and seen at the first power, against the hookup that it was read on: one judge for the screen, the papers and the list of jobs.
import { workOutHookup, type HookupRequest } from '../circuit/hookup'
import { DEFAULT_TOLERANCE_PERCENT } from '../capacitor/verdict'
import { USUAL_ACCURACY } from '../meter/measurement'
import { readingInterval, type MeterAccuracy } from '../quantity/interval'
import type { SupplyAnswer } from '../supply/supply'
import type { ModeId } from '../wiring/unit-type'
import { expectedModes, type ExpectedMode } from './expected'
import { poweredHookup, type FirstPower } from './first-power'
import { judgeStartUp, type StartUp } from './verdict'

/** Readings with the accuracy of the meter they are from; null: a usual one. */
export interface StartUpFacts {
  readonly turned: FirstPower | null
  readonly readings: readonly {
    readonly mode: ModeId
    readonly amps: number
    readonly accuracy: MeterAccuracy | null
    readonly door: 'open' | 'closed' | null
    readonly inrush: number | null
  }[]
  readonly capacitor: {
    readonly amps: number
    readonly volts: number
    readonly ampsAccuracy: MeterAccuracy | null
    readonly voltsAccuracy: MeterAccuracy | null
  } | null
  /** Under load. */
  readonly supply: { readonly volts: number; readonly accuracy: MeterAccuracy | null } | null
  readonly oldRpm: number | null
  /** The blade is the old one; null: not said. */
  readonly sameBlade: boolean | null
}

/** The verdict of the start, with what the proof's circuit expected. */
export interface StartUpAnswer extends StartUp {
  readonly expected: readonly ExpectedMode[]
}

/** Works the hookup out anew, so that a reading is never held against yesterday's wiring. */
export function startUpOf(
  request: HookupRequest,
  { supply: on }: SupplyAnswer,
  { turned, readings, capacitor, supply, oldRpm, sameBlade }: StartUpFacts,
): StartUpAnswer {
  const { sheet, unit } = request
  const answer = workOutHookup(request)
  const expected = expectedModes(sheet, answer)
  const started = judgeStartUp({
    proof: answer.proof,
    direction: {
      turned,
      sheet,
      set: answer.plug.set.direction,
      advised: answer.plug.advised?.direction ?? null,
      on: poweredHookup(unit, sheet, answer),
    },
    readings: readings.flatMap((r) => {
      const at = expected.find((m) => m.mode === r.mode)
      return at
        ? [
            {
              name: at.name,
              speed: at.speed,
              amps: readingInterval(r.amps, r.accuracy ?? USUAL_ACCURACY.amps),
              rated: at.rated,
              expected: at.range,
              door: r.door,
              inrush: r.inrush,
            },
          ]
        : []
    }),
    speeds: sheet.settings.speed.map((s) => s.speed),
    capacitor: capacitor &&
      sheet.capacitor && {
        amps: capacitor.amps,
        volts: capacitor.volts,
        hertz: on.hertz,
        microfarads: sheet.capacitor.microfarads,
        tolerancePercent: request.tolerancePercent ?? DEFAULT_TOLERANCE_PERCENT,
        meter: {
          amps: capacitor.ampsAccuracy ?? USUAL_ACCURACY.amps,
          volts: capacitor.voltsAccuracy ?? USUAL_ACCURACY.volts,
        },
      },
    evidence: {
      volts: supply && readingInterval(supply.volts, supply.accuracy ?? USUAL_ACCURACY.volts),
      ratedVolts: sheet.nameplate.volts,
      oldRpm,
      newRpm: sheet.nameplate.rpm,
      proven: answer.proof.verdict === 'proven' || answer.proof.verdict === 'watch',
      sameBlade,
    },
  })
  return { ...started, expected }
}
