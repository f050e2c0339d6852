// What a report says of the visits themselves: further visits, other work, parts on order, what to come back for.
import { dayOf, dayWords } from '../../quantity/day'
import type { JobDocument } from '../document'
import type { Fact } from '../report/fact'
import { comeBackWords, waitingFor } from './visit-state'
import { knownWork, WORKS } from './works'

/** Other work: first what is on the list, then what was put in words; what helps for today says so. */
export function workFacts({ works }: JobDocument): Fact[] {
  const listed = WORKS.filter((work) => works[work.id]).map((work): Fact => ({
    section: 'done',
    plain: work.today ? `${work.plain} This helps for today; the cause is still there.` : work.plain,
    technical: `${work.name}${work.today ? ', for today only' : ''}.`,
  }))
  const own = Object.entries(works)
    .filter(([id]) => !knownWork(id))
    .map(([, { text }]): Fact => ({ section: 'done', plain: sentence(text), technical: sentence(text) }))
  return [...listed, ...own]
}

const sentence = (text: string): string => (/[.!?]$/.test(text) ? text : `${text}.`)

/** When somebody came again, and what for. */
export const visitFacts = ({ visits }: JobDocument): Fact[] =>
  Object.values(visits)
    .sort((a, b) => a.at - b.at)
    .map(({ at, why }, i): Fact => {
      const text = `Visit ${i + 2}, ${dayWords(dayOf(at))}${why ? `: ${why}` : ''}.`
      return { section: 'done', plain: text, technical: text }
    })

/** What is still to come. */
export function orderFacts(job: JobDocument): Fact[] {
  const parts = waitingFor(job).map(({ what, from, due }): Fact => {
    const when = due ? `, for ${dayWords(due)}` : ''
    return {
      section: 'parts',
      plain: `On order: ${what}${when}`,
      technical: `On order: ${what}${from ? ` from ${from}` : ''}${when}`,
    }
  })
  const back = job.comeBack
  return [
    ...parts,
    ...(back
      ? [
          {
            section: 'recommended' as const,
            plain: `We come back. ${comeBackWords(back)}.`,
            technical: `To come back. ${comeBackWords(back)}.`,
          },
        ]
      : []),
  ]
}
