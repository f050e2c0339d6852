// What is wrong with a unit type that somebody put together or sent: ends that are nowhere, copper that shorts or runs in a ring, a mode
// that cannot run the fan, a fan that nothing stops. Looked at by the copper of each mode as the unit usually leaves the factory.
import { listed } from '../quantity/display'
import type { Problem } from '../quantity/problem'
import { Conductors } from './conductors'
import { compressorPhases, compressorPosts } from './compressor-posts'
import { linesOf, postOf, type PostId, type PostKind, type UnitType } from './unit-type'
import { MOTOR_END } from './wire'

type Mode = UnitType['modes'][number]

/** In the order a person would mend them: what is nowhere first, then what is dangerous, then what is missing. Empty: it is sound. */
export function unitTypeProblems(unit: UnitType): Problem[] {
  const lost = [...twice(unit), ...nowhere(unit)]
  // Copper between posts that are not there says nothing.
  if (lost.length > 0) return lost
  const wrong = [...missing(unit), ...rings(unit), ...unit.modes.flatMap((mode) => shorts(unit, mode))]
  return wrong.length > 0 ? wrong : unit.modes.flatMap((mode) => fanIn(unit, mode))
}

const labelOf = (unit: UnitType, id: PostId): string => {
  const post = postOf(unit, id)
  const part = unit.parts.find((p) => p.id === post?.part)?.name.toLowerCase()
  return post ? `${post.label}${part ? ` on the ${part}` : ''}` : id
}

/** The same id for two things, or one that people could not tell apart. */
function twice({ parts, posts, switches, modes, typicalWires }: UnitType): Problem[] {
  const lists = { parts, posts, switches, modes, typicalWires }
  const WORDS: Readonly<Record<keyof typeof lists, string>> = {
    parts: 'Two parts',
    posts: 'Two terminals',
    switches: 'Two switches',
    modes: 'Two modes',
    typicalWires: 'Two wires',
  }
  return (Object.keys(lists) as (keyof typeof lists)[]).flatMap((name) => {
    const ids: readonly string[] = lists[name].map(({ id }) => id)
    const i = ids.findIndex((id, k) => ids.indexOf(id) < k)
    return i < 0 ? [] : [{ path: `${name}.${i}.id`, message: `${WORDS[name]} are called “${ids[i]}”.` }]
  })
}

/** Every end is a terminal of this unit, every terminal on one of its parts. */
function nowhere(unit: UnitType): Problem[] {
  const has = (id: string) => postOf(unit, id) !== undefined
  const ends: (readonly [path: string, id: string])[] = [
    ...unit.links.flatMap((link, i) => endsOf(`links.${i}`, link)),
    ...unit.switches.flatMap((s, i) => endsOf(`switches.${i}`, s)),
    ...unit.typicalWires.flatMap((wire, i) => endsOf(`typicalWires.${i}`, wire)),
    ...linesOf(unit).map((id, i) => [`supply.line${i + 1}`, id] as const),
    ...unit.safety.proveDead.flatMap(({ between }, i) =>
      between.map((id, k) => [`safety.proveDead.${i}.between.${k}`, id] as const),
    ),
    ...unit.outputsMayShare.flatMap((group, i) =>
      group.map((id, k) => [`outputsMayShare.${i}.${k}`, id] as const),
    ),
  ]
  return [
    ...unit.posts.flatMap(({ label, part }, i) =>
      unit.parts.some(({ id }) => id === part)
        ? []
        : [{ path: `posts.${i}.part`, message: `${label} is on a part that this unit does not have.` }],
    ),
    ...ends.flatMap(([path, id]) =>
      has(id) || (path.endsWith('.to') && id === MOTOR_END && path.startsWith('typicalWires'))
        ? []
        : [{ path, message: `This unit has no terminal called “${id}”.` }],
    ),
  ]
}

const endsOf = (path: string, { from, to }: { readonly from: string; readonly to: string }) =>
  [
    [`${path}.from`, from],
    [`${path}.to`, to],
  ] as const

/** What each unit has: a chassis, a mode in which nothing runs and one that runs the fan, the posts of its capacitor, a place for the motor. */
function missing(unit: UnitType): Problem[] {
  const { traits, modes, posts } = unit
  const has = (kind: PostKind) => posts.some((post) => post.kind === kind)
  const lines = linesOf(unit)
  const problems: (readonly [boolean, string, string])[] = [
    [has('earth'), 'posts', 'There is no chassis: the motor’s ground has no place.'],
    [
      modes.some(({ id, fanRuns }) => id === 'off' && !fanRuns),
      'modes',
      'There is no mode “off”, in which the fan stands.',
    ],
    [modes.some(({ fanRuns }) => fanRuns), 'modes', 'No mode runs the fan.'],
    [new Set(lines).size === lines.length, 'supply', 'Two lines come in on one terminal.'],
    [
      traits.phases === 1 || unit.supply.line3 !== undefined,
      'supply.line3',
      'A fan on three phases needs a third line.',
    ],
    [
      traits.capacitor === 'none' || (has('cap-c') && has('cap-fan')),
      'posts',
      'The fan’s capacitor needs its two posts.',
    ],
    [
      traits.capacitor !== 'none' || traits.phases === 3,
      'traits.capacitor',
      'A fan on one phase has a capacitor, of its own or shared.',
    ],
    [
      traits.capacitor !== 'shared' || (has('cap-compressor') && compressorPosts(unit) !== null),
      'posts',
      'A shared capacitor serves a compressor too: it needs HERM, and the compressor its C, R and S.',
    ],
    [
      !has('compressor') || compressorPosts(unit) !== null || compressorPhases(unit).length === 3,
      'posts',
      'A compressor has posts C, R and S, or three on three lines.',
    ],
  ]
  return problems.flatMap(([sound, path, message]) => (sound ? [] : [{ path, message }]))
}

/** Copper that comes back to where it began: one of it too many, or an end on the wrong terminal. */
function rings(unit: UnitType): Problem[] {
  const copper = new Conductors()
  const runs = [
    ...unit.links.map((link, i) => ({ ...link, path: `links.${i}` })),
    ...unit.switches.map((s, i) => ({ ...s, path: `switches.${i}`, isSwitch: true })),
    ...unit.typicalWires.flatMap((wire, i) =>
      wire.to === MOTOR_END ? [] : [{ ...wire, path: `typicalWires.${i}` }],
    ),
  ]
  return runs.flatMap(({ from, to, path, ...rest }) => {
    if (from === to)
      return [{ path: `${path}.to`, message: `What leaves ${labelOf(unit, from)} comes back to it.` }]
    // Contacts side by side are how several calls run one fan.
    if ('isSwitch' in rest) return []
    const isRing = copper.joined(from, to)
    copper.join(from, to)
    return isRing
      ? [
          {
            path: `${path}.to`,
            message: `${labelOf(unit, from)} and ${labelOf(unit, to)} are joined twice, in a ring: take one wire away.`,
          },
        ]
      : []
  })
}

/** The unit's own copper in a mode, without the motor. */
function copperOf({ links, switches, typicalWires }: UnitType, mode: Mode): Conductors {
  const copper = new Conductors()
  links.forEach(({ from, to }) => copper.join(from, to))
  switches.filter((s) => s.closedIn.includes(mode.id)).forEach(({ from, to }) => copper.join(from, to))
  typicalWires.filter(({ to }) => to !== MOTOR_END).forEach(({ from, to }) => copper.join(from, to))
  return copper
}

/** Lines that meet, or that reach the chassis or the 24 V side. */
function shorts(unit: UnitType, mode: Mode): Problem[] {
  const copper = copperOf(unit, mode)
  const lines = linesOf(unit)
  const first = (kind: PostKind) =>
    unit.posts.find((post) => post.kind === kind && lines.some((line) => copper.joined(line, post.id)))
  const met = lines.flatMap((line, i) =>
    lines.slice(i + 1).flatMap((other) => (copper.joined(line, other) ? [[line, other]] : [])),
  )
  const [earth, coil] = [first('earth'), first('coil')]
  const at = (message: string) => ({ path: 'switches', message: `In ${mode.name} ${message}` })
  return [
    ...met
      .slice(0, 1)
      .map(([a = '', b = '']) => at(`${labelOf(unit, a)} and ${labelOf(unit, b)} are joined: a dead short.`)),
    ...(earth ? [at('a line reaches the chassis: a short to earth.')] : []),
    ...(coil ? [at(`a line reaches the 24 V side, ${labelOf(unit, coil.id)}.`)] : []),
  ]
}

/** Where the motor's wires usually are, what of them is on a line: it must run when it is called, and stand when it is not. */
function fanIn(unit: UnitType, mode: Mode): Problem[] {
  const copper = copperOf(unit, mode)
  const lines = linesOf(unit)
  const at = unit.typicalWires.filter(({ to }) => to === MOTOR_END).map(({ from }) => from)
  // A capacitor's post on a line is where run is tied; it feeds nothing by itself.
  const feeds = at.filter((id) => !(postOf(unit, id)?.kind.startsWith('cap-') ?? false))
  // An output without a lead from the factory is a way to run the blower all the same.
  const ways = [...feeds, ...unit.posts.filter(({ kind }) => kind === 'output').map(({ id }) => id)]
  const live = new Set(
    ways.flatMap((id) => {
      const line = lines.findIndex((one) => copper.joined(one, id))
      return line < 0 ? [] : [line]
    }),
  )
  const needed = unit.traits.phases === 3 ? 3 : 2
  const path = `modes.${unit.modes.indexOf(mode)}`
  if (mode.fanRuns && live.size < needed)
    return [
      {
        path,
        message: `In ${mode.name} nothing runs the fan: it gets ${live.size === 0 ? 'no line' : `${live.size} of the ${needed} lines it needs`}.`,
      },
    ]
  const outputs = feeds.filter(
    (id) => postOf(unit, id)?.kind === 'output' && lines.some((line) => copper.joined(line, id)),
  )
  if (mode.fanRuns && outputs.length > 1)
    return [
      {
        path,
        message: `In ${mode.name} ${listed(outputs.map((id) => labelOf(unit, id)))} are live together: two speeds at once burn a motor.`,
      },
    ]
  return !mode.fanRuns && live.size > 1
    ? [{ path, message: `In ${mode.name} the fan would run: its wires are on two lines.` }]
    : []
}
