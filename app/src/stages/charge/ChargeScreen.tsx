// A glance at the charge: gauges and clamps against two ladders of temperature, superheat and subcooling in words. It never says to add or to remove.
import type { JobId } from '@oak/core/job/job-id'
import { Problem } from '../../ui/Problem'
import { useRouter } from 'expo-router'
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import { chargeInput, chargeProbe } from '@oak/core/job/inputs/startup-input'
import type { JobDocument } from '@oak/core/job/document'
import type { Measurement } from '@oak/core/meter/measurement'
import type { ChargeGlanceOutput } from '@oak/core/operations/charge-glance'
import { fahrenheitOf } from '@oak/core/quantity/temperature'
import { METERING, type Metering } from '@oak/core/startup/charge/figures'
import { REFRIGERANTS, type Refrigerant } from '@oak/core/startup/charge/refrigerants'
import { JobFrame } from '../../parts/frame/JobFrame'
import { useOperation } from '../../parts/frame/use-operation'
import type { StageProps } from '../../parts/frame/stage-screen'
import { ReadingSheet } from '../../parts/meter/ReadingSheet'
import { useDegrees } from '../../parts/meter/units'
import { editJob } from '../../platform/state/app'
import { Choice } from '../../ui/Choice'
import { NumberPad } from '../../ui/NumberPad'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { VerdictLine } from '../../ui/VerdictLine'
import type { Verdict } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { CHARGE_NAMES, isTemperature, keptAs, readAs, type ChargeKey } from './charge-figures'
import { FigureBox } from './FigureBox'
import { Ladders } from './Ladders'

const MARKS: Readonly<Record<ChargeGlanceOutput['superheat']['verdict'], Verdict>> = {
  usual: 'proven',
  low: 'watch',
  high: 'watch',
  impossible: 'stop',
  cannotTell: 'cannotTell',
}

/** The air about the two coils, and how long it has run. */
const AROUND = ['outdoorFahrenheit', 'returnFahrenheit', 'supplyFahrenheit', 'minutes'] as const

export function ChargeScreen({ id, job }: { readonly id: JobId; readonly job: JobDocument }) {
  const router = useRouter()
  const [pad, setPad] = useState<ChargeKey | null>(null)
  const degrees = useDegrees()
  const input = useMemo(() => chargeInput(job, degrees), [job, degrees])
  const result = useOperation('charge-glance', input)
  const output = input && result?.ok ? (result.output as ChargeGlanceOutput) : null
  const [metered, setMetered] = useState<ChargeKey | null>(null)
  // Temperatures come from a clamp's probe as well; the reading stays as evidence, with its meter and time. It reads no pressure.
  const take = (key: ChargeKey, measurement: Measurement): string | null => {
    if (measurement.value === 'OL') return 'OL gives no value to work with.'
    return editJob(id, [
      { path: ['chargeFigures', key], value: fahrenheitOf('C', measurement.value) },
      { path: ['measurements', chargeProbe(key)], value: measurement },
    ])
  }
  return (
    <JobFrame
      id={id}
      job={job}
      title="A glance at the charge"
      picture={
        <View style={{ gap: 12 }}>
          <Choice<Refrigerant>
            label="Refrigerant, by the unit’s plate"
            testID="refrigerant"
            value={job.refrigerant}
            onChange={(value) => editJob(id, [{ path: ['refrigerant'], value }])}
            options={REFRIGERANTS.map((value) => ({ value, text: value.replace('R-', '') }))}
          />
          <Ladders job={job} output={output} onPress={setPad} />
          <View style={{ flexDirection: 'row', gap: 8 }}>
            {AROUND.map((key) => (
              <FigureBox key={key} name={key} value={job.chargeFigures[key]} onPress={setPad} />
            ))}
          </View>
          <Targets id={id} job={job} onPress={setPad} />
          {job.refrigerant ? null : (
            <Words size="strong" tone="cannotTell">
              Which refrigerant? It stands on the unit’s plate.
            </Words>
          )}
          <Problem
            text={result && !result.ok && input ? result.error.message : null}
            testID="charge-problem"
          />
          {output ? FIGURES.map((name) => <Judged key={name} name={name} line={output[name]} />) : null}
          <FigurePad field={pad} job={job} setPad={setPad} id={id} setMetered={setMetered} />
          <FromMeter metered={metered} id={id} setMetered={setMetered} take={take} />
        </View>
      }
      evidence={
        output ? (
          <View style={{ gap: 8 }} testID="charge-notes">
            {output.notes.map((text) => (
              <Words key={text} size="small" tone="quiet">
                {text}
              </Words>
            ))}
          </View>
        ) : undefined
      }
      action={
        <PrimaryButton
          text="Back to start up"
          onPress={() => router.replace(`/job/${id}/startup`)}
          testID="charge-back"
        />
      }
    />
  )
}

const METERING_WORDS: Readonly<Record<Metering, string>> = {
  valve: 'expansion valve',
  fixed: 'fixed orifice',
}

/** What feeds the indoor coil, and what the unit's own chart asks for. */
function Targets({ id, job, onPress }: StageProps & { readonly onPress: (key: ChargeKey) => void }) {
  return (
    <View style={{ gap: 8 }}>
      <Choice<Metering>
        label="What feeds the indoor coil"
        testID="metering"
        value={METERING.find((one) => one === job.startup.metering) ?? null}
        onChange={(value) => editJob(id, [{ path: ['startup', 'metering'], value }])}
        options={METERING.map((value) => ({ value, text: METERING_WORDS[value] }))}
      />
      <View style={{ flexDirection: 'row', gap: 8 }}>
        {(['targetSuperheat', 'targetSubcooling'] as const).map((key) => (
          <FigureBox key={key} name={key} value={job.chargeFigures[key]} onPress={onPress} />
        ))}
      </View>
    </View>
  )
}

const FIGURES = ['superheat', 'subcooling', 'split'] as const

interface JudgedProps {
  readonly name: (typeof FIGURES)[number]
  readonly line: ChargeGlanceOutput['superheat']
}

const Judged = ({ name, line }: JudgedProps) => (
  <VerdictLine size="body" mark={MARKS[line.verdict]} text={line.text} testID={`charge-${name}`} />
)

interface FromMeterProps {
  readonly metered: ChargeKey | null
  readonly id: string
  readonly setMetered: (value: ChargeKey | null) => void
  readonly take: (key: ChargeKey, measurement: Measurement) => string | null
}

function FromMeter({ metered, id, setMetered, take }: FromMeterProps) {
  return metered ? (
    <ReadingSheet
      job={id}
      title={CHARGE_NAMES[metered].name}
      quantity="celsius"
      probe={chargeProbe(metered)}
      first="meter"
      onClose={() => setMetered(null)}
      onTake={(m) => take(metered, m)}
    />
  ) : null
}

interface FigurePadProps {
  readonly field: ChargeKey | null
  readonly job: JobDocument
  readonly setPad: (value: ChargeKey | null) => void
  readonly id: string
  readonly setMetered: (value: ChargeKey | null) => void
}

function FigurePad({ field, job, setPad, id, setMetered }: FigurePadProps) {
  const degrees = useDegrees()
  if (!field) return null
  const { name, unit } = CHARGE_NAMES[field]
  const kept = job.chargeFigures[field] ?? null
  const isWarmth = isTemperature(field)
  const noMeter = job.measurements[chargeProbe(field)]
    ? [{ path: ['measurements', chargeProbe(field)], value: null }]
    : []
  return (
    <NumberPad
      open
      title={name}
      unit={unit ?? `°${degrees}`}
      mayBeBelow={isWarmth}
      value={kept === null ? null : readAs(field, kept, degrees)}
      onClose={() => setPad(null)}
      onSet={(value) =>
        editJob(id, [{ path: ['chargeFigures', field], value: keptAs(field, value, degrees) }, ...noMeter])
      }
      takeAway={
        kept === null
          ? undefined
          : () => editJob(id, [{ path: ['chargeFigures', field], value: null }, ...noMeter])
      }
      extra={
        isWarmth ? (
          <QuietButton
            text="From the clamp meter"
            onPress={() => {
              setPad(null)
              setMetered(field)
            }}
            testID="charge-meter"
          />
        ) : undefined
      }
    />
  )
}
