// Stage "capacitor": the can from the van, what each load needs, the plan with its jumpers; and the old one's readings.
import { useRouter } from 'expo-router'
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import type { Can, Load } from '@oak/core/capacitor/can'
import type { TapPlan } from '@oak/core/capacitor/tap-plan/plan'
import type { JobDocument } from '@oak/core/job/document'
import { deadKey, liveCan, needsCan } from '@oak/core/job/inputs/hookup-input'
import { insulationName } from '@oak/core/motor/colour'
import { figure, percentText } from '@oak/core/quantity/display'
import { unitTypeById } from '@oak/core/wiring/unit-types'
import { COMPRESSOR_LOAD, FAN_LOAD, NEW_C, PROTECTED_POST } from '@oak/core/wiring/new-can'
import { JobFrame } from '../../parts/frame/JobFrame'
import { useOperation } from '../../parts/frame/use-operation'
import { editJob, useVan } from '../../platform/state/app'
import { offeredCans } from '../../parts/stock/van-model'
import { Choice } from '../../ui/Choice'
import { NumberPad } from '../../ui/NumberPad'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { CanPicker } from './CanPicker'
import { CanView, type KitEnd } from './CanView'
import { FitSteps } from './FitSteps'
import { OldCanNote } from './OldCanNote'
import { PlanSheet } from './PlanSheet'
import { StartCapacitor } from './StartCapacitor'
import { WantedNotes } from './WantedNotes'
import { Readings } from './Readings'

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
  const lacks =
    shared && !job.compressorMicrofarads
      ? 'Enter what the compressor needs.'
      : !job.motor
        ? 'Pick the motor first: its tag says what the fan needs.'
        : live.sections.length === 0
          ? 'Every section of this can is dead: take another.'
          : null
  const kill = (section: string) => {
    const key = deadKey(can.id, section)
    editJob(id, [
      ...(job.can ? [] : [{ path: ['can'], value: can }]),
      { path: ['deadSections', key], value: job.deadSections[key] ? null : true },
    ])
  }
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
      }
      evidence={
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

const kitEnd = ({ hardStart }: JobDocument): KitEnd =>
  hardStart === null ? 'none' : hardStart === PROTECTED_POST ? 'protected' : 'c'

/** A hard-start kit on the compressor: where its far end is. Past a protected terminal its fuse cannot open: the board says so. */
function HardStart({ id, job, can }: { readonly id: string; readonly job: JobDocument; readonly can: Can }) {
  const value = kitEnd(job)
  const set = (end: KitEnd) =>
    editJob(id, [
      { path: ['hardStart'], value: end === 'none' ? null : end === 'protected' ? PROTECTED_POST : NEW_C },
    ])
  return (
    <View style={{ gap: 6 }}>
      <Words size="small">Hard-start kit on the compressor, its far end</Words>
      <Choice<KitEnd>
        label="Hard-start kit"
        testID="hard-start"
        value={value}
        onChange={set}
        options={[
          { value: 'none', text: 'no kit' },
          { value: 'c', text: 'on C' },
          ...(can.protectedStart || value === 'protected'
            ? [{ value: 'protected' as const, text: 'protected post' }]
            : []),
        ]}
      />
    </View>
  )
}

/** What each load asks for; the fan's is on the motor's tag and is not typed. */
function Needs({
  id,
  job,
  shared,
}: {
  readonly id: string
  readonly job: JobDocument
  readonly shared: boolean
}) {
  const palette = usePalette()
  const [open, setOpen] = useState(false)
  const box = { flex: 1, borderRadius: 10, borderWidth: 1.5, padding: 8, minHeight: 74 } as const
  return (
    <View style={{ flexDirection: 'row', gap: 8 }}>
      <View style={[box, { borderColor: palette.line, justifyContent: 'center' }]}>
        <Words size="tiny" tone="quiet">
          FAN needs, by its tag
        </Words>
        <Words size="large">
          {job.motor?.capacitor ? `${figure(job.motor.capacitor.microfarads)} µF` : job.motor ? 'none' : '–'}
        </Words>
      </View>
      {shared ? (
        <Tap
          testID="compressor-microfarads"
          onPress={() => setOpen(true)}
          label={`Compressor needs ${job.compressorMicrofarads ? `${figure(job.compressorMicrofarads)} µF` : 'not entered'}`}
          style={[
            box,
            {
              borderColor: palette.ink,
              borderStyle: job.compressorMicrofarads ? 'solid' : 'dashed',
              backgroundColor: palette.surface,
            },
          ]}
        >
          <Words size="tiny" tone="quiet">
            HERM needs, by its plate
          </Words>
          <Words size="large">
            {job.compressorMicrofarads ? `${figure(job.compressorMicrofarads)} µF` : 'enter µF'}
          </Words>
        </Tap>
      ) : null}
      <NumberPad
        open={open}
        title="Compressor needs"
        unit="µF"
        value={job.compressorMicrofarads}
        hint="From the compressor’s plate or the unit’s diagram; the old can only if its label agrees."
        onClose={() => setOpen(false)}
        onSet={(value) => editJob(id, [{ path: ['compressorMicrofarads'], value }])}
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

interface PlanStripProps {
  readonly plan: TapPlan | null
  readonly lacks: string | null
  readonly fanStaysEmpty: boolean
}

function PlanStrip({ plan, lacks, fanStaysEmpty }: PlanStripProps) {
  const mark = lacks ? 'cannotTell' : plan?.feasible ? 'proven' : plan ? 'stop' : 'cannotTell'
  const text =
    lacks ??
    (plan
      ? plan.feasible
        ? `${plan.groups.map((g) => `${g.load} ${figure(g.microfarads)} µF (${percentText(g.errorPercent)})`).join(', ')}; ${plan.jumperCount === 0 ? 'no jumper' : plan.jumperCount === 1 ? '1 jumper' : `${plan.jumperCount} jumpers`}.${fanStaysEmpty ? ' The fan’s post stays empty.' : ''}`
        : (plan.problems[0]?.message ?? 'No plan.')
      : 'Working it out…')
  return (
    <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }} testID="plan-strip">
      <VerdictMark verdict={mark} size={30} />
      <Words size="strong" tone={mark} style={{ flex: 1 }} live>
        {text}
      </Words>
    </View>
  )
}

function PlanReasons({ plan, can }: { readonly plan: TapPlan; readonly can: Can }) {
  const value = (section: string) =>
    `${figure(can.sections.find((s) => s.id === section)?.microfarads ?? NaN)} µF`
  return (
    <View style={{ gap: 6 }}>
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
