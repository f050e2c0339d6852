import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { foldJob } from '@oak/core/job/fold'
import { standingProof } from '@oak/core/job/standing-proof'
import { exampleOf } from './example'

const JOB = '00000000-0000-4000-8000-000000000abc'
const text = readFileSync(join(__dirname, '../../../../demo/1-saltmarsh-bakery.job.json'), 'utf8')

it('is finished and proven, named for what it is, under its own id, and takes nothing off the van', () => {
  const changes = exampleOf(text, JOB)
  const job = foldJob([...changes])
  expect(new Set(changes.map((c) => c.job))).toEqual(new Set([JOB]))
  expect(job.title).toBe('Example: Fan dead, north condenser')
  expect(standingProof(job)?.verdict).toBe('proven')
  expect(job.taken).toEqual({})
})

it('one that cannot be read is said to be so', () =>
  expect(() => exampleOf('{}', JOB)).toThrow('the example: This is not a job file of Oak Switch.'))
