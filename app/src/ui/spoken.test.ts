import { speak, waiting } from './spoken'

const written = (element: Element) => {
  const names: string[] = []
  const set = jest.spyOn(element, 'setAttribute').mockImplementation((name) => void names.push(`set ${name}`))
  const remove = jest
    .spyOn(element, 'removeAttribute')
    .mockImplementation((name) => void names.push(`remove ${name}`))
  return { names, stop: () => [set, remove].forEach((spy) => spy.mockRestore()) }
}

it('writes states as words, and takes away what has none', () => {
  const element = document.createElement('div')
  speak(element, { 'aria-checked': false, 'aria-expanded': true, role: 'switch' })
  expect(element.outerHTML).toBe('<div aria-checked="false" aria-expanded="true" role="switch"></div>')
  speak(element, { 'aria-checked': null, 'aria-expanded': undefined })
  expect(element.outerHTML).toBe('<div role="switch"></div>')
})
it('touches nothing that already says so: every write is heard', () => {
  const element = document.createElement('div')
  speak(element, { 'aria-checked': true, title: 'Lamp' })
  const { names, stop } = written(element)
  speak(element, { 'aria-checked': true, title: 'Lamp', role: null })
  expect(names).toEqual([])
  speak(element, { 'aria-checked': false, title: null })
  expect(names).toEqual(['set aria-checked', 'remove title'])
  stop()
})
it('what waits says so and why; what is ready says neither', () => {
  expect(waiting(true, 'why')).toEqual({ 'aria-disabled': true, 'aria-describedby': 'why' })
  for (const ready of [false, undefined])
    expect(waiting(ready, 'why')).toEqual({ 'aria-disabled': null, 'aria-describedby': null })
})
