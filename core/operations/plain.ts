// Bridges the core's read-only results and the schemas' writable outputs.

/** The same value under a writable type: the core's results are read-only, the types that schemas give are not. */
export const plain = <T>(value: T): Mutable<T> => value as Mutable<T>
/** The type without its readonly marks: what a schema's output is. */
export type Mutable<T> = T extends (infer U)[] | readonly (infer U)[]
  ? T extends readonly [unknown, ...unknown[]]
    ? { -readonly [K in keyof T]: Mutable<T[K]> }
    : Mutable<U>[]
  : T extends string
    ? T
    : T extends object
      ? { -readonly [K in keyof T]: Mutable<T[K]> }
      : T
