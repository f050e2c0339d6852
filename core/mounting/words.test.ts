// What is said of blade, wheel, studs and drains, each limit tried on both of its sides. Figures by hand; limits are common practice, no source.
import { DRAWN } from '../testing/shaft'
import { placeBlade, type ShaftEnd } from './blade-position'
import { adviseDrains } from './drains'
import { judgeStud } from './studs'
import { centreWheel } from './wheel'

const at = (more: Partial<ShaftEnd>) => placeBlade({ ...DRAWN, ...more })
const notes = (more: Partial<ShaftEnd>) => at(more).notes.map((n) => [n.code, n.severity, n.text])

describe('a blade on its shaft', () => {
  it('a hub that would stand in the body', () =>
    expect(notes({ newBody: 8.5 })[0]).toEqual([
      'hits-body',
      'stop',
      'The hub would stand in or against the body: the new body is too long for this blade’s place.',
    ]))
  it('a shaft that is not measured, or a hub', () => {
    const text = (what: string) => [
      'shaft-not-measured',
      'watch',
      `Whether the shaft is long enough cannot be told: measure ${what}.`,
    ]
    expect(notes({ shaft: null })).toEqual([text('it from the face to its tip')])
    expect(notes({ hubLength: null })).toEqual([text('the hub’s length')])
    expect(at({ hubLength: null })).toMatchObject({ verdict: 'cannotTell', beyond: null, cut: null })
  })
  it('a shaft that is too short, a screw off the flat, a flat not measured, a shaft to cut', () => {
    expect(notes({ shaft: 4, flat: 2 })).toEqual([
      [
        'shaft-too-short',
        'stop',
        'The shaft is too short: the hub would not be on it with its whole length. Another motor, or a shaft adapter that is made for it.',
      ],
    ])
    expect(notes({ flat: 1 })).toEqual([
      [
        'off-the-flat',
        'stop',
        'The set screw would be off the flat: it slips. Turn the hub round, or take a motor with a longer flat.',
      ],
    ])
    expect(notes({ flat: null })).toEqual([
      ['flat-not-measured', 'note', 'The flat is not measured: see that the set screw bites on it.'],
    ])
    expect(notes({ roomBeyond: 0.5 })).toEqual([
      [
        'cut-shaft',
        'watch',
        'The shaft would reach what is beyond it: cut it before the blade goes on, and take the burr off.',
      ],
    ])
    // 3/4 in stand out: room for just that is enough.
    expect(at({ roomBeyond: 0.75 })).toMatchObject({ cut: null, notes: [] })
  })
  it('a band off the end of a shorter body', () =>
    expect(notes({ way: 'band', band: 6, newBody: 5.5, shaft: 4, flat: 2 })).toEqual([
      [
        'band-off-body',
        'stop',
        'The band would be off the end of the new body: it is shorter than the old one.',
      ],
    ]))
  it('without a body’s length a hub that was measured is placed only where the face stays', () => {
    expect(at({ oldBody: null }).from).toBeNull()
    expect(at({ newBody: null }).from).toBeNull()
    expect(at({ newBody: null }).notes[0]?.text).toBe(
      'Measure the new body’s length; or, when the old one is gone, from the mounting plane to the shroud’s lower edge.',
    )
    expect(at({ way: 'shaft-end', oldBody: null, newBody: null, shaft: 4, flat: 2 }).from).toBe('measured')
  })
})

describe('a wheel in its housing', () => {
  it('wants an eighth of an inch on each side', () => {
    expect(centreWheel(0.125, 0.125).verdict).toBe('centred')
    expect(centreWheel(0.124, 0.125)).toMatchObject({
      verdict: 'too-wide',
      text: 'There is not room enough for this wheel: it would rub even in the middle.',
    })
  })
  it('is moved from a thirty-second on, to the side that has more room', () => {
    expect(centreWheel(0.5, 0.5 + 1.9 / 32)).toMatchObject({
      verdict: 'centred',
      text: 'It is in the middle to within a mark of the tape.',
    })
    expect(centreWheel(0.5, 0.5 + 2 / 32)).toMatchObject({
      verdict: 'move',
      text: 'Move it away from the motor.',
    })
    expect(centreWheel(0.75, 0.25)).toMatchObject({ shift: -0.25, text: 'Move it towards the motor.' })
  })
})

describe('studs', () => {
  const stud = { length: 1, through: 0.25, nut: 0.25, capDepth: 0.75 }
  it('with just a full nut, and just the depth of the cap, fit', () => {
    expect(judgeStud({ ...stud, length: 0.5 })).toEqual({
      verdict: 'fits',
      out: 0.25,
      trim: 0,
      text: 'The nut takes its full thread.',
    })
    expect(judgeStud(stud).verdict).toBe('fits')
    expect(judgeStud({ ...stud, length: 1.0625 })).toMatchObject({ verdict: 'trim', trim: 0.0625 })
  })
  it('an eighth short of a nut are none', () =>
    expect(judgeStud({ ...stud, length: 0.375 })).toMatchObject({
      out: 0.125,
      trim: 0,
      text: 'The stud is 1/8 in too short for a full nut: longer studs, or another way of mounting.',
    }))
})

describe('drain openings, in words', () => {
  it('by how the shaft points', () => {
    const named = ['Shaft-End', 'lead end', 'side 1']
    expect(adviseDrains(named, 'shaft-down').text).toBe(
      'Open Shaft-End: it faces down. Keep the others closed.',
    )
    expect(adviseDrains(named, 'horizontal').text).toBe(
      'Lying: open the lowest opening of its side only, keep every other closed.',
    )
    expect(adviseDrains(named, null).text).toBe(
      'Which way the shaft points is not known yet: the opening that faces down is opened, the others stay closed.',
    )
    expect(adviseDrains([], null).text).toBe(
      'The sheet names no drain openings: look for plugs in the shell, open the one that faces down and keep the others closed.',
    )
    expect(adviseDrains(['side'], 'shaft-up').text).toBe(
      'No opening is named at the lead end, which faces down: look for a plug there.',
    )
  })
  it('one whose name says no place is looked at, never opened by guess', () =>
    expect(adviseDrains(['red plug', 'lead end'], 'shaft-up')).toMatchObject({
      open: ['lead end'],
      close: [],
      look: ['red plug'],
    }))
  it('two that face down are both told', () =>
    expect(adviseDrains(['lead end 1', 'lead end 2'], 'shaft-up').text).toBe(
      'Open lead end 1 and lead end 2: they face down. Keep the others closed.',
    ))
})
