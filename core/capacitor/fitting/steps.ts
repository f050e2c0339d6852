// How a capacitor is fitted, step by step, from the plan: discharge first, strap, the ties of C, jumpers, a check with the meter, leads last.
import { first } from '../../quantity/at'
import { capital, figure, microfaradsText } from '../../quantity/display'
import { casesOf, type Can, type Case } from '../can'
import type { TapGroup } from '../tap-plan/plan'

export const STEP_KINDS = ['safe', 'mount', 'join', 'check', 'land', 'label'] as const
/** What a step is about: safety, taking out, mounting, joining, checking, landing, labelling. */
export type FitStepKind = (typeof STEP_KINDS)[number]

/** One thing to do, with its reason. */
export interface FitStep {
  /** Stays the same while the plan does, so that a tick stays with its step. */
  readonly id: string
  readonly kind: FitStepKind
  readonly text: string
  readonly why: string
}

/** The can, the plan's groups, and what else hangs on it, for the steps to be worked out from. */
export interface FitInput {
  readonly can: Pick<Can, 'name' | 'sections' | 'tolerancePercent'> & {
    readonly protectedStart?: boolean | undefined
  }
  readonly groups: readonly Pick<TapGroup, 'load' | 'sections' | 'lead' | 'jumpers' | 'microfarads'>[]
  /** What lands for a load, such as "brown"; a load without one is named by itself. */
  readonly leads: Readonly<Record<string, string>>
  readonly hardStart: 'none' | 'c' | 'protected'
  /** With the compressor; else the fan has it to itself. */
  readonly shared: boolean
}

/** Empty while there is no plan. The order is common practice, no source. */
export function fitSteps({ can, groups, leads, hardStart, shared }: FitInput): FitStep[] {
  if (groups.length === 0) return []
  const cases = casesOf(can)
  const stays = cases.find((c) => c.stays)
  return [
    {
      id: 'discharge',
      kind: 'safe',
      text: 'Power locked out and proven dead. Discharge each section of the old capacitor through a resistor, post to C, then read below 10 V.',
      why: 'It holds its charge with the power off. 20 kΩ, 5 W is usual; a screwdriver arcs and damages parts.',
    },
    {
      id: 'old',
      kind: 'safe',
      text: stays
        ? `Leave the old can in its strap, for ${stays.stays}. Take the other load’s wire off it; the post it leaves stays empty.`
        : 'Take the old capacitor out once every wire on it is recorded.',
      why: stays
        ? 'Its other side is not to be relied on.'
        : 'What was on its C goes to the new C, all of it.',
    },
    ...cases.filter((c) => !c.stays).map((c, i) => strapStep(c, i, cases.length)),
    cStep(cases, shared),
    ...tieSteps(cases),
    ...groups.flatMap((group) => jumperSteps(group, can, cases)),
    ...groups.map((group) => checkStep(group, can)),
    ...(can.protectedStart
      ? [
          {
            id: 'fuse',
            kind: 'check',
            text: 'Ohms from C to the protected terminal: nearly 0 Ω.',
            why: 'Anything else and the fuse inside is open: a start kit there would do nothing.',
          } as const,
        ]
      : []),
    ...groups.map((group) => landStep(group, can, cases, leads)),
    ...(hardStart === 'none' ? [] : [kitStep(hardStart, groups, can.protectedStart ?? false)]),
    ...emptyStep(can, groups),
    {
      id: 'label',
      kind: 'label',
      text: 'Write the date and the values on it where they can be read.',
      why: 'The next hand sees how old it is and what it should read.',
    },
  ]
}

const strapStep = ({ name }: Case, i: number, count: number): FitStep => ({
  id: `strap-${i}`,
  kind: 'mount',
  text: `Strap ${name} upright and tight, its posts clear of the cover and of sharp edges${count > 1 && i > 0 ? ', with a strap of its own' : ''}.`,
  why: 'One that shakes loose breaks its posts; one that touches the cover is live to the cabinet.',
})

function cStep(cases: readonly Case[], shared: boolean): FitStep {
  const stays = cases.find((c) => c.stays)
  const { name } = stays ?? first(cases)
  if (!shared)
    return {
      id: 'c',
      kind: 'join',
      text: `The motor’s other capacitor lead goes on C of ${name}, and nothing else does.`,
      why: 'Inside the motor it is the same point as run.',
    }
  return {
    id: 'c',
    kind: 'join',
    text: stays
      ? `What is on C of the old can stays there.`
      : `Move everything that was on the old C to C of ${name}.`,
    why: 'C is run’s side of the fan and of the compressor.',
  }
}

function tieSteps(cases: readonly Case[]): FitStep[] {
  const first = cases.find((c) => c.stays) ?? cases[0]
  return cases
    .filter((c) => c !== first)
    .map((c, i) => ({
      id: `tie-${i}`,
      kind: 'join',
      text: `Tie C of ${c.name} to C of ${first?.stays ? 'the old can' : first?.name} with a wire as thick as the one that feeds it.${c.sections.length === 1 ? ' A single has no C: either post is its C, and the other its section.' : ''}`,
      why: 'Without the tie its sections hang on nothing.',
    }))
}

const sectionText = (id: string, { sections }: Pick<Can, 'sections'>, cases: readonly Case[]): string => {
  const section = sections.find((s) => s.id === id)
  const value = `${figure(section?.marked ?? section?.microfarads ?? NaN)} µF`
  return cases.length > 1 && section?.of ? `${value} of ${section.of}` : value
}

const jumperSteps = (
  { load, jumpers }: FitInput['groups'][number],
  can: FitInput['can'],
  cases: readonly Case[],
): FitStep[] =>
  jumpers.map(({ from, to, share }) => ({
    id: `jumper-${from}-${to}`.slice(0, 60),
    kind: 'join',
    text: `${load}: jumper from ${sectionText(from, can, cases)} to ${sectionText(to, can, cases)}.`,
    why: `It carries ${figure(100 * share, 0)} % of this load’s capacitor current.`,
  }))

function checkStep(
  { load, microfarads }: FitInput['groups'][number],
  { tolerancePercent }: FitInput['can'],
): FitStep {
  const limits = `${figure(microfarads * (1 - tolerancePercent / 100))} to ${figure(microfarads * (1 + tolerancePercent / 100))} µF`
  return {
    id: `check-${load}`,
    kind: 'check',
    text: `Meter on µF, no lead landed yet: C to ${load}’s post reads ${microfaradsText(microfarads)}, ${limits}.`,
    why: 'A jumper on the wrong post, or none, shows here and costs nothing.',
  }
}

function landStep(
  { load, lead, jumpers }: FitInput['groups'][number],
  can: FitInput['can'],
  cases: readonly Case[],
  leads: FitInput['leads'],
): FitStep {
  const wire = leads[load] ?? `${load}’s wire`
  const stays = can.sections.find((s) => s.id === lead)?.stays
  return {
    id: `land-${load}`,
    kind: 'land',
    text: stays
      ? `${capital(wire)} stays on ${load} of the old can.`
      : `${capital(wire)} on ${sectionText(lead, can, cases)}.`,
    why:
      jumpers.length > 0
        ? 'The largest section of its group, so that the jumpers carry only the smaller shares.'
        : 'Its own section, which serves nothing else.',
  }
}

const kitStep = (end: 'c' | 'protected', groups: FitInput['groups'], guarded: boolean): FitStep => ({
  id: 'kit',
  kind: 'land',
  text: `Hard-start kit: one lead with the compressor’s wire${groups.some((g) => g.load === 'HERM') ? ' on HERM’s section' : ''}, the other on ${end === 'protected' ? 'the protected terminal, not on C' : 'C'}.`,
  why:
    end === 'protected'
      ? 'Its fuse opens if the kit sticks; on C it would be bypassed.'
      : guarded
        ? 'Past this can’s protected terminal: its fuse cannot open then.'
        : 'This can has no protected terminal.',
})

function emptyStep({ sections }: Pick<Can, 'sections'>, groups: FitInput['groups']): FitStep[] {
  const used = new Set(groups.flatMap((g) => g.sections))
  const empty = sections.filter((s) => !used.has(s.id))
  return empty.length === 0
    ? []
    : [
        {
          id: 'empty',
          kind: 'check',
          text: `Nothing on ${empty.map((s) => `${figure(s.marked ?? s.microfarads)} µF`).join(', ')}: cover ${empty.length === 1 ? 'it' : 'them'}.`,
          why: 'An empty section’s post is live against its neighbours while the unit runs.',
        },
      ]
}
