// The estimate in the letter: its lines, its sums, what they rest on, and who accepted it.
import type { Content, TableCell } from 'pdfmake/interfaces'
import { countText, moneyText, taxText } from '@oak/core/job/report/estimate'
import type { ReportOutput } from '@oak/core/operations/report'
import { heading, pictured } from '../../platform/pdf/mark-parts'
import type { Say } from './pdf-documents'

export function estimateContent(
  { lines, terms, totals, accepted, lapsed }: NonNullable<ReportOutput['estimate']>,
  acceptedAt: string | null,
  say: Say,
): Content[] {
  const right = (text: string, look: object = {}): Content => ({ text, alignment: 'right', ...look })
  const sum = (name: string, cents: number, bold = false) => [
    { text: name, colSpan: 3, alignment: 'right' as const, bold },
    {},
    {},
    right(moneyText(cents), { bold }),
  ]
  return [
    heading('H2', { text: 'Estimate', fontSize: 14, bold: true, margin: [0, 14, 0, 4] }),
    {
      layout: 'lightHorizontalLines',
      table: {
        headerRows: 1,
        widths: ['*', 'auto', 'auto', 'auto'],
        body: [
          [
            { text: 'For', bold: true },
            right('How many', { bold: true }),
            right('Each', { bold: true }),
            right('Sum', { bold: true }),
          ],
          ...lines.map((line, i) => [
            say(`${line.text}`),
            right(`${countText(line.hundredths)}${line.kind === 'labour' ? ' h' : ''}`),
            right(moneyText(line.cents)),
            right(`${moneyText(totals.lines[i] ?? 0)}${line.taxed ? '' : ' *'}`),
          ]),
          sum('Parts', totals.parts),
          sum('Labour', totals.labour),
          sum(`Tax ${taxText(terms.taxThousandths)} of ${moneyText(totals.taxed)}`, totals.tax),
          sum('Total', totals.total, true),
        ] as TableCell[][],
      },
    },
    {
      text: `Valid for ${terms.validDays} days. Tax is worked out once on the taxed sum, half a cent rounded up.${lines.some((l) => !l.taxed) ? ' * not taxed.' : ''}`,
      fontSize: 9,
      margin: [0, 4, 0, 0],
    },
    ...(lapsed
      ? [{ text: 'Changed since it was accepted: that acceptance stands no more.', italics: true } as Content]
      : []),
    ...(accepted
      ? [
          {
            stack: [
              { text: `Accepted${acceptedAt ? `, ${acceptedAt}` : ''}, by`, margin: [0, 10, 0, 0] },
              say(accepted.name, { bold: true }),
              ...(accepted.signature
                ? [
                    pictured(`Signature of ${accepted.name}`, {
                      svg: signatureSvg(accepted.signature),
                      width: 180,
                    }),
                  ]
                : []),
            ],
            unbreakable: true,
          } as Content,
        ]
      : []),
  ]
}

const signatureSvg = (path: string): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 1000 320" width="1000" height="320"><path d="${path}" fill="none" stroke="#17130e" stroke-width="7" stroke-linecap="round" stroke-linejoin="round"/></svg>`
