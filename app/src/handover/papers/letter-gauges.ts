// Readings against their limits as small charts for the letter: a line, the stretch that is right, and where the reading stands. Legible in black and white.
import type { Content } from 'pdfmake/interfaces'
import { GAUGE_WORDS, gaugeShares, type Gauge, type GaugeVerdict } from '@oak/core/job/report/gauges'

/** Points. */
const WIDTH = 170
const HEIGHT = 16
const LINE = 9

export const gaugeSvg = (gauge: Pick<Gauge, 'low' | 'high' | 'value'>): string => {
  const { from, to, at } = gaugeShares(gauge)
  const x = (share: number): number => Math.round((4 + share * (WIDTH - 8)) * 10) / 10
  const mark = x(at)
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${WIDTH} ${HEIGHT}" width="${WIDTH}" height="${HEIGHT}">`,
    `<path d="M${x(0)} ${LINE}H${x(1)}" stroke="#17130e" stroke-width="0.8"/>`,
    `<rect x="${x(from)}" y="${LINE - 3}" width="${Math.round((x(to) - x(from)) * 10) / 10}" height="6" fill="#cfc8b8" stroke="#17130e" stroke-width="0.8"/>`,
    `<path d="M${mark} ${LINE - 4}V${LINE + 5}" stroke="#17130e" stroke-width="2.4"/><path d="M${mark - 4} 0h8l-4 6z" fill="#17130e"/>`,
    '</svg>',
  ].join('')
}

const isBad = (verdict: GaugeVerdict): boolean => verdict === 'stop' || verdict === 'watch'

export function gaugeTable(gauges: readonly Gauge[]): Content[] {
  if (gauges.length === 0) return []
  return [
    {
      layout: 'noBorders',
      margin: [0, 4, 0, 0],
      table: {
        widths: ['*', WIDTH, 'auto'],
        dontBreakRows: true,
        body: gauges.map((gauge) => [
          { text: gauge.name },
          { svg: gaugeSvg(gauge), width: WIDTH },
          { text: `${gauge.words}${GAUGE_WORDS[gauge.verdict]}`, bold: isBad(gauge.verdict) },
        ]),
      },
    },
  ]
}
