// Details come up from the bottom edge (from the right on a wide screen). Escape and the ground behind it close it.
import { useRef, useState, type ReactNode } from 'react'
import { Modal, ScrollView, useWindowDimensions, View, type Text } from 'react-native'
import { useBackCloses } from './back-closes'
import { useThumbRow } from './hand'
import { IconTap } from './IconTap'
import { useSheetOpen } from './open-sheets'
import { ReasonProvider } from './reason'
import { SheetShownProvider } from './sheet-shown'
import { usePalette } from './theme'
import { isLow, isWide } from './wide'
import { Words } from './Words'

/** Words may be all that it holds: then it is what a keyboard scrolls. */
const IN_REACH = { tabIndex: 0 } as object

const GROUND = {
  position: 'absolute',
  top: 0,
  bottom: 0,
  left: 0,
  right: 0,
  backgroundColor: '#000a',
} as const

export interface SheetProps {
  readonly title: string
  readonly open: boolean
  readonly onClose: () => void
  readonly children: ReactNode
  readonly testID?: string
}

export function Sheet(props: SheetProps) {
  useBackCloses(props.open, props.onClose)
  useSheetOpen(props.open, props.onClose)
  return props.open ? <OpenSheet {...props} /> : null
}

function OpenSheet({ title, onClose, children, testID }: SheetProps) {
  const palette = usePalette()
  const { width, height } = useWindowDimensions()
  const wide = isWide(width)
  const row = useThumbRow()
  const [isShown, setIsShown] = useState(false)
  const heading = useRef<Text>(null)
  return (
    <Modal
      transparent
      visible
      onShow={() => setIsShown(true)}
      animationType="none"
      {...{ 'aria-label': title }}
    >
      {/* Nothing that takes the focus: Enter on it closed the sheet. For keyboards and ears there is the cross. */}
      <View {...({ onClick: onClose } as object)} aria-hidden style={GROUND} />
      <View
        testID={testID}
        style={[
          {
            position: 'absolute',
            bottom: 0,
            backgroundColor: palette.ground,
            borderColor: palette.ink,
          },
          wide
            ? {
                top: 0,
                width: 440,
                ...(row === 'row' ? { right: 0, borderLeftWidth: 2 } : { left: 0, borderRightWidth: 2 }),
              }
            : {
                left: 0,
                right: 0,
                maxHeight: isLow(height) ? height : height * 0.88,
                borderTopWidth: 2,
                borderTopLeftRadius: 14,
                borderTopRightRadius: 14,
              },
        ]}
      >
        <View style={{ flexDirection: row, alignItems: 'center', paddingTop: 6 }}>
          {/* The first thing that can have the focus has it: the name is read out, and Enter does nothing. */}
          <Words
            size="title"
            heading={2}
            focusRef={heading}
            style={{ flex: 1, marginHorizontal: 16 }}
            lines={2}
          >
            {title}
          </Words>
          <IconTap icon="close" label="Close" onPress={onClose} width={56} />
        </View>
        <ScrollView {...IN_REACH} contentContainerStyle={{ padding: 16, paddingTop: 8, gap: 14 }}>
          <SheetShownProvider value={isShown}>
            <ReasonProvider value={null}>{children}</ReasonProvider>
          </SheetShownProvider>
        </ScrollView>
      </View>
    </Modal>
  )
}
