// A verdict's mark with its sentence beside it, announced when it changes.
import { View } from 'react-native'
import { VerdictMark, type Verdict } from './VerdictMark'
import { Words, type WordsProps } from './Words'

export interface VerdictLineProps {
  readonly mark: Verdict
  readonly text: string
  readonly size?: WordsProps['size']
  /** The sentence in the verdict's own colour, as a strip has it. */
  readonly toned?: boolean
  readonly testID?: string
}

const MARK_SIZE = { small: 24, body: 28, strong: 30 } as const

export function VerdictLine({ mark, text, size = 'small', toned = false, testID }: VerdictLineProps) {
  return (
    <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }} testID={testID}>
      <VerdictMark verdict={mark} size={MARK_SIZE[size as keyof typeof MARK_SIZE] ?? 28} />
      <Words size={size} tone={toned ? mark : 'ink'} style={{ flex: 1 }} live>
        {text}
      </Words>
    </View>
  )
}
