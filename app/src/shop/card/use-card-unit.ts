// The unit that a card's job was on. One that ships stands in the code; one of the shop's own is too long for it, and is looked up in that job:
// on this device, else on the server. Where neither has it, the posts go by the names on the card.
import { useEffect, useState } from 'react'
import type { CardRecord } from '@oak/core/job/card/code/record'
import { readJobs } from '../../platform/state/app'
import type { CardUnit } from './card-record'

export interface CardUnitState {
  readonly unit: CardUnit
  /** It is being asked for, and may still come. */
  readonly isLooking: boolean
}

interface Found {
  readonly job: string
  /** null: neither has it. */
  readonly unit: CardUnit
}

export function useCardUnit(record: CardRecord | null): CardUnitState {
  const [found, setFound] = useState<Found | null>(null)
  const job = record && record.unit === null ? record.job : null
  useEffect(() => {
    if (job === null) return
    let stale = false
    const end = (unit: CardUnit) => {
      if (!stale) setFound({ job, unit })
    }
    readJobs([job]).then(
      ([entry]) => {
        // What that job is on now may be a type that ships: then the card is of before, and its posts are not this one's.
        const unit = entry?.document.unit ?? null
        end(typeof unit === 'object' ? unit : null)
      },
      () => end(null),
    )
    return () => {
      stale = true
    }
  }, [job])
  if (job === null) return { unit: record?.unit ?? null, isLooking: false }
  return found?.job === job ? { unit: found.unit, isLooking: false } : { unit: null, isLooking: true }
}
