// The plan of the can in words: its verdict for the foot, its reasons beside the picture.
import { VerdictLine } from '../../ui/VerdictLine'
import type { Verdict } from '../../ui/VerdictMark'
import { View } from 'react-native'
import type { Can, SectionId } from '@oak/core/capacitor/can'
import type { TapPlan } from '@oak/core/capacitor/tap-plan/plan'
import { figure, percentText } from '@oak/core/quantity/display'
import { Words } from '../../ui/Words'

interface PlanStripProps {
  readonly plan: TapPlan | null
  readonly lacks: string | null
  readonly fanStaysEmpty: boolean
}

export function PlanStrip(props: PlanStripProps) {
  return <VerdictLine mark={planMark(props)} text={planText(props)} size="strong" toned testID="plan-strip" />
}

function planMark({ plan, lacks }: PlanStripProps): Verdict {
  if (lacks || !plan) return 'cannotTell'
  return plan.feasible ? 'proven' : 'stop'
}

function planText({ plan, lacks, fanStaysEmpty }: PlanStripProps): string {
  if (lacks) return lacks
  if (!plan) return 'Working it out…'
  if (!plan.feasible) return plan.problems[0]?.message ?? 'No plan.'
  const groups = plan.groups.map(
    (g) => `${g.load} ${figure(g.microfarads)} µF (${percentText(g.errorPercent)})`,
  )
  const jumpers = jumperText(plan.jumperCount)
  return `${groups.join(', ')}; ${jumpers}.${fanStaysEmpty ? ' The fan’s post stays empty.' : ''}`
}

function jumperText(count: number): string {
  if (count === 0) return 'no jumper'
  return count === 1 ? '1 jumper' : `${count} jumpers`
}

export function PlanReasons({ plan, can }: { readonly plan: TapPlan; readonly can: Can }) {
  const value = (section: SectionId) =>
    `${figure(can.sections.find((s) => s.id === section)?.microfarads ?? NaN)} µF`
  return (
    <View style={{ gap: 8 }}>
      {plan.groups.map((g) => (
        <Words key={g.load} size="small">
          {g.load}: lead on {value(g.lead)}
          {g.jumpers
            .map((j) => `, jumper to ${value(j.to)} (${figure(100 * j.share, 0)} % of its current)`)
            .join('')}
          .
        </Words>
      ))}
      {plan.feasible ? (
        <Words size="small" tone="quiet">
          Cap C takes everything that was on the old C. The lead lands on the largest section, so that a
          jumper carries only the smaller share.
        </Words>
      ) : null}
      {plan.nearest ? (
        <Words size="small" tone="quiet">
          Take another can, or add its missing value.
        </Words>
      ) : null}
    </View>
  )
}
