// A lead sheet from a file, or what is wrong with it in the trade's words.
import * as v from 'valibot'
import { parseJson } from '@oak/core/job/job-file'
import { LEAD_SHEET_FORMAT, LeadSheetSchema, type LeadSheet } from '@oak/core/motor/lead-sheet'
import { problemsOf } from '@oak/core/quantity/problem'

export const MAX_SHEET_BYTES = 1_000_000

export function readSheetFile(
  text: string,
): { readonly ok: true; readonly sheet: LeadSheet } | { readonly ok: false; readonly message: string } {
  const json = parseJson(text)
  if (!json.ok) return { ok: false, message: json.problems[0]?.message ?? 'The file cannot be read.' }
  if ((json.value as { format?: unknown } | null)?.format !== LEAD_SHEET_FORMAT)
    return { ok: false, message: 'This is not a lead sheet of Oak Switch.' }
  const parsed = v.safeParse(LeadSheetSchema, json.value)
  if (parsed.success) return { ok: true, sheet: parsed.output }
  const first = problemsOf(parsed.issues)[0]
  return {
    ok: false,
    message: first
      ? `${first.message}${first.path ? ` (at ${first.path.replaceAll('.', ' › ')})` : ''}`
      : 'The lead sheet is wrong.',
  }
}
