// Which statements the server puts to its database, heard at the driver: what the bare floor of the bench puts to it too.
import SQLite from 'better-sqlite3'
import { Client } from 'pg'

export interface Statement {
  readonly text: string
  readonly values: readonly unknown[]
}

let heard: Statement[] | null = null
const hear = (text: string, values: readonly unknown[]): void =>
  void heard?.push({ text, values: [...values] })

/** Begins to listen, on both drivers, in this process. */
export function listen(): void {
  const sqlite = SQLite.prototype as unknown as {
    prepare: (text: string) => SQLite.Statement
  }
  const prepare = sqlite.prepare
  sqlite.prepare = function (text) {
    const statement = prepare.call(this, text)
    if (!heard) return statement
    for (const name of ['all', 'run'] as const) {
      const original = statement[name].bind(statement) as (values: unknown[]) => unknown
      statement[name] = ((values: unknown[] = []) => {
        hear(text, values)
        return original(values)
      }) as never
    }
    return statement
  }
  const client = Client.prototype as unknown as { query: (...args: unknown[]) => unknown }
  const query = client.query
  client.query = function (...args) {
    if (typeof args[0] === 'string') hear(args[0], Array.isArray(args[1]) ? (args[1] as unknown[]) : [])
    return query.apply(this, args)
  }
}

/** What is put to the database while `work` is done, without who asks: a bare server asks nobody. */
export async function statementsOf(work: () => Promise<unknown>): Promise<readonly Statement[]> {
  heard = []
  await work()
  const all = heard
  heard = null
  return all.filter(({ text }) => !/(?:from|update|into) "(?:device|attempt|audit|session)"/.test(text))
}
