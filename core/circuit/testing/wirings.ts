// Seeded wirings for the judge: a sound hookup of a unit type, motor and can, with one to three things put otherwise: a lead, two leads
// exchanged, a wire of the unit, the plug, the supply, the can.
import { CAN, hookupWith, requestFor, threePhaseRequest } from '../../testing/fixtures'
import { BLOWER_CAN } from '../../testing/circuits'
import { drawsFrom } from '../../quantity/draws'
import type { LeadSheet } from '../../motor/lead-sheet'
import { sheetOnVolts } from '../../motor/volts-choice'
import { onSupply } from '../../supply/supply'
import { hookupPosts } from '../../wiring/hookup-posts'
import { canPosts, NO_CAN } from '../../wiring/new-can'
import type { Placement } from '../../wiring/placement'
import type { UnitType } from '../../wiring/unit-type'
import { UNIT_TYPES } from '../../wiring/unit-types'
import type { HookupAnswer, HookupRequest } from '../hookup'

/** One wiring, with what was put otherwise in words. */
export interface Wiring {
  readonly request: HookupRequest
  readonly answer: HookupAnswer
  readonly changes: readonly string[]
}

const OUTDOOR = ['rowan-25r', 'rowan-33m', 'rowan-16f', 'teal-33e']
/** A blower for two lines of 230 V: the demo's on another plate. */
export const at230 = (sheet: LeadSheet): LeadSheet => ({
  ...sheet,
  constants: null,
  nameplate: { ...sheet.nameplate, volts: { low: 208, high: 240 } },
  settings: {
    ...sheet.settings,
    horsepower: sheet.settings.horsepower.map((c) => ({ ...c, amps: c.amps / 2 })),
    speed: sheet.settings.speed.map((s) => ({ ...s, amps: s.amps && s.amps / 2 })),
  },
})

/** A blower that its leads are joined for 115 or 230 V. */
const dual = (sheet: LeadSheet): LeadSheet => ({
  ...sheet,
  constants: null,
  nameplate: { ...sheet.nameplate, volts: { low: 115, high: 230 } },
  settings: {
    ...sheet.settings,
    volts: [115, 230].map((volts) => ({
      volts: { low: volts, high: volts },
      amps: ((sheet.settings.horsepower[0]?.amps ?? 1) * 115) / volts,
      how: '',
    })),
  },
})

/** The blower on the unit's volts; or one for two voltages, joined for either, or not said for which. */
function blowerFor(sheet: LeadSheet, volts: number, { draw, pick }: Pick<Hand, 'draw' | 'pick'>) {
  if (draw() < 0.75) return { sheet: volts > 200 ? at230(sheet) : sheet, unsettled: [] }
  const { sheet: joined, open } = sheetOnVolts(dual(sheet), pick(['115', '230', '230', null]), volts)
  return { sheet: joined, unsettled: open === null ? [] : [open] }
}

/** Wirings of outdoor fans, or of blowers, from a seed. */
export function* wirings(fan: 'outdoor' | 'blower', count: number, seed: number): Generator<Wiring> {
  const draw = drawsFrom(seed)
  const pick = <T>(list: readonly T[]): T => list[Math.floor(draw() * list.length)] as T
  const units = UNIT_TYPES.filter((u) => u.traits.fan === fan)
  for (let i = 0; i < count; i++) {
    const unit = pick(units)
    const base =
      fan === 'outdoor' ? outdoorRequest(unit, pick) : requestFor(unit.id, 'alder-33b', { can: BLOWER_CAN })
    const { sheet, unsettled } =
      fan === 'blower'
        ? blowerFor(base.sheet, unit.volts, { draw, pick })
        : { sheet: base.sheet, unsettled: [] }
    let request: HookupRequest = {
      ...base,
      sheet,
      unsettled,
      speed: sheet.kind === 'ecm-outdoor' ? pick(['high', 'low'] as const) : null,
      horsepower: pick(sheet.settings.horsepower).horsepower,
      compressorVolts: unit.traits.capacitor === 'shared' ? pick([370, 440]) : null,
    }
    const changes: string[] = []
    const moves: Record<string, Placement> = {}
    for (let n = 1 + Math.floor(draw() * 3); n > 0; n--)
      request = changed(request, { draw, pick, moves, changes })
    yield { request, answer: hookupWith(request, moves, { mends: false }), changes }
  }
}

/** A motor of the unit's phases, on a supply of its volts where it has three. */
function outdoorRequest(unit: UnitType, pick: Hand['pick']): HookupRequest {
  if (unit.traits.phases === 3) return threePhaseRequest()
  return requestFor(unit.id, pick(OUTDOOR), { can: pick([CAN, CAN, { ...CAN, volts: 370 }]) })
}

interface Hand {
  readonly draw: () => number
  readonly pick: <T>(list: readonly T[]) => T
  readonly moves: Record<string, Placement>
  readonly changes: string[]
}

/** One thing put otherwise; leads go into `moves`, all else into the request. */
function changed(request: HookupRequest, { draw, pick, moves, changes }: Hand): HookupRequest {
  const { unit, sheet, wires } = request
  const can = request.can ?? NO_CAN
  const posts = hookupPosts(unit, can).map((p) => p.id)
  if (can.sections.length > 1 && draw() < 0.15) return rewired(request, { draw, pick, moves, changes })
  const kind = draw()
  if (kind < 0.5) {
    const lead = pick(sheet.leads).id
    const goes: Placement =
      draw() < 0.85
        ? { kind: 'post', post: pick(posts) }
        : { kind: pick(['insulated', 'loose', 'plug'] as const) }
    moves[lead] = goes
    changes.push(`${lead} to ${goes.kind === 'post' ? goes.post : goes.kind}`)
    return request
  }
  if (kind < 0.65) {
    const [a, b] = [pick(sheet.leads).id, pick(sheet.leads).id]
    const home = hookupWith(request, moves, { mends: false }).placements
    const of = (lead: string) => moves[lead] ?? home.find((p) => p.lead === lead)?.goes
    const [x, y] = [of(a), of(b)]
    if (x && y) Object.assign(moves, { [a]: y, [b]: x })
    changes.push(`${a} and ${b} exchanged`)
    return request
  }
  if (kind < 0.9) {
    const own = wires.filter((w) => w.to !== 'motor')
    const post = pick(unit.posts).id
    const wire = draw() < 0.7 && own.length > 0 ? pick(own) : null
    if (!wire) {
      const other = pick(unit.posts.filter((p) => p.id !== post)).id
      changes.push(`wire added ${post} - ${other}`)
      const added = { id: `x${wires.length}`, from: post, to: other, segments: [], traced: true, stated: [] }
      return { ...request, wires: [...wires, added] }
    }
    if (draw() < 0.2) {
      changes.push(`wire ${wire.id} gone`)
      return { ...request, wires: wires.filter((w) => w !== wire) }
    }
    if (post === wire.to) return request
    changes.push(`wire ${wire.id} from ${post}`)
    return { ...request, wires: wires.map((w) => (w === wire ? { ...w, from: post } : w)) }
  }
  if (kind < 0.95) {
    const plug = pick(sheet.settings.rotation).direction
    changes.push(`plug ${plug}`)
    return { ...request, plug }
  }
  const volts = pick([unit.volts, 208, 277, 460, 120])
  changes.push(`supply ${volts} V`)
  return { ...request, unit: onSupply(unit, { volts, hertz: 60 }) }
}

/** The can's jumpers, or a wire of the unit on the can, put otherwise by hand. */
function rewired(request: HookupRequest, { draw, pick, moves, changes }: Hand): HookupRequest {
  const { can, unitWires } = hookupWith(request, moves, { mends: false })
  const posts = canPosts(can).map((post) => post.id)
  let jumpers = [...can.jumpers]
  let wires = [...(request.put?.wires ?? [])]
  const onCan = unitWires.filter((w) => posts.includes(w.from) !== posts.includes(w.to))
  if (onCan.length > 0 && draw() < 0.3) {
    const [wire, post] = [pick(onCan).id, pick(posts)]
    wires = [...wires.filter((w) => w.wire !== wire), { wire, post }]
    changes.push(`${wire} on the can to ${post}`)
  }
  if (jumpers.length > 0 && draw() < 0.6) {
    const gone = pick(jumpers)
    jumpers = jumpers.filter((j) => j !== gone)
    changes.push(`jumper ${gone.from} - ${gone.to} gone`)
  }
  if (draw() < 0.7) {
    const from = pick(posts)
    const to = pick(posts.filter((post) => post !== from))
    jumpers.push({ from, to })
    changes.push(`jumper ${from} - ${to}`)
  }
  return { ...request, put: { jumpers, wires } }
}
