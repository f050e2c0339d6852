// The demo's visits that are worked through to their ends: a capacitor only, a blower like for like, a part that is waited for, an estimate.
import { CANS } from '../../core/capacitor/cans'
import { stayingDraft } from '../../core/job/inputs/staying-input'
import type { JobDocument } from '../../core/job/document'
import { LeadSheetSchema } from '../../core/motor/lead-sheet'
import { LEAD_SHEETS } from '../../core/motor/lead-sheets'
import { EMPTY_MOTOR_PLATE, EMPTY_UNIT_PLATE } from '../../core/motor/nameplate'
import { sheetOf } from '../../core/motor/tag-draft'
import { knownWork } from '../../core/job/visit/works'
import * as v from 'valibot'
import { looked, madeSafe, read, traced, type Edit } from './edits'

export interface DemoJob {
  readonly n: number
  readonly file: string
  readonly technician: string
  /** When it began, ms since 1970. */
  readonly begun: number
  readonly edits: readonly Edit[]
  /** What is entered once the rest is on record: a tag that is drafted from it. */
  readonly then?: (job: JobDocument) => readonly Edit[]
  /** It is proven before these. */
  readonly after?: readonly Edit[]
}

const OUTDOOR = 'cooling-1-pole-shared-capacitor'
const COIL = 'fan-coil-three-speed'
const THREE = 'packaged-three-phase'
const can = (id: string) => CANS.find((c) => c.id === id)
const sheet = (id: string) => LEAD_SHEETS.find((s) => s.id === id)
const work = (id: string): Edit => [['works', id], { text: knownWork(id)?.name ?? id }]
const photo = (n: number, k: number) => `01950000-0000-7000-b00${n}-00000000000${k}`
const picture = (
  work: 'before' | 'after',
  caption: string,
  takenAt: number,
  pins: readonly unknown[] = [],
) => ({
  work,
  caption,
  width: 960,
  height: 720,
  takenAt,
  pins,
})
const line = (kind: 'part' | 'labour', text: string, hundredths: number, cents: number, taxed: boolean) => ({
  kind,
  text,
  hundredths,
  cents,
  taxed,
})

const CAFE = Date.UTC(2026, 6, 17, 7, 40)
const capacitorOnly: DemoJob = {
  n: 7,
  file: '7-net-loft-cafe',
  technician: 'Ines Brandt',
  begun: CAFE,
  edits: [
    [['title'], 'Fan runs after a push'],
    [['site'], 'Net Loft Café, yard'],
    [['owner'], 'Net Loft Café'],
    [['unitName'], 'Condenser by the gate'],
    [['unit'], OUTDOOR],
    ...madeSafe(OUTDOOR),
    [['observations', 'fan-does'], 'push'],
    [['observations', 'compressor'], 'runs'],
    [['observations', 'can-top'], 'swollen'],
    [['observations', 'spin'], 'coasts'],
    [['plateLines', 'motor'], '1/4 HP 1075 RPM 208-230V 1.5 A 60HZ CCWLE 7.5 MFD 370V'],
    [
      ['motorPlate'],
      {
        ...EMPTY_MOTOR_PLATE,
        horsepower: ['1/4'],
        rpm: [1075],
        volts: [{ low: 208, high: 230 }],
        amps: [1.5],
        hertz: [60],
        rotation: { direction: 'CCW', seenFrom: 'lead-end' },
        microfarads: 7.5,
        capacitorVolts: 370,
      },
    ],
    [['plateLines', 'can'], '40/7.5 MFD 440VAC'],
    [['canMarking'], { sections: [40, 7.5], range: null, volts: 440, tolerancePercent: 6 }],
    [['compressorMicrofarads'], 40],
    [['measurements', 'microfarads-FAN'], read('microfarads', 0.2, CAFE + 900_000, 'clamp meter')],
    [['measurements', 'microfarads-HERM'], read('microfarads', 38.9, CAFE + 960_000, 'clamp meter')],
    [
      ['fault'],
      {
        cause: 'capacitor-open',
        name: 'The fan’s capacitor is open or shorted',
        strength: 'found',
        because: ['µF of the fan’s capacitor, discharged, leads off: open or nothing'],
      },
    ],
    [['photos', photo(7, 1)], picture('before', 'Capacitor as found: top swollen', CAFE + 800_000)],
    ...traced(OUTDOOR, {
      'fan-a': 'BK',
      'fan-b': 'WH',
      'fan-c': 'BN',
      'fan-g': 'GN',
      tie: 'WH',
      'comp-s': 'BU',
      'comp-c': 'BK',
      'comp-r': 'RD',
    }),
    [['wanted'], { direction: 'CCW', seenFrom: 'lead-end' }],
    [['can'], can('seven-section')],
  ],
  then: (job) => [
    [['motor'], v.parse(LeadSheetSchema, sheetOf(stayingDraft(job)))],
    [['motorStays'], true],
  ],
  after: [
    [['photos', photo(7, 2)], picture('after', 'New can, strapped and labelled', CAFE + 3_000_000)],
    [['startup', 'turned'], 'right'],
    [['measurements', 'amps-start cooling'], read('amps', 1.38, CAFE + 3_300_000, 'clamp meter')],
    [['measurements', 'volts-start supply'], read('volts', 236, CAFE + 3_360_000, 'clamp meter')],
    [['measurements', 'amps-start can'], read('amps', 1.02, CAFE + 3_400_000, 'clamp meter')],
    [['measurements', 'volts-start can'], read('volts', 361, CAFE + 3_420_000, 'clamp meter')],
    work('coil'),
    [
      ['recommended', '01950000-0000-7000-c007-000000000001'],
      { text: 'The motor ran hot for weeks: look at it again.', declined: false, when: 'now' },
    ],
    [
      ['estimateLines', '01950000-0000-7000-c007-000000000002'],
      line('part', 'Seven-section can', 100, 5800, true),
    ],
    [
      ['estimateLines', '01950000-0000-7000-c007-000000000003'],
      line('labour', 'Fault found, capacitor fitted', 125, 9500, false),
    ],
    [['acceptance'], { name: 'M. Okafor', at: CAFE + 3_500_000, cents: 17_675, signature: null }],
  ],
}

const COURT = Date.UTC(2026, 6, 17, 10, 5)
const likeForLike: DemoJob = {
  n: 8,
  file: '8-heron-court',
  technician: 'Sam Pryor',
  begun: COURT,
  edits: [
    [['title'], 'Blower like for like'],
    [['site'], 'Heron Court, flat 9'],
    [['owner'], 'Heron Court management'],
    [['unitName'], 'Fan coil, hall ceiling'],
    [['unit'], COIL],
    ...madeSafe(COIL),
    [['observations', 'fan-does'], 'dead'],
    [['observations', 'spin'], 'seized'],
    [
      ['fault'],
      {
        cause: 'bearing',
        name: 'A bearing of the motor is worn or seized',
        strength: 'found',
        because: ['Power off and locked: turn the fan by hand: will not turn'],
      },
    ],
    [['photos', photo(8, 1)], picture('before', 'Wires before anything came off', COURT + 700_000)],
    ...traced(COIL, {
      line: 'WH',
      high: 'BK',
      medium: 'BU',
      low: 'RD',
      'cap-a': 'BN',
      'cap-b': 'BN/WH',
      'fan-g': 'GN',
    }).map(([path, value]): Edit => {
      const speed = { high: 'high', medium: 'medium', low: 'low' }[path[1] ?? '']
      return [path, speed ? { ...(value as object), speed } : value]
    }),
    [['plateLines', 'motor'], '1/3 HP 1075 RPM 115V 5.6 A 60HZ CCWLE 7.5 MFD 370V'],
    [
      ['motorPlate'],
      {
        ...EMPTY_MOTOR_PLATE,
        horsepower: ['1/3'],
        rpm: [1075],
        volts: [{ low: 115, high: 115 }],
        amps: [5.6],
        hertz: [60],
        rotation: { direction: 'CCW', seenFrom: 'lead-end' },
        microfarads: 7.5,
        capacitorVolts: 370,
      },
    ],
    [['plateLines', 'can'], '7.5 MFD 370VAC'],
    [['canMarking'], { sections: [7.5], range: null, volts: 370, tolerancePercent: 6 }],
    [['wanted'], { direction: 'CCW', seenFrom: 'lead-end' }],
    [['motor'], sheet('alder-33b')],
    [
      ['can'],
      {
        id: 'single-7-5',
        name: 'Single 7.5',
        volts: 440,
        tolerancePercent: 6,
        protectedStart: false,
        sections: [{ id: '7.5', microfarads: 7.5 }],
      },
    ],
  ],
  after: [
    [['photos', photo(8, 2)], picture('after', 'Wheel centred, gaps equal', COURT + 4_000_000)],
    [['mountInches', 'wheelMotor'], 0.5],
    [['mountInches', 'wheelFar'], 0.5],
    [['mountChoices', 'way'], 'band'],
    ...looked(COIL, 'band'),
    [['startup', 'turned'], 'right'],
    [['startup', 'blade'], 'same'],
    [['startup', 'door'], 'closed'],
    [['measurements', 'amps-start high'], read('amps', 5.2, COURT + 4_400_000, 'clamp meter')],
    [['measurements', 'amps-start medium'], read('amps', 4.1, COURT + 4_460_000, 'clamp meter')],
    [['measurements', 'amps-start low'], read('amps', 3.1, COURT + 4_520_000, 'clamp meter')],
    [['measurements', 'volts-start supply'], read('volts', 119, COURT + 4_560_000, 'clamp meter')],
    work('drain'),
    [
      ['estimateLines', '01950000-0000-7000-c008-000000000001'],
      line('part', 'Alder 33B and Single 7.5', 100, 18_250, true),
    ],
    [['estimateLines', '01950000-0000-7000-c008-000000000002'], line('labour', 'Exchange', 200, 9500, false)],
    [['acceptance'], { name: 'J. Lindqvist', at: COURT + 4_700_000, cents: 37_250, signature: null }],
  ],
}

const SHED = Date.UTC(2026, 6, 17, 14, 20)
const waiting: DemoJob = {
  n: 9,
  file: '9-ropewalk-gym',
  technician: 'Ines Brandt',
  begun: SHED,
  edits: [
    [['title'], 'Fan seized, motor on order'],
    [['site'], 'Ropewalk Gym, flat roof'],
    [['unit'], OUTDOOR],
    ...madeSafe(OUTDOOR).slice(0, 3),
    [['observations', 'fan-does'], 'dead'],
    [['observations', 'compressor'], 'runs'],
    [['observations', 'spin'], 'seized'],
    [
      ['fault'],
      {
        cause: 'bearing',
        name: 'A bearing of the motor is worn or seized',
        strength: 'found',
        because: ['Power off and locked: turn the fan by hand: will not turn'],
      },
    ],
    work('freed'),
    [
      ['ordered', '01950000-0000-7000-c009-000000000001'],
      {
        what: 'Motor, 3/4 hp, 1075 rpm, 208–230 V',
        from: 'Pier Parts counter',
        due: '2026-07-20',
        arrived: false,
      },
    ],
    [['comeBack'], { on: '2026-07-20', why: 'fit the motor' }],
  ],
}

const FERRY = Date.UTC(2026, 6, 17, 16, 45)
const estimate: DemoJob = {
  n: 10,
  file: '10-ferry-office',
  technician: 'Sam Pryor',
  begun: FERRY,
  edits: [
    [['title'], 'Breaker goes at once'],
    [['site'], 'Ferry Office, behind the ticket hall'],
    [['unit'], OUTDOOR],
    [['observations', 'comp-does'], 'breaker'],
    [['measurements', 'ohms-shell-C'], read('ohms', 1200, FERRY + 600_000)],
    [['measurements', 'ohms-shell-R'], read('ohms', 900, FERRY + 660_000)],
    [['measurements', 'ohms-shell-S'], read('ohms', 1500, FERRY + 720_000)],
    [
      ['fault'],
      {
        cause: 'comp-grounded',
        name: 'A winding of the compressor has gone to ground',
        strength: 'found',
        because: ['Ohms from each of the compressor’s posts to its shell, leads off: low'],
      },
    ],
    [
      ['estimateLines', '01950000-0000-7000-c010-000000000001'],
      line('part', 'Compressor', 100, 148_000, true),
    ],
    [
      ['estimateLines', '01950000-0000-7000-c010-000000000002'],
      line('labour', 'Exchange, with recovery', 700, 9500, false),
    ],
  ],
}

const SAILS = Date.UTC(2026, 6, 18, 6, 55)
const threePhase: DemoJob = {
  n: 11,
  file: '11-sailmakers-hall',
  technician: 'Ines Brandt',
  begun: SAILS,
  edits: [
    [['title'], 'Roof unit on three phases'],
    [['site'], 'Sailmakers’ Hall, roof'],
    [['owner'], 'Sailmakers’ Trust'],
    [['unitName'], 'Roof unit 2'],
    [['unit'], THREE],
    ...madeSafe(THREE),
    [['observations', 'fan-does'], 'hums'],
    [['observations', 'compressor'], 'runs'],
    [['observations', 'motor-volts'], 'right'],
    [['observations', 'ohms'], 'low'],
    [
      ['fault'],
      {
        cause: 'winding-shorted',
        name: 'Turns of a winding are shorted',
        strength: 'found',
        because: [
          'Ohms between each two of the motor’s three leads, all off: one pair far lower, or near nothing',
        ],
      },
    ],
    [['plateLines', 'unit'], '460V 3PH 60HZ'],
    [['unitPlate'], { ...EMPTY_UNIT_PLATE, volts: [{ low: 460, high: 460 }], phase: 3, hertz: [60] }],
    [['plateLines', 'motor'], '1/2 HP 1140 RPM 460V 1.0 A 60HZ 3PH CWSE'],
    [
      ['motorPlate'],
      {
        ...EMPTY_MOTOR_PLATE,
        horsepower: ['1/2'],
        rpm: [1140],
        volts: [{ low: 460, high: 460 }],
        amps: [1],
        hertz: [60],
        phase: 3,
        rotation: { direction: 'CW', seenFrom: 'shaft-end' },
      },
    ],
    ...traced(THREE, {
      'fan-a': 'BU',
      'fan-b': 'BK',
      'fan-c': 'RD',
      'fan-g': 'GN',
      'comp-1': 'BK',
      'comp-2': 'BK',
      'comp-3': 'BK',
    }),
    [['wanted'], { direction: 'CW', seenFrom: 'shaft-end' }],
    [['motor'], sheet('brant-50t')],
  ],
  // Two seconds of power showed it backward: two of its own leads were exchanged, and it was proven again.
  then: () => [
    [['placements', 'black'], { kind: 'post', post: 'T3' }],
    [['placements', 'red'], { kind: 'post', post: 'T2' }],
  ],
  after: [
    [['startup', 'turned'], 'right'],
    [['measurements', 'amps-start cooling'], read('amps', 0.94, SAILS + 3_300_000, 'clamp meter')],
    [['measurements', 'volts-start supply'], read('volts', 468, SAILS + 3_360_000, 'clamp meter')],
  ],
}

export const DEMO_JOBS: readonly DemoJob[] = [capacitorOnly, likeForLike, waiting, estimate, threePhase]
export const PHOTO_IDS = {
  swollen: photo(7, 1),
  strapped: photo(7, 2),
  wires: photo(8, 1),
  wheel: photo(8, 2),
}
