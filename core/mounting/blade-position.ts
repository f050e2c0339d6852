// Where the blade or wheel goes on the new motor's shaft, so that it stands where it stood; and whether the shaft lets it.
// One dimension, along the shaft, in inches from the mounting plane: the motor's face is at `face`, the hub's near side at `hub`.
import type { MountingWay } from './mounting-way'

/** A hub turns clear of the body by this much. Common practice, no source. */
export const HUB_CLEARANCE_INCHES = 0.25
/** Top of the blade this far into the shroud when the old position is not known. Common practice, no source. */
const RULE_OF_THUMB_INCHES = 0.5

/** One shaft end, old and new, in; null: not measured. */
export interface ShaftEnd {
  readonly way: MountingWay
  /** Where the shaft points; null: not said. It tells which edge of the blade the rule of thumb means. */
  readonly position?: 'shaft-up' | 'shaft-down' | 'horizontal' | null
  /** Length of the bodies; null: not measured. */
  readonly oldBody: number | null
  readonly newBody: number | null
  /** From the band to the shaft-end face, as it was; only for a band. */
  readonly band: number | null
  /** Old hub's near side from the old motor's shaft-end face; null: not measured. */
  readonly oldHub: number | null
  /** From the mounting plane to the shroud's lower edge, and from the hub's near side to the blade's upper edge: for the rule of thumb. */
  readonly shroud: number | null
  readonly hubToEdge: number
  /** Length of the hub along the shaft. */
  readonly hubLength: number | null
  /** From the new motor's face to the tip of its shaft, and how much of that from the tip is flat. */
  readonly shaft: number | null
  readonly flat: number | null
  /** Set screw from the hub's near side; its middle where it is not stated. */
  readonly screw: number | null
  /** Free room beyond the hub's far side, to a grille or a coil; null: open. */
  readonly roomBeyond: number | null
}

/** A note's stable name. */
export type BladeCode =
  | 'not-measured'
  | 'rule-of-thumb'
  | 'hits-body'
  | 'shaft-too-short'
  | 'off-the-flat'
  | 'cut-shaft'
  | 'flat-not-measured'
  | 'band-off-body'
  | 'shaft-not-measured'
/** What was found of the blade's place. */
export interface BladeNote {
  readonly code: BladeCode
  readonly severity: 'stop' | 'watch' | 'note'
  readonly text: string
  /** By how much, in; null where it is no length. */
  readonly inches: number | null
}

/** Where the hub goes and what that asks of the shaft, in; null: cannot tell. */
export interface BladePosition {
  readonly from: 'measured' | 'rule-of-thumb' | null
  /** Hub's near side from the mounting plane, as it must stand; null: cannot tell. */
  readonly hubFromPlane: number | null
  /** And from the new motor's shaft-end face: what is set with the tape; null: cannot tell. */
  readonly hubFromFace: number | null
  /** How far that is from where it was on the old shaft; plus: further from the body. */
  readonly shift: number | null
  /** Shaft-end face from the mounting plane, old and new. */
  readonly oldFace: number | null
  readonly newFace: number | null
  /** Shaft that sticks out beyond the hub. */
  readonly beyond: number | null
  /** To be cut off; null: none. */
  readonly cut: number | null
  readonly verdict: 'fits' | 'stop' | 'cannotTell'
  readonly notes: readonly BladeNote[]
}

/** Derived: hub from plane = face + hub from face, for both motors; base to base the shift is the difference of body length. */
export function placeBlade(end: ShaftEnd): BladePosition {
  const faces = facesOf(end)
  const hub = measuredHub(end, faces) ?? ruledHub(end, faces)
  if (!hub)
    return {
      ...NOTHING,
      oldFace: faces.old,
      newFace: faces.new,
      notes: [{ code: 'not-measured', severity: 'watch', text: whatIsMissing(end), inches: null }],
    }
  const notes: BladeNote[] = hub.from === 'rule-of-thumb' ? [ruledNote(end)] : []
  const { beyond, cut } = judgeShaft(end, hub.fromFace, notes)
  judgeBand(end, notes)
  const unknown = end.shaft === null || end.hubLength === null
  const stopped = notes.some((n) => n.severity === 'stop')
  return {
    from: hub.from,
    hubFromPlane: hub.fromPlane,
    hubFromFace: hub.fromFace,
    shift: hub.shift,
    oldFace: faces.old,
    newFace: faces.new,
    beyond,
    cut,
    verdict: stopped ? 'stop' : unknown ? 'cannotTell' : 'fits',
    notes,
  }
}

interface Faces {
  readonly old: number | null
  readonly new: number | null
}

/** Where the hub goes, inches, and how that is known. */
interface HubPlace {
  readonly from: 'measured' | 'rule-of-thumb'
  readonly fromPlane: number | null
  readonly fromFace: number
  readonly shift: number | null
}

/** Where it was, measured. A face that stays where it was asks for no body lengths: the hub's distance from it stays too. */
function measuredHub({ oldHub, way }: ShaftEnd, faces: Faces): HubPlace | null {
  if (oldHub === null) return null
  if (way === 'base' && (faces.old === null || faces.new === null)) return null
  const fromPlane = faces.old === null ? null : faces.old + oldHub
  const fromFace = fromPlane !== null && faces.new !== null ? fromPlane - faces.new : oldHub
  return { from: 'measured', fromPlane, fromFace, shift: fromFace - oldHub }
}

/**
 * By the rule of thumb, where the old place is not known: the blade's upper edge half an inch up into the shroud. Up is away from the plane
 * where the motor stands below and its shaft points up; towards it where the motor hangs and its shaft points down (derived).
 */
function ruledHub({ shroud, hubToEdge, position }: ShaftEnd, faces: Faces): HubPlace | null {
  if (shroud === null || faces.new === null) return null
  if (position !== 'shaft-up' && position !== 'shaft-down') return null
  const into = position === 'shaft-up' ? RULE_OF_THUMB_INCHES : -RULE_OF_THUMB_INCHES
  const fromPlane = shroud + into - hubToEdge
  return { from: 'rule-of-thumb', fromPlane, fromFace: fromPlane - faces.new, shift: null }
}

const ruledNote = ({ position }: ShaftEnd): BladeNote => ({
  code: 'rule-of-thumb',
  severity: 'watch',
  text: `By the rule of thumb: the blade’s upper edge, the one ${position === 'shaft-up' ? 'away from the motor' : 'on the motor’s side'}, half an inch up into the shroud. The old position was not measured.`,
  inches: RULE_OF_THUMB_INCHES,
})

const NOTHING: BladePosition = {
  from: null,
  hubFromPlane: null,
  hubFromFace: null,
  shift: null,
  oldFace: null,
  newFace: null,
  beyond: null,
  cut: null,
  verdict: 'cannotTell',
  notes: [],
}

function facesOf({ way, oldBody, newBody, band }: ShaftEnd): Faces {
  if (way === 'base') return { old: oldBody, new: newBody }
  // A band is set again at the same distance from the face; a face that is held itself stays where it is.
  const face = way === 'band' ? band : 0
  return { old: face, new: face }
}

function whatIsMissing({ way, oldBody, newBody, oldHub, shroud, position }: ShaftEnd): string {
  if (oldHub === null && shroud !== null && position !== 'shaft-up' && position !== 'shaft-down')
    return 'Say whether the shaft points up or down: the rule of thumb means the blade’s upper edge, and which that is follows from it. A level shaft has no such rule: measure the old hub.'
  const lacks = [
    ...(oldHub === null ? ['from the old motor’s face to the hub'] : []),
    ...(way === 'base' && oldBody === null ? ['the old body’s length'] : []),
    ...(way === 'base' && newBody === null ? ['the new body’s length'] : []),
  ]
  return `Measure ${lacks.join(', ')}; or, when the old one is gone, from the mounting plane to the shroud’s lower edge.`
}

function judgeShaft(
  { hubLength, shaft, flat, screw, roomBeyond }: ShaftEnd,
  hub: number,
  notes: BladeNote[],
): { readonly beyond: number | null; readonly cut: number | null } {
  if (hub < HUB_CLEARANCE_INCHES - 1e-9)
    notes.push({
      code: 'hits-body',
      severity: 'stop',
      text: 'The hub would stand in or against the body: the new body is too long for this blade’s place.',
      inches: HUB_CLEARANCE_INCHES - hub,
    })
  if (shaft === null || hubLength === null) {
    notes.push({
      code: 'shaft-not-measured',
      severity: 'watch',
      text: `Whether the shaft is long enough cannot be told: measure ${shaft === null ? 'it from the face to its tip' : 'the hub’s length'}.`,
      inches: null,
    })
    return { beyond: null, cut: null }
  }
  const beyond = shaft - (hub + hubLength)
  if (beyond < -1e-9)
    notes.push({
      code: 'shaft-too-short',
      severity: 'stop',
      text: 'The shaft is too short: the hub would not be on it with its whole length. Another motor, or a shaft adapter that is made for it.',
      inches: -beyond,
    })
  const at = hub + (screw ?? hubLength / 2)
  if (flat !== null && at < shaft - flat - 1e-9)
    notes.push({
      code: 'off-the-flat',
      severity: 'stop',
      text: 'The set screw would be off the flat: it slips. Turn the hub round, or take a motor with a longer flat.',
      inches: shaft - flat - at,
    })
  if (flat === null)
    notes.push({
      code: 'flat-not-measured',
      severity: 'note',
      text: 'The flat is not measured: see that the set screw bites on it.',
      inches: null,
    })
  const over = roomBeyond === null ? null : beyond - roomBeyond
  if (over !== null && over > 1e-9) {
    notes.push({
      code: 'cut-shaft',
      severity: 'watch',
      text: 'The shaft would reach what is beyond it: cut it before the blade goes on, and take the burr off.',
      inches: over,
    })
    return { beyond, cut: over }
  }
  return { beyond, cut: null }
}

function judgeBand({ way, band, newBody }: ShaftEnd, notes: BladeNote[]): void {
  if (way === 'band' && band !== null && newBody !== null && band >= newBody)
    notes.push({
      code: 'band-off-body',
      severity: 'stop',
      text: 'The band would be off the end of the new body: it is shorter than the old one.',
      inches: band - newBody,
    })
}
