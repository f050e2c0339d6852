// Every mend that is offered is carried out here through the public answer, and the hookup is worked out anew: the danger is gone, and
// none is there that was not before. Over all single moves of two units, and seeded pairs and triples of moves over all units.
import fc from 'fast-check'
import { BLOWER_CAN } from '../testing/circuits'
import { CAN, hookupWith, ONE_PHASE, onPost, requestFor } from '../testing/fixtures'
import { hookupPosts } from '../wiring/hookup-posts'
import type { Placement } from '../wiring/placement'
import type { Hazard } from './hazard'
import type { HookupRequest } from './hookup'

const stops = (hazards: readonly Hazard[]) => hazards.filter((h) => h.severity === 'stop').map((h) => h.code)
type Moves = Readonly<Record<string, Placement>>

/** What is wrong with the mends of a hookup, in words; empty: nothing. */
function badMends(request: HookupRequest, moves: Moves): string[] {
  const { proof } = hookupWith(request, moves)
  return proof.hazards.flatMap((hazard) => {
    const mend = hazard.move ? [hazard.move] : (hazard.together ?? [])
    if (mend.length === 0) return []
    const mended = { ...moves, ...Object.fromEntries(mend.map((m) => [m.lead, m.to])) }
    const after = hookupWith(request, mended, { mends: false }).proof
    const count = (hazards: readonly Hazard[]) => hazards.filter((h) => h.code === hazard.code).length
    const fresh = stops(after.hazards).filter((code) => !stops(proof.hazards).includes(code))
    const said = `${request.unit.id} ${JSON.stringify(moves)} ${hazard.code}`
    return [
      ...(count(after.hazards) < count(proof.hazards) ? [] : [`${said}: not mended`]),
      ...fresh.map((code) => `${said}: brings ${code}`),
    ]
  })
}

const INSULATED: Placement = { kind: 'insulated' }
const requestOn = (unit: (typeof ONE_PHASE)[number]) =>
  unit.traits.fan === 'blower'
    ? requestFor(unit.id, 'alder-33b', { can: BLOWER_CAN })
    : requestFor(unit.id, 'rowan-25r')

it('of every single move on a shared and on an own can', () => {
  for (const id of ['heat-pump-1-pole-shared-capacitor', 'cooling-2-pole-own-capacitor']) {
    const request = requestFor(id)
    const posts = hookupPosts(request.unit, CAN)
    for (const { id: lead } of request.sheet.leads)
      for (const goes of [...posts.map((p) => onPost(p.id)), INSULATED])
        expect(badMends(request, { [lead]: goes })).toEqual([])
  }
})

it('of two and three leads moved, on every unit (100 seeded)', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...ONE_PHASE),
      fc.array(fc.tuple(fc.nat(), fc.nat()), { minLength: 2, maxLength: 3 }),
      (unit, picks) => {
        const request = requestOn(unit)
        const posts = hookupPosts(request.unit, request.can)
        const moves = Object.fromEntries(
          picks.map(([l, p]) => [
            request.sheet.leads[l % request.sheet.leads.length]!.id,
            onPost(posts[p % posts.length]!.id),
          ]),
        )
        expect(badMends(request, moves)).toEqual([])
      },
    ),
    { numRuns: 100, seed: 13 },
  )
})

describe('by hand', () => {
  it('white on the can’s far side with brown/white on the line is run by its return: it is not told to lose its only feed', () => {
    const request = requestFor('cooling-2-pole-own-capacitor')
    const { proof } = hookupWith(request, { white: onPost('CAN-C'), 'brown/white': onPost('T2') })
    // Both leads are one point inside the motor: exchanged, the circuit is the same.
    expect(proof.hazards).toEqual([])
    expect(proof.verdict).toBe('proven')
  })
  it('a lead on a wrong post is sent home', () => {
    const { proof } = hookupWith(requestFor(), { white: onPost('T1') })
    expect(proof.hazards[0]?.move).toEqual({ lead: 'white', to: onPost('T2') })
  })
  it('two leads exchanged are put back together where one alone would not do', () => {
    const { proof } = hookupWith(requestFor('cooling-2-pole-own-capacitor'), {
      black: onPost('CAN-C'),
      brown: onPost('T1'),
      'brown/white': onPost('GND'),
    })
    const mended = proof.hazards.filter((h) => h.severity === 'stop' && (h.move ?? h.together))
    expect(mended.length).toBeGreaterThan(0)
    const together = proof.hazards.flatMap((h) => (h.together ? [h.together] : []))
    expect(together.length).toBeGreaterThan(0)
    // Just those that were moved, each to where it is advised: nobody is told to move what is right.
    const advised = new Map(
      hookupWith(requestFor('cooling-2-pole-own-capacitor'), {}).placements.map((p) => [p.lead, p.goes]),
    )
    for (const moves of together) {
      expect(moves.map((m) => m.lead).sort()).toEqual(['black', 'brown', 'brown/white'])
      for (const { lead, to } of moves) expect(to).toEqual(advised.get(lead))
    }
  })
  it('nothing is offered where all leads are where they were advised', () => {
    const request = requestFor()
    const wires = request.wires.filter((w) => w.id !== 'comp-r')
    const { proof } = hookupWith({ ...request, wires }, {})
    expect(proof.verdict).toBe('stop')
    expect(proof.hazards.filter((h) => h.move ?? h.together)).toEqual([])
  })
})
