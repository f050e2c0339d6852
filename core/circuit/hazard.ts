// A danger or a doubt the proof found: a stable code, how bad, in the trade's words, and the lead to move.
import type { LeadId } from '../motor/lead-id'
import { capital } from '../quantity/display'
import type { Placement } from '../wiring/placement'
import type { ModeId } from '../wiring/unit-type'

/** A danger's or doubt's stable name; messages may change, codes may not. */
export type HazardCode =
  | 'line-to-line'
  | 'line-on-earth'
  | 'line-on-coil'
  | 'no-voltage-across-motor'
  | 'motor-common-dead'
  | 'run-dead'
  | 'runs-with-contactor-open'
  | 'runs-in-defrost'
  | 'start-on-line'
  | 'start-open'
  | 'capacitor-off-run'
  | 'capacitor-wrong-value'
  | 'capacitor-tolerance'
  | 'section-serves-two-loads'
  | 'compressor-start-on-line'
  | 'compressor-not-fed'
  | 'compressor-always-fed'
  | 'unit-wire-on-supply'
  | 'compressor-capacitor-open'
  | 'compressor-capacitor-wrong-value'
  | 'jumper-carries-more'
  | 'jumper-to-c'
  | 'lead-forgotten'
  | 'lead-landed-twice'
  | 'lead-loose'
  | 'lead-not-landed'
  | 'lead-on-coil'
  | 'winding-on-earth'
  | 'idle-tap-landed'
  | 'select-not-set'
  | 'plug-lead-landed'
  | 'not-a-plug-lead'
  | 'run-return-landed'
  | 'ground-not-on-chassis'
  | 'ground-not-landed'
  | 'post-not-for-leads'
  | 'supply-side'
  | 'motor-common-unswitched'
  | 'rotation-opposite'
  | 'voltage-class'
  | 'hertz'
  | 'one-shaft-end'
  | 'capacitor-voltage-low'
  | 'evidence-conflict'
  | 'capacitor-lead-touches'
  | 'speeds-crossed'
  | 'line-and-tap-exchanged'
  | 'outputs-tied'
  | 'idle-taps-tied'
  | 'phase-dead'
  | 'phases-on-one-line'
  | 'direction-at-first-power'
  // From the solved circuit, where no rule names the wire.
  | 'short-circuit'
  | 'does-not-start'
  | 'starts-backward'
  | 'weak-start'
  | 'motor-voltage'
  | 'hard-start-unprotected'
  | 'hard-start-misplaced'
  | 'winding-overcurrent'
  | 'two-taps-live'
  | 'no-tap-live'
  | 'runs-when-stopped'
  | 'capacitor-overvoltage'

/** `stop` blocks the card; `watch` is shown on it. */
export type Severity = 'stop' | 'watch'

/** What was found, how bad it is, where to look, and the move that mends it. */
export interface Hazard {
  readonly code: HazardCode
  readonly severity: Severity
  readonly message: string
  /** Modes it shows in; empty when it does not depend on the mode. */
  readonly modes: readonly ModeId[]
  /** Leads to look at, the likeliest first. */
  readonly leads: readonly LeadId[]
  /** The one move that mends it, tried and found good. */
  readonly move?: { readonly lead: LeadId; readonly to: Placement }
  /** The moves that mend it together, where no single one does. */
  readonly together?: readonly { readonly lead: LeadId; readonly to: Placement }[]
}

/** A hazard that blocks the card. `modes` empty: it does not depend on the mode. */
export const stop = (
  code: HazardCode,
  message: string,
  leads: readonly LeadId[] = [],
  modes: readonly ModeId[] = [],
): Hazard => ({ code, severity: 'stop', message: capital(message), leads, modes })
/** A hazard that is shown on the card. */
export const watch = (
  code: HazardCode,
  message: string,
  leads: readonly LeadId[] = [],
  modes: readonly ModeId[] = [],
): Hazard => ({ code, severity: 'watch', message: capital(message), leads, modes })
