// Cases as a practitioner tells them, each with what is found, what comes first, and what to do next. Common practice, no source. Those of two
// faults name both. "settled": act on it, there is no test left that is worth its minutes.
import type { Subject } from '../model'
import { amps, COIL, FURNACE, ohms, OWN, PUMP, uf, volts, type Readings } from './readings'

export interface Case {
  readonly unit?: string
  readonly about?: Subject
  readonly seen: Record<string, string>
  readonly read?: Readings
  readonly found: readonly string[]
  /** Of what is ranked. */
  readonly first: string
  /** The next test, or that there is none. */
  readonly next: string
}

export const EACH = { 'ohms-shell-C': ohms('OL'), 'ohms-shell-R': ohms('OL'), 'ohms-shell-S': ohms('OL') }
export const CASES: Readonly<Record<string, Case>> = {
  // The fan alone.
  'hums, its side reads 0.2 µF': {
    seen: { 'fan-does': 'hums', compressor: 'runs' },
    read: { 'microfarads-FAN': uf(0.2) },
    found: ['capacitor-open'],
    first: 'capacitor-open',
    next: 'settled',
  },
  'slow, its side reads 3.6 of 5 µF': {
    seen: { 'fan-does': 'slow', compressor: 'runs' },
    read: { 'microfarads-FAN': uf(3.6) },
    found: ['capacitor-weak'],
    first: 'capacitor-weak',
    next: 'settled',
  },
  'runs after a push, the top swollen, nothing read': {
    seen: { 'fan-does': 'push', compressor: 'runs', 'can-top': 'swollen' },
    found: ['can-swollen'],
    first: 'capacitor-open',
    next: 'microfarads-fan',
  },
  'runs after a push, oil on the top, µF in tolerance': {
    seen: { 'fan-does': 'push', compressor: 'runs', 'can-top': 'leaks' },
    read: { 'microfarads-FAN': uf(5) },
    found: ['can-swollen'],
    first: 'capacitor-weak',
    next: 'spin',
  },
  'dead, does not turn by hand': {
    seen: { 'fan-does': 'dead', compressor: 'runs', spin: 'seized' },
    found: ['bearing'],
    first: 'bearing',
    next: 'settled',
  },
  'hums, does not turn by hand': {
    seen: { 'fan-does': 'hums', compressor: 'runs', spin: 'seized' },
    found: ['bearing'],
    first: 'bearing',
    next: 'settled',
  },
  'noisy, and by hand it will not turn: it ran a minute ago, so that is looked at again': {
    seen: { 'fan-does': 'noisy', spin: 'seized' },
    found: [],
    first: 'bearing',
    next: 'sound',
  },
  'dead, 300 Ω to the frame': {
    seen: { 'fan-does': 'dead', compressor: 'runs' },
    read: { 'ohms-frame': ohms(300) },
    found: ['winding-grounded'],
    first: 'winding-grounded',
    next: 'settled',
  },
  'hums cold, start winding OL': {
    seen: { 'fan-does': 'hums', compressor: 'runs', heat: 'cold' },
    read: { 'ohms-common-run': ohms(30), 'ohms-common-start': ohms('OL'), 'ohms-run-start': ohms('OL') },
    found: ['winding-open'],
    first: 'winding-open',
    next: 'settled',
  },
  'dead and hot, motor common open: it may be the cut-out': {
    seen: { 'fan-does': 'dead', compressor: 'runs', heat: 'hot', ohms: 'common-open' },
    found: [],
    first: 'thermal',
    next: 'cooled',
  },
  'the same, and it reads after an hour': {
    seen: { 'fan-does': 'dead', compressor: 'runs', heat: 'hot', ohms: 'common-open', cooled: 'reads' },
    found: ['thermal'],
    first: 'thermal',
    next: 'settled',
  },
  'the same, and it is open after an hour': {
    seen: { 'fan-does': 'dead', compressor: 'runs', heat: 'hot', ohms: 'common-open', cooled: 'still-open' },
    found: ['winding-open'],
    first: 'winding-open',
    next: 'settled',
  },
  'trips, a winding near nothing': {
    seen: { 'fan-does': 'trips', compressor: 'runs', ohms: 'low' },
    found: ['winding-shorted'],
    first: 'winding-shorted',
    next: 'settled',
  },
  'backwards, a lead is elsewhere than the diagram says': {
    seen: { 'fan-does': 'backwards', compressor: 'runs', 'wiring-check': 'differs' },
    found: ['wiring'],
    first: 'wiring',
    next: 'settled',
  },
  'heat pump: dead, and it runs with the relay bypassed': {
    unit: PUMP,
    seen: { 'fan-does': 'dead', compressor: 'runs', 'relay-bypass': 'runs' },
    found: ['defrost-relay'],
    first: 'defrost-relay',
    next: 'settled',
  },
  'nothing runs, no 24 V at the coil': {
    seen: { 'fan-does': 'dead', compressor: 'silent', 'contactor-pulls': 'out' },
    read: { 'volts-supply': volts(238), 'volts-call': volts(0.3) },
    found: ['no-call'],
    first: 'no-call',
    next: 'settled',
  },
  'its µF read OL: ohms tell whether it is shorted': {
    seen: { 'fan-does': 'hums', compressor: 'runs' },
    read: { 'microfarads-FAN': uf('OL') },
    found: [],
    first: 'capacitor-open',
    next: 'can-ohms-fan',
  },
  'its µF read OL and 0.4 Ω across it': {
    seen: { 'fan-does': 'hums', compressor: 'runs' },
    read: { 'microfarads-FAN': uf('OL'), 'ohms-can-FAN': ohms(0.4) },
    found: ['capacitor-open'],
    first: 'capacitor-open',
    // Near nothing across it is dead, whatever the µF could not show.
    next: 'settled',
  },
  'a known-good capacitor cures a slow fan': {
    unit: OWN,
    seen: { 'fan-does': 'slow', compressor: 'runs', substitute: 'cures' },
    found: ['capacitor-weak'],
    first: 'capacitor-weak',
    next: 'settled',
  },
  // Blowers.
  'blower: wrong speed, amps fall where they should rise': {
    unit: COIL,
    seen: { 'fan-does': 'wrong-speed' },
    read: { 'amps-low': amps(1.1), 'amps-medium': amps(0.9), 'amps-high': amps(0.4) },
    found: ['speeds-crossed'],
    first: 'speeds-crossed',
    next: 'settled',
  },
  'blower: noisy, its wheel loose': {
    unit: FURNACE,
    seen: { 'fan-does': 'noisy', 'wheel-look': 'loose' },
    found: ['wheel'],
    first: 'wheel',
    next: 'settled',
  },
  'blower: slow, its wheel clogged, and the capacitor at half: both': {
    unit: FURNACE,
    seen: { 'fan-does': 'slow', 'wheel-look': 'dirty' },
    read: { 'microfarads-FAN': uf(2.5) },
    found: ['capacitor-weak', 'wheel'],
    first: 'capacitor-weak',
    next: 'settled',
  },
  'blower: dead, no volts at the output, the supply there, a call there': {
    unit: FURNACE,
    seen: { 'fan-does': 'dead' },
    read: { 'volts-output': volts(0.4), 'volts-supply': volts(121), 'volts-call': volts(26) },
    found: [],
    first: 'output',
    next: 'settled',
  },
  // Two faults side by side.
  'fan seized, and the compressor’s side dead with it': {
    seen: { 'fan-does': 'dead', compressor: 'hums', spin: 'seized' },
    read: { 'microfarads-HERM': uf(0.1), 'microfarads-FAN': uf(5) },
    found: ['bearing', 'comp-capacitor'],
    first: 'bearing',
    next: 'settled',
  },
  'both sides of the dual read nothing': {
    seen: { 'fan-does': 'hums', compressor: 'hums' },
    read: { 'microfarads-FAN': uf(0.1), 'microfarads-HERM': uf(0.2) },
    found: ['capacitor-both'],
    first: 'capacitor-both',
    next: 'settled',
  },
  'one side weak, the other open: the dual, once': {
    seen: { 'fan-does': 'slow', compressor: 'hums' },
    read: { 'microfarads-FAN': uf(3), 'microfarads-HERM': uf(0.2) },
    found: ['capacitor-both'],
    first: 'capacitor-both',
    next: 'settled',
  },
  'fan seized and its winding to ground': {
    seen: { 'fan-does': 'dead', compressor: 'silent', spin: 'seized' },
    read: { 'ohms-frame': ohms(40) },
    found: ['winding-grounded', 'bearing'],
    first: 'winding-grounded',
    next: 'settled',
  },
  'fan seized, the can swollen': {
    seen: { 'fan-does': 'hums', compressor: 'runs', spin: 'seized', 'can-top': 'swollen' },
    found: ['bearing', 'can-swollen'],
    first: 'bearing',
    next: 'settled',
  },
  'fan’s side open and the compressor gone to ground': {
    seen: { 'fan-does': 'hums', compressor: 'silent' },
    read: { 'microfarads-FAN': uf(0.1), 'ohms-shell-S': ohms(900) },
    found: ['comp-grounded', 'capacitor-open'],
    first: 'capacitor-open',
    next: 'settled',
  },
  'fan open, compressor out on its overload behind it': {
    seen: { 'fan-does': 'hums', compressor: 'silent', 'comp-heat': 'hot', 'comp-ohms': 'common-open' },
    read: { 'microfarads-FAN': uf(0.1) },
    found: ['capacitor-open', 'comp-overload'],
    first: 'capacitor-open',
    next: 'settled',
  },
  'a lead elsewhere, and the capacitor out': {
    seen: { 'fan-does': 'backwards', compressor: 'runs', 'wiring-check': 'differs' },
    read: { 'microfarads-FAN': uf(2.6) },
    found: ['capacitor-weak', 'wiring'],
    first: 'capacitor-weak',
    next: 'settled',
  },
  'no call that was read without a supply, and the can swollen: the supply first': {
    seen: { 'fan-does': 'dead', compressor: 'silent', 'contactor-pulls': 'out', 'can-top': 'swollen' },
    read: { 'volts-call': volts(0.2) },
    found: ['can-swollen'],
    first: 'no-call',
    next: 'supply',
  },
  'no call, the supply there, and the can swollen': {
    seen: { 'fan-does': 'dead', compressor: 'silent', 'contactor-pulls': 'out', 'can-top': 'swollen' },
    read: { 'volts-call': volts(0.2), 'volts-supply': volts(236) },
    found: ['can-swollen', 'no-call'],
    first: 'no-call',
    next: 'settled',
  },
  'blower: taps crossed and the wheel loose': {
    unit: COIL,
    seen: { 'fan-does': 'wrong-speed', 'speed-amps': 'crossed', 'wheel-look': 'loose' },
    found: ['speeds-crossed', 'wheel'],
    first: 'speeds-crossed',
    next: 'settled',
  },
  'blower: a tap open cold, and the capacitor dead': {
    unit: FURNACE,
    seen: { 'fan-does': 'hums', ohms: 'one-open', heat: 'cold' },
    read: { 'microfarads-FAN': uf(0.1) },
    found: ['winding-open', 'capacitor-open'],
    first: 'winding-open',
    next: 'settled',
  },
  'heat pump: relay stuck open and the can weak': {
    unit: PUMP,
    seen: { 'fan-does': 'dead', compressor: 'runs', 'relay-bypass': 'runs' },
    read: { 'microfarads-FAN': uf(3) },
    found: ['capacitor-weak', 'defrost-relay'],
    first: 'capacitor-weak',
    next: 'settled',
  },
  // The compressor.
  'compressor hums, its side reads 12 of 40 µF': {
    about: 'compressor',
    seen: { 'comp-does': 'hums', 'comp-fan': 'runs' },
    read: { 'microfarads-HERM': uf(12) },
    found: ['comp-capacitor'],
    first: 'comp-capacitor',
    next: 'settled',
  },
  'compressor silent, hot, C open to both': {
    about: 'compressor',
    seen: { 'comp-does': 'silent', 'comp-fan': 'runs', 'comp-heat': 'hot' },
    read: {
      'ohms-compressor-CR': ohms('OL'),
      'ohms-compressor-CS': ohms('OL'),
      'ohms-compressor-RS': ohms(3.4),
    },
    found: ['comp-overload'],
    first: 'comp-overload',
    next: 'settled',
  },
  'the same, cold and still open': {
    about: 'compressor',
    seen: {
      'comp-does': 'silent',
      'comp-fan': 'runs',
      'comp-ohms': 'common-open',
      'comp-cooled': 'still-open',
    },
    found: ['comp-open'],
    first: 'comp-open',
    next: 'settled',
  },
  'compressor silent, C open to both, not felt yet: feel it first': {
    about: 'compressor',
    seen: { 'comp-does': 'silent', 'comp-fan': 'runs', 'comp-ohms': 'common-open' },
    found: [],
    first: 'comp-overload',
    next: 'comp-heat',
  },
  'breaker goes, S to the shell 2 kΩ': {
    about: 'compressor',
    seen: { 'comp-does': 'breaker' },
    read: { ...EACH, 'ohms-shell-S': ohms(2000) },
    found: ['comp-grounded'],
    first: 'comp-grounded',
    next: 'settled',
  },
  'breaker goes, nothing read: each post to the shell': {
    about: 'compressor',
    seen: { 'comp-does': 'breaker' },
    found: [],
    first: 'comp-grounded',
    next: 'comp-shell',
  },
  'hums, capacitor good: look at its start gear': {
    about: 'compressor',
    seen: { 'comp-does': 'hums', 'comp-fan': 'runs' },
    read: { 'microfarads-HERM': uf(40) },
    found: [],
    first: 'comp-locked',
    next: 'comp-start-gear',
  },
  'hums, its start relay burnt': {
    about: 'compressor',
    seen: { 'comp-does': 'hums', 'comp-fan': 'runs', 'comp-start-gear': 'bad' },
    read: { 'microfarads-HERM': uf(40) },
    found: ['comp-start'],
    first: 'comp-start',
    next: 'settled',
  },
  'silent, a lead burnt off its terminal': {
    about: 'compressor',
    seen: { 'comp-does': 'silent', 'comp-fan': 'runs', 'comp-terminals': 'burnt' },
    found: ['comp-lead'],
    first: 'comp-lead',
    next: 'settled',
  },
  'its µF read OL: ohms tell': {
    about: 'compressor',
    seen: { 'comp-does': 'hums', 'comp-fan': 'runs' },
    read: { 'microfarads-HERM': uf('OL') },
    found: [],
    first: 'comp-capacitor',
    next: 'can-ohms-compressor',
  },
  'its start relay burnt, and a dead side with it': {
    about: 'compressor',
    seen: { 'comp-does': 'hums', 'comp-fan': 'runs', 'comp-start-gear': 'bad' },
    read: { 'microfarads-HERM': uf(0.2) },
    found: ['comp-capacitor', 'comp-start'],
    first: 'comp-capacitor',
    next: 'settled',
  },
  'a burnt lead, and a winding open cold': {
    about: 'compressor',
    seen: { 'comp-does': 'silent', 'comp-heat': 'cold', 'comp-ohms': 'one-open', 'comp-terminals': 'burnt' },
    found: ['comp-open', 'comp-lead'],
    first: 'comp-open',
    next: 'settled',
  },
  'compressor’s side dead, and the fan’s motor to ground': {
    about: 'compressor',
    seen: { 'comp-does': 'hums', 'fan-does': 'dead' },
    read: { 'microfarads-HERM': uf(0.2), 'ohms-frame': ohms(50) },
    found: ['winding-grounded', 'comp-capacitor'],
    first: 'comp-capacitor',
    next: 'settled',
  },
  'nothing seen: what it does': {
    about: 'compressor',
    seen: {},
    found: [],
    first: 'comp-capacitor',
    next: 'comp-does',
  },
}
