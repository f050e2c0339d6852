// What a picture of the tag on a motor's leads says: leads by colour and role, and what is joined for a direction, each with its place. For a person to look at:
// nothing is kept from here by itself, and what two looks at the picture read otherwise is left out.
import type { MotorKind } from '../../motor/kind'
import { insulationCode } from '../../motor/colour'
import type { LeadRole } from '../../motor/role'
import { readTagLine, type SaidLead, type TagLine } from '../tag-line'
import { takeTurns, turnKey, type SaidTurn } from '../tag-turns'
import { inColumns, textOf, turnPlaces } from './tag-columns'
import { around, type Box, type SeenLines, type SeenWord } from './words'

/** A lead that was read, and where. */
export interface ReadLead extends SaidLead {
  readonly role: LeadRole
  readonly box: Box
}

/** What is joined for a direction, and where it stands. */
export interface ReadTurn extends SaidTurn {
  readonly box: Box
}

/** What the looks at a tag say together. */
export interface TagReading {
  readonly leads: readonly ReadLead[]
  readonly turns: readonly ReadTurn[]
  /** Nothing that was seen is open: another look would change little. */
  readonly settled: boolean
}

/** Read by one look alone, its words must have been this sure. Our judgement. */
const SURE_ALONE = 80
/** A tag names three leads at least. */
const FEWEST = 3
/** Of these a motor has one. */
const ONCE: readonly LeadRole[] = ['motor-common', 'run', 'start', 'run-return', 'ground', 'select']

interface Found<T> {
  readonly value: T
  looks: number
  sure: number
}

/** `looks`: the words of one picture, read in one or more ways. Never throws, whatever was seen. */
export function readTag(looks: readonly SeenLines[], kind: MotorKind): TagReading {
  const leads = new Map<string, Found<ReadLead>>()
  const turns = new Map<string, Found<ReadTurn>>()
  for (const look of looks) {
    const pieces = inColumns(look)
    for (const [key, lead, sure] of unique(pieces.flatMap((piece) => leadsOf(piece, kind))))
      count(leads, key, lead, sure)
    const places = turnPlaces(pieces)
    const sure = Math.min(100, ...pieces.flat().map((w) => w.confidence))
    // Half of what is joined for a direction is no direction.
    for (const turn of takeTurns(pieces.map(textOf).join('\n')).turns) {
      const box = places.get(turn.direction)
      if (box && !turn.isCut) count(turns, turnKey(turn), { ...turn, box }, sure)
    }
  }
  const relied = <T>(found: Found<T>) => found.looks > 1 || found.sure >= SURE_ALONE
  const sound = withoutRivals([...leads.values()].filter(relied))
  return {
    leads: sound,
    turns: oneEach([...turns.values()].filter(relied)),
    settled: sound.length >= FEWEST && [...leads.values()].every(relied),
  }
}

function count<T>(all: Map<string, Found<T>>, key: string, value: T, sure: number): void {
  const found = all.get(key)
  if (!found) all.set(key, { value, looks: 1, sure })
  else {
    found.looks += 1
    found.sure = Math.max(found.sure, sure)
  }
}

function leadsOf(piece: readonly SeenWord[], kind: MotorKind): (readonly [string, ReadLead, number])[] {
  const { leads } = readTagLine(textOf(piece).replace(/[.…·]{2,}/g, ' '), kind)
  return leads.flatMap((lead) => {
    // A colour alone says nothing that was printed.
    if (lead.role === null || lead.isGuess) return []
    const read: ReadLead = { ...lead, role: lead.role, box: around(piece.map((w) => w.box)) }
    return [[keyOf(read), read, Math.min(...piece.map((w) => w.confidence))] as const]
  })
}

const keyOf = ({ insulation, role, speed }: ReadLead): string =>
  `${insulationCode(insulation)} ${role} ${speed ?? ''}`

/** A look tells each lead once. */
const unique = <T>(found: readonly (readonly [string, T, number])[]) => [
  ...new Map(found.map((one) => [one[0], one] as const)).values(),
]

/** Of two that cannot both be so, the one that twice as many looks read; where there is none such, neither. Rotation leads may have any colour. */
function withoutRivals(found: readonly Found<ReadLead>[]): ReadLead[] {
  const rivals = (a: ReadLead, b: ReadLead): boolean =>
    (insulationCode(a.insulation) === insulationCode(b.insulation) &&
      (a.role !== b.role || a.speed !== b.speed) &&
      a.role !== 'rotation' &&
      b.role !== 'rotation') ||
    (a.role === b.role && ONCE.includes(a.role) && keyOf(a) !== keyOf(b)) ||
    (a.role === 'speed' && b.role === 'speed' && a.speed === b.speed && keyOf(a) !== keyOf(b))
  return found
    .filter(
      (one) =>
        !found.some(
          (other) => other !== one && rivals(one.value, other.value) && one.looks < 2 * other.looks,
        ),
    )
    .map(({ value }) => value)
    .sort((a, b) => a.box.y0 - b.box.y0)
}

/** One way a direction; both join the same leads, and not alike. */
function oneEach(found: readonly Found<ReadTurn>[]): ReadTurn[] {
  const best = (['CW', 'CCW'] as const).flatMap((direction) => {
    const own = found.filter((f) => f.value.direction === direction).sort((a, b) => b.looks - a.looks)
    const [first, second] = own
    return first && (!second || first.looks >= 2 * second.looks) ? [first.value] : []
  })
  const [one, other] = best
  if (!one) return []
  // By itself one pair may be what is left of two.
  if (!other) return one.join.length > 1 ? best : []
  const leadsOfTurn = ({ join }: SaidTurn) => join.flat().map(insulationCode).sort().join(' ')
  const isAlike = turnKey({ ...one, direction: other.direction }) === turnKey(other)
  return isAlike || leadsOfTurn(one) !== leadsOfTurn(other) ? [] : best
}

/** As a line of the tag says it; figures are taken one by one, as of any plate. */
export const tagLineOf = ({ leads, turns }: Pick<TagReading, 'leads' | 'turns'>): TagLine => ({
  leads,
  turns,
  horsepower: null,
  amps: null,
  rpm: null,
  volts: null,
  microfarads: null,
  capacitorVolts: null,
  unread: [],
  isSeen: true,
})
