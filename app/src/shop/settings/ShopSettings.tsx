// How the shop works: hertz of the supplies here, and how far a capacitor may be from the tag. New jobs take both over as their own.
import { View } from 'react-native'
import { DEFAULT_TOLERANCE_PERCENT } from '@oak/core/capacitor/verdict'
import type { ShopSettings as Settings } from '@oak/core/job/van'
import { figure } from '@oak/core/quantity/display'
import { USUAL_HERTZ } from '@oak/core/supply/supply'
import { editVan } from '../../platform/state/app'
import { Choice } from '../../ui/Choice'
import { NumberPad } from '../../ui/NumberPad'
import { QuietButton } from '../../ui/PrimaryButton'
import { Words } from '../../ui/Words'

/** "60 Hz, ±6 % of the tag" */
export const settingsWords = ({ hertz, tolerancePercent }: Settings): string =>
  `${hertz ?? USUAL_HERTZ} Hz, ±${figure(tolerancePercent ?? DEFAULT_TOLERANCE_PERCENT)} % of the tag`

const toleranceOf = ({ tolerancePercent }: Settings): number => tolerancePercent ?? DEFAULT_TOLERANCE_PERCENT
const set = (key: keyof Settings, value: number) => editVan([{ path: ['settings', key], value }])

interface ShopSettingsProps {
  readonly settings: Settings
  readonly onTolerance: () => void
}

export function ShopSettings({ settings, onTolerance }: ShopSettingsProps) {
  return (
    <View style={{ gap: 8 }} testID="shop-settings">
      <Words size="strong" heading={3}>
        How this shop works
      </Words>
      <Words size="small">Supplies here</Words>
      <Choice<'60' | '50'>
        label="Hertz of the supplies here"
        value={settings.hertz === 50 ? '50' : '60'}
        onChange={(hertz) => set('hertz', Number(hertz))}
        testID="shop-hertz"
        options={[
          { value: '60', text: '60 Hz' },
          { value: '50', text: '50 Hz' },
        ]}
      />
      <Words size="small">How far a capacitor may be from the tag</Words>
      <QuietButton
        text={`±${figure(toleranceOf(settings))} %`}
        icon="pencil"
        onPress={onTolerance}
        testID="shop-tolerance"
      />
      <Words size="small" tone="quiet">
        New jobs take these over as their own; jobs that are begun keep theirs. A wider marking on a can
        widens nothing: it is doubt on top.
      </Words>
    </View>
  )
}

interface TolerancePadProps {
  readonly settings: Settings
  readonly onClose: () => void
}

export function TolerancePad({ settings, onClose }: TolerancePadProps) {
  return (
    <NumberPad
      title="How far from the tag’s µF"
      unit="%"
      value={toleranceOf(settings)}
      open
      onClose={onClose}
      onSet={(value) => set('tolerancePercent', value)}
    />
  )
}
