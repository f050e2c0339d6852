// A lead that can be taken by the finger and let go on a post. A tap stays a tap; a drag begins sideways, so that the page still scrolls.
import { useDrag } from '@use-gesture/react'
import { useRef, type ReactNode, type RefObject } from 'react'
import { View, type ViewStyle } from 'react-native'

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
/** The page keeps what goes up and down. */
const SIDEWAYS = { touchAction: 'pan-y', userSelect: 'none' } as ViewStyle

export function DragLead({ children, style, onDrag, onDrop, onCancel }: DragLeadProps) {
  const corner = useRef<View>(null)
  useDrag(
    ({ xy: [x, y], event, last, canceled, first, cancel }) => {
      const box = (corner.current as unknown as Element | null)?.getBoundingClientRect()
      if (!box) return cancel()
      const at = [x - box.left, y - box.top] as const
      // A touch that the phone takes away, as for a call, lets nothing go: only a finger that comes up does.
      if (canceled || (last && event.type !== 'pointerup')) return onCancel()
      // What begins and ends in one event was no drag.
      if (last) return first ? onCancel() : onDrop(...at)
      onDrag(...at)
    },
    {
      target: corner as unknown as RefObject<HTMLElement>,
      axis: 'x',
      threshold: BEGINS_AT,
      filterTaps: true,
    },
  )
  return (
    <View ref={corner} style={[style, SIDEWAYS]}>
      {children}
    </View>
  )
}
