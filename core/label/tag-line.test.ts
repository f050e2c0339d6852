import { EMPTY_TAG, type TagDraft } from '../motor/tag-draft'
import { readTagLine, withTagLine } from './tag-line'
import { insulationCode } from '../motor/colour'

const leads = (text: string, kind: TagDraft['kind'] = 'psc-outdoor') =>
  readTagLine(text, kind).leads.map((l) => `${insulationCode(l.insulation)} ${l.role}${l.isGuess ? '?' : ''}`)

describe('leads', () => {
  it('by code and role, several colours of one role together', () =>
    expect(leads('BK common, WH run, BN start, BN/WH return, plug VT YE OG GY')).toEqual([
      'BK motor-common',
      'WH run',
      'BN start',
      'BN/WH run-return',
      'VT rotation',
      'YE rotation',
      'OG rotation',
      'GY rotation',
    ]))
  it.each([
    ['black motor common', 'BK motor-common'],
    ['start: brown', 'BN start'],
    ['brown/white = run return', 'BN/WH run-return'],
    ['brown with white stripe return', 'BN/WH run-return'],
    ['brn w wht tracer return', 'BN/WH run-return'],
    ['GRN ground', 'GN ground'],
    ['pur aux', 'VT start'],
  ])('%s', (text, lead) => expect(leads(text)).toEqual([lead]))
  it('a colour alone is guessed; one that says nothing is left without a role', () =>
    expect(leads('BK, BN, PK')).toEqual(['BK motor-common?', 'BN start?', 'PK null?']))
  it('in a blower the common is the line lead, and speeds have their names', () => {
    const line = readTagLine(
      'WH com; BK hi; BU med; RD low; OG med-high; YE medium low; BN cap',
      'psc-blower',
    )
    expect(line.leads.map((l) => [insulationCode(l.insulation), l.role, l.speed])).toEqual([
      ['WH', 'line', undefined],
      ['BK', 'speed', 'high'],
      ['BU', 'speed', 'medium'],
      ['RD', 'speed', 'low'],
      ['OG', 'speed', 'medium-high'],
      ['YE', 'speed', 'medium-low'],
      ['BN', 'capacitor', undefined],
    ])
  })
  it('a colour of the stripe that is none makes the piece one that is not understood', () => {
    expect(leads('BN/XX start')).toEqual([])
    expect(readTagLine('BN/XX start', 'psc-outdoor').unread.join(' ')).toContain('BN/XX')
  })
})
describe('figures', () => {
  it('stand beside the leads, and are found as on any label', () =>
    expect(readTagLine('BK common, 1/4 hp, 1075 rpm, 1.4 A, 208-230 V', 'psc-outdoor')).toMatchObject({
      horsepower: '1/4',
      rpm: 1075,
      amps: 1.4,
      volts: { low: 208, high: 230 },
      unread: [],
    }))
  it('two voltages are two ways of joining: none is taken', () =>
    expect(readTagLine('1/4 hp, 115/230 V', 'psc-outdoor').volts).toBeNull())
  it('the capacitor’s', () =>
    expect(readTagLine('7.5 MFD 440 V', 'psc-outdoor')).toMatchObject({
      microfarads: 7.5,
      capacitorVolts: 440,
    }))
})
it('what is not understood is named, and nothing else is lost for it', () => {
  const line = readTagLine('BK common, zebra crossing, WH run', 'psc-outdoor')
  expect(line.leads).toHaveLength(2)
  expect(line.unread.join(' ')).toBe('zebra crossing')
})
it('never throws and never makes a lead of nothing', () => {
  for (const text of ['', ',,,', '   ', '/', 'BK/', 'with white', ':', '1/4'])
    expect(readTagLine(text, 'psc-blower').leads.every((l) => l.insulation.colour.length > 0)).toBe(true)
})
describe('on the tag', () => {
  const put = (draft: TagDraft, text: string) => withTagLine(draft, readTagLine(text, draft.kind))
  it('fills leads and figures; a lead of the colour that is there takes the role', () => {
    const first = put(EMPTY_TAG, 'BK, WH run, 1/4 hp, 1.4 A, 1075 rpm, 5 MFD 440 V')
    expect(first.leads.map((l) => [l.id, l.role])).toEqual([
      ['black', 'motor-common'],
      ['white', 'run'],
    ])
    expect(first.guessed).toEqual(['black'])
    expect([first.rpm, first.horsepower, first.capacitor]).toEqual([
      1075,
      [{ horsepower: '1/4', coversFrom: null, amps: 1.4, tap: null }],
      { microfarads: 5, volts: 440 },
    ])
    const second = put(first, 'BK start')
    expect(second.leads.map((l) => [l.id, l.role])).toEqual([
      ['black', 'start'],
      ['white', 'run'],
    ])
    expect([second.guessed, second.rpm]).toEqual([[], 1075])
  })
  it('a plug lead of a colour that another lead has is a lead of its own', () => {
    const draft = put(EMPTY_TAG, 'BN start, plug BN VT')
    expect(draft.leads.map((l) => [l.id, l.role])).toEqual([
      ['brown', 'start'],
      ['brown 2', 'rotation'],
      ['purple', 'rotation'],
    ])
  })
  it('a lead without a role is put down as one that may stand more than once, and marked', () => {
    const draft = put(EMPTY_TAG, 'PK')
    expect([draft.leads[0]?.role, draft.guessed]).toEqual(['rotation', ['pink']])
    expect(put({ ...EMPTY_TAG, kind: 'three-phase', capacitor: null }, 'PK').leads[0]?.role).toBe('ground')
  })
  it('of a motor without a capacitor no µF are kept', () =>
    expect(put({ ...EMPTY_TAG, kind: 'ecm-outdoor', capacitor: null }, '5 MFD').capacitor).toBeNull())
})

describe('what is joined for a direction', () => {
  const pairs = (text: string) =>
    readTagLine(text, 'psc-outdoor').turns.map(
      ({ direction, join }) =>
        `${direction}: ${join.map((pair) => pair.map(insulationCode).join('–')).join(', ')}`,
    )
  it.each([
    [
      'CW: PURPLE TO YELLOW, ORANGE TO GRAY; CCW: PURPLE TO ORANGE, YELLOW TO GRAY',
      ['CW: VT–YE, OG–GY', 'CCW: VT–OG, YE–GY'],
    ],
    ['rotation CCW = VT - YE, OG - BN/YE', ['CCW: VT–YE, OG–BN/YE']],
    ['C.W. ROTATION\nPURPLE TO YELLOW\nORANGE TO BROWN', ['CW: VT–YE, OG–BN']],
    ['clockwise purple & yellow', ['CW: VT–YE']],
  ])('%s', (text, said) => expect(pairs(text)).toEqual(said))
  it.each([
    'CW rotation',
    'purple to yellow',
    // The direction is over where the tag goes on with something else.
    'CW BLACK COMMON purple to yellow',
    '1075 RPM CWLE',
  ])('nothing of “%s”', (text) => expect(pairs(text)).toEqual([]))
  it('joins make no leads of the line, and leave the rest of it as it was', () => {
    const line = readTagLine('BK common, CW: VT to YE, OG to GY, 1/4 hp', 'psc-outdoor')
    expect(line.leads.map((l) => `${insulationCode(l.insulation)} ${l.role}`)).toEqual(['BK motor-common'])
    expect([line.horsepower, line.unread]).toEqual(['1/4', []])
  })
  it('on the draft they join the rotation leads, which come to it where they are missing', () => {
    const text = 'BK common, WH run, BN start, plug VT YE; CW: VT to YE, OG to GY; CCW: VT to OG, YE to GY'
    const draft = withTagLine(EMPTY_TAG, readTagLine(text, 'psc-outdoor'))
    expect(draft.leads.filter((l) => l.role === 'rotation').map((l) => insulationCode(l))).toEqual([
      'VT',
      'YE',
      'OG',
      'GY',
    ])
    expect(draft.turns).toEqual({
      CW: [
        ['purple', 'yellow'],
        ['orange', 'gray'],
      ],
      CCW: [
        ['purple', 'orange'],
        ['yellow', 'gray'],
      ],
    })
  })
})
