// The capacitor itself: the old one out or left, the new one strapped, its C's tied, its jumpers, and what the meter must read.
import { cutText } from '../quantity/whole-text'
import { bleedWords } from '../capacitor/start-can'
import { casesOf, type Case } from '../capacitor/can'
import type { TapGroup } from '../capacitor/tap-plan/plan'
import type { HookupAnswer, HookupRequest } from '../circuit/hookup'
import { figure, listed, microfaradsText } from '../quantity/display'
import { COMPRESSOR_LOAD, NEW_C, PROTECTED_POST, sectionPost, type FittedCan } from '../wiring/new-can'
import { mainCase, placeName } from './places'
import type { FitStep } from './step'

/** The old can out, or left where a side of it stays; the new ones strapped, and their C's tied. */
export function canSteps({ unit }: HookupRequest, { can }: HookupAnswer): FitStep[] {
  if (unit.traits.capacitor === 'none' && can.sections.length === 0) return []
  if (can.sections.length === 0)
    return [
      {
        id: 'old',
        kind: 'safe',
        text: 'Take the old capacitor out; nothing takes its place.',
        why: 'This motor needs none, and the old one served nothing else.',
        acts: [{ kind: 'take-out' }],
      },
    ]
  const cases = casesOf(can)
  const fresh = cases.filter((c) => !c.stays)
  return [oldStep(cases), ...fresh.map((c, i) => strapStep(c, i, cases.length)), ...tieSteps(can)]
}

function oldStep(cases: readonly Case[]): FitStep {
  const stays = cases.find((c) => c.stays)
  if (stays && cases.length === 1)
    return {
      id: 'old',
      kind: 'safe',
      text: `Leave the old can in its strap: it stays whole, for ${stays.stays}.`,
      why: 'It is marked and reads what is asked for; nothing of it is moved.',
      acts: [],
    }
  return stays
    ? {
        id: 'old',
        kind: 'safe',
        text: `Leave the old can in its strap, for ${stays.stays}. The post of its other side stays empty.`,
        why: 'Its other side is not to be relied on.',
        acts: [],
      }
    : {
        id: 'old',
        kind: 'safe',
        text: 'Take the old capacitor out.',
        why: 'Every wire on it is on record.',
        acts: [{ kind: 'take-out' }],
      }
}

const strapStep = ({ name }: Case, i: number, count: number): FitStep => ({
  id: `strap-${i}`,
  kind: 'mount',
  text: `Strap ${name} upright and tight, its posts clear of the cover and of sharp edges${count > 1 && i > 0 ? ', with a strap of its own' : ''}.`,
  why: 'One that shakes loose breaks its posts; one that touches the cover is live to the cabinet.',
  acts: [],
})

function tieSteps(can: FittedCan): FitStep[] {
  const main = mainCase(can)
  return casesOf(can)
    .filter((c) => c.name !== main.name)
    .map((c, i) => ({
      id: `tie-${i}`,
      kind: 'join',
      text: `Tie C of ${c.name} to C of ${main.stays ? 'the old can' : main.name} with a wire as thick as the one that feeds it.${c.sections.length === 1 ? ' A single has no C: either post is its C, and the other its section.' : ''}`,
      why: 'Without the tie its sections hang on nothing.',
      acts: [{ kind: 'tie', from: c.name, to: main.name }],
    }))
}

/** One a jumper, with the share of the load's current that it carries. */
export const jumperSteps = ({ unit }: HookupRequest, { can }: HookupAnswer): FitStep[] =>
  can.groups.flatMap(({ load, jumpers }) =>
    jumpers.map(({ from, to, share }, i) => ({
      id: cutText(`jumper-${load}-${i}`, 60),
      kind: 'join',
      text: `${load}: jumper from ${placeName(unit, can, sectionPost(from))} to ${placeName(unit, can, sectionPost(to))}.`,
      why: `It carries ${figure(100 * share, 0)} % of this load’s capacitor current.`,
      acts: [{ kind: 'jumper', from: sectionPost(from), to: sectionPost(to) }],
    })),
  )

/** What the meter must read before any wire is on the sections; of a side that stays nothing, since its wire is on. */
export const checkSteps = ({ can }: HookupAnswer): FitStep[] => [
  ...can.groups.filter((group) => !staysFor(can, group)).map((group) => readStep(group, can)),
  ...(can.protectedStart
    ? [
        {
          id: 'fuse',
          kind: 'check' as const,
          text: 'Ohms from C to the protected terminal: nearly 0 Ω.',
          why: 'Anything else and the fuse inside is open: a start kit there would do nothing.',
          acts: [],
        },
      ]
    : []),
]

const staysFor = ({ sections }: FittedCan, { lead }: TapGroup): boolean =>
  sections.some((s) => s.id === lead && s.stays)

function readStep({ load, microfarads }: TapGroup, { tolerancePercent }: FittedCan): FitStep {
  const limits = `${figure(microfarads * (1 - tolerancePercent / 100))} to ${figure(microfarads * (1 + tolerancePercent / 100))} µF`
  return {
    id: `check-${load}`,
    kind: 'check',
    text: `Meter on µF, nothing on the sections yet: C to ${load}’s post reads ${microfaradsText(microfarads)}, ${limits}.`,
    why: 'A jumper on the wrong post, or none, shows here and costs nothing.',
    acts: [],
  }
}

/** The hard-start kit, where there is one. */
export function kitStep({ hardStart, unit }: HookupRequest, { can }: HookupAnswer): FitStep[] {
  const near = can.groups.find((g) => g.load === COMPRESSOR_LOAD)?.lead
  if (!hardStart || near === undefined) return []
  return [
    {
      id: 'kit',
      kind: 'land',
      text: `Hard-start kit: one lead with the compressor’s wire on ${placeName(unit, can, sectionPost(near))}, the other on ${placeName(unit, can, hardStart)}${hardStart === PROTECTED_POST ? ', not on C' : ''}.`,
      why:
        hardStart === PROTECTED_POST
          ? 'Its fuse opens if the kit sticks; on C it would be bypassed.'
          : hardStart === NEW_C
            ? 'This can has no protected terminal.'
            : 'It is joined to C.',
      acts: [{ kind: 'kit', near: sectionPost(near), far: hardStart }],
    },
  ]
}

/** Sections that serve nothing. */
export function emptyStep({ can: { sections, groups } }: HookupAnswer): FitStep[] {
  const used = new Set(groups.flatMap((g) => g.sections))
  const empty = sections.filter((s) => !used.has(s.id))
  return empty.length === 0
    ? []
    : [
        {
          id: 'empty',
          kind: 'check',
          text: `Nothing on ${listed(empty.map((s) => `${figure(s.marked ?? s.microfarads)} µF`))}: cover ${empty.length === 1 ? 'it' : 'them'}.`,
          why: 'An empty section’s post is live against its neighbours while the unit runs.',
          acts: [],
        },
      ]
}

/** The compressor's start capacitor and its resistor, where they are replaced. */
export const startCanStep = ({ startCan }: HookupRequest): FitStep[] =>
  startCan
    ? [
        {
          id: 'start-can',
          kind: 'land',
          text: `The compressor’s start capacitor: discharge it, then its wires one post after the other onto ${startCan.name}; ${bleedWords(startCan.bleed)}.`,
          why: 'Without its resistor it stays charged after every start: it pits the start relay and bites whoever touches it.',
          acts: [],
        },
      ]
    : []

/** The compressor's own capacitor, where it has one and that is replaced. */
export const compressorCanStep = ({ compressorCan }: HookupRequest): FitStep[] =>
  compressorCan
    ? [
        {
          id: 'compressor-can',
          kind: 'land',
          text: `The compressor’s own capacitor: discharge it, then its wires one post after the other onto ${compressorCan.name}.`,
          why: 'Post for post nothing is exchanged, and no wire is left over.',
          acts: [],
        },
      ]
    : []
