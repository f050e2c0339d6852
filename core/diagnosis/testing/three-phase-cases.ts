// Cases of a packaged unit on three phases, as a practitioner tells them. Common practice, no source.
import type { Case } from './cases'
import { ohms, volts } from './readings'

const unit = 'packaged-three-phase'
/** A compressor whose windings are good. */
const DRAWS_AND_STANDS = {
  'comp-does': 'hums',
  'comp-fan': 'runs',
  'comp-amps': 'stays',
  'comp-ohms': 'adds-up',
}

export const THREE_PHASE_CASES: Readonly<Record<string, Case>> = {
  'three phases: it hums, all three alike and far too low': {
    unit,
    seen: { 'fan-does': 'hums', 'motor-volts': 'off' },
    found: [],
    first: 'supply-volts',
    next: 'supply',
  },
  'three phases: both hum, one pair right and two not': {
    unit,
    seen: { 'fan-does': 'hums', compressor: 'hums', 'motor-volts': 'one-dead' },
    found: ['phase-lost'],
    first: 'phase-lost',
    next: 'settled',
  },
  'three phases: both hum, nothing read yet': {
    unit,
    seen: { 'fan-does': 'hums', compressor: 'hums' },
    found: [],
    first: 'phase-lost',
    next: 'motor-volts',
  },
  'three phases: the fan dead with volts on all three, one lead open and cold': {
    unit,
    seen: { 'fan-does': 'dead', compressor: 'runs', 'motor-volts': 'right', ohms: 'one-open', heat: 'cold' },
    found: ['winding-open'],
    first: 'winding-open',
    next: 'settled',
  },
  'three phases: all open, hot, and reads once it is cool': {
    unit,
    seen: { 'fan-does': 'trips', compressor: 'runs', ohms: 'all-open', heat: 'hot', cooled: 'reads' },
    found: ['thermal'],
    first: 'thermal',
    next: 'settled',
  },
  'three phases: to the frame': {
    unit,
    seen: { 'fan-does': 'dead' },
    read: { 'ohms-frame': ohms(300) },
    found: ['winding-grounded'],
    first: 'winding-grounded',
    next: 'settled',
  },
  'three phases: one pair far lower': {
    unit,
    seen: { 'fan-does': 'trips', compressor: 'runs', ohms: 'low' },
    found: ['winding-shorted'],
    first: 'winding-shorted',
    next: 'settled',
  },
  'three phases: seized by hand and hums': {
    unit,
    seen: { 'fan-does': 'hums', compressor: 'runs', spin: 'seized' },
    found: ['bearing'],
    first: 'bearing',
    next: 'settled',
  },
  'three phases: it ran on two lines, and a winding went with it': {
    unit,
    seen: { 'fan-does': 'hums', compressor: 'hums', 'motor-volts': 'one-dead', ohms: 'low' },
    found: ['winding-shorted', 'phase-lost'],
    first: 'winding-shorted',
    next: 'settled',
  },
  'three phases: no volts at all': {
    unit,
    seen: { 'fan-does': 'dead', compressor: 'silent' },
    read: { 'volts-supply': volts(0) },
    found: ['no-power'],
    first: 'no-power',
    next: 'ohms-frame',
  },
  'three phases: the compressor hums, its three posts on two lines': {
    unit,
    about: 'compressor',
    seen: { 'comp-does': 'hums', 'comp-fan': 'stands', 'comp-volts': 'one-dead' },
    found: ['comp-phase-lost'],
    first: 'comp-phase-lost',
    next: 'settled',
  },
  'three phases: the compressor draws and stands, lines and windings alike': {
    unit,
    about: 'compressor',
    seen: { ...DRAWS_AND_STANDS, 'comp-volts': 'right' },
    found: ['comp-locked'],
    first: 'comp-locked',
    next: 'settled',
  },
  'three phases: the compressor draws and stands, its lines far too low': {
    unit,
    about: 'compressor',
    seen: { ...DRAWS_AND_STANDS, 'comp-volts': 'off' },
    found: ['comp-supply-volts'],
    first: 'comp-supply-volts',
    next: 'settled',
  },
  'three phases: the compressor silent and hot, all OL': {
    unit,
    about: 'compressor',
    seen: { 'comp-does': 'silent', 'comp-fan': 'runs', 'comp-ohms': 'common-open', 'comp-heat': 'hot' },
    found: ['comp-overload'],
    first: 'comp-overload',
    next: 'settled',
  },
}
