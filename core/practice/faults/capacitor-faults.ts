// What goes wrong with a capacitor: it loses value, opens, shorts, leaks; or is the wrong one.
import { COMPRESSOR_LOAD, FAN_LOAD } from '../../wiring/new-can'
import type { TrueSection, Truth } from '../unit/truth'
import { between, pick, withCompressor, type Draw, type Fault } from './fault'

type SectionEdit = (section: TrueSection, draw: Draw) => TrueSection

const hasFan = ({ can }: Truth) => can?.sections.some((s) => s.id === FAN_LOAD) ?? false
const hasShared = ({ can }: Truth) => can?.sections.some((s) => s.id === COMPRESSOR_LOAD) ?? false
const hasOwn = ({ compressor }: Truth) => (compressor?.can ?? null) !== null
const hasStart = (truth: Truth) => hasShared(truth) || hasOwn(truth)

function editFan(truth: Truth, edit: SectionEdit, draw: Draw): Truth {
  const sections = truth.can?.sections.map((s) => (s.id === FAN_LOAD ? edit(s, draw) : s)) ?? []
  return { ...truth, can: truth.can && { ...truth.can, sections } }
}

/** Its section of the can, or its own. */
function editCompressor(truth: Truth, edit: SectionEdit, draw: Draw): Truth {
  const own = truth.compressor?.can
  if (own) return withCompressor(truth, { can: edit(own, draw) })
  const sections = truth.can?.sections.map((s) => (s.id === COMPRESSOR_LOAD ? edit(s, draw) : s)) ?? []
  return { ...truth, can: truth.can && { ...truth.can, sections } }
}

const lost =
  (low: number, high: number): SectionEdit =>
  (section, draw) => ({ ...section, microfarads: section.marked * (1 - between(draw, low, high)) })
const opened: SectionEdit = (section) => ({ ...section, state: 'open' })
const shorted: SectionEdit = (section) => ({ ...section, state: 'shorted' })
const swollen = (truth: Truth, draw: Draw): Truth =>
  draw() < 0.4 ? { ...truth, can: truth.can && { ...truth.can, top: 'swollen' } } : truth

export const CAPACITOR_FAULTS: readonly Fault[] = [
  {
    id: 'capacitor-far-gone',
    name: 'The fan’s capacitor has lost most of its value',
    subject: 'fan',
    causes: ['capacitor-weak'],
    level: 1,
    fits: hasFan,
    applied: (truth, draw) => swollen(editFan(truth, lost(0.6, 0.85), draw), draw),
  },
  {
    id: 'capacitor-tired',
    name: 'The fan’s capacitor has lost a quarter of its value',
    subject: 'fan',
    causes: ['capacitor-weak'],
    level: 2,
    fits: hasFan,
    applied: (truth, draw) => editFan(truth, lost(0.2, 0.35), draw),
  },
  {
    id: 'capacitor-open',
    name: 'The fan’s capacitor is open',
    subject: 'fan',
    causes: ['capacitor-open'],
    level: 1,
    fits: hasFan,
    applied: (truth, draw) => swollen(editFan(truth, opened, draw), draw),
  },
  {
    id: 'capacitor-shorted',
    name: 'The fan’s capacitor is shorted',
    subject: 'fan',
    causes: ['capacitor-open'],
    level: 2,
    fits: hasFan,
    applied: (truth, draw) => editFan(truth, shorted, draw),
  },
  {
    id: 'capacitor-both',
    name: 'Both sides of the dual capacitor are dead',
    subject: 'fan',
    // The compressor's side has failed too, and can be found alone.
    causes: ['capacitor-both', 'capacitor-open', 'comp-capacitor'],
    level: 1,
    fits: hasShared,
    applied: (truth, draw) => swollen(editCompressor(editFan(truth, opened, draw), opened, draw), draw),
  },
  {
    id: 'capacitor-leaks',
    name: 'The capacitor leaks, and has lost value',
    subject: 'fan',
    causes: ['capacitor-weak', 'can-swollen'],
    level: 1,
    fits: hasFan,
    applied: (truth, draw) => {
      const weak = editFan(truth, lost(0.15, 0.5), draw)
      return { ...weak, can: weak.can && { ...weak.can, top: 'leaks' } }
    },
  },
  {
    id: 'capacitor-wrong',
    name: 'Somebody fitted a capacitor of another value',
    subject: 'fan',
    causes: ['capacitor-weak'],
    level: 3,
    fits: hasFan,
    applied: (truth, draw) => {
      const times = pick(draw, [0.4, 2])
      return editFan(truth, (s) => ({ ...s, marked: s.marked * times, microfarads: s.marked * times }), draw)
    },
  },
  {
    id: 'compressor-capacitor-weak',
    name: 'The compressor’s capacitor has lost most of its value',
    subject: 'compressor',
    causes: ['comp-capacitor'],
    level: 1,
    fits: hasStart,
    applied: (truth, draw) => editCompressor(truth, lost(0.35, 0.7), draw),
  },
  {
    id: 'compressor-capacitor-open',
    name: 'The compressor’s capacitor is open',
    subject: 'compressor',
    causes: ['comp-capacitor'],
    level: 1,
    fits: hasStart,
    applied: (truth, draw) => editCompressor(truth, opened, draw),
  },
]
