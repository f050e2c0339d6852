// What is wrong, in words, by the kit's helper text; announced when it appears; nothing while nothing is wrong.
import { HelperText } from 'react-native-paper'
import { sizeOf } from './type-sizes'

export interface ProblemProps {
  readonly text: string | null | undefined
  readonly testID?: string
}

export const Problem = ({ text, testID }: ProblemProps) =>
  text ? (
    <HelperText
      type="error"
      padding="none"
      testID={testID}
      accessibilityLiveRegion="polite"
      style={[sizeOf('strong'), { paddingVertical: 0 }]}
    >
      {text}
    </HelperText>
  ) : null
