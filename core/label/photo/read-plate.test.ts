// What a picture of a plate is taken to say, and what it is not.
import fc from 'fast-check'
import { seen } from '../../testing/seen'
import { readPlate as readAll } from './read-plate'
import type { PhotographedPlate, Proposal } from './proposal'
import type { SeenLines } from './words'

const readPlate = (...given: Parameters<typeof readAll>) => readAll(...given).proposals
const isSettled = (...given: Parameters<typeof readAll>) => readAll(...given).settled
const said = (proposals: readonly Proposal[]) =>
  Object.fromEntries(proposals.map(({ field, means }) => [field, means]))
/** The same seen by four looks. */
const read = (rows: readonly string[], plate: PhotographedPlate = 'motor', confidence?: number) =>
  said(
    readPlate(
      Array.from({ length: 4 }, () => seen(rows, confidence)),
      plate,
    ),
  )

const MOTOR = {
  horsepower: '1/4 horsepower',
  rpm: '1075 rpm',
  volts: '208 to 230 volts',
  amps: '1.4 amps',
}

describe('the ways in which plates are set', () => {
  it('lines of name and figure', () =>
    expect(read(['ROWAN ELECTRIC', 'HP 1/4   RPM 1075', 'VOLTS 208-230   AMPS 1.4'])).toEqual(MOTOR))
  it('figures before their units', () =>
    expect(read(['1/4 HP 1075 RPM', '208-230 V   1.4 A'])).toEqual(MOTOR))
  it('names in a row, figures in the row below', () =>
    expect(read(['HP     RPM     VOLTS', '1/4    1075    208-230', 'AMPS    HZ', '1.4     60'])).toEqual({
      ...MOTOR,
      hertz: '60 hertz',
    }))
  it('a form, names left and figures right, with a speck between', () =>
    expect(
      read(['HORSEPOWER     |   1/4', 'RPM            1075', 'VOLTS    .     208-230', 'AMPS           1.4']),
    ).toEqual(MOTOR))
  it('each word on a line of its own, as a reader of scattered words gives them', () => {
    const scattered: SeenLines = seen([
      'HORSEPOWER     1/4',
      'RPM     1075',
      'VOLTS     208-230',
      'AMPS     1.4',
    ])
      .flat()
      .map((word) => [word])
    expect(said(readPlate([scattered, scattered], 'motor'))).toEqual(MOTOR)
  })
  it('what a row is about is said of all that stands in it', () =>
    expect(
      read(
        [
          '               VOLTS      RLA',
          'COMPRESSOR     208/230    14.1',
          'FAN MOTOR      FLA 1.2',
          'MCA 18.8   MAX FUSE 30',
        ],
        'unit',
      ),
    ).toEqual({
      volts: '208 or 230 volts',
      'compressor-amps': 'compressor 14.1 amps running',
      'fan-amps': 'fan 1.2 amps',
      'circuit-amps': 'circuit for 18.8 amps at least',
      'max-fuse': 'fuse or breaker of 30 amps at most',
    }))
  it('a motor’s capacitor is told from its supply', () =>
    expect(read(['VOLTS 230', 'CAP 7.5 MFD 370 VAC', 'CAP: 7.5/370'])).toEqual({
      volts: '230 volts',
      microfarads: 'capacitor 7.5 µF',
      'capacitor-volts': 'capacitor 370 V',
    }))
  it('a can', () =>
    expect(read(['HERM   FAN', '45/5 MFD', '440 VAC', '±6% 50/60 HZ'], 'can')).toEqual({
      microfarads: 'a dual: 45 µF and 5 µF',
      volts: '440 volts',
      tolerance: 'tolerance ±6 %',
    }))
})

describe('what is not proposed', () => {
  it.each<[string, string[], PhotographedPlate]>([
    ['5 hp at 1 A: that is no motor', ['5 HP 230 V 1.1 A'], 'motor'],
    ['a voltage that no supply has', ['VOLTS 234'], 'motor'],
    ['a speed that no motor of 50 or 60 Hz has', ['RPM 2015'], 'motor'],
    ['a speed that is not rounded as plates round', ['RPM 1073'], 'motor'],
    ['a frame that is none', ['FRAME 91K'], 'motor'],
    ['amperes that lost their point', ['AMPS 04'], 'motor'],
    ['a figure that was cut', ['AMPS 1.'], 'motor'],
    ['a capacitor that no fan motor asks for', ['CAP 75 MFD'], 'motor'],
    ['amperes that no fan motor takes', ['AMPS 18'], 'motor'],
    ['hundredths of many amperes', ['COMP RLA 14.53'], 'unit'],
    ['a capacitor of no trade value', ['CAP 6.3 MFD'], 'motor'],
    ['a lone figure on a can', ['45'], 'can'],
    ['45.5, which may be two', ['45.5 MFD'], 'can'],
    ['a fan’s side larger than the compressor’s', ['5/45 MFD'], 'can'],
    ['a range that no start capacitor has', ['42-53 MFD'], 'can'],
    ['a fuse below the circuit’s amperes', ['MCA 32.4   MAX FUSE 30'], 'unit'],
    [
      'a page of prose',
      ['In July 1912 the fan of room 208 turned for 60 days', 'and then was seen no more by anyone.'],
      'motor',
    ],
    ['nothing', [], 'unit'],
  ])('%s', (_, rows, plate) => {
    const proposals = read(rows, plate)
    // Of a volt and horsepower that contradict the amps, what does not depend on them may stay.
    delete proposals.volts
    expect(proposals).toEqual({})
  })
  it('one look alone, unless it was sure: also where there is no other', () => {
    expect(readPlate([seen(['RPM 1075'], 80)], 'motor')).toEqual([])
    const once = (row: string, confidence: number) =>
      said(readPlate([seen([row], confidence), seen([]), seen([])], 'motor'))
    expect([once('RPM 1075', 80), once('RPM 1075', 95)]).toEqual([{}, { rpm: '1075 rpm' }])
    // Of hertz there are two.
    expect([once('HZ 60', 35), once('HZ 60', 45)]).toEqual([{}, { hertz: '60 hertz' }])
  })
  it('what two looks read otherwise', () => {
    const looks = [seen(['AMPS 1.4']), seen(['AMPS 1.9'])]
    expect(readPlate(looks, 'motor')).toEqual([])
    expect(isSettled(looks, 'motor')).toBe(false)
    const more = [...looks, seen(['AMPS 1.4']), seen(['AMPS 1.4'])]
    expect(said(readPlate(more, 'motor'))).toEqual({ amps: '1.4 amps' })
    expect(isSettled(more, 'motor')).toBe(true)
  })
  it('a direction of which two looks saw a C less', () => {
    const both = [seen(['ROT CCW LE']), seen(['ROT CCW LE']), seen(['ROT CW LE']), seen(['ROT CW LE'])]
    expect(readPlate(both, 'motor')).toEqual([])
  })
  it('amperes that go on behind a gap as wide as a point', () => {
    const look = seen(['MCA 27 8 A']).map((line) =>
      line.map((word, i) =>
        i < 2 ? word : { ...word, box: { ...word.box, x0: word.box.x0 - 12, x1: word.box.x1 - 12 } },
      ),
    )
    expect(readPlate([look, look, look, look], 'unit')).toEqual([])
  })
  it('circuit and compressor that both lost what is behind the point, though the sum is right', () =>
    expect(read(['MCA 17', 'COMP RLA 12', 'FAN FLA 2.0'], 'unit', 10)).not.toHaveProperty('compressor-amps'))
  it('what four looks read alike without being sure of it, but what five did is', () => {
    const looks = (n: number) => Array.from({ length: n }, () => seen(['60/4 MFD'], 0))
    expect(said(readPlate(looks(4), 'can'))).toEqual({})
    expect(said(readPlate(looks(5), 'can'))).toEqual({ microfarads: 'a dual: 60 µF and 4 µF' })
  })
  it('half of a dual: a figure that begins inside what was not understood, or that one look alone saw', () => {
    expect(read(['Eo+7,5 UF'], 'can')).toEqual({})
    expect(read(['35:15 UF'], 'can')).toEqual({})
    const once = (confidence: number) =>
      said(readPlate([seen(['5 MFD'], confidence), seen([]), seen([])], 'can'))
    expect(once(95)).toEqual({})
    // Half of each figure, of 55/5, is a dual too.
    expect(said(readPlate([seen(['50/6 MFD'], 95), seen([]), seen([])], 'can'))).toEqual({})
    expect(read(['5 MFD'], 'can')).toEqual({ microfarads: 'a single of 5 µF' })
    expect(read(['25+3 UF ±5%'], 'can')).toEqual({
      microfarads: 'a dual: 25 µF and 3 µF',
      tolerance: 'tolerance ±5 %',
    })
  })
  it('a voltage or a speed that three looks guessed: together they must be as sure as one', () => {
    const guessed = (row: string, confidences: readonly number[]) =>
      said(readPlate([...confidences.map((c) => seen([row], c)), seen([])], 'motor'))
    expect(guessed('VOLTS 200', [39, 10, 32])).toEqual({})
    expect(guessed('VOLTS 200', [39, 20, 32])).toEqual({ volts: '200 volts' })
    expect(guessed('RPM 1075', [32, 10, 10])).toEqual({})
    // Of a capacitor's volts there are few.
    expect(guessed('5 MFD 370 V', [32, 10, 10])).toMatchObject({ 'capacitor-volts': 'capacitor 370 V' })
  })
  it('what is behind the point of 7.5, where one look alone saw a whole figure', () => {
    const by = (looks: number, row: string) =>
      said(readPlate([...Array.from({ length: looks }, () => seen([row], 95)), seen([]), seen([])], 'motor'))
    expect([by(1, '5 MFD'), by(1, '15 MFD')]).toEqual([{}, {}])
    expect(by(2, '5 MFD')).toEqual({ microfarads: 'capacitor 5 µF' })
    expect(by(1, '7.5 MFD')).toEqual({ microfarads: 'capacitor 7.5 µF' })
  })
  it('amperes that two looks read alike without being sure: nothing tells whether a figure was another', () => {
    const twice = (row: string, confidence: number, plate: PhotographedPlate) =>
      said(readPlate([seen([row], confidence), seen([row], confidence), seen([]), seen([])], plate))
    expect(twice('COMPRESSOR RLA 9.8', 75, 'unit')).toEqual({})
    expect(twice('AMPS 2.4', 75, 'motor')).toEqual({})
    expect(twice('AMPS 2.4', 85, 'motor')).toEqual({ amps: '2.4 amps' })
    const once = (confidence: number) =>
      said(readPlate([seen(['AMPS 4.1'], confidence), seen([]), seen([])], 'motor'))
    expect([once(85), once(95)]).toEqual([{}, { amps: '4.1 amps' }])
    // Of speeds there are few.
    expect(twice('RPM 1075', 75, 'motor')).toEqual({ rpm: '1075 rpm' })
  })
  it('a speed that no fan motor runs at: hardly any slip, or below 600', () => {
    expect([read(['RPM 1175']), read(['RPM 525'])]).toEqual([{}, {}])
    expect(read(['RPM 1140'])).toEqual({ rpm: '1140 rpm' })
    expect(read(['RPM 1380'])).toEqual({ rpm: '1380 rpm' })
  })
  it('a start capacitor’s range that is none: its upper end is 1.2 times the lower', () => {
    expect(read(['189-221 MFD'], 'can')).toEqual({})
    expect(read(['189-227 MFD'], 'can')).toEqual({ microfarads: 'a start capacitor of 189 to 227 µF' })
  })
  it('amperes of which one look saw a zero where others saw an eight', () => {
    const eight = seen(['FAN FLA 2.8'])
    expect(said(readPlate([eight, eight, eight, seen(['FAN FLA 2.0'], 20)], 'unit'))).toEqual({})
    expect(said(readPlate([eight, eight, eight, seen(['FAN FLA 2.3'], 20)], 'unit'))).toEqual({
      'fan-amps': 'fan 2.8 amps',
    })
  })
  it('whole amperes, unless most looks saw no tenth', () => {
    const looks = (n: number) => Array.from({ length: n }, () => seen(['FAN FLA 1']))
    expect(said(readPlate(looks(4), 'unit'))).toEqual({})
    expect(said(readPlate(looks(5), 'unit'))).toEqual({ 'fan-amps': 'fan 1 amp' })
    // A stroke makes no tenth.
    expect(read(['AMPS 3/4'])).toEqual({})
    expect(read(['AMPS 3.4/1.7'])).toEqual({ amps: '3.4 or 1.7 amps' })
  })
})

describe('figures that confirm one another', () => {
  // NEC 440.33: 1.25 × 14.4 + 0.7 = 18.7 A.
  const rows = (fan: string) => ['MCA 18.7   MAX FUSE 30', 'COMP RLA 14.4', `FAN FLA ${fan}`]
  it('amperes that lost their point are found by the sum', () =>
    expect(read(['MCA 18.7   MAX FUSE 30', 'COMP RLA 144', 'FAN FLA 0.7'], 'unit')).toMatchObject({
      'compressor-amps': 'compressor 14.4 amps running',
    }))
  it('an eight that is a zero with a stroke is found by the sum', () =>
    expect(read(rows('8.7'), 'unit')).toMatchObject({
      'fan-amps': 'fan 0.7 amps',
      'circuit-amps': 'circuit for 18.7 amps at least',
    }))
  it('a tenth that is nought stays, as the plate prints it', () =>
    // 1.25 × 14.4 + 1.0 = 19.0 A.
    expect(read(['MCA 19.0   MAX FUSE 30', 'COMP RLA 14.4', 'FAN FLA 1.8'], 'unit')).toMatchObject({
      'fan-amps': 'fan 1.0 amps',
    }))
  it('of two readings the one that fits', () => {
    const looks = [seen(rows('0.7')), seen(rows('6.1')), seen(rows('6.1'))]
    expect(said(readPlate(looks, 'unit'))).toMatchObject({ 'fan-amps': 'fan 0.7 amps' })
  })
})

describe('zeros with a stroke', () => {
  it('are zeros where only that makes sense', () =>
    expect(read(['VOLTS 238   HZ 68   RPM 1858'])).toMatchObject({
      volts: '230 volts',
      hertz: '60 hertz',
      rpm: '1050 rpm',
    }))
  it('make the other eights of that plate doubtful, where nothing tells', () =>
    expect(read(['HZ 68   AMPS 1.8'])).toEqual({ hertz: '60 hertz' }))
  it('and only there', () =>
    expect(read(['HZ 60   AMPS 1.8'])).toEqual({ hertz: '60 hertz', amps: '1.8 amps' }))
})

it('a proposal has its place on the picture, and its text is read again as the same', () => {
  const [first] = readPlate([seen(['HP 1/4   RPM 1075']), seen(['HP 1/4   RPM 1075'])], 'motor')
  expect(first).toMatchObject({
    field: 'horsepower',
    text: 'HP 1/4',
    box: { x0: 20, x1: 136, y0: 20, y1: 50 },
    confidence: 90,
  })
})

it('whatever is seen: no throw, one proposal a field, nothing from nothing', () => {
  const word = fc.oneof(
    fc.string({ unit: 'grapheme', maxLength: 9 }),
    fc.constantFrom(
      'HP',
      'VOLTS',
      '208-230',
      '1/4',
      'AMPS',
      '1.4',
      'MFD',
      '45/5',
      '±6%',
      'CCW',
      'LE',
      '6O',
      '1.',
      '/',
    ),
  )
  const at = fc.record({
    text: word,
    confidence: fc.integer({ min: 0, max: 100 }),
    box: fc
      .tuple(fc.nat(900), fc.nat(600), fc.integer({ min: 1, max: 90 }), fc.integer({ min: 1, max: 40 }))
      .map(([x, y, w, h]) => ({ x0: x, y0: y, x1: x + w, y1: y + h })),
  })
  const looks = fc.array(fc.array(fc.array(at, { maxLength: 6 }), { maxLength: 8 }), { maxLength: 4 })
  fc.assert(
    fc.property(looks, fc.constantFrom<PhotographedPlate>('motor', 'unit', 'can'), (given, plate) => {
      const proposals = readPlate(given, plate)
      expect(new Set(proposals.map((p) => p.field)).size).toBe(proposals.length)
      if (given.flat(2).length === 0) expect(proposals).toEqual([])
    }),
    { numRuns: 400, seed: 19 },
  )
})

describe('what is misread in a way that shows', () => {
  const texts = (rows: readonly string[], plate: PhotographedPlate = 'motor') =>
    readPlate([seen(rows), seen(rows), seen(rows)], plate).map(({ text }) => text)

  it('the Z of a frame as a figure: no frame is called 562', () => {
    expect([texts(['FR 562']), texts(['FR 48VZ'])]).toEqual([['FR 56Z'], ['FR 48YZ']])
    expect(read(['AMPS     FRAME', '1.4      48Y7'])).toEqual({ amps: '1.4 amps', frame: 'frame 48YZ' })
    expect(read(['FR 145'])).toEqual({ frame: 'frame 145' })
  })
  it('a stroke between a value and its volts', () =>
    expect(read(['15MFD/44OVAC'])).toEqual({
      microfarads: 'capacitor 15 µF',
      'capacitor-volts': 'capacitor 440 V',
    }))
  it('a value that no capacitor has leaves its volts', () =>
    expect(read(['CAP 8/370'])).toEqual({ 'capacitor-volts': 'capacitor 370 V' }))
  it('the seven of a dual as a stroke: no fan asks for 1.5 or 17.5 µF', () => {
    for (const row of ['45/1.5 MFD', '45/17.5 MFD', '45/7.5 MFD'])
      expect(read([row], 'can')).toEqual({ microfarads: 'a dual: 45 µF and 7.5 µF' })
    expect(read(['45/2.5 MFD'], 'can')).toEqual({ microfarads: 'a dual: 45 µF and 2.5 µF' })
  })
  it('volts behind the unit of a value that was not seen', () =>
    expect(read(['MFD 440 VAC'], 'can')).toEqual({ volts: '440 volts' }))
  it('a name of which a first letter was not seen', () =>
    expect(read(['CIRCUIT AMPACITY 22.2', 'FUSE 35'], 'unit')).toEqual({
      'circuit-amps': 'circuit for 22.2 amps at least',
      'max-fuse': 'fuse or breaker of 35 amps at most',
    }))
  it('how sure the reader was of a name counts for nothing, where it is one that plates print', () => {
    const unsureOf = (text: string) => {
      const look = seen(['ROT CW SE']).map((line) =>
        line.map((word) => (word.text === text ? { ...word, confidence: 0 } : word)),
      )
      return said(readPlate([look, look, look], 'motor'))
    }
    expect(unsureOf('ROT')).toEqual({ rotation: 'turns CW, seen from the shaft end' })
    // The direction and the end are no names: they are what it says.
    expect([unsureOf('CW'), unsureOf('SE')]).toEqual([{}, {}])
  })
})

describe('amperes by the power: between 0.15 and 0.9 of volts times amps', () => {
  // 1/5 hp is 149 W: at 230 V 0.7 to 4.3 A.
  it('a point that was lost', () =>
    expect(read(['HP 1/5   VOLTS 230', 'AMPS 14'])).toMatchObject({
      amps: '1.4 amps',
      horsepower: '1/5 horsepower',
    }))
  // 1/8 hp is 93 W: at 230 V 0.45 to 2.7 A. 8.9, 8.0 and 0.0 are none of it.
  it('a zero that was struck through', () =>
    expect(read(['HP 1/8   VOLTS 230', 'AMPS 8.9'])).toMatchObject({ amps: '0.9 amps' }))
  it('without a tenth it may have lost more', () =>
    expect(read(['HP 1/8   VOLTS 230', 'AMPS 8'])).toEqual({
      volts: '230 volts',
      horsepower: '1/8 horsepower',
    }))
  it('amperes that fit are left as they were read', () =>
    expect(read(['HP 1/2   VOLTS 115', 'AMPS 6.8'])).toMatchObject({ amps: '6.8 amps' }))
})
