// The old capacitor measured under load: amps and volts in, microfarads and a verdict out.
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import { DEFAULT_TOLERANCE_PERCENT } from '@oak/core/capacitor/verdict'
import { figure, percentText } from '@oak/core/quantity/display'
import { useOperation } from '../job/use-operation'
import { editJob } from '../state/app'
import { NumberPad } from '../ui/NumberPad'
import { Tap } from '../ui/Tap'
import { usePalette } from '../ui/theme'
import { VerdictMark, type Verdict } from '../ui/VerdictMark'
import { Words } from '../ui/Words'

type Side = 'FAN' | 'HERM'
interface Draft { readonly amps: number | null; readonly volts: number | null; readonly rated: number | null }
interface Answer { readonly microfarads: number; readonly low: number; readonly high: number | null; readonly deviationPercent: number | null; readonly verdict: 'in' | 'out' | 'uncertain' | null }

const VERDICTS: Readonly<Record<'in' | 'out' | 'uncertain', { mark: Verdict; word: string }>> = {
  in: { mark: 'proven', word: 'in tolerance' },
  out: { mark: 'stop', word: 'out of tolerance' },
  uncertain: { mark: 'cannotTell', word: 'cannot tell with this meter' },
}

/** A usual clamp meter: 2 % + 5 counts of 0.01 A, 1.2 % + 5 counts of 0.1 V. Common practice, no source. */
const METER = { amps: { percent: 2, counts: 5, resolution: 0.01 }, volts: { percent: 1.2, counts: 5, resolution: 0.1 } }
const FIELDS = [
  { key: 'amps', text: 'Amps in the start lead', unit: 'A' },
  { key: 'volts', text: 'Volts across the capacitor', unit: 'V' },
  { key: 'rated', text: 'Rated', unit: 'µF' },
] as const

export function Readings({ id, job, sides }: { readonly id: string; readonly job: JobDocument; readonly sides: readonly Side[] }) {
  return (
    <View style={{ gap: 12 }}>
      <Words size="strong" heading={2}>The old capacitor, measured running</Words>
      {sides.map((side) => <SideReading key={side} id={id} job={job} side={side} />)}
      <Words size="small" tone="quiet">Live measurements are for qualified people with rated meters and gloves; hands and wires clear of the blade.</Words>
    </View>
  )
}

function SideReading({ id, job, side }: { readonly id: string; readonly job: JobDocument; readonly side: Side }) {
  const palette = usePalette()
  const kept = job.readings[side]
  const [draft, setDraft] = useState<Draft>({ amps: null, volts: null, rated: null })
  const now: Draft = { amps: draft.amps ?? kept?.amps ?? null, volts: draft.volts ?? kept?.volts ?? null, rated: draft.rated ?? kept?.ratedMicrofarads ?? null }
  const [open, setOpen] = useState<(typeof FIELDS)[number]['key'] | null>(null)
  const field = FIELDS.find((f) => f.key === open)

  const set = (key: keyof Draft, value: number): string | null => {
    const next = { ...now, [key]: value }
    const wrong = value > 0 ? null : 'It must be above 0.'
    if (wrong) return wrong
    if (next.amps !== null && next.volts !== null) {
      const refused = editJob(id, [{ path: ['readings', side], value: { of: side, amps: next.amps, volts: next.volts, hertz: 60, ratedMicrofarads: next.rated, tolerancePercent: DEFAULT_TOLERANCE_PERCENT } }])
      if (refused) return refused
    }
    setDraft(next)
    return null
  }
  return (
    <View style={{ borderWidth: 1.5, borderColor: palette.line, borderRadius: 10, padding: 10, gap: 8 }} testID={`reading-${side}`}>
      <Words size="strong">{side === 'FAN' ? 'FAN side' : 'HERM side (compressor)'}</Words>
      <View style={{ flexDirection: 'row', gap: 6 }}>
        {FIELDS.map(({ key, text, unit }) => (
          <Tap key={key} label={`${side}: ${text}, ${now[key] === null ? 'not read' : `${now[key]} ${unit}`}`} testID={`${side}-${key}`} onPress={() => setOpen(key)} style={{ flex: 1, borderRadius: 8, borderWidth: 1.5, borderColor: palette.ink, backgroundColor: palette.surface, alignItems: 'center', paddingVertical: 5 }}>
            <Words size="strong">{now[key] === null ? '–' : figure(now[key] as number)} {unit}</Words>
            <Words size="tiny" tone="quiet">{key === 'amps' ? 'start lead' : key === 'volts' ? 'across it' : 'rated'}</Words>
          </Tap>
        ))}
      </View>
      {now.amps !== null && now.volts !== null ? <Result amps={now.amps} volts={now.volts} rated={now.rated} /> : null}
      {field ? <NumberPad open title={`${side}: ${field.text.toLowerCase()}`} unit={field.unit} value={now[field.key]} onClose={() => setOpen(null)} onSet={(value) => set(field.key, value)} /> : null}
    </View>
  )
}

function Result({ amps, volts, rated }: { readonly amps: number; readonly volts: number; readonly rated: number | null }) {
  const input = useMemo(
    () => ({ amps, volts, hertz: 60, meter: METER, ...(rated ? { rating: { microfarads: rated, tolerancePercent: DEFAULT_TOLERANCE_PERCENT } } : {}) }),
    [amps, volts, rated],
  )
  const result = useOperation('microfarads', input)
  if (!result) return null
  if (!result.ok) return <Words tone="stop" size="strong" live>{result.error.message}</Words>
  const { microfarads, low, high, deviationPercent, verdict } = result.output as Answer
  const shown = verdict && VERDICTS[verdict]
  return (
    <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }} testID="reading-result">
      {shown ? <VerdictMark verdict={shown.mark} size={30} /> : null}
      <View style={{ flex: 1 }}>
        <Words size="title" live>{figure(microfarads)} µF{deviationPercent === null ? '' : `, ${percentText(deviationPercent)}`}</Words>
        <Words size="small">{shown ? `${shown.word}: ` : ''}between {figure(low)} and {high === null ? 'no limit' : figure(high)} µF with a usual clamp meter{rated ? `; limits ${figure(rated * (1 - DEFAULT_TOLERANCE_PERCENT / 100))} to ${figure(rated * (1 + DEFAULT_TOLERANCE_PERCENT / 100))}` : ''}.</Words>
      </View>
    </View>
  )
}
