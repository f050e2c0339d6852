// How to fit what was planned, step by step, each to be ticked with a thumb; a tick stays with its step while the plan does.
import { useMemo } from 'react'
import { View } from 'react-native'
import type { Can } from '@oak/core/capacitor/can'
import type { TapPlan } from '@oak/core/capacitor/tap-plan/plan'
import type { JobDocument } from '@oak/core/job/document'
import type { FitStepsOutput } from '@oak/core/operations/fit-steps'
import { useOperation } from '../../parts/frame/use-operation'
import { StepRow } from '../../parts/ticks/StepRow'
import { editJob } from '../../platform/state/app'
import { Words } from '../../ui/Words'
import type { KitEnd } from './CanView'

export interface FitStepsProps {
  readonly id: string
  readonly job: JobDocument
  readonly can: Can
  readonly plan: TapPlan
  /** The lead that lands for each load, in words. */
  readonly leads: Readonly<Record<string, string>>
  readonly kit: KitEnd
  readonly shared: boolean
}

export function FitSteps({ id, job, can, plan, leads, kit, shared }: FitStepsProps) {
  const input = useMemo(
    () => ({
      can: {
        name: can.name,
        sections: can.sections,
        tolerancePercent: can.tolerancePercent,
        protectedStart: can.protectedStart,
      },
      groups: plan.groups.map(({ load, sections, lead, jumpers, microfarads }) => ({
        load,
        sections,
        lead,
        jumpers,
        microfarads,
      })),
      leads,
      hardStart: kit === 'protected' && !can.protectedStart ? 'none' : kit,
      shared,
    }),
    [can, plan, leads, kit, shared],
  )
  const result = useOperation('fit-steps', input)
  if (!result) return null
  if (!result.ok)
    return (
      <Words tone="stop" size="strong" live>
        {result.error.message}
      </Words>
    )
  const { steps } = result.output as FitStepsOutput
  const done = steps.filter((s) => job.fitted[s.id]).length
  return (
    <View style={{ gap: 6 }} testID="fit-steps">
      <Words size="strong" heading={2}>
        Fit it: {done} of {steps.length} done
      </Words>
      {steps.map((step) => (
        <StepRow
          key={step.id}
          testID={`fit-${step.id}`}
          state={job.fitted[step.id] ? 'done' : 'open'}
          text={step.text}
          detail={step.why}
          onPress={() =>
            editJob(id, [{ path: ['fitted', step.id], value: job.fitted[step.id] ? null : true }])
          }
        />
      ))}
    </View>
  )
}
