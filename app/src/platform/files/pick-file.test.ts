import { pickTextFile } from './pick-file'

/** The chooser of the browser, answered at once. */
function choosing(file: { name: string; size: number; text: () => Promise<string> } | null): void {
  jest.spyOn(HTMLInputElement.prototype, 'click').mockImplementation(function (this: HTMLInputElement) {
    if (file) Object.defineProperty(this, 'files', { value: [file] })
    this.dispatchEvent(new Event(file ? 'change' : 'cancel'))
  })
}
const file = (size: number, text = () => Promise.resolve('{}')) => ({ name: 'a.json', size, text })
afterEach(() => jest.restoreAllMocks())

it('nothing chosen is nothing', async () => {
  choosing(null)
  expect(await pickTextFile(5e6)).toBeNull()
})
it('a file at the limit is read, a larger one is refused before it is', async () => {
  choosing(file(5e6))
  expect(await pickTextFile(5e6)).toEqual({ ok: true, name: 'a.json', text: '{}' })
  const read = jest.fn(() => Promise.resolve('{}'))
  choosing(file(5e6 + 1, read))
  expect(await pickTextFile(5e6)).toEqual({
    ok: false,
    message: 'a.json is larger than 5 MB: that is not such a file.',
  })
  expect(read).not.toHaveBeenCalled()
})
it('one that cannot be read is said to be so', async () => {
  choosing(file(10, () => Promise.reject(new Error('gone'))))
  expect(await pickTextFile(5e6)).toEqual({ ok: false, message: 'a.json could not be read.' })
})
