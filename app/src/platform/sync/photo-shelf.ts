// The pictures this device keeps, by photo id, and to which server's database each was delivered.
import { openDB, type DBSchema } from 'idb'

interface KeptPhoto {
  readonly id: string
  readonly picture: Blob
  /** The name of the database that has it; null while none does. */
  readonly deliveredTo: string | null
}

interface Schema extends DBSchema {
  photos: { key: string; value: KeptPhoto }
}

export interface PhotoShelf {
  readonly keep: (id: string, picture: Blob, deliveredTo?: string | null) => Promise<void>
  readonly get: (id: string) => Promise<Blob | null>
  /** Ids of the pictures that this database does not have yet. */
  readonly waiting: (store: string | null) => Promise<string[]>
  readonly markDelivered: (id: string, store: string) => Promise<void>
  /** Ids of pictures that no server has. */
  readonly undelivered: () => Promise<string[]>
  readonly wipeDelivered: () => Promise<void>
  readonly wipeAll: () => Promise<void>
}

export async function openPhotoShelf(name = 'oak-switch-photos'): Promise<PhotoShelf> {
  const db = await openDB<Schema>(name, 1, {
    upgrade: (database) => void database.createObjectStore('photos', { keyPath: 'id' }),
  })
  return {
    async keep(id, picture, deliveredTo = null) {
      await db.put('photos', { id, picture, deliveredTo })
    },
    get: async (id) => (await db.get('photos', id))?.picture ?? null,
    waiting: async (store) =>
      (await db.getAll('photos'))
        .filter((row) => row.deliveredTo === null || row.deliveredTo !== store)
        .map((row) => row.id),
    async markDelivered(id, store) {
      const row = await db.get('photos', id)
      if (row) await db.put('photos', { ...row, deliveredTo: store })
    },
    undelivered: async () =>
      (await db.getAll('photos')).filter((row) => row.deliveredTo === null).map((row) => row.id),
    async wipeDelivered() {
      for (const row of await db.getAll('photos'))
        if (row.deliveredTo !== null) await db.delete('photos', row.id)
    },
    wipeAll: () => db.clear('photos'),
  }
}
