import { EMPTY_JOB } from '@oak/core/job/document'
import { editWords } from './edit-words'

const edit = (...path: string[]) => ({ path, value: null })

it('says what is taken back', () => {
  expect(editWords([edit('placements', 'brown')])).toBe('a lead’s place')
  expect(editWords([edit('wires', 'a'), edit('wires', 'b')])).toBe('2 changes of one kind: a wire')
  expect(editWords([edit('unit'), edit('wires', 'b')])).toBe('the kind of unit and what came with it')
  expect(editWords([edit('hovercraft')])).toBe('a change')
  expect(editWords([])).toBe('a change')
})
it('has a name for every field of a job', () => {
  for (const field of Object.keys(EMPTY_JOB))
    expect(editWords([edit(field)])).toMatch(/^(?!a change$)[a-z].{4,}/)
})
