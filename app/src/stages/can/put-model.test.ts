import { EMPTY_JOB } from '@oak/core/job/document'
import { compressorWires, jumperEdits, jumpersNow, wireEdits, withJumper } from './put-model'

const plan = {
  groups: [
    {
      ...{
        load: 'FAN',
        sections: ['5', '2.5'],
        lead: '5',
        microfarads: 7.5,
        errorPercent: 0,
        jumperShare: 1 / 3,
      },
      jumpers: [{ from: '5', to: '2.5', share: 1 / 3 }],
    },
  ],
}
const PLANNED = { from: 'CAN-5', to: 'CAN-2.5' }

it('the jumpers are the plan’s until a hand moved one', () => {
  expect(jumpersNow(null, plan)).toEqual([PLANNED])
  expect(jumpersNow({ jumpers: [], wires: [] }, plan)).toEqual([])
  expect(jumpersNow(null, null)).toEqual([])
})

it('two posts pressed: the jumper between them comes off, whichever was pressed first, or one goes on', () => {
  expect(withJumper([PLANNED], 'CAN-2.5', 'CAN-5')).toEqual([])
  expect(withJumper([PLANNED], 'CAN-5', 'CAN-2.5')).toEqual([])
  expect(withJumper([PLANNED], 'CAN-5', 'CAN-C')).toEqual([PLANNED, { from: 'CAN-5', to: 'CAN-C' }])
})

it('the first press keeps what else was planned', () => {
  expect(jumperEdits(EMPTY_JOB, plan, ['CAN-5', 'CAN-C'])).toEqual([
    { path: ['canPut'], value: { jumpers: [PLANNED, { from: 'CAN-5', to: 'CAN-C' }], wires: [] } },
  ])
  const put = { jumpers: [], wires: [{ wire: 'w', post: 'CAN-5' }] }
  expect(jumperEdits({ canPut: put }, plan, ['CAN-5', 'CAN-2.5'])).toEqual([
    { path: ['canPut'], value: { jumpers: [PLANNED], wires: put.wires } },
  ])
})

it('a wire that is moved again is on its last post; the others stay', () => {
  const put = {
    jumpers: [],
    wires: [
      { wire: 'a', post: 'CAN-5' },
      { wire: 'b', post: 'CAN-5' },
    ],
  }
  expect(wireEdits({ canPut: put }, plan, { ids: ['a'], post: 'CAN-2.5' })).toEqual([
    {
      path: ['canPut'],
      value: {
        jumpers: [],
        wires: [
          { wire: 'b', post: 'CAN-5' },
          { wire: 'a', post: 'CAN-2.5' },
        ],
      },
    },
  ])
})

it('the compressor’s wires are those of the unit on HERM; a lead of the motor there is none', () => {
  const wire = { segments: [], traced: true, stated: [] }
  const wires = {
    s: { from: 'HERM', to: 'COMP-S', ...wire },
    wrong: { from: 'HERM', to: 'motor', ...wire },
    c: { from: 'C', to: 'T1', ...wire },
  }
  expect(compressorWires({ unit: 'cooling-1-pole-shared-capacitor', wires })).toEqual(['s'])
  expect(compressorWires({ unit: null, wires })).toEqual([])
})
