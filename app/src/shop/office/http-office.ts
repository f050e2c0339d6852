// The office's rows from the server: found and sorted there, a page at a time.
import * as v from 'valibot'
import { ask } from '../../platform/sync/ask'
import type { OfficeRow } from '@oak/core/job/summary/office-row'
import type { Asked } from './office-model'

export const PAGE = 100

export interface OfficePage {
  readonly rows: readonly OfficeRow[]
  readonly total: number
  /** Jobs whose rows the server has not worked out yet. */
  readonly unread: number
}

const PageSchema = v.object({
  rows: v.array(
    v.object({
      id: v.string(),
      title: v.string(),
      site: v.string(),
      unit: v.string(),
      technician: v.string(),
      at: v.number(),
      next: v.string(),
      proven: v.boolean(),
    }),
  ),
  total: v.number(),
  unread: v.number(),
})

/** null: the server is not reached. */
export async function fetchRows(
  { text, state, sort, down }: Asked,
  from: number,
): Promise<OfficePage | null> {
  const query = new URLSearchParams({
    text: text.slice(0, 300),
    state,
    sort,
    down: down ? '1' : '0',
    from: String(from),
    limit: String(PAGE),
  })
  const answered = await ask(`/api/jobs/office?${query.toString()}`)
  if (answered.kind !== 'answer' || !answered.asked.ok) return null
  try {
    const page = v.safeParse(PageSchema, JSON.parse(await answered.asked.body.text()))
    return page.success ? page.output : null
  } catch {
    return null
  }
}
