// Seeded wirings held against the judge of the copper: what it condemns is never proven nor watched, and what it finds sound is refused
// only for a reason that is listed here, with why.
import type { HazardCode } from '../hazard'
import { condemns } from './copper-judge'
import { wirings } from './wirings'

/** Refused though the judge finds nothing: what the proof holds beyond it, each with its reason. */
const BEYOND_THE_JUDGE: Partial<Readonly<Record<HazardCode, string>>> = {
  'ground-not-on-chassis':
    'A ground on a dead post grounds nothing; the judge asks only that it is on no line.',
  'lead-on-coil': 'No motor lead belongs on a 24 V post, a ground neither.',
  'unit-wire-on-supply':
    'A wire before a pole of the contactor leaves compressor or can at line potential when it opens; no current flows, so the judge lets it pass.',
  'line-on-coil':
    'Line voltage reaches the 24 V side through a winding or a capacitor; the judge walks copper only.',
  'runs-when-stopped':
    'Current flows in a stopped motor through a capacitor or the compressor; the judge walks copper only.',
  'two-taps-live': 'The same, through the winding between two taps.',
  'does-not-start': 'What little is left across the windings; the judge walks copper only.',
  'short-circuit': 'A short through a small winding resistance; the judge walks copper only.',
  'capacitor-lead-touches':
    'A capacitor lead on a post that a wire of the unit ties to the 24 V side; nothing else may be on it.',
  'motor-voltage': 'The motor stands in series with something that no copper shows.',
  'winding-overcurrent': 'A winding that a wire of the unit feeds in another mode.',
  'outputs-tied': 'One call of the board feeds back into another.',
  'idle-taps-tied': 'Two idle taps on one post, though nothing is live on it.',
  'jumper-to-c':
    'It shorts a section that serves nothing; the judge asks only for those that do. A lead that is put there later is on a line.',
  'post-not-for-leads': 'Sound as copper, and no place for a fan’s lead.',
}

/** What came of it, in words that name each wiring; both lists are to be empty. */
export function judgeSeeded(fan: 'outdoor' | 'blower', count: number, seed: number) {
  const dangerous: string[] = []
  const refused: string[] = []
  let [sound, proven] = [0, 0]
  for (const { request, answer, changes } of wirings(fan, count, seed)) {
    const why = condemns(request, answer)
    const { verdict, hazards, sentence } = answer.proof
    const words = `${request.unit.id}, ${request.sheet.id}, ${changes.join('; ')}`
    if (why !== null) {
      if (verdict === 'proven' || verdict === 'watch') dangerous.push(`${words}: ${why}, yet ${verdict}`)
      continue
    }
    sound += 1
    if (verdict !== 'stop') {
      proven += 1
      continue
    }
    const stops = hazards.filter((h) => h.severity === 'stop')
    const known = stops.length > 0 && stops.every((h) => BEYOND_THE_JUDGE[h.code] !== undefined)
    // A refusal before any circuit (no plan for the can, a role unknown) is an answer of its own, and no verdict on copper.
    if (!known && answer.refusals.length === 0) refused.push(`${words}: ${sentence}`)
  }
  return { dangerous, refused, sound, proven }
}
