// Brings this device and the server together: what is undelivered goes up, what is new comes down.
// One round at a time; a round that is asked for while one runs follows it, so that no edit waits for the clock.
import type { Change } from '@oak/core/job/change'
import { Amount } from './amount'
import { pull } from './pull'
import type { Refusal } from './server'
import type { SyncPorts } from './sync-ports'

export interface Sync {
  readonly round: () => Promise<void>
}

export function createSync(ports: SyncPorts): Sync {
  const { device, onState } = ports
  const up = new Amount(50, 1, 200)
  const down = { news: new Amount(60, 5, 2000), changes: new Amount(200, 10, 2000) }
  let tidied = false
  let running: Promise<void> | null = null
  let again = false

  async function once(): Promise<void> {
    await push(ports, up)
    const reached = await pull(ports, down)
    if (reached === 'another server') return void (again = true)
    const left = (await device.undelivered()).length
    const refused = await device.refused()
    if (reached === 'more') again = true
    if (reached === 'all' && !tidied) {
      tidied = true
      await device.dropOld(ports.now())
    }
    const [first] = refused
    if (first)
      onState({
        kind: 'refused',
        message: first.message,
        count: refused.length,
        waiting: left - refused.length,
      })
    else
      onState(
        left === 0 && reached !== 'unreachable' ? { kind: 'delivered' } : { kind: 'waiting', count: left },
      )
  }

  async function loop(): Promise<void> {
    do {
      again = false
      await once()
    } while (again)
  }

  return {
    round() {
      if (running) again = true
      else running = loop().finally(() => (running = null))
      return running ?? Promise.resolve()
    },
  }
}

/** Sends what is due, the oldest first. What the server refuses it names; the rest of the batch is delivered. */
async function push({ device, server, now, onRestamped, onTime }: SyncPorts, amount: Amount): Promise<void> {
  const waiting = (await device.due(now())).sort((a, b) => a.at - b.at)
  while (waiting.length > 0) {
    const batch = waiting.slice(0, amount.now)
    const answer = await server.put(batch)
    if (answer.kind === 'unreachable') return
    if (answer.kind === 'too-much') {
      // One change alone that the server will not even read is refused; one that the way does not carry waits.
      const alone = batch.length === 1 ? batch[0] : undefined
      if (alone && answer.message !== null)
        await device.markRefused([refusalOf(alone, answer.message)], now())
      if (alone && answer.message !== null) waiting.shift()
      else if (!amount.shrink()) return
      continue
    }
    if (answer.time) onTime(answer.time)
    await device.markDelivered(answer.taken)
    if (answer.restamped.length > 0) {
      await device.restamp(answer.restamped)
      onRestamped(answer.restamped)
    }
    if (answer.refused.length > 0) await device.markRefused(answer.refused, now())
    waiting.splice(0, batch.length)
    amount.grow()
  }
}

const refusalOf = ({ id }: Change, message: string): Refusal => ({ id, message })
