// A unit type from a file, or what is wrong with it in the trade's words; and the file that it is written to.
import * as v from 'valibot'
import { parseJson } from '@oak/core/job/job-file'
import { problemsOf } from '@oak/core/quantity/problem'
import type { UnitType } from '@oak/core/wiring/unit-type'
import { OwnUnitTypeSchema } from '@oak/core/wiring/unit-ref'

export const MAX_UNIT_BYTES = 1_000_000

/** What the file holds; where it is no unit type, or an unsound one, why. */
export function readUnitFile(
  text: string,
): { readonly ok: true; readonly unit: UnitType } | { readonly ok: false; readonly message: string } {
  const json = parseJson(text)
  if (!json.ok) return { ok: false, message: json.problems[0]?.message ?? 'The file cannot be read.' }
  if ((json.value as { format?: unknown } | null)?.format !== 'oak-switch/unit-type')
    return { ok: false, message: 'This is not a unit type of Oak Switch.' }
  const parsed = v.safeParse(OwnUnitTypeSchema, json.value)
  if (parsed.success) return { ok: true, unit: parsed.output }
  const first = problemsOf(parsed.issues)[0]
  return { ok: false, message: first?.message ?? 'The unit type is wrong.' }
}

export const unitFileText = (unit: UnitType): string => `${JSON.stringify(unit, null, 1)}\n`
