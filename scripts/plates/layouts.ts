// Fourteen ways in which makers set a plate or a label. Makers' names are made up.
import { CAN_LABELS } from './can-labels'
import { MOTOR_PLATES } from './motor-plates'
import type { Layout } from './plate'
import { UNIT_PLATES } from './unit-plates'

export const LAYOUTS: readonly Layout[] = [...MOTOR_PLATES, ...UNIT_PLATES, ...CAN_LABELS]
