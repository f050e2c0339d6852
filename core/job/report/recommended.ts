// What is recommended, and by when: said alike in the report, in the unit's history and in the list of changes.

/** By when something recommended is wanted; how urgent it is, said by the technician. */
export const RECOMMENDED_WHEN = ['now', 'season', 'year'] as const
/** By when. */
export type RecommendedWhen = (typeof RECOMMENDED_WHEN)[number]

export const WHEN_WORDS: Readonly<Record<RecommendedWhen, string>> = {
  now: 'as soon as possible',
  season: 'before the next season',
  year: 'within a year',
}

/** One thing that is recommended. */
export interface Recommendation {
  readonly text: string
  readonly declined: boolean
  /** null or absent: nobody said by when. */
  readonly when?: RecommendedWhen | null | undefined
}

/** "Clean the coil (before the next season, declined)" */
export function recommendedWords({ text, declined, when }: Recommendation): string {
  const about = [...(when ? [WHEN_WORDS[when]] : []), ...(declined ? ['declined'] : [])]
  return about.length > 0 ? `${text} (${about.join(', ')})` : text
}
