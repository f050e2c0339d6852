import { DRAWN } from '../testing/shaft'
import fc from 'fast-check'
import { UNIT_TYPES } from '../wiring/unit-types'
import { HUB_CLEARANCE_INCHES, placeBlade, type ShaftEnd } from './blade-position'
import { mountingChecks } from './checklist'
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
  it('goes by the rule of thumb when nothing was measured: half an inch into the shroud', () => {
    // Shroud's edge 7 in from the grille, new face at 5 1/2: 1 1/2 and half an inch more, less the edge that stands 1/4 in beyond the hub.
    expect(at({ oldHub: null, shroud: 7, hubToEdge: 0.25 })).toMatchObject({
      from: 'rule-of-thumb',
      hubFromFace: 1.75,
      shift: null,
    })
  })
  it('cannot tell without either, and says what to measure', () => {
    const { verdict, notes } = at({ oldHub: null, oldBody: null })
    expect(verdict).toBe('cannotTell')
    expect(notes[0]?.text).toBe(
      'Measure from the old motor’s face to the hub, the old body’s length; or, when the old one is gone, from the mounting plane to the shroud’s edge.',
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
      text: 'Trim 1/2 in off the stud, or the cap nut bottoms before it is tight.',
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

it('every unit type has its own checks, each once', () => {
  for (const unit of UNIT_TYPES) {
    const ids = mountingChecks(unit, false).map((c) => c.id)
    expect(new Set(ids).size).toBe(ids.length)
    expect([
      unit.id,
      ids.includes('drip-loop'),
      ids.includes('wheel-gap'),
      ids.includes('defrost-lead'),
    ]).toEqual([
      unit.id,
      unit.traits.fan === 'outdoor',
      unit.traits.fan === 'blower',
      unit.traits.defrostRelay,
    ])
  }
  const blower = UNIT_TYPES.find((u) => u.traits.fan === 'blower')!
  expect(mountingChecks(blower, true).map((c) => c.id)).toEqual(
    expect.arrayContaining(['ends-both', 'blade-hand']),
  )
})
