// The can's jumpers as a hand put them on: wrong sums, a section for two loads, the larger share over a jumper, a jumper to C.
import { CAN, hookupWith, onPost, requestFor } from '../../testing/fixtures'
import type { CanAsPut } from '../../wiring/new-can'

// 40 µF for the compressor: 20 and 20; 7.5 for the fan: 5 and 2.5 (the demo motor's tag), lead on 5.
const SHARED = requestFor('cooling-1-pole-shared-capacitor', 'rowan-25r')
const PLANNED = [...hookupWith(SHARED, {}).can.jumpers]
const put = (jumpers: CanAsPut['jumpers'], wires: CanAsPut['wires'] = [], moves = {}) =>
  hookupWith({ ...SHARED, put: { jumpers, wires } }, moves)
const jumper = (from: string, to: string) => ({ from: `CAN-${from}`, to: `CAN-${to}` })
const HERM = hookupWith(SHARED, {}).unitWires.find((w) => w.from === 'COMP-S' || w.to === 'COMP-S')?.id ?? ''

describe('jumpers as they are', () => {
  it('as planned they are what the plan says, and proven', () => {
    expect(PLANNED).toHaveLength(2)
    const { proof, can, plan } = put(PLANNED)
    expect(proof.verdict).toBe('proven')
    expect(can.groups.map((g) => [g.load, g.sections, g.lead])).toEqual(
      plan.groups.map((g) => [g.load, g.sections, g.lead]),
    )
  })
  it('the same µF by another section alike is as good, and the papers have it', () => {
    const { proof, can } = put([jumper('20a', '20b'), jumper('5b', '2.5')], [], { brown: onPost('CAN-5b') })
    expect(proof.verdict).toBe('proven')
    const fan = can.groups.find((g) => g.load === 'FAN')
    expect(fan).toMatchObject({ lead: '5b', sections: ['5b', '2.5'], microfarads: 7.5 })
    // 2.5 of 7.5 µF.
    expect(fan?.jumpers[0]?.share).toBeCloseTo(1 / 3, 9)
  })
  it('a jumper that is off leaves the load with the one section', () => {
    const { proof } = put([jumper('20a', '20b')])
    expect(proof.verdict).toBe('stop')
    expect(proof.sentence).toBe('The start lead gets 5 µF; the motor’s tag asks for 7.5 µF ± 6 %.')
    const half = put(PLANNED.filter((j) => j.from !== 'CAN-20a'))
    expect(half.proof.sentence).toBe('The compressor gets 20 µF; it asks for 40 µF ± 6 %.')
  })
  it('one between the fan’s sections and the compressor’s makes one serve two loads', () => {
    const { proof } = put([...PLANNED, jumper('20b', '5a')])
    expect(proof.verdict).toBe('stop')
    expect(proof.sentence).toBe(
      'A jumper joins the fan’s section and the compressor’s: no section may serve two loads.',
    )
    // The lead itself on the compressor's post is told as the lead's fault.
    expect(put(PLANNED, [], { brown: onPost('CAN-20a') }).proof.sentence).toContain('The start lead is on')
  })
  it('one to C shorts its section, whichever end it is named from', () => {
    for (const wrong of [jumper('2.5', 'C'), jumper('C', '2.5')]) {
      const { proof } = put([...PLANNED, wrong])
      expect(proof.verdict).toBe('stop')
      expect(proof.sentence).toBe(
        'A jumper joins C and the 2.5 µF section of the new can: the section is shorted, and what is on it is straight on C’s line. Take the jumper off.',
      )
    }
    expect(put([...PLANNED, jumper('20a', 'C')]).proof.verdict).toBe('stop')
    expect(put([...PLANNED, jumper('10', 'C')]).proof.verdict).toBe('stop')
  })
  it('a load’s wire on the small section puts the larger share over the jumper: watched, with the better post', () => {
    const { proof } = put(PLANNED, [], { brown: onPost('CAN-2.5') })
    expect(proof.verdict).toBe('watch')
    // 5 of 7.5, against 2.5 of 7.5.
    expect(proof.hazards[0]?.message).toBe(
      'The fan’s wire is on the 2.5 µF section of the new can, so a jumper carries 67 % of its capacitor current. On the 5 µF section of the new can it carries 33 %.',
    )
  })
  it('the same of the compressor, whose wire can be put on another post too', () => {
    const request = { ...SHARED, compressorMicrofarads: 45, put: { jumpers: [], wires: [] } }
    // 20, 20 and 5: in a row from the 5 the first jumper carries 40 of 45.
    const jumpers = [jumper('5a', '20a'), jumper('20a', '20b'), jumper('5b', '2.5')]
    const { proof } = hookupWith(
      { ...request, put: { jumpers, wires: [{ wire: HERM, post: 'CAN-5a' }] } },
      {},
    )
    expect(proof.hazards.map((h) => h.message)).toEqual([
      'The compressor’s wire is on the 5 µF section of the new can, so a jumper carries 89 % of its capacitor current. On the 20 µF section of the new can it carries 44 %.',
    ])
    const wrong = put(PLANNED, [{ wire: HERM, post: 'CAN-10' }])
    expect(wrong.proof.sentence).toBe('The compressor gets 10 µF; it asks for 40 µF ± 6 %.')
    expect(put(PLANNED, [{ wire: HERM, post: 'CAN-C' }]).proof.verdict).toBe('stop')
  })
  it('are told outward from the load’s wire, whichever end each was named from, with the amps they carry', () => {
    const chain = [jumper('2.5', '5b'), jumper('20b', '20a')]
    const { can, proof } = put(chain, [], { brown: onPost('CAN-5b') })
    const fan = can.groups.find((g) => g.load === 'FAN')
    expect(fan?.jumpers.map(({ from, to }) => [from, to])).toEqual([['5b', '2.5']])
    expect(proof.verdict).toBe('proven')
    const carried = proof.modes.find((m) => m.fanRuns)?.solution.jumpers ?? []
    expect(carried.map(({ from, to }) => [from, to])).toEqual(
      can.groups.flatMap((g) => g.jumpers.map(({ from, to }) => [from, to])),
    )
    // Half of the compressor's, a third of the fan's.
    for (const { share, from } of carried) expect(share).toBeCloseTo(from === '5b' ? 1 / 3 : 1 / 2, 1)
  })
  it('a worse jumper never makes a milder verdict', () => {
    const posts = ['C', ...CAN.sections.map((s) => s.id)]
    for (const [i, a] of posts.entries())
      for (const b of posts.slice(i + 1)) {
        const { proof, can } = put([...PLANNED, jumper(a, b)])
        const touched = can.groups.some((g) => g.sections.some((s) => s === a || s === b))
        const inOne = can.groups.some((g) => g.sections.includes(a) && g.sections.includes(b))
        if (!touched && a !== 'C') expect([a, b, proof.verdict]).toEqual([a, b, 'proven'])
        else if (!inOne) expect([a, b, proof.verdict]).toEqual([a, b, 'stop'])
      }
  })
})
