// One cause: what speaks for it, what against, what mends it; and the technician's word that this is it.
import { View } from 'react-native'
import type { DiagnoseOutput } from '@oak/core/operations/diagnose'
import { PrimaryButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { STRENGTH_WORDS } from './fault-model'

export interface CauseSheetProps {
  readonly cause: DiagnoseOutput['causes'][number]
  /** Another fault is taken already: this one stands beside it. */
  readonly isBeside: boolean
  readonly onClose: () => void
  readonly onTake: () => void
}

export function CauseSheet({ cause, isBeside, onClose, onTake }: CauseSheetProps) {
  return (
    <Sheet title={cause.name} open onClose={onClose} testID="cause-sheet">
      <Words size="strong">
        {cause.strength === 'found'
          ? 'Found: measured or seen, and no likelihood.'
          : `Strength: ${STRENGTH_WORDS[cause.strength]}, about ${Math.round(cause.chance * 100)} of 100 by our judgement`}
      </Words>
      <Reasons title="For it" list={cause.for} mark="proven" none="Nothing yet that it alone explains." />
      <Reasons title="Against it" list={cause.against} mark="watch" none="Nothing." />
      <View style={{ gap: 4 }}>
        <Words size="strong" heading={3}>
          What mends it
        </Words>
        <Words>{cause.remedy}</Words>
      </View>
      <PrimaryButton
        text={isBeside ? 'This is wrong too' : 'Take this as the cause'}
        icon="check"
        onPress={onTake}
        testID="take-cause"
      />
    </Sheet>
  )
}

function Reasons({
  title,
  list,
  mark,
  none,
}: {
  readonly title: string
  readonly list: readonly string[]
  readonly mark: 'proven' | 'watch'
  readonly none: string
}) {
  return (
    <View style={{ gap: 8 }}>
      <Words size="strong" heading={3}>
        {title}
      </Words>
      {list.length === 0 ? (
        <Words size="small" tone="quiet">
          {none}
        </Words>
      ) : null}
      {list.map((text) => (
        <View key={text} style={{ flexDirection: 'row', gap: 8, alignItems: 'flex-start' }}>
          <VerdictMark verdict={mark} size={20} />
          <Words size="small" style={{ flex: 1 }}>
            {text}
          </Words>
        </View>
      ))}
    </View>
  )
}
