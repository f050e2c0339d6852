// What the board holds, as it is put into the practice unit; and what is on paper when it is handed over.
import type { JobDocument } from '@oak/core/job/document'
import type { HookupInput } from '@oak/core/job/inputs/hookup-input'
import { standingProof } from '@oak/core/job/standing-proof'
import { stageState } from '@oak/core/job/visit/stages'
import type { HookupOutput } from '@oak/core/operations/hookup-output'
import type { BenchOutput } from '@oak/core/operations/practice-round'
import type { Act } from '@oak/core/practice/round/act'

/** Of a motor that stays the tag was written down by hand: its leads are known by their colours. */
function leadInUnit(input: HookupInput, { leads }: Pick<BenchOutput, 'leads'>, id: string): string {
  if (!input.motorStays) return id
  const { colour, stripe = null } = input.sheet.leads.find((l) => l.id === id) ?? {}
  return leads.find((l) => l.insulation.colour === colour && l.insulation.stripe === stripe)?.id ?? id
}

/** Leads, wires, jumpers, plug and horsepower as they stand on the board now, right or not. */
export function fitAct(
  input: HookupInput,
  { horsepower, plug, speed, leads, unitWires, added, jumpers }: HookupOutput,
  bench: Pick<BenchOutput, 'leads'>,
): Act {
  const { can } = input
  return {
    do: 'fit',
    fitting: {
      sheet: input.motorStays ? null : input.sheet,
      horsepower: horsepower.horsepower,
      plug: plug.set.direction,
      speed,
      placements: leads.map(({ lead, goes }) => ({ lead: leadInUnit(input, bench, lead), goes })),
      unitWires: [...unitWires, ...added].map(({ id, from, to }) => ({ id, from, to })),
      can: can && {
        name: can.name,
        volts: can.volts,
        tolerancePercent: can.tolerancePercent,
        sections: [...can.sections],
        jumpers,
      },
    },
  }
}

/** With what the stages have on record. */
export const handOverAct = (job: JobDocument): Act => ({
  do: 'hand-over',
  readings: stageState(job, 'startup') === 'done',
  card: standingProof(job) !== null,
})
