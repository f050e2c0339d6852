// A symptom that a rule explains is told as the rule tells it, with the wire to move. What no rule explains stands for itself.
import type { Hazard, HazardCode } from '../hazard'

const LEADS_OFF: readonly HazardCode[] = [
  'lead-forgotten',
  'lead-landed-twice',
  'lead-loose',
  'lead-not-landed',
  'lead-on-coil',
  'plug-lead-landed',
  'winding-on-earth',
]
const FEED: readonly HazardCode[] = [
  'capacitor-lead-touches',
  'motor-common-dead',
  'run-dead',
  'no-voltage-across-motor',
  'line-to-line',
  'line-on-earth',
  'phase-dead',
  'phases-on-one-line',
  ...LEADS_OFF,
]
const START: readonly HazardCode[] = [
  'start-on-line',
  'start-open',
  'capacitor-off-run',
  'capacitor-wrong-value',
  'section-serves-two-loads',
  'jumper-to-c',
  ...FEED,
]

/** Rules that say why a symptom of this code shows. */
const EXPLAINS: Partial<Readonly<Record<HazardCode, readonly HazardCode[]>>> = {
  'short-circuit': ['line-to-line', 'line-on-earth', 'line-on-coil'],
  'line-on-coil': ['line-on-coil', 'lead-on-coil'],
  'does-not-start': [...START, 'voltage-class'],
  'starts-backward': START,
  'weak-start': START,
  'motor-voltage': ['voltage-class', ...START],
  'winding-overcurrent': ['voltage-class', 'idle-tap-landed', 'compressor-start-on-line', ...START],
  'two-taps-live': ['idle-tap-landed', 'line-to-line'],
  'no-tap-live': FEED,
  'runs-when-stopped': [
    'runs-in-defrost',
    'runs-with-contactor-open',
    'start-on-line',
    'line-on-earth',
    'winding-on-earth',
    'supply-side',
    'idle-tap-landed',
    ...LEADS_OFF,
  ],
  'capacitor-overvoltage': ['capacitor-voltage-low', 'voltage-class', ...START],
}

/** The symptoms that no rule's hazard explains. */
export const unexplained = (symptoms: readonly Hazard[], rules: readonly Hazard[]): Hazard[] =>
  symptoms.filter(
    (symptom) =>
      !rules.some((rule) => rule.severity === 'stop' && (EXPLAINS[symptom.code] ?? []).includes(rule.code)),
  )
