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

const RESTORE = 'Stop the server and run npm run restore with a backup'
const WORDS: Readonly<Record<TroubleKind, (file: string) => string>> = {
  damaged: (file) =>
    `The database ${file} is damaged. ${RESTORE}, or move the file away to begin anew: devices deliver again what they hold.`,
  emptied: (file) =>
    `The database ${file} was here before and is empty or gone. ${RESTORE}; to begin anew without it, remove ${file}.lock too: devices deliver again what they hold.`,
  missing: (file) =>
    `There is no database ${file}. Has its server run once, and is OAK_DATA the folder that it used?`,
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
}

const BY_CODE: readonly (readonly [RegExp, TroubleKind])[] = [
  [/^SQLITE_(CORRUPT|NOTADB)/, 'damaged'],
  [/^SQLITE_READONLY/, 'read-only'],
  [/^SQLITE_FULL/, 'full'],
  [/^SQLITE_(CANTOPEN|IOERR)/, 'unreachable'],
  [/^SQLITE_(BUSY|LOCKED)/, 'busy'],
]

/** What SQLite's error means for who runs the server; null where it is none of these. */
export function troubleOf(file: string, error: unknown): DatabaseTrouble | null {
  if (error instanceof DatabaseTrouble) return error
  const code = (error as { code?: unknown } | null)?.code
  if (typeof code !== 'string') return null
  const kind = BY_CODE.find(([pattern]) => pattern.test(code))?.[1]
  return kind ? new DatabaseTrouble(kind, file, error) : null
}
