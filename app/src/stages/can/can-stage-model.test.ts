import { CANS } from '@oak/core/capacitor/cans'
import { EMPTY_JOB } from '@oak/core/job/document'
import { LEAD_SHEETS } from '@oak/core/motor/lead-sheets'
import { killEdits, whatLacks } from './can-stage-model'

const can = CANS[0]
if (!can) throw new Error('no can ships with the app')
const motor = LEAD_SHEETS[0] ?? null

it('asks for one thing at a time: the compressor’s value on a shared can, the motor, a live section', () => {
  const none = { compressorMicrofarads: null, motor: null }
  expect(whatLacks(none, true, can)).toBe('Enter what the compressor needs.')
  expect(whatLacks(none, false, can)).toBe('Pick the motor first: its tag says what the fan needs.')
  expect(whatLacks({ compressorMicrofarads: 40, motor }, true, { sections: [] })).toBe(
    'Every section of this can is dead: take another.',
  )
  expect(whatLacks({ compressorMicrofarads: 40, motor }, true, can)).toBeNull()
})
it('a press marks a section dead, a second one brings it back', () => {
  const section = can.sections[0]?.id ?? ''
  const [dead] = killEdits(EMPTY_JOB, can, section)
  expect(dead).toMatchObject({ path: ['deadSections', expect.stringContaining(section)], value: true })
  const key = dead?.path[1] ?? ''
  expect(killEdits({ deadSections: { [key]: true } }, can, section)).toEqual([
    { path: ['deadSections', key], value: null },
  ])
})
