// The job's papers as PDF, made on the device: report, card and label. A part of its own, fetched when a paper is asked for.
import { shopNow } from '../../platform/sync/clock'
import { newStartCan } from '@oak/core/job/inputs/start-can'
import { canLabel, type LabelSize } from '@oak/core/job/report/label'
import type { JobDocument } from '@oak/core/job/document'
import { liveCan } from '@oak/core/job/inputs/hookup-input'
import type { HookupCardOutput } from '@oak/core/operations/hookup-card'
import type { ReportOutput } from '@oak/core/operations/report'
import { paperDay, paperMoment } from '../../ui/dates'
import { photoOf } from '../../platform/state/app'
import { fileName } from '../../platform/files/file-name'
import { picturesOf, smallPhoto } from './draw-texts'
import { reportDocument, textsOf } from './letter'
import { cardDocument, labelDocument, type Letterhead } from './pdf-documents'
import { codeSquares } from '../../ui/code-squares'
import type { CardPaper } from '@oak/core/job/card/paper'
import { cardFile } from './card-file'
import { savePdf } from '../../platform/pdf/write-pdf'

export async function saveReport(
  id: string,
  report: ReportOutput,
  {
    technician,
    code,
    head,
  }: { readonly technician: string; readonly code: string | null; readonly head: Letterhead },
): Promise<void> {
  const photos = new Map<string, string>()
  for (const photo of report.photos) {
    const picture = await photoOf(photo.id)
    if (picture) photos.set(photo.id, await smallPhoto(picture))
  }
  const accepted = report.estimate?.accepted
  await savePdf(
    fileName(report.title, id, 'report.pdf'),
    reportDocument({
      report,
      head,
      date: paperDay(shopNow()),
      technician,
      photos,
      pictures: picturesOf(textsOf({ report, technician, head })),
      acceptedAt: accepted ? paperMoment(accepted.at) : null,
      code: code === null ? null : codeSquares(code),
    }),
  )
}

export const saveCardPdf = (id: string, output: HookupCardOutput, paper: CardPaper): Promise<void> => {
  const { card, widthMm, heightMm } = output
  return savePdf(
    fileName(card?.title ?? '', id, 'card.pdf'),
    cardDocument(cardFile(output, paper), wordsOn(output), card?.title || 'Hookup card', widthMm, heightMm),
  )
}

/** All that stands on the card, in the order in which it is drawn. */
const wordsOn = ({ shapes }: HookupCardOutput): string =>
  shapes
    .flatMap((shape) => (shape.kind === 'text' ? [shape.text] : []))
    .map((text) => (/[.:]$/.test(text) ? text : `${text}.`))
    .join(' ')

export interface LabelOf {
  readonly job: JobDocument
  readonly groups: readonly { readonly load: string; readonly microfarads: number }[]
  readonly size: LabelSize
  /** The text of the hookup’s code; null: there is none. */
  readonly code: string | null
}

export async function saveLabel(id: string, { job, groups, size, code }: LabelOf): Promise<void> {
  const can = liveCan(job)
  if (!can) return
  const start = newStartCan(job)
  const label = canLabel({ can, groups, start, date: paperDay(shopNow()), job: job.title, size, code })
  await savePdf(
    fileName(job.title, id, 'label.pdf'),
    labelDocument(label, job.title || 'Capacitor', picturesOf(label.lines.map((l) => l.text)), codeSquares),
  )
}
