// Stage "record the old": the unit, and where each wire of the old motor was.
import { useRouter } from 'expo-router'
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import type { Problem } from '@oak/core/quantity/problem'
import type { WireFinding } from '@oak/core/wiring/evidence'
import { postName, type UnitType } from '@oak/core/wiring/unit-type'
import { unitTypeById } from '@oak/core/wiring/unit-types'
import { goesToMotor, type NamedWire } from '@oak/core/wiring/wire'
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
import { addWireEdits, traceAllEdits } from '../../parts/unit/unit-edits'
import { ChooseUnit } from '../../parts/unit/ChooseUnit'
import { WiresPicture } from '../../parts/posts/WiresPicture'
import { WireSheet } from './WireSheet'

export function WiresScreen({ id, job }: { readonly id: string; readonly job: JobDocument }) {
  const unit = job.unit ? unitTypeById(job.unit) : undefined
  return unit ? <RecordWires id={id} job={job} unit={unit} /> : <ChooseUnit id={id} job={job} />
}

function useFindings(unit: UnitType, wires: readonly NamedWire[]) {
  const input = useMemo(() => (wires.length > 0 ? { unit: unit.id, wires } : null), [unit, wires])
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
  const wires = useMemo(
    () => Object.entries(job.wires).map(([wire, value]): NamedWire => ({ id: wire, ...value })),
    [job.wires],
  )
  const { findings, problems } = useFindings(unit, wires)
  const untraced = wires.some((wire) => !wire.traced)
  const chosen = wires.find((wire) => wire.id === open)
  const problemsOf = (wire: string) =>
    problems
      .filter((p) => p.path.startsWith(`wires.${wires.findIndex((w) => w.id === wire)}.`))
      .map((p) => p.message)

  const addWire = () => {
    const key = `w-${Date.now().toString(36)}`
    editJob(id, addWireEdits(unit, key))
    setOpen(key)
  }
  const onward = () => {
    if (untraced) editJob(id, traceAllEdits(job))
    router.replace(`/job/${id}/motor`)
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
        action={
          <PrimaryButton
            text={untraced ? 'I traced every wire: as drawn' : 'Next: the motor'}
            disabled={problems.length > 0}
            onPress={onward}
            testID="wires-next"
          />
        }
      />
      <ChosenWire
        chosen={chosen}
        unit={unit}
        findings={findings}
        problemsOf={problemsOf}
        setOpen={setOpen}
        id={id}
      />
    </>
  )
}

interface ChosenWireProps {
  readonly chosen: NamedWire | undefined
  readonly unit: UnitType
  readonly findings: WireFinding[]
  readonly problemsOf: (wire: string) => string[]
  readonly setOpen: (value: string | null) => void
  readonly id: string
}

function ChosenWire({ chosen, unit, findings, problemsOf, setOpen, id }: ChosenWireProps) {
  return chosen ? (
    <WireSheet
      unit={unit}
      wire={chosen}
      finding={findings.find((f) => f.wire === chosen.id)}
      problems={problemsOf(chosen.id)}
      onClose={() => setOpen(null)}
      onChange={(wire) => editJob(id, [{ path: ['wires', chosen.id], value: wire }])}
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
      {conflicts.map((finding) => (
        <FindingView key={finding.wire} finding={finding} />
      ))}
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
            label={`Wire from ${postName(unit, wire.from)} to ${postName(unit, wire.to)}`}
            style={{
              borderWidth: 1.5,
              borderStyle: wire.traced ? 'solid' : 'dashed',
              borderColor: palette.line,
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
