// What is being worked on, in words at once; after a second a bar with it, so that a long wait is seen to go on: the kit's where it is known how
// much is done. Where it is not, the kit's would be moved by its own code (see moves).
import { useEffect, useState } from 'react'
import { View } from 'react-native'
import { ProgressBar } from 'react-native-paper'
import { ALONG } from './moves'
import { usePalette } from './theme'
import { Words, type WordsProps } from './Words'

/** A wait shorter than this is over before a bar is understood, ms. Our judgement. */
const LONG_MS = 1000

interface WaitsProps extends Pick<WordsProps, 'size' | 'tone' | 'heading' | 'live' | 'testID'> {
  readonly text: string
  /** How much is done, 0 to 1; without it nobody knows. */
  readonly share?: number
}

export function Waits({ text, share, ...words }: WaitsProps) {
  const palette = usePalette()
  const [long, setLong] = useState(false)
  useEffect(() => {
    const clock = setTimeout(() => setLong(true), LONG_MS)
    return () => clearTimeout(clock)
  }, [])
  const track = { height: 6, borderRadius: 3, backgroundColor: palette.line }
  return (
    <View style={{ gap: 8 }}>
      <Words {...words}>{text}</Words>
      {!long || (share === undefined && wantsStill()) ? null : share !== undefined ? (
        <ProgressBar aria-label={text} progress={share} color={palette.ink} style={track} />
      ) : (
        <View role="progressbar" aria-label={text} aria-busy style={{ ...track, overflow: 'hidden' }}>
          <View style={{ ...track, width: '40%', backgroundColor: palette.ink }} {...ALONG} />
        </View>
      )}
    </View>
  )
}

/** Whoever cannot bear moving things has the words: a bar that stands still would say how much is done. */
const wantsStill = (): boolean =>
  'matchMedia' in window && window.matchMedia('(prefers-reduced-motion: reduce)').matches
