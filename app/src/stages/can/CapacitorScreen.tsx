// Stage "capacitor": the can from the van, what each load needs, the plan with its jumpers; and the old one's readings.
import { DEFAULT_TOLERANCE_PERCENT } from '@oak/core/capacitor/verdict'
import type { JobId } from '@oak/core/job/job-id'
import { useRouter } from 'expo-router'
import { useMemo } from 'react'
import { View } from 'react-native'
import type { Can, Load } from '@oak/core/capacitor/can'
import type { TapPlan } from '@oak/core/capacitor/tap-plan/plan'
import type { JobDocument } from '@oak/core/job/document'
import { hasNoCan, liveCan, needsCan } from '@oak/core/job/inputs/hookup-input'
import { unitTypeFor } from '@oak/core/wiring/unit-types'
import { COMPRESSOR_LOAD, FAN_LOAD } from '@oak/core/wiring/new-can'
import { JobFrame } from '../../parts/frame/JobFrame'
import { useHookup, type HookupState } from '../../parts/frame/use-hookup'
import { useCurrentOperation } from '../../parts/frame/use-operation'
import { Problem } from '../../ui/Problem'
import { VerdictLine } from '../../ui/VerdictLine'
import { editJob, useVan } from '../../platform/state/app'
import { PrimaryButton } from '../../ui/PrimaryButton'
import { Words } from '../../ui/Words'
import { CanStage } from './CanStage'
import { FitSteps } from './FitSteps'
import { whatLacks } from './can-stage-model'
import { OldCanNote } from './OldCanNote'
import { Readings } from './Readings'
import { useProposedCan } from './use-proposed-can'
import { PlanStrip, PlanReasons } from './PlanWords'

function usePlan(job: JobDocument, can: Can, shared: boolean) {
  const loads = useMemo(() => {
    const list: Load[] = []
    if (shared && job.compressorMicrofarads)
      list.push({ load: COMPRESSOR_LOAD, microfarads: job.compressorMicrofarads })
    if (job.motor?.capacitor) list.push({ load: FAN_LOAD, microfarads: job.motor.capacitor.microfarads })
    return list
  }, [shared, job.compressorMicrofarads, job.motor])
  const tolerancePercent = job.tolerancePercent ?? DEFAULT_TOLERANCE_PERCENT
  const input = useMemo(
    () =>
      loads.length > 0 && can.sections.length > 0
        ? { sections: can.sections, loads, tolerancePercent, prefer: job.prefer }
        : null,
    [can, loads, tolerancePercent, job.prefer],
  )
  const { answer: result, isCurrent } = useCurrentOperation('tap-plan', input)
  return {
    isPlanned: input === null || isCurrent,
    plan: result?.ok ? (result.output as TapPlan) : null,
    problem: result && !result.ok ? result.error.message : null,
  }
}

export function CapacitorScreen({ id, job }: { readonly id: JobId; readonly job: JobDocument }) {
  const router = useRouter()
  const shared = (job.unit ? unitTypeFor(job.unit)?.traits.capacitor : 'shared') === 'shared'
  const { document: van } = useVan()
  const { can, isSettled, choosing } = useProposedCan(job, shared)
  const live = useMemo(() => liveCan({ can, deadSections: job.deadSections }) ?? can, [can, job.deadSections])
  const { plan, problem, isPlanned } = usePlan(job, live, shared)
  const lacks = whatLacks(job, shared, live)
  const hookup = useHookup(job)
  const answer = hookup.kind === 'ready' ? hookup.answer : null
  const onward = () => {
    if (choosing.length > 0 && needsCan(job)) editJob(id, choosing)
    router.replace(`/job/${id}/board`)
  }
  const start = job.motor?.leads.find((lead) => lead.role === 'start' || lead.role === 'capacitor')
  if (!needsCan(job)) return <NoCapacitor id={id} job={job} onNext={onward} />
  return (
    <JobFrame
      id={id}
      job={job}
      title="The new capacitor"
      picture={
        <CanStage
          {...{ id, job, shared, can, choosing, live, plan, isPlanned, start, van }}
          answer={answer}
        />
      }
      evidence={<CanEvidence plan={plan} can={can} id={id} job={job} shared={shared} />}
      strip={
        problem ? (
          <Problem text={problem} />
        ) : job.canPut ? (
          <HandStrip hookup={hookup} />
        ) : (
          <PlanStrip plan={plan} lacks={lacks} fanStaysEmpty={job.motor?.capacitor === null} />
        )
      }
      action={
        <PrimaryButton
          text="Next: the hookup board"
          disabled={lacks !== null || !isSettled}
          onPress={onward}
          testID="capacitor-next"
        />
      }
    />
  )
}

/** Of a can that was wired by hand the proof speaks, not the plan. */
function HandStrip({ hookup }: { readonly hookup: HookupState }) {
  const proof = hookup.kind === 'ready' ? hookup.answer.proof : null
  return (
    <VerdictLine
      mark={proof?.verdict ?? 'cannotTell'}
      text={
        proof?.sentence ??
        (hookup.kind === 'missing'
          ? 'Wired by hand. It is proven once unit, wires and motor are on record.'
          : 'Working it out…')
      }
      size="strong"
      toned
      testID="plan-strip"
    />
  )
}

interface CanEvidenceProps {
  readonly plan: TapPlan | null
  readonly can: Can
  readonly id: string
  readonly job: JobDocument
  readonly shared: boolean
}

function CanEvidence({ plan, can, id, job, shared }: CanEvidenceProps) {
  return (
    <View style={{ gap: 16 }}>
      {plan ? <PlanReasons plan={plan} can={can} /> : null}
      <FitSteps id={id} job={job} />
      <OldCanNote id={id} job={job} />
      <Readings id={id} job={job} sides={shared ? ['FAN', 'HERM'] : ['FAN']} />
    </View>
  )
}

/** A motor without a capacitor, where the old one served only the fan or there was none. */
function NoCapacitor({
  id,
  job,
  onNext,
}: {
  readonly id: string
  readonly job: JobDocument
  readonly onNext: () => void
}) {
  const hadCan = !hasNoCan(job)
  return (
    <JobFrame
      id={id}
      job={job}
      title="The new capacitor"
      picture={
        <View style={{ gap: 12, paddingVertical: 24 }} testID="no-capacitor">
          <Words size="large">No capacitor here.</Words>
          <Words>
            {hadCan
              ? `${job.motor?.name} needs none, and the old one served only the fan. Discharge it, take it out, and land nothing in its place.`
              : `Three phases start without one: ${job.motor?.name} needs none, and this unit has none for its fan.`}
          </Words>
        </View>
      }
      evidence={
        <View style={{ gap: 16 }}>
          <FitSteps id={id} job={job} />
          {hadCan ? <Readings id={id} job={job} sides={['FAN']} /> : null}
        </View>
      }
      action={<PrimaryButton text="Next: the hookup board" onPress={onNext} testID="capacitor-next" />}
    />
  )
}
