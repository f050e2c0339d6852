// What the card draws is what was proven: every lead to its own post, the can as it is wired, the shaft the way it turns; for hookups of every kind, on both papers.
import { BLOWER_CAN } from '../../../testing/circuits'
import { hookupWith, onPost, requestFor, sheetOf, threePhaseRequest } from '../../../testing/fixtures'
import type { HookupRequest } from '../../../circuit/hookup'
import { CAN_SHAPES } from '../../../capacitor/can'
import { insulationCode } from '../../../motor/colour'
import { LEAD_SHEETS } from '../../../motor/lead-sheets'
import { PAINT, tracerOf } from '../../../motor/paint'
import { at, known } from '../../../quantity/at'
import type { Placement } from '../../../wiring/placement'
import { UNIT_TYPES } from '../../../wiring/unit-types'
import { makeCard, type Card } from '../card'
import { layOutCard } from '../card-layout'
import { CARD_PAPERS, type CardPaper } from '../paper'
import { inParts } from './draw-leads'
import { drawingOf, type CanTop, type HookupDrawing } from './hookup-drawing'
import type { Shape } from './shapes'
import { boundsOf, overlap } from './testing/bounds'

const HEADING = {
  job: '01950000-0000-7000-8000-0000000000a1',
  title: 'Roof 3',
  site: 'North yard',
  date: '28 Nov 2026',
  technician: 'Ines',
  readings: ['Running in cooling: 1.3 A'],
}

interface Made {
  readonly card: Card
  readonly drawing: HookupDrawing
}
function made(
  request: HookupRequest,
  moves: Readonly<Record<string, Placement>> = {},
  top: CanTop | null = null,
): Made | null {
  const answer = hookupWith(request, moves)
  const card = makeCard(request, answer, HEADING)
  return card && { card, drawing: drawingOf(request, answer, top) }
}
const known_ = (one: Made | null): Made => known(one, 'The card')
const draw = (one: Made, paper: CardPaper = 'a5') => layOutCard({ ...one, code: 'CARD', paper })
const of = <K extends Shape['kind']>(shapes: readonly Shape[], kind: K) =>
  shapes.filter((s): s is Extract<Shape, { kind: K }> => s.kind === kind)
const texts = (shapes: readonly Shape[]) => of(shapes, 'text')
const said = (shapes: readonly Shape[]) => texts(shapes).map((t) => t.text)

const blower = (unit: string, sheet: string, more = {}) =>
  requestFor(unit, sheet, { can: BLOWER_CAN, ...more })
const KINDS: [string, HookupRequest][] = [
  ['three phases', threePhaseRequest()],
  ...UNIT_TYPES.flatMap((unit) =>
    LEAD_SHEETS.map((sheet): [string, HookupRequest] => [
      `${unit.id}, ${sheet.id}`,
      unit.traits.fan === 'blower' ? blower(unit.id, sheet.id) : requestFor(unit.id, sheet.id),
    ]),
  ),
]
const CARDS = KINDS.flatMap(([name, request]) => {
  const one = made(request)
  return one ? [{ name, one }] : []
})

it('there are cards of every family of unit to look at', () => {
  const families = new Set(CARDS.map(({ name }) => name.split(',')[0]))
  expect(CARDS.length).toBeGreaterThan(30)
  // All but those that need more than a request here holds.
  expect(families.size).toBeGreaterThan(UNIT_TYPES.length * 0.6)
})

describe.each(CARDS)('$name', ({ one }) => {
  it.each(Object.keys(CARD_PAPERS) as CardPaper[])(
    'on %s nothing leaves the paper, and no words lie on words',
    (paper) => {
      const shapes = draw(one, paper)
      const { width, height } = CARD_PAPERS[paper]
      for (const shape of shapes) {
        const { left, right, top, bottom } = boundsOf(shape)
        expect([left >= 0, right <= width, top >= 0, bottom <= height]).toEqual([true, true, true, true])
      }
      const words = texts(shapes).map((t) => ({ text: t.text, ...boundsOf(t) }))
      const clashes = words.flatMap((a, i) =>
        words.slice(i + 1).flatMap((b) => (overlap(a, b) ? [`${a.text} / ${b.text}`] : [])),
      )
      expect(clashes).toEqual([])
    },
  )

  it('each lead is a wire in its colours from the motor to the ring of its post, whose name stands beside it', () => {
    const shapes = draw(one)
    const wires = of(shapes, 'wire')
    for (const [i, row] of one.card.rows.entries()) {
      const name = `${insulationCode(row.insulation)} ${row.role}`
      // The first line of its name stands over its own wire: the next one down.
      const over = known(
        texts(shapes).find((t) => name.startsWith(t.text) && t.weight === 700 && t.x < 30),
        name,
      )
      const wire = known(
        wires
          .filter((w) => at(w.points, 0)[0] < 20 && at(w.points, 0)[1] > over.y)
          .sort((a, b) => at(a.points, 0)[1] - at(b.points, 0)[1])[0],
        'The wire',
      )
      // Two leads of one colour and role are told apart by nothing: their ends are compared in the test of the order.
      if (one.card.rows.filter((r) => `${insulationCode(r.insulation)} ${r.role}` === name).length > 1)
        continue
      expect([wire.paint, wire.tracer]).toEqual([
        PAINT[row.insulation.colour],
        tracerOf(row.insulation.colour, row.insulation.stripe),
      ])
      const [x, y] = at(wire.points, 1)
      const end = known(one.drawing.ends[i], 'The end')
      const ring = of(shapes, 'round').find((r) => Math.abs(r.y - y) < 0.01 && r.x > x)
      if (end.kind !== 'post') {
        expect(ring).toBeUndefined()
        continue
      }
      expect(Math.abs(known(ring, 'The ring').x - x)).toBeLessThan(3)
      expect(row.goes).toContain(end.label.replace(/ µF.*/, ''))
    }
  })
})

describe('the order of the ladder', () => {
  const end = (part: string, post: string) => ({
    kind: 'post' as const,
    post,
    label: post,
    part,
    partName: part,
  })
  const row = (lead: string) => ({ lead }) as unknown as Card['rows'][number]
  it('parts come in the order of their first lead, a post’s leads side by side, what is on no post last', () => {
    const rows = [
      { row: row('a'), end: { kind: 'insulated' as const } },
      { row: row('b'), end: end('can', 'C') },
      { row: row('c'), end: end('contactor', 'T1') },
      { row: row('d'), end: end('can', 'FAN') },
      { row: row('e'), end: end('can', 'C') },
    ]
    expect(inParts(rows).map((part) => part.map((r) => r.row.lead))).toEqual([['b', 'e', 'd'], ['c'], ['a']])
  })
  it('two leads on one post share its metal and its name', () => {
    const one = known_(made(requestFor(), { 'brown/white': onPost('T2') }))
    const shapes = draw(one)
    // White run and brown/white are both on T2.
    const bars = of(shapes, 'line').filter((l) => l.width === 1.6)
    expect(bars).toHaveLength(1)
    expect(said(shapes).filter((t) => t === 'T2')).toHaveLength(2)
  })
})

describe('the can on paper', () => {
  const one = known_(made(requestFor()))
  const shapes = draw(one)
  const posts = (list: readonly Shape[]) => {
    const rounds = of(list, 'round')
    return texts(list).flatMap((t) => {
      const [ring] = rounds
        .filter((r) => Math.hypot(r.x - t.x, r.y - t.y) < r.r && t.anchor === 'middle')
        .sort((a, b) => a.r - b.r)
      return ring && t.text !== 'M'
        ? [{ value: t.text, fill: ring.fill, isBroken: ring.broken ?? false }]
        : []
    })
  }
  it('every section by its value; those that serve are dark, the others broken', () =>
    // 40 µF of 20 and 20, 7.5 µF of 5 and 2.5; 10 and the other 5 are left.
    expect(
      posts(shapes)
        .map((p) => `${p.value} ${p.fill}${p.isBroken ? ' broken' : ''}`)
        .sort(),
    ).toEqual(['10 paper broken', '2.5 ink', '20 ink', '20 ink', '5 ink', '5 paper broken', 'C paper']))
  it('one strip a jumper', () => {
    expect(of(shapes, 'strip')).toHaveLength(2)
    expect(known_(made(requestFor())).drawing.can?.jumpers).toHaveLength(2)
  })
  it('what comes to it has its letters: the fan’s start lead with its load, the compressor’s S, and T2 on C', () => {
    expect(one.drawing.can?.wires.map((w) => [w.post, w.words, w.load])).toEqual([
      ['CAN-5a', 'BN', 'FAN'],
      ['CAN-C', 'T2', null],
      ['CAN-20a', 'S', 'HERM'],
    ])
    expect(said(shapes)).toEqual(expect.arrayContaining(['BN', 'FAN', 'S', 'HERM', 'T2']))
  })
  it('a start kit comes to the compressor’s section and to where its far end is', () => {
    const kit = known_(made(requestFor(undefined, undefined, { hardStart: 'CAN-C' })))
    expect(kit.drawing.can?.wires.filter((w) => w.words === 'kit').map((w) => w.post)).toEqual([
      'CAN-C',
      'CAN-20a',
    ])
  })
  it('a section that died is drawn where it stands, crossed out, and one of another can is not', () => {
    const sections = known(requestFor().can, 'The can').sections
    const dead = { id: 'gone', microfarads: 15 }
    const with_ = known_(made(requestFor(), {}, { sections: [...sections, dead] }))
    expect([...(with_.drawing.can?.dead ?? [])]).toEqual(['gone'])
    const crosses = (list: readonly Shape[]) => of(list, 'line').filter((l) => l.width === 0.8)
    expect(crosses(draw(with_))).toHaveLength(2)
    expect(said(draw(with_))).toContain('15')
    const other = known_(made(requestFor(), {}, { sections: [dead] }))
    expect(other.drawing.can?.dead.size).toBe(0)
    expect(said(draw(other))).not.toContain('15')
  })
  it.each(CAN_SHAPES)('its posts stand as on the one in the hand: %s', (shape) => {
    const sections = known(requestFor().can, 'The can').sections
    const middle = known_(made(requestFor(), {}, { face: { shape, c: 'top' }, sections }))
    const list = draw(middle)
    const c = known(
      texts(list).find((t) => t.text === 'C' && t.anchor === 'middle'),
      'C',
    )
    const twenty = texts(list).filter((t) => t.text === '20' && t.anchor === 'middle')
    // C at the top: no section over it.
    expect(twenty.every((t) => t.y > c.y)).toBe(true)
  })
  it('no can, no picture of one', () => {
    const none = known_(made(threePhaseRequest()))
    expect(none.drawing.can).toBeNull()
    expect(of(draw(none), 'strip')).toEqual([])
  })
})

describe('what is set on the motor', () => {
  // The area that a way encloses, y downwards: positive is clockwise.
  const turn = (points: readonly (readonly [number, number])[]) =>
    points.reduce((sum, [x, y], i) => {
      const [nx, ny] = at(points, (i + 1) % points.length)
      return sum + (x * ny - nx * y) / 2
    }, 0)
  it.each(['CW', 'CCW'] as const)('%s: the arrow turns that way, and says from which end', (direction) => {
    const base = requestFor()
    const one = known_(made({ ...base, wanted: { direction, seenFrom: 'lead-end' } }))
    const shapes = draw(one)
    const arc = known(
      of(shapes, 'line').find((l) => l.points.length > 10),
      'The arc',
    )
    expect(Math.sign(turn(arc.points))).toBe(direction === 'CW' ? 1 : -1)
    // The head is at the arrow's end, not at its beginning.
    const head = known(
      of(shapes, 'line').find((l) => l.points.length === 3),
      'The head',
    )
    expect(at(head.points, 1)).toEqual(at(arc.points, arc.points.length - 1))
    expect(base.sheet.rotationNamedFrom).toBe('lead-end')
    expect(said(shapes)).toContain(direction === 'CW' ? 'clockwise' : 'counter-clockwise')
    expect(said(shapes)).toContain('from the lead end')
  })
  it('the joins are those of the plug’s set position, by the letters of both leads', () => {
    const base = requestFor()
    const codes = (direction: 'CW' | 'CCW') => {
      const one = known_(made({ ...base, wanted: { direction, seenFrom: 'lead-end' } }))
      return one.drawing.joins.map(({ from, to }) => [insulationCode(from), to && insulationCode(to)])
    }
    const byTag = (direction: 'CW' | 'CCW') =>
      known(
        sheetOf('rowan-25r').settings.rotation.find((r) => r.direction === direction),
        'The position',
      ).join.map((pair) =>
        pair.map((id) =>
          insulationCode(
            known(
              sheetOf('rowan-25r').leads.find((l) => l.id === id),
              'The lead',
            ),
          ),
        ),
      )
    expect(codes('CW')).toEqual(byTag('CW'))
    expect(codes('CCW')).toEqual(byTag('CCW'))
    expect(codes('CW')).not.toEqual(codes('CCW'))
  })
  it('of three phases nothing is joined: which way they turn is seen', () =>
    expect(known_(made(threePhaseRequest())).drawing.joins).toEqual([]))
})
