import * as v from 'valibot'
import { TolerancePercent } from '../capacitor/can'
import { identifyTerminals as identify } from '../capacitor/terminals'
import { checkWhole, type Problem } from '../quantity/problem'
import { AccuracySchema, positive, ReadingValueSchema, shortText } from './fields'
import { operation } from './operation'
import { plain } from './plain'

const PostSchema = shortText('A post’s name', 20)

interface Shape {
  readonly posts: readonly string[]
  readonly pairs: readonly { readonly between: readonly [string, string] }[]
  readonly blades?: Readonly<Record<string, number>>
}

/** Every pair of the three posts, once. */
function pairProblems({ posts, pairs, blades }: Shape): Problem[] {
  const problems: Problem[] = []
  if (new Set(posts).size !== posts.length)
    problems.push({ path: 'posts', message: 'Two posts have the same name.' })
  pairs.forEach(({ between: [a, b] }, i) => {
    const stranger = [a, b].find((p) => !posts.includes(p))
    if (stranger)
      problems.push({ path: `pairs.${i}.between`, message: `There is no post called “${stranger}”.` })
    else if (a === b)
      problems.push({
        path: `pairs.${i}.between`,
        message: `A reading needs two posts; this one names ${a} twice.`,
      })
    else if (pairs.findIndex((p) => p.between.includes(a) && p.between.includes(b)) !== i)
      problems.push({ path: `pairs.${i}.between`, message: `The pair ${a}–${b} is given twice.` })
  })
  if (problems.length > 0) return problems
  posts.forEach((a, i) =>
    posts.slice(i + 1).forEach((b) => {
      if (!pairs.some((p) => p.between.includes(a) && p.between.includes(b)))
        problems.push({
          path: 'pairs',
          message: `The reading between ${a} and ${b} is missing: all three pairs are needed.`,
        })
    }),
  )
  const odd = Object.keys(blades ?? {}).find((p) => !posts.includes(p))
  if (odd) problems.push({ path: 'blades', message: `There is no post called “${odd}”.` })
  return problems
}

export const identifyTerminals = operation({
  name: 'identify-terminals',
  help: 'Which post of an unmarked dual can is C, HERM and FAN, from the µF between its posts pair by pair.',
  input: v.pipe(
    v.strictObject({
      posts: v.pipe(
        v.array(PostSchema, 'The posts must be a list.'),
        v.length(3, 'A dual can has three posts.'),
      ),
      pairs: v.pipe(
        v.array(
          v.strictObject({
            between: v.tuple([PostSchema, PostSchema], 'A pair names two posts.'),
            microfarads: ReadingValueSchema,
          }),
          'The pair readings must be a list.',
        ),
        v.maxLength(6, 'Three posts have three pairs.'),
      ),
      meter: v.optional(AccuracySchema),
      rated: v.optional(
        v.pipe(
          v.strictObject({
            herm: positive('The HERM marking', 'µF', 1000),
            fan: positive('The FAN marking', 'µF', 1000),
            tolerancePercent: TolerancePercent,
          }),
          v.check((r) => r.herm >= r.fan, 'The HERM marking is the larger of the two.'),
        ),
      ),
      blades: v.optional(
        v.record(
          v.string(),
          v.pipe(
            v.number('Blades are counted.'),
            v.integer('Blades are counted.'),
            v.minValue(0, 'Blades are counted from 0 up.'),
            v.maxValue(9, 'No post has more than nine blades.'),
          ),
        ),
      ),
    }),
    checkWhole((shape) => pairProblems(shape)),
  ),
  output: v.object({
    state: v.picklist(['identified', 'partly', 'equal', 'failed', 'inconsistent', 'cannot-tell']),
    posts: v.array(
      v.object({
        post: v.string(),
        is: v.nullable(v.picklist(['C', 'HERM', 'FAN'])),
        certainty: v.picklist(['certain', 'likely', 'cannot-tell']),
      }),
    ),
    sections: v.array(
      v.object({
        load: v.nullable(v.picklist(['HERM', 'FAN'])),
        posts: v.tuple([v.string(), v.string()]),
        microfarads: v.number(),
        low: v.number(),
        high: v.number(),
        verdict: v.nullable(v.picklist(['in', 'out', 'uncertain'])),
      }),
    ),
    findings: v.array(v.string()),
    settledBy: v.array(v.string()),
    blades: v.nullable(
      v.object({
        posts: v.array(v.object({ post: v.string(), is: v.nullable(v.picklist(['C', 'HERM', 'FAN'])) })),
        agrees: v.nullable(v.boolean()),
        words: v.string(),
      }),
    ),
  }),
  run: (input) => plain(identify(input)),
})
