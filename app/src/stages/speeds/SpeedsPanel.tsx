// Which tap for which output: a bar of air for each, the speed to change beside it; what shares, what is parked, what cannot be.
import { useMemo } from 'react'
import { View } from 'react-native'
import Svg, { Rect } from 'react-native-svg'
import type { JobDocument } from '@oak/core/job/document'
import { insulationName } from '@oak/core/motor/colour'
import type { LeadSheet, SpeedName } from '@oak/core/motor/lead-sheet'
import type { SpeedPlan } from '@oak/core/wiring/speeds'
import { postName } from '@oak/core/wiring/unit-type'
import { unitTypeFor } from '@oak/core/wiring/unit-types'
import { useOperation } from '../../parts/frame/use-operation'
import { SilentOutputs } from '../../parts/unit/SilentOutputs'
import { editJob } from '../../platform/state/app'
import { Problem } from '../../ui/Problem'
import { Choice } from '../../ui/Choice'
import { InsulationLabel } from '../../ui/Swatch'
import { usePalette } from '../../ui/theme'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'

export function SpeedsPanel({
  id,
  job,
  sheet,
}: {
  readonly id: string
  readonly job: JobDocument
  readonly sheet: LeadSheet
}) {
  const input = useMemo(() => inputOf(job, sheet), [job, sheet])
  const result = useOperation('assign-speeds', input)
  const unit = job.unit ? unitTypeFor(job.unit) : undefined
  if (!input || !unit)
    return (
      <Words size="small" tone="quiet">
        Record the old wires first: the outputs in use are found from them.
      </Words>
    )
  if (!result) return null
  if (!result.ok) return <Problem text={result.error.message} />
  const plan = result.output as SpeedPlan
  const leadOf = (tap: string) => sheet.leads.find((lead) => lead.id === tap) ?? null
  const speeds = sheet.settings.speed.map((s) => s.speed)
  return (
    <View style={{ gap: 12 }} testID="speeds">
      <Words size="strong" heading={2}>
        A tap for every output in use
      </Words>
      {plan.problems.map((text) => (
        <View key={text} style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }}>
          <VerdictMark verdict="stop" size={28} />
          <Words tone="stop" size="strong" style={{ flex: 1 }} live testID="speeds-problem">
            {text}
          </Words>
        </View>
      ))}
      {plan.assignments.map((a) => (
        <Output
          key={a.output}
          assignment={a}
          lead={a.tap === null ? null : leadOf(a.tap)}
          speeds={speeds}
          onPick={(speed) => editJob(id, [{ path: ['speedChoices', a.output], value: speed }])}
        />
      ))}
      <SilentOutputs id={id} job={job} />
      {plan.jumpers.map((j) => (
        <Words key={j.from + j.to} size="small">
          Jumper from {postName(unit, j.from)} to {postName(unit, j.to)}: the {j.tap} tap serves both.
        </Words>
      ))}
      {plan.idle.map((i) => {
        const lead = leadOf(i.tap)
        return (
          <Words key={i.tap} size="small" testID={`idle-${i.tap}`}>
            {lead ? insulationName(lead) : i.tap} ({i.speed}):{' '}
            {i.park ? `idle, by itself on ${postName(unit, i.park)}` : 'idle, insulated by itself'}.
          </Words>
        )
      })}
      <Words size="small" tone="quiet">
        One tap live at a time, and only one. Never tie idle taps together: they float above line voltage.
      </Words>
    </View>
  )
}

function inputOf(job: JobDocument, sheet: LeadSheet) {
  if (!job.unit || Object.keys(job.wires).length === 0) return null
  const offered = new Set<SpeedName>(sheet.settings.speed.map((s) => s.speed))
  return {
    unit: job.unit,
    wires: Object.entries(job.wires).map(([wire, value]) => ({ id: wire, ...value })),
    sheet,
    // What was chosen for another motor and this one lacks does not hold.
    choices: Object.fromEntries(Object.entries(job.speedChoices).filter(([, speed]) => offered.has(speed))),
  }
}

interface OutputProps {
  readonly assignment: SpeedPlan['assignments'][number]
  readonly lead: LeadSheet['leads'][number] | null
  readonly speeds: readonly SpeedName[]
  readonly onPick: (speed: SpeedName) => void
}

function Output({ assignment, lead, speeds, onPick }: OutputProps) {
  const palette = usePalette()
  const { name, modes, speed, flow, why, output } = assignment
  return (
    <View
      testID={`output-${output}`}
      style={{
        borderRadius: 10,
        borderWidth: 1.5,
        borderColor: palette.edge,
        backgroundColor: palette.surface,
        padding: 10,
        gap: 8,
      }}
    >
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}>
        <View style={{ flex: 1 }}>
          <Words size="strong">{name}</Words>
          <Words size="tiny" tone="quiet">
            called in {modes.join(', ')}
          </Words>
        </View>
        <InsulationLabel insulation={lead} />
      </View>
      {flow === null ? null : (
        <Svg width="100%" height={9} aria-hidden>
          <Rect width="100%" height={9} rx={4} fill={palette.line} fillOpacity={0.45} />
          <Rect width={`${Math.round(100 * flow)}%`} height={9} rx={4} fill={palette.ink} />
        </Svg>
      )}
      <Choice<SpeedName>
        label={`Speed for ${name}`}
        value={speed}
        onChange={onPick}
        options={speeds.map((value) => ({ value, text: value.replace('-', ' ') }))}
      />
      <Words size="small" tone="quiet">
        {why}
      </Words>
    </View>
  )
}
