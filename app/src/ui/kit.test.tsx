// What our layer gives the kit's parts on the web: states for the ear, reach for what waits, whole words, bars for long waits.
import { act, fireEvent, render, screen } from '@testing-library/react'
import type { ReactElement } from 'react'
import { Choice } from './Choice'
import { IconTap } from './IconTap'
import { NamedImage } from './NamedImage'
import { LengthPad, type LengthPadProps } from './LengthPad'
import { PrimaryButton, QuietButton, SmallButton } from './PrimaryButton'
import { Problem } from './Problem'
import { ReasonProvider } from './reason'
import { TextField } from './TextField'
import { ThemeProvider } from './theme'
import { Waits } from './Waits'

const show = (element: ReactElement) => render(<ThemeProvider>{element}</ThemeProvider>)
const states = (element: HTMLElement, ...names: string[]) => names.map((name) => element.getAttribute(name))

describe('a button that waits', () => {
  it('stays in reach, is heard as waiting, and leads to the words that say why', () => {
    const pressed: string[] = []
    const { rerender } = show(
      <ReasonProvider value="why">
        <p id="why" tabIndex={-1}>
          The ground is not traced.
        </p>
        <PrimaryButton text="Prove hookup" disabled onPress={() => pressed.push('proved')} />
      </ReasonProvider>,
    )
    const button = screen.getByRole('button', { name: 'Prove hookup' })
    expect(states(button, 'aria-disabled', 'aria-describedby', 'disabled')).toEqual(['true', 'why', null])
    expect(button.tabIndex).toBe(0)
    fireEvent.click(button)
    expect(pressed).toEqual([])
    expect(document.activeElement?.id).toBe('why')
    rerender(
      <ThemeProvider>
        <ReasonProvider value="why">
          <PrimaryButton text="Prove hookup" onPress={() => pressed.push('proved')} />
        </ReasonProvider>
      </ThemeProvider>,
    )
    const ready = screen.getByRole('button', { name: 'Prove hookup' })
    expect(states(ready, 'aria-disabled', 'aria-describedby')).toEqual([null, null])
    fireEvent.click(ready, { detail: 0 })
    expect(pressed).toEqual(['proved'])
  })
  it('of an icon is the same, and tells its meaning under a mouse', () => {
    const pressed: string[] = []
    show(<IconTap icon="undo" label="Undo: nothing yet" disabled onPress={() => pressed.push('undone')} />)
    const button = screen.getByRole('button', { name: 'Undo: nothing yet' })
    expect(states(button, 'aria-disabled', 'title', 'disabled')).toEqual(['true', 'Undo: nothing yet', null])
    fireEvent.click(button)
    expect(pressed).toEqual([])
  })
})

it('a button that is on or off says so; one that only acts does not', () => {
  show(
    <>
      <SmallButton text="declined" selected onPress={() => undefined} />
      <SmallButton text="kept" selected={false} onPress={() => undefined} />
      <QuietButton text="Old board" onPress={() => undefined} />
    </>,
  )
  expect(screen.getAllByRole('button').map((b) => b.getAttribute('aria-pressed'))).toEqual([
    'true',
    'false',
    null,
  ])
})

it('a label of any length is whole: it wraps where the kit would cut it', () => {
  show(<QuietButton text={'Rowan '.repeat(50)} onPress={() => undefined} testID="long" />)
  expect(screen.getByTestId('long-text').style.whiteSpace).toBe('pre-wrap')
})

it('choices of a word and choices with hints are the same to the ear', () => {
  const options = [
    { value: 'F', text: '°F' },
    { value: 'C', text: '°C' },
  ]
  for (const hint of [undefined, 'as the unit']) {
    const { unmount } = show(
      <Choice
        label="Temperatures"
        value="C"
        onChange={() => undefined}
        options={options.map((option) => ({ ...option, hint }))}
      />,
    )
    expect(screen.getByRole('radiogroup', { name: 'Temperatures' })).toBeTruthy()
    const radios = screen.getAllByRole('radio')
    expect(radios.map((radio) => states(radio, 'aria-checked')[0])).toEqual(['false', 'true'])
    expect(radios.map((radio) => radio.tabIndex)).toEqual([-1, 0])
    unmount()
  }
})

it('what is wrong with a field stands under it and is tied to it', () => {
  const { rerender } = show(<TextField label="For what" testID="line" value="" />)
  expect(states(screen.getByLabelText('For what'), 'aria-invalid', 'aria-describedby')).toEqual([null, null])
  rerender(
    <ThemeProvider>
      <TextField label="For what" testID="line" value="" problem="A line says what it is for." />
    </ThemeProvider>,
  )
  const field = screen.getByLabelText('For what')
  const [invalid, id] = states(field, 'aria-invalid', 'aria-describedby')
  expect(invalid).toBe('true')
  expect(document.getElementById(id ?? '')?.textContent).toBe('A line says what it is for.')
})

it('a problem is announced, and is nothing while nothing is wrong', () => {
  const { container } = show(<Problem text={null} testID="wrong" />)
  expect(container.textContent).toBe('')
  show(<Problem text="Enter the price first." testID="wrong" />)
  expect(screen.getByTestId('wrong').getAttribute('aria-live')).toBe('polite')
})

describe('a wait', () => {
  beforeEach(() => jest.useFakeTimers())
  afterEach(() => jest.useRealTimers())
  it('is told in words at once, and by a bar after a second', () => {
    show(<Waits text="Matching the motors…" />)
    expect(screen.getByText('Matching the motors…')).toBeTruthy()
    act(() => jest.advanceTimersByTime(999))
    expect(screen.queryByRole('progressbar')).toBeNull()
    act(() => jest.advanceTimersByTime(1))
    expect(screen.getByRole('progressbar', { name: 'Matching the motors…' })).toBeTruthy()
  })
})

describe('the inch pad', () => {
  const pad = (more: Partial<LengthPadProps> = {}) => (
    <LengthPad
      title="Shaft length"
      value={6}
      unit="in"
      onUnit={() => undefined}
      onClose={() => undefined}
      onSet={() => null}
      {...more}
    />
  )
  const typed = (text: string) => [...text].forEach((key) => fireEvent.keyDown(window, { key }))
  const shown = () => screen.getByTestId('length-value').textContent

  it('goes on, by its keys on the glass, from what a keyboard typed', () => {
    const { unmount } = show(pad({ title: 'One' }))
    typed('4 1/2')
    fireEvent.click(screen.getByTestId('mark-more'))
    // 4 1/2 is 4 16/32.
    expect(shown()).toBe('4 17/32')
    unmount()
  })
  it('has the focus itself, so that Enter sets and presses no key', () => {
    const taken: number[] = []
    const { unmount } = show(pad({ title: 'Zero', onSet: (x) => (taken.push(x), null) }))
    expect(document.activeElement?.getAttribute('role')).toBe('spinbutton')
    typed('7')
    fireEvent.keyDown(document.activeElement!, { key: 'Enter' })
    expect(taken).toEqual([7])
    unmount()
  })
  it('has again what was typed and not set, and says so; once set it is the record’s', () => {
    const taken: number[] = []
    const one = pad({ title: 'Two', hint: 'From the face to the end', onSet: (x) => (taken.push(x), null) })
    const first = show(one)
    expect(screen.getByText('From the face to the end')).toBeTruthy()
    typed('5 1/4')
    first.unmount()
    const second = show(one)
    expect([shown(), screen.queryByText('From the face to the end')]).toEqual(['5 1/4', null])
    expect(screen.getByText('Typed before and not set: go on with it, or delete it.')).toBeTruthy()
    fireEvent.click(screen.getByTestId('mark-less'))
    typedEnter()
    // 5 1/4 less 1/32 is 5.21875.
    expect(taken).toEqual([5.21875])
    second.unmount()
    const third = show(one)
    expect(shown()).toBe('6')
    third.unmount()
  })
  const typedEnter = () => fireEvent.keyDown(window, { key: 'Enter' })
  it('takes away what is on record, and is not closed where that is refused', () => {
    let closed = 0
    const onClose = () => (closed += 1)
    const first = show(pad({ title: 'Three', onClose }))
    expect(screen.queryByTestId('not-read')).toBeNull()
    first.unmount()
    const second = show(pad({ title: 'Three', onClose, takeAway: () => 'The job is closed.' }))
    fireEvent.click(screen.getByTestId('not-read'))
    expect([closed, screen.queryByText('The job is closed.') !== null]).toEqual([0, true])
    second.unmount()
    show(pad({ title: 'Three', onClose, takeAway: () => null }))
    fireEvent.click(screen.getByTestId('not-read'))
    expect(closed).toBe(1)
  })
})

it('a picture that is not loaded yet is one for the ear already, by its name', () => {
  show(<NamedImage name="New can, strapped" url="blob:none" />)
  const [heard] = screen.getAllByRole('img', { name: 'New can, strapped' })
  expect(heard?.tagName).toBe('DIV')
})
