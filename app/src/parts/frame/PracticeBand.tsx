// Stands on every screen of a practice job: nothing of it is real, and this is the way back to the bench.
import { useRouter } from 'expo-router'
import { useWindowDimensions, View } from 'react-native'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { isLow } from '../../ui/wide'
import { Words } from '../../ui/Words'

interface PracticeBandProps {
  /** Left out, there is no way back from here: it is the bench. */
  readonly round?: string
}

/** Slanted bars, told from any other band of the app without colour. */
const BARS = {
  backgroundImage: 'repeating-linear-gradient(115deg, currentColor 0 7px, transparent 7px 15px)',
} as object

export function PracticeBand({ round }: PracticeBandProps) {
  const palette = usePalette()
  const router = useRouter()
  const low = isLow(useWindowDimensions().height)
  const bars = (
    <View style={[{ width: 44, alignSelf: 'stretch' }, { color: palette.ink } as object, BARS]} aria-hidden />
  )
  return (
    <View
      role="region"
      aria-label="Practice"
      testID="practice-band"
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        gap: 10,
        minHeight: low ? 28 : 34,
        backgroundColor: palette.surface,
        borderColor: palette.ink,
        borderTopWidth: 2,
        borderBottomWidth: 2,
      }}
    >
      {bars}
      <Words size="small" style={{ flex: 1, fontWeight: '700' }}>
        Practice: nothing here is real
      </Words>
      {round === undefined ? (
        bars
      ) : (
        <Tap
          testID="to-bench"
          onPress={() => router.navigate(`/practice/${round}`)}
          style={{ paddingHorizontal: 14, borderLeftWidth: 2, borderColor: palette.ink }}
        >
          <Words size="strong">To the bench</Words>
        </Tap>
      )}
    </View>
  )
}
