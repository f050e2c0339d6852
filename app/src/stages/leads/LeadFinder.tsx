// Unknown leads: their colours, then ohms pair by pair. The next most useful pair is asked for; the windings are drawn as they are deduced.
import { useRouter } from 'expo-router'
import { useMemo, useState, type ReactNode } from 'react'
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import type { ColourCode, Insulation } from '@oak/core/motor/colour'
import { ROLE_NAMES } from '@oak/core/motor/role'
import type { FindLeadsOutput } from '@oak/core/operations/find-leads'
import { figure } from '@oak/core/quantity/display'
import { JobFrame } from '../../parts/frame/JobFrame'
import { useOperation } from '../../parts/frame/use-operation'
import { ReadingSheet } from '../../parts/meter/ReadingSheet'
import { readingText } from '../../parts/meter/units'
import { editJob } from '../../platform/state/app'
import { NumberPad } from '../../ui/NumberPad'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import { SwatchGrid, WirePiece } from '../../ui/Swatch'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { VerdictMark, type Verdict } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { findInput, frameProbe, leadNames, pairProbe, pairsOf } from './leads-model'
import { TreePicture } from './TreePicture'

type Asked = { readonly probe: string; readonly title: string }

export function LeadFinder({ id, job }: { readonly id: string; readonly job: JobDocument }) {
  const router = useRouter()
  const [asked, setAsked] = useState<Asked | null>(null)
  const [open, setOpen] = useState<'add' | 'test-leads' | null>(null)
  const record = job.ohmLeads ?? { leads: [], leadOhms: 0 }
  const names = leadNames(record.leads)
  const input = useMemo(() => findInput(job), [job])
  const result = useOperation('find-leads', input)
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
          <View style={{ gap: 14 }}>
            <Words size="title" heading={1}>
              Which lead is which
            </Words>
            <Words size="small" tone="quiet">
              Power off and proven dead, capacitor discharged, every lead off its post and touching nothing.
            </Words>
            <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 6 }}>
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
                <Chip label="Add a lead" testID="add-ohm-lead" onPress={() => setOpen('add')}>
                  <Words size="strong">add a lead</Words>
                </Chip>
              ) : null}
            </View>
            {found ? (
              <TreePicture
                found={found}
                looks={Object.fromEntries(names.map((name, i) => [name, record.leads[i] as Insulation]))}
              />
            ) : null}
            {result && !result.ok ? (
              <Words tone="stop" size="strong" live>
                {result.error.message}
              </Words>
            ) : null}
            {record.leads.length > 1 ? (
              <Pairs job={job} names={names} again={found?.readAgain ?? []} onAsk={ask} />
            ) : null}
          </View>
        }
        evidence={
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
        }
        strip={<Strip found={found} count={record.leads.length} />}
        action={
          next ? (
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
      {open === 'test-leads' ? (
        <NumberPad
          open
          title="Test leads touching each other"
          unit="Ω"
          value={record.leadOhms}
          hint="Taken off every reading."
          onClose={() => setOpen(null)}
          onSet={(value) => keep(record.leads, value)}
        />
      ) : null}
    </>
  )
}

function Chip({
  label,
  testID,
  onPress,
  children,
}: {
  readonly label: string
  readonly testID: string
  readonly onPress: () => void
  readonly children: ReactNode
}) {
  const palette = usePalette()
  return (
    <Tap
      label={label}
      testID={testID}
      onPress={onPress}
      style={{
        borderRadius: 8,
        borderWidth: 1.5,
        borderStyle: 'dashed',
        borderColor: palette.ink,
        paddingHorizontal: 14,
      }}
    >
      {children}
    </Tap>
  )
}

/** A lead; a press reads it to the frame. */
function LeadChip({
  name,
  lead,
  frame,
  onFrame,
}: {
  readonly name: string
  readonly lead: Insulation
  readonly frame: string | null
  readonly onFrame: () => void
}) {
  const palette = usePalette()
  return (
    <Tap
      label={`${name}, to the frame: ${frame ?? 'not read'}`}
      testID={`frame-${name}`}
      onPress={onFrame}
      style={{
        borderRadius: 8,
        borderWidth: 1.5,
        borderColor: palette.line,
        backgroundColor: palette.surface,
        paddingHorizontal: 8,
        alignItems: 'center',
      }}
    >
      <WirePiece insulation={lead} width={50} />
      <Words size="tiny">{name}</Words>
      <Words size="tiny" tone="quiet">
        {frame ? `frame ${frame}` : 'to frame'}
      </Words>
    </Tap>
  )
}

function Pairs({
  job,
  names,
  again,
  onAsk,
}: {
  readonly job: JobDocument
  readonly names: readonly string[]
  readonly again: FindLeadsOutput['readAgain']
  readonly onAsk: (a: string, b: string) => void
}) {
  const palette = usePalette()
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 6 }}>
      {pairsOf(names.length).map(([i, j]) => {
        const [a, b] = [names[i] as string, names[j] as string]
        const reading = job.measurements[pairProbe(i, j)]
        const wrong = again.some((pair) => pair.includes(a) && pair.includes(b))
        return (
          <Tap
            key={`${i}-${j}`}
            testID={`ohms-${a}-${b}`}
            label={`${a} to ${b}: ${reading ? readingText(reading) : 'not read'}${wrong ? ', read again' : ''}`}
            onPress={() => onAsk(a, b)}
            style={{
              width: '31%',
              flexGrow: 1,
              borderRadius: 8,
              borderWidth: wrong ? 3 : 1.5,
              borderStyle: reading ? 'solid' : 'dashed',
              borderColor: wrong ? palette.stop : palette.line,
              paddingHorizontal: 6,
              alignItems: 'center',
            }}
          >
            <Words size="tiny" lines={1}>
              {a} – {b}
            </Words>
            <Words size="strong" lines={1}>
              {reading ? readingText(reading) : '–'}
              {wrong ? ' again' : ''}
            </Words>
          </Tap>
        )
      })}
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

function AddLead({
  onAdd,
  onClose,
}: {
  readonly onAdd: (lead: Insulation) => void
  readonly onClose: () => void
}) {
  const [colour, setColour] = useState<ColourCode | null>(null)
  return (
    <Sheet title={colour ? 'Its stripe' : 'The lead’s colour'} open onClose={onClose} testID="add-lead-sheet">
      {colour ? (
        <SwatchGrid
          label="Stripe"
          none="no stripe"
          value={null}
          onPick={(stripe) => onAdd({ colour, stripe })}
        />
      ) : (
        <SwatchGrid label="Colour" value={null} onPick={(code) => code && setColour(code)} />
      )}
    </Sheet>
  )
}
