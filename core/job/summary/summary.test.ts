// What a list knows of a job, held against the job itself: by hand, and over every job of the demo.
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import fc from 'fast-check'
import * as v from 'valibot'
import type { Change } from '../change'
import { EMPTY_JOB } from '../document'
import { foldJob, takingsOf } from '../fold'
import { readJobFile } from '../job-file'
import type { JobId } from '../job-id'
import { FINISHED } from '../testing/finished'
import { STAGES } from '../visit/stage-names'
import { nextStage, stageState } from '../visit/stages'
import { visitState } from '../visit/visit-state'
import { standingOf } from './standing'
import { askedWords, officeRow, officeWords } from './office-row'
import { nextInWords } from './standing-words'
import { holds, JobSummarySchema, packed, summaryOf, takingsIn } from './summary'

const JOB = '01950000-0000-7000-8000-000000000001' as JobId
const change = (
  n: number,
  at: number,
  path: readonly string[],
  value: unknown,
  technician = 'Ines',
): Change => ({
  id: `01950000-0000-7000-9001-${String(n).padStart(12, '0')}`,
  job: JOB,
  path: [...path],
  value,
  at,
  device: '01950000-0000-7000-a000-000000000001',
  technician,
})
const DEMO = readdirSync(join(__dirname, '../../../demo'))
  .filter((name) => name.endsWith('.job.json'))
  .map((name) => {
    const read = readJobFile(readFileSync(join(__dirname, '../../../demo', name), 'utf8'))
    if (!read.ok) throw new Error(name)
    return [name, read.file.changes] as const
  })

it('begins with the first change and ends with the last, whatever their order; the last one who gave a name is who', () => {
  const changes = [
    change(2, 20, ['title'], 'Fan', 'Omar'),
    change(3, 30, ['site'], 'Mill', ''),
    change(1, 10, ['title'], 'x', 'Ines'),
  ]
  for (const order of [changes, [...changes].reverse()])
    expect(summaryOf(JOB, order, foldJob(order))).toMatchObject({
      begun: 10,
      at: 30,
      technician: 'Omar',
      title: 'Fan',
      site: 'Mill',
      standing: null,
    })
})
it('names a unit of the shop’s own by its id', () => {
  const unit = { id: 'attic-fan', name: 'Attic fan' } as unknown as typeof EMPTY_JOB.unit
  const own = summaryOf(JOB, [], { ...EMPTY_JOB, unit })
  expect([own.unit, officeRow(own).unit]).toEqual(['attic-fan', 'Attic fan'])
  expect(summaryOf(JOB, [], { ...EMPTY_JOB, unit: 'gas-furnace-board' }).unit).toBe('gas-furnace-board')
  expect(summaryOf(JOB, [], EMPTY_JOB).unit).toBeNull()
})
it('says what a job holds of a line: by its last edit, and of no other line', () => {
  const changes = [
    change(1, 10, ['taken', 'cap'], { quantity: 2 }),
    change(2, 30, ['taken', 'cap'], { quantity: 1 }),
    change(3, 20, ['taken', 'cap'], { quantity: 5 }),
    change(4, 40, ['taken', 'motor'], { quantity: 7 }),
    change(5, 50, ['taken', 'motor'], null),
  ]
  const summary = summaryOf(JOB, changes, foldJob(changes))
  expect(['cap', 'motor', 'tape'].map((line) => holds(summary, line))).toEqual([1, 0, 0])
  expect(takingsIn([summary])).toEqual(takingsOf(changes))
})

it.each(DEMO)('%s: as the job itself says, and the same after the wire', (_, changes) => {
  const document = foldJob(changes)
  const summary = { ...summaryOf(JOB, changes, document), standing: standingOf(document) }
  const { standing } = summary
  const state = visitState(document)
  expect([standing.kind, standing.words, standing.proof]).toEqual([state.kind, state.words, state.proof.kind])
  expect(standing.next).toBe(nextStage(document))
  expect([...standing.stages]).toEqual(STAGES.map(({ id }) => stageState(document, id)[0]))
  const wire = JSON.parse(JSON.stringify(packed(summary))) as unknown
  expect(v.parse(JobSummarySchema, wire)).toEqual(summary)
  expect(JSON.stringify(wire).length).toBeLessThan(900)
})
it('whatever is in it comes back from the wire as it was', () =>
  fc.assert(
    fc.property(
      fc.record({ title: fc.string(), site: fc.string(), owner: fc.string(), removed: fc.boolean() }),
      fc.option(fc.double({ min: 0.5, max: 100, noNaN: true })),
      fc.array(fc.record({ line: fc.string({ minLength: 1 }), quantity: fc.nat(9), at: fc.nat() })),
      (more, compressorMicrofarads, taken) => {
        const changes = [
          change(0, 1, ['title'], more.title),
          ...taken.map(({ line, quantity, at }, i) => change(i + 1, at, ['taken', line], { quantity })),
        ]
        const summary = summaryOf(JOB, changes, { ...EMPTY_JOB, ...more, compressorMicrofarads })
        expect(v.parse(JobSummarySchema, JSON.parse(JSON.stringify(packed(summary))))).toEqual(summary)
      },
    ),
  ))

it('a row of a table names what has no name, and is found by every name it has', () => {
  const more = { site: 'Mill 4', unitName: 'Roof 3', owner: 'Gull Ltd', unit: 'gas-furnace-board' }
  const summary = { ...summaryOf(JOB, [change(1, 10, ['site'], 'x')], { ...EMPTY_JOB, ...more }) }
  expect(officeRow(summary)).toMatchObject({
    title: 'unnamed',
    at: 10,
    technician: 'Ines',
    next: '',
    proven: false,
  })
  for (const word of ['unnamed', 'mill', 'furnace', 'ines', 'roof', 'gull'])
    expect(officeWords(summary)).toContain(word)
  expect(askedWords('  Mill\u0000ROOF\t3 ')).toEqual(['mill', 'roof', '3'])
})
describe('the mark beside a job', () => {
  const mark = (more: Partial<typeof FINISHED>) => standingOf({ ...FINISHED, ...more }).mark
  it('is the verdict of a proof that stands, a stop where it was stopped, else none', () => {
    expect(mark({})).toBe(FINISHED.proven?.verdict)
    expect(mark({ startup: { ...FINISHED.startup, turned: 'backwards' } })).toBe('stop')
    expect(mark({ ordered: { a: { what: 'Motor', from: '', due: null, arrived: false } } })).toBeNull()
    expect(mark({ proven: null })).toBeNull()
  })
})
it.each([
  ['stopped', 'stopped'],
  ['waiting', 'part'],
  ['later', 'come back'],
  ['estimate', 'estimate'],
  ['ended', 'ended'],
  ['open', 'Can'],
  ['done', 'Can'],
] as const)('a job that is %s stands in a table as “%s”', (kind, words) =>
  expect(nextInWords({ kind, next: 'capacitor' })).toBe(words),
)
