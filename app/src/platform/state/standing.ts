// How a job stands after it was edited here: by all that knows of circuits, so it is fetched where somebody looks.
import { readable } from '@oak/core/job/change'
import { foldJob } from '@oak/core/job/fold'
import type { DeviceStore } from '../sync/device-store'
import type { Jobs } from './jobs'

/** Kept with the summary it was worked out for; a later edit has one of its own. */
export async function standingFor(jobs: Jobs, device: DeviceStore, id: string): Promise<void> {
  const before = jobs.store.getState().list.summaries.get(id)
  if (!before || before.standing !== null) return
  const open = jobs.store.getState().jobs[id]
  // Of a job that is not whole here only the server can say.
  if (!open && (await device.row(id))?.have === undefined) return
  const { standingOf } = await import('@oak/core/job/summary/standing')
  const document = open?.document ?? foldJob(readable(await device.changesOf(id)))
  const summary = { ...before, standing: standingOf(document) }
  if (jobs.store.getState().list.summaries.get(id) !== before) return
  jobs.hear([summary])
  await device.note([summary])
}
