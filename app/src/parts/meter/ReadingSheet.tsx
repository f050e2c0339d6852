// One reading, typed or taken from the clamp meter: the figure large, what the meter can tell beside it, and one thing to press.
import { shopNow } from '../../platform/sync/clock'
import type { JobId } from '@oak/core/job/job-id'
import { Problem } from '../../ui/Problem'
import { useEffect, useMemo, useState, type ReactNode } from 'react'
import { View } from 'react-native'
import type { Measurement, Quantity } from '@oak/core/meter/measurement'
import { Choice } from '../../ui/Choice'
import { NotRead } from '../../ui/NotRead'
import { NumberPad } from '../../ui/NumberPad'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import { usePalette } from '../../ui/theme'
import { UNSEEN } from '../../ui/unseen'
import { Words } from '../../ui/Words'
import { useSettled } from './settled'
import type { MeterReading } from './port'
import { editJob, isPractice, useIsPractice, useJob } from '../../platform/state/app'
import { benchMeter } from './bench-meter'
import { simulatedMeter } from './simulated-meter'
import { typedMeter } from './typed-meter'
import { accuracyText, typedUnits, useDegrees, useReadingText } from './units'

type Source = 'typed' | 'meter'

export interface ReadingSheetProps {
  readonly job: JobId
  readonly title: string
  readonly quantity: Quantity
  readonly probe: string
  readonly hint?: string
  /** Where it is taken from first: typed unless said otherwise. */
  readonly first?: Source
  readonly onClose: () => void
  /** Keeps the reading; returns what is wrong with it, or null. */
  readonly onTake: (measurement: Measurement) => string | null
}

export function ReadingSheet(props: ReadingSheetProps) {
  const [source, setSource] = useState<Source>(props.first ?? 'typed')
  const take = (reading: MeterReading) => props.onTake({ ...reading, at: shopNow() })
  const onBench = useIsPractice(props.job)
  const choice = (
    <Choice<Source>
      label="Where the reading comes from"
      testID="reading-source"
      value={source}
      onChange={setSource}
      options={[
        { value: 'typed', text: 'type it' },
        { value: 'meter', text: onBench ? 'bench meter' : 'clamp meter' },
      ]}
    />
  )
  return source === 'typed' ? (
    <Typed {...props} take={take} choice={choice} />
  ) : (
    <Metered {...props} take={take} choice={choice} />
  )
}

type Half = ReadingSheetProps & {
  readonly take: (reading: MeterReading) => string | null
  readonly choice: ReactNode
}

function Typed({ job, title, quantity, probe, hint, onClose, take, choice }: Half) {
  const units = typedUnits(quantity, useDegrees())
  const [unit, setUnit] = useState(units[0].text)
  const [wrong, setWrong] = useState<string | null>(null)
  const meter = useMemo(typedMeter, [])
  const enter = (value: number | 'OL'): string | null => {
    let wrong: string | null = null
    const stop = meter.start(
      { job, quantity, probe },
      { onReading: (reading) => void (wrong = take(reading)), onGone: () => undefined },
    )
    meter.enter(value)
    stop()
    return wrong
  }
  const toKept = (units.find((u) => u.text === unit) ?? units[0]).toKept
  return (
    <NumberPad
      open
      title={title}
      unit={unit}
      mayBeBelow={quantity === 'celsius'}
      value={null}
      hint={hint}
      onClose={onClose}
      onSet={(value) => enter(toKept(value))}
      above={
        <>
          {choice}
          <Problem text={wrong} testID="OL-problem" />
        </>
      }
      extra={
        <View style={{ flexDirection: 'row', gap: 8 }}>
          <IfRead job={job} probe={probe} onClose={onClose} />
          {units.length > 1 ? (
            <View style={{ flex: 2 }}>
              <Choice
                label="Unit"
                value={unit}
                onChange={setUnit}
                options={units.map((u) => ({ value: u.text, text: u.text }))}
              />
            </View>
          ) : null}
          {quantity === 'celsius' ? null : (
            <View style={{ flex: 1 }}>
              <QuietButton
                text="OL"
                testID="pad-OL"
                onPress={() => {
                  const problem = enter('OL')
                  setWrong(problem)
                  if (!problem) onClose()
                }}
              />
            </View>
          )}
        </View>
      }
    />
  )
}

/** Of a reading that is on record. */
function IfRead({ job, probe, onClose }: Pick<Half, 'job' | 'probe' | 'onClose'>) {
  const { measurements } = useJob(job)
  if (!measurements[probe]) return null
  return (
    <View style={{ flex: 1 }}>
      <NotRead
        takeAway={() => editJob(job, [{ path: ['measurements', probe], value: null }])}
        onClose={onClose}
      />
    </View>
  )
}

function Metered({ job, title, quantity, probe, hint, onClose, take, choice }: Half) {
  const [reading, setReading] = useState<MeterReading | null>(null)
  const [gone, setGone] = useState<string | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const [round, setRound] = useState(0)
  useEffect(
    () =>
      (isPractice(job) ? benchMeter() : simulatedMeter()).start(
        { job, quantity, probe },
        {
          onReading: setReading,
          onGone: (why) => {
            setGone(why)
            setReading(null)
          },
        },
      ),
    [job, quantity, probe, round],
  )
  const again = () => {
    setGone(null)
    setRound(round + 1)
  }
  const hold = () => {
    if (!reading) return
    const problem = take(reading)
    setWrong(problem)
    if (!problem) onClose()
  }
  return (
    <Sheet title={title} open onClose={onClose} testID="meter-sheet">
      {choice}
      <Display gone={gone} reading={reading} />
      {hint ? (
        <Words size="small" tone="quiet">
          {hint}
        </Words>
      ) : null}
      <Problem text={wrong} testID="meter-problem" />
      {gone ? (
        <PrimaryButton text="Try the meter again" onPress={again} testID="meter-again" />
      ) : (
        <PrimaryButton
          text="Hold this reading"
          disabled={!reading}
          icon="check"
          onPress={hold}
          testID="meter-hold"
        />
      )}
    </Sheet>
  )
}

interface DisplayProps {
  readonly gone: string | null
  readonly reading: MeterReading | null
}

function Display({ gone, reading }: DisplayProps) {
  const readingText = useReadingText()
  const degrees = useDegrees()
  const palette = usePalette()
  const text = reading ? readingText(reading) : '– –'
  const settled = useSettled(text)
  return (
    <View
      style={{
        borderRadius: 14,
        borderWidth: 3,
        borderColor: gone ? palette.stop : palette.ink,
        backgroundColor: palette.surface,
        padding: 16,
        gap: 4,
        alignItems: 'center',
        minHeight: 150,
        justifyContent: 'center',
      }}
    >
      {/* It is there before it says anything, or some readers would never speak it. */}
      <Words live style={UNSEEN} testID="meter-said">
        {gone ?? (reading ? settled : '')}
      </Words>
      {gone ? (
        <Words tone="stop" size="strong" unheard testID="meter-gone" style={{ textAlign: 'center' }}>
          {gone}
        </Words>
      ) : (
        <>
          <Words testID="meter-value" style={{ fontSize: 56, lineHeight: 62, fontWeight: '700' }}>
            {text}
          </Words>
          <Words size="small" tone="quiet">
            {reading ? reading.meter : 'waiting for the meter'}
          </Words>
          <Words size="small" tone="quiet">
            {reading ? accuracyText(reading, degrees) : ' '}
          </Words>
        </>
      )}
    </View>
  )
}
