// The meter in the technician's hand: its readings come by way of the number pad.
import type { MeterListener, MeterPort, MeterRequest } from './port'

export interface TypedMeter extends MeterPort {
  /** What was typed, in the quantity's own unit; nothing happens while no reading is asked for. */
  readonly enter: (value: number | 'OL') => void
}

export function typedMeter(): TypedMeter {
  let asked: { readonly request: MeterRequest; readonly listener: MeterListener } | null = null
  return {
    name: 'typed',
    start(request, listener) {
      const mine = { request, listener }
      asked = mine
      return () => {
        if (asked === mine) asked = null
      }
    },
    enter(value) {
      asked?.listener.onReading({
        quantity: asked.request.quantity,
        value,
        accuracy: null,
        range: null,
        meter: 'typed',
      })
    },
  }
}
