// What each row of supply, power, speed and rotation says, whichever way it goes. Limits are common practice, no source.
import type { LeadSheet } from '../lead-sheet'
import type { CriterionId, OldMotor } from './criterion'
import { matchMotors } from './match'
import { OLD, old, sheet } from './testing/motors'

const told = (o: OldMotor, candidate: LeadSheet, criterion: CriterionId) => {
  const row = matchMotors(o, [candidate])[0]?.rows.find((r) => r.criterion === criterion)
  return [row?.verdict, row?.figures, row?.reason, row?.ask].filter((said) => said !== null).join(' | ')
}
/** What is compared, and verdict, figures, reason and what to read, one after another. */
type Row = [string, OldMotor, LeadSheet, CriterionId, string]

const USUAL = sheet('rowan-25r')
const blower = (more: Partial<OldMotor> = {}) => old({}, { fan: 'blower', ...more })
const sized = (...sizes: [horsepower: string, coversFrom?: string][]) =>
  sheet('rowan-25r', (s) =>
    Object.assign(s.settings, {
      horsepower: sizes.map(([horsepower, coversFrom = null]) => ({
        ...s.settings.horsepower[0]!,
        horsepower,
        coversFrom,
      })),
    }),
  )
const withSpeeds = (count: number) =>
  sheet('alder-33b', (s) =>
    Object.assign(s.settings, {
      speed: Array.from({ length: count }, (_, i) => ({ ...s.settings.speed[0]!, label: `${i}` })),
    }),
  )

const MEASURE_RPM = 'Read the rpm on the plate, or measure it while it still runs.'
const READ_HORSEPOWER = 'Read the plate, or the amps against the volts while it runs.'
const COUNT_LINES = 'Count the line leads of the old motor: three are three-phase.'
const estimate = (
  horsepower: OldMotor['estimate']['horsepower'],
  rpm: OldMotor['estimate']['rpm'] = null,
) => ({
  estimate: { horsepower, rpm },
})

/** The power that the fan would take at the other speed, by the fan laws: the cube of the ratio (textbook). */
const crossed = (from: number, to: number) => {
  const times = (to / from) ** 3
  const percent = Math.round(1000 * (times - 1)) / 10
  return `Another class. By the fan laws the fan would take ${Math.round(100 * times) / 100} times the power (${percent > 0 ? '+' : '−'}${Math.abs(percent)} %), the cube of the speeds’ ratio.`
}

const ROWS: Row[] = [
  [
    'made for it',
    OLD,
    USUAL,
    'kind',
    'pass | an outdoor fan wanted, an outdoor fan motor | Made for such a fan.',
  ],
  [
    'made for another',
    OLD,
    sheet('alder-33b'),
    'kind',
    'fail | an outdoor fan wanted, a blower motor | Made for another kind of fan: speeds, cooling and mounting differ.',
  ],
  [
    'a blower',
    blower(),
    sheet('alder-33b'),
    'kind',
    'pass | a blower wanted, a blower motor | Made for such a fan.',
  ],
  ['one phase', OLD, USUAL, 'phase', 'pass | 1 wanted, 1 here | The same.'],
  [
    'three for one',
    OLD,
    sheet('brant-50t'),
    'phase',
    'fail | 1 wanted, 3 here | One phase and three do not stand in for each other.',
  ],
  [
    'phase not on the plate',
    old({ phase: null }),
    USUAL,
    'phase',
    `unknown | the plate does not say; one phase here | Two or three line leads at the old motor tell. | ${COUNT_LINES}`,
  ],
  [
    'phase not on the plate, three here',
    old({ phase: null }),
    sheet('brant-50t'),
    'phase',
    `unknown | the plate does not say; three phases here | A three-phase motor replaces only a three-phase one. | ${COUNT_LINES}`,
  ],
  [
    'the class',
    OLD,
    USUAL,
    'speed-class',
    'pass | 1075 rpm (6 poles) wanted, 1075 rpm here | The same class.',
  ],
  [
    'by the poles: 120 × 60 / 6',
    old({ rpm: [], poles: 6 }),
    USUAL,
    'speed-class',
    'pass | 1200 rpm (6 poles) wanted, 1075 rpm here | The same class.',
  ],
  [
    'a slower one',
    old({ rpm: [825] }),
    USUAL,
    'speed-class',
    `fail | 825 rpm (8 poles) wanted, 1075 rpm here | ${crossed(825, 1075)}`,
  ],
  [
    'a faster one, by its poles',
    old({ rpm: [], poles: 4 }),
    USUAL,
    'speed-class',
    `fail | 1800 rpm (4 poles) wanted, 1075 rpm here | ${crossed(1800, 1075)}`,
  ],
  [
    'no speed known',
    old({ rpm: [] }),
    USUAL,
    'speed-class',
    `unknown | not known; 1075 rpm here | The speed class decides, and is not known. | ${MEASURE_RPM}`,
  ],
  // Ten percent on either end: 1075 / 1.1 is 977.3, 1075 / 0.9 is 1194.4.
  [
    'an estimate that it just reaches from above',
    old({ rpm: [] }, estimate(null, { low: 825, high: 978 })),
    USUAL,
    'speed-class',
    `watch | not known, estimated 825 to 978; 1075 rpm here | It lies in the estimate, which is no plate. | ${MEASURE_RPM}`,
  ],
  [
    'an estimate that it does not reach',
    old({ rpm: [] }, estimate(null, { low: 825, high: 977 })),
    USUAL,
    'speed-class',
    `unknown | not known, estimated 825 to 977; 1075 rpm here | The speed class decides, and is not known. | ${MEASURE_RPM}`,
  ],
  [
    'an estimate that it just reaches from below',
    old({ rpm: [] }, estimate(null, { low: 1194, high: 1500 })),
    USUAL,
    'speed-class',
    `watch | not known, estimated 1194 to 1500; 1075 rpm here | It lies in the estimate, which is no plate. | ${MEASURE_RPM}`,
  ],
  [
    'an estimate above it',
    old({ rpm: [] }, estimate(null, { low: 1195, high: 1500 })),
    USUAL,
    'speed-class',
    `unknown | not known, estimated 1195 to 1500; 1075 rpm here | The speed class decides, and is not known. | ${MEASURE_RPM}`,
  ],
  ['the same size', OLD, USUAL, 'horsepower', 'pass | 1/4 hp wanted, 1/4 hp here | The same.'],
  [
    'one of several sizes',
    OLD,
    sized(['1/3'], ['1/4'], ['1/6']),
    'horsepower',
    'pass | 1/4 hp wanted, 1/6, 1/4, 1/3 hp here | The same: set it to 1/4 hp.',
  ],
  [
    'covered as it is',
    old({ horsepower: ['1/5'] }),
    sized(['1/3', '1/6']),
    'horsepower',
    'pass | 1/5 hp wanted, 1/3 hp here | Rated from 1/6 to 1/3 hp as it is.',
  ],
  [
    'at the lower end of what it covers',
    old({ horsepower: ['1/6'] }),
    sized(['1/3', '1/6']),
    'horsepower',
    'pass | 1/6 hp wanted, 1/3 hp here | Rated from 1/6 to 1/3 hp as it is.',
  ],
  [
    'one above',
    old({ horsepower: ['1/5'] }),
    USUAL,
    'horsepower',
    'watch | 1/5 hp wanted, 1/4 hp here | One standard size above, the usual limit.',
  ],
  [
    'one above, of several',
    old({ horsepower: ['1/5'] }),
    sized(['1/8'], ['1/4']),
    'horsepower',
    'watch | 1/5 hp wanted, 1/8, 1/4 hp here | One standard size above, the usual limit: set it to 1/4 hp.',
  ],
  // 1/6, 1/5, 1/4, 1/3: three steps.
  [
    'far above',
    old({ horsepower: ['1/6'] }),
    sized(['1/3']),
    'horsepower',
    'fail | 1/6 hp wanted, 1/3 hp here | 3 standard sizes above: more than the usual limit of one.',
  ],
  [
    'below',
    old({ horsepower: ['1/3'] }),
    USUAL,
    'horsepower',
    'fail | 1/3 hp wanted, 1/4 hp here | Below the old one: it would be overloaded.',
  ],
  [
    'several on the plate: the largest counts',
    old({ horsepower: ['1/6', '1/3'] }),
    sized(['1/3']),
    'horsepower',
    'pass | 1/6 / 1/3 hp wanted, 1/3 hp here | The same.',
  ],
  [
    'steep blades, on a half',
    old({}, { steepBlades: true }),
    sized(['1/2']),
    'horsepower',
    'pass | 1/2 (steep blades) hp wanted, 1/2 hp here | The same.',
  ],
  [
    'steep blades on what was three quarters',
    old({ horsepower: ['3/4'] }, { steepBlades: true }),
    sized(['3/4']),
    'horsepower',
    'pass | 3/4 hp wanted, 3/4 hp here | The same.',
  ],
  [
    'nothing known of the size',
    old({ horsepower: [] }),
    USUAL,
    'horsepower',
    `unknown | not known; 1/4 hp here | The horsepower decides, and is not known. | ${READ_HORSEPOWER}`,
  ],
  [
    'an estimate that it covers',
    old({ horsepower: [] }, estimate({ low: '1/6', high: '1/4' })),
    USUAL,
    'horsepower',
    `watch | estimated 1/6 to 1/4 hp, 1/4 hp here | Enough for the whole estimate, which is no plate. | ${READ_HORSEPOWER}`,
  ],
  [
    'an estimate one size below it',
    old({ horsepower: [] }, estimate({ low: '1/6', high: '1/5' })),
    USUAL,
    'horsepower',
    `watch | estimated 1/6 to 1/5 hp, 1/4 hp here | Enough for the whole estimate, which is no plate. | ${READ_HORSEPOWER}`,
  ],
  [
    'an estimate two sizes below it',
    old({ horsepower: [] }, estimate({ low: '1/8', high: '1/6' })),
    USUAL,
    'horsepower',
    `unknown | estimated 1/8 to 1/6 hp, 1/4 hp here | An estimate does not settle it. | ${READ_HORSEPOWER}`,
  ],
  // 1.6 A and a tenth more: 1.76.
  ['amps as before', OLD, USUAL, 'amps', 'pass | 1.6 A before, 1.6 A here | Near the old one, or below.'],
  [
    'amps above',
    old({ amps: [1.2, 1.45] }),
    USUAL,
    'amps',
    'watch | 1.45 A before, 1.6 A here | Higher: check the unit’s circuit rating and its fan relay.',
  ],
  [
    'a tenth above: 1.455 × 1.1 is 1.6005',
    old({ amps: [1.455] }),
    USUAL,
    'amps',
    'pass | 1.46 A before, 1.6 A here | Near the old one, or below.',
  ],
  [
    'amps not known',
    old({ amps: [] }),
    USUAL,
    'amps',
    'unknown | not known; 1.6 A here | Higher amps need the circuit’s rating checked. | Read the amps on the plate.',
  ],
  [
    'no setting fits',
    old({ horsepower: ['1/3'] }),
    USUAL,
    'amps',
    'unknown | no setting fits | Amps belong to a setting, and none fits.',
  ],
  ['reversible', OLD, USUAL, 'rotation', 'pass | CW wanted, reversible | Set it by the plug or its leads.'],
  [
    'reversible, either',
    old({}, { wantedFromLeadEnd: null }),
    USUAL,
    'rotation',
    'pass | either wanted, reversible | Set it by the plug or its leads.',
  ],
  [
    'its only way',
    OLD,
    sheet('rowan-16f'),
    'rotation',
    'pass | CW wanted, CW only, seen from the lead end | The way it turns.',
  ],
  [
    'not its way',
    old({}, { wantedFromLeadEnd: 'CCW' }),
    sheet('rowan-16f'),
    'rotation',
    'fail | CCW wanted, CW only, seen from the lead end | It cannot be reversed.',
  ],
  [
    'way not known',
    old({}, { wantedFromLeadEnd: null }),
    sheet('rowan-16f'),
    'rotation',
    'unknown | not known wanted, CW only, seen from the lead end | It cannot be reversed, and which way the fan must turn is not known. | Find the rotation from the blade, the wheel or the plate.',
  ],
  ['speeds enough', blower({ speedsInUse: 3 }), withSpeeds(3), 'speeds', 'pass | 3 in use, 3 here | Enough.'],
  [
    'fewer',
    blower({ speedsInUse: 4 }),
    withSpeeds(3),
    'speeds',
    'watch | 4 in use, 3 here | Fewer than the outputs in use: every one still needs a lead, so one tap serves two where the board allows it.',
  ],
  [
    'not known how many, several here',
    blower({ speedsInUse: null }),
    withSpeeds(2),
    'speeds',
    'pass | not known; 2 here | Several to choose from.',
  ],
  [
    'not known how many, one here',
    blower({ speedsInUse: null }),
    withSpeeds(0),
    'speeds',
    'unknown | not known; 1 here | How many speeds the unit uses is not known. | Count the outputs that have a lead on them.',
  ],
  [
    'no volts known',
    old({ volts: [] }, { unitVolts: null }),
    USUAL,
    'voltage',
    'unknown | not known; 208–230 V here | The voltage decides, and is not known. | Read the plate, or the volts at the disconnect.',
  ],
  [
    'the class of the old plate',
    old({}, { unitVolts: null }),
    USUAL,
    'voltage',
    'pass | 208–230 V wanted, 208–230 V here | The same class.',
  ],
  [
    'another class',
    old({ volts: [{ low: 115, high: 115 }] }, { unitVolts: null }),
    USUAL,
    'voltage',
    'fail | 115 V wanted, 208–230 V here | Another voltage class.',
  ],
  [
    'an old motor that takes either',
    old(
      {
        volts: [
          { low: 115, high: 115 },
          { low: 230, high: 230 },
        ],
      },
      { unitVolts: null },
    ),
    USUAL,
    'voltage',
    'unknown | 115 V or 230 V wanted, 208–230 V here | The old motor takes either: which the unit has is not known. | Read the volts at the disconnect.',
  ],
  [
    'supply and old plate disagree',
    old({ volts: [{ low: 460, high: 460 }] }),
    USUAL,
    'voltage',
    'unknown | the supply is 230 V, 208–230 V here, and the old motor’s plate says 460 V | Supply and old plate disagree. | Read the volts at the disconnect.',
  ],
  [
    'sources that disagree',
    old({}, { supplyConflict: 'The meter says 277 V, the plate 230 V: choose.' }),
    USUAL,
    'voltage',
    'unknown | 208–230 V here | The meter says 277 V, the plate 230 V: choose. | Choose which volts the unit has.',
  ],
]
it.each(ROWS)('%s', (_, o, candidate, criterion, said) => expect(told(o, candidate, criterion)).toBe(said))
