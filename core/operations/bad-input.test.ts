import { requestFor } from '../testing/fixtures'
import { runOperation } from './registry'
import {
  HOOKUP,
  READING,
  TAPS,
  PAIRS,
  DISCHARGE,
  DIAGNOSE,
  PLATE,
  MATCH,
  SPEEDS,
  BLADE,
  STOCK,
  OHMS,
  PLAN,
  unit,
  wires,
  sheet,
} from './testing/inputs'

const error = (name: string, input: unknown) => {
  const result = runOperation(name, input)
  return result.ok ? 'no error' : `${result.error.path}: ${result.error.message}`
}

describe('bad input is named by its field, in the trade’s words', () => {
  const many = Array.from({ length: 25 }, (_, i) => ({ id: `s${i}`, microfarads: 5 }))
  it.each([
    ['microfarads', { ...READING, amps: 0 }, 'amps: Amps in the start lead must be above 0 A.'],
    ['microfarads', { ...READING, amps: -2 }, 'amps: Amps in the start lead must be above 0 A.'],
    ['microfarads', { ...READING, volts: 0 }, 'volts: Volts across the capacitor must be above 0 V.'],
    [
      'microfarads',
      { ...READING, volts: 90000 },
      'volts: Volts across the capacitor above 1000 V is not believable: read it again.',
    ],
    ['microfarads', { ...READING, amps: 'two' }, 'amps: Amps in the start lead must be a number of A.'],
    ['microfarads', { ...READING, amps: NaN }, 'amps: Amps in the start lead must be a number of A.'],
    ['microfarads', { volts: 370, hertz: 60 }, 'amps: The amps in the start lead are missing.'],
    [
      'microfarads',
      { ...READING, hertz: 400 },
      'hertz: The supply is 50 or 60 Hz; above 65 Hz is not believable.',
    ],
    ['microfarads', { ...READING, colour: 'x' }, 'colour: “colour” is not a field Oak Switch knows here.'],
    ['tap-plan', { ...TAPS, sections: [] }, 'sections: The can needs at least one section.'],
    ['tap-plan', { ...TAPS, sections: many }, 'sections: A can has 24 sections at most.'],
    [
      'tap-plan',
      { ...TAPS, sections: [{ id: 'a', microfarads: 0 }] },
      'sections.0.microfarads: The section must be above 0 µF (0.01 µF at least).',
    ],
    [
      'tap-plan',
      { ...TAPS, sections: [TAPS.sections[0], TAPS.sections[0]] },
      'sections: Two sections have the same name: each post needs its own.',
    ],
    ['tap-plan', { ...TAPS, loads: [] }, 'loads: At least one load is needed: what is the capacitor for?'],
    [
      'tap-plan',
      { ...TAPS, loads: [{ load: 'FAN', microfarads: -5 }] },
      'loads.0.microfarads: The load must be above 0 µF (0.01 µF at least).',
    ],
    [
      'tap-plan',
      { ...TAPS, tolerancePercent: 'six' },
      'tolerancePercent: The tolerance must be a number of percent.',
    ],
    [
      'match-blade',
      { old: { ...BLADE, diameterInches: 0 }, blades: [] },
      'old.diameterInches: The blade’s diameter must be above 0 in.',
    ],
    [
      'match-blade',
      { old: BLADE, blades: [{ id: 'b', ...BLADE, blades: 1 }] },
      'blades.0.blades: A fan has two blades at least.',
    ],
    ['read-stock', { ...STOCK, rows: [['x'.repeat(3000)]] }, 'rows.0.0: A cell has 2,000 letters at most.'],
    ['hookup', { ...HOOKUP, motorVolts: '115' }, 'motorVolts: This motor cannot be joined for 115 V.'],
    ['hookup', { ...HOOKUP, speed: 'low' }, 'speed: This motor has no low speed that is set at its leads.'],
    ['hookup', { ...HOOKUP, horsepower: '9' }, 'horsepower: This motor has no 9 hp setting.'],
    [
      'hookup',
      { ...HOOKUP, unusedOutputs: Array.from({ length: 13 }, (_, i) => `${i}`) },
      'unusedOutputs: A unit has twelve outputs at most.',
    ],
    [
      'hookup',
      {
        ...HOOKUP,
        placements: Array.from({ length: 61 }, () => ({ lead: 'black', goes: { kind: 'loose' } })),
      },
      'placements: That is more than 60 placements.',
    ],
    [
      'hookup',
      { ...HOOKUP, placements: [{ lead: 'mauve', goes: { kind: 'loose' } }] },
      'placements.0.lead: The lead sheet has no lead called “mauve”.',
    ],
    [
      'hookup',
      { ...HOOKUP, placements: [{ lead: 'black', goes: { kind: 'post', post: 'T9' } }] },
      'placements.0.goes.post: There is no terminal called “T9” on this unit with this can.',
    ],
    [
      'hookup',
      { ...HOOKUP, hardStart: 'T9' },
      'hardStart: There is no terminal called “T9” on this unit with this can.',
    ],
    ['netlist', { hookup: HOOKUP, mode: 'defrost' }, 'mode: This unit has no mode defrost.'],
    ['netlist', { hookup: HOOKUP, mode: 'blizzard' }, expect.stringContaining('mode: A mode is one of')],
    [
      'motor-curve',
      { sheet: requestFor(undefined, 'teal-33e').sheet },
      'sheet: Teal 33E has no run capacitor: there is nothing to vary.',
    ],
    ['motor-curve', { sheet, points: 1 }, 'points: A curve has two points at least.'],
    ['motor-curve', { sheet, microfarads: 0 }, 'microfarads: The µF must be above 0 µF.'],
    ['find-leads', { ...OHMS, leads: ['black'] }, 'leads: Two leads at least are needed.'],
    [
      'find-leads',
      { ...OHMS, leads: ['black', 'black', 'white', 'brown'] },
      'leads.1: Two leads are called “black”.',
    ],
    [
      'find-leads',
      { ...OHMS, pairs: [{ between: ['black', 'mauve'], ohms: 3 }] },
      'pairs.0.between: There is no lead called “mauve”.',
    ],
    [
      'find-leads',
      { ...OHMS, pairs: [{ between: ['black', 'black'], ohms: 3 }] },
      'pairs.0.between: “black” is read against itself.',
    ],
    [
      'find-leads',
      { ...OHMS, pairs: [{ between: ['black', 'white'], ohms: -1 }] },
      'pairs.0.ohms: Ohms are a number from 0 up, or OL.',
    ],
    [
      'next-pair',
      { ...OHMS, meter: { resolutionOhms: 0, percent: 1, leadOhms: 0 } },
      'meter.resolutionOhms: The meter’s resolution must be above 0 Ω.',
    ],
    [
      'capacitor-plan',
      { ...PLAN, loads: [] },
      'loads: At least one load is needed: what is the capacitor for?',
    ],
    [
      'capacitor-plan',
      { ...PLAN, loads: [{ load: 'FAN', microfarads: 0 }] },
      'loads.0.microfarads: The load must be above 0 µF.',
    ],
    [
      'capacitor-plan',
      { ...PLAN, aims: ['error', 'error', 'parts', 'jumpers', 'cost'] },
      'aims: The order names each aim once: error, parts, opened, jumpers, cost, versatile.',
    ],
    [
      'capacitor-plan',
      { ...PLAN, stays: { load: 'NOBODY', volts: 440, microfarads: 45, reading: { low: 44, high: 45 } } },
      'stays.load: No load is called “NOBODY”: the old can would serve nothing.',
    ],
    [
      'capacitor-plan',
      { ...PLAN, start: { wanted: { low: 135, high: 0, volts: 250 }, stock: [] } },
      'start.wanted.high: The marked range must be above 0 µF.',
    ],
    [
      'fit-steps',
      { ...HOOKUP, put: { jumpers: [{ from: 'CAN-C', to: 'nowhere' }], wires: [] } },
      'put.jumpers.0.to: There is no post called “nowhere” on this can.',
    ],
    [
      'prove',
      { ...HOOKUP, put: { jumpers: [{ from: 'CAN-C', to: 'CAN-C' }], wires: [] } },
      'put.jumpers.0: A jumper goes from one post to another.',
    ],
    [
      'prove',
      { ...HOOKUP, put: { jumpers: [], wires: [{ wire: 'no such', post: 'CAN-C' }] } },
      'put.wires.0.wire: There is no wire called “no such”.',
    ],
    [
      'blade-position',
      { ends: [{ way: 'base', oldHub: -1 }] },
      'ends.0.oldHub: Face to hub cannot be below 0 in.',
    ],
    [
      'blade-position',
      { ends: [{ way: 'base', shaft: 400 }] },
      'ends.0.shaft: The shaft’s length above 60 in is not believable: measure it again.',
    ],
    [
      'startup-verdict',
      { hookup: HOOKUP, readings: [{ mode: 'off', amps: 1 }] },
      'readings.0.mode: The fan does not run in off on this unit; it runs in cooling.',
    ],
    [
      'startup-verdict',
      { hookup: HOOKUP, readings: [{ mode: 'cooling', amps: -1 }] },
      'readings.0.amps: Amps cannot be below 0 A.',
    ],
    [
      'charge-glance',
      { refrigerant: 'R-12' },
      'refrigerant: A refrigerant is one of: R-22, R-410A, R-407C, R-32, R-454B.',
    ],
    [
      'charge-glance',
      { refrigerant: 'R-22', suctionPsig: 5000 },
      'suctionPsig: Suction pressure above 800 psig is beyond any gauge in use: read it again.',
    ],
    [
      'charge-glance',
      { refrigerant: 'R-22', liquidFahrenheit: 999 },
      'liquidFahrenheit: The liquid line above 250 °F is not believable: read it again.',
    ],
    ['report', { changes: 'none' }, 'changes: The changes must be a list.'],
    ['report', { changes: [], style: 'rude' }, 'style: A report is plain or technical.'],
    ['old-can', { sides: [] }, 'sides: A capacitor has one side at least.'],
    [
      'capacitor-plan',
      { ...PLAN, stock: [{ ...PLAN.stock[0], sections: [] }] },
      'stock.0.sections: A capacitor has one section at least.',
    ],
    ['coverage', { stock: PLAN.stock, fans: [] }, 'fans: At least one value is needed.'],
    ['restock', { stock: [], catalogue: [], calls: [], most: 0 }, 'most: One purchase at least.'],
    ['restock', { stock: [], catalogue: [], calls: [], budget: -5 }, 'budget: The budget cannot be below 0.'],
    [
      'wanted-microfarads',
      { load: 'FAN', newMotor: true, tag: 0 },
      'tag: The tag’s value must be above 0 µF.',
    ],
    [
      'wanted-microfarads',
      { load: 'FAN', newMotor: false, reading: { low: 5, high: 4 } },
      'reading: The reading’s lower end is above its upper one.',
    ],
    ['carry-list', { unit: 'boiler' }, expect.stringContaining('unit: The unit type must be one of')],
    [
      'carry-list',
      { unit: unit.id, counts: { jumpers: -1, landed: 0, insulated: 0 } },
      'counts.jumpers: Jumpers cannot be below 0.',
    ],
    ['hookup', { ...HOOKUP, speed: 'low' }, 'speed: This motor has no low speed that is set at its leads.'],
    ['hookup', { ...HOOKUP, unit: 'boiler' }, expect.stringContaining('unit: The unit type must be one of')],
    ['hookup', { ...HOOKUP, wires: [] }, 'wires: No old wires are recorded.'],
    [
      'hookup',
      { ...HOOKUP, wires: [{ id: 'w' }] },
      'wires.0.from: The wire has no first end: name the terminal it leaves.',
    ],
    [
      'hookup',
      { ...HOOKUP, wires: [{ ...wires[0], from: 'T9' }] },
      'wires.0.from: This unit has no terminal called “T9”.',
    ],
    [
      'hookup',
      { ...HOOKUP, wires: [...wires, { ...wires[0], id: 'x' }] },
      expect.stringContaining(`wires.${wires.length}.from: Two motor wires claim T1 on the contactor`),
    ],
    [
      'hookup',
      {
        ...HOOKUP,
        sheet: {
          ...sheet,
          settings: { ...sheet.settings, rotation: [{ direction: 'CW', join: [['purple', 'mauve']] }] },
        },
      },
      'sheet.settings.rotation.0.join.0: The sheet has no lead called “mauve”.',
    ],
    [
      'hookup',
      { ...HOOKUP, placements: [{ lead: 'mauve', goes: { kind: 'loose' } }] },
      'placements.0.lead: The lead sheet has no lead called “mauve”.',
    ],
    [
      'hookup',
      { ...HOOKUP, placements: [{ lead: 'white', goes: { kind: 'post', post: 'HERM' } }] },
      'placements.0.goes.post: There is no terminal called “HERM” on this unit with this can.',
    ],
    ['hookup', { ...HOOKUP, horsepower: '5' }, 'horsepower: This motor has no 5 hp setting.'],
    ['discharge', { ...DISCHARGE, volts: 0 }, 'volts: The volts it ran at must be above 0 V.'],
    [
      'discharge',
      { ...DISCHARGE, resistor: { ohms: -20, watts: 5 } },
      'resistor.ohms: The resistor must be above 0 Ω.',
    ],
    [
      'discharge',
      { ...DISCHARGE, resistor: { ohms: 20_000 } },
      'resistor.watts: The resistor’s watts are missing.',
    ],
    [
      'discharge',
      { ...DISCHARGE, sections: [{ id: 'HERM', microfarads: 0 }] },
      'sections.0.microfarads: The section must be above 0 µF (0.01 µF at least).',
    ],
    [
      'identify-terminals',
      { ...PAIRS, pairs: PAIRS.pairs.slice(0, 2) },
      'pairs: The reading between 2 and 3 is missing: all three pairs are needed.',
    ],
    [
      'identify-terminals',
      { ...PAIRS, pairs: [...PAIRS.pairs, PAIRS.pairs[0]] },
      'pairs.3.between: The pair 1–2 is given twice.',
    ],
    [
      'identify-terminals',
      { ...PAIRS, pairs: [{ between: ['1', '9'], microfarads: 4 }, ...PAIRS.pairs.slice(1)] },
      'pairs.0.between: There is no post called “9”.',
    ],
    [
      'identify-terminals',
      { ...PAIRS, pairs: [{ between: ['1', '2'], microfarads: -4 }, ...PAIRS.pairs.slice(1)] },
      'pairs.0.microfarads: A reading is a number from 0 up, or OL.',
    ],
    [
      'bench-capacitor',
      { reading: 5, rating: { low: 162, high: 135 } },
      'rating: The lower end of the marked range is above the upper one.',
    ],
    ['bench-capacitor', { reading: 'many' }, 'reading: A reading is a number from 0 up, or OL.'],
    ['read-label', { text: 'x'.repeat(401) }, 'text: A line has 400 letters at most.'],
    [
      'diagnose',
      { ...DIAGNOSE, readings: { 'ohms-frame': { quantity: 'ohms', value: -3 } } },
      'readings.ohms-frame.value: A reading is a number from 0 up, or OL.',
    ],
    [
      'diagnose',
      { ...DIAGNOSE, readings: { 'volts-moon': { quantity: 'volts', value: 3 } } },
      expect.stringContaining('readings.volts-moon: There is no place to read called “volts-moon”.'),
    ],
    [
      'diagnose',
      { ...DIAGNOSE, readings: { 'volts-supply': { quantity: 'volts', value: 5000 } } },
      'readings.volts-supply.value: Volts above 1000 V are not believable: read it again.',
    ],
    [
      'diagnose',
      { ...DIAGNOSE, readings: { 'volts-supply': { quantity: 'ohms', value: 5 } } },
      'readings.volts-supply.quantity: volts-supply is not read in ohms.',
    ],
    [
      'estimate-plate',
      { blade: { diameterInches: 0, steep: false } },
      'blade.diameterInches: The blade must be above 0 in.',
    ],
    [
      'match-motor',
      { ...MATCH, old: { fan: 'outdoor', plate: { ...PLATE, poles: 2 } } },
      'old.plate: 1075 rpm does not go with 2 poles at 60 Hz: those run a little below 3600 rpm, and 1075 rpm has 6.',
    ],
    [
      'match-motor',
      { ...MATCH, old: { fan: 'outdoor', plate: { ...PLATE, horsepower: ['5'], amps: [1] } } },
      'old.plate: 5 hp is 3729 W of work, and 1 A at 230 V bring 230 W at most.',
    ],
    [
      'match-motor',
      { ...MATCH, candidates: 'all' },
      'candidates: The candidates must be a list of lead sheets.',
    ],
    [
      'assign-speeds',
      { ...SPEEDS, choices: { COOL: 'ludicrous' } },
      'choices.COOL: A speed is one of: high, medium-high, medium, medium-low, low.',
    ],
    ['assign-speeds', { ...SPEEDS, amps: { COOL: 0 } }, 'amps.COOL: Amps must be above 0 A.'],
    ['make-safe', { unit: 'boiler' }, expect.stringContaining('unit: The unit type must be one of')],
    ['rotation', {}, ': Say which way it must turn, or what can be seen of blade, wheel or plate.'],
    [
      'rotation',
      { sources: [{ kind: 'wheel-outlet', outlet: 'top', air: 'up', looking: 'lead-end' }] },
      'sources.0: At the top or bottom the air leaves to the left or right; at a side it leaves up or down.',
    ],
    [
      'rotation',
      { sources: [{ kind: 'tea-leaves' }] },
      'sources.0.kind: A source is the nameplate, the propeller, the wheel’s outlet, its blades, or a short test.',
    ],
    ['rotation', { wanted: { direction: 'CW' } }, 'wanted.seenFrom: The end it is seen from is missing.'],
  ])('%s %#', (name, input, expected) => expect(error(name, input)).toEqual(expected))
})
