// The number of a pin, on its picture and beside its words.
import { View } from 'react-native'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'

/** px. */
export const PIN_SIZE = 30

export function PinBadge({ number }: { readonly number: number }) {
  const palette = usePalette()
  return (
    <View
      style={{
        width: PIN_SIZE,
        height: PIN_SIZE,
        borderRadius: PIN_SIZE / 2,
        backgroundColor: palette.ground,
        borderWidth: 3,
        borderColor: palette.ink,
        alignItems: 'center',
        justifyContent: 'center',
      }}
    >
      <Words size="small" style={{ fontWeight: '700' }}>
        {number}
      </Words>
    </View>
  )
}
