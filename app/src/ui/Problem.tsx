// What is wrong, in words, announced when it appears; nothing while nothing is wrong.
import { Words } from './Words'

export interface ProblemProps {
  readonly text: string | null | undefined
  readonly testID?: string
}

export const Problem = ({ text, testID }: ProblemProps) =>
  text ? (
    <Words tone="stop" size="strong" live testID={testID}>
      {text}
    </Words>
  ) : null
