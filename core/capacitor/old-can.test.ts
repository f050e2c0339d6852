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
