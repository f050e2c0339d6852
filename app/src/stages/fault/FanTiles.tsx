// The first question as pictures: what the fan, or the compressor, does when it is called.
import type { Subject } from '@oak/core/diagnosis/model'
import Svg, { Circle, Path } from 'react-native-svg'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { Group, Option } from '../../ui/Group'

/** Beside the hub and two blades: what sets each apart. */
export const SIGNS: Readonly<Record<string, string>> = {
  silent: 'M8 8L44 44M44 8L8 44',
  breaker: 'M4 30h8l4-12 6 20 4-8h4M40 8v10M40 24v2',
  dead: 'M8 8L44 44M44 8L8 44',
  hums: 'M3 20q3 6 0 12M49 20q-3 6 0 12M8 17q4 9 0 18M44 17q-4 9 0 18',
  push: 'M2 46q8-2 12-10M14 36l1 7M14 36l-7 2',
  slow: 'M26 4a22 22 0 0 1 19 11',
  backwards: 'M43 12A22 22 0 1 0 46 34M43 12l-9-1M43 12l-1 9',
  trips: 'M26 4a22 22 0 0 1 22 22M40 40l8 8M48 40l-8 8',
  noisy: 'M6 14l6 3-3 5 6 3M46 30l-6 3 3 5-6 3',
  'wrong-speed': 'M8 44h10V34h12V22h14V10',
  'stays-on': 'M26 5a21 21 0 1 1-.1 0M21 1l6 4-6 4M31 51l-6-4 6-4',
  right: 'M9 12A22 22 0 1 1 6 34M9 12l9-1M9 12l1 9',
}

export interface FanTilesProps {
  readonly subject: Subject
  readonly answers: readonly { readonly id: string; readonly text: string }[]
  readonly value: string | null
  readonly onPick: (id: string) => void
}

export function FanTiles({ subject, answers, value, onPick }: FanTilesProps) {
  const palette = usePalette()
  return (
    <Group
      label={`What the ${subject} does`}
      style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}
      testID="fan-tiles"
    >
      {answers.map(({ id, text }) => {
        const on = id === value
        return (
          <Option
            key={id}
            selected={on}
            label={text}
            testID={`fan-${id}`}
            onPress={() => onPick(id)}
            style={{
              width: '31%',
              flexGrow: 1,
              minHeight: 96,
              alignItems: 'center',
              justifyContent: 'flex-start',
              borderRadius: 10,
              backgroundColor: palette.surface,
              padding: 6,
              gap: 2,
            }}
          >
            <Svg width={52} height={52} aria-hidden>
              {subject === 'fan' ? (
                <>
                  <Circle cx={26} cy={26} r={4} fill={palette.ink} />
                  <Path
                    d="M26 22c-5-6-3-12 2-13 3 4 2 9-2 13zM26 30c5 6 3 12-2 13-3-4-2-9 2-13z"
                    fill={palette.ink}
                  />
                </>
              ) : (
                <Path d="M18 16q8-7 16 0v22q-8 5-16 0z" fill={palette.ink} fillOpacity={0.35} />
              )}
              <Path
                d={SIGNS[id] ?? ''}
                stroke={palette.ink}
                strokeWidth={3}
                strokeLinecap="round"
                strokeLinejoin="round"
                fill="none"
              />
            </Svg>
            <Words size="tiny" style={{ textAlign: 'center', fontWeight: on ? '700' : '500' }}>
              {text}
            </Words>
          </Option>
        )
      })}
    </Group>
  )
}
