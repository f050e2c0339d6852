import * as v from 'valibot'
import { EstimateLineForm, NEW_LINE } from './estimate-line-form'

/** What stands beside each field. */
function beside(form: object): Record<string, string> {
  const { issues = [] } = v.safeParse(EstimateLineForm, { ...NEW_LINE, ...form })
  return Object.fromEntries(issues.map((issue) => [v.getDotPath(issue) ?? '', issue.message]))
}

describe('the form of an estimate’s line', () => {
  it('lacks, when it is new, what it is for and its price; both are said beside their fields', () => {
    expect(beside({})).toEqual({ text: 'A line says what it is for.', cents: 'Enter the price first.' })
  })
  it('is right with both; nothing costs nothing', () => {
    expect(beside({ text: 'A look round', cents: 0 })).toEqual({})
  })
  it('keeps the record’s own limits', () => {
    expect(beside({ text: 'x', cents: 100_000_001 })).toEqual({ cents: 'That price is not believable.' })
    expect(beside({ text: 'x', cents: 1, hundredths: 1_000_001 })).toEqual({
      hundredths: 'How many above 10,000 is not believable.',
    })
  })
})
