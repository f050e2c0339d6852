// What is open for every motor alike, because it lacks of the old one: said once, so that each motor's words are its own.
import { DECISIVE, type CriterionId, type MatchRow, type RowVerdict } from './criterion'

/** As much of a match as is read here. */
export interface RankedMatch {
  readonly verdict: 'fits' | 'watch' | 'unknown' | 'no'
  readonly sentence: string
  readonly rows: readonly Pick<MatchRow, 'criterion' | 'verdict' | 'reason'>[]
}

/** "speed class" */
export const criterionName = (criterion: CriterionId): string => criterion.replaceAll('-', ' ')

const withVerdict = ({ rows }: RankedMatch, verdict: RowVerdict) => rows.filter((r) => r.verdict === verdict)
const decisiveOpen = (match: RankedMatch): CriterionId[] =>
  withVerdict(match, 'unknown')
    .map((r) => r.criterion)
    .filter((c) => DECISIVE.includes(c))

/** The decisive criteria that are unknown for every one of two motors or more, in their order; of one motor alone nothing is shared. */
export function sharedUnknowns(matches: readonly RankedMatch[]): readonly CriterionId[] {
  if (matches.length < 2) return []
  const [first = [], ...others] = matches.map(decisiveOpen)
  return first.filter((criterion) => others.every((open) => open.includes(criterion)))
}

/** A motor's own sentence, where `shared` stands above them all. */
export function sentenceBeside(match: RankedMatch, shared: readonly CriterionId[]): string {
  if (match.verdict !== 'unknown') return match.sentence
  const own = decisiveOpen(match).filter((c) => !shared.includes(c))
  if (own.length > 0) return `Not settled: ${own.map(criterionName).join(', ')} not known.`
  const watched = withVerdict(match, 'watch')[0]
  return watched ? `Else to watch: ${watched.reason}` : 'Nothing else is open.'
}
