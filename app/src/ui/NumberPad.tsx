// Numbers on large keys, with their unit; a keyboard types into it as well.
import { useEffect, useRef, useState, type ReactNode } from 'react'
import { useWindowDimensions, View } from 'react-native'
import { useThumbRow } from './hand'
import { Icon } from './Icon'
import { isPadKey, oneWanted, pastedText, pressKey, readPad, turnSign } from './number-text'
import { LEFT, useHalfTyped } from './half-typed'
import { isOnControl } from './on-control'
import { NotRead } from './NotRead'
import { PadValue } from './PadValue'
import { PrimaryButton, QuietButton } from './PrimaryButton'
import { Problem } from './Problem'
import { Sheet } from './Sheet'
import { Tap } from './Tap'
import { usePalette } from './theme'
import { isLow } from './wide'
import { Words } from './Words'

export interface NumberPadProps {
  readonly title: string
  readonly unit: string
  readonly value: number | null
  readonly open: boolean
  readonly onClose: () => void
  /** Takes the number; returns what is wrong with it, in words, or null when it was taken. */
  readonly onSet: (value: number) => string | null
  /** Takes the two figures of a dual at once, as 40/5; without it they are refused in words. */
  readonly onSetTwo?: (values: readonly [number, number]) => string | null
  /** It may be below zero: then it has a key for that. */
  readonly mayBeBelow?: boolean
  readonly hint?: string
  /** Above the figure, such as where a reading comes from. */
  readonly above?: ReactNode
  /** Takes away what is on record; returns what is wrong with that, or null. Left out where nothing is. */
  readonly takeAway?: (() => string | null) | undefined
  /** Beside the keys, such as OL. */
  readonly extra?: ReactNode
}

const DIGITS = ['1', '2', '3', '4', '5', '6', '7', '8', '9']
/** Under the thumb stands what mends. */
const LAST_ROW = { row: ['.', '0', 'backspace'], 'row-reverse': ['backspace', '0', '.'] } as const

export function NumberPad(props: NumberPadProps) {
  // A fresh pad each time it opens: no text left over from the last number.
  return props.open ? <OpenPad {...props} /> : null
}

function OpenPad(props: NumberPadProps) {
  const { title, unit, value, onClose, onSet, onSetTwo, mayBeBelow, hint, above, extra, takeAway } = props
  const draft = useHalfTyped(`${title}, ${unit}`)
  const [text, setText] = useState(draft.kept ?? (value === null ? '' : String(value).replace('-', '−')))
  const [problem, setProblem] = useState<string | null>(null)

  // Two keys may come before the pad is drawn again: what is on it by then is held here.
  const shown = useRef({ text, fresh: draft.kept === null })
  const show = (next: string) => {
    shown.current = { text: next, fresh: false }
    setText(next)
    draft.keep(next)
    setProblem(null)
  }
  // The first digit replaces the number that was there.
  const press = (key: string) =>
    show(pressKey(shown.current.fresh && key !== 'backspace' ? '' : shown.current.text, key))
  const set = () => {
    const wrong = refusalOf(readPad(shown.current.text, mayBeBelow), onSet, onSetTwo)
    if (wrong) return setProblem(wrong)
    draft.letGo()
    onClose()
  }

  usePadKeys({ show, press, set })
  // What is typed and Set are in sight at once; the keys scroll.
  const low = isLow(useWindowDimensions().height)
  const setButton = (
    <PrimaryButton text={text ? `Set ${text} ${unit}` : 'Set'} onPress={set} testID="pad-set" />
  )

  return (
    <Sheet title={title} open onClose={onClose} testID="number-pad">
      {low ? null : above}
      <PadValue title={title} unit={unit} text={text} isWrong={problem !== null} testID="pad-value" />
      {low ? setButton : null}
      <PadWords problem={problem} hint={draft.kept === null ? hint : LEFT} />
      <DigitKeys press={press} />
      {mayBeBelow ? <BelowZero onPress={() => show(turnSign(shown.current.text))} /> : null}
      {low ? above : null}
      {extra}
      {takeAway ? <NotRead takeAway={takeAway} onClose={onClose} /> : null}
      {low ? null : setButton}
    </Sheet>
  )
}

interface PadActs {
  readonly show: (text: string) => void
  readonly press: (key: string) => void
  readonly set: () => void
}

/** A keyboard and the clipboard on the pad. */
function usePadKeys({ show, press, set }: PadActs): void {
  useEffect(() => {
    const onPaste = (event: ClipboardEvent) => {
      const pasted = pastedText(event.clipboardData?.getData('text') ?? '')
      if (pasted) show(pasted)
      event.preventDefault()
    }
    const onKey = (event: KeyboardEvent) => {
      // Ctrl+V, Ctrl+R and the like are the browser's.
      if (event.ctrlKey || event.metaKey || event.altKey) return
      const key = event.key === 'Backspace' ? 'backspace' : event.key
      if (key === 'backspace' || isPadKey(key)) press(key)
      else if (event.key === 'Enter' && !isOnControl(event)) set()
      else return
      event.preventDefault()
    }
    window.addEventListener('keydown', onKey)
    window.addEventListener('paste', onPaste)
    return () => {
      window.removeEventListener('keydown', onKey)
      window.removeEventListener('paste', onPaste)
    }
  })
}

/** What is wrong with the figures on the pad, or null: they were taken. */
function refusalOf(
  read: ReturnType<typeof readPad>,
  onSet: NumberPadProps['onSet'],
  onSetTwo: NumberPadProps['onSetTwo'],
): string | null {
  switch (read.kind) {
    case 'one':
      return onSet(read.value)
    case 'two':
      return onSetTwo ? onSetTwo(read.values) : oneWanted(read.values)
    case 'none':
      return read.why
  }
}

function PadWords({ problem, hint }: { readonly problem: string | null; readonly hint: string | undefined }) {
  return problem ? (
    <Problem text={problem} testID="pad-problem" />
  ) : hint ? (
    <Words size="small" tone="quiet">
      {hint}
    </Words>
  ) : null
}

const BelowZero = ({ onPress }: { readonly onPress: () => void }) => (
  <QuietButton text="− below zero" onPress={onPress} testID="pad-below" />
)

function DigitKeys({ press }: { readonly press: (key: string) => void }) {
  const palette = usePalette()
  const keys = [...DIGITS, ...LAST_ROW[useThumbRow()]]
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {keys.map((key) => (
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
            borderColor: palette.edge,
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
