// The tag editor's fields and edits, without rendering. A draft is kept on the device until it becomes a sheet.
import type { JobDocument } from '@oak/core/job/document'
import { jobSupply } from '@oak/core/job/inputs/supply-input'
import { STANDARD_HORSEPOWER } from '@oak/core/motor/horsepower'
import { MOTOR_KINDS, type MotorKind } from '@oak/core/motor/kind'
import { motorVoltsFor } from '@oak/core/motor/staying-tag'
import { EMPTY_TAG, rolesOf, type Pairing, type TagDraft } from '@oak/core/motor/tag-draft'
import { voltsName } from '@oak/core/motor/volts-choice'
import { usualMotorKind } from '@oak/core/wiring/unit-type'
import { unitTypeFor } from '@oak/core/wiring/unit-types'
import { rangeFigure } from '@oak/core/quantity/display'
import { numberField, type PlateField } from '../../parts/plates/plate-fields'

const KIND_NAMES: Readonly<Record<MotorKind, string>> = {
  'psc-outdoor': 'outdoor',
  'psc-blower': 'blower',
  'ecm-outdoor': 'outdoor, no can',
  'three-phase': 'three-phase',
}

const VOLTS = ['115', '208–230', '115/230', '277', '460'] as const

/** "115/230" names two voltages, each with its joins; "208–230" is one range. */
function voltsOf(text: string): Pick<TagDraft, 'volts' | 'voltsChoices'> {
  const several = text.split('/').map(Number)
  const [low, high] = text.split(/[–/]/).map(Number)
  return {
    volts: { low: low as number, high: high ?? (low as number) },
    voltsChoices:
      several.length > 1 ? several.map((v) => ({ volts: { low: v, high: v }, amps: null, how: '' })) : [],
  }
}

/** What stands on the tag's upper half. */
export function tagFields(draft: TagDraft): PlateField[] {
  const pick = (
    key: string,
    label: string,
    options: readonly { readonly value: string; readonly text: string }[],
    value: string,
  ): PlateField => ({
    key,
    label,
    text: options.find((o) => o.value === value)?.text ?? null,
    entry: { kind: 'pick', options, value },
  })
  return [
    pick(
      'kind',
      'kind',
      MOTOR_KINDS.map((value) => ({ value, text: KIND_NAMES[value] })),
      draft.kind,
    ),
    pick(
      'volts',
      'volts',
      VOLTS.map((value) => ({ value, text: `${value} V` })),
      draft.voltsChoices.length > 0 ? draft.voltsChoices.map(voltsName).join('/') : rangeFigure(draft.volts),
    ),
    numberField('rpm', 'speed', 'rpm', draft.rpm),
    ...(draft.capacitor
      ? [
          numberField('microfarads', 'its capacitor', 'µF', draft.capacitor.microfarads),
          pick(
            'capacitorVolts',
            'its rating',
            ['370', '440'].map((value) => ({ value, text: `${value} V` })),
            String(draft.capacitor.volts),
          ),
        ]
      : []),
    pick(
      'rotationNamedFrom',
      'seen from',
      [
        { value: 'lead-end', text: 'lead end' },
        { value: 'shaft-end', text: 'shaft end' },
      ],
      draft.rotationNamedFrom,
    ),
  ]
}

export function withTagField(draft: TagDraft, key: string, value: string | number | null): TagDraft {
  switch (key) {
    case 'kind':
      return withKind(draft, value as MotorKind)
    case 'volts':
      return { ...draft, ...voltsOf(String(value)) }
    case 'rpm':
      return { ...draft, rpm: value === null ? null : Number(value) }
    case 'microfarads':
      return {
        ...draft,
        capacitor: { volts: 370, ...draft.capacitor, microfarads: value === null ? null : Number(value) },
      }
    case 'capacitorVolts':
      return { ...draft, capacitor: { microfarads: null, ...draft.capacitor, volts: Number(value) } }
    case 'rotationNamedFrom':
      return { ...draft, rotationNamedFrom: value === 'shaft-end' ? 'shaft-end' : 'lead-end' }
    default:
      return draft
  }
}

/** An empty tag of the kind and the volts that this job needs. */
export function bareTag(job: JobDocument | null): TagDraft {
  const unit = job?.unit ? unitTypeFor(job.unit) : undefined
  const supply = job ? jobSupply(job) : null
  if (!unit || !supply) return EMPTY_TAG
  return {
    ...EMPTY_TAG,
    kind: usualMotorKind(unit),
    capacitor: usualMotorKind(unit) === 'three-phase' ? null : EMPTY_TAG.capacitor,
    volts: motorVoltsFor(supply.supply.volts),
    hertz: supply.supply.hertz,
  }
}

/** Leads that were entered stay, also those the other kind cannot have: they are shown as contradictions, not lost. */
function withKind(draft: TagDraft, kind: MotorKind): TagDraft {
  const hasCapacitor = kind === 'psc-outdoor' || kind === 'psc-blower'
  return {
    ...draft,
    kind,
    capacitor: hasCapacitor ? (draft.capacitor ?? EMPTY_TAG.capacitor) : null,
    volts: kind === 'psc-blower' && draft.leads.length === 0 ? { low: 115, high: 115 } : draft.volts,
  }
}

export const HORSEPOWER_OPTIONS = STANDARD_HORSEPOWER.map((value) => ({ value, text: `${value} hp` }))

/** "purple to yellow, orange to gray" */
export const pairingText = (pairing: Pairing): string =>
  pairing === null ? 'left open' : pairing.map(([a, b]) => `${a} to ${b}`).join(', ')
export const samePairing = (a: Pairing | undefined, b: Pairing): boolean =>
  a !== undefined && JSON.stringify(a) === JSON.stringify(b)

type TagRole = ReturnType<typeof rolesOf>[number]

/** The next lead's likeliest role: the first of its kind that is not there yet, then rotation or speed. */
export function nextRole(draft: TagDraft): TagRole {
  const roles = rolesOf(draft.kind)
  return firstMissing(draft) ?? (roles.includes('rotation') ? 'rotation' : (roles[0] ?? 'ground'))
}

const WINDING_ROLES = ['motor-common', 'run', 'start', 'run-return'] as const

function firstMissing({ kind, leads }: TagDraft): TagRole | undefined {
  const has = (role: string) => leads.some((lead) => lead.role === role)
  switch (kind) {
    case 'psc-outdoor':
      // A power tap is motor common's lead for one horsepower.
      return WINDING_ROLES.find((role) => !has(role) && !(role === 'motor-common' && has('power-tap')))
    case 'psc-blower':
      return has('line') ? 'speed' : 'line'
    case 'ecm-outdoor':
      return leads.filter((l) => l.role === 'line').length < 2 ? 'line' : 'select'
    default:
      return 'phase'
  }
}

/** A draft as it was kept; null when what was kept is none. */
export function readDraft(text: unknown): TagDraft | null {
  if (typeof text !== 'string') return null
  try {
    const value = JSON.parse(text) as TagDraft
    return Array.isArray(value.leads) && Array.isArray(value.horsepower) && typeof value.name === 'string'
      ? { ...EMPTY_TAG, ...value }
      : null
  } catch {
    return null
  }
}
