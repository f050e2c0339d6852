// Something to know that belongs to no field: the kit's snackbar, there until it is read.
import { Portal, Snackbar } from 'react-native-paper'

/** Long enough to be read twice, ms. Our judgement. */
const SHOWN_MS = 10_000

export function Notice({ text, onClose }: { readonly text: string; readonly onClose: () => void }) {
  return (
    <Portal>
      <Snackbar
        visible
        onDismiss={onClose}
        duration={SHOWN_MS}
        action={{ label: 'Got it', onPress: onClose }}
        testID="notice"
      >
        {text}
      </Snackbar>
    </Portal>
  )
}
