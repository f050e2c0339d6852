import { DRAWN } from '../testing/shaft'
import fc from 'fast-check'
import { UNIT_TYPES } from '../wiring/unit-types'
import { HUB_CLEARANCE_INCHES, placeBlade, type ShaftEnd } from './blade-position'
import { mountingChecks, type MountedAs } from './checklist'
import { adviseDrains } from './drains'
import { judgeStud } from './studs'
import { centreWheel } from './wheel'

const at = (more: Partial<ShaftEnd>) => placeBlade({ ...DRAWN, ...more })
const codes = (more: Partial<ShaftEnd>) => at(more).notes.map((n) => [n.code, n.inches])

describe('blade position', () => {
  it('is the drawing’s', () => {
    expect(at({})).toEqual({
      from: 'measured',
      hubFromPlane: 8.5,
      hubFromFace: 3,
      shift: 1,
      oldFace: 6.5,
      newFace: 5.5,
      beyond: 0.75,
      cut: null,
      verdict: 'fits',
      notes: [],
    })
  })
  it('finds the set screw off the flat by three eighths', () =>
    expect(codes({ flat: 1 })).toEqual([['off-the-flat', 0.375]]))
  it('a flat that was not measured is said to be so', () =>
    expect(codes({ flat: null })).toEqual([['flat-not-measured', null]]))
  it('finds a shaft that is too short, and by how much', () => {
    expect(codes({ shaft: 4, flat: 2 })).toEqual([['shaft-too-short', 0.25]])
    expect(at({ shaft: 4.25, flat: 2 }).verdict).toBe('fits')
  })
  it('says how much to cut where the shaft would reach what is beyond', () =>
    expect(at({ roomBeyond: 0.5 })).toMatchObject({
      cut: 0.25,
      verdict: 'fits',
      notes: [expect.objectContaining({ code: 'cut-shaft', inches: 0.25 })],
    }))
  it('stops a hub that would stand in the body: a taller new motor', () => {
    // The hub's place is the new face itself: a quarter inch nearer than it may be; its screw is below the flat as well.
    expect(codes({ newBody: 8.5 })).toEqual([
      ['hits-body', 0.25],
      ['off-the-flat', 2.375],
    ])
    expect(at({ newBody: 8.5 }).verdict).toBe('stop')
    expect(at({ newBody: 8.25, shaft: 2, flat: 2 }).verdict).toBe('fits')
  })
  it('a band keeps the face where it was, whatever the bodies; on a body too short for it the band is off', () => {
    expect(at({ way: 'band', band: 3, newBody: 5.5 })).toMatchObject({
      hubFromFace: 2,
      shift: 0,
      hubFromPlane: 5,
    })
    expect(at({ way: 'band', oldBody: null, newBody: null, shaft: 4, flat: 2 })).toMatchObject({
      hubFromFace: 2,
      shift: 0,
      hubFromPlane: null,
      oldFace: null,
      verdict: 'fits',
    })
    expect(at({ way: 'shaft-end', shaft: 4, flat: 2 })).toMatchObject({ hubFromFace: 2, hubFromPlane: 2 })
    expect(codes({ way: 'band', band: 5.5, newBody: 5.5, shaft: 4, flat: 2 })).toEqual([['band-off-body', 0]])
  })
  it('goes by the rule of thumb when nothing was measured: the upper edge half an inch up into the shroud', () => {
    const ruled = { oldHub: null, shroud: 7, hubToEdge: 0.25 }
    // Hanging, shaft down: up is towards the plane. Shroud's edge 7 in below the grille, less half an inch, less the edge that stands
    // 1/4 in beyond the hub: 6 1/4; the new face is at 5 1/2.
    expect(at({ ...ruled, position: 'shaft-down' })).toMatchObject({
      from: 'rule-of-thumb',
      hubFromFace: 0.75,
      shift: null,
    })
    // Standing, shaft up: up is away from the plane, a whole inch further.
    expect(at({ ...ruled, position: 'shaft-up' })).toMatchObject({ from: 'rule-of-thumb', hubFromFace: 1.75 })
    const words = (position: 'shaft-up' | 'shaft-down') => at({ ...ruled, position }).notes[0]?.text
    expect(words('shaft-down')).toBe(
      'By the rule of thumb: the blade’s upper edge, the one on the motor’s side, half an inch up into the shroud. The old position was not measured.',
    )
    expect(words('shaft-up')).toContain('the one away from the motor, half an inch up')
  })
  it('has no rule of thumb for a shaft that is level, or whose way is not said', () => {
    for (const position of ['horizontal', null] as const) {
      const { from, verdict, notes } = at({ oldHub: null, shroud: 7, position })
      expect([from, verdict]).toEqual([null, 'cannotTell'])
      expect(notes[0]?.text).toMatch(/^Say whether the shaft points up or down: /)
    }
  })
  it('cannot tell without either, and says what to measure', () => {
    const { verdict, notes } = at({ oldHub: null, oldBody: null })
    expect(verdict).toBe('cannotTell')
    expect(notes[0]?.text).toBe(
      'Measure from the old motor’s face to the hub, the old body’s length; or, when the old one is gone, from the mounting plane to the shroud’s lower edge.',
    )
  })
  it('never claims a fit without the shaft’s length', () =>
    expect(at({ shaft: null })).toMatchObject({ verdict: 'cannotTell', hubFromFace: 3 }))
  it('keeps the blade’s distance from the plane, whatever the bodies (property)', () => {
    const inch = fc.integer({ min: 32, max: 320 }).map((n) => n / 32)
    fc.assert(
      fc.property(inch, inch, inch, (oldBody, newBody, oldHub) => {
        const { hubFromFace, hubFromPlane, shift, notes } = at({ oldBody, newBody, oldHub })
        expect(newBody + (hubFromFace as number)).toBeCloseTo(oldBody + oldHub, 12)
        expect(hubFromPlane).toBeCloseTo(oldBody + oldHub, 12)
        expect(shift).toBeCloseTo(oldBody - newBody, 12)
        expect(notes.some((n) => n.code === 'hits-body')).toBe(
          (hubFromFace as number) < HUB_CLEARANCE_INCHES - 1e-9,
        )
      }),
    )
  })
})

describe('a blower wheel', () => {
  it('is moved by half the difference of its gaps', () =>
    expect(centreWheel(0.25, 0.75)).toEqual({
      gap: 0.5,
      shift: 0.25,
      verdict: 'move',
      text: 'Move it away from the motor.',
    }))
  it('within a mark of the tape is centred', () => expect(centreWheel(0.5, 0.53).verdict).toBe('centred'))
  it('too wide is said', () => expect(centreWheel(0.1, 0.1).verdict).toBe('too-wide'))
})

describe('studs', () => {
  const stud = { length: 1.5, through: 0.25, nut: 0.25, capDepth: 0.75 }
  it('too long for a cap nut are trimmed', () =>
    expect(judgeStud(stud)).toMatchObject({
      verdict: 'trim',
      trim: 0.5,
      text: 'Trim 1/2 in off the stud, or the cap nut bottoms before it is tight. Run a nut on first: backed off over the cut it mends the thread.',
    }))
  it('too short for a full nut are no studs', () =>
    expect(judgeStud({ ...stud, length: 0.375 })).toMatchObject({
      verdict: 'too-short',
      text: expect.stringContaining('1/8 in too short'),
    }))
  it('with open nuts may be longer', () =>
    expect(judgeStud({ ...stud, capDepth: null }).verdict).toBe('fits'))
})

describe('drain openings', () => {
  const named = ['shaft end', 'lead end', 'side by the leads']
  it.each([
    ['shaft-down', ['shaft end'], ['lead end', 'side by the leads']],
    ['shaft-up', ['lead end'], ['shaft end', 'side by the leads']],
  ] as const)('%s: the one below is opened, the others stay closed', (position, open, close) =>
    expect(adviseDrains(named, position)).toMatchObject({ open, close, look: [] }),
  )
  it('lying: only the lowest of its side', () =>
    expect(adviseDrains(named, 'horizontal')).toMatchObject({
      open: [],
      close: ['shaft end', 'lead end'],
      look: ['side by the leads'],
    }))
  it('unnamed, or unknown how it lies: looked for, never guessed', () => {
    expect(adviseDrains([], 'shaft-up').text).toContain('look for plugs')
    expect(adviseDrains(named, null)).toMatchObject({ open: [], look: named })
    expect(adviseDrains(['side'], 'shaft-down').text).toContain('No opening is named at the shaft end')
  })
})

const HELD = { throughShaft: false, way: 'base', hasCan: true } as const
it('every unit type has its own checks, each once', () => {
  for (const unit of UNIT_TYPES) {
    const ids = mountingChecks(unit, HELD).map((c) => c.id)
    expect(new Set(ids).size).toBe(ids.length)
    expect([unit.id, ids.includes('entry'), ids.includes('wheel-gap'), ids.includes('defrost-lead')]).toEqual(
      [unit.id, unit.traits.fan === 'outdoor', unit.traits.fan === 'blower', unit.traits.defrostRelay],
    )
  }
  const blower = UNIT_TYPES.find((u) => u.traits.fan === 'blower')!
  expect(mountingChecks(blower, { ...HELD, throughShaft: true }).map((c) => c.id)).toEqual(
    expect.arrayContaining(['ends-both', 'blade-hand']),
  )
})
it('how the motor sits decides the rest: the band’s check where there is a band, the can’s where there is a can', () => {
  const unit = (fan: 'outdoor' | 'blower') => UNIT_TYPES.find((u) => u.traits.fan === fan)!
  const ids = (fan: 'outdoor' | 'blower', more: Partial<MountedAs> = {}) =>
    mountingChecks(unit(fan), { ...HELD, ...more }).map((c) => c.id)
  for (const fan of ['outdoor', 'blower'] as const) {
    expect([ids(fan).includes('band-tight'), ids(fan, { way: 'band' }).includes('band-tight')]).toEqual([
      false,
      true,
    ])
    expect([ids(fan).includes('can-strapped'), ids(fan, { hasCan: false }).includes('can-strapped')]).toEqual(
      [true, false],
    )
    // Indoors the coil drips: the loop is looked at on every unit, as are idle leads.
    expect(ids(fan)).toEqual(expect.arrayContaining(['drip-loop', 'capped']))
  }
  expect([
    ids('outdoor').includes('ground-past-plastic'),
    ids('blower').includes('ground-past-plastic'),
  ]).toEqual([true, false])
})
