import { CANS } from '@oak/core/capacitor/cans'
import { leadSheetById } from '@oak/core/motor/lead-sheets'
import type { LeadSheet } from '@oak/core/motor/lead-sheet'
import type { HookupOutput } from '@oak/core/operations/hookup-output'
import { runOperation } from '@oak/core/operations/registry'
import { hookupPosts } from '@oak/core/wiring/hookup-posts'
import type { Placement } from '@oak/core/wiring/placement'
import type { UnitType } from '@oak/core/wiring/unit-type'
import { unitTypeById } from '@oak/core/wiring/unit-types'
import { blamedLeads, boardFaces, boardLeads, boardParts, moveText, placeName } from './board-model'

const unit = unitTypeById('cooling-1-pole-shared-capacitor') as UnitType
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
  const cooling = boardFaces(unit, can, answerWith(), { mode: 'cooling', choosing: false })
  expect(cooling.get('T1')).toMatchObject({ label: 'T1', word: 'line 1', pattern: 'stripes' })
  expect(cooling.get('CAN-25')).toMatchObject({
    label: '25 µF',
    tag: 'HERM',
    name: 'the 25 µF section of the new can, for HERM',
  })
  expect(cooling.get('CAN-20')).toMatchObject({
    tag: 'empty',
    name: 'the 20 µF section of the new can, stays empty',
  })
  expect(boardFaces(unit, can, answerWith(), { mode: 'off', choosing: false }).get('T1')).toMatchObject({
    word: 'winding',
    pattern: 'cross',
  })
})

it('with a lead in hand every post is a target, but a post in trouble stays marked', () => {
  const faces = [...boardFaces(unit, can, short, { mode: 'cooling', choosing: true }).values()]
  expect(faces.filter((f) => f.mark === 'stop').map((f) => f.id)).toEqual(['T1'])
  expect(faces.filter((f) => f.mark === 'target')).toHaveLength(faces.length - 1)
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
