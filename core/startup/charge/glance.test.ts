// The glance at its limits, and its sentences whole: sums by hand, limits as they are written beside their names.
import { glanceAtCharge, type GlanceInput, type GlanceLine } from './glance'
import { REFRIGERANTS } from './refrigerants'
import { pressuresOf, saturationFahrenheit } from './saturation'

const BLANK: GlanceInput = {
  refrigerant: 'R-22',
  suctionPsig: null,
  suctionFahrenheit: null,
  liquidPsig: null,
  liquidFahrenheit: null,
  outdoorFahrenheit: null,
  returnFahrenheit: null,
  supplyFahrenheit: null,
  targetSuperheat: null,
  targetSubcooling: null,
  metering: null,
  minutes: null,
}
const glance = (more: Partial<GlanceInput>) => glanceAtCharge({ ...BLANK, ...more })
const SUCTION_PSIG = 68.5
const LIQUID_PSIG = 211
const boils = saturationFahrenheit('R-22', SUCTION_PSIG, 'dew')!
const condenses = saturationFahrenheit('R-22', LIQUID_PSIG, 'bubble')!
const superheat = (by: number) =>
  glance({ suctionPsig: SUCTION_PSIG, suctionFahrenheit: boils + by }).superheat
const subcooling = (by: number) =>
  glance({ liquidPsig: LIQUID_PSIG, liquidFahrenheit: condenses - by }).subcooling
/** As a thermometer shows it. */
const at = (fahrenheit: number) => String(Number(fahrenheit.toFixed(1)))
const split = (by: number) => glance({ returnFahrenheit: 75, supplyFahrenheit: 75 - by }).split

type Case = readonly [number, string]
// A hair on either side of each limit; a line 2 °F past what can be is still put down to the clamp.
const LIMITS: readonly (readonly [string, (by: number) => GlanceLine, readonly Case[]])[] = [
  [
    'superheat',
    superheat,
    [
      [-2.1, 'impossible'],
      [-1.9, 'low'],
      [4.9, 'low'],
      [5.1, 'usual'],
      [19.9, 'usual'],
      [20.1, 'high'],
    ],
  ],
  [
    'subcooling',
    subcooling,
    [
      [-2.1, 'impossible'],
      [-1.9, 'low'],
      [4.9, 'low'],
      [5.1, 'usual'],
      [14.9, 'usual'],
      [15.1, 'high'],
    ],
  ],
  [
    'split',
    split,
    [
      [-2.1, 'impossible'],
      [-2, 'low'],
      [13.9, 'low'],
      [14, 'usual'],
      [22, 'usual'],
      [22.1, 'high'],
    ],
  ],
]
it.each(LIMITS)('%s changes its verdict at its limits', (_, of, cases) => {
  for (const [by, verdict] of cases) {
    expect([by, of(by).verdict]).toEqual([by, verdict])
    expect(of(by).difference).toBeCloseTo(by, 9)
  }
})

it('each line says its sum, what it is, and what is usual', () => {
  // R-22 boils at 40 °F at 68.5 psig and condenses at 105 °F near 211 psig (charts, from memory).
  expect(superheat(12).text).toBe(
    `Superheat ${at(boils + 12)} − ${at(boils)} = 12 °F; as usual: 5 to 20 °F is usual, the unit’s own chart counts.`,
  )
  expect(subcooling(3).text).toBe(
    `Subcooling ${at(condenses)} − ${at(condenses - 3)} = 3 °F; low: 5 to 15 °F is usual, the unit’s own chart counts.`,
  )
  expect(superheat(-10).text).toBe(
    `Superheat ${at(boils - 10)} − ${at(boils)} = −10 °F cannot be: the clamp, the gauge or the refrigerant is not what it is taken for.`,
  )
  expect(split(25).text).toBe('Air 75 − 50 = 25 °F across the coil; high: look at the airflow first.')
  expect(split(10).text).toBe('Air 75 − 65 = 10 °F across the coil; low.')
  expect(split(18).text).toBe('Air 75 − 57 = 18 °F across the coil; as usual.')
  expect(split(-20).text).toBe(
    'The supply is 20 °F warmer than the return: it heats, or the two are exchanged.',
  )
})

it('in °C a sum that is read comes to what is read, and its verdict follows from it', () => {
  const sum = /(−?[\d.]+) − (−?[\d.]+) = (−?[\d.]+) °C/
  const number = (text = '') => Number(text.replace('−', '-'))
  for (let tenths = -15; tenths < 260; tenths += 1) {
    const fahrenheit = boils + tenths / 10
    const { text, verdict } = glanceAtCharge(
      { ...BLANK, suctionPsig: SUCTION_PSIG, suctionFahrenheit: fahrenheit },
      'C',
    ).superheat
    const [line, dew, difference] = (sum.exec(text) ?? []).slice(1).map(number)
    // 0 °C is 32 °F, 5 steps of it are 9 (definition).
    expect(Math.abs(line! - ((fahrenheit - 32) * 5) / 9)).toBeLessThanOrEqual(0.0501)
    expect(Math.abs(dew! - ((boils - 32) * 5) / 9)).toBeLessThanOrEqual(0.0501)
    expect(difference).toBeCloseTo(line! - dew!, 9)
    // 5 to 20 °F of superheat are 2.8 to 11.1 °C.
    expect([text, verdict]).toEqual([text, difference! < 2.8 ? 'low' : difference! > 11.1 ? 'high' : 'usual'])
    expect(text).toContain(': 2.8 to 11.1 °C is usual')
  }
})

it('in °C the notes and the air read so too', () => {
  const g = glanceAtCharge(
    { ...BLANK, outdoorFahrenheit: 14, returnFahrenheit: 68, supplyFahrenheit: 50 },
    'C',
  )
  expect(g.split.text).toBe('Air 20 − 10 = 10 °C across the coil; as usual.')
  expect(g.notes.slice(0, 2)).toEqual([
    '−10 °C outdoors: pressures and subcooling read low in the cold. The charge cannot be judged so.',
    '20 °C return air is a low load: a low superheat may be no more than that.',
  ])
})

it('what is not read is named, with what can be said all the same', () => {
  expect(glance({ suctionPsig: SUCTION_PSIG }).superheat).toMatchObject({
    saturation: boils,
    difference: null,
    text: `The suction line’s temperature is not read; it boils at ${at(boils)} °F there.`,
  })
  // 105 °F: R-22 at 211 psig, as above. What is liquid has condensed.
  expect(glance({ liquidPsig: 211 }).subcooling.text).toBe(
    `The liquid line’s temperature is not read; it condenses at ${at(condenses)} °F there.`,
  )
  expect(glance({}).subcooling.text).toBe('The liquid pressure is not read.')
  for (const half of [{ returnFahrenheit: 75 }, { supplyFahrenheit: 57 }, {}])
    expect(glance(half).split).toEqual({
      saturation: null,
      difference: null,
      usual: { low: 14, high: 22 },
      verdict: 'cannotTell',
      text: 'Air temperatures at the coil are not read.',
    })
})

it('the range that is drawn is the one that is said, read or not', () => {
  const { superheat, subcooling } = glance({
    suctionPsig: SUCTION_PSIG,
    suctionFahrenheit: boils + 10,
    liquidPsig: 211,
    liquidFahrenheit: 95,
  })
  for (const line of [superheat, subcooling])
    expect(line.text).toContain(`: ${line.usual.low} to ${line.usual.high} °F is usual`)
  expect(glance({}).superheat.usual).toEqual(superheat.usual)
  expect(glance({}).subcooling.usual).toEqual(subcooling.usual)
})

it('a pressure past the table says how far the table reaches', () => {
  const { low, high } = pressuresOf('R-22', 'bubble')
  expect(glance({ liquidPsig: 2000, liquidFahrenheit: 90 }).subcooling.text).toBe(
    `2000 psig is outside the table of R-22 (${low.toFixed(0)} to ${high.toFixed(0)} psig): nothing is said beyond it. Is the refrigerant the right one?`,
  )
})

const WHOSE_WORK =
  'Refrigerant work needs certification. These figures say whether to look further, not what to add or remove.'
const notes = (more: Partial<GlanceInput>) => glance(more).notes
it('what makes the figures mean little is said below its limit and not at it', () => {
  expect(notes({ outdoorFahrenheit: 65, returnFahrenheit: 70, minutes: 10 })).toEqual([WHOSE_WORK])
  expect(notes({ outdoorFahrenheit: 64, returnFahrenheit: 69, minutes: 9.4 })).toEqual([
    '64 °F outdoors: pressures and subcooling read low in the cold. The charge cannot be judged so.',
    '69 °F return air is a low load: a low superheat may be no more than that.',
    'It has run 9 minutes; it settles in 10 or more.',
    WHOSE_WORK,
  ])
})
it('a blend that glides and one that burns say so', () => {
  expect(notes({ refrigerant: 'R-407C' })).toEqual([
    'R-407C glides: superheat is counted from its dew point, subcooling from its bubble point.',
    WHOSE_WORK,
  ])
  expect(notes({ refrigerant: 'R-32' })).toEqual([
    'R-32 is mildly flammable (A2L): tools and cylinders made for it only.',
    WHOSE_WORK,
  ])
  expect(notes({ refrigerant: 'R-22' })).toEqual([WHOSE_WORK])
})
it('between two rows of the table the temperature lies between theirs, and rises with pressure', () => {
  for (const id of REFRIGERANTS) {
    const { low, high } = pressuresOf(id, 'dew')
    const temperatures = Array.from({ length: 60 }, (_, i) =>
      saturationFahrenheit(id, low + ((high - low) * i) / 59, 'dew')!,
    )
    expect(temperatures.every((t, i) => i === 0 || t > temperatures[i - 1]!)).toBe(true)
    // The vapour-pressure curve bends down (Clausius-Clapeyron): the middle lies above the chord's, and by steps that shrink.
    const steps = temperatures.slice(1).map((t, i) => t - temperatures[i]!)
    expect(steps[5]!).toBeGreaterThan(steps[50]!)
  }
})

describe('a glance at the charge', () => {
  it('51 − 28 and 77 − 67 (common practice): superheat 23, subcooling 10', () => {
    // R-22 boils at 28 °F at 52.4 psig and condenses at 77 °F at 136.7 psig (charts, from memory).
    const g = glance({ suctionPsig: 52.4, suctionFahrenheit: 51, liquidPsig: 136.7, liquidFahrenheit: 67 })
    expect([
      Math.round(g.superheat.difference as number),
      Math.round(g.subcooling.difference as number),
    ]).toEqual([23, 10])
    expect([g.superheat.verdict, g.subcooling.verdict]).toEqual(['high', 'usual'])
  })
  it('where a blend glides, counts superheat from the dew point and subcooling from the bubble point', () => {
    const g = glance({
      refrigerant: 'R-407C',
      suctionPsig: 63.2,
      suctionFahrenheit: 52,
      liquidPsig: 225.5,
      liquidFahrenheit: 90,
    })
    expect([
      Math.round(g.superheat.difference as number),
      Math.round(g.subcooling.difference as number),
    ]).toEqual([12, 10])
    expect(g.superheat.text).toContain('from the dew point')
    expect(g.subcooling.text).toContain('from the bubble point')
    expect(
      glance({ refrigerant: 'R-410A', suctionPsig: 118, suctionFahrenheit: 52 }).superheat.text,
    ).not.toContain('dew')
  })
  it('readings that cannot be are said to be so, never used', () => {
    expect(glance({ suctionPsig: 68.6, suctionFahrenheit: 20 }).superheat).toMatchObject({
      verdict: 'impossible',
      text: expect.stringContaining('cannot be'),
    })
    expect(glance({ returnFahrenheit: 60, supplyFahrenheit: 90 }).split.verdict).toBe('impossible')
  })
  it('a pressure outside the table gives no temperature and no verdict', () =>
    expect(glance({ suctionPsig: 2000, suctionFahrenheit: 50 }).superheat).toMatchObject({
      saturation: null,
      difference: null,
      verdict: 'cannotTell',
      text: expect.stringContaining('outside the table of R-22'),
    }))
  it('what was not read is named', () =>
    expect(glance({}).superheat.text).toBe('The suction pressure is not read.'))
  it('cold, low load and too early are said; no advice to add or to remove, ever', () => {
    const { notes } = glance({
      refrigerant: 'R-454B',
      outdoorFahrenheit: 55,
      returnFahrenheit: 66,
      minutes: 4,
    })
    expect(notes.map((n) => n.slice(0, 12))).toEqual([
      '55 °F outdoo',
      '66 °F return',
      'It has run 4',
      'R-454B glide',
      'R-454B is mi',
      'Refrigerant ',
    ])
    expect(notes.join(' ')).not.toMatch(/\b(add|remove|recover) (a |some )?(charge|refrigerant)\b/i)
  })
})

describe('too cool, or too little load, to judge', () => {
  const good = {
    suctionPsig: SUCTION_PSIG,
    suctionFahrenheit: boils + 12,
    liquidPsig: LIQUID_PSIG,
    liquidFahrenheit: condenses - 10,
  }
  const verdicts = (more: Partial<GlanceInput>) => {
    const { superheat: heat, subcooling: cool } = glance({ ...good, ...more })
    return [heat.verdict, cool.verdict]
  }
  it('outdoors from 65 °F on, and the load from 70 °F of return air on', () => {
    expect(verdicts({ outdoorFahrenheit: 65 })).toEqual(['usual', 'usual'])
    expect(verdicts({ outdoorFahrenheit: 64.9 })).toEqual(['cannotTell', 'cannotTell'])
    expect(verdicts({ returnFahrenheit: 70 })).toEqual(['usual', 'usual'])
    // Load moves the superheat; the subcooling is judged all the same.
    expect(verdicts({ returnFahrenheit: 69.9 })).toEqual(['cannotTell', 'usual'])
  })
  it('the sum is shown, and why it tells nothing', () => {
    const { superheat: heat } = glance({ ...good, outdoorFahrenheit: 60 })
    expect(heat.text).toBe(
      `Superheat ${at(boils + 12)} − ${at(boils)} = 12 °F; not judged: 60 °F outdoors is too cool, 65 °F is the least.`,
    )
    expect(heat.difference).toBeCloseTo(12, 9)
    expect(glance({ ...good, returnFahrenheit: 60 }).superheat.text).toContain(
      'not judged: 60 °F return air is too little load, 70 °F is the least.',
    )
  })
  it('behind a fixed orifice superheat asks for the chart, and subcooling says little; behind a valve both are judged', () => {
    expect(verdicts({ metering: 'valve' })).toEqual(['usual', 'usual'])
    expect(verdicts({ metering: 'fixed' })).toEqual(['cannotTell', 'cannotTell'])
    expect(verdicts({ metering: 'fixed', targetSuperheat: 12 })).toEqual(['usual', 'cannotTell'])
    expect(glance({ ...good, metering: 'fixed' }).superheat.text).toContain(
      'not judged: behind a fixed orifice it follows the load. Note what the unit’s chart asks for at this air.',
    )
    expect(glance({ ...good, metering: 'fixed' }).subcooling.text).toContain(
      'not judged: behind a fixed orifice it says little; its superheat is what the chart gives.',
    )
  })
  it('the unit’s own target takes the place of what is usual, 3 °F to either side', () => {
    const against = (target: number) =>
      glance({ suctionPsig: SUCTION_PSIG, suctionFahrenheit: boils + 12, targetSuperheat: target }).superheat
    expect([8.9, 9, 15, 15.1].map((t) => against(t).verdict)).toEqual(['high', 'usual', 'usual', 'low'])
    expect(against(14).text).toBe(
      `Superheat ${at(boils + 12)} − ${at(boils)} = 12 °F; on target: 11 to 17 °F by the unit’s own target.`,
    )
    expect(against(20).text).toContain('; low: 17 to 23 °F by the unit’s own target.')
    // Never below nothing.
    expect(against(1).usual).toEqual({ low: 0, high: 4 })
    const cool = glance({
      liquidPsig: LIQUID_PSIG,
      liquidFahrenheit: condenses - 10,
      targetSubcooling: 5,
    }).subcooling
    expect(cool.verdict).toBe('high')
  })
})
