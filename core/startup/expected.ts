// What the proof's circuit expects of each mode that runs the fan: its amps, and which speed is live in it with that speed's rating.
import type { HookupAnswer } from '../circuit/hookup'
import type { LeadSheet, SpeedName } from '../motor/lead-sheet'
import type { ModeId } from '../wiring/unit-type'

/** What the proof's circuit expects of one mode. */
export interface ExpectedMode {
  readonly mode: ModeId
  readonly name: string
  /** A; null where the circuit says nothing, as of a motor without a model. */
  readonly amps: number | null
  readonly rated: number
  /** null: the motor has one speed. */
  readonly speed: SpeedName | null
}

/** A tap that carries less than this share of the rating is not the live one. Our judgement. */
const LIVE_SHARE = 0.2

/** Amps that each mode with a running fan should draw, by the solved circuit. */
export function expectedModes(sheet: LeadSheet, { proof, horsepower, speed }: HookupAnswer): ExpectedMode[] {
  return proof.modes
    .filter((m) => m.fanRuns)
    .map(({ mode, name, solution }) => {
      const live =
        sheet.settings.speed.filter(
          (s) => s.tap !== null && Math.abs(solution.leads[s.tap]?.amps ?? 0) > LIVE_SHARE * horsepower.amps,
        )[0] ?? speed
      const amps = solution.motor.amps
      return {
        mode,
        name,
        amps: amps > 0 ? amps : null,
        rated: live?.amps ?? horsepower.amps,
        speed: live?.speed ?? null,
      }
    })
}
