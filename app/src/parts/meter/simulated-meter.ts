// The clamp meter that ships with the server, read over server-sent events.
import * as v from 'valibot'
import { AccuracySchema, ReadingValueSchema } from '@oak/core/meter/measurement'
import type { MeterPort } from './port'

const FrameSchema = v.object({
  meter: v.pipe(v.string(), v.minLength(1), v.maxLength(60)),
  value: ReadingValueSchema,
  range: v.pipe(v.number(), v.gtValue(0)),
  accuracy: AccuracySchema,
})

/** The part of EventSource that is used, so that a test can stand in for the line. */
export interface Line {
  onmessage: ((event: { readonly data: string }) => void) | null
  onerror: (() => void) | null
  readonly close: () => void
}

const GONE = 'The meter is gone: its line dropped. Try again, or type the reading.'

export function simulatedMeter(
  open: (url: string) => Line = (url) => new EventSource(url) as Line,
): MeterPort {
  return {
    name: 'clamp meter',
    start({ quantity, probe, job }, { onReading, onGone }) {
      let over = false
      const line = open(`/api/meter/stream?${new URLSearchParams({ quantity, probe, job })}`)
      const end = () => {
        over = true
        line.close()
      }
      line.onmessage = ({ data }) => {
        if (over) return
        const frame = parseFrame(data)
        if (frame)
          return onReading({
            quantity,
            value: frame.value,
            accuracy: frame.accuracy,
            range: frame.range,
            meter: frame.meter,
          })
        end()
        onGone('The meter sends what is not a reading.')
      }
      // A dropped line is not taken up again by itself: readings before and after might be of different places.
      line.onerror = () => {
        if (over) return
        end()
        onGone(GONE)
      }
      return end
    },
  }
}

function parseFrame(data: string): v.InferOutput<typeof FrameSchema> | null {
  try {
    const parsed = v.safeParse(FrameSchema, JSON.parse(data))
    return parsed.success ? parsed.output : null
  } catch {
    return null
  }
}
