// The jobs of an app in tests: with a device that keeps nothing and remembers what it was told, or with a real one in memory.
import type { Change } from '@oak/core/job/change'
import type { JobSummary } from '@oak/core/job/summary/summary'
import type { DeviceStore } from '../../sync/device-store'
import { memoryDevice } from '../../sync/testing/memory-device'
import { createJobs } from '../jobs'

export const DEVICE = '00000000-0000-4000-8000-000000000900'

/** The clock of the tests: it stands. */
export const NOW = () => 1_800_000_000_000

export function setUp(keep: DeviceStore['keep'] = async () => undefined) {
  const told: Change[] = []
  const noted: JobSummary[] = []
  const device = {
    keep,
    note: async (summaries: readonly JobSummary[]) => void noted.push(...summaries),
    changesOf: async () => [],
    fact: async () => 'Ines',
    setFact: async () => undefined,
  } as unknown as DeviceStore
  const jobs = createJobs({
    device,
    deviceId: DEVICE,
    now: NOW,
    onKept: (c) => told.push(...c),
  })
  return { jobs, told, noted }
}

export async function onDevice() {
  const device = await memoryDevice()
  const jobs = createJobs({ device, deviceId: DEVICE, now: NOW, onKept: () => undefined })
  return { device, jobs }
}
