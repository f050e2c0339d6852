// One sentence: proven in these modes, or the worst problem. A tap opens every reason.
import { View } from 'react-native'
import type { HookupOutput } from '@oak/core/operations/hookup-output'
import { Tap } from '../../ui/Tap'
import { VERDICT_WORDS, VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'

export function VerdictStrip({
  proof,
  onPress,
}: {
  readonly proof: HookupOutput['proof']
  readonly onPress: () => void
}) {
  const extra = proof.hazards.length - 1
  return (
    <Tap
      onPress={onPress}
      testID="verdict"
      label={`${VERDICT_WORDS[proof.verdict]}: ${proof.sentence} Open the reasons`}
    >
      <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }}>
        <VerdictMark verdict={proof.verdict} size={38} />
        <View style={{ flex: 1 }} aria-live="polite">
          <Words size="strong" tone={proof.verdict} testID="verdict-sentence">
            {proof.verdict === 'stop' ? `Stop. ${proof.sentence}` : proof.sentence}
          </Words>
          {extra > 0 ? (
            <Words size="tiny" tone="quiet">
              and {extra} more; tap for the reasons
            </Words>
          ) : null}
        </View>
      </View>
    </Tap>
  )
}
