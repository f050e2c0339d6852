// What the panel of the estimate and its parts are given.
import type { JobDocument } from '@oak/core/job/document'
import type { ReportOutput } from '@oak/core/operations/report'

export interface PanelProps {
  readonly id: string
  readonly job: JobDocument
  readonly estimate: ReportOutput['estimate']
}
