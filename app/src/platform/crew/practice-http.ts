// What was shown on practice units, brought to the shop and asked of it.
import * as v from 'valibot'
import { ShownRoundSchema, type ShownRound } from '@oak/core/practice/course/shown'
import { ask } from '../sync/ask'

const ListSchema = v.object({
  rounds: v.array(v.object({ ...ShownRoundSchema.entries, person: v.string() })),
})
/** A round of somebody of the shop. */
export type ShopRound = v.InferOutput<typeof ListSchema>['rounds'][number]

const BATCH = 200

/** Brings these, those that are there already too; false: not all arrived. */
export async function bringShown(rounds: readonly ShownRound[]): Promise<boolean> {
  for (let from = 0; from < rounds.length; from += BATCH) {
    const body = JSON.stringify({ rounds: rounds.slice(from, from + BATCH) })
    const headers = { 'content-type': 'application/json' }
    const answered = await ask('/api/practice', { method: 'POST', headers, body })
    if (answered.kind !== 'answer' || !answered.asked.ok) return false
  }
  return true
}

/** Everybody's that may be read here; null: the server is not reached. */
export async function askShown(): Promise<readonly ShopRound[] | null> {
  const answered = await ask('/api/practice')
  if (answered.kind !== 'answer' || !answered.asked.ok) return null
  try {
    const read = v.safeParse(ListSchema, JSON.parse(await answered.asked.body.text()))
    return read.success ? read.output.rounds : null
  } catch {
    return null
  }
}
