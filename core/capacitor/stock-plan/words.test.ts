// What a plan says of itself, and of a load that none serves.
import { USUAL_AIMS } from './aims'
import type { StockPart } from './part'
import { planFromStock, type StockPlanInput } from './plan'
import { partOf } from './testing/parts'

const part = (id: string, values: number[], more: Partial<StockPart> = {}): StockPart =>
  partOf(id, values, { cents: 1000 * values.length, ...more })
const plan = (loads: [string, number][], more: Partial<StockPlanInput> = {}) =>
  planFromStock({
    parts: [],
    loads: loads.map(([load, microfarads]) => ({ load, microfarads, volts: 370 })),
    tolerancePercent: 6,
    aims: USUAL_AIMS,
    mostParts: 3,
    keep: 3,
    ...more,
  })

describe('what a plan says of itself', () => {
  const at = (parts: StockPart[], more: Partial<StockPlanInput> = {}) =>
    plan(
      [
        ['HERM', 40],
        ['FAN', 7.5],
      ],
      { parts, ...more },
    ).plans
  it('the best by its figures; each further one by what it gains', () => {
    // One can of 40 and 5 + 2.5, 38 and 7.5 in one can, two singles.
    const parts = [
      part('joined', [40, 5, 2.5], { cents: 5000 }),
      part('dual', [38, 7.5], { cents: 4000 }),
      part('s40', [40], { cents: 1000 }),
      part('s7', [7.5], { cents: 900 }),
    ]
    const found = at(parts, { aims: ['error', 'parts', 'opened', 'jumpers', 'cost', 'versatile'], keep: 9 })
    expect(
      found
        .map((p) => [
          p.cans
            .map((c) => c.part)
            .sort()
            .join('+'),
          p.why,
        ])
        .slice(0, 1),
    ).toEqual([
      [
        'joined',
        'One capacitor, one jumper: HERM 40 µF (0 %), FAN 7.5 µF (0 %). Nothing better for these aims.',
      ],
    ])
    const why = (name: string) =>
      found.find(
        (p) =>
          p.cans
            .map((c) => c.part)
            .sort()
            .join('+') === name,
      )?.why
    expect(why('s40+s7')).toBe(
      '2 capacitors, no jumper: HERM 40 µF (0 %), FAN 7.5 µF (0 %). Against the best: fewer jumpers, cheaper, leaves the versatile cans.',
    )
    expect(why('dual')).toBe(
      'One capacitor, no jumper: HERM 38 µF (−5 %), FAN 7.5 µF (0 %). Against the best: fewer jumpers, cheaper, leaves the versatile cans.',
    )
    const closest = at(parts, { aims: ['jumpers', 'parts', 'error', 'opened', 'cost', 'versatile'], keep: 9 })
    expect(closest[0]?.cans.map((c) => c.part)).toEqual(['dual'])
    expect(closest.find((p) => p.cans.length === 2)?.why).toContain('Against the best: closer, cheaper.')
    const most = at(parts, { aims: ['cost', 'error', 'parts', 'opened', 'jumpers', 'versatile'], keep: 9 })
    expect(most.find((p) => p.cans[0]?.part === 'dual' && p.cans.length === 1)?.why).toBe(
      'One capacitor, no jumper: HERM 38 µF (−5 %), FAN 7.5 µF (0 %). Against the best: fewer capacitors, fewer taken of the van.',
    )
  })
  it('more than one jumper is counted; ties and prices are of those that come from the van', () => {
    const [best] = at([part('six', [26, 14, 5, 2.5], { cents: 3000 })])
    expect([best?.jumperCount, best?.ties, best?.cents, best?.why]).toEqual([
      2,
      [],
      3000,
      'One capacitor, 2 jumpers: HERM 40 µF (0 %), FAN 7.5 µF (0 %). Nothing better for these aims.',
    ])
    expect(best?.groups[0]?.jumpers).toEqual([
      { to: { can: 0, section: '1', microfarads: 14 }, share: 14 / 40 },
    ])
    const [three] = at([part('a', [26]), part('b', [14]), part('c', [7.5], { cents: 500 })])
    expect([three?.ties, three?.cents, three?.jumperCount]).toEqual([[1, 2], 2500, 1])
  })
  it('a further plan that gains nothing says only what it is', () =>
    expect(at([part('a', [40, 7.5]), part('b', [40.4, 7.5])], { keep: 2 })[1]?.why).toBe(
      'One capacitor, no jumper: HERM 40.4 µF (+1 %), FAN 7.5 µF (0 %).',
    ))
  it('the old can and two beside it', () => {
    const stays = part('old-can', [40], { keptFor: 'HERM', cents: null })
    const [best] = at([stays, part('a', [5], { cents: 700 }), part('b', [2.5], { cents: 600 })])
    expect([best?.why, best?.cents]).toEqual([
      'The old can stays for HERM, 2 capacitors beside it, one jumper: HERM 40 µF (0 %), FAN 7.5 µF (0 %). Nothing better for these aims.',
      1300,
    ])
  })
})

it('where nothing joins, the nearest is told: by how far, not by which stands first, nor by which is weaker', () => {
  const said = (parts: StockPart[], volts = 370) =>
    planFromStock({
      parts,
      loads: [{ load: 'FAN', microfarads: 10, volts }],
      tolerancePercent: 6,
      aims: USUAL_AIMS,
      mostParts: 1,
      keep: 1,
    }).problems
  expect(said([part('a', [5]), part('b', [12.5]), part('c', [20])])).toEqual([
    'FAN: nothing on the van joins to 10 µF ± 6 %; the nearest single section is 12.5 µF.',
  ])
  const read = { sections: [{ id: '0', microfarads: 12.5, measured: 12, dead: false }] }
  expect(said([part('a', [5]), part('r', [], read)])).toEqual([
    'FAN: nothing on the van joins to 10 µF ± 6 %; the nearest single section is 12 µF.',
  ])
  // What is gone, or dead, is not told as near.
  const dead = { sections: [{ id: '0', microfarads: 10, measured: null, dead: true }] }
  expect(said([part('a', [5]), part('gone', [10], { quantity: 0 }), part('dead', [], dead)])).toEqual([
    'FAN: nothing on the van joins to 10 µF ± 6 %; the nearest single section is 5 µF.',
  ])
  expect(said([part('a', [5], { volts: 440 }), part('weak', [10], { volts: 250 })])).toEqual([
    'FAN: nothing on the van joins to 10 µF ± 6 % at 370 V; the 10 µF of weak is rated 250 V only.',
  ])
})
