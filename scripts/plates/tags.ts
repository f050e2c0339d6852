// Four ways in which makers print the tag on a motor's leads. What it says: leads with what they are for, and joins for a direction.
import { insulationCode, COLOUR_NAMES, type ColourCode, type Insulation } from '../../core/motor/colour'
import type { MotorKind } from '../../core/motor/kind'
import { turnKey } from '../../core/label/tag-turns'
import type { Draws } from './draws'
import type { Truth } from './facts'
import { column, type Item, type Plate } from './plate'

export interface Tag extends Plate {
  readonly motor: MotorKind
}
type TagLayout = (draws: Draws) => Tag

type Pair = readonly [Insulation, Insulation]
const plain = (colour: ColourCode): Insulation => ({ colour, stripe: null })
const name = ({ colour, stripe }: Insulation): string =>
  `${COLOUR_NAMES[colour]}${stripe ? `/${COLOUR_NAMES[stripe]}` : ''}`.toUpperCase()
const lead = (insulation: Insulation, role: string, speed = ''): Truth => ({
  field: 'lead',
  means: `${insulationCode(insulation)} ${role}${speed ? ` ${speed}` : ''}`,
})
const turn = (direction: 'CW' | 'CCW', join: readonly Pair[]): Truth => ({
  field: 'turn',
  means: turnKey({ direction, join, isCut: false }),
})
const joined = (pairs: readonly Pair[]): string[] => pairs.map(([a, b]) => `${name(a)} TO ${name(b)}`)

/** Colours that a maker gives to windings and plug; the other brown in the plug has a stripe. */
function outdoor(draws: Draws) {
  const run = plain(draws.one(['WH', 'PK'] as const))
  const [a, b, c, d] = [plain('VT'), plain('YE'), plain('OG'), plain(draws.one(['GY', 'BU'] as const))]
  return {
    common: plain(draws.one(['BK', 'RD'] as const)),
    run,
    start: plain('BN'),
    back: { colour: 'BN', stripe: 'WH' } as Insulation,
    ground: plain('GN'),
    cw: [
      [a, b],
      [c, d],
    ] as readonly Pair[],
    ccw: [
      [a, c],
      [b, d],
    ] as readonly Pair[],
  }
}
const outdoorTruth = ({ common, run, start, back, ground, cw, ccw }: ReturnType<typeof outdoor>): Truth[] => [
  lead(common, 'motor-common'),
  lead(run, 'run'),
  lead(start, 'start'),
  lead(back, 'run-return'),
  lead(ground, 'ground'),
  turn('CW', cw),
  turn('CCW', ccw),
]

const list: TagLayout = (draws) => {
  const f = outdoor(draws)
  const rows = [
    `${name(f.common)} - COMMON`,
    `${name(f.run)} - RUN`,
    `${name(f.start)} - START`,
    `${name(f.back)} - RUN RETURN`,
    `${name(f.ground)} - GROUND`,
    `CW: ${joined(f.cw).join(', ')}`,
    `CCW: ${joined(f.ccw).join(', ')}`,
  ]
  return {
    kind: 'tag',
    motor: 'psc-outdoor',
    layout: 'tag, a list',
    width: 92,
    height: 62,
    rules: [],
    items: column(rows, 5, 9, 7.6, 4.4),
    truth: outdoorTruth(f),
  }
}

const turned: TagLayout = (draws) => {
  const f = outdoor(draws)
  const rows = [
    `COMMON: ${name(f.common)}`,
    `RUN: ${name(f.run)}`,
    `START: ${name(f.start)}`,
    `RETURN: ${name(f.back)}`,
    `GROUND: ${name(f.ground)}`,
  ]
  return {
    kind: 'tag',
    motor: 'psc-outdoor',
    layout: 'tag, what it is for first',
    width: 84,
    height: 74,
    rules: [[4, 46, 80, 46]],
    items: [
      ...column(rows, 5, 9, 8, 5),
      ...column([`CW   ${joined(f.cw).join('   ')}`, `CCW  ${joined(f.ccw).join('   ')}`], 5, 55, 9, 3.6),
    ],
    truth: outdoorTruth(f),
  }
}

const columns: TagLayout = (draws) => {
  const f = outdoor(draws)
  const [left, right] = [
    [`${name(f.common)} COMMON`, `${name(f.run)} RUN`, `${name(f.start)} START`],
    [`${name(f.back)} RETURN`, `${name(f.ground)} GROUND`],
  ]
  return {
    kind: 'tag',
    motor: 'psc-outdoor',
    layout: 'tag, two columns',
    width: 100,
    height: 64,
    rules: [],
    items: [
      ...column(left, 5, 10, 8, 4.2),
      ...column(right, 55, 10, 8, 4.2),
      ...column(['CW ROTATION', ...joined(f.cw)], 5, 38, 7.5, 4),
      ...column(['CCW ROTATION', ...joined(f.ccw)], 55, 38, 7.5, 4),
    ],
    truth: outdoorTruth(f),
  }
}

const blower: TagLayout = (draws) => {
  const speeds = draws.one([
    ['high', 'medium', 'low'],
    ['high', 'low'],
  ] as const)
  const colours = ['BK', 'BU', 'RD'] as const
  const taps = speeds.map((speed, i) => ({ speed, colour: plain(colours[i] ?? 'RD') }))
  const [line, cap, other] = [plain('WH'), plain('BN'), { colour: 'BN', stripe: 'WH' } as Insulation]
  const rows = [
    `${name(line)} ........ COMMON`,
    ...taps.map(({ colour, speed }) => `${name(colour)} ........ ${speed.toUpperCase()} SPEED`),
    `${name(cap)} ........ CAPACITOR`,
    `${name(other)} ........ CAPACITOR`,
    'GREEN ........ GROUND',
  ]
  const items: Item[] = column(rows, 5, 9, 7.4, 4.6)
  return {
    kind: 'tag',
    motor: 'psc-blower',
    layout: 'tag of a blower, dots',
    width: 88,
    height: 9 + rows.length * 7.4,
    rules: [],
    items,
    truth: [
      lead(line, 'line'),
      ...taps.map(({ colour, speed }) => lead(colour, 'speed', speed)),
      lead(cap, 'capacitor'),
      lead(other, 'capacitor'),
      lead(plain('GN'), 'ground'),
    ],
  }
}

export const TAGS: readonly TagLayout[] = [list, turned, columns, blower]
