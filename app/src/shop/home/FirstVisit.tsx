// No jobs yet: what the app is for in one picture, and a finished example to look at.
import { useRouter } from 'expo-router'
import { useState } from 'react'
import { View } from 'react-native'
import Svg, { Circle, G, Path, Text } from 'react-native-svg'
import { COLOUR_NAMES, type ColourCode } from '@oak/core/motor/colour'
import { theJobs } from '../../platform/state/app'
import { Problem } from '../../ui/Problem'
import { QuietButton } from '../../ui/PrimaryButton'
import { FONT, usePalette } from '../../ui/theme'
import { VerdictMark } from '../../ui/VerdictMark'
import { WirePath } from '../../ui/WirePath'
import { Words } from '../../ui/Words'
import { fetchExample } from './example'

export function FirstVisit() {
  const router = useRouter()
  const [wrong, setWrong] = useState<string | null>(null)
  const look = async () => {
    try {
      const { job, changes } = await fetchExample()
      theJobs().show(job, changes)
      router.navigate(`/job/${job}`)
    } catch (error) {
      console.warn('The example cannot be fetched:', error)
      setWrong('The example cannot be fetched now: it needs a connection once.')
    }
  }
  return (
    <View style={{ gap: 14 }} testID="first-visit">
      <Purpose />
      <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }}>
        <VerdictMark verdict="proven" size={34} />
        <Words size="strong" style={{ flex: 1 }}>
          Old motor out, another in, its leads in other colours: each to its post, checked as a circuit before
          power.
        </Words>
      </View>
      <QuietButton
        text="Look at a finished example"
        icon="list"
        onPress={() => void look()}
        testID="see-example"
      />
      <Problem text={wrong} testID="example-problem" />
    </View>
  )
}

/** One post of the picture: the role, the old wire’s colour and the new lead’s. */
const ROWS: readonly { readonly post: string; readonly old: ColourCode; readonly fresh: ColourCode }[] = [
  { post: 'T1', old: 'BK', fresh: 'YE' },
  { post: 'C', old: 'WH', fresh: 'BK' },
  { post: 'FAN', old: 'BN', fresh: 'OG' },
]
const WIDTH = 360
/** What of the drawing is shown: from above the first row’s words to below the last post. */
const TOP = 30
const HEIGHT = 130
const MIDDLE = WIDTH / 2
const SPOKEN = `The old motor’s wires and the new motor’s leads on the same posts: ${ROWS.map(
  ({ post, old, fresh }) => `${post}: ${COLOUR_NAMES[old]} before, ${COLOUR_NAMES[fresh]} now`,
).join('; ')}`

function Purpose() {
  return (
    <Svg
      viewBox={`0 ${TOP} ${WIDTH} ${HEIGHT}`}
      style={{ width: '100%', maxWidth: 440, aspectRatio: WIDTH / HEIGHT, alignSelf: 'center' }}
      role="img"
      aria-label={SPOKEN}
    >
      {ROWS.map((row, i) => (
        <Row key={row.post} {...row} y={58 + 40 * i} />
      ))}
      <MotorShape x={34} text="old" dead />
      <MotorShape x={WIDTH - 34} text="new" />
    </Svg>
  )
}

function Row({ post, old, fresh, y }: (typeof ROWS)[number] & { readonly y: number }) {
  const palette = usePalette()
  const label = { fontSize: 13, textAnchor: 'middle', fill: palette.ink, fontFamily: FONT } as const
  const from = 98 + (y - 98) * 0.5
  return (
    <G>
      <WirePath d={`M56 ${from}C84 ${y} 96 ${y} ${MIDDLE - 26} ${y}`} insulation={{ colour: old }} broken />
      <WirePath
        d={`M${WIDTH - 56} ${from}C${WIDTH - 84} ${y} ${WIDTH - 96} ${y} ${MIDDLE + 26} ${y}`}
        insulation={{ colour: fresh }}
      />
      <Text {...label} x={MIDDLE - 60} y={y - 9}>
        {COLOUR_NAMES[old]}
      </Text>
      <Text {...label} x={MIDDLE + 60} y={y - 9}>
        {COLOUR_NAMES[fresh]}
      </Text>
      <Path
        d={`M${MIDDLE - 24} ${y - 15}h48v30h-48z`}
        fill={palette.surface}
        stroke={palette.ink}
        strokeWidth={2.5}
      />
      <Text {...label} x={MIDDLE} y={y + 5} fontSize={15} fontWeight="700">
        {post}
      </Text>
    </G>
  )
}

interface MotorShapeProps {
  readonly x: number
  readonly text: string
  readonly dead?: boolean
}

function MotorShape({ x, text, dead = false }: MotorShapeProps) {
  const palette = usePalette()
  return (
    <G>
      <Circle
        cx={x}
        cy={98}
        r={30}
        fill={palette.surface}
        stroke={palette.ink}
        strokeWidth={3}
        strokeDasharray={dead ? '7 5' : undefined}
      />
      <Text
        x={x}
        y={103}
        fontSize={16}
        fontWeight="700"
        textAnchor="middle"
        fill={palette.ink}
        fontFamily={FONT}
      >
        {text}
      </Text>
    </G>
  )
}
