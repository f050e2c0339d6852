// How far the device's work has got, in two or three words, and in full. No rendering here.
import type { SyncState } from '../../platform/sync/sync-ports'

const photosWords = (count: number): string => `${count} photo${count === 1 ? '' : 's'}`

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
      return photos > 0 ? `${photosWords(photos)} kept here` : 'delivered'
  }
}

const editsWait = (count: number): string =>
  count === 1
    ? 'One edit is kept on this phone, and goes to the server when it is reached.'
    : `${count} edits are kept on this phone, and go to the server when it is reached.`

/** The same in full, for who asks. */
export function deliveryText(sync: SyncState, photos: number): string {
  const pictures = photos > 0 ? ` ${photosWords(photos)} still to go up.` : ''
  switch (sync.kind) {
    case 'starting':
      return 'The server is being asked.'
    case 'refused':
      return `${sync.waiting > 0 ? editsWait(sync.waiting) : 'Everything else is on the server.'}${pictures}`
    case 'waiting':
      return `${sync.count > 0 ? editsWait(sync.count) : 'The server is not reached. Nothing waits here.'}${pictures}`
    case 'delivered':
      return `Every edit is on the server.${pictures}`
  }
}

/** `off`: how far, in words: “40 days behind”. */
export const clockText = (off: string): string =>
  `This phone’s clock is wrong: it is ${off}, by the server’s. Set it. Until then what you enter is stamped with the server’s time, and nothing is lost.`
