// Every single move of one lead to every other post, on every unit type: what a plain conduction search calls a short, a double tap,
// a dead fan or a fan that runs when it must not is flagged; what is listed here by hand as proper is not.
import { BLOWER_CAN } from '../testing/circuits'
import { CAN, hookupWith, ONE_PHASE, onPost, requestFor } from '../testing/fixtures'
import type { LeadSheet } from '../motor/lead-sheet'
import { hookupPosts } from '../wiring/hookup-posts'
import { unitTypeFor } from '../wiring/unit-types'
import type { UnitType } from '../wiring/unit-type'
import type { HookupAnswer, HookupRequest } from './hookup'

type Edge = readonly [string, string]

function reach(edges: readonly Edge[], from: string): Set<string> {
  const seen = new Set([from])
  for (const at of seen)
    for (const [a, b] of edges) {
      if (a === at) seen.add(b)
      if (b === at) seen.add(a)
    }
  return seen
}

/** Winding end by role; taps by their own name. Nothing is shared with the proof. */
const INNER: Readonly<Record<string, string>> = {
  'motor-common': 'COMMON',
  run: 'RUN',
  'run-return': 'RUN',
  line: 'RUN',
  start: 'START',
  ground: 'FRAME',
}
function innerOf(sheet: LeadSheet, lead: string): string {
  const { role } = sheet.leads.find((l) => l.id === lead)!
  if (role === 'capacitor')
    return sheet.leads.find((l) => l.role === 'capacitor')?.id === lead ? 'START' : 'RUN'
  return INNER[role] ?? `OWN-${lead}`
}

/** What is dangerous, or dead, by walking the copper of each mode; null when nothing is. */
function plainSearch(
  { unit, sheet }: HookupRequest,
  { unitWires, added, can, placements }: HookupAnswer,
  horsepowerTap: string | null,
): string | null {
  const taps = sheet.leads.filter((l) => l.role === 'speed' || l.role === 'power-tap').map((l) => l.id)
  const landed = placements.flatMap(({ lead, goes }): [string, string][] =>
    goes.kind === 'post' ? [[lead, goes.post]] : [],
  )
  for (const { id, fanRuns } of unit.modes) {
    if (sheet.kind === 'psc-blower' && fanRuns && !placements.length) continue
    const edges: Edge[] = [
      ...unit.links.map((l): Edge => [l.from, l.to]),
      ...unit.switches.filter((s) => s.closedIn.includes(id)).map((s): Edge => [s.from, s.to]),
      ...[...unitWires, ...added].map((w): Edge => [w.from, w.to]),
      ...can.groups.flatMap((g) => g.jumpers.map((j): Edge => [`CAN-${j.from}`, `CAN-${j.to}`])),
      ...landed.map(([lead, post]): Edge => [horsepowerTap === lead ? 'COMMON' : innerOf(sheet, lead), post]),
    ]
    const { line1, line2, line3 } = unit.supply
    const reached = [line1, line2, ...(line3 === undefined ? [] : [line3])].map((line) => reach(edges, line))
    const on = (point: string) => reached.findIndex((copper) => copper.has(point))
    if ([line1, line2, line3].some((line, i) => line !== undefined && on(line) !== i)) return `short in ${id}`
    for (const post of unit.posts)
      if ((post.kind === 'coil' || (post.kind === 'earth' && unit.volts > 130)) && on(post.id) >= 0)
        return `line on ${post.id} in ${id}`
    const points =
      sheet.kind === 'psc-blower'
        ? taps.map((t) => `OWN-${t}`)
        : ['COMMON', ...taps.filter((t) => t !== horsepowerTap).map((t) => `OWN-${t}`)]
    const live = points.filter((p) => on(p) >= 0)
    if (live.length > 1) return `two taps in ${id}`
    const driven = live.length === 1 && on('RUN') >= 0 && on(live[0]!) !== on('RUN')
    if (fanRuns && !driven) return `dead fan in ${id}`
    if (!fanRuns && driven) return `runs in ${id}`
  }
  return null
}

/** The modes a unit is used in: what its typical wires call. */
const used = (unit: UnitType): UnitType => ({
  ...unit,
  modes: unit.modes.filter(
    (m) =>
      !m.fanRuns ||
      unit.traits.fan === 'outdoor' ||
      unit.switches.some(
        (s) =>
          s.closedIn.includes(m.id) && unit.typicalWires.some((w) => w.from === s.to && w.to === 'motor'),
      ),
  ),
})

/**
 * Moves that are sound, by hand from the wiring of the units: on a shared can C is tied to run's line, so run may land on C; a lead beside
 * its own line at the compressor, at the supply side of an unswitched pole, or run-return on run's copper is sound with something to know.
 */
const PROPER: readonly (readonly [RegExp, 'proven' | 'watch'])[] = [
  [/^(cooling|heat-pump)-[12]-pole-shared-capacitor rowan-\w+ white CAN-C$/, 'proven'],
  [/^(cooling|heat-pump)-[12]-pole-\w+-capacitor rowan-\w+ white COMP-R$/, 'watch'],
  [/^cooling-[12]-pole-\w+-capacitor rowan-(25r|16f) black COMP-C$/, 'watch'],
  [/^(cooling|heat-pump)-1-pole-\w+-capacitor rowan-\w+ white L2$/, 'watch'],
  [/^(cooling|heat-pump)-[12]-pole-shared-capacitor rowan-(25r|33m) brown\/white (T2|CAN-C)$/, 'watch'],
]

const OUTDOOR = ONE_PHASE.filter((u) => u.traits.fan === 'outdoor').flatMap((u) =>
  ['rowan-25r', 'rowan-33m', 'rowan-16f'].map((s) => [u.id, s] as const),
)
const BLOWERS = ONE_PHASE.filter((u) => u.traits.fan === 'blower' && u.volts < 200).flatMap((u) =>
  ['alder-33b', 'alder-50b'].map((s) => [u.id, s] as const),
)

let cases = 0
let condemned = 0
let sound = 0

it.each([...OUTDOOR, ...BLOWERS])(
  '%s with %s',
  (unitId, sheetId) => {
    const blower = sheetId.startsWith('alder')
    const can = blower
      ? { ...BLOWER_CAN, sections: [{ id: 'a', microfarads: sheetId === 'alder-33b' ? 7.5 : 10 }] }
      : CAN
    const request = {
      ...requestFor(unitId, sheetId, {
        can,
        compressorMicrofarads: unitTypeFor(unitId)!.traits.capacitor === 'shared' ? 45 : null,
      }),
    }
    const home = hookupWith(request, {})
    expect(home.proof.verdict).toBe('proven')
    const tap = request.sheet.settings.horsepower[0]?.land[0]?.lead ?? null
    expect(plainSearch({ ...request, unit: used(request.unit) }, home, tap)).toBeNull()
    for (const { lead, goes } of home.leads.filter(
      (l) => request.sheet.leads.find((s) => s.id === l.lead)?.role !== 'rotation',
    ))
      for (const post of hookupPosts(request.unit, can)) {
        if (goes.kind === 'post' && goes.post === post.id) continue
        cases += 1
        const answer = hookupWith(request, { [lead]: onPost(post.id) }, { mends: false })
        const why = plainSearch({ ...request, unit: used(request.unit) }, answer, tap)
        if (why) {
          condemned += 1
          expect([lead, post.id, why, answer.proof.verdict]).toEqual([lead, post.id, why, 'stop'])
        }
        const proper = PROPER.find(([pattern]) => pattern.test(`${unitId} ${sheetId} ${lead} ${post.id}`))
        if (!proper) continue
        sound += 1
        expect([lead, post.id, answer.proof.verdict]).toEqual([lead, post.id, proper[1]])
      }
  },
  60_000,
)

it('were thousands of cases, and the search condemned enough of them to mean something', () => {
  expect(cases).toBeGreaterThan(3000)
  expect(condemned).toBeGreaterThan(1400)
  // Four of the eight units share a can, four are cooling, four have one pole; two of the three motors have a white run lead and a
  // run-return, two a black that is motor common alone. Row by row: 4·2 + 8·2 + 4·2 + 4·2 + 4·2·2.
  expect(sound).toBe(56)
})
