// A device in memory, with the narrow port of the real one.
import type { Change } from '@oak/core/job/change'
import { refusedFor, sameContents, type DeviceStore } from '../device-store'

interface Row {
  readonly change: Change
  readonly delivered: boolean
  readonly refused?: { readonly message: string; readonly times: number; readonly until: number }
}

export function memoryDevice(): DeviceStore {
  const rows = new Map<string, Row>()
  const facts = new Map<string, string | number>()
  const waiting = () => [...rows.values()].filter((row) => !row.delivered)
  const rewrite = (id: string, next: (row: Row) => Row) => {
    const row = rows.get(id)
    if (row) rows.set(id, next(row))
  }
  return {
    all: async () => [...rows.values()].map((r) => r.change),
    keep: async (changes) => changes.forEach((change) => rows.set(change.id, { change, delivered: false })),
    receive: async (changes, cursor) => {
      for (const change of changes) {
        const held = rows.get(change.id)
        if (!held || held.delivered || sameContents(held.change, change))
          rows.set(change.id, { change, delivered: true })
      }
      facts.set('cursor', cursor)
    },
    undelivered: async () => waiting().map((r) => r.change),
    due: async (now) =>
      waiting()
        .filter((r) => (r.refused?.until ?? 0) <= now)
        .map((r) => r.change),
    markDelivered: async (ids) =>
      ids.forEach((id) => rewrite(id, ({ change }) => ({ change, delivered: true }))),
    markRefused: async (refusals, now) =>
      refusals.forEach(({ id, message }) =>
        rewrite(id, (row) => {
          const times = (row.refused?.times ?? 0) + 1
          return { ...row, refused: { message, times, until: now + refusedFor(times) } }
        }),
      ),
    refused: async () =>
      waiting().flatMap(({ change, refused }) => (refused ? [{ change, message: refused.message }] : [])),
    letGo: async (ids) => {
      ids.forEach((id) => rows.get(id)?.refused && rows.delete(id))
      facts.set('cursor', 0)
    },
    restamp: async (stamps) =>
      stamps.forEach(({ id, at }) => rewrite(id, (row) => ({ ...row, change: { ...row.change, at } }))),
    startOver: async (store) => {
      rows.forEach(({ change }, id) => rows.set(id, { change, delivered: false }))
      facts.set('cursor', 0).set('store', store)
    },
    fact: async (name) => facts.get(name),
    setFact: async (name, value) => void facts.set(name, value),
  }
}
