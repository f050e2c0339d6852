// Every page stands behind this: a device that the shop has shut out shows that, and nothing else.
import type { ReactNode } from 'react'
import type { Locked } from '../../platform/crew/pairing'
import { useCrew } from '../../platform/state/app'
import { stageScreen } from './stage-screen'

const LockedOut = stageScreen<{ readonly why: Locked; readonly waiting: number }>(
  async () => (await import('./LockedOut')).LockedOut,
  null,
)

export function Doorway({ children }: { readonly children: ReactNode }) {
  const door = useCrew((s) => s.door)
  return door.kind === 'locked' ? <LockedOut why={door.why} waiting={door.waiting} /> : children
}
