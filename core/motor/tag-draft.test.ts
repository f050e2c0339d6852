import * as v from 'valibot'
import { LeadSheetSchema } from './lead-sheet'
import { LEAD_SHEETS } from './lead-sheets'
import {
  asTheTagSays,
  draftOf,
  EMPTY_TAG,
  idFor,
  lookAlikes,
  pairingsOf,
  rolesOf,
  sheetOf,
  tagProblems,
  withLead,
  withoutLead,
  type TagDraft,
} from './tag-draft'

const messages = (draft: TagDraft) => tagProblems(draft).map((p) => p.message)

it.each(LEAD_SHEETS.map((sheet) => [sheet.id, sheet] as const))(
  'the draft of %s becomes the same sheet again',
  (_, sheet) => {
    const again = v.parse(LeadSheetSchema, sheetOf(draftOf(sheet)))
    expect({ ...again, settings: { ...again.settings, hookup: [] } }).toEqual({
      ...sheet,
      settings: { ...sheet.settings, hookup: [] },
    })
    expect(tagProblems(draftOf(sheet))).toEqual([])
  },
)

/** A reversible one-horsepower motor, lead by lead as its tag names them. */
function readTag(): TagDraft {
  let draft: TagDraft = {
    ...EMPTY_TAG,
    name: 'Birch 25',
    rpm: 1075,
    capacitor: { microfarads: 5, volts: 370 },
    horsepower: [{ horsepower: '1/4', coversFrom: null, amps: 1.5, tap: null }],
  }
  for (const [colour, stripe, role] of [
    ['BK', null, 'motor-common'],
    ['WH', null, 'run'],
    ['BN', null, 'start'],
    ['BN', 'WH', 'run-return'],
    ['VT', null, 'rotation'],
    ['YE', null, 'rotation'],
    ['OG', null, 'rotation'],
    ['GY', null, 'rotation'],
  ] as const)
    draft = withLead(draft, null, { colour, stripe }, role)
  const [, crossed, over] = pairingsOf(['purple', 'yellow', 'orange', 'gray'])
  return { ...draft, turns: { CW: crossed!, CCW: over! } }
}

describe('a tag read lead by lead', () => {
  it('is a sheet once all of it is there', () => {
    expect(messages(readTag())).toEqual([])
    expect(v.parse(LeadSheetSchema, sheetOf(readTag()))).toMatchObject({
      id: 'birch-25',
      settings: {
        rotation: [
          {
            direction: 'CW',
            join: [
              ['purple', 'orange'],
              ['yellow', 'gray'],
            ],
          },
          {
            direction: 'CCW',
            join: [
              ['purple', 'gray'],
              ['yellow', 'orange'],
            ],
          },
        ],
      },
    })
  })
  it('says what is missing, in the words of the tag', () => {
    expect(
      messages({ ...readTag(), rpm: null, capacitor: { microfarads: null, volts: 370 }, name: '' }),
    ).toEqual(
      expect.arrayContaining([
        'The rated rpm is missing.',
        'The capacitor’s µF is missing.',
        'The motor’s name is empty.',
      ]),
    )
    expect(messages({ ...readTag(), turns: {} })).toContain('A sheet needs at least one direction.')
    expect(messages(EMPTY_TAG).length).toBeGreaterThan(3)
  })
  it('shows contradictions: a role twice, both positions alike, a role this kind has not', () => {
    const draft = readTag()
    expect(messages(withLead(draft, null, { colour: 'BU', stripe: null }, 'run'))).toContain(
      'A PSC motor has exactly one run lead; this sheet has 2.',
    )
    expect(messages({ ...draft, kind: 'three-phase', capacitor: null })).toContain(
      'This kind of motor has no motor common.',
    )
    expect(messages(withLead(draft, null, { colour: 'BU', stripe: null }, 'select'))).toContain(
      'This kind of motor has no select lead.',
    )
  })
  it('names two like colours apart, and says to mark them', () => {
    const draft = withLead(
      withLead(EMPTY_TAG, null, { colour: 'BN', stripe: null }, 'start'),
      null,
      { colour: 'BN', stripe: null },
      'rotation',
    )
    expect(draft.leads.map((l) => l.id)).toEqual(['brown', 'brown 2'])
    expect(lookAlikes(draft)).toEqual([
      'Two leads are brown: start and rotation plug. Mark them before they leave the tag.',
    ])
  })
  it('another colour renames a lead wherever it is spoken of', () => {
    const draft = withLead(readTag(), 'gray', { colour: 'BN', stripe: 'YE' }, 'rotation')
    expect(draft.turns.CW).toEqual([
      ['purple', 'orange'],
      ['yellow', 'brown/yellow'],
    ])
    expect(messages(draft)).toEqual([])
  })
  it('a plug lead taken away undoes its pairs, and says so', () => {
    const draft = withoutLead(readTag(), 'gray')
    expect(draft.turns).toEqual({ CW: null, CCW: null })
  })
})

describe('taps', () => {
  it('each horsepower tap has a row, keeps its figures, and insulates the others', () => {
    let draft: TagDraft = withLead(EMPTY_TAG, null, { colour: 'BK', stripe: null }, 'power-tap')
    draft = { ...draft, horsepower: [{ ...draft.horsepower[0]!, horsepower: '1/3', amps: 2.1 }] }
    draft = withLead(draft, null, { colour: 'BU', stripe: null }, 'power-tap')
    expect(draft.horsepower.map((h) => [h.tap, h.horsepower])).toEqual([
      ['black', '1/3'],
      ['blue', ''],
    ])
    expect(sheetOf(draft)).toMatchObject({
      settings: {
        horsepower: [
          { land: [{ lead: 'black', as: 'motor-common' }], insulate: ['blue'] },
          { land: [{ lead: 'blue' }], insulate: ['black'] },
        ],
      },
    })
    expect(withoutLead(draft, 'black').horsepower.map((h) => h.tap)).toEqual(['blue'])
  })
  it('no speed tap gets a name that nobody said, and the tag is not whole before it has one', () => {
    let draft: TagDraft = { ...EMPTY_TAG, kind: 'psc-blower' }
    for (const colour of ['BK', 'BU', 'RD'] as const)
      draft = withLead(draft, null, { colour, stripe: null }, 'speed')
    expect(draft.speed.map((s) => [s.tap, s.speed])).toEqual([
      ['black', null],
      ['blue', null],
      ['red', null],
    ])
    expect(messages(draft)).toEqual(
      expect.arrayContaining([
        'Which speed black is, is not said: read it on the tag.',
        'Which speed red is, is not said: read it on the tag.',
      ]),
    )
    const named = withLead(draft, 'black', { colour: 'BK', stripe: null }, 'speed', { speed: 'high' })
    expect(named.speed.map((s) => s.speed)).toEqual(['high', null, null])
    expect(messages(named)).not.toContain('Which speed black is, is not said: read it on the tag.')
    // Set again without a word of its speed, it keeps it.
    expect(withLead(named, 'black', { colour: 'BK', stripe: null }, 'speed').speed[0]?.speed).toBe('high')
  })
  it('two taps of one speed are a contradiction, two without a name are not', () => {
    const blower: TagDraft = { ...EMPTY_TAG, kind: 'psc-blower' }
    const two = (speed?: 'low') =>
      (['BK', 'BU'] as const).reduce(
        (draft, colour) => withLead(draft, null, { colour, stripe: null }, 'speed', { speed }),
        blower,
      )
    expect(messages(two('low'))).toContain('The speed “low” is given twice.')
    expect(messages(two()).filter((m) => m.includes('given twice'))).toEqual([])
  })
  it('a guess is one until somebody sets the lead, takes it off, or says that the tag says so', () => {
    const guess = { isGuess: true }
    const draft = (['BK', 'WH'] as const).reduce(
      (at, colour) => withLead(at, null, { colour, stripe: null }, 'run', guess),
      EMPTY_TAG,
    )
    expect(draft.guessed).toEqual(['black', 'white'])
    expect(withLead(draft, 'black', { colour: 'BK', stripe: null }, 'motor-common').guessed).toEqual([
      'white',
    ])
    // Renamed by another colour, it is no guess under its old name either.
    expect(withLead(draft, 'black', { colour: 'RD', stripe: null }, 'run').guessed).toEqual(['white'])
    expect(withoutLead(draft, 'white').guessed).toEqual(['black'])
    expect(asTheTagSays(draft).guessed).toEqual([])
  })
})

it('four plug leads pair in three ways, two are joined or open, others not at all', () => {
  expect(pairingsOf(['a', 'b', 'c', 'd'])).toEqual([
    [
      ['a', 'b'],
      ['c', 'd'],
    ],
    [
      ['a', 'c'],
      ['b', 'd'],
    ],
    [
      ['a', 'd'],
      ['b', 'c'],
    ],
  ])
  expect(pairingsOf(['a', 'b'])).toEqual([[['a', 'b']], null])
  expect(pairingsOf(['a', 'b', 'c'])).toEqual([])
})
it('offers a kind’s own roles', () =>
  expect([
    rolesOf('three-phase'),
    rolesOf('ecm-outdoor').includes('select'),
    rolesOf('psc-outdoor').includes('speed'),
  ]).toEqual([['ground', 'phase'], true, false]))
it('makes an id of any name', () =>
  expect([idFor('Birch 25/R'), idFor('風'), idFor('x'.repeat(99)).length]).toEqual(['birch-25-r', 'tag', 60]))

it('an electronic motor’s sheet says that it takes no capacitor, no other’s does', () => {
  const hookup = (kind: TagDraft['kind']) =>
    (sheetOf({ ...EMPTY_TAG, kind }) as { settings: { hookup: unknown } }).settings.hookup
  expect([hookup('ecm-outdoor'), hookup('psc-outdoor'), hookup('psc-blower')]).toEqual([
    [{ hookup: 'no-capacitor' }],
    [],
    [],
  ])
})
it('only the first of further horsepower taps takes over what was typed before there was one', () => {
  const typed = { horsepower: '1/3', coversFrom: null, amps: 2.1, tap: null }
  const first = withLead(
    { ...EMPTY_TAG, horsepower: [typed] },
    null,
    { colour: 'BK', stripe: null },
    'power-tap',
  )
  expect(first.horsepower).toEqual([{ ...typed, tap: 'black' }])
  // Its row has its tap now: a second one begins blank, wherever it stands.
  const second = withLead(first, null, { colour: 'BU', stripe: null }, 'power-tap')
  expect(withoutLead(second, 'black').horsepower).toEqual([
    { horsepower: '', coversFrom: null, amps: null, tap: 'blue' },
  ])
})

it('another colour renames a lead in what it is joined to for a speed, too, and leaves the others', () => {
  const lead = (at: TagDraft, colour: 'BK' | 'WH' | 'RD' | 'BU', role: 'line' | 'select') =>
    withLead(at, null, { colour, stripe: null }, role)
  const ecm = { ...EMPTY_TAG, kind: 'ecm-outdoor' as const }
  const leads = lead(lead(lead(ecm, 'BK', 'line'), 'WH', 'line'), 'RD', 'select')
  const speed = { speed: 'low' as const, rpm: 825, amps: 1, tap: null }
  const draft: TagDraft = {
    ...leads,
    speed: [
      { ...speed, join: ['red', 'black'] },
      { ...speed, speed: 'high', join: null },
    ],
  }
  const renamed = withLead(draft, 'black', { colour: 'BU', stripe: null }, 'line')
  expect(renamed.speed.map((s) => [s.tap, s.join])).toEqual([
    [null, ['red', 'blue']],
    [null, null],
  ])
  // A pair with a lead that went is undone: nothing is left to join.
  expect(withoutLead(draft, 'black').speed.map((s) => s.speed)).toEqual(['high'])
})
it('a horsepower that has a tap is renamed with it', () => {
  const tapped = withLead(EMPTY_TAG, null, { colour: 'BK', stripe: null }, 'power-tap')
  expect(tapped.horsepower.map((h) => h.tap)).toEqual(['black'])
  expect(
    withLead(tapped, 'black', { colour: 'BU', stripe: null }, 'power-tap').horsepower.map((h) => h.tap),
  ).toEqual(['blue'])
})
