// Every setting in one place: who works, this device, and how the shop works.
import { useState } from 'react'
import { View } from 'react-native'
import { theJobs, useJobs, useVan } from '../../platform/state/app'
import { Choice } from '../../ui/Choice'
import { setDeviceSetting, useDeviceSettings, type LengthUnit, type Look } from '../../ui/device-settings'
import { QuietButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import { TextField } from '../../ui/TextField'
import { Words } from '../../ui/Words'
import { ShopSettings, TolerancePad } from './ShopSettings'

export function SettingsSheet({ onClose }: { readonly onClose: () => void }) {
  const { settings } = useVan().document
  const [typing, setTyping] = useState(false)
  // One at a time has the keys: the pad stands in the sheet's place.
  if (typing) return <TolerancePad settings={settings} onClose={() => setTyping(false)} />
  return (
    <Sheet title="Settings" open onClose={onClose} testID="settings-sheet">
      <Who />
      <ThisDevice />
      <ShopSettings settings={settings} onTolerance={() => setTyping(true)} />
    </Sheet>
  )
}

/** Who makes the edits from now on: it stands in the history and on the card. */
function Who() {
  const technician = useJobs((s) => s.technician)
  const [name, setName] = useState(technician)
  return (
    <View style={{ gap: 8 }}>
      <Words size="strong" heading={3}>
        Who is working
      </Words>
      <TextField
        label="Your name, for the record and the card"
        value={name}
        onChangeText={setName}
        maxLength={300}
        testID="technician"
      />
      {name === technician ? null : (
        <QuietButton text="Keep this name" onPress={() => theJobs().setTechnician(name)} testID="keep-name" />
      )}
    </View>
  )
}

function ThisDevice() {
  const { lengthUnit, look } = useDeviceSettings()
  return (
    <View style={{ gap: 8 }}>
      <Words size="strong" heading={3}>
        This device
      </Words>
      <Choice<LengthUnit>
        label="Lengths"
        value={lengthUnit}
        onChange={(value) => setDeviceSetting('lengthUnit', value)}
        testID="set-length-unit"
        options={[
          { value: 'in', text: 'inches' },
          { value: 'mm', text: 'millimetres' },
        ]}
      />
      <Choice<Look>
        label="Day or night"
        value={look}
        onChange={(value) => setDeviceSetting('look', value)}
        testID="set-look"
        options={[
          { value: 'device', text: 'as the device' },
          { value: 'day', text: 'day' },
          { value: 'night', text: 'night' },
        ]}
      />
    </View>
  )
}
