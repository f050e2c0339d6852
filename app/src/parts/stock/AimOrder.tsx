// What counts in a capacitor from the van, as a numbered row: the aim that is pressed comes first. Kept on this device.
import { View } from 'react-native'
import { setDeviceSetting, useDeviceSettings } from '../../ui/device-settings'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { AIM_WORDS, withFirst } from './stock-plan-model'

export function AimOrder() {
  const palette = usePalette()
  const aims = useDeviceSettings((s) => s.aims)
  return (
    <View style={{ gap: 8 }}>
      <Words size="small">What counts, first to last. Press one to put it first.</Words>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }} testID="aims">
        {aims.map((aim, i) => (
          <Tap
            key={aim}
            testID={`aim-${aim}`}
            label={`${i + 1} ${AIM_WORDS[aim]}${i === 0 ? '' : ', put it first'}`}
            onPress={() => setDeviceSetting('aims', withFirst(aims, aim))}
            style={{
              borderRadius: 8,
              borderWidth: i === 0 ? 3 : 1.5,
              borderColor: i === 0 ? palette.ink : palette.edge,
              backgroundColor: i === 0 ? palette.surface : undefined,
              paddingHorizontal: 10,
            }}
          >
            <Words size={i === 0 ? 'strong' : 'small'}>
              {i + 1} {AIM_WORDS[aim]}
            </Words>
          </Tap>
        ))}
      </View>
    </View>
  )
}
