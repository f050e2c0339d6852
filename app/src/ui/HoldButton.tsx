// An action that signs for work: it is held, not tapped, and while it is held it shows what is signed for. Let go early, and nothing is.
import { useEffect, useRef, useState } from 'react'
import { useWindowDimensions, View } from 'react-native'
import { TouchableRipple } from 'react-native-paper'
import { isByKey, tappedAt } from './pressed'
import { readReason, useReason } from './reason'
import { useSpoken, waiting } from './spoken'
import { restsAt, takeTap, useResting } from './tap-rest'
import { usePalette } from './theme'
import { UNSEEN } from './unseen'
import { isLow } from './wide'
import { Words } from './Words'

/** For the key of the next action: this one is held, not pressed. */
const IS_HELD = { dataSet: { hold: '' } } as object
/** Long enough to read that it signs, short enough for a gloved thumb, ms. Our judgement. */
const HOLD_MS = 900
const TICK_MS = 60
/** More than this of one tick does not count: while the page was busy, nobody knows whether the thumb was still down. */
const MOST_MS = 2 * TICK_MS

const TOO_SOON = 'Let go too soon: nothing is signed. Hold until it is full.'

interface HoldButtonProps {
  /** What is signed for: "I traced these 8 wires". */
  readonly text: string
  readonly onHeld: () => void
  /** A tap, too short to sign: the way to say it one by one. Without it a tap does nothing. */
  readonly onTap?: () => void
  /** What is signed for, line by line: shown above while it is held. */
  readonly lines: readonly string[]
  readonly disabled?: boolean
  readonly testID?: string
}

export function HoldButton({ text, onHeld, onTap, lines, disabled, testID }: HoldButtonProps) {
  const palette = usePalette()
  const resting = useResting()
  const reason = useReason()
  const ref = useRef<View>(null)
  useSpoken(ref, waiting(disabled || resting, disabled ? reason : null))
  const isBounce = useRef(false)
  const isLong = useRef(false)
  const [wasShort, setWasShort] = useState(false)
  const { share, begin, end, isSigned } = useHold(onHeld)
  const hint = onTap ? 'hold to sign, tap for one by one' : 'hold until it is full'
  return (
    <View>
      {share === null ? null : <HeldLines lines={lines} />}
      <TouchableRipple
        role="button"
        ref={ref}
        testID={testID}
        {...IS_HELD}
        onPressIn={(event) => {
          // A bounce is short: it may begin a hold, and never ends one; as a tap it is none.
          isBounce.current = !isByKey(event) && restsAt(tappedAt(event))
          isLong.current = false
          setWasShort(false)
          if (!disabled) begin()
        }}
        onPressOut={() => {
          end()
          // Too long for a tap and too short to sign.
          if (isLong.current && !disabled && !isSigned()) setWasShort(true)
        }}
        // With it a long press does not open the browser's own menu.
        onLongPress={() => (isLong.current = true)}
        onPress={(event) => {
          if (disabled) readReason(reason)
          else if (!isSigned() && !isBounce.current && (isByKey(event) || takeTap(tappedAt(event)))) onTap?.()
        }}
        style={{
          minHeight: 58,
          borderRadius: 10,
          overflow: 'hidden',
          justifyContent: 'center',
          alignItems: 'center',
          paddingHorizontal: 12,
          borderWidth: 3,
          borderStyle: disabled ? 'dashed' : 'solid',
          borderColor: disabled ? palette.edge : palette.action,
          backgroundColor: palette.surface,
        }}
      >
        <Face share={share ?? 0} text={text} words={wasShort ? TOO_SOON : hint} />
      </TouchableRipple>
      {/* It is there before it says anything, or some readers would never speak it. */}
      <Words live style={UNSEEN}>
        {wasShort ? TOO_SOON : ''}
      </Words>
    </View>
  )
}

/** Over what stands above: what is held stays under the thumb, on the lowest screen too. */
function HeldLines({ lines }: Pick<HoldButtonProps, 'lines'>) {
  const palette = usePalette()
  const low = isLow(useWindowDimensions().height)
  return (
    <View
      testID="held-list"
      style={{
        position: 'absolute',
        left: 0,
        right: 0,
        bottom: '100%',
        marginBottom: low ? 2 : 8,
        borderWidth: 2,
        borderColor: palette.ink,
        borderRadius: 10,
        paddingHorizontal: 10,
        paddingVertical: low ? 4 : 10,
        gap: low ? 0 : 4,
        backgroundColor: palette.surface,
      }}
    >
      {lines.map((line, i) => (
        <Words key={i} size={low ? 'tiny' : 'small'}>
          {line}
        </Words>
      ))}
    </View>
  )
}

interface FaceProps {
  readonly share: number
  readonly text: string
  readonly words: string
}

/** What it says, over how far the hold is. */
function Face({ share, text, words }: FaceProps) {
  const palette = usePalette()
  return (
    <>
      <View
        style={{
          position: 'absolute',
          left: 0,
          top: 0,
          bottom: 0,
          width: `${100 * share}%`,
          backgroundColor: palette.line,
        }}
      />
      <Words size="strong" style={{ fontSize: 18, userSelect: 'none' }}>
        {text}
      </Words>
      <Words size="tiny" style={{ userSelect: 'none' }}>
        {words}
      </Words>
    </>
  )
}

/** How far the hold is, 0 to 1; null: it is not held. */
function useHold(onHeld: () => void) {
  const [share, setShare] = useState<number | null>(null)
  const isDown = useRef(false)
  const signed = useRef(false)
  const clock = useRef<ReturnType<typeof setInterval>>(undefined)
  const stop = () => {
    clearInterval(clock.current)
    isDown.current = false
  }
  useEffect(() => stop, [])
  const begin = () => {
    if (isDown.current) return
    let last = performance.now()
    let held = 0
    isDown.current = true
    signed.current = false
    clock.current = setInterval(() => {
      const now = performance.now()
      held += Math.min(now - last, MOST_MS)
      last = now
      setShare(Math.min(1, held / HOLD_MS))
      if (held < HOLD_MS) return
      stop()
      setShare(null)
      signed.current = true
      // What stands under the thumb when it comes up takes nothing.
      takeTap()
      onHeld()
    }, TICK_MS)
  }
  const end = () => {
    stop()
    setShare(null)
  }
  return { share, begin, end, isSigned: () => signed.current }
}
