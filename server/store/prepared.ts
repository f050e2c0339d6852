// Statements that every request puts: written out once, then put with other values each time.
import type { Compilable, CompiledQuery } from 'kysely'
import type { Database } from './database'

/** Stands for a value until there is one. */
class Place {
  constructor(readonly at: number) {}
}

/**
 * `write` is called once, with something in the place of each value: it may hand them on to the query, and must not look at them.
 * What comes back puts the query with the values that it is given, and returns the rows.
 */
export function prepared<Values extends readonly unknown[], Row>(
  db: Database,
  write: (...values: Values) => Compilable<Row>,
): (...values: Values) => Promise<Row[]> {
  let written: CompiledQuery<Row> | null = null
  return async (...values) => {
    written ??= write(...(values.map((_, i) => new Place(i)) as unknown as Values)).compile()
    const parameters = written.parameters.map((one) => (one instanceof Place ? values[one.at] : one))
    const { rows } = await db.executeQuery<Row>({ ...written, parameters })
    return rows
  }
}
