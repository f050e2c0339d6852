// How a unit that was put together is made safe: what any such unit asks for, by its own lines.
import { linesOf, type PostId, type UnitType } from '../unit-type'

/** What every such unit is opened by, and each pair of its lines on both sides of what switches them. */
export function safetyOf(unit: Omit<UnitType, 'safety'>): UnitType['safety'] {
  const lines = linesOf(unit)
  const label = (id: PostId) => unit.posts.find((p) => p.id === id)?.label ?? id
  const pairs = (posts: readonly PostId[], what: string) =>
    posts.flatMap((a, i) =>
      posts.slice(i + 1).map((b): UnitType['safety']['proveDead'][number] => ({
        between: [a, b],
        what: `${what}, ${label(a)} to ${label(b)}`,
      })),
    )
  const loads = unit.posts.filter(({ kind }) => kind === 'load').map(({ id }) => id)
  return {
    open: [
      'Thermostat off, so that nothing starts by itself.',
      'Open every disconnect and breaker that feeds this unit, lock and tag each.',
    ],
    staysLive: [
      'The wires from the breaker to the disconnect stay live: only the breaker takes them down.',
      'This unit was put together here: a second circuit that nobody drew stays live. Look for one.',
    ],
    proveDead: [
      ...pairs(lines, 'across the incoming lines'),
      ...lines.map((line): UnitType['safety']['proveDead'][number] => ({
        between: [line, 'GND'],
        what: `${label(line)} to the chassis`,
      })),
      ...pairs(loads, 'across the load side, where the motor leads are'),
    ],
  }
}
