import { UNIT_TYPE_IDS } from '../wiring/unit-types'
import fc from 'fast-check'
import { readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { requestFor, tracedWires, unitOf } from '../testing/fixtures'
import { compareChanges, nextTime, parseChange, type Change } from './change'
import { EMPTY_JOB } from './document'
import { foldJob, historyOf } from './fold'
import { hookupInput, hookupNeeds } from './inputs/hookup-input'
import { readJobFile, writeJobFile } from './job-file'
import { standingProof } from './standing-proof'

const uuid = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`
const JOB = uuid(1)
const change = (n: number, path: string[], value: unknown, at = 1_800_000_000_000 + n): Change => ({
  id: uuid(n),
  job: JOB,
  path,
  value,
  at,
  device: uuid(900),
  technician: 'Ines',
})

const anyChange = fc
  .record({
    n: fc.integer({ min: 1, max: 9999 }),
    path: fc.constantFrom(['title'], ['site'], ['wires', 'a'], ['wires', 'b'], ['placements', 'black']),
    value: fc.oneof(fc.string(), fc.constant(null)),
    at: fc.integer({ min: 0, max: 5 }),
  })
  .map(({ n, path, value, at }) => change(n, path, value, 1_800_000_000_000 + at))
const manyChanges = fc.uniqueArray(anyChange, { maxLength: 30, selector: (c) => c.id })

describe('the fold', () => {
  it('does not depend on the order in which changes arrive, nor on repeats', () =>
    fc.assert(
      fc.property(manyChanges, fc.infiniteStream(fc.nat()), (changes, keys) => {
        const shuffled = changes
          .map((c) => ({ c, key: keys.next().value as number }))
          .sort((a, b) => a.key - b.key)
          .map(({ c }) => c)
        expect(foldJob([...shuffled, ...shuffled.slice(0, 5)])).toEqual(foldJob(changes))
      }),
      { seed: 5, numRuns: 300 },
    ))
  it('gives each field its last value, as going through the sorted list does', () =>
    fc.assert(
      fc.property(manyChanges, (changes) => {
        const slow: Record<string, unknown> = {}
        for (const c of [...changes].sort(compareChanges)) slow[c.path.join('/')] = c.value
        const job = foldJob(changes)
        for (const [path, value] of Object.entries(slow)) {
          const [name, key] = path.split('/') as ['title' | 'wires', string | undefined]
          const got = key === undefined ? job[name] : (job[name] as Record<string, unknown>)[key]
          expect(got).toEqual(value ?? (key === undefined ? EMPTY_JOB[name] : undefined))
        }
      }),
      { seed: 6, numRuns: 300 },
    ))
  it('merges edits of different fields from two devices', () =>
    expect(foldJob([change(1, ['title'], 'Roof 3'), change(2, ['site'], 'North yard')])).toMatchObject({
      title: 'Roof 3',
      site: 'North yard',
    }))
  it('keeps the value that lost readable', () => {
    const history = historyOf([
      change(2, ['title'], 'second'),
      change(1, ['title'], 'first'),
      change(2, ['title'], 'second'),
    ])
    expect(history.map((h) => [h.change.value, h.stands])).toEqual([
      ['first', false],
      ['second', true],
    ])
  })
})

it('a new change comes after every change it has seen, also when the clock is behind', () => {
  const seen = [change(1, ['title'], 'x', 2_000_000_000_000)]
  expect(nextTime(1_900_000_000_000, seen)).toBe(2_000_000_000_001)
  expect(nextTime(2_100_000_000_000, seen)).toBe(2_100_000_000_000)
})

describe('a change at the edge', () => {
  const problems = (input: unknown) => {
    const parsed = parseChange(input)
    return parsed.ok ? [] : parsed.problems.map((p) => `${p.path}: ${p.message}`)
  }
  const cases: [string, unknown, string][] = [
    ['a field no job has', change(1, ['horse'], 'x'), 'path: A job has no field “horse”.'],
    ['a prototype', change(1, ['wires', '__proto__'], {}), 'path.1: That is no field.'],
    ['an inherited name', change(1, ['constructor'], {}), 'path: A job has no field “constructor”.'],
    [
      'a wire with no ends',
      change(1, ['wires', 'a'], {}),
      'value.from: The wire has no first end: name the terminal it leaves.',
    ],
    [
      'an unknown unit',
      change(1, ['unit'], 'boiler'),
      `value: The unit type must be one of: ${UNIT_TYPE_IDS.join(', ')}.`,
    ],
    [
      'a can with no sections',
      change(1, ['can'], { id: 'x', name: 'x', volts: 440, tolerancePercent: 6, sections: [] }),
      'value.sections: The can needs at least one section.',
    ],
    [
      'a section of 0 µF',
      change(1, ['can'], {
        id: 'x',
        name: 'x',
        volts: 440,
        tolerancePercent: 6,
        sections: [{ id: 'a', microfarads: 0 }],
      }),
      'value.sections.0.microfarads: The section must be above 0 µF (0.01 µF at least).',
    ],
    [
      'negative microfarads',
      change(1, ['compressorMicrofarads'], -5),
      'value: The compressor’s µF must be above 0 µF.',
    ],
    [
      'a reading of zero amps',
      change(1, ['readings', 'r'], {
        of: 'FAN',
        amps: 0,
        volts: 370,
        hertz: 60,
        ratedMicrofarads: 5,
        tolerancePercent: 6,
      }),
      'value.amps: Amps in the start lead must be above 0 A.',
    ],
    [
      'a name of 301 letters',
      change(1, ['title'], 'x'.repeat(301)),
      'value: The job’s name has 300 letters at most.',
    ],
    ['no id', { ...change(1, ['title'], 'x'), id: undefined }, 'id: The change’s id is missing.'],
    [
      'an extra field',
      { ...change(1, ['title'], 'x'), admin: true },
      'admin: “admin” is not a field Oak Switch knows here.',
    ],
    ['a time of nonsense', change(1, ['title'], 'x', 5), 'at: The time is before 2020.'],
  ]
  it.each(cases)('%s is refused', (_, input, message) => expect(problems(input)).toContain(message))
  it('300 letters in any script are taken', () =>
    expect(problems(change(1, ['title'], 'ж'.repeat(300)))).toEqual([]))
  it('null clears a field', () => expect(problems(change(1, ['motor'], null))).toEqual([]))
})

describe('a job file', () => {
  const text = writeJobFile(JOB, [change(1, ['title'], 'Roof 3'), change(2, ['compressorMicrofarads'], 40)])
  const message = (t: string) => {
    const read = readJobFile(t)
    return read.ok ? 'read' : `${read.problems[0]?.path}: ${read.problems[0]?.message}`
  }
  it('comes back as it was written', () =>
    expect(readJobFile(text)).toMatchObject({ ok: true, file: JSON.parse(text) as object }))
  it.each([
    [
      'cut short',
      text.slice(0, -20),
      ': The file is cut short or damaged: its JSON does not end as it should.',
    ],
    ['not JSON', 'hello', ': This file is not JSON.'],
    [
      'of another version',
      text.replace('"version": 1', '"version": 7'),
      'version: This job file is of another version; version 1 is read here.',
    ],
    ['of another kind', '{"format":"x"}', 'format: This is not a job file of Oak Switch.'],
    [
      'with extra fields',
      text.replace('"version": 1', '"version": 1, "owner": "me"'),
      'owner: “owner” is not a field Oak Switch knows here.',
    ],
    [
      'with a wrong value inside',
      text.replace('"value": 40', '"value": -1'),
      'changes.1.value: The compressor’s µF must be above 0 µF.',
    ],
    [
      'with another job’s change',
      text.replace(
        `"job": "${JOB}",\n      "path": [\n        "title"`,
        `"job": "${uuid(77)}",\n      "path": [\n        "title"`,
      ),
      'changes.0.job: A change in the file belongs to another job.',
    ],
    [
      'of 50 MB',
      `{"format":"oak-switch/job","x":"${'y'.repeat(50_000_000)}"}`,
      ': The file is larger than 5 MB: that is no job file.',
    ],
  ])('%s is refused whole', (_, t, expected) => expect(message(t)).toBe(expected))
})

describe('from a job to the hookup', () => {
  it('says what is missing, in the order of the work', () =>
    expect(hookupNeeds(EMPTY_JOB)).toEqual(['unit', 'wires', 'motor', 'can']))
  it('drops moves of leads that another motor had', () => {
    const request = requestFor()
    const wires = Object.fromEntries(
      tracedWires(unitOf('cooling-1-pole-shared-capacitor')).map(({ id, ...w }) => [id, w]),
    )
    const job = {
      ...EMPTY_JOB,
      unit: request.unit.id,
      wires,
      motor: request.sheet,
      can: { id: 'c', ...request.can, protectedStart: false },
      horsepower: '3/4',
      placements: { brown: { kind: 'loose' as const }, mauve: { kind: 'loose' as const } },
    }
    expect(hookupInput(job)).toMatchObject({ placements: [{ lead: 'brown' }], horsepower: null })
  })
})

it('a can recorded when a section said only that it stays is read as staying for the load that its id names', () => {
  const section = (id: string, stays?: unknown) => ({
    id,
    microfarads: 45,
    ...(stays === undefined ? {} : { stays }),
  })
  const read = parseChange(
    change(1, ['can'], {
      id: 'plan',
      name: 'Two',
      volts: 440,
      tolerancePercent: 6,
      protectedStart: false,
      sections: [section('1-HERM', true), section('2-5', false), section('3-FAN', 'FAN'), section('4')],
    }),
  )
  expect(
    read.ok && (read.change.value as { sections: { stays?: string }[] }).sections.map((s) => s.stays),
  ).toEqual(['HERM', undefined, 'FAN', undefined])
})

it.each(['id', 'job', 'device'])('a change whose %s is missing or odd is refused by that name', (key) => {
  const name = { id: 'The change’s id', job: 'The job’s id', device: 'The device’s id' }[key]
  const tell = (value: unknown) => {
    const read = parseChange({ ...change(1, ['title'], 'A'), [key]: value })
    return read.ok ? [] : read.problems
  }
  expect(tell(7)).toEqual([{ path: key, message: `${name} is missing.` }])
  expect(tell('42')).toEqual([{ path: key, message: `${name} is not an id.` }])
})

it('a technician’s name with a NUL in it is refused in words: no database holds it', () => {
  const read = parseChange({ ...change(1, ['title'], 'A'), technician: 'In\0es' })
  expect(read).toEqual({
    ok: false,
    problems: [{ path: 'technician', message: 'The technician’s name has a sign in it that is no letter.' }],
  })
})

it('the proof of a job as an older version wrote it still stands: new fields left blank change no print', () => {
  // The print that stands in the demo's file was made before supply, tolerance, compressor volts and silent outputs were fields.
  const read = readJobFile(
    readFileSync(resolve(__dirname, '..', '..', 'demo', '1-saltmarsh-bakery.job.json'), 'utf8'),
  )
  if (!read.ok) throw new Error('the demo job is not readable')
  const job = foldJob(read.file.changes)
  expect(standingProof(job)?.sentence).toBe('Proven in off and cooling.')
  expect(standingProof({ ...job, supplyVolts: 208 })).toBeNull()
  expect(standingProof({ ...job, tolerancePercent: 10 })).toBeNull()
  // Another reading of the same supply changes nothing; one of another supply does.
  const read_ = (value: number) => ({
    ...job,
    measurements: {
      'volts-supply': {
        quantity: 'volts' as const,
        value,
        accuracy: null,
        range: null,
        meter: 'typed',
        at: 1,
      },
    },
  })
  expect(standingProof(read_(236))?.sentence).toBe('Proven in off and cooling.')
  expect(standingProof(read_(480))).toBeNull()
})

it('of two changes of one moment the one with the lower id comes first, on every device', () => {
  const at = (ms: number, id: string) => ({ at: ms, id }) as Change
  expect([at(1, 'b'), at(1, 'a'), at(0, 'c')].sort(compareChanges).map((c) => c.id)).toEqual(['c', 'a', 'b'])
  expect(compareChanges(at(1, 'a'), at(1, 'a'))).toBe(0)
})
