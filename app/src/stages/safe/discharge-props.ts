// What the panel of the discharge and its sheets are given.
import type { DischargeRecord } from '@oak/core/job/fields'

export interface DischargePanelProps {
  readonly record: DischargeRecord
  readonly assumed: boolean
  /** Keeps the set-up; returns what is wrong with it, or null. */
  readonly onChange: (record: DischargeRecord) => string | null
}
