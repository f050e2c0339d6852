// Whether the old can, or a side of it, is left in; left whole with its marking and readings, or refused with why.
import { View } from 'react-native'
import type { KeptCan } from '@oak/core/job/inputs/kept-can'
import type { StageProps } from '../../parts/frame/stage-screen'
import { pickEdits } from '../../parts/stock/stock-plan-model'
import { editJob, useVan } from '../../platform/state/app'
import { Choice } from '../../ui/Choice'
import { PrimaryButton } from '../../ui/PrimaryButton'
import { VerdictLine } from '../../ui/VerdictLine'

export type OldCan = 'out' | 'stays' | 'whole'

interface OldStaysProps {
  readonly leave: OldCan
  readonly setLeave: (value: OldCan) => void
  /** One side of it could stay beside a new can. */
  readonly hasSide: boolean
}

/** Whether the old can, or a side of it, is left in. */
export function OldStays({ leave, setLeave, hasSide }: OldStaysProps) {
  return (
    <Choice<OldCan>
      label="The old can"
      testID="old-stays"
      value={leave}
      onChange={setLeave}
      options={[
        { value: 'out', text: 'take it out' },
        ...(hasSide ? [{ value: 'stays' as const, text: 'leave HERM’s side in' }] : []),
        { value: 'whole', text: 'leave it whole' },
      ]}
    />
  )
}

interface KeepWholeProps extends StageProps {
  readonly whole: KeptCan
  readonly onClose: () => void
}

/** The old can with its marking and reading; or why it may not stay. */
export function KeepWhole({ id, job, whole, onClose }: KeepWholeProps) {
  const { document: van } = useVan()
  if (whole.kind === 'refused')
    return (
      <VerdictLine
        mark="stop"
        text={`It cannot stay. ${whole.why}`}
        size="strong"
        toned
        testID="whole-refused"
      />
    )
  return (
    <View style={{ gap: 8 }} testID="whole-stays">
      <VerdictLine mark="proven" text={whole.why} size="strong" toned />
      <PrimaryButton
        text="The old can stays"
        icon="check"
        onPress={() => {
          editJob(id, pickEdits(whole.can, van, job))
          onClose()
        }}
        testID="keep-whole"
      />
    </View>
  )
}
