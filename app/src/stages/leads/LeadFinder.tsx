// Unknown leads: their colours, then ohms pair by pair. The next most useful pair is asked for; the windings are drawn as they are deduced.
import type { JobId } from '@oak/core/job/job-id'
import { Problem } from '../../ui/Problem'
import { useRouter } from 'expo-router'
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import type { Insulation } from '@oak/core/motor/colour'
import { ROLE_NAMES } from '@oak/core/motor/role'
import type { FindLeadsOutput } from '@oak/core/operations/find-leads'
import { figure } from '@oak/core/quantity/display'
import { JobFrame } from '../../parts/frame/JobFrame'
import { useCurrentOperation, type Answer } from '../../parts/frame/use-operation'
import { ReadingSheet } from '../../parts/meter/ReadingSheet'
import { useReadingText } from '../../parts/meter/units'
import { editJob } from '../../platform/state/app'
import { NumberPad } from '../../ui/NumberPad'
import { PrimaryButton, QuietButton, SmallButton } from '../../ui/PrimaryButton'
import { VerdictMark, type Verdict } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { findInput, frameProbe, leadNames, pairProbe } from './leads-model'
import { TreePicture } from './TreePicture'
import { LeadChip, Pairs, AddLead } from './LeadParts'

type Asked = { readonly probe: string; readonly title: string }

export function LeadFinder({ id, job }: { readonly id: JobId; readonly job: JobDocument }) {
  const [asked, setAsked] = useState<Asked | null>(null)
  const [open, setOpen] = useState<'add' | 'test-leads' | null>(null)
  const record = job.ohmLeads ?? { leads: [], leadOhms: 0 }
  const names = leadNames(record.leads)
  const input = useMemo(() => findInput(job), [job])
  const { answer: result, isCurrent } = useCurrentOperation('find-leads', input)
  const found = input && result?.ok ? (result.output as FindLeadsOutput) : null
  const keep = (leads: readonly Insulation[], leadOhms = record.leadOhms) =>
    editJob(id, [{ path: ['ohmLeads'], value: { leads, leadOhms } }])
  const ask = (a: string, b: string) =>
    setAsked({ probe: pairProbe(names.indexOf(a), names.indexOf(b)), title: `${a} to ${b}` })
  const next = found?.next?.between
  return (
    <>
      <JobFrame
        id={id}
        job={job}
        title="Leads by resistance"
        picture={
          <LeadsPicture
            record={record}
            names={names}
            setAsked={setAsked}
            job={job}
            setOpen={setOpen}
            found={found}
            result={result}
            ask={ask}
          />
        }
        evidence={<LeadsEvidence found={found} record={record} setOpen={setOpen} keep={keep} />}
        strip={<Strip found={found} count={record.leads.length} />}
        action={<NextReading {...{ next, ask, record, setOpen, id, isCurrent }} />}
      />
      {asked ? (
        <ReadingSheet
          job={id}
          title={asked.title}
          quantity="ohms"
          probe={asked.probe}
          onClose={() => setAsked(null)}
          onTake={(reading) => editJob(id, [{ path: ['measurements', asked.probe], value: reading }])}
        />
      ) : null}
      {open === 'add' ? (
        <AddLead
          onClose={() => setOpen(null)}
          onAdd={(lead) => {
            keep([...record.leads, lead])
            setOpen(null)
          }}
        />
      ) : null}
      <TestLeadsPad open={open} record={record} setOpen={setOpen} keep={keep} />
    </>
  )
}

interface TestLeadsPadProps {
  readonly open: 'add' | 'test-leads' | null
  readonly record: { readonly leads: readonly Insulation[]; readonly leadOhms: number }
  readonly setOpen: (value: 'add' | 'test-leads' | null) => void
  readonly keep: (leads: readonly Insulation[], leadOhms?: number) => string | null
}

function TestLeadsPad({ open, record, setOpen, keep }: TestLeadsPadProps) {
  return open === 'test-leads' ? (
    <NumberPad
      open
      title="Test leads touching each other"
      unit="Ω"
      value={record.leadOhms}
      hint="Taken off every reading."
      onClose={() => setOpen(null)}
      onSet={(value) => keep(record.leads, value)}
    />
  ) : null
}

interface NextReadingProps {
  readonly next: [string, string] | undefined
  readonly ask: (a: string, b: string) => void
  readonly record: { readonly leads: readonly Insulation[]; readonly leadOhms: number }
  readonly setOpen: (value: 'add' | 'test-leads' | null) => void
  readonly id: string
  readonly isCurrent: boolean
}

function NextReading({ next, ask, record, setOpen, id, isCurrent }: NextReadingProps) {
  const router = useRouter()
  // A pair that was just read must not be offered again, nor another slip under the thumb.
  if (!isCurrent && record.leads.length > 1)
    return (
      <PrimaryButton
        text="Working it out…"
        icon="ohm"
        disabled
        onPress={() => undefined}
        testID="read-wait"
      />
    )
  return next ? (
    <PrimaryButton
      text={`Read ${next[0]} to ${next[1]}`}
      icon="ohm"
      onPress={() => ask(next[0], next[1])}
      testID="read-next"
    />
  ) : record.leads.length < 2 ? (
    <PrimaryButton text="Add a lead" icon="plus" onPress={() => setOpen('add')} testID="add-first" />
  ) : (
    <PrimaryButton
      text="Back to the wires"
      icon="back"
      onPress={() => router.replace(`/job/${id}/wires`)}
      testID="leads-back"
    />
  )
}

interface LeadsEvidenceProps {
  readonly found: FindLeadsOutput | null
  readonly record: { readonly leads: readonly Insulation[]; readonly leadOhms: number }
  readonly setOpen: (value: 'add' | 'test-leads' | null) => void
  readonly keep: (leads: readonly Insulation[], leadOhms?: number) => string | null
}

function LeadsEvidence({ found, record, setOpen, keep }: LeadsEvidenceProps) {
  return (
    <View style={{ gap: 12 }}>
      {found?.roles.map((r) => (
        <Words key={r.lead} size="small" testID={`role-${r.lead}`}>
          <Words size="small" style={{ fontWeight: '700' }}>
            {r.lead}: {r.role ? ROLE_NAMES[r.role] : 'cannot tell'} (
            {r.confidence === 'cannotTell' ? 'cannot tell' : r.confidence}).{' '}
          </Words>
          {r.why}
        </Words>
      ))}
      <QuietButton
        text={`Test leads alone: ${figure(record.leadOhms, 1)} Ω`}
        icon="ohm"
        onPress={() => setOpen('test-leads')}
        testID="test-leads"
      />
      {record.leads.length > 0 ? (
        <QuietButton
          text="Take the last lead away"
          icon="trash"
          onPress={() => keep(record.leads.slice(0, -1))}
        />
      ) : null}
    </View>
  )
}

interface LeadsPictureProps {
  readonly record: { readonly leads: readonly Insulation[]; readonly leadOhms: number }
  readonly names: string[]
  readonly setAsked: (value: Asked | null) => void
  readonly job: JobDocument
  readonly setOpen: (value: 'add' | 'test-leads' | null) => void
  readonly found: FindLeadsOutput | null
  readonly result: Answer | null
  readonly ask: (a: string, b: string) => void
}

function LeadsPicture({ record, names, setAsked, job, setOpen, found, result, ask }: LeadsPictureProps) {
  const readingText = useReadingText()
  return (
    <View style={{ gap: 14 }}>
      <Words size="title" heading={2}>
        Which lead is which
      </Words>
      <Words size="small" tone="quiet">
        Power off and proven dead, capacitor discharged, every lead off its post and touching nothing.
      </Words>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {record.leads.map((lead, i) => (
          <LeadChip
            key={i}
            name={names[i] ?? ''}
            lead={lead}
            onFrame={() => setAsked({ probe: frameProbe(i), title: `${names[i]} to the frame` })}
            frame={
              job.measurements[frameProbe(i)]
                ? readingText(
                    job.measurements[frameProbe(i)] as NonNullable<JobDocument['measurements'][string]>,
                  )
                : null
            }
          />
        ))}
        {record.leads.length < 12 ? (
          <SmallButton empty text="add a lead" testID="add-ohm-lead" onPress={() => setOpen('add')} />
        ) : null}
      </View>
      {found ? (
        <TreePicture
          found={found}
          looks={Object.fromEntries(names.map((name, i) => [name, record.leads[i] as Insulation]))}
        />
      ) : null}
      <Problem text={result && !result.ok ? result.error.message : null} />
      {record.leads.length > 1 ? (
        <Pairs job={job} names={names} again={found?.readAgain ?? []} onAsk={ask} />
      ) : null}
    </View>
  )
}

function Strip({ found, count }: { readonly found: FindLeadsOutput | null; readonly count: number }) {
  const fault = found?.faults[0]
  const mark: Verdict = fault
    ? fault.code === 'contradiction'
      ? 'cannotTell'
      : 'stop'
    : found?.settled
      ? 'proven'
      : 'cannotTell'
  const text =
    fault?.message ??
    (found?.settled
      ? `Settled: ${found.parts === 1 ? 'one winding tree' : `${found.parts} windings apart`}.`
      : (found?.next?.why ??
        (count < 2 ? 'Add the leads as you see them: two at least.' : 'Working it out…')))
  return (
    <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }} testID="leads-strip">
      <VerdictMark verdict={mark} size={30} />
      <Words size="strong" tone={mark} style={{ flex: 1 }} live>
        {text}
      </Words>
    </View>
  )
}
