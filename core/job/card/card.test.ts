import { workOutHookup } from '../../circuit/hookup'
import { BLOWER_CAN } from '../../testing/circuits'
import { hookupWith, onPost, requestFor } from '../../testing/fixtures'
import { makeCard, type Card, type CardHeading } from './card'
import { layOutCard } from './card-layout'
import { CARD_PAPERS, type CardPaper } from './paper'
import { wrap } from './drawing/column'
import { drawingOf } from './drawing/hookup-drawing'
import { boundsOf } from './drawing/testing/bounds'
import { cardSvg } from './card-svg'
import { printOf } from '../print'
import { hookupInput } from '../inputs/hookup-input'
import { EMPTY_JOB } from '../document'
import { CANS } from '../../capacitor/cans'

const HEADING: CardHeading = {
  job: 'job-1',
  title: 'Roof 3',
  site: 'North yard',
  date: '24 Nov 2026',
  technician: 'Ines',
  readings: [],
}
const askedFor = (unit?: string, sheet?: string) =>
  requestFor(unit, sheet, unit?.includes('own') ? {} : { compressorMicrofarads: 45 })
const cardFor = (unit?: string, sheet?: string, heading: Partial<CardHeading> = {}): Card => {
  const request = askedFor(unit, sheet)
  const card = makeCard(request, workOutHookup(request), { ...HEADING, ...heading })
  if (!card) throw new Error('no card')
  return card
}
const DRAWING = drawingOf(askedFor(), workOutHookup(askedFor()))
const shapesOf = (card: Card, code: string | null = null, paper: CardPaper = 'a5') =>
  layOutCard({ card, drawing: DRAWING, code, paper })
const textsOf = (card: Card) => shapesOf(card).flatMap((s) => (s.kind === 'text' ? [s.text] : []))

describe('the card', () => {
  it('says for every lead where it goes and where the old one was', () => {
    const rows = cardFor('heat-pump-1-pole-shared-capacitor').rows.map((r) => [r.lead, r.was, r.goes])
    expect(rows).toEqual([
      ['black', 'fan out on the defrost board', 'fan out on the defrost board'],
      ['white', 'T2 on the contactor', 'T2 on the contactor'],
      ['brown', 'FAN on the dual capacitor', 'the 5 µF section of the new can'],
      ['brown/white', null, 'insulated by itself'],
      ['green', 'the chassis ground', 'the chassis ground'],
    ])
  })
  it('is not made of a hookup that is stopped or not known', () => {
    const request = requestFor()
    expect(makeCard(request, hookupWith(request, { brown: onPost('T1') }), HEADING)).toBeNull()
    expect(
      makeCard({ ...request, wanted: null }, workOutHookup({ ...request, wanted: null }), HEADING),
    ).toBeNull()
  })
  it('says where the app was overruled', () => {
    const request = requestFor()
    const card = makeCard(request, hookupWith(request, { 'brown/white': onPost('CAN-C') }), HEADING)
    expect(card).toMatchObject({
      verdict: 'watch',
      watch: [expect.stringContaining('adds nothing on C on the new can')],
    })
    expect(card?.rows.find((r) => r.lead === 'brown/white')?.moved).toBe(true)
  })
  it('names the wires of the unit that the new can moved', () =>
    expect(cardFor().capacitor).toEqual(
      expect.arrayContaining([
        'Wire to T2 on the contactor: from C to C on the new can',
        'Wire to S on the compressor: from HERM to the 20 µF section of the new can',
      ]),
    ))
})

describe('its layout', () => {
  const long = 'Ünterdach '.repeat(30).slice(0, 300)
  const cards: [string, Card][] = [
    ['plain', cardFor()],
    ['three horsepowers', cardFor('heat-pump-2-pole-own-capacitor', 'rowan-33m')],
    [
      'names of 300 letters',
      cardFor(undefined, undefined, {
        title: long,
        site: 'x'.repeat(300),
        technician: long,
        readings: Array.from({ length: 20 }, () => 'y'.repeat(200)),
      }),
    ],
    ['an empty heading', cardFor(undefined, undefined, { title: '', site: '', date: '', technician: '' })],
  ]
  const sheets = cards.flatMap(([name, card]) =>
    (['a5', 'half-letter'] as const).map((paper) => [name, paper, card] as const),
  )
  it.each(sheets)('%s: everything is inside %s', (_, paper, card) => {
    const { width, height } = CARD_PAPERS[paper]
    for (const shape of shapesOf(card, null, paper)) {
      const { left, right, top, bottom } = boundsOf(shape)
      expect(left >= 0 && right <= width && top >= 0 && bottom <= height).toBe(true)
    }
  })
  it.each(sheets)('%s: no line of text is written over another on %s', (_, paper, card) => {
    const texts = shapesOf(card, null, paper).flatMap((s) => (s.kind === 'text' ? [s] : []))
    for (const [i, a] of texts.entries())
      for (const b of texts.slice(i + 1))
        if (a.x === b.x) expect(Math.abs(a.y - b.y)).toBeGreaterThan(Math.min(a.size, b.size))
  })
  it('says that there is more where not everything fits, and only there', () => {
    const MORE = 'There is more than fits on this card: the job has it all.'
    expect(textsOf(cards[2]?.[1] as Card)).toContain(MORE)
    expect(textsOf(cardFor())).not.toContain(MORE)
  })
  it('keeps the safety words and every lead whatever else it holds', () => {
    const texts = textsOf(cards[2]?.[1] as Card).join(' ')
    for (const words of [
      'Lock out, prove dead and discharge',
      'BK motor common',
      'GN ground',
      'insulated by itself',
    ])
      expect(texts).toContain(words)
  })
  it('breaks at spaces, inside long words, and ends with an ellipsis what does not fit', () => {
    expect(wrap('one two three', 7, 3)).toEqual(['one two', 'three'])
    expect(wrap('abcdefghij', 4, 3)).toEqual(['abcd', 'efgh', 'ij'])
    expect(wrap('aa bb cc dd', 2, 2)).toEqual(['aa', 'b…'])
  })
})

it('the SVG escapes what would be markup and drops what XML forbids', () => {
  const svg = cardSvg({
    shapes: shapesOf(cardFor(undefined, undefined, { title: '<b>&"\u0007x' })),
    title: '<b>&"\u0007x',
  })
  expect(svg).toContain('<title>&lt;b&gt;&amp;&quot;x</title>')
  expect(svg).not.toContain('<b>')
})

describe('the print of what was proven', () => {
  const request = requestFor()
  const job = {
    ...EMPTY_JOB,
    unit: request.unit.id,
    motor: request.sheet,
    can: CANS[0] ?? null,
    wires: {
      a: { from: 'T1', to: 'motor', segments: [], traced: true, stated: [] },
      b: { from: 'T2', to: 'motor', segments: [], traced: true, stated: [] },
    },
  }
  const print = (j: typeof job) => printOf(hookupInput(j) as NonNullable<ReturnType<typeof hookupInput>>)
  it('falls with the second shaft end, where the unit needs one; elsewhere it says nothing of the body', () => {
    const onUnit = (unit: string, throughShaft: boolean | null) =>
      print({
        ...job,
        unit,
        motor: {
          ...job.motor,
          mechanical: job.motor.mechanical && { ...job.motor.mechanical, throughShaft },
        },
      })
    expect(onUnit('roof-through-shaft', false)).not.toBe(onUnit('roof-through-shaft', true))
    expect(onUnit('roof-through-shaft', null)).not.toBe(onUnit('roof-through-shaft', true))
    expect(onUnit(job.unit, false)).toBe(onUnit(job.unit, true))
  })
  it('does not change with the order in which wires were entered', () =>
    expect(print({ ...job, wires: { b: job.wires.b, a: job.wires.a } })).toBe(print(job)))
  it('does not change when a later version reads the same sheet with fields it gained since', () => {
    const old = Object.fromEntries(
      Object.entries(job.motor).filter(([key]) => key !== 'mechanical' && key !== 'drains'),
    ) as unknown as typeof job.motor
    const bare = (list: object[]) =>
      list.map((c) =>
        Object.fromEntries(Object.entries(c).filter(([key]) => key !== 'open' && key !== 'coversFrom')),
      )
    const settings = { horsepower: bare(old.settings.horsepower), rotation: bare(old.settings.rotation) }
    const input = hookupInput(job) as NonNullable<ReturnType<typeof hookupInput>>
    const before = Object.fromEntries(
      Object.entries({ ...input, sheet: { ...old, settings } }).filter(([key]) => key !== 'speed'),
    ) as unknown as typeof input
    expect(printOf(before)).toBe(print(job))
    const noPlug = { ...job.motor, settings: { ...job.motor.settings, rotation: [] } }
    expect(printOf({ ...input, sheet: noPlug })).not.toBe(print(job))
  })
  it('changes with every figure it rests on', () => {
    const other = [
      { ...job, compressorMicrofarads: 45 },
      { ...job, wires: { ...job.wires, a: { ...job.wires.a, from: 'L1' } } },
      { ...job, can: CANS[1] ?? null },
    ]
    expect(new Set([job, ...other].map(print)).size).toBe(4)
  })
})

describe('what the card tells to know', () => {
  const request = requestFor()
  const answer = hookupWith(request, { 'brown/white': onPost('CAN-C') })
  const card = makeCard(request, answer, HEADING) as Card
  it('is every watched hazard and every warning, in their own words', () => {
    const said = [...answer.proof.hazards.map((h) => h.message), ...answer.warnings.map((w) => w.message)]
    expect(said.length).toBeGreaterThan(0)
    expect(card.watch).toEqual(said)
  })
  it('stands on the paper under its own heading, last; a card without any has no such heading', () => {
    const on = textsOf(card)
    const at = on.indexOf('To know')
    expect(at).toBeGreaterThan(on.indexOf('Set on the motor'))
    expect(on.slice(at + 1).join(' ')).toContain(card.watch[0]?.split(' ').slice(0, 4).join(' '))
    expect(textsOf({ ...card, watch: [] })).not.toContain('To know')
  })
})

describe('a card tells the truth per lead', () => {
  const blower = () => {
    const request = requestFor('gas-furnace-board', 'alder-33b', { can: BLOWER_CAN })
    const answer = workOutHookup(request)
    return makeCard(request, answer, HEADING)
  }
  it('the old wire is the one whose place the lead takes, also where several share a role', () => {
    const rows = Object.fromEntries((blower()?.rows ?? []).map((r) => [r.lead, [r.was, r.goes]]))
    expect(rows).toMatchObject({
      black: ['COOL on the fan board', 'COOL on the fan board'],
      red: ['HEAT on the fan board', 'HEAT on the fan board'],
      blue: ['PARK 1 on the fan board', 'PARK 1 on the fan board'],
      white: ['neutral on the fan board', 'neutral on the fan board'],
      brown: ['cap 1 on the blower capacitor', 'the 7.5 µF section of the new can'],
      'brown/white': ['cap 2 on the blower capacitor', 'C on the new can'],
    })
  })
  it('one figure of volts is said once', () => {
    expect(blower()?.settings[0]).toBe('1/3 hp, rated 5.6 A, 115 V, 1075 rpm')
    expect(cardFor().settings[0]).toContain('208–230 V')
  })
  it('names the direction from the tag’s end, with the other in brackets', () =>
    expect(cardFor().settings[1]).toBe(
      'Turns clockwise seen from the lead end (counter-clockwise from the shaft end)',
    ))
  it('a direction that is set by leaving a lead open is told as that, not as a missing plug', () => {
    const request = requestFor('cooling-2-pole-own-capacitor', 'teal-33e', { can: null as never })
    const lines = (['CW', 'CCW'] as const).flatMap((plug) => {
      const asked = {
        ...request,
        plug,
        speed: 'high' as const,
        wanted: { direction: plug, seenFrom: request.sheet.rotationNamedFrom },
      }
      return makeCard(asked, workOutHookup(asked), HEADING)?.settings.at(-1) ?? 'no card'
    })
    expect(lines.join('\n')).not.toContain('no reversing plug')
    expect(lines.some((line) => /left open and insulated$/.test(line))).toBe(true)
  })
  it('a conflict is said once', () => {
    const request = requestFor()
    const wires = request.wires.map((w) =>
      w.id === 'fan-c' ? { ...w, stated: [{ source: 'motor-label' as const, role: 'run' as const }] } : w,
    )
    const card = makeCard({ ...request, wires }, workOutHookup({ ...request, wires }), HEADING)
    expect(card?.watch).toEqual([
      'The wire on FAN on the dual capacitor is start by its terminal, against this: The motor’s own label says run.',
    ])
  })
})

describe('the can on the card is the can as it was wired', () => {
  const lines = (more: Partial<ReturnType<typeof requestFor>>, moves = {}) => {
    const request = { ...requestFor(), ...more }
    return makeCard(request, hookupWith(request, moves), HEADING)?.capacitor ?? []
  }
  const jumper = (from: string, to: string) => ({ from: `CAN-${from}`, to: `CAN-${to}` })

  it('as planned: jumpers straight from the lead’s post', () =>
    expect(lines({})).toEqual(
      expect.arrayContaining([
        'HERM 40 µF: lead on 20 µF, jumper to 20 µF',
        'FAN 7.5 µF: lead on 5 µF, jumper to 2.5 µF',
      ]),
    ))
  it('a row of jumpers is told one by one, outward, each from where it starts', () => {
    const jumpers = [jumper('20b', '20a'), jumper('5a', '20b'), jumper('2.5', '5b')]
    const put = { jumpers, wires: [] }
    expect(lines({ compressorMicrofarads: 45, put }, { brown: onPost('CAN-5b') })).toEqual(
      expect.arrayContaining([
        'HERM 45 µF: lead on 20 µF, jumper to 20 µF, jumper from 20 µF to 5 µF',
        'FAN 7.5 µF: lead on 5 µF, jumper to 2.5 µF',
      ]),
    )
  })
})

describe('the paper', () => {
  const headings = (card: Card) =>
    shapesOf(card).flatMap((s) => (s.kind === 'text' && s.weight === 700 ? [s.text] : []))
  it('has its parts under headings, in order; of a motor that stays nothing is called new', () => {
    const card = cardFor()
    const order = ['Each lead of the new motor', 'Capacitor', 'Set on the motor']
    expect(headings(card).filter((h) => order.includes(h))).toEqual(order)
    expect(headings({ ...card, motorStays: true })).toContain('Each lead of the motor')
    expect(headings({ ...card, readings: ['1.3 A in cooling'] })).toContain('Readings')
    expect(headings({ ...card, readings: [] })).not.toContain('Readings')
  })
  it('says what overrules it, and which job it is of', () => {
    const texts = textsOf(cardFor()).join(' ')
    expect(texts).toContain(
      'Lock out, prove dead and discharge before opening. The unit’s diagram, the motor’s tag, the maker’s instructions and local codes overrule this card.',
    )
    expect(texts).toContain('Oak Switch · job job-1')
  })
  it('a lead that the technician moved is told as moved, and one without an old wire of none', () => {
    const card = cardFor()
    const [row] = card.rows
    const of = (more: object) => textsOf({ ...card, rows: [{ ...row!, ...more }] }).join(' ')
    expect(of({ goes: 'T1', moved: true })).toContain('→ T1 (moved by the technician)')
    expect(of({ goes: 'T1', moved: false })).not.toContain('moved')
    expect(of({ was: 'brown' })).toContain('old wire: brown')
    expect(of({ was: '' })).not.toContain('old wire')
  })
})

describe('the card with its code', () => {
  const CODE = 'OAK SWITCH CARD 1. UNIT OF THE SHOP'
  const shapes = shapesOf(cardFor(), CODE)
  const square = shapes.find((s) => s.kind === 'code')
  it('has a square of 28 mm, its quiet edge included, within the paper', () => {
    if (square?.kind !== 'code') throw new Error('no code')
    expect(square).toMatchObject({ size: 28, text: CODE })
    expect([square.x, square.y].every((from) => from > 0)).toBe(true)
    expect(square.x + 28).toBeLessThanOrEqual(CARD_PAPERS.a5.width)
    expect(square.y + 28).toBeLessThanOrEqual(CARD_PAPERS.a5.height)
  })
  it('writes nothing over it', () => {
    if (square?.kind !== 'code') throw new Error('no code')
    const over = shapes.filter(
      (s) => s.kind !== 'code' && boundsOf(s).right > square.x && boundsOf(s).bottom > square.y,
    )
    expect(over).toEqual([])
  })
  it('says what the code is for; without one it says nothing of it', () => {
    expect(
      shapesOf(cardFor(), CODE)
        .flatMap((s) => (s.kind === 'text' ? [s.text] : []))
        .join(' '),
    ).toContain('“Read a card” takes it over into the next job')
    expect(textsOf(cardFor()).join(' ')).not.toContain('Read a card')
    expect(shapesOf(cardFor()).some((s) => s.kind === 'code')).toBe(false)
  })
  it('is drawn in the file by whoever can draw codes, and said as text in any case', () => {
    const draw = (text: string) => ({ d: `M0 0h${text.length}v1h-1z`, width: 56 })
    expect(cardSvg({ shapes, title: 'A card' })).toContain(`<g><desc>${CODE}</desc></g>`)
    expect(cardSvg({ shapes, title: 'A card' }, draw)).toContain(
      `scale(0.5)" d="M0 0h${CODE.length}v1h-1z" fill="#000"/></g>`,
    )
  })
})
