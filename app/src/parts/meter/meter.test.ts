// One contract for both meters; then what is particular to each.
import type { MeterListener, MeterPort, MeterReading } from './port'
import { simulatedMeter, type Line } from './simulated-meter'
import { typedMeter } from './typed-meter'

const REQUEST = { quantity: 'volts' as const, probe: 'volts-supply', job: 'job-1' }

class FakeLine implements Line {
  onmessage: Line['onmessage'] = null
  onerror: Line['onerror'] = null
  closed = false
  close = () => void (this.closed = true)
  say(value: number | 'OL') {
    this.onmessage?.({
      data: JSON.stringify({
        meter: 'Plover 600',
        value,
        range: 600,
        accuracy: { percent: 1, counts: 3, resolution: 0.1 },
      }),
    })
  }
}

function listener() {
  const heard: (MeterReading | string)[] = []
  const ear: MeterListener = { onReading: (r) => heard.push(r), onGone: (why) => heard.push(why) }
  return { heard, ear }
}

interface Rig {
  readonly port: MeterPort
  /** Makes the meter show a value. */
  readonly show: (value: number | 'OL') => void
}
const typed = (): Rig => {
  const port = typedMeter()
  return { port, show: port.enter }
}
const simulated = (): Rig & { readonly lines: FakeLine[] } => {
  const lines: FakeLine[] = []
  const port = simulatedMeter(() => {
    const line = new FakeLine()
    lines.push(line)
    return line
  })
  return { port, lines, show: (value) => lines.at(-1)?.say(value) }
}

describe.each([
  ['typed', typed],
  ['simulated', simulated],
] as const)('a %s meter', (_, rig) => {
  it('gives readings of the quantity asked for, with its name', () => {
    const { port, show } = rig()
    const { heard, ear } = listener()
    port.start(REQUEST, ear)
    show(238.4)
    expect(heard).toEqual([
      expect.objectContaining({ quantity: 'volts', value: 238.4, meter: expect.stringMatching(/./) }),
    ])
  })
  it('gives OL as OL', () => {
    const { port, show } = rig()
    const { heard, ear } = listener()
    port.start(REQUEST, ear)
    show('OL')
    expect(heard).toEqual([expect.objectContaining({ value: 'OL' })])
  })
  it('says nothing after it was stopped, nor before it was started', () => {
    const { port, show } = rig()
    const { heard, ear } = listener()
    show(1)
    const stop = port.start(REQUEST, ear)
    stop()
    show(2)
    stop()
    expect(heard).toEqual([])
  })
  it('stopped late, leaves the next reading alone', () => {
    const { port, show } = rig()
    const [first, second] = [listener(), listener()]
    const stopFirst = port.start(REQUEST, first.ear)
    port.start({ ...REQUEST, probe: 'volts-motor' }, second.ear)
    stopFirst()
    show(3)
    expect([first.heard.length, second.heard.length]).toEqual([0, 1])
  })
})

describe('the simulated meter', () => {
  it('that vanishes says so once, and closes its line', () => {
    const { port, lines } = simulated()
    const { heard, ear } = listener()
    port.start(REQUEST, ear)
    lines[0]?.onerror?.()
    lines[0]?.say(5)
    lines[0]?.onerror?.()
    expect([heard, lines[0]?.closed]).toEqual([
      ['The meter is gone: its line dropped. Try again, or type the reading.'],
      true,
    ])
  })
  it.each(['', 'hello', '{"value":-4}', '[]', 'null'])('that sends %j is not believed', (data) => {
    const { port, lines } = simulated()
    const { heard, ear } = listener()
    port.start(REQUEST, ear)
    lines[0]?.onmessage?.({ data })
    expect(heard).toEqual(['The meter sends what is not a reading.'])
  })
})
