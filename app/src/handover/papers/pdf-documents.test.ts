import { canLabel } from '@oak/core/job/report/label'
import type { ReportOutput } from '@oak/core/operations/report'
import { isWritable, labelDocument, mm, reportDocument, textsOf } from './pdf-documents'

const REPORT: ReportOutput = {
  title: 'Fan dead',
  site: 'Gull Street 4',
  owner: 'عيادة النورس',
  unit: '',
  notes: '',
  style: 'plain',
  sections: [{ id: 'done', heading: 'What was done', lines: ['A new fan motor: Rowan 25R.'] }],
  photos: [
    { id: 'p1', caption: 'Old wiring' },
    { id: 'p2', caption: '' },
  ],
  estimate: {
    lines: [{ id: 'a', kind: 'labour', text: 'Work', hundredths: 150, cents: 9500, taxed: false }],
    terms: { taxThousandths: 8250, validDays: 30 },
    totals: { lines: [14250], parts: 0, labour: 14250, taxed: 0, tax: 0, total: 14250 },
    accepted: null,
    lapsed: false,
  },
}
const facts = {
  report: REPORT,
  date: '25 Nov 2026',
  technician: 'Ines',
  photos: new Map([['p1', 'data:image/jpeg;base64,x']]),
  pictures: new Map([['عيادة النورس', { url: 'data:image/png;base64,y', width: 90 }]]),
  acceptedAt: null,
}

it('tells what the typeface can write', () => {
  expect(['Fan dead, 45 µF ± 6 % “so” – 20 kΩ', 'Müller Łódź Ελλάς Мотор'].map(isWritable)).toEqual([
    true,
    true,
  ])
  expect(['عيادة', '風扇', 'पंखा', '😀'].map(isWritable)).toEqual([false, false, false, false])
})
it('draws what it cannot write as a picture, and says which photo is not here', () => {
  const text = JSON.stringify(reportDocument(facts).content)
  expect(text).toContain('"image":"data:image/png;base64,y"')
  expect(text).not.toContain('عيادة')
  expect(text).toContain('This picture is not on this device.')
  expect(textsOf(facts)).toContain('عيادة النورس')
})
it('sums are of the estimate, with what is not taxed marked', () => {
  const text = JSON.stringify(reportDocument(facts).content)
  for (const said of ['1.5 h', '$95.00', '$142.50 *', 'Valid for 30 days.']) expect(text).toContain(said)
})
it('a label’s page is its size to a tenth of a millimetre', () => {
  const can = { name: 'Dual', volts: 440, tolerancePercent: 6, sections: [{ id: '5', microfarads: 5 }] }
  const { pageSize } = labelDocument(
    canLabel({
      can,
      groups: [{ load: 'FAN', microfarads: 5 }],
      date: 'x',
      job: '',
      size: '2 1/4 × 1 1/4 in',
    }),
    'x',
    new Map(),
  )
  const { width, height } = pageSize as { width: number; height: number }
  expect([Math.abs(width / mm(1) - 57.15), Math.abs(height / mm(1) - 31.75)].every((d) => d < 0.1)).toBe(true)
})
