import { unitTypeFor } from '@oak/core/wiring/unit-types'
import { createTable } from '@tanstack/react-table'
import { EMPTY_JOB, type JobDocument } from '@oak/core/job/document'
import type { JobId } from '@oak/core/job/job-id'
import { standingOf } from '@oak/core/job/summary/standing'
import { summaryOf } from '@oak/core/job/summary/summary'
import type { JobEntry } from '../../platform/state/jobs-state'
import { readingRows, readingsCsv } from '../../platform/csv/readings'
import { historyLines, officeRows, tableOf, type Asked } from './office-model'

const change = (id: string, at: number, value: unknown, technician = 'Ines', path = ['title']) => ({
  id,
  job: 'j',
  path,
  value,
  at,
  device: 'd',
  technician,
})
const entry = (id: string, more: Partial<JobDocument>, at = 1): JobEntry => ({
  id,
  document: { ...EMPTY_JOB, ...more },
  changes: [change(id, at, more.title ?? null)],
})
/** As a list knows them. */
const known = (entries: readonly JobEntry[]) =>
  entries.map(({ id, changes, document }) => ({
    ...summaryOf(id as JobId, changes, document),
    standing: standingOf(document),
  }))
const rowsOf = (entries: readonly JobEntry[]) => officeRows(known(entries))
const JOBS = [
  entry('a', { title: 'Bakery fan', site: 'Harbour 2' }, 300),
  entry('b', { title: 'Clinic', site: 'Gull Street' }, 200),
  entry('c', { title: 'Gone', removed: true }, 400),
]
const ids = (more: Partial<Asked> = {}, jobs = JOBS) => {
  const asked: Asked = { text: '', state: 'all', sort: 'at', down: true, ...more }
  const table = createTable({
    ...tableOf(rowsOf(jobs), asked),
    onStateChange: () => undefined,
    renderFallbackValue: null,
  })
  return table.getRowModel().rows.map((r) => r.id)
}

it('lists what was not removed, latest first, and sorts by any column', () => {
  expect(ids()).toEqual(['a', 'b'])
  expect(ids({ sort: 'site', down: false })).toEqual(['b', 'a'])
  expect([ids({ sort: 'title', down: false }), ids({ sort: 'title', down: true })]).toEqual([
    ['a', 'b'],
    ['b', 'a'],
  ])
})
it('keeps jobs that are alike in one order, whatever order the device has them in', () => {
  const alike = ['q', 'p', 'r'].map((id) => entry(id, { title: 'Same' }, 5))
  for (const jobs of [alike, [...alike].reverse()])
    expect(ids({ sort: 'title', down: false }, jobs)).toEqual(['p', 'q', 'r'])
})
it('finds by every word, whatever the case, and by state', () => {
  expect(ids({ text: 'HARBOUR bak' })).toEqual(['a'])
  expect(ids({ text: 'harbour clinic' })).toEqual([])
  expect([ids({ state: 'proven' }), ids({ state: 'open' })]).toEqual([[], ['a', 'b']])
})
it('finds by what stands in no column too, its owner and the unit’s own name, as the server does', () => {
  const jobs = [
    entry('a', { title: 'Fan', owner: 'Gull Ltd', unitName: 'Roof 3' }),
    entry('b', { title: 'Fan' }),
  ]
  expect([ids({ text: 'gull' }, jobs), ids({ text: 'ROOF fan' }, jobs)]).toEqual([['a'], ['a']])
})
it('tells every change with who and when, and whether it stands', () => {
  const changes = [change('1', 1, 'First'), change('2', 2, 'Second', '')]
  expect(historyLines({ document: EMPTY_JOB, changes }, 'F')).toEqual([
    { id: '2', at: 2, what: 'The job’s name', says: '“Second”', who: 'unnamed', stands: true },
    { id: '1', at: 1, what: 'The job’s name', says: '“First”', who: 'Ines', stands: false },
  ])
})
it('temperatures are told as this device reads them', () => {
  // 60 °C are 140 °F (definition).
  const value = { quantity: 'celsius', value: 60, accuracy: null, range: null, meter: 'typed', at: 0 }
  const changes = [change('1', 1, value, 'Ines', ['measurements', 'celsius-motor'])]
  const told = (degrees: 'C' | 'F') => historyLines({ document: EMPTY_JOB, changes }, degrees)[0]?.says
  expect([told('C'), told('F')]).toEqual(['60 °C', '140 °F'])
})
it('readings go out one a row, and no cell is run by a spreadsheet', () => {
  const measurement = {
    quantity: 'amps' as const,
    value: 1.3,
    accuracy: null,
    range: null,
    meter: '=cmd',
    at: 1_800_000_000_000,
  }
  const csv = readingsCsv(
    readingRows([entry('a', { title: '+1', measurements: { 'amps-start cooling': measurement } })]),
  )
  expect(csv.trim().split('\r\n')).toEqual([
    'job,title,probe,quantity,value,unit,meter,at',
    `a,'+1,amps-start cooling,amps,1.3,A,'=cmd,2027-01-15T08:00:00.000Z`,
  ])
})
it('a row has the latest change’s time, the last one’s name that is known, the unit’s own, and what comes next', () => {
  const job: JobEntry = {
    id: 'z',
    document: { ...EMPTY_JOB, unit: 'gas-furnace-board', site: 'Mill' },
    changes: [change('2', 20, 'b', ''), change('1', 10, 'a', 'Ines'), change('3', 5, 'c', 'Omar')],
  }
  expect(rowsOf([job])).toMatchObject([
    {
      id: 'z',
      title: 'unnamed',
      site: 'Mill',
      unit: unitTypeFor('gas-furnace-board')?.name,
      technician: 'Ines',
      at: 20,
      next: 'Wires',
      proven: false,
    },
  ])
  expect(rowsOf([{ ...job, document: { ...EMPTY_JOB, unit: 'of-another-day' }, changes: [] }])).toMatchObject(
    [{ unit: 'of-another-day', technician: '', at: 0 }],
  )
  expect(rowsOf([{ ...job, document: EMPTY_JOB }])).toMatchObject([{ unit: '' }])
})
it('says what a job stands at that does not go on stage by stage', () => {
  const part = { what: 'Motor', from: '', due: null, arrived: false }
  const next = (more: Partial<JobDocument>) => rowsOf([entry('a', more)])[0]?.next
  expect(next({})).toBe('Wires')
  expect(next({ ordered: { a: part } })).toBe('part')
  expect(next({ comeBack: { on: null, why: 'look again' } })).toBe('come back')
  expect(next({ ended: { at: 1 } })).toBe('ended')
})
