// Who did what to the shop's phones and papers, and when. Rows are added and never altered: the database refuses it.
import type { Database } from '../store/database'
import type { Act } from './acts'
import type { SignedIn } from './who'

export interface Audit {
  readonly note: (who: SignedIn | null, act: Act, about: string) => Promise<void>
  /** Hands over everything in order, piece by piece: acts, and every change as it was received. */
  readonly read: (take: Take) => Promise<void>
}

/** A line of the file that the owner gets. */
export type AuditLine = Readonly<
  Record<'received' | 'what' | 'device' | 'person' | 'role' | 'about' | 'stamped' | 'brought by', string>
>
export const AUDIT_COLUMNS: readonly (keyof AuditLine)[] = [
  'received',
  'what',
  'device',
  'person',
  'role',
  'about',
  'stamped',
  'brought by',
]

const PIECE = 1000
const iso = (ms: number): string => new Date(ms).toISOString()

type Take = (rows: readonly AuditLine[]) => Promise<void>

/** A table in order, piece by piece. `next`: the rows after that number. */
async function inPieces<Row extends { readonly seq: number }>(
  next: (after: number) => Promise<Row[]>,
  lineOf: (row: Row) => AuditLine,
  take: Take,
): Promise<void> {
  for (let after = 0; ;) {
    const rows = await next(after)
    const last = rows.at(-1)
    if (!last) return
    await take(rows.map(lineOf))
    after = last.seq
  }
}

const readActs = (db: Database, take: Take): Promise<void> =>
  inPieces(
    (after) =>
      db.selectFrom('audit').selectAll().where('seq', '>', after).orderBy('seq').limit(PIECE).execute(),
    ({ at, act, device, person, role, about }) => ({
      received: iso(at),
      what: act,
      device: device ?? '',
      person,
      role,
      about,
      stamped: '',
      'brought by': '',
    }),
    take,
  )

const CHANGE = [
  'seq',
  'job',
  'path',
  'value',
  'at',
  'claimed',
  'device',
  'technician',
  'received',
  'brought_by',
] as const

/** A picture as text is longer than a cell of a spreadsheet; the edit itself keeps it whole. */
export const valueWords = (value: string): string =>
  value.startsWith('"data:image/') ? `a picture of ${value.length} letters` : value

const readChanges = (db: Database, take: Take): Promise<void> =>
  inPieces(
    (after) =>
      db.selectFrom('change').select(CHANGE).where('seq', '>', after).orderBy('seq').limit(PIECE).execute(),
    (row) => ({
      received: `${row.received.replace(' ', 'T')}Z`,
      what: 'edited',
      device: row.device,
      person: row.technician,
      role: '',
      about: `${row.job} ${row.path} ${valueWords(row.value)}`,
      stamped: iso(row.claimed ?? row.at),
      'brought by': row.brought_by ?? '',
    }),
    take,
  )

export function auditOf(db: Database, now: () => number): Audit {
  return {
    async note(who, act, about) {
      await db
        .insertInto('audit')
        .values({
          at: now(),
          act,
          device: who?.device ?? null,
          person: who?.person ?? '',
          role: who?.role ?? '',
          about,
        })
        .execute()
    },
    async read(take) {
      await readActs(db, take)
      await readChanges(db, take)
    },
  }
}
