// What the practice screens say, from rounds and their acts. No rendering here.
import { MODE_IDS } from '@oak/core/wiring/unit-type'
import type { BenchOutput, PracticeRoundOutput } from '@oak/core/operations/practice-round'
import type { Act } from '@oak/core/practice/round/act'
import { forAct, type ForEachAct } from '@oak/core/practice/round/act-table'
import type { Spot } from '@oak/core/practice/electricity/spot'
import { insulationCode, insulationShort, type Insulation } from '@oak/core/motor/colour'
import type { Quantity } from '@oak/core/meter/measurement'
import type { TemperatureUnit } from '@oak/core/quantity/temperature'
import { readingText } from '../../parts/meter/units'
import type { PracticeRound } from '../../platform/state/practice'
import type { Shown } from './schedule'

export type Dial = (Act & { readonly do: 'probe' })['dial']
export type StepOutput = PracticeRoundOutput['steps'][number]

/** What the dial is set to, as the meter has it. */
export const DIALS: readonly { readonly value: Dial; readonly text: string; readonly name: string }[] = [
  { value: 'volts', text: 'V~', name: 'volts' },
  { value: 'ohms', text: 'Ω', name: 'ohms' },
  { value: 'microfarads', text: 'µF', name: 'microfarads' },
  { value: 'amps', text: 'A~', name: 'amps' },
]

/** "brown/white · BN/WH" */
export const leadText = (insulation: Insulation): string =>
  `${insulationShort(insulation)} · ${insulationCode(insulation)}`

/** A lead's label in two lines, for the width of a thumb: "brown · BN" over "on 4 µF"; with a stripe "brown/white" over "BN/WH · on 4 µF". */
export function leadLines(insulation: Insulation, where: string): { title: string; under: string } {
  return insulation.stripe
    ? { title: insulationShort(insulation), under: `${insulationCode(insulation)} · ${where}` }
    : { title: leadText(insulation), under: where }
}

type Named = Pick<BenchOutput, 'parts' | 'leads'>

/** "T1 on the contactor", "the brown lead", "the motor’s frame". */
export function spotText({ parts, leads }: Named, spot: Spot): string {
  if (spot.on === 'frame') return 'the motor’s frame'
  if (spot.on === 'chassis') return 'the chassis'
  if (spot.on === 'post')
    return parts.flatMap((p) => p.posts).find((p) => p.id === spot.post)?.name ?? spot.post
  const lead = leads.find((l) => l.id === spot.lead)
  return lead ? `the ${insulationShort(lead.insulation)} lead` : spot.lead
}

/** The same place? */
export const sameSpot = (a: Spot | null, b: Spot | null): boolean =>
  a !== null && b !== null && JSON.stringify(a) === JSON.stringify(b)

const endsText = ({ length }: readonly string[]) => `${length} ${length === 1 ? 'end' : 'ends'}`

/** The unit, what came of the act, and in which degrees a thermometer reads here. */
type Said = (bench: BenchOutput, step: StepOutput | undefined, degrees: TemperatureUnit) => string

const probeText: ForEachAct<Parameters<Said>, string>['probe'] = ({ dial, probes }, bench, step, degrees) => {
  const [red] = probes
  const where =
    dial === 'amps'
      ? `clamp round ${spotText(bench, red)}`
      : probes.map((spot) => spotText(bench, spot)).join(' to ')
  const value = step?.value ?? null
  return `${value === null ? 'No figure' : readingText({ quantity: dial, value }, degrees)}, ${where}`
}

const READ_DEAD: Readonly<Record<string, string>> = {
  dead: 'Every pair read dead',
  live: 'Read live: it is not dead',
  call: 'The lines read dead; 24 V is still there: the thermostat asks. Turn it off and read again',
}

const TEXTS: ForEachAct<Parameters<Said>, string> = {
  disconnect(act, _, step) {
    if (act.to === 'closed') return withPower('Disconnect closed', step)
    return act.locked ? 'Opened, locked and tagged' : 'Opened, not locked'
  },
  thermostat: ({ to }, { modes }, step) =>
    withPower(`Thermostat: ${modes.find((m) => m.id === to)?.name ?? to}`, step),
  'prove-dead': (_, __, step) => READ_DEAD[step?.observation ?? ''] ?? 'Read for volts',
  discharge: () => 'Each section discharged through a resistor',
  wait: () => 'Waited an hour',
  probe: probeText,
  lift: ({ ends }) => `${endsText(ends)} taken off`,
  'put-back': ({ ends }) => `${endsText(ends)} put back`,
  try: ({ test }, bench, step, degrees) => {
    const asked = sentence(bench.looks.find((l) => l.test === test)?.question ?? test)
    return step ? `${asked} ${sentence(answerText(bench, test, step, degrees))}` : asked
  },
  name: ({ cause }, { causes }) => `Named: ${causes.find((c) => c.id === cause)?.name ?? cause}`,
  change: ({ part }, { changes }) => `Changed: ${changes.find((c) => c.part === part)?.name ?? part}`,
  fit: ({ fitting: { sheet, can } }) =>
    `Fitted: ${sheet?.name ?? 'the motor stays'}${can ? `, ${can.name}` : ''}`,
  'hand-over': () => 'Handed over',
}

/** One act and what came of it, for the list. */
export const actText = (act: Act, ...said: Parameters<Said>): string => forAct(TEXTS, act, ...said)

const sentence = (text: string): string => (/[.?!]$/.test(text) ? text : `${text}.`)
const withPower = (text: string, step: StepOutput | undefined): string =>
  step?.power ? `${text}. ${step.power}` : text

/** What a look came to, in its own words. */
export function answerText(
  { looks }: BenchOutput,
  test: string,
  step: StepOutput,
  degrees: TemperatureUnit,
): string {
  const look = looks.find((l) => l.test === test)
  const said = look?.answers.find((a) => a.id === step.observation)?.text
  const read = Object.values(step.readings).map(({ value, quantity }) =>
    readingText({ value, quantity: quantity as Quantity }, degrees),
  )
  return said ?? (read.length > 0 ? read.join(', ') : 'Nothing to see here.')
}

/** Names of what is marked. */
export const MARK_NAMES = {
  safety: 'Hands',
  tests: 'Tests',
  cause: 'The cause',
  parts: 'Parts',
  hookup: 'The hookup',
  papers: 'Papers',
  cure: 'It runs',
} as const

/** As much of a round as tells what somebody showed. */
export type Practised = Pick<PracticeRound, 'technician' | 'result'>

/** What this learner’s rounds showed; `who` null: everybody’s. */
export const shownBy = (rounds: readonly Practised[], who: string | null): Shown[] =>
  rounds.flatMap(({ result, technician }) =>
    result && (who === null || technician === who)
      ? result.skills.map(({ skill, points }) => ({ skill, points, at: result.at }))
      : [],
  )

/** Who has shown what: a row for each person, a mark for each skill; missing: not shown yet. */
export interface ProgressRow {
  readonly who: string
  readonly rounds: number
  readonly hurt: number
  readonly last: number
  readonly marks: Readonly<Record<string, number>>
}

/** The latest mark of each skill, by person; whoever practised last stands first. */
export function progressRows(rounds: readonly Practised[]): ProgressRow[] {
  const people = [...new Set(rounds.filter((r) => r.result).map((r) => r.technician))]
  return people
    .map((who) => {
      const own = rounds.filter((r) => r.technician === who && r.result)
      const shown = shownBy(own, who).sort((a, b) => a.at - b.at)
      return {
        who,
        rounds: own.length,
        hurt: own.filter((r) => r.result?.state === 'hurt').length,
        last: Math.max(...own.map((r) => r.result?.at ?? 0)),
        marks: Object.fromEntries(shown.map(({ skill, points }) => [skill, points])),
      }
    })
    .sort((a, b) => b.last - a.last)
}

/** Modes in the order of the thermostat. */
export const modesOf = ({ modes }: BenchOutput) =>
  [...modes].sort((a, b) => MODE_IDS.indexOf(a.id) - MODE_IDS.indexOf(b.id))
