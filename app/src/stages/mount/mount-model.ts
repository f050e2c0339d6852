// What the mount screen calls its figures, and the sentence of its strip. No rendering here.
import type { MountFigure } from '@oak/core/mounting/figures'
import type { MountingWay } from '@oak/core/mounting/mounting-way'
import type { BladePositionOutput } from '@oak/core/operations/blade-position'
import { lengthText } from '@oak/core/quantity/inches'

interface FigureWords {
  readonly name: string
  readonly short: string
  readonly how: string
}
const figure = (name: string, short: string, how: string): FigureWords => ({ name, short, how })

export const FIGURE_WORDS: Readonly<Record<MountFigure, FigureWords>> = {
  oldBody: figure(
    'Old body, plane to face',
    'old body',
    'From the mounting plane to the face the shaft leaves.',
  ),
  newBody: figure(
    'New body, plane to face',
    'new body',
    'From the mounting plane to the face the shaft leaves; the sheet’s until you measure.',
  ),
  band: figure(
    'Band to shaft-end face',
    'band to face',
    'From the middle of the band to the face, on the old motor.',
  ),
  oldHub: figure(
    'Old face to hub',
    'face to hub',
    'From the old motor’s face to the near side of the hub, before the screw is loosened.',
  ),
  shroud: figure(
    'Plane to shroud',
    'plane to shroud',
    'From the mounting plane to the shroud’s lower edge: for the rule of thumb, when the old position is gone.',
  ),
  hubToEdge: figure(
    'Hub to blade edge',
    'hub to edge',
    'From the hub’s near side to the blade’s upper edge: the one that goes half an inch into the shroud.',
  ),
  hubLength: figure('Hub’s length', 'hub length', 'Along the shaft.'),
  shaft: figure('New shaft, face to tip', 'new shaft', 'From the new motor’s face to the tip of its shaft.'),
  flat: figure('Flat of the new shaft', 'flat', 'How far the flat reaches back from the tip.'),
  screw: figure(
    'Set screw in the hub',
    'set screw',
    'From the hub’s near side to the screw; its middle until you say.',
  ),
  roomBeyond: figure(
    'Room beyond the hub',
    'room beyond',
    'From the hub’s far side to the next thing: a grille, a coil.',
  ),
  oldFace2: figure(
    'Old face at the far end',
    'old far face',
    'From the mounting plane to the old motor’s other face.',
  ),
  newFace2: figure(
    'New face at the far end',
    'new far face',
    'From the mounting plane to the new motor’s other face.',
  ),
  oldHub2: figure(
    'Far face to hub',
    'far face to hub',
    'At the far end, from the old face to the near side of the wheel’s or blade’s hub.',
  ),
  shaft2: figure('Far shaft, face to tip', 'far shaft', 'From the new motor’s far face to the tip.'),
  hubLength2: figure('Far hub’s length', 'far hub', 'Along the shaft.'),
  flat2: figure('Flat of the far shaft', 'far flat', 'How far the flat reaches back from the tip.'),
  wheelMotor: figure('Gap at the motor’s side', 'gap at motor', 'Between the wheel and the housing.'),
  wheelFar: figure('Gap at the far side', 'gap far side', 'Between the wheel and the housing.'),
  stud: figure('Stud that stands out', 'stud', 'From the motor to its end.'),
  through: figure('What it goes through', 'goes through', 'Grille, plate and washers together.'),
  nut: figure('Nut’s height', 'nut', 'The thread it takes.'),
  capDepth: figure('Depth of the cap nut', 'cap nut', 'How far a thread goes in before it bottoms.'),
}

export function figuresFor(end: 'near' | 'far', way: MountingWay): MountFigure[] {
  if (end === 'far') return ['oldFace2', 'newFace2', 'oldHub2', 'shaft2', 'hubLength2', 'flat2']
  return [
    ...(way === 'base'
      ? (['oldBody', 'newBody'] as const)
      : way === 'band'
        ? (['band', 'newBody'] as const)
        : []),
    'oldHub',
    'hubLength',
    'shaft',
    'flat',
    'roomBeyond',
    'shroud',
    'hubToEdge',
  ]
}

type End = BladePositionOutput['ends'][number]
const ORDER = { stop: 0, cannotTell: 1, fits: 2 } as const

/** What the strip says: of two ends the worse, named. */
export function worstEnd(
  ends: readonly End[],
  unit: 'in' | 'mm',
): { readonly verdict: End['verdict']; readonly text: string } | null {
  const ranked = ends
    .map((end, i) => ({ end, i }))
    .sort((a, b) => ORDER[a.end.verdict] - ORDER[b.end.verdict] || a.i - b.i)
  const worst = ranked[0]
  return worst
    ? { verdict: worst.end.verdict, text: `${worst.i > 0 ? 'Lead end: ' : ''}${sentenceOf(worst.end, unit)}` }
    : null
}

export function sentenceOf(end: End, unit: 'in' | 'mm'): string {
  const stop = end.notes.find((n) => n.severity === 'stop')
  if (stop)
    return `${stop.text.split(':')[0]}${stop.inches === null ? '' : `, by ${lengthText(stop.inches, unit)}`}.`.replace(
      '..',
      '.',
    )
  if (end.hubFromFace === null) return 'Where the blade goes is not known yet: see what to measure.'
  const shift =
    end.shift === null
      ? ''
      : Math.abs(end.shift) < 1 / 64
        ? ', as before'
        : `, ${lengthText(Math.abs(end.shift), unit)} ${end.shift > 0 ? 'further out than' : 'closer than'} before`
  const how = end.from === 'rule-of-thumb' ? ' By the rule of thumb.' : ''
  return `Set the hub ${lengthText(end.hubFromFace, unit)} from the new face${shift}.${end.cut ? ` Cut ${lengthText(end.cut, unit)} off the shaft.` : ''}${how}${end.verdict === 'cannotTell' ? ' Whether the shaft lets it is not known.' : ''}`
}
