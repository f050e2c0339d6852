// Five ways in which makers set a capacitor's label.
import { canFacts, maker } from './facts'
import { column, type Layout } from './plate'

const canBig: Layout = (draws) => {
  const f = canFacts(draws)
  return {
    kind: 'can',
    layout: 'dual can, large figures',
    width: 60,
    height: 46,
    rules: [],
    items: [
      { text: maker(draws), x: 30, y: 8, size: 4.6, bold: true, align: 'center' },
      { text: `${f.herm}/${f.fan} MFD`, x: 30, y: 20, size: 9, bold: true, align: 'center' },
      { text: `${f.volts} VAC`, x: 30, y: 31, size: 7.5, align: 'center' },
      { text: `±${f.tolerance}%   50/60 HZ`, x: 30, y: 40, size: 5, align: 'center' },
    ],
    truth: [
      { field: 'microfarads', means: `a dual: ${f.herm} µF and ${f.fan} µF` },
      { field: 'volts', means: `${f.volts} volts` },
      { field: 'tolerance', means: `tolerance ±${f.tolerance} %` },
    ],
  }
}

const canPlus: Layout = (draws) => {
  const f = canFacts(draws)
  return {
    kind: 'can',
    layout: 'dual can, one line',
    width: 70,
    height: 34,
    rules: [],
    items: column(
      [
        maker(draws),
        `${f.herm}+${f.fan} uF ±${f.tolerance}%`,
        `${f.volts} VAC  50/60 HZ`,
        'PROTECTED  NO PCB',
      ],
      5,
      8,
      7.4,
      5.4,
    ),
    truth: [
      { field: 'microfarads', means: `a dual: ${f.herm} µF and ${f.fan} µF` },
      { field: 'volts', means: `${f.volts} volts` },
      { field: 'tolerance', means: `tolerance ±${f.tolerance} %` },
    ],
  }
}

const canSingle: Layout = (draws) => {
  const f = canFacts(draws)
  return {
    kind: 'can',
    layout: 'single can',
    width: 56,
    height: 36,
    rules: [],
    items: column([maker(draws), `CAP ${f.fan} MFD`, `VAC ${f.volts}`, `TOL ${f.tolerance}%`], 5, 8, 8, 5.6),
    truth: [
      { field: 'microfarads', means: `a single of ${f.fan} µF` },
      { field: 'volts', means: `${f.volts} volts` },
      { field: 'tolerance', means: `tolerance ±${f.tolerance} %` },
    ],
  }
}

const canStart: Layout = (draws) => {
  const range = draws.one(['88-108', '135-162', '189-227', '161-193', '43-53'])
  const volts = draws.one(['330', '250', '125'])
  return {
    kind: 'can',
    layout: 'start capacitor',
    width: 64,
    height: 30,
    rules: [],
    items: column([maker(draws), `${range} MFD`, `${volts} VAC  60 HZ`], 5, 8, 8.4, 6),
    truth: [
      { field: 'microfarads', means: `a start capacitor of ${range.replace('-', ' to ')} µF` },
      { field: 'volts', means: `${volts} volts` },
    ],
  }
}

const canTop: Layout = (draws) => {
  const f = canFacts(draws)
  return {
    kind: 'can',
    layout: 'top of a can',
    width: 50,
    height: 50,
    rules: [],
    items: [
      { text: 'HERM', x: 12, y: 14, size: 5, align: 'center' },
      { text: 'FAN', x: 38, y: 14, size: 5, align: 'center' },
      { text: 'C', x: 25, y: 44, size: 5, align: 'center' },
      { text: `${f.herm}/${f.fan} MFD`, x: 25, y: 26, size: 6, bold: true, align: 'center' },
      { text: `${f.volts} VAC`, x: 25, y: 34, size: 5.4, align: 'center' },
    ],
    truth: [
      { field: 'microfarads', means: `a dual: ${f.herm} µF and ${f.fan} µF` },
      { field: 'volts', means: `${f.volts} volts` },
    ],
  }
}

export const CAN_LABELS: readonly Layout[] = [canBig, canPlus, canSingle, canStart, canTop]
