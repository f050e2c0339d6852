// Who of a shop may read and write what. Common practice, no source: a shop that wants it otherwise pairs a person in another role.

/** What a person of a shop is to it. */
export const ROLES = ['owner', 'technician', 'office', 'apprentice'] as const
/** One of them. */
export type Role = (typeof ROLES)[number]

interface RoleWords {
  readonly name: string
  /** After a person’s name: “reads all jobs, …”. */
  readonly may: string
}

/** Each role by name, and what it may. */
export const ROLE_WORDS: Readonly<Record<Role, RoleWords>> = {
  owner: {
    name: 'owner',
    may: 'does everything, and says which phones are the shop’s',
  },
  technician: { name: 'technician', may: 'reads and writes all jobs, and the van' },
  office: { name: 'office', may: 'reads everything, writes notes and estimates' },
  apprentice: { name: 'apprentice', may: 'practises, and writes the jobs that he or she began' },
}

/** The fields of a job that the office writes. */
const OFFICE_FIELDS: ReadonlySet<string> = new Set(['notes', 'estimateLines', 'estimateTerms'])

/** What a change would write. */
export interface Written {
  /** Of the van, and of no job. */
  readonly isVan: boolean
  /** A job that this person began, or one that is begun with this. */
  readonly isOwn: boolean
  /** The field, as a change names it. */
  readonly path: readonly string[]
}

/** Why somebody in this role may not write that, as a sentence; null: it may be written. */
export function writingRefused(role: Role, { isVan, isOwn, path }: Written): string | null {
  switch (role) {
    case 'owner':
    case 'technician':
      return null
    case 'office':
      return !isVan && OFFICE_FIELDS.has(path[0] ?? '')
        ? null
        : 'The office writes notes and estimates; this is for a technician to enter.'
    case 'apprentice':
      return !isVan && isOwn
        ? null
        : 'An apprentice writes jobs that he or she began; this one is for a technician to enter.'
  }
}

/** Does somebody in this role read the jobs of others? */
export const readsAll = (role: Role): boolean => role !== 'apprentice'
