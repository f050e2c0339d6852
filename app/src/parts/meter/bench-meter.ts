// The meter on the practice bench, for the stages of a practice job: what it shows there can be held here.
import { QUANTITY_UNITS } from '@oak/core/meter/measurement'
import { thePractice } from '../../platform/state/app'
import type { MeterPort } from './port'

export const benchMeter = (): MeterPort => ({
  name: 'bench meter',
  start({ quantity, job }, { onReading, onGone }) {
    const { meter } = thePractice().store.getState()
    if (meter?.job === job && meter.quantity === quantity)
      onReading({ quantity, value: meter.value, accuracy: null, range: null, meter: 'the bench’s meter' })
    else
      onGone(
        `The bench’s meter shows no ${QUANTITY_UNITS[quantity]} now: go to the bench, and put its probes there.`,
      )
    return () => undefined
  },
})
