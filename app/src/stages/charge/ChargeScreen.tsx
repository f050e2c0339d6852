// A glance at the charge: gauges and clamps on a drawing of the circuit, superheat and subcooling beside them. It never says to add or to remove.
import type { JobId } from '@oak/core/job/job-id'
import { Problem } from '../../ui/Problem'
import { useRouter } from 'expo-router'
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import Svg, { Path, Rect, Text } from 'react-native-svg'
import { chargeInput, chargeProbe } from '@oak/core/job/inputs/startup-input'
import type { JobDocument } from '@oak/core/job/document'
import type { Measurement } from '@oak/core/meter/measurement'
import type { ChargeGlanceOutput } from '@oak/core/operations/charge-glance'
import { figure } from '@oak/core/quantity/display'
import { REFRIGERANTS, type Refrigerant } from '@oak/core/startup/charge/refrigerants'
import { JobFrame } from '../../parts/frame/JobFrame'
import { useOperation } from '../../parts/frame/use-operation'
import { ReadingSheet } from '../../parts/meter/ReadingSheet'
import { editJob } from '../../platform/state/app'
import { Choice } from '../../ui/Choice'
import { NumberPad } from '../../ui/NumberPad'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Tap } from '../../ui/Tap'
import { FONT, usePalette } from '../../ui/theme'
import { VerdictLine } from '../../ui/VerdictLine'
import type { Verdict } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'

const FIGURES = [
  { key: 'suctionPsig', name: 'Suction', unit: 'psig', x: 6, y: 64 },
  { key: 'suctionFahrenheit', name: 'Suction line', unit: '°F', x: 6, y: 126 },
  { key: 'liquidPsig', name: 'Liquid', unit: 'psig', x: 254, y: 64 },
  { key: 'liquidFahrenheit', name: 'Liquid line', unit: '°F', x: 254, y: 126 },
  { key: 'outdoorFahrenheit', name: 'Outdoor air', unit: '°F', x: 130, y: 4 },
  { key: 'returnFahrenheit', name: 'Return air', unit: '°F', x: 62, y: 252 },
  { key: 'supplyFahrenheit', name: 'Supply air', unit: '°F', x: 198, y: 252 },
  { key: 'minutes', name: 'Running for', unit: 'min', x: 130, y: 128 },
] as const
type Key = (typeof FIGURES)[number]['key']

const MARKS: Readonly<Record<ChargeGlanceOutput['superheat']['verdict'], Verdict>> = {
  usual: 'proven',
  low: 'watch',
  high: 'watch',
  impossible: 'stop',
  cannotTell: 'cannotTell',
}

type Figure = (typeof FIGURES)[number]

export function ChargeScreen({ id, job }: { readonly id: JobId; readonly job: JobDocument }) {
  const router = useRouter()
  const [pad, setPad] = useState<Key | null>(null)
  const input = useMemo(() => chargeInput(job), [job])
  const result = useOperation('charge-glance', input)
  const output = input && result?.ok ? (result.output as ChargeGlanceOutput) : null
  const field = FIGURES.find((f) => f.key === pad)
  const [metered, setMetered] = useState<Figure | null>(null)
  // Temperatures come from a clamp's probe as well; the reading stays as evidence, with its meter and time. It reads no pressure.
  const take = (key: Key, measurement: Measurement): string | null => {
    if (measurement.value === 'OL') return 'OL gives no value to work with.'
    return editJob(id, [
      { path: ['chargeFigures', key], value: Math.round((measurement.value * 1.8 + 32) * 10) / 10 },
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
          <Circuit job={job} onPress={setPad} />
          {job.refrigerant ? null : (
            <Words size="strong" tone="cannotTell">
              Which refrigerant? It stands on the unit’s plate.
            </Words>
          )}
          <Problem
            text={result && !result.ok && input ? result.error.message : null}
            testID="charge-problem"
          />
          {output
            ? [output.superheat, output.subcooling, output.split].map((line, i) => (
                <VerdictLine
                  key={i}
                  size="body"
                  mark={MARKS[line.verdict]}
                  text={line.text}
                  testID={`charge-${['superheat', 'subcooling', 'split'][i]}`}
                />
              ))
            : null}
          <FigurePad field={field} job={job} setPad={setPad} id={id} setMetered={setMetered} />
          <FromMeter metered={metered} id={id} setMetered={setMetered} take={take} />
        </View>
      }
      evidence={
        output ? (
          <View style={{ gap: 6 }} testID="charge-notes">
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

interface FromMeterProps {
  readonly metered: Figure | null
  readonly id: string
  readonly setMetered: (value: Figure | null) => void
  readonly take: (key: Key, measurement: Measurement) => string | null
}

function FromMeter({ metered, id, setMetered, take }: FromMeterProps) {
  return metered ? (
    <ReadingSheet
      job={id}
      title={metered.name}
      quantity="celsius"
      probe={chargeProbe(metered.key)}
      first="meter"
      onClose={() => setMetered(null)}
      onTake={(m) => take(metered.key, m)}
    />
  ) : null
}

interface FigurePadProps {
  readonly field: Figure | undefined
  readonly job: JobDocument
  readonly setPad: (value: Key | null) => void
  readonly id: string
  readonly setMetered: (value: Figure | null) => void
}

function FigurePad({ field, job, setPad, id, setMetered }: FigurePadProps) {
  return field ? (
    <NumberPad
      open
      title={field.name}
      unit={field.unit}
      value={job.chargeFigures[field.key] ?? null}
      onClose={() => setPad(null)}
      onSet={(value) =>
        editJob(id, [
          { path: ['chargeFigures', field.key], value },
          ...(job.measurements[chargeProbe(field.key)]
            ? [{ path: ['measurements', chargeProbe(field.key)], value: null }]
            : []),
        ])
      }
      extra={
        field.unit === '°F' ? (
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
  ) : null
}

const WIDTH = 360
const HEIGHT = 312

/** Outdoor coil above, indoor coil below, the compressor between them on the suction side: each figure stands where it is read. */
function Circuit({ job, onPress }: { readonly job: JobDocument; readonly onPress: (key: Key) => void }) {
  const palette = usePalette()
  const coil = (y: number) => Array.from({ length: 9 }, (_, i) => `M${122 + i * 13} ${y}v34`).join('')
  return (
    <View style={{ width: WIDTH, height: HEIGHT, alignSelf: 'center' }} testID="charge-picture">
      <CoilsPicture coil={coil} />
      {FIGURES.map(({ key, name, unit, x, y }) => {
        const value = job.chargeFigures[key]
        return (
          <Tap
            key={key}
            testID={`charge-${key}`}
            label={`${name}: ${value === undefined ? 'not read' : `${figure(value, 1)} ${unit}`}`}
            onPress={() => onPress(key)}
            style={{
              position: 'absolute',
              left: x,
              top: y,
              width: 100,
              minHeight: 54,
              borderRadius: 8,
              borderWidth: 2,
              borderStyle: value === undefined ? 'dashed' : 'solid',
              borderColor: palette.ink,
              backgroundColor: palette.surface,
              alignItems: 'center',
            }}
          >
            <Words size="strong">
              {value === undefined ? '–' : figure(value, 1)} {unit}
            </Words>
            <Words size="tiny" tone="quiet">
              {name}
            </Words>
          </Tap>
        )
      })}
    </View>
  )
}

function CoilsPicture({ coil }: { readonly coil: (y: number) => string }) {
  const palette = usePalette()
  return (
    <Svg width={WIDTH} height={HEIGHT} style={{ position: 'absolute' }} aria-hidden>
      <Path d="M118 88H56V220H118M242 88H304V220H242" stroke={palette.ink} strokeWidth={5} fill="none" />
      <Rect
        x={114}
        y={68}
        width={132}
        height={40}
        rx={5}
        fill={palette.surface}
        stroke={palette.ink}
        strokeWidth={2.5}
      />
      <Rect
        x={114}
        y={200}
        width={132}
        height={40}
        rx={5}
        fill={palette.surface}
        stroke={palette.ink}
        strokeWidth={2.5}
      />
      <Path d={coil(71)} stroke={palette.line} strokeWidth={4} />
      <Path d={coil(203)} stroke={palette.line} strokeWidth={4} />
      <Text
        x={180}
        y={94}
        fontSize={15}
        fontWeight="700"
        textAnchor="middle"
        fill={palette.ink}
        fontFamily={FONT}
      >
        outdoor coil
      </Text>
      <Text
        x={180}
        y={226}
        fontSize={15}
        fontWeight="700"
        textAnchor="middle"
        fill={palette.ink}
        fontFamily={FONT}
      >
        indoor coil
      </Text>
      <Path d="M56 120l-9 14h18z" fill={palette.ink} />
      <Path d="M304 196l-9-14h18z" fill={palette.ink} />
    </Svg>
  )
}
