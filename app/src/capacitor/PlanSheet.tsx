// What the van can do for these loads, best first: which capacitors, how they are joined, why; choosing one takes it of the stock.
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import type { CapacitorPlanOutput } from '@oak/core/operations/capacitor-plan'
import { figure } from '@oak/core/quantity/display'
import { COMPRESSOR_LOAD, FAN_LOAD } from '@oak/core/wiring/new-can'
import { useOperation } from '../job/use-operation'
import { editJob, useVan } from '../state/app'
import { Choice } from '../ui/Choice'
import { Sheet } from '../ui/Sheet'
import { Tap } from '../ui/Tap'
import { usePalette } from '../ui/theme'
import { VerdictMark } from '../ui/VerdictMark'
import { Words } from '../ui/Words'
import { LineGlyph } from '../van/LineGlyph'
import { leftText, priceText } from '../van/van-model'
import { AIMS, AIM_WORDS, aimsFrom, chooseEdits, stockParts, type Aim } from './stock-plan-model'

type Plan = CapacitorPlanOutput['plans'][number]

export function PlanSheet({ id, job, shared, onClose }: { readonly id: string; readonly job: JobDocument; readonly shared: boolean; readonly onClose: () => void }) {
  const { document: van, left } = useVan()
  const [first, setFirst] = useState<Aim>('parts')
  const input = useMemo(() => {
    const volts = job.motor?.capacitor?.volts ?? 370
    const loads = [
      ...(shared && job.compressorMicrofarads ? [{ load: COMPRESSOR_LOAD, microfarads: job.compressorMicrofarads, volts }] : []),
      ...(job.motor?.capacitor ? [{ load: FAN_LOAD, microfarads: job.motor.capacitor.microfarads, volts }] : []),
    ]
    return loads.length > 0 ? { stock: stockParts(van, left, job.taken), loads, aims: aimsFrom(first) } : null
  }, [van, left, job.motor, job.compressorMicrofarads, job.taken, shared, first])
  const result = useOperation('capacitor-plan', input)
  const output = result?.ok ? (result.output as CapacitorPlanOutput) : null
  return (
    <Sheet title="Best from the van" open onClose={onClose} testID="plan-sheet">
      <Words size="small">What comes first</Words>
      <Choice<Aim> label="What comes first" testID="aims" value={first} onChange={setFirst} options={AIMS.map((value) => ({ value, text: AIM_WORDS[value] }))} />
      {input ? null : <Words size="strong" tone="cannotTell">What the loads need is not known yet.</Words>}
      {result && !result.ok ? <Words tone="stop" size="strong" live>{result.error.message}</Words> : null}
      {output?.problems.map((text) => <View key={text} style={{ flexDirection: 'row', gap: 10 }}><VerdictMark verdict="stop" size={26} /><Words size="strong" tone="stop" style={{ flex: 1 }} live testID="plan-problem">{text}</Words></View>)}
      {output?.plans.map((plan, i) => <PlanRow key={plan.cans.map((c) => c.part).join()} plan={plan} place={i} onPress={() => { editJob(id, chooseEdits(plan, van, job)); onClose() }} />)}
      {output && !output.proven ? <Words size="small" tone="watch">The search was cut short: a better plan was not ruled out.</Words> : null}
    </Sheet>
  )
}

function PlanRow({ plan, place, onPress }: { readonly plan: Plan; readonly place: number; readonly onPress: () => void }) {
  const palette = usePalette()
  const { document: van, left } = useVan()
  const name = (can: number, microfarads: number) => (plan.cans.length > 1 ? `${figure(microfarads)} µF of ${plan.cans[can]?.name ?? ''}` : `${figure(microfarads)} µF`)
  return (
    <Tap testID={`plan-${place}`} onPress={onPress} label={`Plan ${place + 1}: ${plan.cans.map((c) => c.name).join(' and ')}. ${plan.why} Choose it`} style={{ borderRadius: 10, borderWidth: place === 0 ? 3 : 1.5, borderColor: place === 0 ? palette.ink : palette.line, backgroundColor: palette.surface, padding: 10 }}>
      <View style={{ gap: 6 }}>
        <View style={{ flexDirection: 'row', gap: 8, alignItems: 'center' }}>
          {plan.cans.map((can, i) => { const line = van.stock[can.part]; return line ? <LineGlyph key={i} line={line} /> : null })}
          <View style={{ flex: 1 }}>
            <Words size="strong">{plan.cans.map((c) => c.name).join(' + ')}</Words>
            <Words size="tiny" tone="quiet">{[...plan.cans.map((c) => leftText(left[c.part] ?? 0)), priceText(plan.cents)].filter(Boolean).join(' · ')}</Words>
          </View>
        </View>
        {plan.groups.map((g) => <Words key={g.load} size="small">{g.load}: lead on {name(g.sections[0]?.can ?? 0, g.sections[0]?.microfarads ?? 0)}{g.jumpers.map((j) => `, jumper to ${name(j.to.can, j.to.microfarads)} (${figure(100 * j.share, 0)} % of its current)`).join('')}.</Words>)}
        {plan.ties.length > 0 ? <Words size="small">Tie the C of every capacitor together.</Words> : null}
        <Words size="small" tone="quiet">{plan.why}</Words>
      </View>
    </Tap>
  )
}
