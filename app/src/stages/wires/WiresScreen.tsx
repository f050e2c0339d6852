// Stage "record the old": the unit, and where each wire of the old motor was.
import { shopNow } from '../../platform/sync/clock'
import type { JobId } from '@oak/core/job/job-id'
import { useRouter } from 'expo-router'
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import type { Problem } from '@oak/core/quantity/problem'
import type { WireFinding } from '@oak/core/wiring/evidence'
import { postName, type UnitType } from '@oak/core/wiring/unit-type'
import { refOf, unitTypeFor } from '@oak/core/wiring/unit-types'
import { goesToMotor, type NamedWire, type WireId } from '@oak/core/wiring/wire'
import { JobFrame } from '../../parts/frame/JobFrame'
import type { StageProps } from '../../parts/frame/stage-screen'
import { PhotoStrip } from '../../parts/photos/PhotoStrip'
import { useOperation } from '../../parts/frame/use-operation'
import { editJob } from '../../platform/state/app'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Tap } from '../../ui/Tap'
import { InsulationLabel } from '../../ui/Swatch'
import { usePalette } from '../../ui/theme'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { FindingView } from './FindingView'
import { newWire, traceAllEdits, tracedValue } from '../../parts/unit/unit-edits'
import { ChooseUnit } from '../../parts/unit/ChooseUnit'
import { WiresPicture } from '../../parts/posts/WiresPicture'
import { SignTraced, TraceSheet } from './TraceSheet'
import { WireSheet } from './WireSheet'

export function WiresScreen({ id, job }: { readonly id: JobId; readonly job: JobDocument }) {
  const unit = job.unit ? unitTypeFor(job.unit) : undefined
  return unit ? <RecordWires id={id} job={job} unit={unit} /> : <ChooseUnit id={id} job={job} />
}

function useFindings(unit: UnitType, wires: readonly NamedWire[]) {
  const input = useMemo(() => (wires.length > 0 ? { unit: refOf(unit), wires } : null), [unit, wires])
  const result = useOperation('read-wires', input)
  const read = result?.ok ? (result.output as { findings: WireFinding[]; problems: Problem[] }) : null
  return {
    findings: read?.findings ?? [],
    problems: read?.problems ?? (result && !result.ok ? [...result.error.problems] : []),
  }
}

function RecordWires({ id, job, unit }: StageProps & { readonly unit: UnitType }) {
  const router = useRouter()
  const [open, setOpen] = useState<string | null>(null)
  // A further wire starts nowhere: it is recorded with its terminal.
  const [draft, setDraft] = useState<NamedWire | null>(null)
  const wires = useMemo(
    () => Object.entries(job.wires).map(([wire, value]): NamedWire => ({ id: wire, ...value })),
    [job.wires],
  )
  const { findings, problems } = useFindings(unit, wires)
  const chosen = wires.find((wire) => wire.id === open) ?? (draft?.id === open ? draft : undefined)
  const problemsOf = (wire: WireId) =>
    problems
      .filter((p) => p.path.startsWith(`wires.${wires.findIndex((w) => w.id === wire)}.`))
      .map((p) => p.message)

  const addWire = () => {
    const key = `w-${shopNow().toString(36)}`
    setDraft(newWire(key))
    setOpen(key)
  }
  return (
    <>
      <JobFrame
        id={id}
        job={job}
        title="Where the old wires were"
        picture={
          <View style={{ gap: 10 }}>
            <Words size="small" tone="quiet">
              {unit.name}. Tap a wire to say what you see.
            </Words>
            <WiresPicture unit={unit} wires={wires} findings={findings} onWire={setOpen} />
          </View>
        }
        evidence={
          <WireEvidence
            id={id}
            job={job}
            unit={unit}
            wires={wires}
            findings={findings}
            problems={problems}
            onWire={setOpen}
            onAdd={addWire}
            onLeads={() => router.navigate(`/job/${id}/leads`)}
          />
        }
        strip={<WiresStrip problem={problems[0]?.message} findings={findings} />}
        action={<TraceOrGoOn id={id} job={job} unit={unit} wires={wires} disabled={problems.length > 0} />}
      />
      <ChosenWire
        chosen={chosen}
        unit={unit}
        findings={findings}
        problemsOf={problemsOf}
        setOpen={setOpen}
        setDraft={setDraft}
        id={id}
      />
    </>
  )
}

interface TraceOrGoOnProps extends StageProps {
  readonly unit: UnitType
  readonly wires: readonly NamedWire[]
  readonly disabled: boolean
}

/** The next action: to sign for the wires, and once they are all traced, the motor. */
function TraceOrGoOn({ id, job, unit, wires, disabled }: TraceOrGoOnProps) {
  const router = useRouter()
  const [tracing, setTracing] = useState(false)
  const onward = () => router.replace(`/job/${id}/motor`)
  const signAll = () => {
    editJob(id, traceAllEdits(job))
    onward()
  }
  return (
    <>
      {wires.some((wire) => !wire.traced) ? (
        <SignTraced
          unit={unit}
          wires={wires}
          disabled={disabled}
          onHeld={signAll}
          onTap={() => setTracing(true)}
        />
      ) : (
        <PrimaryButton text="Next: the motor" disabled={disabled} onPress={onward} testID="wires-next" />
      )}
      <TraceSheet
        unit={unit}
        wires={wires}
        open={tracing}
        onClose={() => setTracing(false)}
        onTrace={(wire, traced) =>
          editJob(id, [{ path: ['wires', wire], value: tracedValue(job, wire, traced) }])
        }
      />
    </>
  )
}

interface ChosenWireProps {
  readonly chosen: NamedWire | undefined
  readonly unit: UnitType
  readonly findings: WireFinding[]
  readonly problemsOf: (wire: WireId) => string[]
  readonly setOpen: (value: string | null) => void
  readonly setDraft: (value: NamedWire | null) => void
  readonly id: string
}

function ChosenWire({ chosen, unit, findings, problemsOf, setOpen, setDraft, id }: ChosenWireProps) {
  return chosen ? (
    <WireSheet
      unit={unit}
      wire={chosen}
      finding={findings.find((f) => f.wire === chosen.id)}
      problems={problemsOf(chosen.id)}
      onClose={() => setOpen(null)}
      onChange={(wire) => {
        if (wire.from) return editJob(id, [{ path: ['wires', chosen.id], value: wire }])
        setDraft({ id: chosen.id, ...wire })
        return null
      }}
      onRemove={() => {
        editJob(id, [{ path: ['wires', chosen.id], value: null }])
        setOpen(null)
      }}
    />
  ) : null
}

interface WiresStripProps {
  readonly problem: string | undefined
  readonly findings: readonly WireFinding[]
}

function WiresStrip({ problem, findings }: WiresStripProps) {
  const conflicts = findings.filter((f) => f.conflicts.length > 0).length
  if (!problem && conflicts === 0) return null
  return (
    <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }}>
      <VerdictMark verdict={problem ? 'stop' : 'watch'} size={30} />
      <Words
        tone={problem ? 'stop' : 'watch'}
        size="strong"
        style={{ flex: 1 }}
        live
        testID={problem ? 'wires-problem' : 'wires-conflict'}
      >
        {problem ??
          `${conflicts === 1 ? 'One wire: its' : `${conflicts} wires: their`} colour says something else than the terminal. The terminal counts.`}
      </Words>
    </View>
  )
}

interface WireEvidenceProps {
  readonly id: string
  readonly job: JobDocument
  readonly unit: UnitType
  readonly wires: readonly NamedWire[]
  readonly findings: readonly WireFinding[]
  readonly problems: readonly Problem[]
  readonly onWire: (id: string) => void
  readonly onAdd: () => void
  readonly onLeads: () => void
}

function WireEvidence({ id, job, unit, wires, findings, onWire, onAdd, onLeads }: WireEvidenceProps) {
  const palette = usePalette()
  const conflicts = findings.filter((f) => f.conflicts.length > 0)
  return (
    <View style={{ gap: 14 }}>
      <PhotoStrip id={id} job={job} />
      {conflicts.length > 0 ? (
        <Words size="strong" tone="watch" heading={2}>
          Colour and terminal disagree
        </Words>
      ) : null}
      {conflicts.map((finding) => {
        const wire = wires.find((w) => w.id === finding.wire)
        return wire ? <FindingView key={finding.wire} finding={finding} wire={wire} /> : null
      })}
      <Words size="strong" heading={2}>
        The unit’s own wires
      </Words>
      {wires
        .filter((w) => !goesToMotor(w))
        .map((wire) => (
          <Tap
            key={wire.id}
            testID={`wire-${wire.id}`}
            onPress={() => onWire(wire.id)}
            more="a wire of the unit"
            style={{
              borderWidth: 1.5,
              borderStyle: wire.traced ? 'solid' : 'dashed',
              borderColor: palette.edge,
              borderRadius: 8,
              padding: 8,
            }}
          >
            <Words size="small">
              {postName(unit, wire.from)} → {postName(unit, wire.to)}
            </Words>
            {wire.segments.length > 0 ? (
              <InsulationLabel insulation={wire.segments[0] ?? null} />
            ) : (
              <Words size="tiny" tone="quiet">
                {wire.traced ? 'traced' : 'not traced yet'}
              </Words>
            )}
          </Tap>
        ))}
      <QuietButton text="Leads unknown? Find them by ohms" icon="ohm" onPress={onLeads} testID="to-leads" />
      <QuietButton text="Add a wire" icon="plus" onPress={onAdd} testID="add-wire" />
      <QuietButton
        text="Another kind of unit"
        onPress={() => editJob(id, [{ path: ['unit'], value: null }])}
      />
    </View>
  )
}
