// Bridges the core's read-only results and the schemas' writable outputs.

/** The core's results are read-only; a schema's output is not. A copy bridges the two without a cast. */
export const plain = <T>(value: T): Mutable<T> => structuredClone(value) as Mutable<T>
export type Mutable<T> = T extends (infer U)[] | readonly (infer U)[] ? (T extends readonly [unknown, ...unknown[]] ? { -readonly [K in keyof T]: Mutable<T[K]> } : Mutable<U>[]) : T extends object ? { -readonly [K in keyof T]: Mutable<T[K]> } : T
