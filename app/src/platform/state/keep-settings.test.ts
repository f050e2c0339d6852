import { setDeviceSetting, USUAL_SETTINGS, useDeviceSettings } from '../../ui/device-settings'
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
  const aims = 'cost parts error jumpers opened versatile'
  await keepSettings(
    keeperOf({
      'length unit': 'mm',
      look: 'dusk',
      'temperature unit': 'C',
      hand: 'left',
      aims,
      'card paper': 'half-letter',
    }),
  )
  expect(useDeviceSettings.getState()).toEqual({
    lengthUnit: 'mm',
    temperatureUnit: 'C',
    look: 'device',
    hand: 'left',
    aims: ['cost', 'parts', 'error', 'jumpers', 'opened', 'versatile'],
    cardPaper: 'half-letter',
  })
})

it.each(['cost', '', 'cost cost parts error jumpers opened', 'cost parts error jumpers opened cheap'])(
  'an order of aims that is not whole is passed over: “%s”',
  async (aims) => {
    useDeviceSettings.setState(USUAL_SETTINGS)
    await keepSettings(keeperOf({ aims }))
    expect(useDeviceSettings.getState().aims).toEqual(USUAL_SETTINGS.aims)
  },
)

it('what is set is kept, and nothing else is touched', async () => {
  const keeper = keeperOf({ device: 'a phone' })
  await keepSettings(keeper)
  setDeviceSetting('look', 'night')
  setDeviceSetting('aims', ['cost', 'parts', 'error', 'jumpers', 'opened', 'versatile'])
  expect(keeper.kept).toEqual({
    device: 'a phone',
    look: 'night',
    aims: 'cost parts error jumpers opened versatile',
  })
})
