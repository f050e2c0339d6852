import * as v from 'valibot'
import { CanSchema, casesOf, LoadsSchema, SectionsSchema, type Section } from './can'
import { CanMarkingSchema } from './marking'

const saidBy = (schema: v.GenericSchema, value: unknown): string[] =>
  (v.safeParse(schema, value).issues ?? []).map((i) => i.message)

describe('a can, at the edge', () => {
  const CAN = {
    id: 'a',
    name: 'Dual',
    volts: 440,
    tolerancePercent: 6,
    sections: [{ id: '45', microfarads: 45 }],
  }
  const said = (more: object) => saidBy(CanSchema, { ...CAN, ...more })
  const sections = (count: number) =>
    Array.from({ length: count }, (_, i) => ({ id: `${i}`, microfarads: 5 }))
  it('is taken at its limits and refused beyond them', () => {
    for (const more of [
      { id: 'i'.repeat(60) },
      { name: 'n'.repeat(300) },
      { volts: 1 },
      { volts: 1000 },
      { tolerancePercent: 0 },
      { tolerancePercent: 50 },
      { sections: sections(24) },
      { sections: [{ id: 's'.repeat(40), microfarads: 0.01 }] },
      {
        sections: [{ id: 's', microfarads: 1000, marked: 1000, of: 'n'.repeat(300), stays: 'l'.repeat(40) }],
      },
    ])
      expect(said(more)).toEqual([])
    for (const more of [
      { id: '' },
      { id: 'i'.repeat(61) },
      { name: '' },
      { name: 'n'.repeat(301) },
      { volts: 0.5 },
      { volts: 1001 },
    ])
      expect([more, said(more).length]).toEqual([more, 1])
  })
  it('says what is wrong', () => {
    expect(said({ tolerancePercent: -1 })).toEqual(['The tolerance cannot be below 0 %.'])
    expect(said({ tolerancePercent: 51 })).toEqual(['A tolerance above 50 % is not a tolerance.'])
    expect(said({ tolerancePercent: '6' })).toEqual(['The tolerance must be a number of percent.'])
    expect(said({ sections: [] })).toEqual(['The can needs at least one section.'])
    expect(said({ sections: sections(25) })).toEqual(['A can has 24 sections at most.'])
    expect(said({ sections: [sections(1)[0], sections(1)[0]] })).toEqual([
      'Two sections have the same name: each post needs its own.',
    ])
    expect(said({ sections: [{ id: ' ', microfarads: 5 }] })).toEqual([
      'A section needs a name, such as its marking.',
    ])
    expect(said({ sections: [{ id: 's'.repeat(41), microfarads: 5 }] })).toEqual([
      'A section name has 40 letters at most.',
    ])
    expect(said({ sections: [{ id: 'a', microfarads: 0 }] })).toEqual([
      'The section must be above 0 µF (0.01 µF at least).',
    ])
    expect(said({ sections: [{ id: 'a', microfarads: 1001 }] })).toEqual([
      'The section is above 1000 µF: no motor capacitor has that.',
    ])
    expect(said({ sections: [{ id: 'a', microfarads: 5, marked: '5' }] })).toEqual([
      'The marking must be a number of µF.',
    ])
    expect(said({ sections: [{ id: 'a', microfarads: 5, of: '' }] })).toEqual([
      'A capacitor’s name is empty.',
    ])
    expect(said({ sections: [{ id: 'a', microfarads: 5, of: 'n'.repeat(301) }] })).toEqual([
      'A capacitor’s name has 300 letters at most.',
    ])
    expect(said({ sections: [{ id: 'a', microfarads: 5, stays: '' }] })).toEqual([
      'The load that it stays for is empty.',
    ])
    expect(said({ sections: [{ id: 'a', microfarads: 5, stays: 'l'.repeat(41) }] })).toEqual([
      'A load name has 40 letters at most.',
    ])
    expect(said({ face: { shape: 'star', c: 'top' } })).toEqual([
      'The posts of a can stand in one of: rows, arc, ring.',
    ])
    expect(said({ face: { shape: 'arc', c: 'edge' } })).toEqual([
      'C of a can stands in one of: top, bottom, left, right, middle.',
    ])
    expect(saidBy(SectionsSchema, 'none')).toEqual(['The sections must be a list.'])
  })
  it('has no protected start terminal and no known face where nothing is said of them', () =>
    expect(v.parse(CanSchema, CAN)).toMatchObject({ protectedStart: false }))
})

it('loads: one at least, 500 at most, each under its own name', () => {
  const loads = (count: number) =>
    Array.from({ length: count }, (_, i) => ({ load: `L${i}`, microfarads: 5 }))
  expect(saidBy(LoadsSchema, loads(500))).toEqual([])
  expect(saidBy(LoadsSchema, loads(501))).toEqual(['That is more than 500 loads.'])
  expect(saidBy(LoadsSchema, [])).toEqual(['At least one load is needed: what is the capacitor for?'])
  expect(saidBy(LoadsSchema, [...loads(1), ...loads(1)])).toEqual(['Two loads have the same name.'])
  expect(saidBy(LoadsSchema, [{ load: ' ', microfarads: 5 }])).toEqual(['A load needs a name, such as FAN.'])
  expect(saidBy(LoadsSchema, [{ load: 'l'.repeat(40), microfarads: 1000 }])).toEqual([])
  expect(saidBy(LoadsSchema, [{ load: 'l'.repeat(41), microfarads: 5 }])).toEqual([
    'A load name has 40 letters at most.',
  ])
  expect(saidBy(LoadsSchema, [{ load: 'FAN', microfarads: 1001 }])).toEqual([
    'The load is above 1000 µF: no motor capacitor has that.',
  ])
})

it('a marking holds sections or a range, and neither upside down', () => {
  const MARKING = { sections: [45, 5], range: null, volts: 440, tolerancePercent: 6 }
  const said = (more: object) => saidBy(CanMarkingSchema, { ...MARKING, ...more })
  for (const more of [
    { volts: 1000 },
    { sections: Array.from({ length: 24 }, () => 5) },
    { sections: [], range: { low: 135, high: 162 } },
    { sections: [1000], range: { low: 135, high: 135 } },
  ])
    expect(said(more)).toEqual([])
  expect(said({ sections: [] })).toEqual(['The marking holds no µF.'])
  expect(said({ range: { low: 162, high: 135 } })).toEqual([
    'The lower end of the marked range is above the upper one.',
  ])
  expect(said({ sections: Array.from({ length: 25 }, () => 5) })).toEqual(['A can has 24 sections at most.'])
  expect(said({ sections: [0] })).toEqual(['A capacitor’s marking is above 0 µF.'])
  expect(said({ sections: [1001] })).toEqual(['No motor capacitor is marked above 1000 µF.'])
  expect(said({ sections: ['5'] })).toEqual(['A capacitor’s marking is a number of µF.'])
  expect(said({ volts: 0 })).toEqual(['The rating must be above 0 V.'])
  expect(said({ volts: 1001 })).toEqual(['The rating is above 1000 V.'])
  expect(said({ volts: '440' })).toEqual(['The rating must be a number of V.'])
})

describe('the cases of a can', () => {
  const section = (id: string, more: Partial<Section> = {}) => ({ id, microfarads: 5, ...more }) as Section
  const face = { shape: 'arc', c: 'top' } as const
  it('is one, with its face, where nothing is joined', () =>
    expect(casesOf({ name: 'Dual', sections: [section('45'), section('5')], face })).toEqual([
      { name: 'Dual', sections: [section('45'), section('5')], stays: null, face },
    ]))
  it('are those whose sections it joins, in order, none with the face of one; what stays is named once', () => {
    const old = (id: string, stays: string) => section(id, { of: 'Old dual', stays })
    const sections = [section('5', { of: 'Single 5' }), old('45', 'HERM'), old('4', 'FAN'), old('3', 'FAN')]
    expect(casesOf({ name: 'Joined', sections, face })).toEqual([
      { name: 'Single 5', sections: [sections[0]], stays: null, face: null },
      { name: 'Old dual', sections: sections.slice(1), stays: 'HERM and FAN', face: null },
    ])
  })
})
