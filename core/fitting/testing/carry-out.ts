// Two hands that do what the steps say and nothing else, on the unit as it was recorded. They know no hookup: only posts, ends and leads.
import type { HookupRequest } from '../../circuit/hookup'
import { goesToMotor } from '../../wiring/wire'
import type { FitAct } from '../step'

/** What is there when the hands are done. */
export interface Fitted {
  /** Wire to its two ends, in any order. */
  readonly wires: ReadonlyMap<string, readonly string[]>
  /** Lead to its post, or how else it was dealt with. */
  readonly leads: ReadonlyMap<string, string>
  readonly jumpers: readonly (readonly string[])[]
  readonly ties: readonly (readonly string[])[]
  readonly kit: readonly string[] | null
  /** Leads of the old motor that are still on a post. */
  readonly oldLeads: readonly string[]
  readonly oldCanOut: boolean
}

/** Throws where a step asks for what is not there: a wire that is not on the post it is to leave, a lead landed twice. */
export function carryOut(request: HookupRequest, acts: readonly FitAct[]): Fitted {
  const old = new Set(request.wires.filter(goesToMotor).map((w) => w.id as string))
  const wires = new Map<string, string[]>(
    request.wires.filter((w) => !goesToMotor(w)).map((w) => [w.id, [w.from, w.to]]),
  )
  const leads = new Map<string, string>()
  const [jumpers, ties]: [string[][], string[][]] = [[], []]
  let kit: string[] | null = null
  let oldCanOut = false
  for (const act of acts)
    switch (act.kind) {
      case 'take-off':
        if (!old.delete(act.wire)) throw new Error(`no old lead ${act.wire} to take off`)
        break
      case 'take-out':
        oldCanOut = true
        break
      case 'tie':
        ties.push([act.from, act.to])
        break
      case 'jumper':
        jumpers.push([act.from, act.to])
        break
      case 'move': {
        const ends = wires.get(act.wire)
        const end = ends?.indexOf(act.from) ?? -1
        if (!ends || end < 0) throw new Error(`${act.wire} has no end on ${act.from}`)
        wires.set(
          act.wire,
          ends.map((post, i) => (i === end ? act.to : post)),
        )
        break
      }
      case 'remove':
        if (!wires.delete(act.wire)) throw new Error(`no wire ${act.wire} to take out`)
        break
      case 'add':
        wires.set(act.wire.id, [act.wire.from, act.wire.to])
        break
      case 'land':
        if (leads.has(act.lead)) throw new Error(`${act.lead} is landed twice`)
        leads.set(act.lead, act.goes.kind === 'post' ? act.goes.post : act.goes.kind)
        break
      case 'kit':
        kit = [act.near, act.far]
        break
    }
  return { wires, leads, jumpers, ties, kit, oldLeads: [...old], oldCanOut }
}
