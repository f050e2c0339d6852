import { judgeOldCan, type OldCanSide } from './old-can'

const dual = (herm: OldCanSide['verdict'], fan: OldCanSide['verdict']): OldCanSide[] => [
  { load: 'HERM', microfarads: 45, verdict: herm },
  { load: 'FAN', microfarads: 5, verdict: fan },
]
const judge = (sides: OldCanSide[], more = {}) =>
  judgeOldCan({ sides, oneCase: true, looksBad: false, newMotor: false, ...more })

describe('the old capacitor', () => {
  it('with one side failed is replaced whole; the good side may stay when that is allowed', () => {
    expect(judge(dual('in', 'out'))).toEqual({
      action: 'replace',
      replace: ['HERM', 'FAN'],
      mayStay: ['HERM'],
      why: [
        'FAN does not read what it must: failed, or the wrong one.',
        'HERM still reads good, but shares its case, its age and its heat: replace both sides.',
      ],
      exchange: 'Two singles, 45 and 5 µF, stand for this dual: one post of each tied together is its C.',
    })
  })
  it('of two cases loses only the failed one', () => {
    expect(judge(dual('in', 'open'), { oneCase: false })).toMatchObject({
      action: 'replace',
      replace: ['FAN'],
      mayStay: ['HERM'],
      exchange: 'One dual 45/5 stands for these two singles: everything from both C sides goes on its C.',
    })
  })
  it('beside a new motor goes, whatever the fan’s side reads, and that side never stays', () => {
    expect(judge(dual('in', 'in'), { newMotor: true })).toMatchObject({
      action: 'replace',
      replace: ['HERM', 'FAN'],
      mayStay: ['HERM'],
      why: ['A new fan motor gets a new capacitor, of the value on its own tag.'],
    })
  })
  it('swollen is condemned whatever it reads', () =>
    expect(judge(dual('in', 'in'), { looksBad: true })).toMatchObject({ action: 'replace', mayStay: [] }))
  it('that reads good on every side may be kept', () =>
    expect(judge(dual('in', 'in'))).toMatchObject({ action: 'keep', replace: [], mayStay: ['HERM', 'FAN'] }))
  it('that nobody looked at is not kept, and no side of it stays', () => {
    expect(judge(dual('in', 'in'), { looksBad: null })).toMatchObject({
      action: 'cannotTell',
      mayStay: [],
      why: [
        'It reads good, and was not looked at yet: swollen, leaking or rusted through it is condemned whatever it reads.',
      ],
    })
    expect(judge(dual('in', 'out'), { looksBad: null })).toMatchObject({ action: 'replace', mayStay: [] })
  })
  it('not read, or at the edge of the meter: cannot tell', () => {
    expect(judge(dual('in', null))).toMatchObject({ action: 'cannotTell', why: ['FAN: not read yet.'] })
    expect(judge(dual('uncertain', 'in'))).toMatchObject({
      action: 'cannotTell',
      why: ['HERM: this meter cannot tell; a known-good one in its place does.'],
    })
  })
  it('over the meter’s range is failed: shorted, or no capacitor of that marking', () =>
    expect(judge(dual('over-range', 'in')).action).toBe('replace'))
  it('without its marking says nothing of what may stand in its place', () =>
    expect(judge([{ load: 'FAN', microfarads: null, verdict: 'out' }]).exchange).toBeNull())
})

describe('what may stand in its place', () => {
  const exchange = (sides: OldCanSide[], oneCase = true) => judge(sides, { oneCase }).exchange
  it('asks for both values, of two sides', () => {
    const [herm, fan] = dual('in', 'in') as [OldCanSide, OldCanSide]
    expect(exchange([{ ...herm, microfarads: null }, fan])).toBeNull()
    expect(exchange([herm, { ...fan, microfarads: null }])).toBeNull()
    expect(exchange([herm])).toBeNull()
    expect(exchange([herm, fan, fan])).toBeNull()
    expect(exchange([herm, fan], false)).toBe(
      'One dual 45/5 stands for these two singles: everything from both C sides goes on its C.',
    )
  })
})
it('of two cases a new motor condemns the fan’s own alone', () =>
  expect(judge(dual('in', 'in'), { oneCase: false, newMotor: true })).toMatchObject({
    replace: ['FAN'],
    mayStay: ['HERM'],
  }))
it('swollen, both sides go, and why is said', () =>
  expect(judge(dual('in', 'in'), { looksBad: true })).toMatchObject({
    replace: ['HERM', 'FAN'],
    why: ['Swollen, leaking or rusted through: it is condemned whatever it reads.'],
  }))
it('both failed is said of both, and neither is called good', () =>
  expect(judge(dual('out', 'open')).why).toEqual([
    'HERM and FAN do not read what they must: failed, or the wrong ones.',
  ]))
it('kept, it says why', () =>
  expect(judge(dual('in', 'in')).why).toEqual(['Every side reads what it must, and it looks sound.']))
