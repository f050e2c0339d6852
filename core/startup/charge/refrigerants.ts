// The refrigerants that a charge glance knows, by name; their tables are fetched only where they are used.
export const REFRIGERANTS = ['R-22', 'R-410A', 'R-407C', 'R-32', 'R-454B'] as const
/** A refrigerant that the table holds. */
export type Refrigerant = (typeof REFRIGERANTS)[number]
