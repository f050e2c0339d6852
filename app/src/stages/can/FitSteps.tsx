// How to fit what was planned, step by step, each to be ticked with a thumb; a tick stays with its step while the hookup does.
import { useMemo } from 'react'
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import { hookupInput } from '@oak/core/job/inputs/hookup-input'
import type { FitStepsOutput } from '@oak/core/operations/fit-steps'
import { useOperation } from '../../parts/frame/use-operation'
import { StepRow } from '../../parts/ticks/StepRow'
import { editJob } from '../../platform/state/app'
import { Problem } from '../../ui/Problem'
import { Words } from '../../ui/Words'

/** Nothing while unit, wires, motor or can are not on record. */
export function FitSteps({ id, job }: { readonly id: string; readonly job: JobDocument }) {
  // Compared by contents: a tick is no reason to work the steps out again.
  const text = JSON.stringify(hookupInput(job))
  const input = useMemo(() => JSON.parse(text) as unknown, [text])
  const result = useOperation('fit-steps', input)
  if (!result) return null
  if (!result.ok) return <Problem text={result.error.message} />
  const { steps, instead, unknowns } = result.output as FitStepsOutput
  const done = steps.filter((s) => job.fitted[s.id]).length
  return (
    <View style={{ gap: 8 }} testID="fit-steps">
      <Words size="strong" heading={2}>
        {instead === null ? `Fit it: ${done} of ${steps.length} done` : 'Fit it'}
      </Words>
      {instead === null ? null : (
        <Words size="small" tone="stop">
          No steps yet. {instead}
        </Words>
      )}
      {instead === null && unknowns[0] ? (
        <Words size="small" tone="cannotTell">
          Not proven yet: {unknowns[0]}
        </Words>
      ) : null}
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
