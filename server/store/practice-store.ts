// What people of the shop showed on practice units. A round comes once: sent again it changes nothing.
import type { ShownRound } from '@oak/core/practice/course/shown'
import type { Database } from './database'

export interface ShownBy extends ShownRound {
  readonly person: string
}

export interface PracticeStore {
  readonly put: (rounds: readonly ShownRound[], from: { device: string; person: string }) => Promise<void>
  /** `person` null: everybody's; the latest of them first. */
  readonly shown: (person: string | null) => Promise<ShownBy[]>
}

/** Far more than a shop plays in years. */
const MOST = 20_000

export const practiceStore = (db: Database): PracticeStore => ({
  async put(rounds, { device, person }) {
    for (const { id, at, state, total, skills } of rounds)
      await db
        .insertInto('practice')
        .values({ id, device, person, at, state, total, skills: JSON.stringify(skills) })
        .onConflict((c) => c.column('id').doNothing())
        .execute()
  },
  async shown(person) {
    const rows = await db
      .selectFrom('practice')
      .select(['id', 'person', 'at', 'state', 'total', 'skills'])
      .$if(person !== null, (q) => q.where('person', '=', person ?? ''))
      .orderBy('at', 'desc')
      .limit(MOST)
      .execute()
    return rows.map((row) => ({ ...row, skills: JSON.parse(row.skills) as ShownRound['skills'] }))
  },
})
