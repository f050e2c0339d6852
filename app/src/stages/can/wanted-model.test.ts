import { EMPTY_JOB } from '@oak/core/job/document'
import { leadSheetById } from '@oak/core/motor/lead-sheets'
import { wantedInput } from './wanted-model'

const marking = (sections: number[]) => ({
  ...EMPTY_JOB,
  canMarking: { sections, range: null, volts: 440, tolerancePercent: 6 },
})

it('asks with the tag for the fan, the plate for the compressor, and the reading as an interval', () => {
  const job = {
    ...marking([45, 5]),
    motor: leadSheetById('rowan-25r')!,
    compressorMicrofarads: 45,
    readings: {
      FAN: {
        of: 'FAN' as const,
        amps: 0.6,
        volts: 330,
        hertz: 60 as const,
        ratedMicrofarads: 5,
        tolerancePercent: 6,
      },
    },
  }
  const fan = wantedInput(job, 'FAN')
  expect(fan).toMatchObject({ newMotor: true, tag: 7.5, plate: null, label: 5 })
  expect(fan.reading!.low).toBeLessThan(4.83)
  expect(fan.reading!.high).toBeGreaterThan(4.82)
  expect(wantedInput(job, 'HERM')).toMatchObject({
    newMotor: false,
    tag: null,
    plate: 45,
    label: 45,
    reading: null,
  })
})
