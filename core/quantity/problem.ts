// What is wrong with something a person typed or a file holds: where, and in words of the trade.
import * as v from 'valibot'

/** What is wrong with an input, at its field, in the trade's words. */
export interface Problem {
  /** Dotted path of the field, such as "leads.2.role"; empty for the whole. */
  readonly path: string
  readonly message: string
}

/** All problems of a failed parse, in reading order. */
export function problemsOf(issues: readonly v.BaseIssue<unknown>[]): Problem[] {
  return issues.map((issue) => ({ path: v.getDotPath(issue) ?? '', message: plainMessage(issue) }))
}

/** What the trade calls a field that was left out. */
const FIELD_WORDS: Readonly<Record<string, string>> = {
  accuracy: 'The meter’s accuracy is',
  amps: 'The amps in the start lead are',
  between: 'The two posts of the reading are',
  can: 'The new can is',
  counts: 'The meter’s counts are',
  direction: 'The direction is',
  diameterInches: 'The blade’s diameter is',
  from: 'The wire’s first end is',
  hertz: 'The supply’s hertz are',
  leads: 'The leads are',
  loads: 'The loads are',
  microfarads: 'The µF are',
  ohms: 'The resistor’s ohms are',
  pairs: 'The pair readings are',
  percent: 'The meter’s percent is',
  posts: 'The can’s posts are',
  quantity: 'What was read is',
  rating: 'The rated µF are',
  reading: 'The reading is',
  resistor: 'The resistor is',
  resolution: 'The meter’s resolution is',
  sections: 'The can’s sections are',
  seenFrom: 'The end it is seen from is',
  sheet: 'The motor’s lead sheet is',
  text: 'The line is',
  to: 'The wire’s second end is',
  tolerancePercent: 'The tolerance is',
  unit: 'The unit type is',
  value: 'The reading’s value is',
  volts: 'The volts are',
  watts: 'The resistor’s watts are',
  wanted: 'The wanted rotation is',
  wires: 'The old wires are',
}

// Valibot's own messages for missing and unknown keys speak of types; these speak of fields.
function plainMessage(issue: v.BaseIssue<unknown>): string {
  const key = issue.path?.at(-1)?.key
  if (issue.expected === 'never') return `“${String(key)}” is not a field Oak Switch knows here.`
  if (issue.received === 'undefined' && issue.message.startsWith('Invalid key'))
    return `${FIELD_WORDS[String(key)] ?? `“${String(key)}” is`} missing.`
  return issue.message
}

/** A Valibot action that runs `find` on the parsed value and reports each problem at its own path. */
export function checkWhole<T>(find: (value: T) => readonly Problem[]) {
  return v.rawCheck<T>(({ dataset, addIssue }) => {
    if (!dataset.typed) return
    for (const problem of find(dataset.value)) {
      const keys = problem.path === '' ? [] : problem.path.split('.')
      const path = keys.map((key) => ({
        type: 'unknown' as const,
        origin: 'value' as const,
        input: dataset.value,
        key,
        value: undefined,
      }))
      addIssue({
        message: problem.message,
        path: path.length ? (path as [v.IssuePathItem, ...v.IssuePathItem[]]) : undefined,
      })
    }
  })
}
