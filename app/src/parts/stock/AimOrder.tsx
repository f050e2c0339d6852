// What counts in a capacitor from the van, as a numbered row: the aim that is pressed comes first.
import { View } from 'react-native'
import type { Aim } from '@oak/core/capacitor/stock-plan/aims'
import { setDeviceSetting, useDeviceSettings } from '../../ui/device-settings'
import { SmallButton } from '../../ui/PrimaryButton'
import { Words } from '../../ui/Words'
import { AIM_WORDS, withFirst } from './stock-plan-model'

interface AimOrderProps {
  readonly aims: readonly Aim[]
  readonly onChange: (aims: readonly Aim[]) => void
}

/** The order of this device: where a job has none of its own. */
export const DeviceAims = () => (
  <AimOrder aims={useDeviceSettings((s) => s.aims)} onChange={(aims) => setDeviceSetting('aims', aims)} />
)

export function AimOrder({ aims, onChange }: AimOrderProps) {
  return (
    <View style={{ gap: 8 }}>
      <Words size="small">What counts, first to last. Press one to put it first.</Words>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }} testID="aims">
        {aims.map((aim, i) => (
          <SmallButton
            key={aim}
            testID={`aim-${aim}`}
            text={`${i + 1} ${AIM_WORDS[aim]}`}
            label={`${i + 1} ${AIM_WORDS[aim]}${i === 0 ? '' : ', put it first'}`}
            bold={i === 0}
            onPress={() => onChange(withFirst(aims, aim))}
          />
        ))}
      </View>
    </View>
  )
}
