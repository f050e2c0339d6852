// The causes as they stand: a bar for each, longest first, with its strength in a word. A press opens what speaks for and against.
import { View } from 'react-native'
import Svg, { Rect } from 'react-native-svg'
import type { DiagnoseOutput } from '@oak/core/operations/diagnose'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { STRENGTH_WORDS } from './fault-model'

type Cause = DiagnoseOutput['causes'][number]
/** Below this a cause is not drawn: it only makes the list long. */
const LEAST = 0.02
const MOST_SHOWN = 6

export function CauseBars({
  causes,
  taken,
  onPress,
}: {
  readonly causes: readonly Cause[]
  readonly taken: ReadonlySet<string>
  readonly onPress: (id: string) => void
}) {
  const palette = usePalette()
  const shown = causes.filter(
    (c, i) => i < MOST_SHOWN && (c.strength === 'found' || c.chance >= LEAST || i === 0),
  )
  return (
    <View style={{ gap: 8 }} testID="causes">
      {shown.map((cause) => (
        <Tap
          key={cause.id}
          testID={`cause-${cause.id}`}
          label={`${cause.name}: ${STRENGTH_WORDS[cause.strength]}${taken.has(cause.id) ? ', taken as the cause' : ''}`}
          onPress={() => onPress(cause.id)}
          style={{
            borderRadius: 10,
            borderWidth: taken.has(cause.id) ? 3 : 1.5,
            borderColor: taken.has(cause.id) ? palette.ink : palette.edge,
            backgroundColor: palette.surface,
            overflow: 'hidden',
          }}
        >
          <View
            style={{
              paddingHorizontal: 12,
              paddingTop: 8,
              paddingBottom: 6,
              flexDirection: 'row',
              gap: 10,
              alignItems: 'center',
            }}
          >
            <Words size={cause.strength === 'unlikely' ? 'small' : 'strong'} style={{ flex: 1 }}>
              {cause.name}
            </Words>
            <Words size="small" style={{ fontWeight: '700' }}>
              {STRENGTH_WORDS[cause.strength]}
            </Words>
          </View>
          {/* A fact fills it: it is no chance. */}
          <Svg width="100%" height={7} aria-hidden>
            <Rect x={0} y={0} width="100%" height={7} fill={palette.line} fillOpacity={0.45} />
            <Rect
              x={0}
              y={0}
              width={`${cause.strength === 'found' ? 100 : Math.max(1, Math.round(cause.chance * 100))}%`}
              height={7}
              fill={palette.ink}
            />
          </Svg>
        </Tap>
      ))}
    </View>
  )
}
