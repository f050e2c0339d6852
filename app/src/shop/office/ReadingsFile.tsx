// The readings of all jobs that are asked for, as one file; with many jobs it takes a while, and can be stopped.
import { useEffect, useRef, useState } from 'react'
import { saveTextFile } from '../../platform/files/save-file'
import { readJobs } from '../../platform/state/app'
import { QuietButton } from '../../ui/PrimaryButton'
import { countText } from '../../ui/counts'
import { Problem } from '../../ui/Problem'
import { Waits } from '../../ui/Waits'
import { fetchRows, PAGE } from './http-office'
import type { OfficeRow } from '@oak/core/job/summary/office-row'
import type { Asked } from './office-model'
import type { OfficeRows } from './use-office-rows'

/** So many jobs are read at a time. */
const PIECE = 40

interface ReadingsFileProps {
  readonly asked: Asked
  readonly rows: readonly (OfficeRow | undefined)[]
  readonly from: OfficeRows['from']
}

export function ReadingsFile({ asked, rows, from }: ReadingsFileProps) {
  const [done, setDone] = useState<number | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const running = useRef<AbortController | null>(null)
  useEffect(() => () => running.current?.abort(), [])
  const total = rows.length
  const save = async () => {
    const mine = new AbortController()
    running.current = mine
    setWrong(null)
    setDone(0)
    const text = await readingsOf(
      asked,
      from === 'here' ? rows : null,
      (count) => setDone(count),
      mine.signal,
    )
    setDone(null)
    if (mine.signal.aborted) return
    if (text === null) setWrong('The server was not reached for all of them: no file was made.')
    else saveTextFile('readings.csv', 'text/csv', text)
  }
  if (done !== null)
    return (
      <>
        <Waits
          size="small"
          text={`Reading ${countText(done)} of ${countText(total)} jobs…`}
          share={done / Math.max(1, total)}
        />
        <QuietButton
          text="Stop reading"
          icon="close"
          onPress={() => running.current?.abort()}
          testID="office-csv-stop"
        />
      </>
    )
  return (
    <>
      <QuietButton
        text={`Readings of these ${countText(total)} as CSV`}
        icon="save"
        disabled={total === 0}
        onPress={() => void save().catch((error: unknown) => setWrong(String(error)))}
        testID="office-csv"
      />
      <Problem text={wrong} />
    </>
  )
}

/** null: some could not be had. `here`: the rows of this device; null: the server's. */
async function readingsOf(
  asked: Asked,
  here: readonly (OfficeRow | undefined)[] | null,
  report: (count: number) => void,
  signal: AbortSignal,
): Promise<string | null> {
  const { readingRows, readingsCsv } = await import('../../platform/csv')
  const found: ReturnType<typeof readingRows> = []
  let count = 0
  const add = async (ids: readonly string[]): Promise<boolean> => {
    for (let from = 0; from < ids.length && !signal.aborted; from += PIECE) {
      const piece = ids.slice(from, from + PIECE)
      const entries = await readJobs(piece)
      // Here it is what this device has; from the server it is all, or no file.
      if (here === null && entries.length < piece.length) return false
      found.push(...readingRows(entries))
      report((count += piece.length))
    }
    return true
  }
  if (here) await add(here.flatMap((row) => (row ? [row.id] : [])))
  else
    for (let from = 0; !signal.aborted; from += PAGE) {
      const page = await fetchRows(asked, from)
      if (!page || !(await add(page.rows.map(({ id }) => id)))) return null
      if (page.rows.length < PAGE) break
    }
  return readingsCsv(found)
}
