// The parts that every screen is made of, used as a finger, a keyboard and a screen reader use them.
import { act, fireEvent, render, screen } from '@testing-library/react'
import type { ReactElement } from 'react'
import { useState } from 'react'
import { Choice } from './Choice'
import { HoldButton } from './HoldButton'
import { NumberPad } from './NumberPad'
import { isSheetOpen } from './open-sheets'
import { PickOne } from './PickOne'
import { Sheet } from './Sheet'
import { InsulationLabel, SwatchGrid } from './Swatch'
import { ThemeProvider } from './theme'
import { VERDICT_WORDS, VerdictMark, type Verdict } from './VerdictMark'

const show = (element: ReactElement) => render(<ThemeProvider>{element}</ThemeProvider>)
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }))

describe('the number pad', () => {
  interface PadProps {
    readonly title: string
    readonly onSet: (value: number) => string | null
    readonly onSetTwo?: (values: readonly [number, number]) => string | null
  }
  function Pad({ title, onSet, onSetTwo }: PadProps) {
    const [open, setOpen] = useState(true)
    return (
      <NumberPad
        title={title}
        unit="µF"
        value={35}
        open={open}
        onClose={() => setOpen(false)}
        onSet={onSet}
        onSetTwo={onSetTwo}
      />
    )
  }
  it('replaces the old number with the first digit, then goes on', () => {
    show(<Pad title="Old number" onSet={() => null} />)
    expect(screen.getByTestId('pad-value').textContent).toBe('35')
    for (const key of ['4', '0', '.', '5']) press(key)
    expect(screen.getByTestId('pad-value').textContent).toBe('40.5')
    press('Delete last digit')
    expect(screen.getByTestId('pad-value').textContent).toBe('40.')
  })
  it('takes a keyboard as well, a comma as a point', () => {
    const taken: number[] = []
    show(<Pad title="By keyboard" onSet={(value) => (taken.push(value), null)} />)
    for (const key of ['7', ',', '5', 'Enter']) fireEvent.keyDown(window, { key })
    expect(taken).toEqual([7.5])
    expect(screen.queryByTestId('number-pad')).toBeNull()
  })
  it('stays open and says why when the number is refused', () => {
    show(<Pad title="Refused" onSet={() => 'The compressor’s µF must be above 0 µF.'} />)
    press('0')
    fireEvent.click(screen.getByTestId('pad-set'))
    expect(screen.getByTestId('pad-problem').textContent).toBe('The compressor’s µF must be above 0 µF.')
    press('4')
    expect(screen.queryByTestId('pad-problem')).toBeNull()
  })
  const key = (name: string, more: object = {}) => fireEvent.keyDown(window, { key: name, ...more })
  const typed = (text: string) => [...text].forEach((one) => key(one))
  const problem = () => screen.getByTestId('pad-problem').textContent
  it('40/5 is the two sections it is, or is refused as two; never 405', () => {
    const two: (readonly [number, number])[] = []
    const one: number[] = []
    const { unmount } = show(
      <Pad
        title="Section"
        onSet={(value) => (one.push(value), null)}
        onSetTwo={(values) => (two.push(values), null)}
      />,
    )
    typed('40/5')
    expect(screen.getByTestId('pad-value').textContent).toBe('40/5')
    key('Enter')
    expect([one, two]).toEqual([[], [[40, 5]]])
    unmount()
    show(<Pad title="Single" onSet={(value) => (one.push(value), null)} />)
    typed('40/5')
    key('Enter')
    expect(problem()).toBe('That is two figures, 40 and 5: enter the one that belongs here.')
    expect(one).toEqual([])
  })
  it('a minus and 1e3 are refused in words; Ctrl and a digit are the browser’s', () => {
    show(<Pad title="Odd" onSet={() => null} />)
    key('5', { ctrlKey: true })
    expect(screen.getByTestId('pad-value').textContent).toBe('35')
    typed('1e3')
    key('Enter')
    expect(problem()).toBe('“1e3”: write the figure in full, in digits.')
    for (let i = 0; i < 3; i++) key('Backspace')
    typed('-5')
    key('Enter')
    expect(problem()).toBe('“-5”: no figure here is below zero.')
  })
  it('takes what is pasted, without its unit', () => {
    const taken: number[] = []
    show(<Pad title="Pasted" onSet={(value) => (taken.push(value), null)} />)
    fireEvent.paste(window, { clipboardData: { getData: () => ' 7,5 µF' } })
    key('Enter')
    expect(taken).toEqual([7.5])
  })
  it('what was typed and not set is there again, until it is set', () => {
    const taken: number[] = []
    const pad = <Pad title="Half" onSet={(value) => (taken.push(value), null)} />
    const first = show(pad)
    typed('12')
    first.unmount()
    const second = show(pad)
    expect(screen.getByTestId('pad-value').textContent).toBe('12')
    typed('5')
    key('Enter')
    expect(taken).toEqual([125])
    second.unmount()
    show(pad)
    expect(screen.getByTestId('pad-value').textContent).toBe('35')
  })
})

describe('choices', () => {
  it('say which one holds, and tell of another', () => {
    const chosen: string[] = []
    show(
      <Choice
        label="Direction"
        value="CW"
        onChange={(v) => chosen.push(v)}
        options={[
          { value: 'CW', text: 'CW' },
          { value: 'CCW', text: 'CCW' },
        ]}
      />,
    )
    const [cw, ccw] = screen.getAllByRole('radio')
    expect([cw, ccw].map((r) => r?.getAttribute('aria-checked'))).toEqual(['true', 'false'])
    fireEvent.click(ccw as HTMLElement)
    expect(chosen).toEqual(['CCW'])
  })
  it('are one stop of the Tab key: what is chosen, or the first; arrows only move', () => {
    const chosen: string[] = []
    show(
      <Choice
        label="Mode"
        value="b"
        onChange={(v) => chosen.push(v)}
        options={['a', 'b', 'c'].map((value) => ({ value, text: value }))}
      />,
    )
    const stops = () => screen.getAllByRole('radio').map((radio) => radio.tabIndex)
    expect(stops()).toEqual([-1, 0, -1])
    fireEvent.keyDown(screen.getByRole('radio', { name: 'b' }), { key: 'ArrowRight' })
    expect(document.activeElement?.textContent).toBe('c')
    expect(stops()).toEqual([-1, -1, 0])
    expect(chosen).toEqual([])
  })
  it('of many stay closed until asked for, and close again', () => {
    const picked: string[] = []
    show(
      <PickOne
        label="Goes to"
        value="a"
        onPick={(v) => picked.push(v)}
        options={[
          { value: 'a', text: 'the old motor' },
          { value: 'b', text: 'T1 on the contactor' },
        ]}
      />,
    )
    expect(screen.queryAllByRole('radio')).toHaveLength(0)
    const row = screen.getByRole('button', { name: /^Goes to\s*the old motor$/ })
    expect(row.getAttribute('aria-expanded')).toBe('false')
    fireEvent.click(row)
    expect(row.getAttribute('aria-expanded')).toBe('true')
    fireEvent.click(screen.getByRole('radio', { name: 'T1 on the contactor' }))
    expect(picked).toEqual(['b'])
    expect(screen.queryAllByRole('radio')).toHaveLength(0)
  })
})

describe('a hold that signs', () => {
  let now = 0
  let signed = 0
  let tapped = 0
  beforeEach(() => {
    now = 0
    signed = 0
    tapped = 0
    jest.useFakeTimers()
    jest.spyOn(performance, 'now').mockImplementation(() => now)
    show(
      <HoldButton
        text="Sign"
        lines={['This wire']}
        onHeld={() => (signed += 1)}
        onTap={() => (tapped += 1)}
      />,
    )
    fireEvent.keyDown(screen.getByRole('button'), { key: 'Enter' })
  })
  afterEach(() => {
    jest.restoreAllMocks()
    jest.useRealTimers()
  })
  const pass = (ms: number) =>
    act(() => {
      for (let gone = 0; gone < ms; gone += 60) {
        now += 60
        jest.advanceTimersByTime(60)
      }
    })
  it('takes its 0.9 s, shows meanwhile what it signs for, and signs once', () => {
    pass(840)
    expect(signed).toBe(0)
    expect(screen.getByTestId('held-list').textContent).toBe('This wire')
    pass(1200)
    expect(signed).toBe(1)
    expect(tapped).toBe(0)
    expect(screen.queryByTestId('held-list')).toBeNull()
  })
  it('let go too soon for a signature and too late for a tap, it says so, until it is held again', () => {
    const soon = /Let go too soon: nothing is signed/
    const button = screen.getByRole('button')
    // A key has no such gap: it is a tap until it has signed.
    fireEvent.keyUp(button, { key: 'Enter' })
    tapped = 0
    pass(600)
    fireEvent.mouseDown(button, { button: 0, buttons: 1 })
    pass(600)
    expect(screen.queryByText(soon)).toBeNull()
    fireEvent.mouseUp(button, { button: 0 })
    pass(60)
    expect([signed, tapped]).toEqual([0, 0])
    expect(screen.getAllByText(soon).some((e) => e.getAttribute('aria-live') === 'polite')).toBe(true)
    fireEvent.mouseDown(button, { button: 0, buttons: 1 })
    pass(60)
    expect(screen.queryByText(soon)).toBeNull()
    pass(1000)
    expect(signed).toBe(1)
  })
  it('does not count the time in which the page was too busy to see the thumb leave', () => {
    now += 5000
    act(() => jest.advanceTimersByTime(60))
    expect(signed).toBe(0)
    fireEvent.keyUp(screen.getByRole('button'), { key: 'Enter' })
    pass(1200)
    expect(signed).toBe(0)
  })
})

describe('wire colours', () => {
  it('are never shown without their name and code', () => {
    show(<InsulationLabel insulation={{ colour: 'BN', stripe: 'WH' }} />)
    expect(screen.getByText('brown with white stripe · BN/WH')).toBeTruthy()
  })
  it('that were not noted say so', () => {
    show(<InsulationLabel insulation={null} />)
    expect(screen.getByText('colour not noted')).toBeTruthy()
  })
  it('are twelve to pick from, and none where there may be none', () => {
    const picked: (string | null)[] = []
    show(<SwatchGrid label="Stripe" none="no stripe" value={null} onPick={(code) => picked.push(code)} />)
    expect(screen.getAllByRole('radio')).toHaveLength(13)
    fireEvent.click(screen.getByRole('radio', { name: 'Stripe: white' }))
    fireEvent.click(screen.getByRole('radio', { name: 'Stripe: no stripe' }))
    expect(picked).toEqual(['WH', null])
  })
})

it('a sheet has the keys from the moment it is drawn until it is gone', () => {
  expect(isSheetOpen()).toBe(false)
  const sheet = (open: boolean) => (
    <ThemeProvider>
      <Sheet title="Why" open={open} onClose={() => undefined}>
        <InsulationLabel insulation={null} />
      </Sheet>
    </ThemeProvider>
  )
  const { rerender, unmount } = render(sheet(true))
  expect(isSheetOpen()).toBe(true)
  rerender(sheet(false))
  expect(isSheetOpen()).toBe(false)
  rerender(sheet(true))
  unmount()
  expect(isSheetOpen()).toBe(false)
})

it('Escape is the top sheet’s from the moment it is drawn, once a press, and not the page’s', () => {
  const closed: string[] = []
  const heard = jest.fn()
  window.addEventListener('keydown', heard)
  const sheet = (title: string, open: boolean) => (
    <Sheet title={title} open={open} onClose={() => closed.push(title)}>
      <InsulationLabel insulation={null} />
    </Sheet>
  )
  const both = (lower: boolean, upper: boolean) => (
    <ThemeProvider>
      {sheet('lower', lower)}
      {sheet('upper', upper)}
    </ThemeProvider>
  )
  const { rerender } = render(both(true, true))
  const escape = (more: object = {}) => fireEvent.keyDown(document.body, { key: 'Escape', ...more })
  escape({ repeat: true })
  expect(closed).toEqual([])
  escape()
  rerender(both(true, false))
  escape()
  rerender(both(false, false))
  expect(closed).toEqual(['upper', 'lower'])
  expect(heard).not.toHaveBeenCalled()
  escape()
  expect(closed).toHaveLength(2)
  expect(heard).toHaveBeenCalledTimes(1)
  window.removeEventListener('keydown', heard)
})

it('a sheet is a named dialogue with a way out', () => {
  let closed = 0
  show(
    <Sheet title="Why" open onClose={() => (closed += 1)}>
      <InsulationLabel insulation={null} />
    </Sheet>,
  )
  expect(screen.getByRole('dialog', { name: 'Why' })).toBeTruthy()
  fireEvent.click(screen.getAllByRole('button', { name: 'Close' }).at(-1) as HTMLElement)
  expect(closed).toBe(1)
})

it('the four verdicts are told apart by shape alone', () => {
  const drawing = (verdict: Verdict) => {
    const { container, unmount } = show(<VerdictMark verdict={verdict} />)
    const shapes = [...container.querySelectorAll('svg *')]
      .map((e) => `${e.tagName} ${e.getAttribute('d') ?? e.getAttribute('r') ?? ''}`)
      .join(';')
    unmount()
    return shapes
  }
  const drawings = (Object.keys(VERDICT_WORDS) as Verdict[]).map(drawing)
  expect(new Set(drawings).size).toBe(4)
  expect(drawings.every((d) => d.length > 5)).toBe(true)
})
