import { setDeviceSetting, useDeviceSettings } from '../../ui/device-settings'
import { keepSettings } from './keep-settings'

function keeperOf(kept: Record<string, string>) {
  return {
    kept,
    fact: (name: string) => Promise.resolve(kept[name]),
    setFact: (name: string, value: string) => {
      kept[name] = value
      return Promise.resolve()
    },
  }
}

it('comes back as it was kept; what no version knows is passed over', async () => {
  await keepSettings(keeperOf({ 'length unit': 'mm', look: 'dusk' }))
  expect(useDeviceSettings.getState()).toEqual({ lengthUnit: 'mm', look: 'device' })
})

it('what is set is kept, and nothing else is touched', async () => {
  const keeper = keeperOf({ device: 'a phone' })
  await keepSettings(keeper)
  setDeviceSetting('look', 'night')
  expect(keeper.kept).toEqual({ device: 'a phone', look: 'night' })
})
