// One thing that the record holds, as a report says it.

export const SECTIONS = ['found', 'done', 'readings', 'parts', 'recommended', 'gaps'] as const
/** A section of the report. */
export type SectionId = (typeof SECTIONS)[number]

/** One thing the record holds, in both ways of saying it. */
export interface Fact {
  readonly section: SectionId
  /** For the owner; null: of no use to them. */
  readonly plain: string | null
  readonly technical: string
}
