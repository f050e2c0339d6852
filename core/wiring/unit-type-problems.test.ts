// A unit type that somebody made or sent: each thing that is wrong with it is named, and every type that ships is sound.
import * as v from 'valibot'
import { unitOf } from '../testing/fixtures'
import { compressorPosts } from './compressor-posts'
import { UNIT_FAMILIES, UnitTypeSchema, type UnitType } from './unit-type'
import { unitTypeProblems } from './unit-type-problems'
import { UNIT_TYPES } from './unit-types'

const SPLIT = unitOf('cooling-2-pole-own-capacitor')
const FURNACE = unitOf('gas-furnace-board')
const said = (unit: UnitType) => unitTypeProblems(unit).map(({ path, message }) => `${path}: ${message}`)
const wire = (id: string, from: string, to: string) => ({ id, from, to })

it.each(UNIT_TYPES.map((unit) => [unit.id, unit] as const))('%s is sound', (_, unit) =>
  expect(said(unit)).toEqual([]),
)

it('a wire that joins the lines is a short, in the modes that close it', () => {
  expect(said({ ...SPLIT, typicalWires: [...SPLIT.typicalWires, wire('odd', 'T1', 'L2')] })).toEqual([
    'switches: In cooling L1 on the contactor and L2 on the contactor are joined: a dead short.',
  ])
  const both = { id: 'odd', from: 'L1', to: 'L2', closedIn: ['cooling', 'off'] as const }
  expect(
    said({ ...SPLIT, switches: [...SPLIT.switches, { ...both, closedIn: [...both.closedIn] }] }),
  ).toEqual([
    'switches: In off L1 on the contactor and L2 on the contactor are joined: a dead short.',
    'switches: In cooling L1 on the contactor and L2 on the contactor are joined: a dead short.',
  ])
})
it('a line on the chassis, and one on the 24 V side', () => {
  expect(said({ ...SPLIT, typicalWires: [...SPLIT.typicalWires, wire('odd', 'L1', 'GND')] })).toEqual([
    'switches: In off a line reaches the chassis: a short to earth.',
    'switches: In cooling a line reaches the chassis: a short to earth.',
  ])
  expect(said({ ...SPLIT, typicalWires: [...SPLIT.typicalWires, wire('odd', 'T1', 'A1')] })).toEqual([
    'switches: In cooling a line reaches the 24 V side, coil on the contactor.',
  ])
})
it('copper in a ring, and a wire that comes back to where it began', () => {
  expect(said({ ...SPLIT, typicalWires: [...SPLIT.typicalWires, wire('odd', 'COMP-R', 'H2')] })).toEqual([
    'typicalWires.9.to: R on the compressor and comp cap 2 on the compressor capacitor are joined twice, in a ring: take one wire away.',
  ])
  expect(said({ ...SPLIT, typicalWires: [...SPLIT.typicalWires, wire('odd', 'T1', 'T1')] })).toEqual([
    'typicalWires.9.to: What leaves T1 on the contactor comes back to it.',
  ])
})
it('a mode in which nothing runs the fan, and one in which nothing stops it', () => {
  const [pole] = SPLIT.switches
  expect(said({ ...SPLIT, switches: [pole!] })).toEqual([
    'modes.1: In cooling nothing runs the fan: it gets 1 of the 2 lines it needs.',
  ])
  expect(said({ ...SPLIT, switches: [] })).toEqual([
    'modes.1: In cooling nothing runs the fan: it gets no line.',
  ])
  const always = SPLIT.switches.map((s) => ({ ...s, closedIn: [...s.closedIn, 'off' as const] }))
  expect(said({ ...SPLIT, switches: always })).toEqual([
    'modes.0: In off the fan would run: its wires are on two lines.',
  ])
  const uncalled = FURNACE.switches.map((s) => (s.to === 'COOL' ? { ...s, closedIn: [] } : s))
  expect(
    said({ ...FURNACE, modes: FURNACE.modes.filter((m) => m.id !== 'circulation'), switches: uncalled }),
  ).toEqual(['modes.2: In cooling nothing runs the fan: it gets 1 of the 2 lines it needs.'])
})
it('two speeds that one mode calls together', () => {
  const both = FURNACE.switches.map((s) =>
    s.to === 'COOL' ? { ...s, closedIn: ['cooling' as const, 'heating' as const] } : s,
  )
  expect(said({ ...FURNACE, switches: both })).toEqual([
    'modes.1: In heating COOL on the fan board and HEAT on the fan board are live together: two speeds at once burn a motor.',
  ])
})
it('what is nowhere, and what is there twice, before anything is said of its copper', () => {
  expect(said({ ...SPLIT, switches: [{ ...SPLIT.switches[0]!, to: 'T9' }] })).toEqual([
    'switches.0.to: This unit has no terminal called “T9”.',
  ])
  expect(said({ ...SPLIT, supply: { line1: 'L1', line2: 'L7' } })).toEqual([
    'supply.line2: This unit has no terminal called “L7”.',
  ])
  const [post, ...posts] = SPLIT.posts
  expect(said({ ...SPLIT, posts: [{ ...post!, part: 'attic' }, ...posts] })).toEqual([
    'posts.0.part: L1 is on a part that this unit does not have.',
  ])
  expect(said({ ...SPLIT, posts: [...SPLIT.posts, post!] })).toEqual([
    `posts.${SPLIT.posts.length}.id: Two terminals are called “L1”.`,
  ])
  expect(said({ ...SPLIT, links: [{ from: 'motor', to: 'T1', what: 'odd' }] })).toEqual([
    'links.0.from: This unit has no terminal called “motor”.',
  ])
})
it('what every unit has', () => {
  const without = (...kinds: string[]) => SPLIT.posts.filter((p) => !kinds.includes(p.kind)).map((p) => p.id)
  const keep = (ids: readonly string[]): UnitType => ({
    ...SPLIT,
    posts: SPLIT.posts.filter((p) => ids.includes(p.id)),
    typicalWires: SPLIT.typicalWires.filter(
      (w) => ids.includes(w.from) && (w.to === 'motor' || ids.includes(w.to)),
    ),
    safety: { ...SPLIT.safety, proveDead: [] },
  })
  expect(said(keep(without('earth')))).toContain(
    'posts: There is no chassis: the motor’s ground has no place.',
  )
  expect(said(keep(without('cap-c')))).toContain('posts: The fan’s capacitor needs its two posts.')
  expect(said({ ...SPLIT, traits: { ...SPLIT.traits, capacitor: 'none' } })).toEqual([
    'traits.capacitor: A fan on one phase has a capacitor, of its own or shared.',
  ])
  expect(said({ ...SPLIT, traits: { ...SPLIT.traits, capacitor: 'shared' } })).toEqual([
    'posts: A shared capacitor serves a compressor too: it needs HERM, and the compressor its C, R and S.',
  ])
  expect(said({ ...SPLIT, traits: { ...SPLIT.traits, phases: 3 } })).toContain(
    'supply.line3: A fan on three phases needs a third line.',
  )
  expect(said({ ...SPLIT, modes: SPLIT.modes.filter((m) => m.id !== 'off') })).toEqual([
    'modes: There is no mode “off”, in which the fan stands.',
  ])
  expect(said({ ...SPLIT, modes: SPLIT.modes.map((m) => ({ ...m, fanRuns: false })) })).toContain(
    'modes: No mode runs the fan.',
  )
  expect(said({ ...SPLIT, supply: { line1: 'L1', line2: 'L1' } })).toContain(
    'supply: Two lines come in on one terminal.',
  )
})

it('two of one name, in whichever list', () => {
  const twice = <T>(list: readonly T[]): T[] => [...list, list[0]!]
  const on = (more: Partial<UnitType>) => said({ ...SPLIT, ...more })
  const [part, post, pole, mode, first] = [
    SPLIT.parts[0]?.id,
    SPLIT.posts[0]?.id,
    SPLIT.switches[0]?.id,
    SPLIT.modes[0]?.id,
    SPLIT.typicalWires[0]?.id,
  ]
  expect(on({ parts: twice(SPLIT.parts) })).toContain(
    `parts.${SPLIT.parts.length}.id: Two parts are called “${part}”.`,
  )
  expect(on({ posts: twice(SPLIT.posts) })).toContain(
    `posts.${SPLIT.posts.length}.id: Two terminals are called “${post}”.`,
  )
  expect(on({ switches: twice(SPLIT.switches) })).toContain(
    `switches.${SPLIT.switches.length}.id: Two switches are called “${pole}”.`,
  )
  expect(on({ modes: twice(SPLIT.modes) })).toContain(
    `modes.${SPLIT.modes.length}.id: Two modes are called “${mode}”.`,
  )
  expect(on({ typicalWires: twice(SPLIT.typicalWires) })).toContain(
    `typicalWires.${SPLIT.typicalWires.length}.id: Two wires are called “${first}”.`,
  )
})

it('a kind that is none, and a compressor that lacks a post', () => {
  const { issues = [] } = v.safeParse(UnitTypeSchema, { ...SPLIT, family: 'boat' })
  expect(issues.map((i) => i.message)).toEqual([`A unit’s kind is one of: ${UNIT_FAMILIES.join(', ')}.`])
  const without = (label: string) =>
    compressorPosts({
      ...SPLIT,
      posts: SPLIT.posts.filter((p) => p.kind !== 'compressor' || p.label !== label),
    })
  expect(compressorPosts(SPLIT)).toEqual({ C: 'COMP-C', R: 'COMP-R', S: 'COMP-S' })
  expect(['C', 'R', 'S'].map(without)).toEqual([null, null, null])
})
