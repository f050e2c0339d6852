// What a round of practice showed, as it goes from the phone where it was played to the shop.
import * as v from 'valibot'
import { SKILLS } from './skills'

const share = v.pipe(v.number(), v.minValue(0, 'A mark is 0 to 100.'), v.maxValue(100, 'A mark is 0 to 100.'))

/** A finished round by its id: `at` in ms since 1970, marks 0 to 100. */
export const ShownRoundSchema = v.strictObject({
  id: v.pipe(v.string(), v.uuid('That is not a round’s id.')),
  at: v.pipe(v.number(), v.integer(), v.minValue(0)),
  state: v.picklist(['hurt', 'handed-over'], 'A round ends hurt or handed over.'),
  total: share,
  skills: v.pipe(
    v.array(v.strictObject({ skill: v.picklist(SKILLS, 'There is no such skill.'), points: share })),
    v.maxLength(SKILLS.length, 'Each skill is marked once.'),
  ),
})
/** What a finished round showed. */
export type ShownRound = v.InferOutput<typeof ShownRoundSchema>
