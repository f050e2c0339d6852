// A button that waits for something, with the reason above it: seen, tied to the button for the ear, and read out on a press.
import { useId, type ReactNode } from 'react'
import { View } from 'react-native'
import { ReasonProvider } from './reason'
import { Words } from './Words'

/** Not a stop of the keyboard; a press on what waits leads to it. */
const LED_TO = { tabIndex: -1 } as object

interface ReasonedProps {
  /** Why it waits; null: it does not. */
  readonly text: string | null
  readonly children: ReactNode
}

export function Reasoned({ text, children }: ReasonedProps) {
  const id = useId()
  return (
    <View style={{ gap: 8 }}>
      {text === null ? null : (
        <View id={id} {...LED_TO}>
          <Words size="small">{text}</Words>
        </View>
      )}
      <ReasonProvider value={text === null ? null : id}>{children}</ReasonProvider>
    </View>
  )
}
