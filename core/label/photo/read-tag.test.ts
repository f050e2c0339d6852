// Tags as a reader of letters sees them: letters mistaken for others, looks that disagree, columns, and pictures of something else.
import fc from 'fast-check'
import { insulationCode } from '../../motor/colour'
import { EMPTY_TAG } from '../../motor/tag-draft'
import { readTagLine, withTagLine } from '../tag-line'
import { readTag, tagLineOf } from './read-tag'
import { turnKey } from '../tag-turns'
import { mendTagWord } from './tag-words'
import type { SeenLines } from './words'

/** Lines of text as words of one height; two spaces or more are that much of a gap. */
const seen = (text: string, confidence = 90): SeenLines =>
  text.split('\n').map((line, row) =>
    [...line.matchAll(/\S+/g)].map((match) => ({
      text: match[0],
      confidence,
      box: {
        x0: match.index * 10,
        x1: (match.index + match[0].length) * 10,
        y0: row * 40,
        y1: row * 40 + 20,
      },
    })),
  )
const leads = (looks: readonly SeenLines[], kind: Parameters<typeof readTag>[1] = 'psc-outdoor') =>
  readTag(looks, kind).leads.map(
    (l) => `${insulationCode(l.insulation)} ${l.role}${l.speed ? ` ${l.speed}` : ''}`,
  )
const TAG = [
  'BLACK - COMMON',
  'WHITE - RUN',
  'BROWN - START',
  'BROWN/WHITE - RUN RETURN',
  'GREEN - GROUND',
  'CW: PURPLE TO YELLOW, ORANGE TO GRAY',
  'CCW: PURPLE TO ORANGE, YELLOW TO GRAY',
].join('\n')

it('leads by colour and role, from the top down, each with its place', () => {
  const { leads: read, turns } = readTag([seen(TAG), seen(TAG)], 'psc-outdoor')
  expect(read.map((l) => `${insulationCode(l.insulation)} ${l.role}`)).toEqual([
    'BK motor-common',
    'WH run',
    'BN start',
    'BN/WH run-return',
    'GN ground',
  ])
  expect(read[1]?.box).toEqual({ x0: 0, x1: 110, y0: 40, y1: 60 })
  expect(turns.map((t) => t.direction)).toEqual(['CW', 'CCW'])
  // Each stands on its own line: the sixth and the seventh, 40 apart and 20 high.
  expect(turns.map(({ box }) => [box.y0, box.y1])).toEqual([
    [200, 220],
    [240, 260],
  ])
})

describe('letters that look like others', () => {
  it.each([
    ['8LACK', 'BLACK'],
    ['BR0WN', 'BROWN'],
    ['WHlTE,', 'WHITE,'],
    ['8R0WN/WHITE', 'BROWN/WHITE'],
    ['C0MMON', 'COMMON'],
    ['PURPIE', 'PURPLE'],
    ['(GREEN)', '(GREEN)'],
  ])('%s is %s', (word, mended) => expect(mendTagWord(word)).toBe(mended))
  it.each(['7.5', '1/4', '370V', 'MODEL', 'XQZW', 'RAD', '--'])('%s stays as it was seen', (word) =>
    expect(mendTagWord(word)).toBe(word),
  )
})

describe('several looks', () => {
  it('what one look read, and was not sure of, is left out', () => {
    expect(leads([seen('BLACK COMMON', 60), seen('nothing', 60)])).toEqual([])
    expect(leads([seen('BLACK COMMON', 95), seen('nothing', 60)])).toEqual(['BK motor-common'])
    expect(leads([seen('BLACK COMMON', 40), seen('BLACK COMMON', 40)])).toEqual(['BK motor-common'])
  })
  it('where they disagree of one lead, twice as many decide; else nobody', () => {
    const [run, start] = [seen('BROWN RUN'), seen('BROWN START')]
    expect(leads([run, start])).toEqual([])
    expect(leads([start, start, run])).toEqual(['BN start'])
    expect(leads([start, start, run, run])).toEqual([])
  })
  it('two colours cannot both be run', () =>
    expect(leads([seen('BROWN RUN\nWHITE RUN'), seen('BROWN RUN\nWHITE RUN')])).toEqual([]))
  it('a start lead and a plug lead may both be brown', () =>
    expect(leads([seen('BROWN START\nPLUG BROWN'), seen('BROWN START\nPLUG BROWN')])).toEqual([
      'BN start',
      'BN rotation',
    ]))
  it.each([
    'CW PURPLE TO YELLOW, ORANGE TO',
    'CW PURPLE TO YELLOW, XQZW TO GRAY',
    'CW PURPLE TO YELLOW, ORANGE',
  ])('half of what is joined is no direction: %s', (text) =>
    expect(readTag([seen(text), seen(text)], 'psc-outdoor').turns).toEqual([]),
  )
  it('a lead that is joined twice is in no direction', () => {
    const look = seen('CW PURPLE TO YELLOW PURPLE TO ORANGE')
    expect(readTag([look, look], 'psc-outdoor').turns).toEqual([])
  })
  it('one pair by itself may be what is left of two, and two directions join the same leads', () => {
    const turnsOf = (text: string) => readTag([seen(text), seen(text)], 'psc-outdoor').turns.map(turnKey)
    expect(turnsOf('CW PURPLE TO YELLOW')).toEqual([])
    expect(turnsOf('CW PURPLE TO YELLOW ORANGE TO GRAY\nCCW PURPLE TO ORANGE')).toEqual([])
  })
  it('two directions in columns are told apart', () => {
    const look = seen(
      'CW ROTATION             CCW ROTATION\nPURPLE TO YELLOW        PURPLE TO ORANGE\nORANGE TO GRAY          YELLOW TO GRAY',
    )
    const { turns } = readTag([look, look], 'psc-outdoor')
    expect(turns.map(turnKey)).toEqual(['CW GY–OG VT–YE', 'CCW GY–YE OG–VT'])
    // Side by side over the same three lines: the left column ends before the right one begins.
    const [left, right] = turns.map((t) => t.box)
    expect([left?.y0, left?.y1, right?.y0, right?.y1]).toEqual([0, 100, 0, 100])
    expect(left?.x1).toBeLessThan(right?.x0 ?? 0)
  })
  it('a direction’s pairs beside each other are one direction', () => {
    const look = seen('CW   PURPLE TO YELLOW          ORANGE TO GRAY')
    expect(readTag([look, look], 'psc-outdoor').turns.map(turnKey)).toEqual(['CW GY–OG VT–YE'])
  })
  it('a lead that is named behind a direction does not cut it', () => {
    const look = seen('CW PURPLE TO YELLOW ORANGE TO GRAY\nBLACK - COMMON')
    expect(readTag([look, look], 'psc-outdoor').turns).toHaveLength(1)
  })
  it('directions that join alike are none', () => {
    const look = seen('CW PURPLE TO YELLOW\nCCW PURPLE TO YELLOW')
    expect(readTag([look, look], 'psc-outdoor').turns).toEqual([])
  })
})

it('two columns are read as two leads', () =>
  expect(
    leads(
      [
        seen('BLACK HIGH          WHITE COMMON\nRED LOW             GREEN GROUND'),
        seen('BLACK HIGH          WHITE COMMON\nRED LOW             GREEN GROUND'),
      ],
      'psc-blower',
    ),
  ).toEqual(['BK speed high', 'WH line', 'RD speed low', 'GN ground']))

it('dots lead from a colour to what it is for', () =>
  expect(leads([seen('BLACK ........ COMMON'), seen('BLACK ........ COMMON')])).toEqual(['BK motor-common']))

it('a page of prose about red and black things gives no lead', () => {
  const prose = seen('The red barn and the black cat.\nWe run to the white house at the start.')
  expect(leads([prose, prose, prose])).toEqual([])
})

it('whatever was seen, it does not throw, and every lead has a role and a place', () =>
  fc.assert(
    fc.property(
      fc.array(
        fc.array(fc.constantFrom('BLACK', 'RUN', 'CW', 'TO', 'YELLOW', '/', '', '…', 'BN/WH', '0', '\n'), {
          maxLength: 8,
        }),
        {
          maxLength: 6,
        },
      ),
      (rows) => {
        const look = seen(rows.map((row) => row.join(' ')).join('\n'), 50)
        for (const lead of readTag([look, look], 'psc-blower').leads) {
          expect(lead.role).toBeTruthy()
          expect(lead.box.x1).toBeGreaterThan(lead.box.x0)
        }
      },
    ),
  ))

it('what a hand has set before stays as it is, and is no guess', () => {
  const tag = tagLineOf(readTag([seen(TAG), seen(TAG)], 'psc-outdoor'))
  const byHand = withTagLine(EMPTY_TAG, readTagLine('BN run, CW: VT to OG, YE to GY', 'psc-outdoor'))
  const draft = withTagLine(byHand, tag)
  expect(draft.leads.find((l) => l.id === 'brown')?.role).toBe('run')
  expect(draft.guessed).not.toContain('brown')
  expect(draft.turns.CW).toEqual(byHand.turns.CW)
  expect(draft.guessed).toContain('black')
})

it('on the draft everything that was read is to be looked at, until a hand sets it', () => {
  const draft = withTagLine(EMPTY_TAG, tagLineOf(readTag([seen(TAG), seen(TAG)], 'psc-outdoor')))
  expect([...draft.guessed].sort()).toEqual(draft.leads.map((l) => l.id).sort())
  expect(draft.leads).toHaveLength(9)
  expect(draft.photographed).toBe(true)
  expect(draft.turns.CW).toEqual([
    ['purple', 'yellow'],
    ['orange', 'gray'],
  ])
  expect(EMPTY_TAG.photographed).toBe(false)
})
