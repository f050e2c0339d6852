// What else is done on a visit: a list to tick, and words of one's own. Some of it helps for today only, and says so.
import data from './works.json'
import type { JobDocument } from '../document'

/** A kind of other work. Common practice, no source. */
export interface Work {
  readonly id: string
  /** In the trade's words. */
  readonly name: string
  /** For the owner. */
  readonly plain: string
  /** What is dangerous or wrong about it; said where it is ticked. */
  readonly caution?: string
  /** It helps for today: the cause is still there. */
  readonly today?: boolean
}

export const WORKS: readonly Work[] = data.works

/** The work of a kind; undefined: it was put in words. */
export const knownWork = (id: string): Work | undefined => WORKS.find((work) => work.id === id)

/** What was done, in the trade's words, in the order of the list, one's own words last. */
export const workNames = ({ works }: Pick<JobDocument, 'works'>): string[] => [
  ...WORKS.filter((work) => works[work.id]).map((work) => work.name),
  ...Object.entries(works)
    .filter(([id]) => !knownWork(id))
    .map(([, { text }]) => text),
]
