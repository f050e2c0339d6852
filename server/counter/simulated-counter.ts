// The parts counter that ships with the server: a stand-in that takes its time, has some parts and lacks others.
import { readFileSync } from 'node:fs'
import * as v from 'valibot'
import { STOCK_KINDS } from '@oak/core/van/stock-line'

const CatalogueSchema = v.object({
  counter: v.string(),
  parts: v.array(
    v.object({
      kind: v.picklist(STOCK_KINDS),
      name: v.string(),
      what: v.string(),
      cents: v.number(),
      stock: v.number(),
      /** Of a run capacitor. */ sections: v.optional(v.pipe(v.array(v.number()), v.maxLength(24))),
      volts: v.optional(v.number()),
      /** When it comes in again; null: not said. */ back: v.nullable(v.string()),
    }),
  ),
})
export type Catalogue = v.InferOutput<typeof CatalogueSchema>

export const EMPTY_CATALOGUE: Catalogue = { counter: 'No parts counter is connected', parts: [] }
export const readCatalogue = (file: string): Catalogue =>
  v.parse(CatalogueSchema, JSON.parse(readFileSync(file, 'utf8')))

export interface CounterQuery {
  readonly kind: Catalogue['parts'][number]['kind']
  readonly text: string
}

/** Every word of the text must stand in the part's name or description; an empty text finds all of the kind. */
export function askCounter(
  { counter, parts }: Catalogue,
  { kind, text }: CounterQuery,
): { readonly counter: string; readonly parts: Catalogue['parts'] } {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  return {
    counter,
    parts: parts.filter(
      (part) =>
        part.kind === kind && words.every((word) => `${part.name} ${part.what}`.toLowerCase().includes(word)),
    ),
  }
}

/** How long a person at a counter looks, ms: half a second at least, a good second and a half at the most. `random` from 0 to 1. */
export const lookingMs = (random: number): number => 500 + 1100 * random
