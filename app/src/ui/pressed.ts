// What a press was: by whom, and when.
import type { GestureResponderEvent } from 'react-native'

/** By keyboard, or by what reads the screen aloud: neither bounces, and a browser counts no clicks of theirs. */
export const isByKey = ({ nativeEvent }: GestureResponderEvent): boolean =>
  'key' in nativeEvent || ('detail' in nativeEvent && nativeEvent.detail === 0)

/** When the finger tapped, ms on the page's clock; not when the page came to it. */
export const tappedAt = ({ nativeEvent }: GestureResponderEvent): number =>
  // A click has the browser's own name for it, a touch React Native's.
  'timeStamp' in nativeEvent ? Number(nativeEvent.timeStamp) : nativeEvent.timestamp
