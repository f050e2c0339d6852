// What this device keeps of its shop, and how a question is signed with it.
import type { DeviceStore } from '../sync/device-store'
import type { PhotoShelf } from '../sync/photo-shelf'
import { readPairing, type Locked, type Pairing, type ShopSaid } from './pairing'

export interface CrewPorts {
  readonly device: DeviceStore
  readonly photos: PhotoShelf
  /** ms since 1970 */
  readonly now: () => number
  readonly request: typeof fetch
  readonly ask: () => Promise<ShopSaid | null>
}

export const [PAIRING, LOCKED, RENEWED] = ['pairing', 'locked', 'key renewed'] as const

export const signedWith = ({ device, key }: Pairing) => ({ authorization: `Bearer ${device}.${key}` })

export async function keptPairing(device: DeviceStore): Promise<Pairing | null> {
  const kept = await device.fact(PAIRING)
  if (typeof kept !== 'string') return null
  try {
    return readPairing(JSON.parse(kept))
  } catch {
    return null
  }
}

/** Why it is shut out; null: it is not. */
export async function keptLock(device: DeviceStore): Promise<Locked | null> {
  const kept = await device.fact(LOCKED)
  return kept === 'revoked' || kept === 'copied' ? kept : null
}
