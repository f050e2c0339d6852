// A plate that cannot be read: what it probably said, from what is still there. Always a range, always called an estimate.
import { Problem } from '../../ui/Problem'
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import { estimateInput } from '@oak/core/job/inputs/estimate-input'
import { BLANK_BLADE } from '@oak/core/motor/blade'
import type { PlateEstimate } from '@oak/core/motor/estimate'
import { figure } from '@oak/core/quantity/display'
import { useOperation } from '../../parts/frame/use-operation'
import { editJob } from '../../platform/state/app'
import { Choice } from '../../ui/Choice'
import { NumberPad } from '../../ui/NumberPad'
import { QuietButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'

export function EstimateSheet({
  id,
  job,
  onClose,
}: {
  readonly id: string
  readonly job: JobDocument
  readonly onClose: () => void
}) {
  const [pad, setPad] = useState(false)
  const blade = job.oldBlade ?? BLANK_BLADE
  const diameter = blade.diameterInches
  const input = useMemo(() => estimateInput(job), [job])
  const result = useOperation('estimate-plate', input)
  const estimate = result?.ok ? (result.output as PlateEstimate) : null
  return (
    <Sheet title="Estimate what it said" open onClose={onClose} testID="estimate-sheet">
      <Words size="small">
        From the old capacitor’s marking, amps that were read, and the blade. An estimate narrows the search;
        it is nothing to order by.
      </Words>
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <View style={{ flex: 1 }}>
          <QuietButton
            text={diameter === null ? 'Blade across' : `Blade ${figure(diameter)} in`}
            onPress={() => setPad(true)}
            testID="blade-diameter"
          />
        </View>
        <View style={{ flex: 1 }}>
          <Choice
            label="Blade’s pitch"
            value={job.steepBlades === null ? null : job.steepBlades ? 'steep' : 'usual'}
            onChange={(x) => editJob(id, [{ path: ['steepBlades'], value: x === 'steep' }])}
            options={[
              { value: 'usual', text: 'usual' },
              { value: 'steep', text: 'steep' },
            ]}
          />
        </View>
      </View>
      <Problem text={result && !result.ok ? result.error.message : null} />
      {estimate ? <Answer estimate={estimate} /> : null}
      {pad ? (
        <NumberPad
          open
          title="Blade, tip to tip"
          unit="in"
          value={diameter}
          onClose={() => setPad(false)}
          onSet={(x) => editJob(id, [{ path: ['oldBlade'], value: { ...blade, diameterInches: x } }])}
        />
      ) : null}
    </Sheet>
  )
}

function Answer({ estimate }: { readonly estimate: PlateEstimate }) {
  const range = (low: string | number, high: string | number) =>
    low === high ? `about ${low}` : `${low} to ${high}`
  const rows = [
    ...(estimate.horsepower
      ? [
          {
            text: `${range(estimate.horsepower.low, estimate.horsepower.high)} hp`,
            because: estimate.horsepower.because,
          },
        ]
      : []),
    ...(estimate.rpm
      ? [{ text: `${range(estimate.rpm.low, estimate.rpm.high)} rpm class`, because: estimate.rpm.because }]
      : []),
    ...(estimate.speeds ? [{ text: `${estimate.speeds.low} speeds`, because: estimate.speeds.because }] : []),
  ]
  return (
    <View style={{ gap: 10 }} testID="estimate">
      {rows.length === 0 && !estimate.conflict ? (
        <Words size="strong" tone="cannotTell">
          Nothing known bears on it yet: measure the blade, or enter the can’s marking.
        </Words>
      ) : null}
      {rows.map((row) => (
        <View key={row.text} style={{ flexDirection: 'row', gap: 10, alignItems: 'flex-start' }}>
          <VerdictMark verdict="cannotTell" size={28} />
          <View style={{ flex: 1 }}>
            <Words size="title">{row.text}</Words>
            <Words size="small" tone="quiet">
              Estimate. {row.because.join(' ')}
            </Words>
          </View>
        </View>
      ))}
      {estimate.conflict ? (
        <Words size="strong" tone="watch">
          {estimate.conflict}
        </Words>
      ) : null}
    </View>
  )
}
