// Copies of the database by themselves, where the shop has set how often.
import type { Settings } from '../settings'
import { backUp } from './backup'

const HOUR_MS = 3_600_000

/** `copy`: how one is made. Nothing is set up where none are wanted. */
export function keepCopies(
  { database, backups }: Settings,
  copy: typeof backUp = backUp,
): ReturnType<typeof setInterval> | undefined {
  const { everyHours, folder, keep } = backups
  if (everyHours === null) return undefined
  let hours = 0
  return setInterval(() => {
    hours = (hours + 1) % everyHours
    if (hours === 0)
      // A copy that fails is said, and tried again at its next hour: work goes on.
      copy(database, folder, new Date(), keep).catch((error: Error) =>
        console.error(`No backup was made: ${error.message}`),
      )
  }, HOUR_MS)
}
