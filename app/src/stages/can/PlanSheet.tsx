// What the van can do for these loads, best first: which capacitors, how they are joined, why; choosing one takes it of the stock.
import { DEFAULT_TOLERANCE_PERCENT } from '@oak/core/capacitor/verdict'
import { KeepWhole, OldStays, type OldCan } from './OldCanStays'
import { wantedLoads } from './wanted-loads'
import { Problem } from '../../ui/Problem'
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import type { Aim } from '@oak/core/capacitor/stock-plan/aims'
import { keptWhole } from '@oak/core/job/inputs/kept-can'
import { sideThatCouldStay } from '@oak/core/job/inputs/old-can-input'
import type { JobDocument } from '@oak/core/job/document'
import type { CapacitorPlanOutput } from '@oak/core/operations/capacitor-plan'
import { figure } from '@oak/core/quantity/display'
import { useOperation } from '../../parts/frame/use-operation'
import { editJob, useVan } from '../../platform/state/app'
import { useDeviceSettings } from '../../ui/device-settings'
import { Sheet } from '../../ui/Sheet'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { VerdictLine } from '../../ui/VerdictLine'
import { Words } from '../../ui/Words'
import { LineGlyph } from '../../parts/stock/LineGlyph'
import { leftText, priceText } from '../../parts/stock/van-model'
import { AimOrder } from '../../parts/stock/AimOrder'
import { takenForFan } from '../../parts/stock/compressor-can-model'
import { chooseEdits, stockParts } from '../../parts/stock/stock-plan-model'

type Plan = CapacitorPlanOutput['plans'][number]

export function PlanSheet({
  id,
  job,
  shared,
  onClose,
}: {
  readonly id: string
  readonly job: JobDocument
  readonly shared: boolean
  readonly onClose: () => void
}) {
  const deviceAims = useDeviceSettings((s) => s.aims)
  const aims = job.aims ?? deviceAims
  const [leave, setLeave] = useState<OldCan>('out')
  const side = useMemo(
    () => (shared && job.compressorMicrofarads ? sideThatCouldStay(job) : null),
    [shared, job],
  )
  const whole = useMemo(() => keptWhole(job), [job])
  return (
    <Sheet title="Best from the van" open onClose={onClose} testID="plan-sheet">
      {/* Pressed here the order is this job's; the device's own is among the settings. */}
      <AimOrder aims={aims} onChange={(value) => editJob(id, [{ path: ['aims'], value }])} />
      <OldStays leave={leave} setLeave={setLeave} hasSide={side !== null} />
      {leave === 'whole' ? (
        <KeepWhole id={id} job={job} whole={whole} onClose={onClose} />
      ) : (
        <Plans {...{ id, job, shared, aims, onClose }} stays={leave === 'stays' ? side : null} />
      )}
    </Sheet>
  )
}

interface PlansProps {
  readonly id: string
  readonly job: JobDocument
  readonly shared: boolean
  readonly aims: readonly Aim[]
  readonly stays: ReturnType<typeof sideThatCouldStay>
  readonly onClose: () => void
}

function Plans({ id, job, shared, aims, stays, onClose }: PlansProps) {
  const { document: van, left } = useVan()
  const { canMarking, motor, compressorMicrofarads, compressorCan, taken } = job
  const tolerancePercent = job.tolerancePercent ?? DEFAULT_TOLERANCE_PERCENT
  const input = useMemo(() => {
    const loads = wantedLoads({ motor, compressorMicrofarads, canMarking }, shared)
    return loads.length > 0
      ? {
          stock: stockParts(van, left, takenForFan({ compressorCan, taken })),
          loads,
          tolerancePercent,
          aims,
          stays,
        }
      : null
  }, [
    van,
    left,
    motor,
    compressorMicrofarads,
    compressorCan,
    taken,
    canMarking,
    tolerancePercent,
    shared,
    aims,
    stays,
  ])
  const result = useOperation('capacitor-plan', input)
  const output = result?.ok ? (result.output as CapacitorPlanOutput) : null
  return (
    <>
      {output?.stays ? (
        <Words size="small" tone={output.stays.allowed ? 'ink' : 'stop'} live testID="stays-why">
          {output.stays.why}
        </Words>
      ) : null}
      {input ? null : (
        <Words size="strong" tone="cannotTell">
          What the loads need is not known yet.
        </Words>
      )}
      <Problem text={result && !result.ok ? result.error.message : null} />
      {output?.problems.map((text) => (
        <VerdictLine key={text} mark="stop" text={text} size="strong" toned testID="plan-problem" />
      ))}
      {output?.plans.map((plan, i) => (
        <PlanRow
          key={plan.cans.map((c) => c.part).join()}
          plan={plan}
          place={i}
          onPress={() => {
            editJob(id, chooseEdits(plan, van, job, stays))
            onClose()
          }}
        />
      ))}
      <HowSure output={output} />
    </>
  )
}

function HowSure({ output }: { readonly output: CapacitorPlanOutput | null }) {
  return output && output.plans.length > 0 ? (
    <Words size="small" tone={output.proven ? 'quiet' : 'watch'}>
      {output.proven
        ? 'Every combination of two capacitors on the van was weighed.'
        : 'The search was cut short: a better plan was not ruled out.'}
    </Words>
  ) : null
}

function PlanRow({
  plan,
  place,
  onPress,
}: {
  readonly plan: Plan
  readonly place: number
  readonly onPress: () => void
}) {
  const palette = usePalette()
  const { document: van, left } = useVan()
  const name = (can: number, microfarads: number) =>
    plan.cans.length > 1
      ? `${figure(microfarads)} µF of ${plan.cans[can]?.name ?? ''}`
      : `${figure(microfarads)} µF`
  const counted = plan.cans.filter((c) => c.keptFor === null).map((c) => leftText(left[c.part] ?? 0))
  return (
    <Tap
      testID={`plan-${place}`}
      onPress={onPress}
      more={`plan ${place + 1}: choose it`}
      style={{
        borderRadius: 10,
        borderWidth: place === 0 ? 3 : 1.5,
        borderColor: place === 0 ? palette.ink : palette.edge,
        backgroundColor: palette.surface,
        padding: 10,
      }}
    >
      <View style={{ gap: 8 }}>
        <View style={{ flexDirection: 'row', gap: 8, alignItems: 'center' }}>
          {plan.cans.map((can, i) => {
            const line = van.stock[can.part]
            return line ? <LineGlyph key={i} line={line} /> : null
          })}
          <View style={{ flex: 1 }}>
            <Words size="strong">
              {plan.cans.map((c) => (c.keptFor ? `${c.name} stays for ${c.keptFor}` : c.name)).join(' + ')}
            </Words>
            <Words size="tiny" tone="quiet">
              {[...counted, priceText(plan.cents)].filter(Boolean).join(' · ')}
            </Words>
          </View>
        </View>
        {plan.groups.map((g) => (
          <Words key={g.load} size="small">
            {g.load}: lead on {name(g.sections[0]?.can ?? 0, g.sections[0]?.microfarads ?? 0)}
            {g.jumpers
              .map(
                (j) =>
                  `, jumper to ${name(j.to.can, j.to.microfarads)} (${figure(100 * j.share, 0)} % of its current)`,
              )
              .join('')}
            .
          </Words>
        ))}
        {plan.ties.length > 0 ? <Words size="small">Tie the C of every capacitor together.</Words> : null}
        <Words size="small" tone="quiet">
          {plan.why}
        </Words>
      </View>
    </Tap>
  )
}
