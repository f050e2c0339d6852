// How the shop works: hertz of the supplies here, and how far a capacitor may be from the tag. New jobs take both over as their own.
import { useState } from 'react'
import { View } from 'react-native'
import { DEFAULT_TOLERANCE_PERCENT } from '@oak/core/capacitor/verdict'
import type { ShopSettings } from '@oak/core/job/van'
import { figure } from '@oak/core/quantity/display'
import { USUAL_HERTZ } from '@oak/core/supply/supply'
import { editVan } from '../../platform/state/app'
import { Choice } from '../../ui/Choice'
import { NumberPad } from '../../ui/NumberPad'
import { QuietButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import { Words } from '../../ui/Words'

/** "60 Hz, ±6 % of the tag" */
export const settingsWords = ({ hertz, tolerancePercent }: ShopSettings): string =>
  `${hertz ?? USUAL_HERTZ} Hz, ±${figure(tolerancePercent ?? DEFAULT_TOLERANCE_PERCENT)} % of the tag`

interface ShopSettingsSheetProps {
  readonly settings: ShopSettings
  readonly onClose: () => void
}

export function ShopSettingsSheet({ settings, onClose }: ShopSettingsSheetProps) {
  const [open, setOpen] = useState(false)
  const tolerance = settings.tolerancePercent ?? DEFAULT_TOLERANCE_PERCENT
  const set = (key: keyof ShopSettings, value: number) => editVan([{ path: ['settings', key], value }])
  if (open)
    return (
      <NumberPad
        title="How far from the tag’s µF"
        unit="%"
        value={tolerance}
        open
        onClose={() => setOpen(false)}
        onSet={(value) => set('tolerancePercent', value)}
      />
    )
  return (
    <Sheet title="How this shop works" open onClose={onClose} testID="shop-settings">
      <View style={{ gap: 12 }}>
        <Words size="strong" heading={2}>
          Supplies here
        </Words>
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
        <Words size="strong" heading={2}>
          How far a capacitor may be from the tag
        </Words>
        <QuietButton
          text={`±${figure(tolerance)} %`}
          icon="pencil"
          onPress={() => setOpen(true)}
          testID="shop-tolerance"
        />
        <Words size="small" tone="quiet">
          New jobs take these over as their own; jobs that are begun keep theirs. A wider marking on a can
          widens nothing: it is doubt on top.
        </Words>
      </View>
    </Sheet>
  )
}
