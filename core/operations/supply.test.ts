// The supply of this unit in what the operations say: by hand from ± 10 % of each motor's plate (208–230 V, or 115 V; all 60 Hz).
import type { HookupOutput } from './hookup-output'
import type { StartupOutput } from './startup-verdict'
import { requestFor } from '../testing/fixtures'
import { BLOWER_CAN } from '../testing/circuits'
import { runOperation } from './registry'
import { DIAGNOSE, HOOKUP } from './testing/inputs'

const asked = (supply: object, hookup: object = HOOKUP) => ({ ...hookup, supply })
const told = (supply: object, hookup: object = HOOKUP) => {
  const result = runOperation('hookup', asked(supply, hookup))
  if (!result.ok) throw new Error(result.error.message)
  const { proof, supply: on } = result.output as HookupOutput
  return {
    verdict: proof.verdict,
    sentence: proof.sentence,
    on: on.words,
    codes: proof.hazards.map((h) => h.code),
  }
}
const plate = (volts: number) => ({ unitPlate: [{ low: volts, high: volts }] })

describe('a motor of 208–230 V, 60 Hz', () => {
  it('on what such units usually have is proven', () =>
    expect(told({})).toMatchObject({
      verdict: 'proven',
      on: '230 V, 60 Hz, as such units usually have',
    }))
  it('on a unit whose plate says 460 V cannot be told until one is chosen', () =>
    expect(told(plate(460))).toMatchObject({
      verdict: 'cannotTell',
      sentence:
        'Cannot tell yet: The unit’s plate says 460 V, and such units usually have 230 V: choose which is right.',
    }))
  it('on 460 V, chosen, is stopped, with the limit', () => {
    const { verdict, sentence } = told({ ...plate(460), chosenVolts: 460 })
    expect(verdict).toBe('stop')
    // 460 / 230 = 2: twice, 100 % over.
    expect(sentence).toBe(
      'The supply is 460 V; the motor is rated 208–230 V. That is 100 % too high for 230 V; 10 % is the most.',
    )
  })
  it('on a plate of 208 V, or 205 V read, is proven for that', () => {
    expect(told(plate(208))).toMatchObject({ verdict: 'proven', on: '208 V, 60 Hz, by the unit’s plate' })
    expect(told({ meterVolts: 205 })).toMatchObject({ verdict: 'proven', on: '208 V, 60 Hz, by the meter' })
  })
  it('on 50 Hz is stopped, and the hertz are named', () => {
    const { verdict, sentence } = told({ hertz: 50 })
    expect([verdict, sentence]).toEqual([
      'stop',
      'The supply is 50 Hz; the motor is made for 60 Hz: it draws more, turns slower and gets hot.',
    ])
  })
  it('whose tag says 240 V alone is 13 % low on 208 V', () => {
    const sheet = {
      ...HOOKUP.sheet,
      nameplate: { ...HOOKUP.sheet.nameplate, volts: { low: 240, high: 240 } },
    }
    // 1 - 208 / 240 = 13.3 %
    expect(told({ meterVolts: 208 }, { ...HOOKUP, sheet }).sentence).toBe(
      'The supply is 208 V; the motor is rated 240 V. That is 13 % too low for 240 V; 10 % is the most.',
    )
  })
})

describe('a motor of 115 V on a fan coil', () => {
  const { unit, wires, sheet, wanted } = requestFor('fan-coil-three-speed', 'alder-33b')
  const coil = { unit: unit.id, wires, sheet, wanted, can: BLOWER_CAN }
  it('is proven on 120 V', () => expect(told({}, coil).verdict).toBe('proven'))
  it('is not proven on a plate of 277 V, and stopped once 277 V is chosen', () => {
    expect(told(plate(277), coil).verdict).toBe('cannotTell')
    const chosen = told({ ...plate(277), chosenVolts: 277 }, coil)
    expect(chosen.verdict).toBe('stop')
    expect(chosen.codes).toContain('voltage-class')
  })
})

describe('what else asks for the supply', () => {
  it('prove, netlist, card and start-up take the same facts', () => {
    const on = asked({ chosenVolts: 208 })
    const text = (name: string, input: unknown) => JSON.stringify(runOperation(name, input))
    expect(text('prove', on)).not.toBe(text('prove', HOOKUP))
    const netlist = runOperation('netlist', { hookup: on, mode: 'cooling' })
    // Two lines of 208 V, 104 V each from earth.
    expect(netlist.ok && (netlist.output as { text: string }).text).toMatch(/1\.04\d*e\+2/)
    const heading = { job: 'j', title: 't', site: '', date: '', technician: '', readings: [] }
    expect(runOperation('hookup-card', { hookup: asked(plate(460)), heading })).toMatchObject({
      ok: true,
      output: { card: null },
    })
    const expected = (hookup: object) =>
      (runOperation('startup-verdict', { hookup }) as { output: StartupOutput }).output.expected[0]?.amps
    expect(expected(on)).not.toBeCloseTo(expected(HOOKUP) ?? 0, 3)
  })
  it('a fault on a 208 V unit: 200 V read there are right, on a 277 V one they are low', () => {
    const read = (supply: object) => {
      const result = runOperation('diagnose', {
        ...DIAGNOSE,
        supply,
        readings: { 'volts-supply': { quantity: 'volts', value: 200 } },
      })
      return (
        result as { output: { readings: { test: string; answer: string | null }[] } }
      ).output.readings.find((r) => r.test === 'supply')?.answer
    }
    expect([read({ chosenVolts: 208 }), read({ chosenVolts: 277 })]).toEqual(['right', 'low'])
  })
  it.each([
    [{ chosenVolts: 0 }, 'supply.chosenVolts: A supply below 24 V feeds no fan motor.'],
    [{ chosenVolts: 24000 }, 'supply.chosenVolts: A supply above 1000 V is not believable: read it again.'],
    [{ hertz: 400 }, 'supply.hertz: The supply is 50 or 60 Hz.'],
  ])('%j is refused in words', (supply, words) => {
    const result = runOperation('hookup', asked(supply))
    expect(result.ok ? '' : `${result.error.path}: ${result.error.message}`).toBe(words)
  })
})
