import { EMPTY_JOB } from '@oak/core/job/document'
import type { HookupInput } from '@oak/core/job/inputs/hookup-input'
import { leadSheetById } from '@oak/core/motor/lead-sheets'
import type { HookupOutput } from '@oak/core/operations/hookup-output'
import type { Act } from '@oak/core/practice/round/act'
import { fitAct, handOverAct } from './fit-act'

const sheet = leadSheetById('rowan-25r')!
const [a, b] = sheet.leads as [(typeof sheet.leads)[number], (typeof sheet.leads)[number]]
const can = {
  name: 'Seven sections',
  volts: 440,
  tolerancePercent: 6,
  sections: [{ id: '5', microfarads: 5 }],
  protectedStart: false,
}
const output = {
  horsepower: { horsepower: '1/4', amps: 1.5 },
  plug: { set: { direction: 'CW' } },
  speed: null,
  leads: [
    { lead: a.id, goes: { kind: 'post', post: 'T1' }, advised: { kind: 'post', post: 'L1' } },
    { lead: b.id, goes: { kind: 'loose' }, advised: { kind: 'post', post: 'T2' } },
  ],
  unitWires: [{ id: 'comp-s', from: 'CAN-5', to: 'S', was: { from: 'HERM', to: 'S' } }],
  added: [{ id: 'tie', from: 'T2', to: 'CAN-C' }],
  jumpers: [{ from: 'CAN-5', to: 'CAN-C' }],
} as unknown as HookupOutput
const input = (motorStays: boolean) => ({ sheet, motorStays, can }) as unknown as HookupInput
const bench = {
  leads: [
    {
      id: 'of the unit',
      end: '',
      insulation: { colour: a.colour, stripe: a.stripe ?? null },
      goes: { kind: 'loose' as const },
      isOff: false,
    },
  ],
}
const fittingOf = (act: Act) => (act.do === 'fit' ? act.fitting : null)

it('is what the board holds, right or not: leads where they were put, and the wires that the app adds', () => {
  expect(fittingOf(fitAct(input(false), output, bench))).toEqual({
    sheet,
    horsepower: '1/4',
    plug: 'CW',
    speed: null,
    placements: [
      { lead: a.id, goes: { kind: 'post', post: 'T1' } },
      { lead: b.id, goes: { kind: 'loose' } },
    ],
    unitWires: [
      { id: 'comp-s', from: 'CAN-5', to: 'S' },
      { id: 'tie', from: 'T2', to: 'CAN-C' },
    ],
    can: {
      name: 'Seven sections',
      volts: 440,
      tolerancePercent: 6,
      sections: can.sections,
      jumpers: [{ from: 'CAN-5', to: 'CAN-C' }],
    },
  })
})
it('a motor that stays keeps its own tag, and its leads are known by their colours', () => {
  const fitting = fittingOf(fitAct(input(true), output, bench))
  expect(fitting?.sheet).toBeNull()
  expect(fitting?.placements.map((p) => p.lead)).toEqual(['of the unit', b.id])
})
it('a job without start-up and proof leaves nothing on paper', () =>
  expect(handOverAct(EMPTY_JOB)).toEqual({ do: 'hand-over', readings: false, card: false }))
