// Copies of the database by themselves, where the shop has set how often.
import type { Settings } from '../../settings'
import { backUpAll } from './back-up'

const HOUR_MS = 3_600_000

/** `copy`: how one of each shop is made. Nothing is set up where none are wanted. */
export function keepCopies(
  settings: Settings,
  copy: typeof backUpAll = backUpAll,
): ReturnType<typeof setInterval> | undefined {
  const { everyHours, folder } = settings.backups
  if (everyHours === null) return undefined
  let hours = 0
  return setInterval(() => {
    hours = (hours + 1) % everyHours
    if (hours === 0)
      // A copy that fails is said, and tried again at its next hour: work goes on.
      copy(settings, folder, new Date()).catch((error: Error) =>
        console.error(`No backup was made: ${error.message}`),
      )
  }, HOUR_MS)
}
