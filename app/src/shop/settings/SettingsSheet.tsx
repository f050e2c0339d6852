// Every setting in one place: who works, this device, and how the shop works.
import { useState } from 'react'
import { View } from 'react-native'
import { useRouter } from 'expo-router'
import type { Pairing } from '../../platform/crew/pairing'
import { theJobs, useCrew, useJobs, useVan } from '../../platform/state/app'
import { Choice } from '../../ui/Choice'
import { DeviceAims } from '../../parts/stock/AimOrder'
import { setDeviceSetting, useDeviceSettings, type DeviceSettings } from '../../ui/device-settings'
import { whoWords } from '../crew/phone-words'
import { QuietButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import { TextField } from '../../ui/TextField'
import { Words } from '../../ui/Words'
import { LetterheadForm } from './LetterheadForm'
import { ShopSettings, TolerancePad } from './ShopSettings'

export function SettingsSheet({ onClose }: { readonly onClose: () => void }) {
  const { settings } = useVan().document
  const [typing, setTyping] = useState(false)
  // One at a time has the keys: the pad stands in the sheet's place.
  if (typing) return <TolerancePad settings={settings} onClose={() => setTyping(false)} />
  return (
    <Sheet title="Settings" open onClose={onClose} testID="settings-sheet">
      <Who onLeave={onClose} />
      <ThisDevice />
      <ShopSettings settings={settings} onTolerance={() => setTyping(true)} />
      <LetterheadForm settings={settings} />
    </Sheet>
  )
}

function Who({ onLeave }: { readonly onLeave: () => void }) {
  const pairing = useCrew((s) => s.pairing)
  return (
    <View style={{ gap: 8 }}>
      <Words size="strong" heading={3}>
        Who is working
      </Words>
      {pairing ? <OfShop pairing={pairing} onLeave={onLeave} /> : <Name />}
    </View>
  )
}

interface OfShopProps {
  readonly pairing: Pairing
  readonly onLeave: () => void
}

/** A paired phone is somebody's: the name was given with the code. */
function OfShop({ pairing, onLeave }: OfShopProps) {
  const router = useRouter()
  const go = () => {
    onLeave()
    router.navigate('/phones')
  }
  return (
    <>
      <Words testID="whose">
        {`${whoWords(pairing.person, pairing.role)} This phone is “${pairing.name}”.`}
      </Words>
      {pairing.role === 'owner' ? (
        <QuietButton text="Phones of the shop" icon="list" onPress={go} testID="to-phones" />
      ) : null}
    </>
  )
}

/** Who makes the edits from now on: it stands in the history and on the card. */
function Name() {
  const technician = useJobs((s) => s.technician)
  const [name, setName] = useState(technician)
  return (
    <>
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
    </>
  )
}

function ThisDevice() {
  return (
    <View style={{ gap: 8 }}>
      <Words size="strong" heading={3}>
        This device
      </Words>
      <Setting of="lengthUnit" label="Lengths" options={LENGTHS} testID="set-length-unit" />
      <Setting of="temperatureUnit" label="Temperatures" options={DEGREES} testID="set-degrees" />
      <Setting of="look" label="Day or night" options={LOOKS} testID="set-look" />
      <Setting of="hand" label="The hand that holds it" options={HANDS} testID="set-hand" />
      <Words size="small">A capacitor from the van</Words>
      <DeviceAims />
      <Words size="small" tone="quiet">
        Dates are written as this device writes them; figures and money with a point, as tags, cans and papers
        have them. A comma on a pad is a point.
      </Words>
    </View>
  )
}

/** The settings of one value out of a few. */
type OfChoice = Exclude<keyof DeviceSettings, 'aims'>
type Options<K extends OfChoice> = readonly { readonly value: DeviceSettings[K]; readonly text: string }[]

const LENGTHS: Options<'lengthUnit'> = [
  { value: 'in', text: 'inches' },
  { value: 'mm', text: 'millimetres' },
]
const DEGREES: Options<'temperatureUnit'> = [
  { value: 'F', text: '°F' },
  { value: 'C', text: '°C' },
]
const LOOKS: Options<'look'> = [
  { value: 'device', text: 'as the device' },
  { value: 'day', text: 'day' },
  { value: 'night', text: 'night' },
]
const HANDS: Options<'hand'> = [
  { value: 'left', text: 'left' },
  { value: 'right', text: 'right' },
]

interface SettingProps<K extends OfChoice> {
  readonly of: K
  readonly label: string
  readonly options: Options<K>
  readonly testID: string
}

function Setting<K extends OfChoice>({ of, label, options, testID }: SettingProps<K>) {
  const value = useDeviceSettings((s) => s[of])
  return (
    <View style={{ gap: 4 }}>
      <Words size="small" unheard>
        {label}
      </Words>
      <Choice<DeviceSettings[K]>
        label={label}
        value={value}
        onChange={(next) => setDeviceSetting(of, next)}
        testID={testID}
        options={options}
      />
    </View>
  )
}
