// What is wrong with a motor's windings by ohms: to the frame, open, shorted, alike, or contradicting one another.
import { first } from '../../quantity/at'
import { listed, ohmsText } from '../../quantity/display'
import { insulationOf } from '../insulation'
import type { LeadId } from '../lead-id'
import type { Growth } from './grow'
import { measured, type MeterTrust, type OhmsValue, type ReadingTable } from './reading'
import type { Tree } from './tree'

/** What can be wrong with a motor's windings by ohms. */
export type LeadFault =
  | 'grounded'
  | 'insulation-suspect'
  | 'lead-open'
  | 'one-pair-of-three'
  | 'all-open'
  | 'all-one-point'
  | 'alike-all-round'
  | 'shorted'
  | 'contradiction'

/** A fault that the readings show, with the leads to look at. */
export interface FoundFault {
  readonly code: LeadFault
  readonly message: string
  readonly leads: readonly LeadId[]
}

/** A lead read to the frame. */
export interface FrameReading {
  readonly lead: LeadId
  readonly ohms: OhmsValue
}

/** Leads that have gone to ground, with the nearest to the fault, and those that are suspect. */
export function frameFaults(frame: readonly FrameReading[], meter: MeterTrust): FoundFault[] {
  const of = (verdict: 'grounded' | 'suspect') =>
    frame.filter(({ ohms }) => insulationOf(ohms) === verdict).sort((a, b) => Number(a.ohms) - Number(b.ohms))
  const words = (list: readonly FrameReading[]) =>
    listed(list.map(({ lead, ohms }) => `${lead} (${said(ohms)})`))
  const fault = (code: LeadFault, list: readonly FrameReading[], ...rest: readonly string[]): FoundFault[] =>
    list.length === 0
      ? []
      : [
          {
            code,
            message: [`To the frame: ${words(list)}.`, ...rest].join(' '),
            leads: list.map(({ lead }) => lead),
          },
        ]
  const grounded = of('grounded')
  return [
    ...fault(
      'grounded',
      grounded,
      `A good winding reads megohms; this one has gone to ground${nearest(grounded, meter)}.`,
      'Replace the motor.',
    ),
    ...fault(
      'insulation-suspect',
      of('suspect'),
      'A good winding reads a megohm at least; this one is damp or failing.',
      'Dry it out and read again with an insulation tester.',
    ),
  ]
}

/** The least of several is nearest to the fault, where the meter tells them apart. */
function nearest([least, next]: readonly FrameReading[], meter: MeterTrust): string {
  if (!least || !next || least.ohms === 'OL' || next.ohms === 'OL') return ''
  const [a, b] = [measured(least.ohms, meter), measured(next.ohms, meter)]
  return a.ohms + a.doubt < b.ohms - b.doubt ? `, nearest to ${least.lead}` : ''
}

const said = (ohms: OhmsValue): string => (ohms === 'OL' ? 'OL' : ohmsText(ohms))
const pairText = ([a, b]: readonly [string, string]): string => `${a}–${b}`

/** Readings that do not go together, the likeliest wrong first. */
export const contradiction = (again: readonly (readonly [string, string])[]): FoundFault => ({
  code: 'contradiction',
  message:
    again.length === 1
      ? `The reading ${pairText(again[0] as [string, string])} does not go with the others: read it again.`
      : `These readings contradict one another. Read again, in this order: ${again.slice(0, 4).map(pairText).join(', ')}.`,
  leads: [...new Set(again.flat())],
})

/** Three leads, one finite pair: three causes fit. One lead on its own beside windings: open. All OL: open altogether. */
export function openFaults(
  leads: readonly LeadId[],
  { trees }: Growth,
  leadsAt: (point: string) => readonly string[],
): FoundFault[] {
  const alone = trees
    .filter((tree) => tree.points.length === 1)
    .flatMap((tree) => leadsAt(first(tree.points)))
  const windings = trees.filter((tree) => tree.points.length > 1)
  if (trees.length === 1 && windings.length === 0)
    return [
      {
        code: 'all-one-point',
        message: [
          `${listed(leads)} read about 0 Ω to one another: they are one point, and no winding is between them.`,
          'It is shorted, or the leads touch; part them and read again.',
        ].join(' '),
        leads: [...leads],
      },
    ]
  if (windings.length === 0)
    return [
      {
        code: 'all-open',
        message:
          'Every pair reads OL: the thermal cut-out is open or motor common is broken. Let the motor cool, then read again.',
        leads: [...leads],
      },
    ]
  if (alone.length === 0) return sameOfThree(leads, trees, leadsAt)
  if (leads.length === 3) {
    const pair = first(windings).points.join('–')
    return [
      {
        code: 'one-pair-of-three',
        message: [
          `Only ${pair} reads. Three causes fit: the winding to ${alone[0]} is open;`,
          `${alone[0]} is motor common and its lead or its internal overload is open, so run and start still read through each other;`,
          `or ${alone[0]} is broken outside the windings. Let it cool and read again; then look at the lead.`,
        ].join(' '),
        leads: alone,
      },
    ]
  }
  return alone.map((lead) => ({
    code: 'lead-open',
    message: `${lead} reads OL to every other lead: it is open, unless it is ground.`,
    leads: [lead],
  }))
}

/** Two leads of three at about 0 Ω: no winding between them. Where there is a run-return lead such a pair is normal; a three-lead motor has none. */
function sameOfThree(
  leads: readonly LeadId[],
  trees: readonly Tree[],
  leadsAt: (point: string) => readonly string[],
): FoundFault[] {
  const twins = trees
    .flatMap((tree) => tree.points)
    .map(leadsAt)
    .find((list) => list.length > 1)
  if (leads.length !== 3 || !twins) return []
  return [
    {
      code: 'shorted',
      message: `${twins.join(' and ')} read about 0 Ω to each other: on a motor of three leads a winding is shorted, or two leads touch.`,
      leads: twins,
    },
  ]
}

/** Equal readings all round are no tree: three like windings, or a joint that no lead comes from. */
export function alikeAllRound(leads: readonly LeadId[], readings: ReadingTable): FoundFault | null {
  if (leads.length !== 3) return null
  const [a, b, c] = leads as readonly [string, string, string]
  const three = [readings.at(a, b), readings.at(b, c), readings.at(a, c)]
  const finite = three.filter((m): m is { ohms: number; doubt: number } => m !== undefined && m !== 'OL')
  if (finite.length < 3 || finite.some((m) => m.ohms < 0.5)) return null
  const [least, most] = [Math.min(...finite.map((m) => m.ohms)), Math.max(...finite.map((m) => m.ohms))]
  return most - least <= Math.max(...finite.map((m) => m.doubt))
    ? {
        code: 'alike-all-round',
        message:
          'All three pairs read alike: these are no main and auxiliary winding. Three like windings are a three-phase motor.',
        leads: [...leads],
      }
    : null
}
