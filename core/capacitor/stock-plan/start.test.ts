import { planStart, type StartPart } from './start'

const start = (id: string, low: number, high: number, more: Partial<StartPart> = {}): StartPart => ({
  id,
  name: id,
  low,
  high,
  volts: 330,
  quantity: 1,
  cents: 3000,
  measured: null,
  ...more,
})
const WANTED = { low: 135, high: 162, volts: 250 }
const fitsOf = (parts: StartPart[]) => planStart(parts, WANTED).fits.map((f) => f.part)

describe('a start capacitor', () => {
  it('of the same range comes first, then the narrower, then the cheaper', () => {
    expect(
      fitsOf([
        start('narrow', 140, 150),
        start('dear', 135, 162, { cents: 4000 }),
        start('same', 135, 162),
        start('off', 189, 227),
      ]),
    ).toEqual(['same', 'dear', 'narrow'])
  })
  it('of an overlapping range fits only when it was read inside', () => {
    expect(fitsOf([start('over', 145, 174)])).toEqual([])
    expect(planStart([start('over', 145, 174)], WANTED).problems).toEqual([
      'over is marked 145–174 µF, only partly inside 135–162 µF: measure it, discharged and with its leads off.',
    ])
    expect(fitsOf([start('over', 145, 174, { measured: 158 })])).toEqual(['over'])
    expect(fitsOf([start('over', 145, 174, { measured: 170 })])).toEqual([])
  })
  it('that reads outside its own marking is condemned, even where its reading is what is asked for', () => {
    expect(planStart([start('weak', 189, 227, { measured: 150 })], WANTED)).toEqual({
      fits: [],
      problems: ['Every start capacitor on the van reads outside its marked range.'],
    })
  })
  it('of a lower rating never; a higher one serves', () => {
    expect(planStart([start('low', 135, 162, { volts: 220 })], WANTED).problems).toEqual([
      'No start capacitor on the van is rated 250 V or more.',
    ])
    expect(planStart([start('high', 135, 162, { volts: 330 })], WANTED).fits[0]?.why).toBe(
      'Marked as asked for, 135–162 µF; 330 V, more than the 250 V asked for.',
    )
  })
  it('none there: said', () =>
    expect(planStart([start('gone', 135, 162, { quantity: 0 })], WANTED).problems).toEqual([
      'There is no start capacitor on the van.',
    ]))
})

it('a reading exactly at either end of its own range is inside it', () => {
  for (const measured of [135, 162]) expect(fitsOf([start('edge', 135, 162, { measured })])).toEqual(['edge'])
  for (const measured of [134.9, 162.1]) expect(fitsOf([start('edge', 135, 162, { measured })])).toEqual([])
})
it('volts exactly as asked for are enough', () =>
  expect(fitsOf([start('same', 135, 162, { volts: 250 })])).toEqual(['same']))

describe('in words', () => {
  const why = (part: StartPart) => planStart([part], WANTED).fits[0]?.why
  it('why one fits', () => {
    expect(why(start('same', 135, 162, { volts: 250 }))).toBe('Marked as asked for, 135–162 µF; 250 V.')
    expect(why(start('narrow', 140, 150))).toBe(
      'Marked 140–150 µF, wholly inside 135–162 µF; 330 V, more than the 250 V asked for.',
    )
    expect(why(start('high', 140, 162, { volts: 250 }))).toBe(
      'Marked 140–162 µF, wholly inside 135–162 µF; 250 V.',
    )
    expect(why(start('read', 145, 174, { measured: 158, volts: 250 }))).toBe(
      'Reads 158 µF, inside 135–162 µF; 250 V.',
    )
  })
  it('why none does', () => {
    const said = (...parts: StartPart[]) => planStart(parts, WANTED).problems
    expect(said(start('off', 189, 227))).toEqual(['None on the van is marked inside 135–162 µF.'])
    // Ranges that only meet at an end have nothing in common that a reading could find.
    expect(said(start('above', 162, 194))).toEqual(['None on the van is marked inside 135–162 µF.'])
    expect(said(start('below', 108, 135))).toEqual(['None on the van is marked inside 135–162 µF.'])
    expect(said(start('below', 108, 136))).toEqual([
      'below is marked 108–136 µF, only partly inside 135–162 µF: measure it, discharged and with its leads off.',
    ])
  })
})
it('the narrower first, then the cheaper, then by name; one without a price counts as free', () => {
  expect(
    fitsOf([
      start('wide', 136, 160),
      start('b', 140, 150, { cents: 2000 }),
      start('a', 140, 150, { cents: 2000 }),
      start('dear', 140, 150, { cents: 2500 }),
      start('free', 140, 150, { cents: null }),
      start('least', 146, 150),
    ]),
  ).toEqual(['least', 'free', 'a', 'b', 'dear', 'wide'])
})
it('the same lower end alone is not the same range', () =>
  expect(fitsOf([start('half', 135, 161), start('narrow', 140, 150), start('upper', 141, 162)])).toEqual([
    'narrow',
    'upper',
    'half',
  ]))
it('tells part, name and price of what fits', () =>
  expect(planStart([start('x', 140, 150, { name: 'Start can', cents: null })], WANTED).fits[0]).toMatchObject(
    {
      part: 'x',
      name: 'Start can',
      cents: null,
    },
  ))
