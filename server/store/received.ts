// When a row was received, as the database writes it: universal time to the second, “2026-11-28 09:30:00”.

const DAY_MS = 86_400_000

const receivedAt = (ms: number): string => new Date(ms).toISOString().slice(0, 19).replace('T', ' ')
/** What was received before that is older than so many days. */
export const daysAgo = (days: number): string => receivedAt(Date.now() - days * DAY_MS)
