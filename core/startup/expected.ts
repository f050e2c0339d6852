// What the proof's circuit expects of each mode that runs the fan: the line current, which lead carries it, what the others carry, and
// which speed is live with that speed's rating.
import type { HookupAnswer } from '../circuit/hookup'
import type { LeadSheet, SpeedName } from '../motor/lead-sheet'
import type { LeadId } from '../motor/lead-id'
import { ampsDoubt } from '../motor/machine/curve'
import { machineOf } from '../motor/machine/machine'
import type { Interval } from '../quantity/interval'
import type { ModeId } from '../wiring/unit-type'

/** What the proof's circuit expects of one mode. */
export interface ExpectedMode {
  readonly mode: ModeId
  readonly name: string
  /** Line current, A; null where the circuit says nothing, as of a motor without a model. */
  readonly amps: number | null
  /** Within which it is expected, A: constants fitted to a plate, or those of a typical piece. */
  readonly range: Interval | null
  /** The lead to put the clamp round, alone. */
  readonly lead: LeadId | null
  /** What the other leads that carry current would read, A. */
  readonly others: readonly { readonly lead: LeadId; readonly amps: number }[]
  readonly rated: number
  /** null: the motor has one speed. */
  readonly speed: SpeedName | null
}

/** A tap that carries less than this share of the rating is not the live one. Our judgement. */
const LIVE_SHARE = 0.2
/** Less than this in a lead is not worth a clamp, A. Our judgement. */
const WORTH_READING = 0.05

/** Amps that each mode with a running fan should draw, by the solved circuit. */
export function expectedModes(sheet: LeadSheet, { proof, horsepower, speed }: HookupAnswer): ExpectedMode[] {
  const machine = machineOf(sheet)
  const doubt = machine && ampsDoubt(machine)
  return proof.modes
    .filter((m) => m.fanRuns)
    .map(({ mode, name, solution }) => {
      const live =
        sheet.settings.speed.filter(
          (s) => s.tap !== null && Math.abs(solution.leads[s.tap]?.amps ?? 0) > LIVE_SHARE * horsepower.amps,
        )[0] ?? speed
      const { amps, line } = solution.motor
      const runs = amps > 0
      return {
        mode,
        name,
        amps: runs ? amps : null,
        range: runs && doubt ? { low: amps * doubt.low, high: amps * doubt.high } : null,
        lead: line,
        others: Object.entries(solution.leads)
          .filter(([lead, l]) => lead !== line && l.amps > WORTH_READING)
          .map(([lead, l]) => ({ lead, amps: l.amps })),
        rated: live?.amps ?? horsepower.amps,
        speed: live?.speed ?? null,
      }
    })
}
