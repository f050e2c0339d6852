// A practice unit as the learner has it before him: what can be touched, switched, looked at, named and changed, and how it stands.
import { ALL_CAUSES, CONTRIBUTORY, modelFor, SUBJECTS } from '../../diagnosis/model'
import { SWOLLEN } from '../../diagnosis/found'
import { figure, microfaradsText } from '../../quantity/display'
import { hookupPosts } from '../../wiring/hookup-posts'
import { NO_CAN } from '../../wiring/new-can'
import { leadEnd, wireEnd } from '../electricity/stand'
import { sightOf } from '../looks/sight'
import { hasPart, PART_NAMES, PARTS } from '../unit/parts'
import type { Pair } from '../unit/truth'
import { causesOf, type Van } from './act-problems'
import { isProbed } from './probed-test'
import { standIn, type Play } from './round'

/** What is asked of it without a probe: looked at, listened to, tried by hand. */
function looksOf(pair: Pair) {
  const { unit } = pair.healthy
  const seen = new Set<string>()
  return SUBJECTS.flatMap((subject) =>
    modelFor(unit, subject)
      .tests.filter(({ id }) => !isProbed(pair, id) && !seen.has(id) && seen.add(id))
      .map(({ id, question, kind, answers, note = null }) => ({
        test: id,
        question,
        kind,
        note,
        answers: answers.map((a) => ({ id: a.id, text: a.text })),
      })),
  )
}

const rangeText = ({ low, high }: { readonly low: number; readonly high: number }) =>
  low === high ? figure(low) : `${figure(low)}-${figure(high)}`

/** What is printed on it, a line each. */
function platesOf({ truth: { sheet, can, compressor, volts, unit, plated } }: Pair): string[] {
  const { nameplate, settings, capacitor } = sheet
  const powers = settings.horsepower.map((c) => `${c.horsepower} hp ${figure(c.amps)} A`).join(', ')
  const wanted = capacitor ? `, ${microfaradsText(capacitor.microfarads)} ${figure(capacitor.volts)} V` : ''
  const own = compressor?.can ? [`Compressor’s capacitor: ${microfaradsText(compressor.can.marked)}`] : []
  return [
    `Unit: ${unit.name}, ${figure(volts)} V; its fan’s motor ${plated.horsepower} hp, ${figure(plated.rpm)} rpm, ${figure(plated.amps)} A`,
    `Motor: ${powers}, ${figure(nameplate.rpm)} rpm, ${rangeText(nameplate.volts)} V, ${figure(nameplate.hertz)} Hz${wanted}`,
    ...(can
      ? [
          `Capacitor: ${can.sections.map((s) => `${s.id} ${microfaradsText(s.marked)}`).join(', ')}, ${figure(can.volts)} V, ±${figure(can.tolerancePercent)} %`,
        ]
      : []),
    ...own,
  ]
}

function causeNames(pair: Pair) {
  const named = [...ALL_CAUSES, ...CONTRIBUTORY.map(({ id, question }) => ({ id, name: question })), SWOLLEN]
  return causesOf(pair).flatMap((id) => {
    const cause = named.find((c) => c.id === id)
    return cause ? [{ id, name: cause.name }] : []
  })
}

/** What there is to touch and to do. */
export function benchView(play: Play, { likeForLike }: Van) {
  const { pair, safety, thermostat, lifted } = play
  const { truth } = pair
  const posts = hookupPosts(truth.unit, truth.can ?? NO_CAN)
  const parts = [...new Map(posts.map((p) => [p.part, p.partName]))]
  return {
    unit: truth.unit.name,
    fan: truth.unit.traits.fan,
    parts: parts.map(([id, name]) => ({
      id,
      // It is the one that is there, new or not.
      name: name === 'New capacitor' ? 'Capacitor' : name,
      posts: posts
        .filter((p) => p.part === id)
        .map((p) => ({ id: p.id, label: p.label, name: p.name.replace('the new can', 'the capacitor') })),
    })),
    leads: truth.sheet.leads.map(({ id, colour, stripe = null }) => ({
      id,
      end: leadEnd(id),
      insulation: { colour, stripe },
      goes: truth.placements.find(({ lead }) => lead === id)?.goes ?? ({ kind: 'insulated' } as const),
      isOff: lifted.includes(leadEnd(id)),
    })),
    wires: truth.unitWires.map(({ id, from, to }) => ({
      id,
      end: wireEnd(id),
      from,
      to,
      isOff: lifted.includes(wireEnd(id)),
    })),
    modes: truth.unit.modes.map(({ id, name }) => ({ id, name })),
    looks: looksOf(pair),
    plates: platesOf(pair),
    changes: PARTS.filter((part) => part !== 'motor-cooled' && hasPart(pair, part)).map((part) => ({
      part,
      name: PART_NAMES[part],
      isThere: likeForLike || (part !== 'motor' && part !== 'capacitor'),
    })),
    causes: causeNames(pair),
    safety,
    thermostat,
    sight: sightOf(pair, standIn(play)),
  }
}
