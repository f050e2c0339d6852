// What the motor’s stage opens and does not know; its route gives it.
import { type ComponentType } from 'react'
import type { JobDocument } from '@oak/core/job/document'
import type { LeadSheet } from '@oak/core/motor/lead-sheet'
import type { Rotation } from '@oak/core/rotation/view'

/** What this stage opens and does not know: its route gives it the finder of the rotation and the panel of the speeds. */
export interface MotorParts {
  readonly Finder: ComponentType<{
    readonly id: string
    readonly job: JobDocument
    readonly onClose: () => void
    readonly onUse: (rotation: Rotation) => void
  }>
  readonly Speeds: ComponentType<{
    readonly id: string
    readonly job: JobDocument
    readonly sheet: LeadSheet
  }>
}
