// What is wrong with the database, in words, with what to do.

/** A fault of the database that a person can mend; the message names the file and says how. */
export class DatabaseTrouble extends Error {
  constructor(
    readonly kind: TroubleKind,
    readonly file: string,
    cause?: unknown,
  ) {
    super(WORDS[kind](file), { cause })
  }
}

type TroubleKind =
  | 'damaged'
  | 'emptied'
  | 'missing'
  | 'read-only'
  | 'full'
  | 'in-use'
  | 'unreachable'
  | 'newer'
  | 'another'
  | 'busy'
  | 'away'
  | 'not-let-in'
  | 'no-room'
  | 'crowded'
  | 'read-only-there'
  | 'served'
  | 'gone'

const RESTORE = 'Stop the server and run npm run restore with a backup'
const WORDS: Readonly<Record<TroubleKind, (file: string) => string>> = {
  damaged: (file) =>
    `The database ${file} is damaged. ${RESTORE}, or move the file away to begin anew: devices deliver again what they hold.`,
  emptied: (file) =>
    `The database ${file} was here before and is empty or gone. ${RESTORE}; to begin anew without it, remove ${file}.lock too: devices deliver again what they hold.`,
  missing: (file) =>
    `There is no database ${file}. Has its server run once, with the same OAK_DATA or OAK_DATABASE?`,
  'read-only': (file) =>
    `The database ${file} cannot be written to. Give the user of this server the right to write to the file and to its folder.`,
  full: (file) =>
    `There is no room left where the database ${file} lies. Make room there: nothing was lost, and devices deliver again by themselves.`,
  'in-use': (file) =>
    `Another server is using the database ${file}. Stop that one first, or set OAK_DATA to another folder.`,
  unreachable: (file) =>
    `The database ${file} cannot be opened. Is its folder there, and on a disk that is connected?`,
  newer: (file) =>
    `The database ${file} is of a later version of Oak Switch than this one. Run that version, or restore a backup of this one.`,
  another: (file) => `${file} is a database, and none of Oak Switch.`,
  busy: (file) => `The database ${file} is held by another program for long. Close what has it open.`,
  away: (name) =>
    `The database ${name} does not answer. Is PostgreSQL running there, and reached from here? Nothing was lost, and devices deliver again by themselves.`,
  'not-let-in': (name) =>
    `The database ${name} does not let this server in. Look at the user, the password and the database in OAK_DATABASE; the user must be allowed to make a schema, or own the shop’s.`,
  'no-room': (name) =>
    `There is no room left where the database ${name} lies. Make room there: nothing was lost, and devices deliver again by themselves.`,
  crowded: (name) =>
    `The database ${name} has too many connections, or is busy for long. Allow more there, or run fewer processes.`,
  gone: (name) =>
    `The tables of the database ${name} are gone. Stop its servers and run npm run restore with a backup; a start without one makes a new shop.`,
  served: (name) => `A server is using the database ${name}. Stop every server of that shop first.`,
  'read-only-there': (name) =>
    `The database ${name} takes no writes, as one that only follows another does. Name the one that leads in OAK_DATABASE.`,
}

const BY_CODE: readonly (readonly [RegExp, TroubleKind])[] = [
  [/^SQLITE_(CORRUPT|NOTADB)/, 'damaged'],
  [/^SQLITE_READONLY/, 'read-only'],
  [/^SQLITE_FULL/, 'full'],
  [/^SQLITE_(CANTOPEN|IOERR)/, 'unreachable'],
  [/^SQLITE_(BUSY|LOCKED)/, 'busy'],
  // PostgreSQL 15, appendix A; class 08 and 57P are of the connection.
  [/^(08...|57P0[1-5])$/, 'away'],
  [/^(ECONNREFUSED|ECONNRESET|ENOTFOUND|ETIMEDOUT|EHOSTUNREACH|EPIPE|EAI_AGAIN)$/, 'away'],
  [/^(28...|3D000|42501)$/, 'not-let-in'],
  [/^(42P01|3F000)$/, 'gone'],
  [/^(53100|53200)$/, 'no-room'],
  [/^(53300|53400|55P03|57014|40001|40P01|25P03)$/, 'crowded'],
  [/^25006$/, 'read-only-there'],
]
/** What its driver says without a code, when a connection ends in the middle or none comes. */
const LOST =
  /^(Connection terminated|timeout exceeded when trying to connect|Client has encountered a connection error)/

/** What the database's error means for who runs the server; null where it is none of these. */
export function troubleOf(file: string, error: unknown): DatabaseTrouble | null {
  if (error instanceof DatabaseTrouble) return error
  const { code, syscall, message } = (error ?? {}) as { code?: unknown; syscall?: string; message?: string }
  // The socket of a server that does not run; a file that is gone has no such call.
  if (LOST.test(message ?? '') || (code === 'ENOENT' && syscall === 'connect'))
    return new DatabaseTrouble('away', file, error)
  if (typeof code !== 'string') return null
  const kind = BY_CODE.find(([pattern]) => pattern.test(code))?.[1]
  return kind ? new DatabaseTrouble(kind, file, error) : null
}
