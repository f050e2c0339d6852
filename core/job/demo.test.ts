// The demo's jobs as a visitor finds them: each readable, at its telling moment, and nothing called proven that the core does not prove now.
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { workOutHookup } from '../circuit/hookup'
import { requestOnSupply } from '../circuit/request'
import { knownUnitType } from '../wiring/unit-types'
import { foldJob } from './fold'
import { hookupInput } from './inputs/hookup-input'
import { readJobFile } from './job-file'
import { mountingChecks } from '../mounting/checklist'
import { mountedAs } from './inputs/mount-input'
import { composeReport } from './report/report'
import { standingProof } from './standing-proof'
import { visitState } from './visit/visit-state'

const FOLDER = join(__dirname, '..', '..', 'demo')
const JOBS = readdirSync(FOLDER)
  .filter((name) => name.endsWith('.job.json'))
  .map((name) => {
    const read = readJobFile(readFileSync(join(FOLDER, name), 'utf8'))
    if (!read.ok) throw new Error(`${name}: ${JSON.stringify(read.problems)}`)
    return { name: name.replace('.job.json', ''), job: foldJob(read.file.changes) }
  })
const jobOf = (name: string) => JOBS.find((j) => j.name === name)!.job
const linesOf = (name: string, section: string) =>
  composeReport(jobOf(name), 'plain')
    .sections.find((s) => s.id === section)
    ?.lines.join(' ') ?? ''

it('stand at telling moments, each kind of them there', () =>
  expect(Object.fromEntries(JOBS.map(({ name, job }) => [name, visitState(job).kind]))).toEqual({
    '1-saltmarsh-bakery': 'done',
    '2-gull-street-clinic': 'open',
    '3-ferrymans-hall': 'open',
    '4-linden-row-library': 'open',
    '5-harbour-view-hotel': 'open',
    '6-tide-mill-workshop': 'open',
    '7-net-loft-cafe': 'done',
    '8-heron-court': 'done',
    '9-ropewalk-gym': 'waiting',
    '10-ferry-office': 'estimate',
    '11-sailmakers-hall': 'done',
  }))
it('what is said to be proven is proven now, by the same words', () => {
  const proven = JOBS.filter(({ job }) => job.proven)
  expect(proven.length).toBeGreaterThan(2)
  for (const { name, job } of proven) {
    const { unit, supply, ...rest } = hookupInput(job)!
    const { request } = requestOnSupply(knownUnitType(unit), supply, rest)
    expect([name, workOutHookup(request).proof.sentence]).toEqual([name, standingProof(job)?.sentence])
  }
})
it('two of them are complete: nothing is missing but what nobody read', () => {
  for (const name of ['7-net-loft-cafe', '8-heron-court']) {
    const report = composeReport(jobOf(name), 'technical')
    expect([name, report.sections.find((s) => s.id === 'gaps')?.lines ?? []]).toEqual([name, []])
    expect([name, report.photos.length, report.estimate?.accepted !== null]).toEqual([name, 2, true])
    const job = jobOf(name)
    const checks = mountingChecks(knownUnitType(job.unit!), mountedAs(job)).map((c) => c.id)
    // Nothing is mounted where the old motor stays.
    expect([name, job.motorStays || checks.every((id) => job.mountChecks[id])]).toEqual([name, true])
    expect([name, job.motorPlate !== null, job.canMarking !== null]).toEqual([name, true, true])
  }
})
it('every picture that a job speaks of ships with it, and no other', () => {
  const spoken = JOBS.flatMap(({ job }) => Object.keys(job.photos)).sort()
  const there = readdirSync(join(FOLDER, 'photos')).map((name) => name.replace('.jpg', ''))
  expect(there.sort()).toEqual(spoken)
})
it('the motor that stays is not called new, the part that is waited for is named', () => {
  expect(linesOf('7-net-loft-cafe', 'done')).toContain('The fan motor stays.')
  expect(linesOf('8-heron-court', 'done')).toContain('A new fan motor: Alder 33B.')
  expect(linesOf('9-ropewalk-gym', 'parts')).toBe(
    'On order: Motor, 3/4 hp, 1075 rpm, 208–230 V, for 20 Jul 2026',
  )
  expect(linesOf('10-ferry-office', 'found')).toContain('A winding of the compressor has gone to ground.')
})
