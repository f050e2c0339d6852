// How far the device's work has got, in two or three words. No rendering here.
import type { SyncState } from '../../platform/sync/sync'

/** `photos`: pictures that the server does not have yet. */
export function syncText(sync: SyncState, photos: number): string {
  switch (sync.kind) {
    case 'starting':
      return '…'
    case 'refused':
      return `${sync.count} refused`
    case 'waiting':
      return sync.count > 0 ? `${sync.count} kept here` : 'no server'
    case 'delivered':
      return photos > 0 ? `${photos} photo${photos > 1 ? 's' : ''} kept here` : 'delivered'
  }
}
