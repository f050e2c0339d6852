// A device that the shop has shut out: what others have goes at once; what nobody else has stays until it is saved or given up.
import { keptPairing, keptLock, LOCKED, signedWith, type CrewPorts } from './kept'
import type { Locked } from './pairing'

/** Edits and photos that no server has. */
async function waitingOn({ device, photos }: CrewPorts): Promise<number> {
  const [changes, pictures] = await Promise.all([device.undelivered(), photos.undelivered()])
  return changes.length + pictures.length
}

/** Shuts it; how much waits. */
export async function shut(ports: CrewPorts, why: Locked): Promise<number> {
  const { device, photos } = ports
  await device.setFact(LOCKED, why)
  await Promise.all([device.wipeDelivered(), photos.wipeDelivered()])
  return waitingOn(ports)
}

/** Nothing of the shop is left, and the server is told; that it is shut is remembered. */
export async function wipeAll({ device, photos, request }: CrewPorts): Promise<void> {
  const pairing = await keptPairing(device)
  const why = await keptLock(device)
  await Promise.all([device.wipeAll(), photos.wipeAll()])
  if (why) await device.setFact(LOCKED, why)
  if (pairing)
    await request('/api/device/wiped', { method: 'POST', headers: signedWith(pairing) }).catch(
      () => undefined,
    )
}
