// A device joins a shop by a code, and keeps its key fresh.
import { v4 as uuid } from 'uuid'
import { alone } from '../sync/tabs'
import { keptPairing, LOCKED, PAIRING, RENEWED, signedWith, type CrewPorts } from './kept'
import { readPairing, refusedBy, type Pairing } from './pairing'

const RENEW_EVERY_MS = 12 * 3_600_000
const NO_SERVER = { path: '', message: 'The shop’s server is not reached. Pairing needs it.' }

/** What is wrong, by field. */
export interface PairProblem {
  readonly path: string
  readonly message: string
}

async function keep({ device, now }: CrewPorts, pairing: Pairing): Promise<void> {
  const before = await device.fact('device')
  await device.setFact(PAIRING, JSON.stringify(pairing), true)
  await device.setFact(RENEWED, now())
  await device.setFact('technician', pairing.person)
  // What was entered here before is this device's own, under whatever id it goes now.
  if (typeof before === 'string' && before !== pairing.device)
    await device.renameDevice(before, pairing.device)
  await device.setFact('device', pairing.device)
}

/** Pairs this device; null: it is. The page is to be opened anew then. */
export async function joinShop(ports: CrewPorts, code: string, name: string): Promise<PairProblem | null> {
  const { device, request } = ports
  const known = await device.fact('device')
  const id = typeof known === 'string' ? known : uuid()
  try {
    const response = await request('/api/pairing', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ code, device: id, name }),
    })
    const json: unknown = await response.json()
    const pairing = response.ok ? readPairing(json) : null
    if (!pairing) return refusedBy(json) ?? NO_SERVER
    await device.forget(LOCKED)
    await keep(ports, pairing)
    return null
  } catch {
    return NO_SERVER
  }
}

/** A new key, where the one it has is old. `isOurs`: whether who answers is this shop's server. */
export async function renewKey(
  { device, now, request }: CrewPorts,
  isOurs: (pairing: Pairing) => Promise<boolean>,
): Promise<void> {
  const renew = async () => {
    const pairing = await keptPairing(device)
    const renewed = Number((await device.fact(RENEWED)) ?? 0)
    if (!pairing || now() < renewed + RENEW_EVERY_MS || !(await isOurs(pairing))) return
    const response = await request('/api/device/renew', { method: 'POST', headers: signedWith(pairing) })
    const next = response.ok ? ((await response.json()) as { key?: unknown }).key : null
    if (typeof next !== 'string') return
    // On the disk before it is used: a key that was used and then lost, by a dead battery, would shut the device out.
    await device.setFact(PAIRING, JSON.stringify({ ...pairing, key: next }), true)
    await device.setFact(RENEWED, now())
  }
  // One tab at a time; one that finds no way tries again later.
  await alone('oak-switch key', renew).catch(() => undefined)
}
