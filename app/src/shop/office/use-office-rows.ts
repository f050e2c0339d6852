// The rows that are asked for: the server's, a page at a time as they come in sight; without it those of this device.
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { useList } from '../../platform/state/app'
import { fetchRows, PAGE } from './http-office'
import type { OfficeRow } from '@oak/core/job/summary/office-row'
import { officeRows, type Asked, type FoundRow } from './office-model'
import { useOfficeTable } from './use-office-table'

export interface OfficeRows {
  /** One for each job that is like that; undefined: it is on its way. */
  readonly rows: readonly (OfficeRow | undefined)[]
  /** Jobs that the server still has to read. */
  readonly unread: number
  /** `here`: the server is not reached, and these are as this device knows them. */
  readonly from: 'server' | 'here' | 'asking'
  /** These are in sight. */
  readonly onSight: (first: number, last: number) => void
}

/** Letters typed one after the other are one question, ms. */
const TYPING_MS = 150
/** News of many jobs is looked at once, ms. */
const NEWS_MS = 1000

interface Found {
  readonly asked: Asked
  readonly rows: readonly (OfficeRow | undefined)[]
  readonly unread: number
}

/** The rows with a page of them put in; of another length where there are more now, or fewer. */
function withPage(
  rows: Found['rows'],
  from: number,
  total: number,
  page: readonly OfficeRow[],
): Found['rows'] {
  const next = Array.from<OfficeRow | undefined>({ length: total })
  rows.slice(0, total).forEach((row, i) => (next[i] = row))
  page.forEach((row, i) => (next[from + i] = row))
  return next
}

export function useOfficeRows(asked: Asked): OfficeRows {
  const list = useList()
  const [found, setFound] = useState<Found | null>(null)
  const [isAway, setIsAway] = useState(false)
  const sight = useRef({ first: 0, last: 0 })
  /** The last question; an answer to an earlier one is none. */
  const current = useRef(asked)
  const onTheWay = useRef(new Set<number>())

  const fetch = useCallback(async (about: Asked, from: number) => {
    if (onTheWay.current.has(from)) return
    onTheWay.current.add(from)
    const page = await fetchRows(about, from)
    onTheWay.current.delete(from)
    if (current.current !== about) return
    setIsAway(page === null)
    if (page)
      setFound((before) => ({
        asked: about,
        rows: withPage(before?.asked === about ? before.rows : [], from, page.total, page.rows),
        unread: page.unread,
      }))
  }, [])

  useEffect(() => {
    current.current = asked
    onTheWay.current.clear()
    sight.current = { first: 0, last: 0 }
    const timer = setTimeout(() => void fetch(asked, 0), TYPING_MS)
    return () => clearTimeout(timer)
  }, [asked, fetch])

  // What became news on this device is news in the table.
  useEffect(() => {
    const timer = setTimeout(() => {
      const { first, last } = sight.current
      for (let from = first - (first % PAGE); from <= last; from += PAGE) void fetch(asked, from)
    }, NEWS_MS)
    return () => clearTimeout(timer)
  }, [list, asked, fetch])

  const onSight = useCallback(
    (first: number, last: number) => {
      sight.current = { first, last }
      if (found?.asked !== asked) return
      for (let from = first - (first % PAGE); from <= Math.min(last, found.rows.length - 1); from += PAGE)
        if (found.rows[Math.max(from, first)] === undefined) void fetch(asked, from)
    },
    [asked, found, fetch],
  )

  const here = useHere(list, asked, isAway)
  if (isAway) return { rows: here, unread: 0, from: 'here', onSight }
  return { rows: found?.rows ?? [], unread: found?.unread ?? 0, from: found ? 'server' : 'asking', onSight }
}

const NONE: FoundRow[] = []

function useHere(list: ReturnType<typeof useList>, asked: Asked, isAsked: boolean): FoundRow[] {
  const all = useMemo(() => (isAsked ? officeRows(list.summaries.values()) : NONE), [list, isAsked])
  return useOfficeTable(all, asked)
}
