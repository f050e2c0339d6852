// The unit that a card's job was on. One that ships stands in the code; one of the shop's own is too long for it, and is looked up in that job:
// on this device, else on the server. Where neither has it, the posts go by the names on the card.
import { useEffect, useState } from 'react'
import type { CardRecord } from '@oak/core/job/card/code/record'
import { readJobs } from '../../platform/state/app'
import type { CardUnit } from './card-record'

interface Found {
  readonly job: string
  readonly unit: CardUnit
}

export function useCardUnit(record: CardRecord | null): CardUnit {
  const [found, setFound] = useState<Found | null>(null)
  const job = record && record.unit === null ? record.job : null
  useEffect(() => {
    if (job === null) return
    let stale = false
    readJobs([job]).then(
      ([entry]) => {
        // What that job is on now may be a type that ships: then the card is of before, and its posts are not this one's.
        const unit = entry?.document.unit ?? null
        if (!stale && typeof unit === 'object') setFound({ job, unit })
      },
      () => undefined,
    )
    return () => {
      stale = true
    }
  }, [job])
  if (job === null) return record?.unit ?? null
  return found?.job === job ? found.unit : null
}
