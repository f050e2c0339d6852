// `npx tsx scripts/demo/make.ts`: writes the demo's worked-through jobs and their pictures. What is proven in them is proven here, by the core itself:
// run it again when what a proof rests on has changed. The jobs that stand at telling moments are files of their own.
import { mkdirSync, writeFileSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { workOutHookup } from '../../core/circuit/hookup'
import { requestOnSupply } from '../../core/circuit/request'
import { parseChange, type Change } from '../../core/job/change'
import { foldJob } from '../../core/job/fold'
import { hookupInput } from '../../core/job/inputs/hookup-input'
import { writeJobFile } from '../../core/job/job-file'
import { printOf } from '../../core/job/print'
import { knownUnitType } from '../../core/wiring/unit-types'
import type { Edit } from './edits'
import { DEMO_JOBS, type DemoJob } from './jobs'
import { drawPhotos } from './photos'

const folder = resolve(__dirname, '..', '..', 'demo')
const STEP_MS = 20_000

/** The job's changes, one after the other, each checked as the app checks it. */
class Record {
  readonly changes: Change[] = []
  constructor(private readonly job: DemoJob) {}

  add(edits: readonly Edit[]): void {
    const id = String(this.job.n).padStart(12, '0')
    for (const [path, value] of edits) {
      const k = this.changes.length + 1
      const change = {
        id: `01950000-0000-7000-90${String(this.job.n).padStart(2, '0')}-${String(k).padStart(12, '0')}`,
        job: `01950000-0000-7000-8000-${id}`,
        path: [...path],
        value,
        at: this.job.begun + k * STEP_MS,
        device: `01950000-0000-7000-a000-${id}`,
        technician: this.job.technician,
      }
      const parsed = parseChange(change)
      if (!parsed.ok)
        throw new Error(`${this.job.file} ${path.join('.')}: ${JSON.stringify(parsed.problems)}`)
      this.changes.push(parsed.change)
    }
  }
}

/** Proven by the core, or there is no demo of it. */
function proven(record: Record): Edit {
  const input = hookupInput(foldJob(record.changes))
  if (!input) throw new Error('the hookup is not whole')
  const { unit, supply, ...rest } = input
  const { request } = requestOnSupply(knownUnitType(unit), supply, rest)
  const { verdict, sentence } = workOutHookup(request).proof
  if (verdict !== 'proven' && verdict !== 'watch') throw new Error(`not proven: ${sentence}`)
  return [['proven'], { verdict, sentence, print: printOf(input) }]
}

async function main(): Promise<void> {
  for (const job of DEMO_JOBS) {
    const record = new Record(job)
    record.add(job.edits)
    if (job.then) record.add(job.then(foldJob(record.changes)))
    if (job.after) {
      record.add([proven(record)])
      record.add(job.after)
    }
    const id = record.changes[0]?.job ?? ''
    writeFileSync(join(folder, `${job.file}.job.json`), writeJobFile(id, record.changes))
  }
  mkdirSync(join(folder, 'photos'), { recursive: true })
  await drawPhotos(join(folder, 'photos'))
}

main().catch((error: unknown) => {
  console.error(error)
  process.exit(1)
})
