// Stage "make safe": what to open, what stays live all the same, each pair proven dead, and the capacitor taken down.
import { shopNow } from '../../platform/sync/clock'
import type { JobId } from '@oak/core/job/job-id'
import { useRouter } from 'expo-router'
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import type { SafeStep } from '@oak/core/job/fields'
import { supplyFacts } from '@oak/core/job/inputs/supply-input'
import { supplyOf, type SupplyFacts } from '@oak/core/supply/supply'
import { makeSafe, type MakeSafe, type ProveStep } from '@oak/core/safety/make-safe'
import {
  DISCHARGED_STEP,
  openStep,
  proveStep,
  safeProgress,
  type SafeProgress,
} from '@oak/core/safety/progress'
import type { UnitType } from '@oak/core/wiring/unit-type'
import { unitTypeFor } from '@oak/core/wiring/unit-types'
import type { NamedWire } from '@oak/core/wiring/wire'
import { JobFrame } from '../../parts/frame/JobFrame'
import { Later } from '../../parts/frame/Later'
import { ReadingSheet } from '../../parts/meter/ReadingSheet'
import { useReadingText } from '../../parts/meter/units'
import { editJob } from '../../platform/state/app'
import { PrimaryButton } from '../../ui/PrimaryButton'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { ChooseUnit } from '../../parts/unit/ChooseUnit'
import { DischargePanel, useNow } from './DischargePanel'
import { LivePicture } from './LivePicture'
import { countdownAt, dischargeSetup, endOf, workOut } from './safe-model'
import { StepRow } from '../../parts/ticks/StepRow'

export function SafeScreen({ id, job }: { readonly id: JobId; readonly job: JobDocument }) {
  const unit = job.unit ? unitTypeFor(job.unit) : undefined
  return unit ? <MakeItSafe id={id} job={job} unit={unit} /> : <ChooseUnit id={id} job={job} />
}

const MARKS = { safe: 'proven', waived: 'watch', open: 'cannotTell', live: 'stop' } as const

function MakeItSafe({
  id,
  job,
  unit,
}: {
  readonly id: string
  readonly job: JobDocument
  readonly unit: UnitType
}) {
  const wires = useMemo(
    () => Object.entries(job.wires).map(([wire, value]): NamedWire => ({ id: wire, ...value })),
    [job.wires],
  )
  const facts = JSON.stringify(supplyFacts(job))
  const safe = useMemo(
    () => makeSafe(unit, wires, supplyOf(unit, JSON.parse(facts) as SupplyFacts)),
    [unit, wires, facts],
  )
  const progress = safeProgress(safe, job.safe)
  const [reading, setReading] = useState<string | null>(null)
  const set = (key: string, step: SafeStep | null) => editJob(id, [{ path: ['safe', key], value: step }])
  const asked = reading === null ? null : readingOf(reading, safe)
  return (
    <>
      <JobFrame
        id={id}
        job={job}
        title="Make safe"
        picture={<Steps safe={safe} job={job} progress={progress} onSet={set} onRead={setReading} />}
        evidence={
          <Rest
            id={id}
            job={job}
            unit={unit}
            safe={safe}
            progress={progress}
            onSet={set}
            onRead={setReading}
          />
        }
        strip={
          <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }}>
            <VerdictMark verdict={MARKS[progress.state]} size={34} />
            <Words size="strong" tone={MARKS[progress.state]} style={{ flex: 1 }} live testID="safe-sentence">
              {progress.sentence}
            </Words>
          </View>
        }
        action={
          <NextStep id={id} job={job} safe={safe} progress={progress} onSet={set} onRead={setReading} />
        }
      />
      {asked && reading !== null ? (
        <ReadingSheet
          job={id}
          title={asked.title}
          quantity="volts"
          probe={asked.probe}
          hint="Try the meter on a live point first, then here, then on the live point again."
          onClose={() => setReading(null)}
          onTake={(measurement) => set(reading, { state: 'done', volts: measurement.value })}
        />
      ) : null}
    </>
  )
}

function readingOf(key: string, safe: MakeSafe): { readonly title: string; readonly probe: string } | null {
  if (key === DISCHARGED_STEP) return { title: 'Volts left on the capacitor', probe: 'volts-capacitor' }
  const step = safe.prove.find((p) => proveStep(p.id) === key)
  return step ? { title: `${step.names[0]} to ${step.names[1]}`, probe: `volts-dead ${step.id}` } : null
}

interface StepsProps {
  readonly safe: MakeSafe
  readonly job: JobDocument
  readonly progress: SafeProgress
  readonly onSet: (key: string, step: SafeStep | null) => void
  readonly onRead: (key: string) => void
}

function Steps({ safe, job, progress, onSet, onRead }: StepsProps) {
  const readingText = useReadingText()
  const toggle = (key: string) => onSet(key, job.safe[key] ? null : { state: 'done', volts: null })
  const read = (step: ProveStep) => proveStep(step.id)
  return (
    <View style={{ gap: 14 }}>
      <View style={{ flexDirection: 'row', gap: 10, alignItems: 'flex-start' }} role="note">
        <VerdictMark verdict="watch" size={28} />
        <Words size="strong" style={{ flex: 1 }} testID="live-sentence">
          {safe.sentence}
        </Words>
      </View>
      <View style={{ gap: 8 }}>
        <Words size="strong" heading={2}>
          Open
        </Words>
        {safe.open.map((text, i) => (
          <StepRow
            key={text}
            testID={`step-open-${i + 1}`}
            state={progress.states[openStep(i)] ?? 'open'}
            text={text}
            onPress={() => toggle(openStep(i))}
          />
        ))}
      </View>
      <Later>
        <View style={{ gap: 8 }}>
          <Words size="strong" heading={2}>
            Prove dead, line by line
          </Words>
          <Words size="small" testID="meter-words">
            {safe.meter}
          </Words>
          {safe.prove.map((step) => {
            const record = job.safe[read(step)]
            return (
              <StepRow
                key={step.id}
                testID={`step-${step.id.replaceAll(' ', '-')}`}
                state={progress.states[read(step)] ?? 'open'}
                text={step.between.join(' to ')}
                detail={step.what}
                value={
                  record?.volts === undefined || record.volts === null
                    ? undefined
                    : readingText({ quantity: 'volts', value: record.volts })
                }
                onPress={() => onRead(read(step))}
                onWaive={() =>
                  onSet(read(step), record?.state === 'waived' ? null : { state: 'waived', volts: null })
                }
              />
            )
          })}
        </View>
      </Later>
    </View>
  )
}

interface RestProps extends StepsProps {
  readonly id: string
  readonly unit: UnitType
}

function Rest({ unit, safe, ...rest }: RestProps) {
  return (
    <View style={{ gap: 14 }}>
      {safe.hasCapacitor ? (
        <DischargeStep safe={safe} {...rest} />
      ) : (
        <Words size="small" testID="no-capacitor">
          Such a unit has no capacitor. Where you find one all the same, discharge it and read it before you
          touch it.
        </Words>
      )}
      <View style={{ gap: 8 }}>
        <Words size="strong" heading={2}>
          What stays live
        </Words>
        {safe.staysLive.map((text) => (
          <Words key={text} size="small">
            {text}
          </Words>
        ))}
        <LivePicture unit={unit} live={safe.liveWithOff} />
      </View>
      <Words size="small" tone="quiet">
        The unit’s diagram, local codes and the licensed contractor overrule this list. Prove the motor’s own
        leads dead too before touching them.
      </Words>
    </View>
  )
}

/** The old capacitor down through a resistor, and what the meter reads after. */
function DischargeStep({ id, job, progress, onSet, onRead }: Omit<RestProps, 'unit'>) {
  const readingText = useReadingText()
  const { record, assumed } = dischargeSetup(job)
  const read = job.safe[DISCHARGED_STEP]
  return (
    <View style={{ gap: 8 }}>
      <Words size="strong" heading={2}>
        Discharge
      </Words>
      <DischargePanel
        record={record}
        assumed={assumed}
        onChange={(next) => editJob(id, [{ path: ['discharge'], value: next }])}
      />
      <StepRow
        testID="step-discharged"
        state={progress.states[DISCHARGED_STEP] ?? 'open'}
        text="Volts left, by the meter"
        detail="Between every pair of posts."
        value={
          read?.volts === undefined || read.volts === null
            ? undefined
            : readingText({ quantity: 'volts', value: read.volts })
        }
        onPress={() => onRead(DISCHARGED_STEP)}
        onWaive={() =>
          onSet(DISCHARGED_STEP, read?.state === 'waived' ? null : { state: 'waived', volts: null })
        }
      />
    </View>
  )
}

/** The one thing to do now. */
function NextStep({ id, job, safe, progress, onSet, onRead }: Omit<RestProps, 'unit'>) {
  const router = useRouter()
  const { record } = dischargeSetup(job)
  const now = useNow(endOf(record))
  const { next } = progress
  if (next === null)
    return (
      <PrimaryButton
        text="Next: find the fault"
        onPress={() => router.replace(`/job/${id}/fault`)}
        testID="safe-next"
      />
    )
  if (next.startsWith('open '))
    return (
      <PrimaryButton
        text={`Done: ${shorten(safe.open[Number(next.slice(5)) - 1] ?? '')}`}
        icon="check"
        onPress={() => onSet(next, { state: 'done', volts: null })}
        testID="safe-next"
      />
    )
  if (next !== DISCHARGED_STEP)
    return (
      <PrimaryButton
        text={`Read ${next.slice(6)}${progress.states[next] === 'open' ? '' : ' again'}`}
        onPress={() => onRead(next)}
        testID="safe-next"
      />
    )
  if (record.startedAt === null)
    return (
      <PrimaryButton
        text="The resistor is on: start the clock"
        disabled={workOut(record).resistor.verdict !== 'fits'}
        onPress={() => editJob(id, [{ path: ['discharge'], value: { ...record, startedAt: shopNow() } }])}
        testID="safe-next"
      />
    )
  const { done, secondsLeft } = countdownAt(record, now)
  return (
    <PrimaryButton
      text={done ? 'Read the volts left' : `Hold it on: ${Math.ceil(secondsLeft)} s`}
      disabled={!done}
      onPress={() => onRead(DISCHARGED_STEP)}
      testID="safe-next"
    />
  )
}

/** A sentence cut to what fits a button. */
const shorten = (text: string): string => {
  const first = text.split(/[,;.:]/)[0] ?? text
  return first.charAt(0).toLowerCase() + first.slice(1)
}
