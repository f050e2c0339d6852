// An edit in few words, for who is about to take it back.
import { FIELD_NAMES, isField } from '@oak/core/job/changes/field-names'
import type { Edit } from '../../platform/state/jobs'

/** "a lead’s place", "8 changes: a wire and the like". */
export function editWords(edits: readonly Edit[]): string {
  const names = [
    ...new Set(edits.map(({ path: [name] }) => (isField(name) ? FIELD_NAMES[name] : 'a change'))),
  ]
  const [only = 'a change'] = names
  if (edits.length <= 1) return only
  return names.length === 1 ? `${edits.length} changes of one kind: ${only}` : `${only} and what came with it`
}
