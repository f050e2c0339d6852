// A lead that can be taken by the finger and let go on a post. A tap stays a tap; a drag begins sideways, so that the page still scrolls.
import type { ReactNode } from 'react'
import { View, type ViewStyle } from 'react-native'
import { Gesture, GestureDetector } from 'react-native-gesture-handler'

export interface DragLeadProps {
  readonly children: ReactNode
  readonly style: ViewStyle
  /** Where the finger is against this lead's corner, px. */
  readonly onDrag: (x: number, y: number) => void
  readonly onDrop: (x: number, y: number) => void
  readonly onCancel: () => void
}

/** Sideways pixels after which it is a drag. */
const BEGINS_AT = 12

export function DragLead({ children, style, onDrag, onDrop, onCancel }: DragLeadProps) {
  const pan = Gesture.Pan()
    .runOnJS(true)
    .activeOffsetX([-BEGINS_AT, BEGINS_AT])
    .onUpdate((event) => onDrag(event.x, event.y))
    .onEnd((event, success) => (success ? onDrop(event.x, event.y) : onCancel()))
    .onFinalize((_, success) => void (success || onCancel()))
  return (
    <GestureDetector gesture={pan} touchAction="pan-y" userSelect="none">
      <View style={style}>{children}</View>
    </GestureDetector>
  )
}
