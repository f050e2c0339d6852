// What must hold of every wiring, sound or not: order means nothing, doubt never makes a stop milder, a worse can neither.
import { drawsFrom } from '../quantity/draws'
import type { HookupRequest } from './hookup'
import { workOutHookup } from './hookup'
import type { ProofVerdict } from './proof'
import { wirings } from './testing/wirings'

const EVERY = (['outdoor', 'blower'] as const).flatMap((fan) => [...wirings(fan, 160, 77)])
/** How hard a verdict is: doubt may lift proven to "cannot tell", and nothing lowers a stop. */
const RANK: Readonly<Record<ProofVerdict, number>> = { proven: 0, watch: 1, cannotTell: 2, stop: 3 }

const judged = (request: HookupRequest) => {
  const { proof } = workOutHookup(request, { mends: false })
  return { verdict: proof.verdict, codes: [...new Set(proof.hazards.map((h) => h.code))].sort() }
}
/** The request that a wiring stands for, its leads where they were put. */
const asPut = ({ request, answer }: (typeof EVERY)[number]): HookupRequest => ({
  ...request,
  placements: answer.placements,
})

const draw = drawsFrom(4)
function shuffled<T>(list: readonly T[]): T[] {
  return list
    .map((item) => ({ item, at: draw() }))
    .sort((a, b) => a.at - b.at)
    .map(({ item }) => item)
}

it('the draw holds stops, proofs and what cannot be told', () => {
  const seen = new Set(EVERY.map((one) => one.answer.proof.verdict))
  expect([...seen].sort()).toEqual(expect.arrayContaining(['proven', 'stop']))
})

it('the order of wires, of placements and of jumpers changes nothing', () => {
  for (const one of EVERY) {
    const request = asPut(one)
    const other = {
      ...request,
      wires: shuffled(request.wires),
      placements: shuffled(request.placements ?? []),
      ...(request.put
        ? {
            put: {
              ...request.put,
              jumpers: shuffled(request.put.jumpers),
              wires: shuffled(request.put.wires),
            },
          }
        : {}),
    }
    expect([one.changes, judged(other)]).toEqual([one.changes, judged(request)])
  }
})

it('a jumper is the same whichever end it is named from', () => {
  for (const one of EVERY.filter(({ request }) => request.put)) {
    const request = asPut(one)
    const turned = (request.put?.jumpers ?? []).map(({ from, to }) => ({ from: to, to: from }))
    const other = { ...request, put: { jumpers: turned, wires: request.put?.wires ?? [] } }
    expect([one.changes, judged(other)]).toEqual([one.changes, judged(request)])
  }
})

it('doubt never makes a stop milder, and never lets a proof stand', () => {
  const doubts: readonly ((request: HookupRequest) => HookupRequest)[] = [
    (r) => ({ ...r, unsettled: ['the supply is not settled.'] }),
    (r) => ({ ...r, wanted: null, plug: r.plug ?? workOutHookup(r, { mends: false }).plug.set.direction }),
    (r) => ({ ...r, sheet: { ...r.sheet, leads: r.sheet.leads.filter((l) => l.role !== 'ground') } }),
  ]
  for (const one of EVERY) {
    const request = asPut(one)
    const before = one.answer.proof
    // A direction against the wanted one is no fault any more once none is wanted; a ground that is gone is no ground on a line.
    const kept = before.hazards.filter(
      (h) => h.severity === 'stop' && !/rotation-opposite|ground|earth|lead-|post-not/.test(h.code),
    )
    for (const doubt of doubts) {
      const { verdict } = judged(doubt(request))
      if (before.verdict === 'stop' && kept.length > 0)
        expect([one.changes, verdict]).toEqual([one.changes, 'stop'])
      else expect([one.changes, verdict === 'proven' || verdict === 'watch']).toEqual([one.changes, false])
    }
  }
})

it('a worse can never makes a milder verdict: fewer volts, a wider marking', () => {
  for (const one of EVERY) {
    const request = asPut(one)
    const { can } = request
    if (!can) continue
    const worse = [
      { ...can, volts: can.volts - 100 },
      { ...can, tolerancePercent: can.tolerancePercent + 5 },
    ]
    for (const given of worse) {
      const { verdict } = judged({ ...request, can: given })
      expect([one.changes, RANK[verdict] >= RANK[one.answer.proof.verdict]]).toEqual([one.changes, true])
    }
  }
})
