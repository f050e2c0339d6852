// Any wiring at all gets a verdict, and "proven" is never given to one that a plain search of the copper condemns.
// The search here shares nothing with the proof: it walks a list of edges made from the unit's own data.
import fc from 'fast-check'
import { CAN, ONE_PHASE, onPost, requestFor } from '../testing/fixtures'
import { hookupPosts } from '../wiring/hookup-posts'
import type { Placement } from '../wiring/placement'
import { workOutHookup, type HookupAnswer, type HookupRequest } from './hookup'

type Edge = readonly [string, string]

/** All that copper reaches from a point. */
function reach(edges: readonly Edge[], from: string): Set<string> {
  const seen = new Set([from])
  const queue = [from]
  while (queue.length > 0) {
    const at = queue.pop() as string
    for (const [a, b] of edges)
      for (const [here, there] of [
        [a, b],
        [b, a],
      ] as const)
        if (here === at && !seen.has(there)) {
          seen.add(there)
          queue.push(there)
        }
  }
  return seen
}

/** Copper of a mode: unit, moved wires, jumpers, and the motor's leads ("run-return" is run). */
function edgesIn(request: HookupRequest, answer: HookupAnswer, mode: string): Edge[] {
  const { unit, sheet } = request
  const inner: Record<string, string> = {
    'motor-common': 'COMMON',
    run: 'RUN',
    'run-return': 'RUN',
    start: 'START',
    ground: 'FRAME',
  }
  return [
    ...unit.links.map((l): Edge => [l.from, l.to]),
    ...unit.switches
      .filter((s) => (s.closedIn as readonly string[]).includes(mode))
      .map((s): Edge => [s.from, s.to]),
    ...[...answer.unitWires, ...answer.added].map((w): Edge => [w.from, w.to]),
    ...answer.plan.groups.flatMap((g) => g.jumpers.map((j): Edge => [`CAN-${j.from}`, `CAN-${j.to}`])),
    ...answer.placements.flatMap(({ lead, goes }): Edge[] => {
      const role = sheet.leads.find((l) => l.id === lead)?.role ?? ''
      return goes.kind === 'post' ? [[inner[role] ?? `PLUG-${lead}`, goes.post]] : []
    }),
  ]
}

/** Why this hookup must not be powered, by plain search; null when nothing speaks against it. */
function condemned(request: HookupRequest, answer: HookupAnswer): string | null {
  const { supply } = request.unit
  const lines = [supply.line1, supply.line2, ...(supply.line3 === undefined ? [] : [supply.line3])]
  for (const { id, fanRuns } of request.unit.modes) {
    const edges = edgesIn(request, answer, id)
    const reached = lines.map((line) => reach(edges, line))
    const live = (point: string) => reached.some((copper) => copper.has(point))
    if (lines.some((line, i) => reached.some((copper, k) => k !== i && copper.has(line))))
      return `lines joined in ${id}`
    if (['GND', 'A1', 'A2'].some(live)) return `line on earth or coil in ${id}`
    const driven = reached.some(
      (copper, i) => copper.has('COMMON') && reached.some((other, k) => k !== i && other.has('RUN')),
    )
    if (driven !== fanRuns) return `driven ${driven} in ${id}`
    if (live('START')) return `start on a line in ${id}`
    if (fanRuns) {
      const start = reach(edges, 'START')
      if (start.has('RUN') || start.has('COMMON')) return 'start joined to another winding end'
      const sections = CAN.sections.filter((s) => start.has(`CAN-${s.id}`) !== start.has('CAN-C'))
      const run = reach(edges, 'RUN')
      if (!sections.every((s) => run.has(start.has(`CAN-${s.id}`) ? 'CAN-C' : `CAN-${s.id}`)))
        return 'the capacitor’s far side is not run'
      const total = sections.reduce((sum, s) => sum + s.microfarads, 0)
      const wanted = request.sheet.capacitor?.microfarads ?? NaN
      if (Math.abs(total - wanted) > wanted * 0.06 + 1e-9) return `${total} µF instead of ${wanted}`
      if (start.has('COMP-S')) return 'one section for two loads'
      if (live('COMP-S')) return 'compressor’s start on a line'
    }
  }
  return null
}

const anyCase = fc.constantFrom(...ONE_PHASE).chain((unit) => {
  const request = requestFor(unit.id)
  const places: Placement[] = [
    ...hookupPosts(unit, request.can).map((p) => onPost(p.id)),
    { kind: 'insulated' },
    { kind: 'plug' },
    { kind: 'loose' },
  ]
  const moves = fc.array(
    fc.record({
      lead: fc.constantFrom(...request.sheet.leads.map((l) => l.id)),
      goes: fc.constantFrom(...places),
    }),
    { maxLength: 9 },
  )
  return moves.map((placements): HookupRequest => ({ ...request, placements }))
})

it('“proven” and “watch” are only given where the plain search finds nothing, on 3,000 random hookups', () => {
  fc.assert(
    fc.property(anyCase, (request) => {
      const answer = workOutHookup(request)
      const why = condemned(request, answer)
      if (answer.proof.verdict === 'proven' || answer.proof.verdict === 'watch') expect(why).toBeNull()
    }),
    { numRuns: 3000, seed: 42 },
  )
}, 60_000)

it('what the plain search condemns is always stopped, one and two leads at a time', () => {
  const request = requestFor('heat-pump-1-pole-shared-capacitor')
  const places = hookupPosts(request.unit, request.can).map((p) => onPost(p.id))
  let bad = 0
  for (const first of places)
    for (const second of places) {
      const moved = {
        ...request,
        placements: [
          { lead: 'black', goes: first },
          { lead: 'white', goes: second },
        ],
      }
      const answer = workOutHookup(moved, { mends: false })
      if (condemned(moved, answer) === null) continue
      bad += 1
      expect([first, second, answer.proof.verdict]).toEqual([first, second, 'stop'])
    }
  expect(bad).toBeGreaterThan(200)
})

describe('wirings that make no sense still get a verdict', () => {
  const everyLead = (goes: Placement): HookupRequest => {
    const request = requestFor()
    return { ...request, placements: request.sheet.leads.map((l) => ({ lead: l.id, goes })) }
  }
  it.each([
    ['everything insulated', everyLead({ kind: 'insulated' })],
    ['everything loose', everyLead({ kind: 'loose' })],
    ['everything on one post', everyLead(onPost('T1'))],
    ['no unit wires at all', { ...requestFor(), wires: requestFor().wires.filter((w) => w.to === 'motor') }],
    ['no motor wires at all', { ...requestFor(), wires: requestFor().wires.filter((w) => w.to !== 'motor') }],
    ['no wires at all', { ...requestFor(), wires: [] }],
    ['a can of one section', { ...requestFor(), can: { ...CAN, sections: [{ id: 'x', microfarads: 7.5 }] } }],
  ])('%s', (_, request) => {
    const { proof } = workOutHookup(request, { mends: false })
    expect(proof.verdict).toBe('stop')
    expect(proof.sentence.length).toBeGreaterThan(10)
  })
})
