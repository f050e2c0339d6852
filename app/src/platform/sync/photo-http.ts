// Pictures to and from the server. Kept is what the server itself says it keeps, by the picture's own id.
import * as v from 'valibot'
import { ask } from './ask'
import type { PhotoServer } from './photo-sync'

const ErrorSchema = v.object({ error: v.object({ message: v.string() }) })

const json = async (body: Blob): Promise<unknown> => {
  try {
    return JSON.parse(await body.text())
  } catch {
    return null
  }
}

export const httpPhotos = (device: string): PhotoServer => ({
  async put(id, picture) {
    const headers = { 'content-type': 'image/jpeg', 'x-oak-device': device }
    const answered = await ask(`/api/photos/${id}`, { method: 'PUT', headers, body: picture }, picture.size)
    if (answered.kind !== 'answer') return 'unreachable'
    const { ok, status, body } = answered.asked
    const said = await json(body)
    if (ok) return v.is(v.object({ kept: v.literal(true), id: v.literal(id) }), said) ? 'kept' : 'unreachable'
    // A portal refuses too: only our own words are a refusal.
    return status < 500 && status !== 429 && v.is(ErrorSchema, said) ? 'refused' : 'unreachable'
  },
  async get(id) {
    const answered = await ask(`/api/photos/${id}`, { headers: { 'x-oak-device': device } })
    if (answered.kind !== 'answer' || !answered.asked.ok) return null
    const start = new Uint8Array(await answered.asked.body.slice(0, 2).arrayBuffer())
    return start[0] === 0xff && start[1] === 0xd8
      ? new Blob([answered.asked.body], { type: 'image/jpeg' })
      : null
  },
})
