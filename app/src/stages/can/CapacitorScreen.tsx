// Stage "capacitor": the can from the van, what each load needs, the plan with its jumpers; and the old one's readings.
import type { Lead } from '@oak/core/motor/lead-sheet'
import type { VanDocument } from '@oak/core/job/van'
import { useRouter } from 'expo-router'
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import type { Can, Load } from '@oak/core/capacitor/can'
import type { TapPlan } from '@oak/core/capacitor/tap-plan/plan'
import type { JobDocument } from '@oak/core/job/document'
import { liveCan, needsCan } from '@oak/core/job/inputs/hookup-input'
import { insulationName } from '@oak/core/motor/colour'
import { figure } from '@oak/core/quantity/display'
import { unitTypeById } from '@oak/core/wiring/unit-types'
import { COMPRESSOR_LOAD, FAN_LOAD } from '@oak/core/wiring/new-can'
import { JobFrame } from '../../parts/frame/JobFrame'
import { useOperation } from '../../parts/frame/use-operation'
import { editJob, useVan } from '../../platform/state/app'
import { offeredCans } from '../../parts/stock/van-model'
import { Choice } from '../../ui/Choice'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Words } from '../../ui/Words'
import { CanPicker } from './CanPicker'
import { CanView } from './CanView'
import { FitSteps } from './FitSteps'
import { killEdits, whatLacks } from './can-stage-model'
import { OldCanNote } from './OldCanNote'
import { PlanSheet } from './PlanSheet'
import { StartCapacitor } from './StartCapacitor'
import { WantedNotes } from './WantedNotes'
import { Readings } from './Readings'
import { Needs, HardStart, kitEnd } from './CanNeeds'
import { PlanStrip, PlanReasons } from './PlanWords'

function usePlan(job: JobDocument, can: Can, shared: boolean) {
  const loads = useMemo(() => {
    const list: Load[] = []
    if (shared && job.compressorMicrofarads)
      list.push({ load: COMPRESSOR_LOAD, microfarads: job.compressorMicrofarads })
    if (job.motor?.capacitor) list.push({ load: FAN_LOAD, microfarads: job.motor.capacitor.microfarads })
    return list
  }, [shared, job.compressorMicrofarads, job.motor])
  const input = useMemo(
    () =>
      loads.length > 0 && can.sections.length > 0
        ? { sections: can.sections, loads, tolerancePercent: can.tolerancePercent, prefer: job.prefer }
        : null,
    [can, loads, job.prefer],
  )
  const result = useOperation('tap-plan', input)
  return {
    loads,
    plan: result?.ok ? (result.output as TapPlan) : null,
    problem: result && !result.ok ? result.error.message : null,
  }
}

const NO_LEADS: Readonly<Record<string, string>> = {}

export function CapacitorScreen({ id, job }: { readonly id: string; readonly job: JobDocument }) {
  const router = useRouter()
  const shared = (job.unit ? unitTypeById(job.unit)?.traits.capacitor : 'shared') === 'shared'
  const { document: van, left } = useVan()
  const can = job.can ?? (offeredCans(van, left)[0] as Can)
  const live = useMemo(() => liveCan({ can, deadSections: job.deadSections }) ?? can, [can, job.deadSections])
  const dead = new Set(can.sections.filter((s) => !live.sections.includes(s)).map((s) => s.id))
  const [listing, setListing] = useState(false)
  const { plan, problem } = usePlan(job, live, shared)
  const lacks = whatLacks(job, shared, live)
  const onward = () => {
    if (!job.can && needsCan(job)) editJob(id, [{ path: ['can'], value: can }])
    router.replace(`/job/${id}/board`)
  }
  const start = job.motor?.leads.find((lead) => lead.role === 'start' || lead.role === 'capacitor')
  const leadWords = useMemo(() => (start ? { [FAN_LOAD]: insulationName(start) } : NO_LEADS), [start])
  if (!needsCan(job)) return <NoCapacitor id={id} job={job} onNext={onward} />
  return (
    <JobFrame
      id={id}
      job={job}
      title="The new capacitor"
      picture={
        <CanStage
          id={id}
          job={job}
          shared={shared}
          can={can}
          plan={plan}
          start={start}
          dead={dead}
          kill={(section) => void editJob(id, killEdits(job, can, section))}
          van={van}
          setListing={setListing}
          listing={listing}
        />
      }
      evidence={
        <CanEvidence
          plan={plan}
          can={can}
          id={id}
          job={job}
          live={live}
          leadWords={leadWords}
          shared={shared}
        />
      }
      strip={
        problem ? (
          <Words tone="stop" size="strong" live>
            {problem}
          </Words>
        ) : (
          <PlanStrip plan={plan} lacks={lacks} fanStaysEmpty={job.motor?.capacitor === null} />
        )
      }
      action={
        <PrimaryButton
          text="Next: the hookup board"
          disabled={lacks !== null}
          onPress={onward}
          testID="capacitor-next"
        />
      }
    />
  )
}

interface CanEvidenceProps {
  readonly plan: TapPlan | null
  readonly can: Can
  readonly id: string
  readonly job: JobDocument
  readonly live: Can
  readonly leadWords: Readonly<Record<string, string>>
  readonly shared: boolean
}

function CanEvidence({ plan, can, id, job, live, leadWords, shared }: CanEvidenceProps) {
  return (
    <View style={{ gap: 16 }}>
      {plan ? <PlanReasons plan={plan} can={can} /> : null}
      {plan?.feasible ? (
        <FitSteps
          id={id}
          job={job}
          can={live}
          plan={plan}
          leads={leadWords}
          kit={shared ? kitEnd(job) : 'none'}
          shared={shared}
        />
      ) : null}
      <OldCanNote job={job} />
      <Readings id={id} job={job} sides={shared ? ['FAN', 'HERM'] : ['FAN']} />
    </View>
  )
}

interface CanStageProps {
  readonly id: string
  readonly job: JobDocument
  readonly shared: boolean
  readonly can: Can
  readonly plan: TapPlan | null
  readonly start: Lead | undefined
  readonly dead: Set<string>
  readonly kill: (section: string) => void
  readonly van: VanDocument
  readonly setListing: (value: boolean) => void
  readonly listing: boolean
}

function CanStage({
  id,
  job,
  shared,
  can,
  plan,
  start,
  dead,
  kill,
  van,
  setListing,
  listing,
}: CanStageProps) {
  return (
    <View style={{ gap: 12 }}>
      <Needs id={id} job={job} shared={shared} />
      <WantedNotes job={job} side="FAN" />
      {shared ? <WantedNotes job={job} side="HERM" /> : null}
      <View style={{ alignItems: 'center' }}>
        <CanView
          can={can}
          groups={plan?.groups ?? []}
          leads={{ [FAN_LOAD]: start }}
          width={366}
          dead={dead}
          kit={shared ? kitEnd(job) : 'none'}
          onSection={(section) => kill(section)}
        />
      </View>
      <Words size="tiny" tone="quiet">
        Press a section that reads open or shorted: it is crossed out and planned around.
      </Words>
      {Object.values(van.stock).some((line) => line.kind === 'capacitor') ? (
        <QuietButton
          text="Best from the van"
          icon="van"
          onPress={() => setListing(true)}
          testID="best-from-van"
        />
      ) : null}
      {listing ? <PlanSheet id={id} job={job} shared={shared} onClose={() => setListing(false)} /> : null}
      <CanPicker can={can} onPick={(next) => editJob(id, [{ path: ['can'], value: next }])} />
      {shared ? <HardStart id={id} job={job} can={can} /> : null}
      {shared ? <StartCapacitor id={id} job={job} /> : null}
      <Choice
        label="Plan"
        value={job.prefer}
        onChange={(prefer) => editJob(id, [{ path: ['prefer'], value: prefer }])}
        options={[
          { value: 'exact', text: 'closest value' },
          { value: 'simple', text: 'fewest jumpers', hint: `within ±${figure(can.tolerancePercent)} %` },
        ]}
      />
    </View>
  )
}

/** A motor without a capacitor, where the old one served only the fan. */
function NoCapacitor({
  id,
  job,
  onNext,
}: {
  readonly id: string
  readonly job: JobDocument
  readonly onNext: () => void
}) {
  return (
    <JobFrame
      id={id}
      job={job}
      title="The new capacitor"
      picture={
        <View style={{ gap: 12, paddingVertical: 24 }} testID="no-capacitor">
          <Words size="large">No capacitor here.</Words>
          <Words>
            {job.motor?.name} needs none, and the old one served only the fan. Discharge it, take it out, and
            land nothing in its place.
          </Words>
        </View>
      }
      evidence={<Readings id={id} job={job} sides={['FAN']} />}
      action={<PrimaryButton text="Next: the hookup board" onPress={onNext} testID="capacitor-next" />}
    />
  )
}
