// A change as a row, and back.
import type { Change } from '@oak/core/job/change'

export const toRow = ({ id, job, path, value, at, device, technician }: Change) => ({
  id,
  job,
  path: JSON.stringify(path),
  value: JSON.stringify(value),
  at,
  device,
  technician,
})
export type ChangeRow = ReturnType<typeof toRow>
export const CHANGE_COLUMNS = ['seq', 'id', 'job', 'path', 'value', 'at', 'device', 'technician'] as const

/** None where a row cannot be read: it is said, and holds up no other. */
export function fromRow({ id, job, path, value, at, device, technician }: ChangeRow): Change[] {
  try {
    return [
      {
        id,
        job,
        path: JSON.parse(path) as string[],
        value: JSON.parse(value) as unknown,
        at,
        device,
        technician,
      },
    ]
  } catch {
    console.error(`Change ${id} in the database cannot be read; it is left out.`)
    return []
  }
}
