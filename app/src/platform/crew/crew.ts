// Keeps this device's pairing, signs what it asks with it, and shuts the device when the shop has taken it off its list.
import { createStore, type StoreApi } from 'zustand/vanilla'
import type { Signer } from '../sync/ask'
import { joinShop, renewKey, type PairProblem } from './joining'
import { keptLock, keptPairing, LOCKED, signedWith, type CrewPorts } from './kept'
import { askShop, type Door, type Locked, type Pairing, type ShopSaid } from './pairing'
import { shut, wipeAll } from './shutting'

export interface CrewState {
  readonly pairing: Pairing | null
  readonly door: Door
  /** What the server last said of itself; null: not heard on this page. */
  readonly shop: ShopSaid | null
  /** A code that came with the page's address; "": none. */
  readonly code: string
}

export interface Crew {
  readonly store: StoreApi<CrewState>
  readonly signer: Signer
  /** Pairs this device; what is wrong, by field, or null. The page is to be opened anew then. */
  readonly pair: (code: string, name: string) => Promise<PairProblem | null>
  /** A new key, where the one it has is old. */
  readonly renew: () => Promise<void>
  readonly hearShop: () => Promise<void>
  /** Of a locked device: nothing of the shop is left, and the server is told. */
  readonly wipe: () => Promise<void>
  /** Of a wiped device: it may be paired anew. */
  readonly begin: () => Promise<void>
}

export interface CrewOptions
  extends Pick<CrewPorts, 'device' | 'photos' | 'now'>, Partial<Pick<CrewPorts, 'request' | 'ask'>> {
  /** A code that came with the page's address. */
  readonly code?: string
}

async function begin(ports: CrewPorts, code: string): Promise<StoreApi<CrewState>> {
  const [pairing, why] = await Promise.all([keptPairing(ports.device), keptLock(ports.device)])
  // Again: what was on its way when it was shut may have arrived after that.
  const door: Door = why ? { kind: 'locked', why, waiting: await shut(ports, why) } : { kind: 'unknown' }
  return createStore<CrewState>(() => ({ pairing, door, shop: null, code }))
}

export async function openCrew({ code = '', ...options }: CrewOptions): Promise<Crew> {
  const ports: CrewPorts = { request: (...all) => fetch(...all), ask: askShop, ...options }
  const { device, ask } = ports
  const store = await begin(ports, code)
  /** The shop's own server was heard on this page, and not lost since. */
  let isSure = false

  function setDoor(door: Door): void {
    const { door: before } = store.getState()
    if (before.kind !== 'locked' && before.kind !== door.kind) store.setState({ door })
  }

  /** Before the key is shown to whoever answers here. */
  async function isOurShop(pairing: Pairing): Promise<boolean> {
    if (isSure) return true
    const shop = await ask()
    if (!shop) return false
    store.setState({ shop })
    isSure = shop.shop === pairing.shop
    if (!isSure) setDoor({ kind: 'another-shop' })
    return isSure
  }

  async function lock(why: Locked): Promise<void> {
    const waiting = await shut(ports, why)
    store.setState({ door: { kind: 'locked', why, waiting } })
    if (waiting === 0) await wipe()
  }

  async function wipe(): Promise<void> {
    await wipeAll(ports)
    const { door } = store.getState()
    store.setState({ pairing: null, door: door.kind === 'locked' ? { ...door, waiting: 0 } : door })
  }

  const signer: Signer = {
    async headers() {
      if (store.getState().door.kind === 'locked') return null
      // Read each time: another tab may have renewed it.
      const pairing = await keptPairing(device)
      if (!pairing) return {}
      return (await isOurShop(pairing)) ? signedWith(pairing) : null
    },
    async refused(code) {
      if (code === 'revoked' || code === 'copied') return lock(code)
      const { pairing } = store.getState()
      const shop = pairing ? await ask() : null
      setDoor({ kind: pairing && shop && shop.shop !== pairing.shop ? 'another-shop' : 'not-paired' })
    },
    heard: () => setDoor({ kind: 'open' }),
    lost: () => void (isSure = false),
  }

  return {
    store,
    signer,
    async hearShop() {
      const shop = await ask()
      if (shop) store.setState({ shop })
    },
    pair: (typed, name) => joinShop(ports, typed, name),
    renew: () => renewKey(ports, isOurShop),
    wipe,
    begin: () => device.forget(LOCKED),
  }
}
