// Numbers on large keys, with their unit; a keyboard types into it as well.
import { useEffect, useRef, useState, type ReactNode } from 'react'
import { View } from 'react-native'
import { Icon } from './Icon'
import { numberFrom, pressKey } from './number-text'
import { PrimaryButton } from './PrimaryButton'
import { Sheet } from './Sheet'
import { Tap } from './Tap'
import { usePalette } from './theme'
import { Words } from './Words'

export interface NumberPadProps {
  readonly title: string
  readonly unit: string
  readonly value: number | null
  readonly open: boolean
  readonly onClose: () => void
  /** Takes the number; returns what is wrong with it, in words, or null when it was taken. */
  readonly onSet: (value: number) => string | null
  readonly hint?: string
  /** Above the figure, such as where a reading comes from. */
  readonly above?: ReactNode
  /** Beside the keys, such as OL. */
  readonly extra?: ReactNode
}

const KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '.', '0', 'backspace']

export function NumberPad(props: NumberPadProps) {
  // A fresh pad each time it opens: no text left over from the last number.
  return props.open ? <OpenPad {...props} /> : null
}

function OpenPad({ title, unit, value, onClose, onSet, hint, above, extra }: NumberPadProps) {
  const palette = usePalette()
  const [text, setText] = useState(value === null ? '' : String(value))
  const [fresh, setFresh] = useState(true)
  const [problem, setProblem] = useState<string | null>(null)
  const field = useRef<View>(null)
  // The field has the focus first, so that typing and Enter do what they do in any field.
  useEffect(() => field.current?.focus(), [])

  const press = (key: string) => {
    // The first digit replaces the number that was there.
    setText((now) => pressKey(fresh && key !== 'backspace' ? '' : now, key))
    setFresh(false)
    setProblem(null)
  }
  const set = () => {
    const number = numberFrom(text)
    const wrong = number === null ? 'Enter a number first.' : onSet(number)
    if (wrong) setProblem(wrong)
    else onClose()
  }

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const key = event.key === 'Backspace' ? 'backspace' : event.key === ',' ? '.' : event.key
      if (KEYS.includes(key)) press(key)
      else if (event.key === 'Enter' && !(event.target instanceof Element && event.target.closest('button')))
        set()
      else return
      event.preventDefault()
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  })

  return (
    <Sheet title={title} open onClose={onClose} testID="number-pad">
      {above}
      <View
        ref={field}
        tabIndex={0}
        role="spinbutton"
        aria-label={`${title}, ${unit}`}
        aria-valuetext={text || 'empty'}
        style={{
          flexDirection: 'row',
          alignItems: 'baseline',
          gap: 8,
          borderBottomWidth: 3,
          borderColor: problem ? palette.stop : palette.ink,
          minHeight: 52,
        }}
      >
        <Words
          size="figure"
          testID="pad-value"
          live
          style={{ flex: 1, textAlign: 'right', opacity: text ? 1 : 0.55 }}
        >
          {text || '0'}
        </Words>
        <Words size="title" tone="quiet">
          {unit}
        </Words>
      </View>
      <PadWords problem={problem} hint={hint} />
      <DigitKeys press={press} />
      {extra}
      <PrimaryButton text={text ? `Set ${text} ${unit}` : 'Set'} onPress={set} testID="pad-set" />
    </Sheet>
  )
}

function PadWords({ problem, hint }: { readonly problem: string | null; readonly hint: string | undefined }) {
  return problem ? (
    <Words tone="stop" size="strong" live testID="pad-problem">
      {problem}
    </Words>
  ) : hint ? (
    <Words size="small" tone="quiet">
      {hint}
    </Words>
  ) : null
}

function DigitKeys({ press }: { readonly press: (key: string) => void }) {
  const palette = usePalette()
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {KEYS.map((key) => (
        <Tap
          key={key}
          label={key === 'backspace' ? 'Delete last digit' : key}
          onPress={() => press(key)}
          style={{
            width: '31%',
            flexGrow: 1,
            height: 60,
            borderRadius: 10,
            alignItems: 'center',
            backgroundColor: palette.surface,
            borderWidth: 1.5,
            borderColor: palette.line,
          }}
        >
          {key === 'backspace' ? (
            <Icon name="backspace" color={palette.ink} size={28} />
          ) : (
            <Words size="large">{key}</Words>
          )}
        </Tap>
      ))}
    </View>
  )
}
