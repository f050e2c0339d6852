// One good input of every operation, and the pieces that bad ones are made of.
import { CAN, requestFor } from '../../testing/fixtures'
import { seen } from '../../testing/seen'

export const { unit, wires, sheet, wanted } = requestFor()
export const HOOKUP = { unit: unit.id, wires, sheet, wanted, can: CAN, compressorMicrofarads: 40 }
export const READING = { amps: 1, volts: 370, hertz: 60 }
export const TAPS = {
  sections: [{ id: 'a', microfarads: 5 }],
  loads: [{ load: 'FAN', microfarads: 5 }],
  tolerancePercent: 6,
}
const HEADING = {
  job: 'j',
  title: 'Roof 3',
  site: 'North yard',
  date: '24 Nov 2026',
  technician: 'Ines',
  readings: [],
}
export const PAIRS = {
  posts: ['1', '2', '3'],
  pairs: [
    { between: ['1', '2'], microfarads: 45 },
    { between: ['1', '3'], microfarads: 5 },
    { between: ['2', '3'], microfarads: 4.5 },
  ],
}
export const DISCHARGE = {
  sections: [{ id: 'HERM', microfarads: 40 }],
  volts: 370,
  resistor: { ohms: 20_000, watts: 5 },
}
export const DIAGNOSE = {
  unit: unit.id,
  observations: { 'fan-does': 'push' },
  readings: { 'microfarads-FAN': { quantity: 'microfarads', value: 3 } },
  marking: { sections: [40, 5], range: null, volts: 440, tolerancePercent: 6 },
}
const BENCH = { reading: 4.9, rating: { microfarads: 5, tolerancePercent: 6 } }
export const PLATE = {
  horsepower: ['1/4'],
  rpm: [1075],
  volts: [{ low: 208, high: 230 }],
  amps: [1.5],
  hertz: [60],
  phase: 1,
  rotation: null,
  reversible: null,
  microfarads: null,
  capacitorVolts: null,
  poles: null,
  speeds: null,
  frame: null,
}
export const MATCH = { old: { fan: 'outdoor', plate: PLATE }, candidates: [sheet] }
const furnace = requestFor('gas-furnace-board', 'alder-33b')
export const SPEEDS = {
  unit: furnace.unit.id,
  wires: furnace.wires,
  sheet: furnace.sheet,
  amps: { COOL: 5.1 },
}
export const BLADE = {
  diameterInches: 22,
  pitchDegrees: null,
  blades: 3,
  widthInches: 4,
  boreInches: 0.5,
  hand: 'CW',
}
export const STOCK = {
  rows: [
    ['kind', 'name', 'quantity'],
    ['part', 'Tie', '50'],
  ],
  countedAt: 1_800_000_000_000,
}
export const OHMS = {
  leads: ['black', 'white', 'brown'],
  pairs: [
    { between: ['black', 'white'], ohms: 18.7 },
    { between: ['black', 'brown'], ohms: 'OL' },
  ],
}
export const PLAN = {
  stock: [
    {
      id: 'd',
      name: 'Dual 45/5',
      volts: 440,
      sections: [
        { id: 'HERM', microfarads: 45 },
        { id: 'FAN', microfarads: 5 },
      ],
    },
  ],
  loads: [
    { load: 'HERM', microfarads: 45 },
    { load: 'FAN', microfarads: 5 },
  ],
}
/** A healthy unit of practice: two probes on its lines. */
export const PRACTICE = {
  scenario: {
    format: 'oak-switch/practice-unit',
    version: 1,
    name: 'A unit to learn on',
    complaint: 'The fan does not run.',
    level: 1,
    seed: 1,
    unit: 'cooling-1-pole-shared-capacitor',
    volts: 230,
    motor: 'heron-14',
    faults: ['start-off'],
  },
  stand: { disconnect: 'closed', thermostat: 'cooling' },
  dial: 'volts',
  probes: [
    { on: 'post', post: 'L1' },
    { on: 'post', post: 'L2' },
  ],
}
export const GOOD: Record<string, unknown> = {
  'practice-unit': { seed: 7, level: 2 },
  'practice-reading': PRACTICE,
  'practice-round': {
    scenario: PRACTICE.scenario,
    acts: [{ do: 'try', test: 'fan-does' }, { do: 'hand-over' }],
  },
  'practice-course': {},
  'practice-scenario': { scenario: PRACTICE.scenario },
  'make-safe': { unit: unit.id },
  discharge: DISCHARGE,
  diagnose: DIAGNOSE,
  'read-label': { text: '45.5 MFD 440V' },
  'read-plate': { plate: 'motor', looks: [seen(['HP 1/4   RPM 1075'])] },
  'read-tag': { kind: 'psc-outdoor', looks: [seen(['BLACK COMMON', 'WHITE RUN'])] },
  'wire-colour': { pixels: Array.from({ length: 9 }, () => [112, 64, 31]), white: [250, 246, 235] },
  'read-card': { text: 'OAK SWITCH CARD 2. UNIT OF THE SHOP' },
  'estimate-plate': { microfarads: 5 },
  'bench-capacitor': BENCH,
  'identify-terminals': PAIRS,
  'match-motor': MATCH,
  'assign-speeds': SPEEDS,
  'match-blade': { old: BLADE, shaftInches: 0.5, blades: [{ id: 'b', ...BLADE }] },
  'read-stock': STOCK,
  'wanted-microfarads': { load: 'FAN', newMotor: true, tag: 7.5 },
  'capacitor-plan': PLAN,
  coverage: { stock: PLAN.stock, compressors: [45], fans: [5] },
  restock: { stock: [], catalogue: PLAN.stock, calls: [{ compressor: 45, fan: 5 }] },
  'find-leads': OHMS,
  'next-pair': OHMS,
  prove: HOOKUP,
  netlist: { hookup: HOOKUP, mode: 'cooling' },
  'motor-curve': { sheet },
  'carry-list': { unit: unit.id, motor: sheet },
  report: {
    changes: [
      {
        id: '00000000-0000-4000-8000-000000000001',
        job: '00000000-0000-4000-8000-000000000002',
        path: ['title'],
        value: 'A',
        at: 1_800_000_000_000,
        device: '00000000-0000-4000-8000-000000000003',
        technician: '',
      },
    ],
  },
  'blade-position': {
    ends: [{ way: 'base', oldBody: 6.5, newBody: 5.5, oldHub: 2, hubLength: 1.25, shaft: 5 }],
    unit: unit.id,
    drains: { openings: ['shaft end'], position: 'shaft-down' },
  },
  'startup-verdict': { hookup: HOOKUP, turned: 'right', readings: [{ mode: 'cooling', amps: 1.2 }] },
  'charge-glance': { refrigerant: 'R-22', suctionPsig: 52.4, suctionFahrenheit: 51 },
  'old-can': {
    sides: [
      { load: 'HERM', microfarads: 45, verdict: 'in' },
      { load: 'FAN', microfarads: 5, verdict: 'out' },
    ],
  },
  'fit-steps': HOOKUP,
  microfarads: READING,
  'tap-plan': TAPS,
  hookup: HOOKUP,
  'read-wires': { unit: unit.id, wires },
  rotation: { wanted, sheet },
  'hookup-card': { hookup: HOOKUP, heading: HEADING },
}
