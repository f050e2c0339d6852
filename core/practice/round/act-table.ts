// A function for each act: a table in place of a switch, and without the schema of acts.
import type { Act } from './act'

/** One function for each act, as a table. */
export type ForEachAct<More extends readonly unknown[], T> = {
  readonly [K in Act['do']]: (act: Extract<Act, { readonly do: K }>, ...more: More) => T
}
/** What the table has for this act. */
export const forAct = <More extends readonly unknown[], T>(
  table: ForEachAct<More, T>,
  act: Act,
  ...more: More
): T => (table[act.do] as (act: Act, ...more: More) => T)(act, ...more)
