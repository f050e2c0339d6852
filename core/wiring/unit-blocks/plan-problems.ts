// What does not go together in a plan of blocks, before its copper is looked at.
import * as v from 'valibot'
import { problemsOf, type Problem } from '../../quantity/problem'
import type { UnitType } from '../unit-type'
import { unitTypeProblems } from '../unit-type-problems'
import { buildUnit } from './build'
import { hasThreePhaseFan } from './growing'
import { blocksOf, UnitPlanSchema, type Block, type BlockKind, type UnitPlan } from './plan'

/** Blocks that an outdoor fan, or a blower, can have; each once but relays. */
export const BLOCKS_OF: Readonly<Record<UnitPlan['fan'], readonly BlockKind[]>> = {
  outdoor: ['contactor', 'dual-can', 'fan-can', 'compressor', 'fan-relay', 'splice'],
  blower: ['board', 'relay', 'thermostat', 'fan-can', 'splice'],
}
const NAMES: Readonly<Record<BlockKind, string>> = {
  contactor: 'a contactor',
  'fan-relay': 'a fan relay',
  board: 'a board',
  relay: 'a relay',
  thermostat: 'a thermostat',
  'fan-can': 'a capacitor for the fan alone',
  'dual-can': 'a dual capacitor',
  compressor: 'a compressor',
  splice: 'a splice',
}

/** What is wrong, each in a sentence with the block it is about; empty: the plan makes a sound unit. */
export function planProblems(plan: UnitPlan): Problem[] {
  const parsed = v.safeParse(UnitPlanSchema, plan)
  const found = [
    ...(parsed.success ? [] : problemsOf(parsed.issues)),
    ...alike(plan),
    ...alien(plan),
    ...together(plan),
  ]
  if (found.length > 0) return found
  const unit: UnitType = buildUnit(plan, 'own')
  return [
    ...(plan.name === ''
      ? [{ path: 'name', message: 'Give the unit a name, so that it is found again.' }]
      : []),
    ...unitTypeProblems(unit),
  ]
}

/** Two outputs of one label: nobody could say which a lead is on. */
const alike = ({ blocks }: UnitPlan): Problem[] =>
  blocks.flatMap((block, i) => {
    if (block.kind !== 'board') return []
    const labels = block.outputs.map(({ label }) => label.trim().toLowerCase())
    const twin = block.outputs.find((_, k) => labels.indexOf(labels[k] ?? '') < k)
    return twin ? [{ path: `blocks.${i}`, message: `Two outputs are labelled “${twin.label}”.` }] : []
  })

function alien({ fan, blocks }: UnitPlan): Problem[] {
  return blocks.flatMap((block, i) => {
    const path = `blocks.${i}`
    if (!BLOCKS_OF[fan].includes(block.kind))
      return [
        {
          path,
          message: `${fan === 'blower' ? 'A blower' : 'An outdoor fan'} here has no ${NAMES[block.kind].replace(/^an? /, '')}.`,
        },
      ]
    const twin = blocks.slice(0, i).find((other) => other.kind === block.kind)
    const isTwice =
      twin !== undefined &&
      block.kind !== 'relay' &&
      !(block.kind === 'splice' && twin.kind === 'splice' && twin.on !== block.on)
    return isTwice ? [{ path, message: `There is ${NAMES[block.kind]} already.` }] : []
  })
}

/** The blocks of a plan that ask something of one another. */
interface Parts {
  readonly plan: UnitPlan
  readonly lines: number
  readonly contactor: Extract<Block, { kind: 'contactor' }> | undefined
  readonly compressor: Extract<Block, { kind: 'compressor' }> | undefined
  readonly dual: boolean
  readonly own: boolean
  readonly relay: boolean
}

interface Rule {
  readonly is: (parts: Parts) => boolean
  /** The block it is about, or the field of the plan. */
  readonly about: BlockKind | 'blocks' | 'feed'
  readonly says: (parts: Parts) => string
}

/** Common practice, no source. */
const RULES: readonly Rule[] = [
  {
    is: ({ contactor, lines }) => contactor !== undefined && contactor.poles > lines,
    about: 'contactor',
    says: ({ lines }) => `${lines} lines have ${lines} poles at the most.`,
  },
  {
    is: ({ contactor, lines }) => contactor?.poles === 1 && lines === 3,
    about: 'contactor',
    says: () => 'One pole leaves two of three lines live: a unit on three lines has two or three poles.',
  },
  {
    is: ({ dual, own }) => dual && own,
    about: 'fan-can',
    says: () => 'The fan has one capacitor: of its own, or shared.',
  },
  {
    is: ({ dual, compressor }) => dual && compressor?.phases !== 1,
    about: 'dual-can',
    says: () => 'A dual capacitor serves a compressor on one phase too: add it.',
  },
  {
    is: ({ dual, compressor }) => dual && compressor?.ownCan === true,
    about: 'compressor',
    says: () => 'The compressor is on the dual capacitor: it has none of its own beside it.',
  },
  {
    is: ({ dual, compressor }) => compressor?.phases === 1 && !dual && !compressor.ownCan,
    about: 'compressor',
    says: () => 'A compressor on one phase has a capacitor: of its own, or shared with the fan.',
  },
  {
    is: ({ compressor, lines }) => compressor?.phases === 3 && lines !== 3,
    about: 'compressor',
    says: () => 'A compressor on three phases needs three lines.',
  },
  {
    is: ({ compressor }) => compressor?.phases === 3 && compressor.ownCan,
    about: 'compressor',
    says: () => 'A compressor on three phases has no capacitor.',
  },
  {
    is: ({ plan, dual, own }) => plan.fan === 'outdoor' && !dual && !own && !hasThreePhaseFan(plan),
    about: 'blocks',
    says: () => 'A fan on one phase has a capacitor: add its own, or the dual one.',
  },
  {
    is: ({ plan, own }) => plan.fan === 'blower' && !own,
    about: 'blocks',
    says: () => 'A blower has its own capacitor: add it.',
  },
  {
    is: ({ plan }) => plan.fan === 'blower' && plan.feed === 'three',
    about: 'feed',
    says: () => 'Blowers on three phases are not worked out here.',
  },
  {
    is: ({ relay, plan }) => relay && hasThreePhaseFan(plan),
    about: 'fan-relay',
    says: () => 'A relay in one line of three would leave the fan on two: it hums and burns.',
  },
]

/** What one block asks of another. */
function together(plan: UnitPlan): Problem[] {
  const parts: Parts = {
    plan,
    lines: plan.feed === 'three' ? 3 : 2,
    contactor: blocksOf(plan, 'contactor')[0],
    compressor: blocksOf(plan, 'compressor')[0],
    dual: blocksOf(plan, 'dual-can').length > 0,
    own: blocksOf(plan, 'fan-can').length > 0,
    relay: blocksOf(plan, 'fan-relay').length > 0,
  }
  const pathOf = (about: Rule['about']) =>
    about === 'blocks' || about === 'feed'
      ? about
      : `blocks.${plan.blocks.findIndex((block) => block.kind === about)}`
  return RULES.flatMap(({ is, about, says }) =>
    is(parts) ? [{ path: pathOf(about), message: says(parts) }] : [],
  )
}
