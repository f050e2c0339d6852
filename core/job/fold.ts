// From changes to the job: per field the latest change wins; what lost stays readable in the history.
import { compareChanges, type Change } from './change'
import { EMPTY_JOB, type JobDocument } from './document'
import { KEYED_FIELDS, type KeyedFieldName } from './fields'
import type { Taking, VanDocument } from './van'

const fieldKey = (path: readonly string[]): string => path.join('\u0000')

/** The latest change of each field by (time, id), in the order in which they count. */
function latestChanges(changes: Iterable<Change>): Change[] {
  const latest = new Map<string, Change>()
  for (const change of changes) {
    const key = fieldKey(change.path)
    const held = latest.get(key)
    if (!held || compareChanges(held, change) < 0) latest.set(key, change)
  }
  return [...latest.values()].sort(compareChanges)
}

/**
 * When each count of a line was made: with the first change that speaks of it, by that change's own stamp. The figure in the line
 * is the counting phone's clock; stamps are put right by the server.
 */
function countTimes(changes: readonly Change[]): (change: Change) => number | null {
  const countOf = ({ path, value }: Change): string | null =>
    path[0] === 'stock' && value !== null ? `${path[1]} ${(value as { countedAt: number }).countedAt}` : null
  const first = new Map<string, number>()
  for (const change of changes) {
    const count = countOf(change)
    if (count !== null) first.set(count, Math.min(first.get(count) ?? Infinity, change.at))
  }
  return (change) => first.get(countOf(change) ?? '') ?? null
}

/** The van that these changes fold to. */
export function foldVan(changes: Iterable<Change>): VanDocument {
  const all = [...changes]
  const countedAt = countTimes(all)
  const van: Record<string, Record<string, unknown>> = { stock: {}, sheets: {}, units: {}, settings: {} }
  for (const change of latestChanges(all)) {
    const [name, key] = change.path
    const at = countedAt(change)
    const value = at === null ? change.value : { ...(change.value as object), countedAt: at }
    if (value !== null && name && key && van[name]) van[name][key] = value
  }
  return van as unknown as VanDocument
}

/** What a job took of the van's stock, edit by edit. */
export function takingsOf(changes: Iterable<Change>): Taking[] {
  const found: Taking[] = []
  for (const { job, path, value, at } of changes)
    if (path[0] === 'taken' && path[1])
      found.push({
        job,
        line: path[1],
        quantity: (value as { readonly quantity: number } | null)?.quantity ?? 0,
        at,
      })
  return found
}

/**
 * The job that these changes fold to. Order of the list and repeats of a change do not matter:
 * each field takes its latest change by (time, id), and `null` clears it.
 */
export function foldJob(changes: Iterable<Change>): JobDocument {
  const job: Record<string, unknown> = { ...EMPTY_JOB }
  for (const name of Object.keys(KEYED_FIELDS) as KeyedFieldName[]) job[name] = {}
  for (const { path, value } of latestChanges(changes)) {
    const [name, key] = path as [string, string | undefined]
    if (value === null) continue
    if (key === undefined) job[name] = value
    else (job[name] as Record<string, unknown>)[key] = value
  }
  return job as unknown as JobDocument
}

/** A change in the history of a job. */
export interface HistoryEntry {
  readonly change: Change
  /** It is the value the job has now. */
  readonly stands: boolean
}

/** All changes of a job in order, each marked whether it still stands. */
export function historyOf(changes: Iterable<Change>): HistoryEntry[] {
  const unique = [...new Map([...changes].map((change) => [change.id, change])).values()].sort(compareChanges)
  const last = new Map(unique.map((change) => [fieldKey(change.path), change.id]))
  return unique.map((change) => ({ change, stands: last.get(fieldKey(change.path)) === change.id }))
}
