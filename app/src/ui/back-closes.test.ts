import { createBackCloses } from './back-closes'

/** A browser's history: places with names of their own, each showing a page. */
function setUp() {
  const pages = ['home', 'job']
  const names = ['0', '1']
  let at = 1
  const back = () => {
    const from = names[at]!
    at -= 1
    made.onBack(from)
  }
  const push = (page: string) => {
    at += 1
    pages.splice(at, pages.length, page)
    names.splice(at, names.length, `${at}`)
  }
  const made = createBackCloses({
    here: () => names[at]!,
    pushCopy: () => push(pages[at]!),
    back,
  })
  return {
    made,
    back,
    push,
    /** Another page in the place of this one. */
    replace: (page: string) => void (pages[at] = page),
    shown: () => pages[at],
    depth: () => at,
  }
}

it('Back closes the sheet and stays on the page; the next Back leaves', () => {
  const { made, back, shown } = setUp()
  const close = jest.fn()
  made.open(close)
  back()
  expect(close).toHaveBeenCalledTimes(1)
  expect(shown()).toBe('job')
  back()
  expect(shown()).toBe('home')
})
it('of two sheets the upper one first', () => {
  const { made, back, shown } = setUp()
  const closed: string[] = []
  made.open(() => closed.push('lower'))
  made.open(() => closed.push('upper'))
  back()
  expect(closed).toEqual(['upper'])
  back()
  expect(closed).toEqual(['upper', 'lower'])
  expect(shown()).toBe('job')
})
it('after a sheet closed by hand, Back leaves the page as if there had been none', () => {
  const { made, back, shown } = setUp()
  const close = jest.fn()
  made.open(close)()
  back()
  expect(close).not.toHaveBeenCalled()
  expect(shown()).toBe('home')
})
it('the spare of a closed sheet serves the next: the history does not grow', () => {
  const { made, depth } = setUp()
  for (let i = 0; i < 5; i++) made.open(() => undefined)()
  expect(depth()).toBe(2)
})
it('a page put in the place of the spare is left for what stood before the sheet’s page', () => {
  const { made, back, replace, shown } = setUp()
  made.open(() => undefined)()
  replace('next stage')
  back()
  expect(shown()).toBe('home')
})
it('a page opened after the spare goes back to the sheet’s page, and that leaves by one Back', () => {
  const { made, back, push, shown } = setUp()
  made.open(() => undefined)()
  push('card')
  back()
  expect(shown()).toBe('job')
  back()
  expect(shown()).toBe('home')
})
