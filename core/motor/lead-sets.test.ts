import * as v from 'valibot'
import { LeadSheetSchema } from './lead-sheet'
import { guessOf, leadSetsOf, withLeadSet } from './lead-sets'
import { MOTOR_KINDS } from './kind'
import { EMPTY_TAG, pairingsOf, sheetOf, tagProblems, type TagDraft } from './tag-draft'

const SETS = MOTOR_KINDS.flatMap((kind) => leadSetsOf(kind))
/** What a set cannot know: figures and the way it turns. */
function filled(draft: TagDraft): TagDraft {
  const plug = draft.leads.filter((l) => l.role === 'rotation').map((l) => l.id)
  const [first, second] = pairingsOf(plug)
  return {
    ...draft,
    name: 'Fir',
    rpm: 1075,
    capacitor: draft.capacitor && { microfarads: 5, volts: 370 },
    horsepower: [{ horsepower: '1/4', coversFrom: null, amps: 1.5, tap: null }],
    turns: first ? { CW: first, CCW: second ?? null } : { CW: [] },
  }
}
const bare = (kind: TagDraft['kind']): TagDraft => ({
  ...EMPTY_TAG,
  kind,
  capacitor: kind.startsWith('psc') ? { microfarads: null, volts: 370 } : null,
})

it('every kind of motor has a set to begin with', () =>
  expect(MOTOR_KINDS.filter((kind) => leadSetsOf(kind).length === 0)).toEqual([]))

it.each(SETS.map((set) => [set.id, set] as const))(
  '%s: with its figures it is a whole tag, and every lead of it is a guess',
  (_, set) => {
    const draft = withLeadSet(bare(set.kind), set)
    expect(draft.guessed).toEqual(draft.leads.map((l) => l.id))
    expect(draft.leads).toHaveLength(set.leads.length)
    const whole = filled(draft)
    expect(tagProblems(whole)).toEqual([])
    expect(v.safeParse(LeadSheetSchema, sheetOf(whole)).success).toBe(true)
  },
)
it('the taps of a blower have the speeds that their colours usually are', () => {
  const set = leadSetsOf('psc-blower').find(({ id }) => id === 'blower-four')!
  expect(withLeadSet(bare('psc-blower'), set).speed.map((s) => [s.tap, s.speed])).toEqual([
    ['black', 'high'],
    ['orange', 'medium-high'],
    ['blue', 'medium'],
    ['red', 'low'],
  ])
})
it('a set takes the place of the leads that were there, and leaves the figures', () => {
  const [four, three] = ['outdoor-four', 'outdoor-three'].map((id) => SETS.find((s) => s.id === id)!)
  const first = filled(withLeadSet(bare('psc-outdoor'), four!))
  const second = withLeadSet(first, three!)
  expect(second.leads.map((l) => l.id)).toEqual(['black', 'purple', 'brown', 'green'])
  expect([second.rpm, second.horsepower[0]?.horsepower, second.turns]).toEqual([1075, '1/4', {}])
})
it('a colour is guessed only as what such a motor has', () => {
  const brown = { colour: 'BN', stripe: null } as const
  expect(guessOf('psc-outdoor', brown)).toEqual({ role: 'start', speed: undefined })
  expect(guessOf('psc-blower', brown)?.role).toBe('capacitor')
  // Brown is a start lead outdoors, and no lead that an electronic or a three-phase motor has.
  expect(guessOf('ecm-outdoor', brown)).toBeNull()
  expect(guessOf('psc-outdoor', { colour: 'PK', stripe: null })).toBeNull()
})
