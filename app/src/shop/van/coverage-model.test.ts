import { CANS } from '@oak/core/capacitor/cans'
import { EMPTY_JOB, type JobDocument } from '@oak/core/job/document'
import { summaryOf } from '@oak/core/job/summary/summary'
import { leadSheetById } from '@oak/core/motor/lead-sheets'
import { boundText, CATALOGUE, catalogueOf, cellText, pastCalls } from './coverage-model'

const of = (more: Partial<JobDocument>) => summaryOf('job', [], { ...EMPTY_JOB, ...more })

it('says a cell in words', () => {
  expect(cellText({ compressor: 45, fan: 5, parts: 1, worstErrorPercent: 0, by: [] })).toBe(
    '45/5: one capacitor, exact',
  )
  expect(cellText({ compressor: 40, fan: 7.5, parts: 2, worstErrorPercent: 2.53, by: [] })).toBe(
    '40/7.5: 2 capacitors, 2.5 % off at most',
  )
  expect(cellText({ compressor: 80, fan: 15, parts: null, worstErrorPercent: null, by: [] })).toBe(
    '80/15: cannot be met',
  )
})
it('takes from jobs what they asked for, and leaves out those that say nothing', () => {
  expect(
    pastCalls([
      of({}),
      of({ compressorMicrofarads: 40 }),
      of({ motor: leadSheetById('rowan-33m')! }),
      of({ compressorMicrofarads: 35, removed: true }),
    ]),
  ).toEqual([
    { compressor: 40, fan: null },
    { compressor: null, fan: 10 },
  ])
})
it('offers each part once', () => expect(new Set(CATALOGUE.map((p) => p.id)).size).toBe(CATALOGUE.length))
it('takes the counter’s prices for what it has, and about-prices for the rest', () => {
  const counter = (name: string, sections: number[], stock: number) => ({
    kind: 'capacitor' as const,
    name,
    what: '',
    cents: 4321,
    stock,
    back: null,
    sections,
    volts: 440,
  })
  const { catalogue, known } = catalogueOf([
    counter('Twin 45/5', [45, 5], 3),
    counter('Dual 50/5', [50, 5], 0),
    { kind: 'motor', name: 'M', what: '', cents: 1, stock: 1, back: null },
  ])
  expect([...known]).toEqual(['Twin 45/5'])
  expect(catalogue.find((p) => p.id === 'Twin 45/5')?.cents).toBe(4321)
  expect(catalogue.find((p) => p.id === 'Dual 45/5')).toBeUndefined()
  expect(catalogue.find((p) => p.id === 'Dual 50/5')?.cents).not.toBe(4321)
})
it('says how far from the best it may be', () => {
  expect(boundText(97, 100)).toBe('Within 3 % of the best possible: at most 3 more.')
  expect(boundText(100, 100)).toBe('No purchases within that number and budget meet more.')
})

it('a part that no counter has a price for is weighed by what it holds: more µF and more taps cost more', () => {
  const cents = (name: string) => CATALOGUE.find((p) => p.name === name)?.cents ?? 0
  // 6 $ for a can, 30 ct a µF: a single 5 is 7.50 $, a dual 45/5 is 21 $.
  expect([cents('Single 5'), cents('Dual 45/5')]).toEqual([750, 2100])
  const multi = CATALOGUE.find((p) => p.sections.length > 2)
  const microfarads = multi?.sections.reduce((sum, s) => sum + s.microfarads, 0) ?? 0
  expect(multi?.cents).toBe(600 + Math.round(30 * microfarads) + 1500)
})

it('exact is within a twentieth of a percent', () => {
  const cell = (worstErrorPercent: number) =>
    cellText({ compressor: 45, fan: 5, parts: 1, worstErrorPercent, by: [] })
  expect([cell(0.049), cell(0.05)]).toEqual([
    '45/5: one capacitor, exact',
    '45/5: one capacitor, 0.1 % off at most',
  ])
})
it('duals are offered with a fan side of 10 µF at the most, and every multi-tap that is known', () => {
  const names = CATALOGUE.map((p) => p.name)
  expect(names).toContain('Dual 45/10')
  expect(names).not.toContain('Dual 45/12.5')
  expect(names).toContain('Single 12.5')
  expect(names.filter((name) => CANS.some((can) => can.name === name))).toEqual(
    CANS.filter((can) => can.sections.length > 2).map((can) => can.name),
  )
  for (const p of CATALOGUE) expect(p).toMatchObject({ volts: 440, quantity: 1, id: p.name })
})
it('a part of the counter with a known name stands in place of ours, whatever it holds', () => {
  const { catalogue } = catalogueOf([
    {
      kind: 'capacitor',
      name: 'Single 5',
      what: '',
      cents: 99.6,
      stock: 1,
      back: null,
      sections: [5.5],
      volts: 370,
    },
  ])
  expect(catalogue.filter((p) => p.name === 'Single 5')).toEqual([
    {
      id: 'Single 5',
      name: 'Single 5',
      volts: 370,
      quantity: 1,
      cents: 100,
      sections: [{ id: '0', microfarads: 5.5, measured: null, dead: false }],
    },
  ])
})
it('a plate’s microfarads are asked for where no motor was picked', () => {
  const motorPlate = { microfarads: 5 } as unknown as typeof EMPTY_JOB.motorPlate
  expect(pastCalls([of({ motorPlate })])).toEqual([{ compressor: null, fan: 5 }])
})
