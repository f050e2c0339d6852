// Six ways in which makers set a motor's plate.
import { maker, motorFacts, motorTruth } from './facts'
import { column, type Item, type Layout } from './plate'

const ALL_MOTOR = [
  'horsepower',
  'volts',
  'amps',
  'rpm',
  'hertz',
  'phase',
  'microfarads',
  'capacitor-volts',
  'rotation',
  'frame',
]

const motorLines: Layout = (draws) => {
  const f = motorFacts(draws)
  return {
    kind: 'motor',
    layout: 'lines of name and figure',
    width: 90,
    height: 52,
    rules: [],
    items: [
      { text: maker(draws), x: 45, y: 9, size: 6, bold: true, align: 'center' },
      ...column(
        [
          `MODEL ${f.model}   FR ${f.frame}`,
          `HP ${f.horsepower}   RPM ${f.rpm}`,
          `VOLTS ${f.volts}   AMPS ${f.amps}`,
          `HZ ${f.hertz}   PH ${f.phase}   ROT ${f.rotation}`,
          `CAP ${f.microfarads} MFD ${f.capacitorVolts} VAC`,
        ],
        5,
        18,
        7.4,
        4.6,
      ),
    ],
    truth: motorTruth(f, ALL_MOTOR),
  }
}

const motorRun: Layout = (draws) => {
  const f = motorFacts(draws)
  return {
    kind: 'motor',
    layout: 'figure before unit',
    width: 80,
    height: 40,
    rules: [],
    items: column(
      [
        `${maker(draws)}`,
        `${f.horsepower} HP   ${f.rpm} RPM   ${f.phase} PH`,
        `${f.volts} V   ${f.amps} A   ${f.hertz} HZ`,
        `${f.microfarads} MFD ${f.capacitorVolts} VAC   ${f.rotation}`,
        `AIR OVER  INS CL B`,
      ],
      5,
      8,
      7.4,
      5,
    ),
    truth: motorTruth(f, [
      'horsepower',
      'volts',
      'amps',
      'rpm',
      'hertz',
      'phase',
      'microfarads',
      'capacitor-volts',
      'rotation',
    ]),
  }
}

/** A table: names in one row, figures in the row below. */
const table = (
  names: readonly string[],
  figures: readonly string[],
  at: { x: number; y: number; width: number; size: number },
): { items: Item[]; rules: [number, number, number, number][] } => {
  const each = at.width / names.length
  const middle = (i: number) => at.x + (i + 0.5) * each
  return {
    items: [
      ...names.map((text, i): Item => ({
        text,
        x: middle(i),
        y: at.y,
        size: at.size * 0.8,
        align: 'center',
      })),
      ...figures.map((text, i): Item => ({
        text,
        x: middle(i),
        y: at.y + at.size * 1.5,
        size: at.size,
        align: 'center',
      })),
    ],
    rules: [
      [at.x, at.y + at.size * 0.35, at.x + at.width, at.y + at.size * 0.35],
      ...names
        .slice(1)
        .map((_, i): [number, number, number, number] => [
          at.x + (i + 1) * each,
          at.y - at.size,
          at.x + (i + 1) * each,
          at.y + at.size * 1.8,
        ]),
    ],
  }
}

const motorTable: Layout = (draws) => {
  const f = motorFacts(draws)
  const one = table(['HP', 'RPM', 'VOLTS'], [f.horsepower, f.rpm, f.volts], {
    x: 4,
    y: 18,
    width: 92,
    size: 5,
  })
  const two = table(['AMPS', 'HZ', 'PH', 'FRAME'], [f.amps, f.hertz, f.phase, f.frame], {
    x: 4,
    y: 33,
    width: 92,
    size: 5,
  })
  return {
    kind: 'motor',
    layout: 'table, names above',
    width: 100,
    height: 56,
    rules: [...one.rules, ...two.rules],
    items: [
      { text: maker(draws), x: 50, y: 9, size: 6, bold: true, align: 'center' },
      ...one.items,
      ...two.items,
      { text: `CAP ${f.microfarads} MFD ${f.capacitorVolts} V   ROT ${f.rotation}`, x: 5, y: 50, size: 4.6 },
    ],
    truth: motorTruth(f, ALL_MOTOR),
  }
}

const motorForm: Layout = (draws) => {
  const f = motorFacts(draws)
  const rows = [
    ['HORSEPOWER', f.horsepower],
    ['VOLTS', f.volts],
    ['AMPS', f.amps],
    ['RPM', f.rpm],
    ['HERTZ', f.hertz],
    ['PHASE', f.phase],
    ['ROTATION', f.rotation],
  ]
  return {
    kind: 'motor',
    layout: 'form, names left',
    width: 70,
    height: 66,
    rules: rows.map((_, i): [number, number, number, number] => [4, 15.5 + i * 7.2, 66, 15.5 + i * 7.2]),
    items: [
      { text: maker(draws), x: 35, y: 7, size: 5, bold: true, align: 'center' },
      ...rows.flatMap(([name = '', value = ''], i): Item[] => [
        { text: name, x: 5, y: 14 + i * 7.2, size: 4 },
        { text: value, x: 40, y: 14 + i * 7.2, size: 4.8, bold: true },
      ]),
    ],
    truth: motorTruth(f, ['horsepower', 'volts', 'amps', 'rpm', 'hertz', 'phase', 'rotation']),
  }
}

const motorTwoColumns: Layout = (draws) => {
  const f = motorFacts(draws)
  return {
    kind: 'motor',
    layout: 'two columns with colons',
    width: 100,
    height: 44,
    rules: [],
    items: [
      { text: maker(draws), x: 5, y: 8, size: 5.5, bold: true },
      ...column([`HP: ${f.horsepower}`, `RPM: ${f.rpm}`, `FLA: ${f.amps}`, `HZ: ${f.hertz}`], 5, 17, 7, 4.8),
      ...column(
        [
          `VOLTS: ${f.volts}`,
          `PH: ${f.phase}`,
          `ROT: ${f.rotation}`,
          `CAP: ${f.microfarads}/${f.capacitorVolts}`,
        ],
        52,
        17,
        7,
        4.8,
      ),
    ],
    truth: motorTruth(f, [
      'horsepower',
      'volts',
      'amps',
      'rpm',
      'hertz',
      'phase',
      'rotation',
      'microfarads',
      'capacitor-volts',
    ]),
  }
}

const motorTight: Layout = (draws) => {
  const f = motorFacts(draws)
  return {
    kind: 'motor',
    layout: 'tight lines without gaps',
    width: 76,
    height: 34,
    rules: [],
    items: column(
      [
        `${maker(draws)} ${f.model}`,
        `${f.horsepower}HP ${f.rpm}RPM ${f.volts}V`,
        `${f.amps}A ${f.hertz}HZ ${f.phase}PH ${f.rotation.replace(' ', '')}`,
        `${f.microfarads}MFD/${f.capacitorVolts}VAC FR${f.frame}`,
      ],
      4,
      8,
      7.4,
      5.2,
    ),
    truth: motorTruth(f, [
      'horsepower',
      'volts',
      'amps',
      'rpm',
      'hertz',
      'phase',
      'rotation',
      'microfarads',
      'capacitor-volts',
      'frame',
    ]),
  }
}

export const MOTOR_PLATES: readonly Layout[] = [
  motorLines,
  motorRun,
  motorTable,
  motorForm,
  motorTwoColumns,
  motorTight,
]
