// By hand from the rule: ± 10 % of a plate at both ends; plate and meter over the kind; what disagrees is named, never picked.
import { nominalVolts, NO_SUPPLY_FACTS, onSupply, phaseConflict, supplyOf, type SupplyFacts } from './supply'

const facts = (some: Partial<SupplyFacts>): SupplyFacts => ({ ...NO_SUPPLY_FACTS, ...some })
const range = (low: number, high = low) => [{ low, high }]
const of = (usual: number, some: Partial<SupplyFacts>) => {
  const { supply, from, conflicts } = supplyOf({ volts: usual }, facts(some))
  return [supply.volts, from, conflicts.length]
}

describe('the supply of a unit', () => {
  const TABLE: readonly (readonly [
    string,
    number,
    Partial<SupplyFacts>,
    readonly [number, string, number],
  ])[] = [
    ['nothing is known: as its kind', 230, {}, [230, 'usual', 0]],
    ['a plate of 208–230 V takes the kind’s', 230, { unitPlate: range(208, 230) }, [230, 'plate', 0]],
    ['a plate of 208 V alone is 208', 230, { unitPlate: range(208) }, [208, 'plate', 0]],
    ['115 V on a 120 V kind is the same supply', 120, { unitPlate: range(115) }, [120, 'plate', 0]],
    [
      'a reading of 207 V on 208–230 is 208',
      230,
      { unitPlate: range(208, 230), meterVolts: 207 },
      [208, 'meter', 0],
    ],
    ['a reading of 243 V is 230', 230, { meterVolts: 243 }, [230, 'meter', 0]],
    ['a reading of 232 V on a 240 V kind is that', 240, { meterVolts: 232 }, [240, 'meter', 0]],
    ['a dead meter says nothing', 230, { meterVolts: 0.3 }, [230, 'usual', 0]],
    ['a plate of 460 V on a 230 V kind', 230, { unitPlate: range(460) }, [230, 'usual', 1]],
    ['a plate of 277 V on a 120 V kind', 120, { unitPlate: range(277) }, [120, 'usual', 1]],
    ['an old motor’s plate of 460 V', 230, { motorPlate: range(460) }, [230, 'usual', 1]],
    [
      'a motor made for 115 or 230 V agrees',
      230,
      { motorPlate: [...range(115), ...range(230)] },
      [230, 'plate', 0],
    ],
    ['480 V read on 230', 230, { meterVolts: 480 }, [230, 'usual', 1]],
    [
      'both plates against the meter',
      230,
      { unitPlate: range(208, 230), motorPlate: range(230), meterVolts: 120 },
      [230, 'usual', 3],
    ],
    [
      'what is chosen stands',
      230,
      { unitPlate: range(460), meterVolts: 482, chosenVolts: 460 },
      [460, 'chosen', 0],
    ],
  ]
  it.each(TABLE)('%s', (_, usual, some, expected) => expect(of(usual, some)).toEqual(expected))

  it('names both figures, and offers each once', () => {
    const { conflicts, choices } = supplyOf({ volts: 230 }, facts({ unitPlate: range(460), meterVolts: 478 }))
    expect(conflicts).toEqual([
      'The meter read 478 V, and such units usually have 230 V: choose which is right.',
      'The unit’s plate says 460 V, and such units usually have 230 V: choose which is right.',
    ])
    expect(choices).toEqual([
      { volts: 460, words: '460 V, by the unit’s plate' },
      { volts: 230, words: '230 V, as such units usually have' },
    ])
  })
  it('a reading that no supply has is not offered as one: 163 V on 230 is a fault to be found', () => {
    const { conflicts, choices } = supplyOf({ volts: 230 }, facts({ meterVolts: 163 }))
    expect(conflicts).toEqual([
      'The meter read 163 V, and such units usually have 230 V: choose which is right.',
    ])
    expect(choices.map((c) => c.volts)).toEqual([230])
  })
  it('hertz that are chosen settle it, either way', () => {
    for (const chosenHertz of [50, 60] as const)
      expect(supplyOf({ volts: 230 }, facts({ hertz: 50, plateHertz: [60], chosenHertz }))).toMatchObject({
        supply: { hertz: chosenHertz },
        conflicts: [],
      })
  })
  it('hertz: the job’s, else the plate’s, else 60; a plate that says otherwise is a conflict', () => {
    const hertz = (some: Partial<SupplyFacts>) => {
      const { supply, conflicts } = supplyOf({ volts: 230 }, facts(some))
      return [supply.hertz, conflicts]
    }
    expect(hertz({})).toEqual([60, []])
    expect(hertz({ plateHertz: [50] })).toEqual([50, []])
    expect(hertz({ plateHertz: [50, 60] })).toEqual([60, []])
    expect(hertz({ hertz: 50, plateHertz: [50, 60] })).toEqual([50, []])
    expect(hertz({ hertz: 50, plateHertz: [60] })).toEqual([
      50,
      ['The unit’s plate says 60 Hz, and this shop’s supplies have 50 Hz: choose which is right.'],
    ])
  })
})

test.each([
  [113, 120],
  [205, 208],
  [238, 230],
  [265, 277],
  [480, 460],
])('%s V is a supply of %s V', (read, nominal) => expect(nominalVolts(read)).toBe(nominal))

test('a kind on another supply is the same kind with those volts', () => {
  const unit = { id: 'a', volts: 230 }
  expect(onSupply(unit, { volts: 277, hertz: 60 })).toEqual({ id: 'a', volts: 277 })
  expect(onSupply(unit, { volts: 230, hertz: 60 })).toBe(unit)
})

it('a kind that comes for either of two voltages is not at odds with a plate that says the second', () => {
  const kind = { volts: 230, alsoVolts: [460] }
  expect(supplyOf(kind, facts({ unitPlate: range(460) }))).toMatchObject({
    supply: { volts: 460 },
    from: 'plate',
    conflicts: [],
  })
  expect(supplyOf(kind, facts({}))).toMatchObject({ supply: { volts: 230 }, from: 'usual', conflicts: [] })
  expect(supplyOf(kind, facts({ unitPlate: range(277) })).conflicts).toEqual([
    'The unit’s plate says 277 V, and such units usually have 230 or 460 V: choose which is right.',
  ])
})

it('a plate of other phases than the kind comes in on is said', () => {
  expect(phaseConflict({ supply: {} }, { platePhases: 3 })).toBe(
    'The unit’s plate says three phases, and this kind of unit is on one: choose its kind again, or read the plate again.',
  )
  expect(phaseConflict({ supply: { line3: 'L3' } }, { platePhases: 1 })).toBe(
    'The unit’s plate says one phase, and this kind of unit is on three: choose its kind again, or read the plate again.',
  )
  expect(phaseConflict({ supply: {} }, { platePhases: 1 })).toBeNull()
  expect(phaseConflict({ supply: {} }, { platePhases: null })).toBeNull()
})
