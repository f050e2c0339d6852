// That this device is one of a shop's: the key it signs its questions with, whose it is, and what the shop's server says of it.
import * as v from 'valibot'
import { ROLES } from '@oak/core/crew/roles'

const PairingSchema = v.object({
  device: v.string(),
  key: v.string(),
  name: v.string(),
  person: v.string(),
  role: v.picklist(ROLES),
  /** The name of the shop; it stays when its database is put back from a copy. */
  shop: v.string(),
})

/** What a code was given for. */
export type Pairing = v.InferOutput<typeof PairingSchema>

/** How the shop's server takes this device. */
export type Door =
  /** Not heard yet. */
  | { readonly kind: 'unknown' }
  | { readonly kind: 'open' }
  /** It pairs its devices, and this is none of them. */
  | { readonly kind: 'not-paired' }
  /** What answers here is not the shop's own server: nothing is delivered to it. */
  | { readonly kind: 'another-shop' }
  /** It was taken off the list, or its key was copied. `waiting`: edits and photos that nobody else has. */
  | { readonly kind: 'locked'; readonly why: Locked; readonly waiting: number }

export type Locked = 'revoked' | 'copied'

/** What was kept, or what a server answered, as a pairing; null: it is none. */
export function readPairing(json: unknown): Pairing | null {
  const read = v.safeParse(PairingSchema, json)
  return read.success ? read.output : null
}

const ShopSchema = v.object({ shop: v.string(), paired: v.boolean() })
/** What a server says of itself to anybody. */
export type ShopSaid = v.InferOutput<typeof ShopSchema>

/** null: there is no server of ours, or it is not reached. */
export async function askShop(): Promise<ShopSaid | null> {
  try {
    const response = await fetch('/api/shop', { signal: AbortSignal.timeout(8000) })
    const read = v.safeParse(ShopSchema, await response.json())
    return read.success ? read.output : null
  } catch {
    return null
  }
}

const ErrorSchema = v.object({ error: v.object({ code: v.string(), path: v.string(), message: v.string() }) })

export interface Refused {
  readonly code: string
  readonly path: string
  readonly message: string
}

/** The server's own refusal; null: it is none, as a portal's page. */
export function refusedBy(json: unknown): Refused | null {
  const read = v.safeParse(ErrorSchema, json)
  return read.success ? read.output.error : null
}
