// An estimate does not condemn: on correct hookups of 1,000 made-up plates of each kind, at the supply's rated volts and at both ends of
// what it may be, nothing is stopped and fewer than 2 % are watched.
import { hookupWith, requestFor } from '../../testing/fixtures'
import { drawsFrom } from '../../quantity/draws'
import { plateSheet } from '../../testing/plates'
import { onSupply } from '../../supply/supply'

const UNITS = { outdoor: 'cooling-2-pole-own-capacitor', blower: 'fan-coil-three-speed' } as const
// The rated volts, and 10 % off the end of the plate: 208 - 10 % and 230 + 10 %, or of 115.
const VOLTS = { outdoor: [230, 208, 253], blower: [120, 104, 126] } as const

describe.each(['outdoor', 'blower'] as const)('%s motors', (kind) => {
  it('correctly hooked up are not stopped, and seldom watched', () => {
    const draw = drawsFrom(2026)
    const told = { stop: 0, watch: 0, cannotTell: 0, proven: 0 }
    const words = new Set<string>()
    for (let i = 0; i < 1000; i++) {
      const sheet = plateSheet(kind, draw)
      const tag = sheet.capacitor ?? { microfarads: 0, volts: 0 }
      // The tag's own capacitor, as far off as its marking allows.
      const microfarads = tag.microfarads * (1 + 0.12 * (draw() - 0.5))
      const can = {
        name: 'single',
        volts: tag.volts,
        tolerancePercent: 6,
        sections: [{ id: 'a', microfarads }],
      }
      const request = requestFor(UNITS[kind], sheet.id, { can })
      const unit = onSupply(request.unit, { volts: VOLTS[kind][i % 3] ?? 0, hertz: 60 })
      const { proof } = hookupWith({ ...request, unit, sheet }, {})
      told[proof.verdict] += 1
      proof.hazards.forEach((h) => words.add(h.message))
    }
    expect([told.stop, told.cannotTell]).toEqual([0, 0])
    expect(told.watch).toBeLessThan(20)
    expect([...words].filter((text) => /burns/.test(text))).toEqual([])
  })
})

it('a stop by estimate says so, with its factor: run and start exchanged with the tag’s can on the main winding', () => {
  const { proof } = hookupWith(requestFor('cooling-2-pole-own-capacitor'), {
    white: { kind: 'post', post: 'CAN-C' },
    brown: { kind: 'post', post: 'T2' },
  })
  expect(proof.verdict).toBe('stop')
  for (const { code, message } of proof.hazards)
    if (code === 'winding-overcurrent') expect(message).toMatch(/^By estimate the .* times its rated .* A/)
})
