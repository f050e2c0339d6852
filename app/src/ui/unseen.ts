/** For the ear only: it takes no room, and is still read out. */
export const UNSEEN = { position: 'absolute', width: 1, height: 1, overflow: 'hidden' } as const
