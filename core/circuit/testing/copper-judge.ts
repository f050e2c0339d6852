// A judge of the copper for the tests, written apart from the proof: conductors by union in each mode, windings by their role on the tag,
// first principles. It reads the unit type's data and shares nothing with core/circuit but the shape of an answer. Derived:
// a motor runs when line stands across its main winding; its auxiliary needs its own capacitor, from start to run, and no line of its own;
// what joins the two lines, a line and earth, or a line and 24 V is a short; a lead left loose may touch anything.
import type { LeadSheet } from '../../motor/lead-sheet'
import type { UnitType } from '../../wiring/unit-type'
import type { HookupAnswer, HookupRequest } from '../hookup'

/** A disjoint-set forest over names. */
class Copper {
  private readonly up = new Map<string, string>()
  of(name: string): string {
    let at = name
    while (this.up.has(at)) at = this.up.get(at) as string
    return at
  }
  tie(a: string, b: string): void {
    const [x, y] = [this.of(a), this.of(b)]
    if (x !== y) this.up.set(x, y)
  }
  tied(a: string, b: string): boolean {
    return this.of(a) === this.of(b)
  }
}

interface Case {
  readonly request: HookupRequest
  readonly answer: HookupAnswer
  readonly unit: UnitType
  readonly sheet: LeadSheet
  /** Lead to post; leads that are nowhere else are not in it. */
  readonly landed: ReadonlyMap<string, string>
}

const roleOf = (sheet: LeadSheet, lead: string) => sheet.leads.find((l) => l.id === lead)?.role

/** The point inside the motor that a lead comes from. Of a motor with horsepower taps the one that is set is motor common. */
function inner({ sheet, answer }: Case, lead: string): string {
  const role = roleOf(sheet, lead)
  if (role === 'motor-common') return 'M:common'
  if (role === 'run' || role === 'run-return') return 'M:run'
  if (role === 'start') return 'M:start'
  if (role === 'ground') return 'M:frame'
  if (role === 'line' && sheet.kind === 'psc-blower') return 'M:run'
  if (role === 'power-tap')
    return answer.horsepower.land.some((l) => l.lead === lead) ? 'M:common' : `M:${lead}`
  return `M:${lead}`
}

function copperOf(c: Case, mode: string, without?: string): Copper {
  const { unit, answer, landed } = c
  const copper = new Copper()
  for (const l of unit.links) copper.tie(l.from, l.to)
  for (const s of unit.switches)
    if ((s.closedIn as readonly string[]).includes(mode)) copper.tie(s.from, s.to)
  for (const w of [...answer.unitWires, ...answer.added]) copper.tie(w.from, w.to)
  const planned = answer.plan.groups.flatMap((g) =>
    g.jumpers.map((j) => [`CAN-${j.from}`, `CAN-${j.to}`] as const),
  )
  const put = c.request.put?.jumpers.map((j) => [j.from, j.to] as const)
  for (const [a, b] of put ?? planned) copper.tie(a, b)
  for (const [lead, post] of landed) if (lead !== without) copper.tie(inner(c, lead), post)
  for (const p of unit.posts) if (p.kind === 'earth') copper.tie(p.id, 'EARTH')
  return copper
}

type Line = 'one' | 'two' | 'three' | null
function lineAt(c: Case, copper: Copper, point: string): Line {
  if (copper.tied(point, c.unit.supply.line1)) return 'one'
  if (copper.tied(point, c.unit.supply.line2)) return 'two'
  const third = c.unit.supply.line3
  return third !== undefined && copper.tied(point, third) ? 'three' : null
}

/** Total µF that the can puts between two points; NaN where a section of one of them ends elsewhere. */
function between({ answer }: Case, copper: Copper, a: string, b: string): number {
  let sum = 0
  for (const { id, microfarads } of answer.can.sections) {
    const [x, y] = [`CAN-${id}`, 'CAN-C']
    const ends = [copper.tied(x, a), copper.tied(y, a), copper.tied(x, b), copper.tied(y, b)]
    if (ends[0] === ends[1]) continue
    const far = ends[0] ? ends[3] : ends[2]
    if (!far) return NaN
    sum += microfarads
  }
  return sum
}

const off = (value: number, wanted: number, percent: number): boolean =>
  !(Math.abs(value - wanted) <= (wanted * percent) / 100 + 1e-6)

/** Why the hookup must not be called proven, in few words; null: nothing speaks against it. */
export function condemns(request: HookupRequest, answer: HookupAnswer): string | null {
  const { unit, sheet } = request
  const landed = new Map(
    answer.placements.flatMap(({ lead, goes }): [string, string][] =>
      goes.kind === 'post' ? [[lead, goes.post]] : [],
    ),
  )
  const c: Case = { request, answer, unit, sheet, landed }
  const used = new Set(answer.proof.modes.map((m) => m.mode))
  return (
    ofLeads(c) ??
    ofSettings(c) ??
    unit.modes
      .filter((m) => used.has(m.id))
      .map((m) => ofMode(c, m.id, m.fanRuns))
      .find((why) => why !== null) ??
    null
  )
}

/** Each lead by itself: dealt with once; what must stay apart is apart. */
function ofLeads({ sheet, answer, unit, landed }: Case): string | null {
  const plugged = new Set(answer.plug.set.join.flat())
  const joined = new Set(answer.speed?.join.flat() ?? [])
  for (const { id, role } of sheet.leads) {
    const at = answer.placements.filter((p) => p.lead === id)
    const [one] = at
    if (at.length !== 1 || !one) return `${id} is placed ${at.length} times`
    const kind = one.goes.kind
    if (kind === 'loose') return `${id} hangs loose`
    const post = unit.posts.find((p) => p.id === landed.get(id))
    if (role === 'ground') {
      if (kind === 'plug') return `${id} in the plug`
      continue
    }
    if (kind === 'post' && (post?.kind === 'earth' || post?.kind === 'coil')) return `${id} on ${post.kind}`
    if (role === 'rotation') {
      if (plugged.has(id) !== (kind === 'plug')) return `${id} is not in the plug as set`
      if (kind === 'post') return `${id} is landed`
    } else if (kind === 'plug') return `${id} does not belong in the plug`
    if (role === 'select' && joined.has(id) && kind !== 'post') return `${id} is not joined`
    if (role === 'select' && !joined.has(id) && kind === 'post') return `${id} is to be left open`
    if (['motor-common', 'run', 'start', 'line', 'phase'].includes(role) && kind !== 'post')
      return `${id} is not landed`
    if (role === 'capacitor' && kind !== 'post') return `${id} is not landed`
    if (role === 'power-tap') {
      const set = answer.horsepower.land.some((l) => l.lead === id)
      if (set !== (kind === 'post')) return `${id}: the tap that is set is landed, and no other`
    }
  }
  return null
}

/** Volts, hertz, direction, the can's volts. */
function ofSettings({ request, sheet, unit, answer }: Case): string | null {
  if ((request.unsettled ?? []).length > 0) return 'what is not settled of supply or volts'
  const { low, high } = sheet.nameplate.volts
  if (unit.volts < 0.9 * low - 1e-6 || unit.volts > 1.1 * high + 1e-6) return 'the motor’s volts'
  if ((request.hertz ?? 60) !== sheet.nameplate.hertz) return 'the motor’s hertz'
  if (sheet.capacitor && answer.can.volts < sheet.capacitor.volts) return 'the can’s volts'
  if (
    request.compressorVolts &&
    unit.traits.capacitor === 'shared' &&
    answer.can.volts < request.compressorVolts
  )
    return 'the can’s volts for the compressor'
  const { wanted } = request
  // Three phases turn as their lines come: nothing of it is set before power.
  if (wanted && sheet.kind !== 'three-phase') {
    const same = wanted.seenFrom === sheet.rotationNamedFrom
    const turns = answer.plug.set.direction
    if ((turns === wanted.direction) !== same) return 'turns the wrong way'
  }
  return null
}

function ofMode(c: Case, mode: string, fanRuns: boolean): string | null {
  const { unit, sheet } = c
  const copper = copperOf(c, mode)
  const { line1, line2, line3 } = unit.supply
  if (copper.tied(line1, line2)) return `the lines are joined in ${mode}`
  if (line3 !== undefined && (copper.tied(line1, line3) || copper.tied(line2, line3)))
    return `the lines are joined in ${mode}`
  const lined = (point: string) => lineAt(c, copper, point)
  if (lined('EARTH')) return `a line is on earth in ${mode}`
  for (const p of unit.posts) if (p.kind === 'coil' && lined(p.id)) return `a line is on 24 V in ${mode}`
  if (lined('M:frame')) return `the frame is on a line in ${mode}`
  const coils = unit.posts.filter((p) => p.kind === 'coil').map((p) => p.id)
  for (const { id, role } of sheet.leads) {
    const point = inner(c, id)
    // A 24 V side that is bonded to the chassis is common, and then every ground is on it.
    if (role !== 'ground' && coils.some((coil) => copper.tied(point, coil)))
      return `${id} reaches the 24 V side in ${mode}`
    if (role !== 'ground' && copper.tied(point, 'EARTH')) return `${id} reaches earth in ${mode}`
  }
  return (
    (sheet.kind === 'psc-blower'
      ? ofBlower(c, copper, mode, fanRuns)
      : ofOutdoor(c, copper, mode, fanRuns)) ?? ofCompressor(c, copper, mode)
  )
}

function ofOutdoor(c: Case, copper: Copper, mode: string, fanRuns: boolean): string | null {
  const { sheet } = c
  const lined = (point: string) => lineAt(c, copper, point)
  if (sheet.kind === 'ecm-outdoor') return ofElectronic(c, copper, mode, fanRuns)
  if (sheet.kind === 'three-phase') return ofThree(c, copper, mode, fanRuns)
  const [common, run] = [lined('M:common'), lined('M:run')]
  const driven = common !== null && run !== null && common !== run
  if (driven !== fanRuns) return `${driven ? 'driven' : 'not driven'} in ${mode}`
  if (lined('M:start')) return `start on a line in ${mode}`
  if (!fanRuns || !sheet.capacitor) return null
  if (copper.tied('M:start', 'M:run') || copper.tied('M:start', 'M:common'))
    return 'start on another winding end'
  if (copper.tied('M:start', 'COMP-S')) return 'one section for two loads'
  return off(
    between(c, copper, 'M:start', 'M:run'),
    sheet.capacitor.microfarads,
    c.request.tolerancePercent ?? 6,
  )
    ? 'the µF between start and run'
    : null
}

/** Three ends on three lines turn it; two ends on two lines already drive current through it. */
function ofThree(c: Case, copper: Copper, mode: string, fanRuns: boolean): string | null {
  const at = c.sheet.leads.filter((l) => l.role === 'phase').map((l) => lineAt(c, copper, `M:${l.id}`))
  const live = new Set(at.filter((line) => line !== null))
  if (fanRuns) return live.size === 3 ? null : `on ${live.size} lines in ${mode}`
  return live.size > 1 ? `current flows in ${mode}` : null
}

function ofElectronic(c: Case, copper: Copper, mode: string, fanRuns: boolean): string | null {
  const lines = c.sheet.leads.filter((l) => l.role === 'line').map((l) => lineAt(c, copper, `M:${l.id}`))
  const driven = lines.length === 2 && lines[0] !== null && lines[1] !== null && lines[0] !== lines[1]
  if (driven !== fanRuns) return `${driven ? 'driven' : 'not driven'} in ${mode}`
  for (const [a, b] of c.answer.speed?.join ?? [])
    if (!copper.tied(`M:${a}`, `M:${b}`)) return `${a} is not joined to ${b}`
  return null
}

function ofBlower(c: Case, copper: Copper, mode: string, fanRuns: boolean): string | null {
  const { sheet, landed } = c
  const taps = sheet.leads.filter((l) => l.role === 'speed').map((l) => l.id)
  const live = taps.filter((tap) => lineAt(c, copper, `M:${tap}`) !== null)
  for (const [i, a] of taps.entries())
    for (const b of taps.slice(i + 1))
      if (copper.tied(`M:${a}`, `M:${b}`)) return `${a} and ${b} are tied in ${mode}`
  if (live.length > 1) return `two taps live in ${mode}`
  const run = lineAt(c, copper, 'M:run')
  const tap = live[0] === undefined ? null : lineAt(c, copper, `M:${live[0]}`)
  const driven = tap !== null && run !== null && tap !== run
  if (driven !== fanRuns) return `${driven ? 'driven' : 'not driven'} in ${mode}`
  // Neither capacitor lead may touch anything but the capacitor, and the two stand across the tag's µF.
  const ends = sheet.leads.filter((l) => l.role === 'capacitor').map((l) => l.id)
  for (const lead of ends) {
    const post = landed.get(lead) ?? ''
    if (lineAt(c, copper, post) || copper.tied(post, 'EARTH'))
      return `${lead} touches a line or earth in ${mode}`
    for (const [other, at] of landed)
      if (other !== lead && copper.tied(at, post)) return `${lead} touches ${other}`
    if (!post.startsWith('CAN-')) return `${lead} is not on the capacitor`
  }
  const [a, b] = ends
  if (!fanRuns || !sheet.capacitor || a === undefined || b === undefined) return null
  return off(
    between(c, copper, `M:${a}`, `M:${b}`),
    sheet.capacitor.microfarads,
    c.request.tolerancePercent ?? 6,
  )
    ? 'the µF across the capacitor leads'
    : null
}

/** A compressor on three phases: each post on a line of its own when the contactor is closed, on none when it is open. */
function ofThreePosts(c: Case, copper: Copper, mode: string): string | null {
  const closed = c.unit.switches.some(
    (s) => s.to === 'T1' && (s.closedIn as readonly string[]).includes(mode),
  )
  const lines = ['COMP-1', 'COMP-2', 'COMP-3'].map((post) => lineAt(c, copper, post))
  if (!closed) return lines.some((line) => line !== null) ? `the compressor is live in ${mode}` : null
  return new Set(lines.filter((line) => line !== null)).size === 3
    ? null
    : `the compressor is not on three lines in ${mode}`
}

/** The compressor: fed just when the contactor is closed; start on its own capacitor alone. */
function ofCompressor(c: Case, copper: Copper, mode: string): string | null {
  const { unit, request } = c
  if (unit.posts.some((p) => p.id === 'COMP-1')) return ofThreePosts(c, copper, mode)
  if (!unit.posts.some((p) => p.id === 'COMP-C')) return null
  const closed = unit.switches.some(
    (s) => ['T1', 'T2'].includes(s.to) && (s.closedIn as readonly string[]).includes(mode),
  )
  const [common, run] = [lineAt(c, copper, 'COMP-C'), lineAt(c, copper, 'COMP-R')]
  const driven = common !== null && run !== null && common !== run
  if (driven !== closed) return `the compressor is ${driven ? '' : 'not '}fed in ${mode}`
  if (lineAt(c, copper, 'COMP-S')) return `the compressor’s start is on a line in ${mode}`
  if (!closed) return null
  if (copper.tied('COMP-S', 'COMP-R') || copper.tied('COMP-S', 'COMP-C'))
    return 'the compressor’s start is joined'
  if (unit.traits.capacitor === 'shared') {
    const microfarads = between(c, copper, 'COMP-S', 'COMP-R')
    return off(microfarads, request.compressorMicrofarads ?? NaN, request.tolerancePercent ?? 6)
      ? 'the compressor’s µF'
      : null
  }
  const across =
    (copper.tied('H1', 'COMP-S') && copper.tied('H2', 'COMP-R')) ||
    (copper.tied('H2', 'COMP-S') && copper.tied('H1', 'COMP-R'))
  if (!across) return 'the compressor’s capacitor'
  const stray = c.answer.can.sections.some(
    ({ id }) => copper.tied(`CAN-${id}`, 'COMP-S') !== copper.tied('CAN-C', 'COMP-S'),
  )
  return stray ? 'a section of the fan’s can on the compressor’s start' : null
}
