// The old capacitor measured under load: amps and volts in, microfarads and a verdict out.
import { jobHertz } from '@oak/core/job/inputs/supply-input'
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import { DEFAULT_TOLERANCE_PERCENT } from '@oak/core/capacitor/verdict'
import { labelOf, runningProbe, type CanSide } from '@oak/core/job/inputs/old-can-input'
import { figure, percentText } from '@oak/core/quantity/display'
import { useOperation } from '../../parts/frame/use-operation'
import { editJob } from '../../platform/state/app'
import { USUAL_ACCURACY, type Measurement } from '@oak/core/meter/measurement'
import { Problem } from '../../ui/Problem'
import { usePalette } from '../../ui/theme'
import { VerdictMark, type Verdict } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { FigureKeys, RatedPad, RunningReading, FIELDS } from './SideFigures'
import { type Draft } from './reading-draft'
interface Answer {
  readonly microfarads: number
  readonly low: number
  readonly high: number | null
  readonly deviationPercent: number | null
  readonly verdict: 'in' | 'out' | 'uncertain' | null
}

const VERDICTS: Readonly<Record<'in' | 'out' | 'uncertain', { mark: Verdict; word: string }>> = {
  in: { mark: 'proven', word: 'in tolerance' },
  out: { mark: 'stop', word: 'out of tolerance' },
  uncertain: { mark: 'cannotTell', word: 'cannot tell with this meter' },
}

/** What a meter whose sheet is not at hand can tell. */
const METER = { amps: USUAL_ACCURACY.amps, volts: USUAL_ACCURACY.volts }

export function Readings({
  id,
  job,
  sides,
}: {
  readonly id: string
  readonly job: JobDocument
  readonly sides: readonly CanSide[]
}) {
  return (
    <View style={{ gap: 12 }}>
      <Words size="strong" heading={2}>
        The old capacitor, measured running
      </Words>
      {sides.map((side) => (
        <SideReading key={side} id={id} job={job} side={side} />
      ))}
      <Words size="small" tone="quiet">
        Live measurements are for qualified people with rated meters and gloves; hands and wires clear of the
        blade.
      </Words>
    </View>
  )
}

function SideReading({
  id,
  job,
  side,
}: {
  readonly id: string
  readonly job: JobDocument
  readonly side: CanSide
}) {
  const palette = usePalette()
  const kept = job.readings[side]
  const hertz = jobHertz(job)
  const [draft, setDraft] = useState<Draft>({ amps: null, volts: null, rated: null })
  const now: Draft = {
    amps: draft.amps ?? kept?.amps ?? null,
    volts: draft.volts ?? kept?.volts ?? null,
    rated: draft.rated ?? kept?.ratedMicrofarads ?? labelOf(job, side),
  }
  const [open, setOpen] = useState<(typeof FIELDS)[number]['key'] | null>(null)
  const field = FIELDS.find((f) => f.key === open)

  const set = (key: keyof Draft, value: number): string | null => {
    const next = { ...now, [key]: value }
    const wrong = value > 0 ? null : 'It must be above 0.'
    if (wrong) return wrong
    if (next.amps !== null && next.volts !== null) {
      const refused = editJob(id, [
        {
          path: ['readings', side],
          value: {
            of: side,
            amps: next.amps,
            volts: next.volts,
            hertz,
            ratedMicrofarads: next.rated,
            tolerancePercent: job.canMarking?.tolerancePercent || DEFAULT_TOLERANCE_PERCENT,
          },
        },
      ])
      if (refused) return refused
    }
    setDraft(next)
    return null
  }
  /** The figure goes into the sum; the reading itself stays as evidence, with its meter and time. */
  const take = (key: 'amps' | 'volts', measurement: Measurement): string | null => {
    if (measurement.value === 'OL') return 'OL gives no value to work with: take a higher range.'
    return (
      set(key, measurement.value) ??
      editJob(id, [{ path: ['measurements', runningProbe(key, side)], value: measurement }])
    )
  }
  return (
    <View
      style={{ borderWidth: 1.5, borderColor: palette.edge, borderRadius: 10, padding: 10, gap: 8 }}
      testID={`reading-${side}`}
    >
      <Words size="strong">{side === 'FAN' ? 'FAN side' : 'HERM side (compressor)'}</Words>
      <FigureKeys side={side} now={now} setOpen={setOpen} />
      {now.amps !== null && now.volts !== null ? (
        <Result
          amps={now.amps}
          volts={now.volts}
          hertz={hertz}
          rated={now.rated}
          tolerancePercent={job.canMarking?.tolerancePercent || DEFAULT_TOLERANCE_PERCENT}
          meter={meterOf(job, side)}
        />
      ) : null}
      <RatedPad field={field} side={side} now={now} setOpen={setOpen} set={set} />
      <RunningReading field={field} id={id} side={side} setOpen={setOpen} take={take} />
    </View>
  )
}

/** What the meter of each reading can tell; a usual one's where it was typed. */
function meterOf(job: JobDocument, side: CanSide): typeof METER {
  const accuracy = (key: 'amps' | 'volts') =>
    job.measurements[runningProbe(key, side)]?.accuracy ?? METER[key]
  return { amps: accuracy('amps'), volts: accuracy('volts') }
}

function Result({
  amps,
  volts,
  hertz,
  rated,
  tolerancePercent,
  meter,
}: {
  readonly amps: number
  readonly volts: number
  readonly hertz: 50 | 60
  readonly rated: number | null
  readonly tolerancePercent: number
  readonly meter: typeof METER
}) {
  const text = JSON.stringify(meter)
  const input = useMemo(
    () => ({
      amps,
      volts,
      hertz,
      meter: JSON.parse(text) as typeof METER,
      ...(rated ? { rating: { microfarads: rated, tolerancePercent } } : {}),
    }),
    [amps, volts, hertz, rated, tolerancePercent, text],
  )
  const result = useOperation('microfarads', input)
  if (!result) return null
  if (!result.ok) return <Problem text={result.error.message} />
  const { microfarads, low, high, deviationPercent, verdict } = result.output as Answer
  const shown = verdict && VERDICTS[verdict]
  return (
    <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }} testID="reading-result">
      {shown ? <VerdictMark verdict={shown.mark} size={30} /> : null}
      <View style={{ flex: 1 }}>
        <Words size="title" live>
          {figure(microfarads)} µF{deviationPercent === null ? '' : `, ${percentText(deviationPercent)}`}
        </Words>
        <Words size="small">
          {shown ? `${shown.word}: ` : ''}between {figure(low)} and{' '}
          {high === null ? 'no limit' : figure(high)} µF by this meter
          {rated
            ? `; limits ${figure(rated * (1 - tolerancePercent / 100))} to ${figure(rated * (1 + tolerancePercent / 100))}`
            : ''}
          .
        </Words>
      </View>
    </View>
  )
}
