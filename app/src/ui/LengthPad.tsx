// A length on large keys: whole inches by digits, the fraction by its own keys and a mark further or back; or millimetres.
import { useEffect, useEffectEvent, useState } from 'react'
import { useWindowDimensions, View } from 'react-native'
import { MM_PER_INCH } from '@oak/core/quantity/inches'
import { Choice } from './Choice'
import { useThumbRow } from './hand'
import { Icon } from './Icon'
import {
  draftOf,
  draftText,
  EIGHTHS,
  eighthText,
  inchesOf,
  isLengthKey,
  nudge,
  pressDigit,
  readTyped,
  typeLength,
  type InchDraft,
} from './length-text'
import type { LengthUnit } from './device-settings'
import { LEFT, useHalfTyped } from './half-typed'
import { NotRead } from './NotRead'
import { PadValue } from './PadValue'
import { NumberPad } from './NumberPad'
import { isOnControl } from './on-control'
import { PrimaryButton } from './PrimaryButton'
import { Problem } from './Problem'
import { Sheet } from './Sheet'
import { Tap } from './Tap'
import { usePalette } from './theme'
import { isLow } from './wide'
import { Words } from './Words'

export interface LengthPadProps {
  readonly title: string
  readonly hint?: string
  /** Inches. */
  readonly value: number | null
  readonly unit: LengthUnit
  readonly onUnit: (unit: LengthUnit) => void
  readonly onClose: () => void
  /** Takes inches; returns what is wrong with them, or null. */
  readonly onSet: (inches: number) => string | null
  /** Takes away what is on record; returns what is wrong with that, or null. Left out where nothing is. */
  readonly takeAway?: (() => string | null) | undefined
}

const DIGITS = ['1', '2', '3', '4', '5', '6', '7', '8', '9'] as const
/** Under the thumb stands what mends. */
const LAST = { row: ['0', 'backspace'], 'row-reverse': ['backspace', '0'] } as const

export function LengthPad(props: LengthPadProps) {
  const { title, hint, value, unit, onUnit, onClose, onSet, takeAway } = props
  const choice = (
    <Choice<LengthUnit>
      label="Unit"
      testID="length-unit"
      value={unit}
      onChange={onUnit}
      options={[
        { value: 'in', text: 'inches' },
        { value: 'mm', text: 'mm' },
      ]}
    />
  )
  if (unit === 'mm')
    return (
      <NumberPad
        open
        title={title}
        unit="mm"
        hint={hint}
        value={value === null ? null : Math.round(value * MM_PER_INCH * 10) / 10}
        onClose={onClose}
        onSet={(mm) => onSet(mm / MM_PER_INCH)}
        above={choice}
        takeAway={takeAway}
      />
    )
  return <InchPad {...props} choice={choice} />
}

function InchPad({
  title,
  hint,
  value,
  onClose,
  onSet,
  takeAway,
  choice,
}: LengthPadProps & { readonly choice: React.ReactNode }) {
  const left = useHalfTyped(title)
  const [draft, setDraft] = useState(draftOf(left.kept === null ? value : (typedInches(left.kept) ?? value)))
  const [fresh, setFresh] = useState(left.kept === null)
  const [problem, setProblem] = useState<string | null>(null)
  // What a keyboard typed, as it was typed; null: the keys on the glass are used.
  const [typed, setTyped] = useState<string | null>(left.kept)
  const change = (next: typeof draft) => {
    setDraft(next)
    setTyped(null)
    left.keep(draftText(next))
    setFresh(false)
    setProblem(null)
  }
  const digit = (name: string) =>
    change(pressDigit(fresh && name !== 'backspace' ? { whole: '', parts: 0 } : draft, name))
  const set = () => {
    const read = typed === null ? { inches: inchesOf(draft) } : readTyped(typed)
    const wrong = 'why' in read ? read.why : onSet(read.inches)
    if (wrong) return setProblem(wrong)
    left.letGo()
    onClose()
  }
  useLengthKeys((key) => {
    if (key === 'Enter') return set()
    const next = typeLength(typed ?? '', key)
    const inches = typedInches(next)
    // The keys on the glass go on from what was typed.
    if (inches !== null) change(draftOf(inches))
    setTyped(next)
    left.keep(next)
    setProblem(null)
  })
  const shown = typed ?? draftText(draft)
  const low = isLow(useWindowDimensions().height)
  const setButton = <PrimaryButton text={`Set ${shown} in`} onPress={set} testID="length-set" />
  return (
    <Sheet title={title} open onClose={onClose} testID="length-pad">
      {low ? null : choice}
      <PadValue title={title} unit="in" text={shown} isWrong={problem !== null} testID="length-value" />
      {low ? setButton : null}
      {problem ? (
        <Problem text={problem} testID="length-problem" />
      ) : hint || left.kept !== null ? (
        <Words size="small" tone="quiet">
          {left.kept === null ? hint : LEFT}
        </Words>
      ) : null}
      <InchKeys draft={draft} change={change} digit={digit} />
      {low ? choice : null}
      {takeAway ? <NotRead takeAway={takeAway} onClose={onClose} /> : null}
      {low ? null : setButton}
    </Sheet>
  )
}

/** null: it is no length, or not yet. */
function typedInches(text: string): number | null {
  const read = readTyped(text)
  return 'inches' in read ? read.inches : null
}

/** Digits, fractions and Enter of a keyboard; what it does with Ctrl, Alt or Meta is the browser's. */
function useLengthKeys(onKey: (key: string) => void): void {
  const heard = useEffectEvent((event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return
    const isKey =
      event.key === 'Backspace' || isLengthKey(event.key) || (event.key === 'Enter' && !isOnControl(event))
    if (!isKey || (event.key === ' ' && isOnControl(event))) return
    onKey(event.key === 'Backspace' ? 'backspace' : event.key)
    event.preventDefault()
  })
  useEffect(() => {
    const listen = (event: KeyboardEvent) => heard(event)
    window.addEventListener('keydown', listen)
    return () => window.removeEventListener('keydown', listen)
  }, [])
}

interface InchKeysProps {
  readonly draft: InchDraft
  readonly change: (next: InchDraft) => void
  readonly digit: (name: string) => void
}

function InchKeys({ draft, change, digit }: InchKeysProps) {
  const palette = usePalette()
  const last = LAST[useThumbRow()]
  const key = {
    height: 54,
    borderRadius: 10,
    alignItems: 'center',
    backgroundColor: palette.surface,
    borderWidth: 1.5,
    borderColor: palette.edge,
  } as const
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {EIGHTHS.map((parts) => (
        <Tap
          key={parts}
          label={`${eighthText(parts)} of an inch`}
          testID={`eighth-${parts}`}
          selected={draft.parts === parts}
          onPress={() => change({ ...draft, parts })}
          style={{
            ...key,
            width: '22%',
            flexGrow: 1,
            height: 48,
            borderWidth: draft.parts === parts ? 3 : 1.5,
            borderColor: draft.parts === parts ? palette.ink : palette.edge,
          }}
        >
          <Words size="strong">{eighthText(parts)}</Words>
        </Tap>
      ))}
      <Tap
        label="1/32 less"
        testID="mark-less"
        onPress={() => change(nudge(draft, -1))}
        style={{ ...key, width: '46%', flexGrow: 1, height: 48 }}
      >
        <Words>− 1/32</Words>
      </Tap>
      <Tap
        label="1/32 more"
        testID="mark-more"
        onPress={() => change(nudge(draft, 1))}
        style={{ ...key, width: '46%', flexGrow: 1, height: 48 }}
      >
        <Words>+ 1/32</Words>
      </Tap>
      {[...DIGITS, ...last].map((name) => (
        <Tap
          key={name}
          label={name === 'backspace' ? 'Delete last digit' : name}
          testID={`length-${name}`}
          onPress={() => digit(name)}
          style={{ ...key, width: '14%', flexGrow: 1 }}
        >
          {name === 'backspace' ? (
            <Icon name="backspace" color={palette.ink} size={26} />
          ) : (
            <Words size="title">{name}</Words>
          )}
        </Tap>
      ))}
    </View>
  )
}
