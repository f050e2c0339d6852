// The device's settings come back at the next start. A value that no version of the app knows is passed over.
import { keptText, READ_SETTING, useDeviceSettings, type DeviceSettings } from '../../ui/device-settings'

export interface FactKeeper {
  readonly fact: (name: string) => Promise<string | number | undefined>
  readonly setFact: (name: string, value: string) => Promise<void>
}

/** Names under which they are kept since the first version. */
const NAMES: Readonly<Record<keyof DeviceSettings, string>> = {
  lengthUnit: 'length unit',
  temperatureUnit: 'temperature unit',
  look: 'look',
  hand: 'hand',
  aims: 'aims',
  cardPaper: 'card paper',
}
const KEYS = Object.keys(NAMES) as (keyof DeviceSettings)[]

/** Reads what is kept, and from then on keeps what is set. */
export async function keepSettings(keeper: FactKeeper): Promise<void> {
  const kept = await Promise.all(KEYS.map((key) => keeper.fact(NAMES[key])))
  for (const [i, key] of KEYS.entries()) {
    const text = kept[i]
    const read = typeof text === 'string' ? READ_SETTING[key](text) : null
    if (read !== null) useDeviceSettings.setState({ [key]: read })
  }
  useDeviceSettings.subscribe((now, before) => {
    for (const key of KEYS)
      if (now[key] !== before[key])
        keeper
          .setFact(NAMES[key], keptText(now[key]))
          .catch((error: unknown) => console.warn('A setting is not kept for the next start:', error))
  })
}
