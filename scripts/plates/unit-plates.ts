// Three ways in which makers set a unit's plate.
import { maker, unitFacts, unitTruth } from './facts'
import { column, type Item, type Layout } from './plate'

const ALL_UNIT = [
  'volts',
  'hertz',
  'phase',
  'circuit-amps',
  'max-fuse',
  'fan-amps',
  'compressor-amps',
  'refrigerant',
]

const unitLines: Layout = (draws) => {
  const f = unitFacts(draws)
  return {
    kind: 'unit',
    layout: 'unit, lines',
    width: 110,
    height: 62,
    rules: [],
    items: [
      { text: maker(draws), x: 55, y: 9, size: 6, bold: true, align: 'center' },
      ...column(
        [
          `SERIAL ${f.serial}   REFRIGERANT ${f.refrigerant}`,
          `VOLTS ${f.volts}   PH 1   HZ 60`,
          `COMPRESSOR RLA ${f.rla}   LRA ${f.lra}`,
          `FAN MOTOR FLA ${f.fla}`,
          `MIN CIRCUIT AMPACITY ${f.mca}`,
          `MAX FUSE ${f.fuse}`,
        ],
        5,
        18,
        7.4,
        4.8,
      ),
    ],
    truth: unitTruth(f, ALL_UNIT),
  }
}

const unitTable: Layout = (draws) => {
  const f = unitFacts(draws)
  const size = 4.6
  const cells = (y: number, row: readonly string[]): Item[] =>
    row.map((text, i) => ({ text, x: [5, 42, 66, 88][i] ?? 0, y, size }))
  return {
    kind: 'unit',
    layout: 'unit, table with heads of rows',
    width: 110,
    height: 60,
    rules: [
      [4, 19, 106, 19],
      [4, 27, 106, 27],
      [4, 35, 106, 35],
    ],
    items: [
      { text: maker(draws), x: 5, y: 9, size: 5.5, bold: true },
      ...cells(17, ['', 'VOLTS', 'RLA', 'LRA']).slice(1),
      ...cells(25, ['COMPRESSOR', f.volts, f.rla, f.lra]),
      { text: 'FAN MOTOR', x: 5, y: 33, size },
      { text: `FLA ${f.fla}`, x: 42, y: 33, size },
      ...column([`MCA ${f.mca}    MOCP ${f.fuse}`, `1 PH  60 HZ  ${f.refrigerant}`], 5, 45, 8, 5),
    ],
    truth: unitTruth(f, ALL_UNIT),
  }
}

const unitShort: Layout = (draws) => {
  const f = unitFacts(draws)
  return {
    kind: 'unit',
    layout: 'unit, short names',
    width: 90,
    height: 46,
    rules: [],
    items: column(
      [
        `${f.volts}V  1PH  60HZ`,
        `MCA: ${f.mca} A`,
        `MAX FUSE: ${f.fuse} A`,
        `COMP RLA: ${f.rla}  LRA: ${f.lra}`,
        `FAN FLA: ${f.fla}   ${f.refrigerant}`,
      ],
      5,
      9,
      8,
      5.4,
    ),
    truth: unitTruth(f, ALL_UNIT),
  }
}

export const UNIT_PLATES: readonly Layout[] = [unitLines, unitTable, unitShort]
