// What is contradictory in a recorded set of old wires, before anything is concluded from it.
import { at } from '../quantity/at'
import type { Problem } from '../quantity/problem'
import { insulationName } from '../motor/colour'
import { postName, postOf, type UnitType } from './unit-type'
import { goesToMotor, type NamedWire } from './wire'

/** Wires with an end missing, on a terminal the unit lacks, or claiming one that another motor wire has. */
export function wireProblems(unit: UnitType, wires: readonly NamedWire[]): Problem[] {
  const problems: Problem[] = []
  wires.forEach((wire, i) => {
    if (!wire.from)
      problems.push({
        path: `wires.${i}.from`,
        message: 'The wire has no first end: name the terminal it leaves.',
      })
    else if (!postOf(unit, wire.from))
      problems.push({ path: `wires.${i}.from`, message: `This unit has no terminal called “${wire.from}”.` })
    if (!wire.to)
      problems.push({
        path: `wires.${i}.to`,
        message: 'The wire has no second end: name the terminal it goes to, or “motor”.',
      })
    else if (!goesToMotor(wire) && !postOf(unit, wire.to))
      problems.push({ path: `wires.${i}.to`, message: `This unit has no terminal called “${wire.to}”.` })
    else if (wire.from && wire.from === wire.to)
      problems.push({
        path: `wires.${i}.to`,
        message: `The wire leaves ${postName(unit, wire.from)} and comes back to it.`,
      })
    if (wires.findIndex((other) => other.id === wire.id) !== i)
      problems.push({
        path: `wires.${i}.id`,
        message: `The wire on ${postName(unit, wire.from)} is recorded twice under one name.`,
      })
    const rival = wires.findIndex((other, j) => j < i && claimsSame(unit, other, wire))
    if (rival >= 0) {
      const message = `Two motor wires claim ${postName(unit, wire.from)}: ${wireName(at(wires, rival))} and ${wireName(wire)}. Each winding end has its own terminal; trace both again.`
      problems.push({ path: `wires.${i}.from`, message })
    }
  })
  return problems
}

/** A wire as people point at it: "the brown wire"; its post is named beside it. */
function wireName(wire: NamedWire): string {
  const last = wire.segments.at(-1)
  return last ? `the ${insulationName(last)} wire` : 'one whose colour is not noted'
}

function claimsSame(unit: UnitType, a: NamedWire, b: NamedWire): boolean {
  if (!goesToMotor(a) || !goesToMotor(b) || a.from !== b.from || !a.from) return false
  if (postOf(unit, a.from)?.kind === 'earth') return false
  // Some land run-return beside run: then it must be said which of the two it is.
  return ![a, b].some((wire) => wire.stated.some((s) => s.role === 'run-return'))
}
