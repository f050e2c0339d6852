// What was done, the last first, each with what came of it.
import { View } from 'react-native'
import type { BenchOutput, PracticeRoundOutput } from '@oak/core/operations/practice-round'
import type { Act } from '@oak/core/practice/round/act'
import { useDegrees } from '../../parts/meter/units'
import { Words } from '../../ui/Words'
import { actText } from './practice-model'

interface RoundLogProps {
  readonly bench: BenchOutput
  readonly acts: readonly Act[]
  readonly steps: PracticeRoundOutput['steps']
}

export function RoundLog({ bench, acts, steps }: RoundLogProps) {
  const degrees = useDegrees()
  return (
    <View style={{ gap: 6 }} testID="round-log">
      <Words size="strong" heading={2}>
        Done so far
      </Words>
      {acts.length === 0 ? (
        <Words size="small" tone="quiet">
          Nothing yet: the unit is on, and called.
        </Words>
      ) : null}
      {acts
        .map((act, i) => ({ text: actText(act, bench, steps[i], degrees), at: i + 1 }))
        .toReversed()
        .map(({ text, at }) => (
          <Words key={at} size="small">
            {at}. {text}
          </Words>
        ))}
    </View>
  )
}

/** What the last act came to, where the eyes are. */
export function LastAct({ bench, acts, steps }: RoundLogProps) {
  const degrees = useDegrees()
  const act = acts.at(-1)
  return (
    <Words size="small" tone="quiet" live testID="last-act">
      {act ? actText(act, bench, steps[acts.length - 1], degrees) : ''}
    </Words>
  )
}
