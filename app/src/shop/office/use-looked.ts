// A job to look at: as it is edited here, else as this device or the server has it.
import { useEffect, useState } from 'react'
import { readJobs, useJobs, useList } from '../../platform/state/app'
import type { JobEntry } from '../../platform/state/jobs-state'

/** null: it cannot be had now. */
export function useLooked(id: string): JobEntry | 'reading' | null {
  const open = useJobs((s) => s.jobs[id])
  const at = useList().summaries.get(id)?.at
  const [found, setFound] = useState<{ readonly id: string; readonly entry: JobEntry | null } | null>(null)
  const isOpen = open !== undefined
  useEffect(() => {
    if (isOpen) return
    let stale = false
    readJobs([id])
      .then(([entry]) => (stale ? undefined : setFound({ id, entry: entry ?? null })))
      .catch(() => (stale ? undefined : setFound({ id, entry: null })))
    return () => {
      stale = true
    }
  }, [id, isOpen, at])
  if (open) return open
  return found?.id === id ? found.entry : 'reading'
}
