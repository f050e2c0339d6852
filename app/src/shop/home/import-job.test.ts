import { change } from '../../platform/sync/testing/change'
import { FINISHED } from '@oak/core/job/testing/finished'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { TextDecoder } from 'node:util'
import { clashWith, missingWords, readJob } from './import-job'

// The browser of the tests has none.
Object.assign(globalThis, { TextDecoder })

const TEXT = readFileSync(
  join(__dirname, '..', '..', '..', '..', 'demo', '1-saltmarsh-bakery.job.json'),
  'utf8',
)
const file = (bytes: Buffer, more: object = {}) =>
  ({
    name: 'a.job.json',
    size: bytes.length,
    arrayBuffer: () => Promise.resolve(new Uint8Array(bytes).buffer),
    ...more,
  }) as unknown as File
const said = async (of: File) => {
  const read = await readJob(of)
  return read.ok ? 'read' : read.message
}
it('reads a plain job file as ever', async () => {
  const read = await readJob(file(Buffer.from(TEXT)))
  expect(read.ok && read.taken.photos.size).toBe(0)
  expect(FINISHED.title).not.toBe('')
})
it('says what is wrong with a file, and that nothing was changed', async () => {
  expect(await said(file(Buffer.from(TEXT.slice(0, 900))))).toBe(
    'The file is cut short or damaged: its JSON does not end as it should. No job was changed.',
  )
  expect(await said(file(Buffer.from('PK and no more')))).toBe(
    'The file is cut short or damaged: it cannot be unpacked. No job was changed.',
  )
  expect(await said(file(Buffer.from('{}'), { size: 150_000_001 }))).toBe(
    'a.job.json is larger than 150 MB: that is not such a file. No job was changed.',
  )
  expect(await said(file(Buffer.alloc(5_000_001, 32)))).toBe(
    'a.job.json is larger than 5 MB: that is not such a file. No job was changed.',
  )
  expect(await said(file(Buffer.from('x'), { arrayBuffer: () => Promise.reject(new Error('gone')) }))).toBe(
    'a.job.json could not be read. No job was changed.',
  )
  const wrong = TEXT.replace('"cooling-1-pole-shared-capacitor"', '7')
  expect(await said(file(Buffer.from(wrong)))).toMatch(/\(at changes › \d+ › value.*\) No job was changed\.$/)
})
it('the same changes again stand against nothing, also under the time that the server gave them', () => {
  expect(clashWith([change(1), change(2)], [change(2), change(3)])).toBeNull()
  expect(clashWith([change(1, 1, 50)], [change(1)])).toBeNull()
})
it('a known edit with other contents changes nothing and is said, once for all of them', () => {
  expect(clashWith([change(1)], [change(1, 'other'), change(2)])).toMatch(
    /^One edit in this file is here already, with other contents: .* No job was changed\.$/,
  )
  expect(clashWith([change(1), change(2)], [change(1, 'a'), change(2, 'b')])).toMatch(
    /^2 edits in this file are here already/,
  )
})
it('says how many photos a file lacks', () => {
  expect([missingWords(0), missingWords(1), missingWords(3)]).toEqual([
    null,
    'One photo of this job was not in the file. It shows once the server has it.',
    '3 photos of this job were not in the file. They show once the server has them.',
  ])
})
