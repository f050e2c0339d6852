// How a round begins: one of the first, one for a skill, or a unit from a file; each with a practice job that has its unit and plates.
import type { PracticeCourseOutput, PracticeScenarioOutput } from '@oak/core/operations/practice-round'
import type { OperationResult } from '@oak/core/operations/registry'
import { pickTextFile } from '../../platform/files/pick-file'
import { thePractice } from '../../platform/state/app'
import { PRACTICE_TITLE, type BeginWith, type PracticeRound } from '../../platform/state/practice'
import { runInWorker } from '../../platform/workers/operations'

/** The round, or what is wrong in words; null: nothing was chosen. */
export type Begun = { readonly id: string } | { readonly wrong: string } | null

type Of = Pick<PracticeRound, 'skill' | 'first'>

async function begin(scenario: unknown, of: Of): Promise<Begun> {
  const read: OperationResult = await runInWorker('practice-scenario', { scenario })
  if (!read.ok) return { wrong: read.error.message }
  const { unit, motorPlate, canMarking, compressorMicrofarads, volts, wires, ...out } =
    read.output as PracticeScenarioOutput
  const round = out.scenario as PracticeRound['scenario']
  const edits: BeginWith['edits'] = [
    { path: ['title'], value: `${PRACTICE_TITLE}${round.name}` },
    { path: ['unit'], value: unit },
    { path: ['supplyVolts'], value: volts },
    ...wires.map(({ id, ...wire }) => ({ path: ['wires', id], value: wire })),
    { path: ['motorPlate'], value: motorPlate },
    ...(canMarking === null ? [] : [{ path: ['canMarking'], value: canMarking }]),
    ...(compressorMicrofarads === null
      ? []
      : [{ path: ['compressorMicrofarads'], value: compressorMicrofarads }]),
  ]
  return thePractice().begin({ ...of, scenario: round, edits })
}

export const beginFirst = ({ id, skill, scenario }: PracticeCourseOutput['first'][number]): Promise<Begun> =>
  begin(scenario, { skill, first: id })

const MOST_SEED = 4_294_967_295

export async function beginLesson(skill: string, level: number): Promise<Begun> {
  const [seed = 0] = crypto.getRandomValues(new Uint32Array(1))
  const drawn = await runInWorker('practice-unit', { seed: Math.min(seed, MOST_SEED), level, skill })
  if (!drawn.ok) return { wrong: drawn.error.message }
  return begin((drawn.output as { readonly scenario: unknown }).scenario, { skill, first: null })
}

/** A file of a practice unit is small: one that is not is none. */
const MOST_BYTES = 200_000

export async function openUnitFile(): Promise<Begun> {
  const picked = await pickTextFile(MOST_BYTES)
  if (!picked) return null
  if (!picked.ok) return { wrong: picked.message }
  try {
    return await begin(JSON.parse(picked.text), { skill: null, first: null })
  } catch {
    return { wrong: `${picked.name} is not a practice unit: it cannot be read as JSON.` }
  }
}
