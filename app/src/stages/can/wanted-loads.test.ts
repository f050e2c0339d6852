import { leadSheetById } from '@oak/core/motor/lead-sheets'
import { wantedLoads } from './wanted-loads'

const motor = leadSheetById('rowan-25r') ?? null
const label = (volts: number, sections = [40, 5]) => ({
  sections,
  range: null,
  volts,
  tolerancePercent: null,
})
const known = (canMarking: ReturnType<typeof label> | null) => ({
  motor,
  compressorMicrofarads: 40,
  canMarking,
})

it('each load asks for its own volts: the fan by its tag (370 V), the compressor by the old label', () => {
  expect(wantedLoads(known(label(440)), true)).toEqual([
    { load: 'HERM', microfarads: 40, volts: 440 },
    { load: 'FAN', microfarads: 7.5, volts: 370 },
  ])
  expect(wantedLoads(known(label(370)), true)[0]?.volts).toBe(370)
})
it('the fan’s tag never speaks for the compressor: without a label, or with that of a single, 440 V serve any', () => {
  expect(wantedLoads(known(null), true)[0]?.volts).toBe(440)
  expect(wantedLoads(known(label(370, [5])), true)[0]?.volts).toBe(440)
})
it('a can of its own serves the fan alone', () =>
  expect(wantedLoads(known(null), false).map((l) => l.load)).toEqual(['FAN']))
it('nothing is planned until every load that the old can served has its value', () => {
  expect(wantedLoads({ ...known(null), compressorMicrofarads: null }, true)).toEqual([])
  expect(wantedLoads({ ...known(null), motor: null }, true)).toEqual([])
  const none = motor && { ...motor, capacitor: null }
  expect(wantedLoads({ ...known(null), motor: none }, true).map((l) => l.load)).toEqual(['HERM'])
})
