// Letters that do what a tap does: heard by the page alone, once a press.
import { fireEvent, render } from '@testing-library/react'
import { useSheetOpen } from '../../ui/open-sheets'
import { goToVerdict, NEXT_ACTION, pressNext, useShortcuts } from './shortcuts'

function Page({ run, sheet = false }: { readonly run: () => void; readonly sheet?: boolean }) {
  useShortcuts([{ key: 'u', does: 'takes the last edit back', run }])
  useSheetOpen(sheet, () => undefined)
  return (
    <>
      <input aria-label="a field" />
      <div role="spinbutton" aria-label="a pad" tabIndex={0} />
      <button>a button</button>
    </>
  )
}
const press = (target: EventTarget, more: object = {}) =>
  fireEvent.keyDown(target as Element, { key: 'u', ...more })

it('a letter is heard on the page and on a button, and its press goes no further', () => {
  const run = jest.fn()
  const { getByText, unmount } = render(<Page run={run} />)
  // fireEvent answers false where the default was prevented.
  expect(press(document.body)).toBe(false)
  expect(press(getByText('a button'))).toBe(false)
  expect(run).toHaveBeenCalledTimes(2)
  unmount()
  press(document.body)
  expect(run).toHaveBeenCalledTimes(2)
})
it('where a letter is a letter, with another key held, held down, or another one, it is not', () => {
  const run = jest.fn()
  const { getByLabelText } = render(<Page run={run} />)
  expect(press(getByLabelText('a field'))).toBe(true)
  expect(press(getByLabelText('a pad'))).toBe(true)
  for (const more of [{ ctrlKey: true }, { metaKey: true }, { altKey: true }, { repeat: true }, { key: 'x' }])
    expect(press(document.body, more)).toBe(true)
  expect(run).not.toHaveBeenCalled()
})
it('under a sheet it is not heard', () => {
  const run = jest.fn()
  const { rerender } = render(<Page run={run} sheet />)
  press(document.body)
  expect(run).not.toHaveBeenCalled()
  rerender(<Page run={run} />)
  press(document.body)
  expect(run).toHaveBeenCalledTimes(1)
})

describe('the next action of the page', () => {
  const page = (html: string) => {
    document.body.innerHTML = html
    return document.body
  }
  it('is pressed; one that is to be held has the focus, and is not pressed', () => {
    const pressed = jest.fn()
    const at = page('<div data-next-action=""><button>Prove</button></div><button>other</button>')
    at.querySelector('button')?.addEventListener('click', pressed)
    pressNext()
    expect(pressed).toHaveBeenCalledTimes(1)
    const held = page(
      '<div data-next-action=""><div role="button" data-hold="" tabindex="0">Sign</div></div>',
    ).querySelector<HTMLElement>('[role="button"]')
    held?.addEventListener('click', pressed)
    pressNext()
    expect([pressed.mock.calls.length, document.activeElement]).toEqual([1, held])
    page('')
    pressNext()
    expect(NEXT_ACTION).toEqual({ dataSet: { nextAction: '' } })
  })
  it('the verdict takes the focus, where there is one', () => {
    const verdict = page('<div data-verdict="" tabindex="-1">Proven</div>').firstElementChild
    goToVerdict()
    expect(document.activeElement).toBe(verdict)
    page('')
    expect(goToVerdict).not.toThrow()
  })
})
