// One step of making safe: its state by shape, what it is, what was read; and a way to waive what cannot be read.
import { View } from 'react-native'
import Svg, { Path, Rect } from 'react-native-svg'
import type { StepState } from '@oak/core/safety/progress'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { VerdictMark } from '../../ui/VerdictMark'
import { SmallButton } from '../../ui/PrimaryButton'
import { Words } from '../../ui/Words'

const STATE_WORDS: Readonly<Record<StepState, string>> = {
  open: 'to do',
  done: 'done',
  waived: 'waived',
  doubtful: 'not proven',
  live: 'LIVE',
}

const STATE_TONES = { done: 'proven', waived: 'watch', doubtful: 'watch', live: 'stop' } as const
/** States in which a step may be waived, or its waiver taken back. */
const WAIVED_FROM: ReadonlySet<StepState> = new Set<StepState>(['open', 'doubtful', 'waived'])

export interface StepRowProps {
  readonly state: StepState
  readonly text: string
  readonly detail?: string
  readonly value?: string
  readonly onPress: () => void
  readonly onWaive?: () => void
  readonly testID: string
}

export function StepRow({ state, text, detail, value, onPress, onWaive, testID }: StepRowProps) {
  const palette = usePalette()
  return (
    <View style={{ flexDirection: 'row', gap: 8, alignItems: 'center' }}>
      <Tap
        testID={testID}
        more={state === 'open' ? STATE_WORDS.open : undefined}
        onPress={onPress}
        style={{
          flex: 1,
          borderRadius: 10,
          borderWidth: state === 'live' ? 3 : 1.5,
          borderColor: state === 'live' ? palette.stop : palette.edge,
          backgroundColor: palette.surface,
          paddingHorizontal: 10,
          paddingVertical: 6,
        }}
      >
        <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }}>
          <StepMark state={state} />
          <View style={{ flex: 1 }}>
            <Words size={detail ? 'strong' : 'body'}>{text}</Words>
            {detail ? (
              <Words size="small" tone="quiet">
                {detail}
              </Words>
            ) : null}
          </View>
          <ReadState state={state} value={value} />
        </View>
      </Tap>
      {onWaive && WAIVED_FROM.has(state) ? (
        <Waive waived={state === 'waived'} text={text} onPress={onWaive} testID={`${testID}-waive`} />
      ) : null}
    </View>
  )
}

/** What was read, and the state in a word. */
function ReadState({ state, value }: Pick<StepRowProps, 'state' | 'value'>) {
  return (
    <View style={{ alignItems: 'flex-end' }}>
      {value ? <Words size="strong">{value}</Words> : null}
      {state === 'open' ? null : (
        <Words size="tiny" tone={STATE_TONES[state]} style={{ fontWeight: '700' }}>
          {STATE_WORDS[state]}
        </Words>
      )}
    </View>
  )
}

interface WaiveProps {
  readonly waived: boolean
  readonly text: string
  readonly onPress: () => void
  readonly testID: string
}

function Waive({ waived, text, onPress, testID }: WaiveProps) {
  return (
    <SmallButton
      testID={testID}
      text={waived ? 'undo' : 'waive'}
      label={waived ? `Undo the waiver: ${text}` : `Waive: ${text}`}
      onPress={onPress}
    />
  )
}

/** Empty box, tick, struck box, or one of the verdicts. */
function StepMark({ state }: { readonly state: StepState }) {
  const palette = usePalette()
  if (state === 'live') return <VerdictMark verdict="stop" size={26} />
  if (state === 'doubtful') return <VerdictMark verdict="cannotTell" size={26} />
  return (
    <Svg width={26} height={26} aria-hidden>
      <Rect
        x={2}
        y={2}
        width={22}
        height={22}
        rx={4}
        fill={state === 'done' ? palette.proven : 'none'}
        stroke={state === 'done' ? palette.proven : palette.ink}
        strokeWidth={2.5}
      />
      {state === 'done' ? (
        <Path d="M7 13.500l4 4 8-9" stroke={palette.ground} strokeWidth={3} fill="none" />
      ) : null}
      {state === 'waived' ? <Path d="M7 13h12" stroke={palette.watch} strokeWidth={4} /> : null}
    </Svg>
  )
}
