// What is asked of both sides of the bench.
import { randomUUID } from 'node:crypto'

/** `name`: its address on the floor. */
export const QUESTIONS = [
  { name: 'nothing-new', path: '/api/jobs?after=900000000000000&limit=100' },
  { name: 'news', path: '/api/jobs?after=0&limit=50' },
  { name: 'changes', path: '/api/changes?after=0&limit=100' },
  { name: 'office', path: '/api/jobs/office?text=clinic&sort=site&down=0&limit=50' },
] as const

/** Five edits of one job, a new one where none is named, as a phone brings them. */
export const editsOf = (device: string, job: string = randomUUID()) =>
  ['title', 'site', 'notes', 'owner', 'notes'].map((field, i) => ({
    id: randomUUID(),
    job,
    path: [field],
    value: `Edit ${i}`,
    at: Date.now() + i,
    device,
    technician: 'Ines',
  }))
