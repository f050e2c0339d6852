// When the contactor is closed, as the unit type's switches say.
import type { ModeId, UnitType } from '../../wiring/unit-type'

/** The contactor is closed in a mode when one of its poles is. */
export const contactorClosed = ({ switches, posts }: UnitType, mode: ModeId): boolean =>
  switches.some((s) => s.closedIn.includes(mode) && posts.some((p) => p.id === s.to && p.kind === 'load'))
