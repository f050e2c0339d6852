// Acts that make no sense on this unit, in words: a test that nobody asks for, a cause that is on no list, a part that is not there.
import { CONTRIBUTORY, modelFor, SUBJECTS } from '../../diagnosis/model'
import { SWOLLEN } from '../../diagnosis/found'
import { hasPart, PART_NAMES } from '../unit/parts'
import type { Pair } from '../unit/truth'
import type { Act } from './act'
import { testOf } from './round'

/** One sentence for each, by its place in the list. */
export function actProblems(
  unit: Pair,
  acts: readonly Act[],
): { readonly index: number; readonly message: string }[] {
  const causes = [
    ...SUBJECTS.flatMap((subject) => modelFor(unit.healthy.unit, subject).causes.map((c) => c.id)),
    ...CONTRIBUTORY.map((c) => c.id),
    SWOLLEN.id,
  ]
  const wrongWith = (act: Act): string | null => {
    if (act.do === 'try' && !testOf(unit, act.test))
      return `There is no test called “${act.test}” on this unit.`
    if (act.do === 'name' && !causes.includes(act.cause))
      return `There is no cause called “${act.cause}” on this unit.`
    if (act.do === 'change' && !hasPart(unit, act.part))
      return `This unit has no such part: ${PART_NAMES[act.part]}.`
    if (act.do === 'thermostat' && !unit.truth.unit.modes.some(({ id }) => id === act.to))
      return `This unit has no mode called ${act.to}.`
    return null
  }
  return acts.flatMap((act, index) => {
    const message = wrongWith(act)
    return message === null ? [] : [{ index, message }]
  })
}
