// The jobs of one unit: this one as it is edited, the others as this device or the server has them.
import { useEffect, useMemo, useState } from 'react'
import type { JobDocument } from '@oak/core/job/document'
import { sameUnit, type UnitJob } from '@oak/core/job/unit-history'
import { readJobs, useChanges, useList } from '../../platform/state/app'

export interface UnitJobs {
  readonly jobs: readonly UnitJob[]
  /** Known to be of this unit, and not to be had now. */
  readonly missing: number
}

export function useUnitJobs(id: string, document: JobDocument): UnitJobs {
  const { summaries } = useList()
  const changes = useChanges(id)
  // By text: the list is a new one with every edit, of any job.
  const others = [...summaries.values()]
    .filter((one) => one.job !== id && !one.removed && sameUnit(one, document))
    .map(({ job, at }) => `${job} ${at}`)
    .sort()
    .join()
  const [found, setFound] = useState<{ readonly others: string; readonly jobs: readonly UnitJob[] } | null>(
    null,
  )
  useEffect(() => {
    let stale = false
    const ids = others === '' ? [] : others.split(',').map((one) => one.split(' ')[0] ?? '')
    readJobs(ids)
      .then((jobs) => (stale ? undefined : setFound({ others, jobs })))
      .catch(() => undefined)
    return () => {
      stale = true
    }
  }, [others])
  const jobs = useMemo(
    () => [{ id, document, changes }, ...(found?.jobs ?? []).filter((one) => one.id !== id)],
    [id, document, changes, found],
  )
  const count = others === '' ? 0 : others.split(',').length
  return { jobs, missing: found?.others === others ? Math.max(0, count - (jobs.length - 1)) : 0 }
}
