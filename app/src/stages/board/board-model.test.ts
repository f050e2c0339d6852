import { CANS } from '@oak/core/capacitor/cans'
import { leadSheetById } from '@oak/core/motor/lead-sheets'
import type { LeadSheet } from '@oak/core/motor/lead-sheet'
import type { HookupOutput } from '@oak/core/operations/hookup-output'
import { runOperation } from '@oak/core/operations/registry'
import { hookupPosts } from '@oak/core/wiring/hookup-posts'
import type { Placement } from '@oak/core/wiring/placement'
import type { UnitType } from '@oak/core/wiring/unit-type'
import { unitTypeFor } from '@oak/core/wiring/unit-types'
import {
  blamedLeads,
  boardFaces,
  boardLeads,
  boardParts,
  mendOf,
  mendText,
  moveText,
  placeName,
  placePhrase,
  turnedPlug,
} from './board-model'

const unit = unitTypeFor('cooling-1-pole-shared-capacitor') as UnitType
const sheet = leadSheetById('rowan-25r') as LeadSheet
const can = CANS[0] as (typeof CANS)[number]
const posts = hookupPosts(unit, can)

function answerWith(placements: { lead: string; goes: Placement }[] = []): HookupOutput {
  const { name, volts, tolerancePercent, sections } = can
  const result = runOperation('hookup', {
    unit: unit.id,
    sheet,
    wanted: { direction: 'CW', seenFrom: 'lead-end' },
    can: { name, volts, tolerancePercent, sections },
    compressorMicrofarads: 40,
    placements,
    wires: unit.typicalWires.map((w) => ({ ...w, traced: true })),
  })
  if (!result.ok) throw new Error(result.error.message)
  return result.output as HookupOutput
}
const short = answerWith([{ lead: 'brown/white', goes: { kind: 'post', post: 'T1' } }])

it('every lead of the sheet is on the board once, with its own colours', () => {
  const leads = boardLeads(sheet, answerWith())
  expect(leads.map((l) => l.id)).toEqual(sheet.leads.map((l) => l.id))
  expect(leads.filter((l) => l.moved)).toEqual([])
  expect(leads.find((l) => l.id === 'brown/white')).toMatchObject({
    name: 'brown with white stripe',
    role: 'run-return',
    insulation: { colour: 'BN', stripe: 'WH' },
  })
})

it('a post shows who uses it and what stands on it in the mode', () => {
  const cooling = boardFaces(posts, can, answerWith(), 'cooling')
  expect(cooling.get('T1')).toMatchObject({ label: 'T1', word: 'line 1', pattern: 'stripes' })
  expect(cooling.get('CAN-30')).toMatchObject({
    label: '30 µF',
    tag: 'HERM',
    name: 'the 30 µF section of the new can, for HERM',
  })
  expect(cooling.get('CAN-15')).toMatchObject({
    tag: 'empty',
    name: 'the 15 µF section of the new can, stays empty',
  })
  expect(boardFaces(posts, can, answerWith(), 'off').get('T1')).toMatchObject({
    word: 'winding',
    pattern: 'cross',
  })
})

it('a post in trouble is marked, and no other', () => {
  const faces = [...boardFaces(posts, can, short, 'cooling').values()]
  expect(faces.filter((f) => f.mark === 'stop').map((f) => f.id)).toEqual(['T1'])
  expect(faces.filter((f) => f.mark !== undefined)).toHaveLength(1)
})

it('only the lead to move is blamed for a short', () =>
  expect([...blamedLeads(short)]).toEqual(['brown/white']))

it('the compressor stands on the board only while a lead is on it', () => {
  const partIds = (answer: HookupOutput) =>
    boardParts(unit, posts, boardLeads(sheet, answer)).map((p) => p.id)
  expect(partIds(answerWith())).toEqual(['new-can', 'contactor', 'chassis'])
  expect(partIds(answerWith([{ lead: 'white', goes: { kind: 'post', post: 'COMP-R' } }]))).toContain(
    'compressor',
  )
})

it.each<[Placement, string, string]>([
  [{ kind: 'post', post: 'T1' }, 'T1 on the contactor', 'Put black on T1 on the contactor'],
  [{ kind: 'post', post: 'GND' }, 'the chassis ground', 'Put black on the chassis ground'],
  [{ kind: 'insulated' }, 'insulated by itself', 'Insulate black'],
  [{ kind: 'plug' }, 'in the reversing plug', 'Put black back in the plug'],
])('%j reads “%s”', (goes, place, command) => {
  expect(placeName(goes, posts)).toBe(place)
  expect(moveText('black', goes, posts)).toBe(command)
})

it('a lead in its place is said as part of a sentence', () => {
  expect(placePhrase({ kind: 'post', post: 'T1' }, posts)).toBe('on T1 on the contactor')
  expect(placePhrase({ kind: 'loose' }, posts)).toBe('loose')
  expect(placeName({ kind: 'post', post: 'X9' }, posts)).toBe('X9')
})
it('one lead moved and put back says so, and no other', () => {
  const moved = boardLeads(sheet, answerWith([{ lead: 'white', goes: { kind: 'insulated' } }])).filter(
    (l) => l.moved,
  )
  expect(moved.map((l) => l.id)).toEqual(['white'])
  expect(
    boardLeads(sheet, answerWith())
      .filter((l) => l.isPlug)
      .map((l) => l.id),
  ).toEqual(['purple', 'yellow', 'orange', 'plug brown'])
})
it('what stands on a post is said in the words of the mode', () => {
  const words = (mode: 'off' | 'cooling') => boardFaces(posts, can, answerWith(), mode)
  // Cooling, a single-pole contactor closed: T2 is line 2 always, T1 line 1 then; the coil’s posts are the thermostat’s.
  expect(
    ['T1', 'T2', 'CAN-30', 'A1', 'GND'].map((id) => [
      id,
      words('cooling').get(id)?.word,
      words('cooling').get(id)?.pattern,
    ]),
  ).toEqual([
    ['T1', 'line 1', 'stripes'],
    ['T2', 'line 2', 'dots'],
    ['CAN-30', 'winding', 'cross'],
    ['A1', '24 V', 'none'],
    ['GND', 'earth', 'none'],
  ])
  expect(words('off').get('T2')?.word).toBe('line 2')
  expect([...words('cooling').values()].filter((f) => f.mark !== undefined)).toEqual([])
  // Run’s return on T1: cap C, on line 2, meets line 1.
  expect(boardFaces(posts, can, short, 'cooling').get('T1')).toMatchObject({
    word: 'SHORT',
    pattern: 'stripes',
  })
})
it('the mend of a hazard is its one move, or the leads that go back together', () => {
  const hazard = short.proof.hazards.find((h) => h.severity === 'stop')
  if (!hazard) throw new Error('no hazard')
  expect(mendOf(hazard)).toEqual([{ lead: 'brown/white', to: { kind: 'insulated' } }])
  expect(mendText(mendOf(hazard), posts)).toBe('Insulate brown/white')
  const two = [
    { lead: 'black', to: { kind: 'post' as const, post: 'T1' } },
    { lead: 'white', to: { kind: 'insulated' as const } },
  ]
  expect(mendOf({ ...hazard, move: undefined, together: two })).toEqual(two)
  expect(mendOf({ ...hazard, move: undefined, together: undefined })).toEqual([])
  expect(mendText(two, posts)).toBe('Put black and white back as advised')
  expect([
    ...blamedLeads({
      ...short,
      proof: {
        ...short.proof,
        hazards: [{ ...hazard, move: undefined, together: undefined, leads: ['black', 'white'] }],
      },
    }),
  ]).toEqual(['black'])
})
it('a plug is turned to the other direction, or back to the advised one', () => {
  const { plug } = answerWith()
  expect(plug.set.direction).toBe('CW')
  expect(turnedPlug(sheet, plug)).toBe('CCW')
  const [cw, ccw] = ['CW', 'CCW'].map((d) => sheet.settings.rotation.find((r) => r.direction === d))
  if (!cw || !ccw) throw new Error('no such plug')
  expect(turnedPlug(sheet, { ...plug, set: { ...plug.set, direction: 'CCW' } })).toBeNull()
  expect(turnedPlug({ settings: { ...sheet.settings, rotation: [cw] } }, plug)).toBeUndefined()
})
