// Pictures go up after their changes, one by one; one that is refused stays here and holds up no other. They come down when looked at.
import type { PhotoShelf } from './photo-shelf'

export type PhotosToDeliver = Pick<PhotoShelf, 'keep' | 'get' | 'waiting' | 'markDelivered'>

export interface PhotoServer {
  readonly put: (id: string, picture: Blob) => Promise<'kept' | 'refused' | 'unreachable'>
  /** null: not there, or not reachable. */
  readonly get: (id: string) => Promise<Blob | null>
}

/** Delivers what waits; returns how many still do. `store`: the database that answers now; null while it is not known. */
export async function deliverPhotos(
  shelf: PhotosToDeliver,
  server: PhotoServer,
  store: string | null,
): Promise<number> {
  const ids = await shelf.waiting(store)
  if (store === null) return ids.length
  let left = ids.length
  for (const id of ids) {
    const picture = await shelf.get(id)
    const answer = picture ? await server.put(id, picture) : 'refused'
    if (answer === 'unreachable') return left
    if (answer === 'refused') continue
    await shelf.markDelivered(id, store)
    left -= 1
  }
  return left
}

/** The picture from the shelf, else from the server, which it then keeps too. null: nowhere to be had now. */
export async function fetchPhoto(
  shelf: PhotosToDeliver,
  server: PhotoServer,
  store: string | null,
  id: string,
): Promise<Blob | null> {
  const kept = await shelf.get(id)
  if (kept) return kept
  const fetched = await server.get(id)
  if (fetched) await shelf.keep(id, fetched, store)
  return fetched
}
