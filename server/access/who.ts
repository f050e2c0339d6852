// Who asks something of this server.
import type { Role } from '@oak/core/crew/roles'

export interface SignedIn {
  /** null: an open server knows no devices. */
  readonly device: string | null
  readonly person: string
  readonly role: Role
}
