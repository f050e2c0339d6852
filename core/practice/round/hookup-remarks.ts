// What a hookup showed at its first power, and what a master would have done: from the copper that is there, not from what the app said of it.
import { postName } from '../../wiring/unit-type'
import { FAN_LOAD } from '../../wiring/new-can'
import { microfaradsText } from '../../quantity/display'
import { VIEW_NAMES } from '../../rotation/view'
import { insulationName } from '../../motor/colour'
import type { FanDoes } from '../looks/fan'
import type { FirstPower, Given } from '../looks/first-power'
import { fitted } from '../unit/fitting'
import type { Pair, Truth } from '../unit/truth'
import type { Step } from './round'

/** What a part may be off the tag, %. As the app's own usual setting. */
const OFF_PERCENT = 6

const DID: Readonly<Record<Exclude<FanDoes, 'right' | 'noisy'>, string>> = {
  dead: 'stood still',
  hums: 'hummed, and did not turn',
  push: 'hummed, and would have turned only if pushed',
  slow: 'turned too slowly',
  backwards: 'turned the wrong way',
  trips: 'drew so much that its cut-out lets go',
  'wrong-speed': 'ran at another speed than this output was made for',
  'stays-on': 'ran on with the thermostat off',
}

/** Leads that are elsewhere than a master puts them; sections of the capacitor count as one place. */
function elsewhere({ truth, usual = truth }: Pair): string[] {
  const { unit, sheet } = truth
  const place = (goes: Truth['placements'][number]['goes']) =>
    goes.kind === 'post' ? goes.post.replace(/^CAN-(?!C$).*/, 'CAN-') : goes.kind
  return usual.placements.flatMap(({ lead, goes }) => {
    const now = truth.placements.find((p) => p.lead === lead)
    const seen = sheet.leads.find((l) => l.id === lead)
    if (!now || !seen || place(now.goes) === place(goes)) return []
    if (goes.kind !== 'post') return [`${insulationName(seen)} belongs on no post`]
    const where = goes.post.startsWith('CAN-') ? 'the capacitor' : postName(unit, goes.post)
    return [`${insulationName(seen)} belongs on ${where}`]
  })
}

function turning({ truth: { plug, wanted } }: Pair): string {
  return `The air asks for ${wanted.direction} seen from the ${VIEW_NAMES[wanted.seenFrom]}; the plug was set to ${plug}.`
}

function ofMode(pair: Pair, names: readonly string[], does: FanDoes): string {
  const said = `In ${names.join(' and ')} it ${DID[does as keyof typeof DID] ?? 'made a noise'}.`
  if (does === 'backwards') return `${said} ${turning(pair)}`
  const leads = elsewhere(pair)
  return leads.length > 0 ? `${said} ${capital(leads.join(', and '))}.` : said
}
const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)

function ofGiven({ load, wanted, has }: Given): string[] {
  const whose = load === FAN_LOAD ? 'The motor’s tag' : 'The compressor'
  if (has === null)
    return [`${whose} asks for ${microfaradsText(wanted)}, and no capacitor is in its circuit.`]
  const isRight = Math.abs(has / wanted - 1) <= OFF_PERCENT / 100
  return isRight
    ? []
    : [`${whose} asks for ${microfaradsText(wanted)}; it was given ${microfaradsText(has)}.`]
}

/** One sentence for each thing that was wrong at the first power of this step; empty: nothing was. */
export function hookupRemarks(unit: Pair, steps: readonly Step[], at: number): string[] {
  const power = steps[at]?.power
  const act = steps
    .slice(0, at + 1)
    .map((step) => step.act)
    .findLast((one) => one.do === 'fit')
  if (!power || act?.do !== 'fit') return []
  return remarksOf(fitted(unit, act.fitting), power)
}

function remarksOf(pair: Pair, { modes, isBurnt, given }: FirstPower): string[] {
  const wrong = new Map<FanDoes, string[]>()
  for (const { name, does } of modes)
    if (does !== 'right') wrong.set(does, [...(wrong.get(does) ?? []), name])
  return [
    ...(isBurnt
      ? [
          'The windings turned so much into heat that they burnt before the cut-out let go: this motor is gone.',
        ]
      : []),
    ...[...wrong].map(([does, names]) => ofMode(pair, names, does)),
    ...given.flatMap(ofGiven),
  ]
}
