// Tax, how long the estimate stands, and who accepted it.
import { type EstimateTerms, taxText } from '@oak/core/job/report/estimate'
import { View } from 'react-native'
import { NumberPad } from '../../ui/NumberPad'
import { QuietButton } from '../../ui/PrimaryButton'
import { Words } from '../../ui/Words'
import { type PanelProps } from './panel-props'

interface DaysPadProps {
  readonly open: 'line' | 'tax' | 'accept' | 'days' | null
  readonly terms: EstimateTerms
  readonly setOpen: (value: 'line' | 'tax' | 'accept' | 'days' | null) => void
  readonly setTerms: (more: Partial<EstimateTerms>) => string | null
}

export function DaysPad({ open, terms, setOpen, setTerms }: DaysPadProps) {
  return open === 'days' ? (
    <NumberPad
      open
      title="Valid for"
      unit="days"
      value={terms.validDays}
      onClose={() => setOpen(null)}
      onSet={(days) => setTerms({ validDays: days })}
    />
  ) : null
}

interface TaxPadProps {
  readonly open: 'line' | 'tax' | 'accept' | 'days' | null
  readonly terms: EstimateTerms
  readonly setOpen: (value: 'line' | 'tax' | 'accept' | 'days' | null) => void
  readonly setTerms: (more: Partial<EstimateTerms>) => string | null
}

export function TaxPad({ open, terms, setOpen, setTerms }: TaxPadProps) {
  return open === 'tax' ? (
    <NumberPad
      open
      title="Tax"
      unit="%"
      value={terms.taxThousandths / 1000}
      onClose={() => setOpen(null)}
      onSet={(percent) => setTerms({ taxThousandths: Math.round(percent * 1000) })}
    />
  ) : null
}

export function Acceptance({
  estimate,
  setOpen,
}: {
  readonly estimate: PanelProps['estimate']
  readonly setOpen: (value: 'line' | 'tax' | 'accept' | 'days' | null) => void
}) {
  return estimate ? (
    estimate.accepted ? (
      <Words size="small" testID="accepted">
        Accepted by {estimate.accepted.name}
        {estimate.accepted.signature ? ', drawn' : ', typed'}.
      </Words>
    ) : (
      <QuietButton text="Accepted by…" icon="pencil" onPress={() => setOpen('accept')} testID="accept" />
    )
  ) : null
}

interface TermsProps {
  readonly estimate: PanelProps['estimate']
  readonly terms: EstimateTerms
  readonly setOpen: (value: 'line' | 'tax' | 'accept' | 'days' | null) => void
}

export function Terms({ estimate, terms, setOpen }: TermsProps) {
  return estimate ? (
    <View style={{ flexDirection: 'row', gap: 8 }}>
      <View style={{ flex: 1 }}>
        <QuietButton
          text={`Tax ${taxText(terms.taxThousandths)}`}
          onPress={() => setOpen('tax')}
          testID="estimate-tax"
        />
      </View>
      <View style={{ flex: 1 }}>
        <QuietButton
          text={`${terms.validDays} days`}
          onPress={() => setOpen('days')}
          testID="estimate-days"
        />
      </View>
    </View>
  ) : null
}
