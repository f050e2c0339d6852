// Stage "start up": which way it turns, amps mode by mode against the rating and the proof's circuit, the capacitor under load; each with its verdict.
import type { JobId } from '@oak/core/job/job-id'
import { useRouter } from 'expo-router'
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import { startupInput, SUPPLY_PROBE } from '@oak/core/job/inputs/startup-input'
import type { JobDocument } from '@oak/core/job/document'
import { hookupNeeds } from '@oak/core/job/inputs/hookup-input'
import type { StartupOutput } from '@oak/core/operations/startup-verdict'
import { unitTypeFor } from '@oak/core/wiring/unit-types'
import { JobFrame } from '../../parts/frame/JobFrame'
import { useOperation } from '../../parts/frame/use-operation'
import { ReadingSheet } from '../../parts/meter/ReadingSheet'
import { editJob } from '../../platform/state/app'
import { Problem } from '../../ui/Problem'
import { Choice } from '../../ui/Choice'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { VerdictLine } from '../../ui/VerdictLine'
import { Words } from '../../ui/Words'
import { Direction } from './Direction'
import { type Asked, Reading, ModeRow, Capacitor, Causes, MARKS, SUPPLY_MARKS } from './StartupReadings'

export function StartupScreen({ id, job }: { readonly id: JobId; readonly job: JobDocument }) {
  const router = useRouter()
  const [asked, setAsked] = useState<Asked | null>(null)
  const input = useMemo(() => startupInput(job), [job])
  const result = useOperation('startup-verdict', input)
  const output = input && result?.ok ? (result.output as StartupOutput) : null
  const blower = job.unit !== null && unitTypeFor(job.unit)?.traits.fan === 'blower'
  if (!input) return <NotYet id={id} job={job} />
  return (
    <JobFrame
      id={id}
      job={job}
      title="Start up"
      picture={
        <StartupPicture id={id} job={job} output={output} blower={blower} setAsked={setAsked} asked={asked} />
      }
      evidence={<StartupEvidence output={output} job={job} setAsked={setAsked} id={id} />}
      strip={
        result && !result.ok ? (
          <Problem text={result.error.message} />
        ) : output ? (
          <VerdictLine
            mark={MARKS[output.verdict]}
            text={output.sentence}
            size="strong"
            toned
            testID="startup-strip"
          />
        ) : undefined
      }
      action={
        <PrimaryButton
          text="Next: hand over"
          onPress={() => router.replace(`/job/${id}/card`)}
          testID="startup-next"
        />
      }
    />
  )
}

interface StartupEvidenceProps {
  readonly output: StartupOutput | null
  readonly job: JobDocument
  readonly setAsked: (value: Asked | null) => void
  readonly id: string
}

function StartupEvidence({ output, job, setAsked, id }: StartupEvidenceProps) {
  const router = useRouter()
  return (
    <View style={{ gap: 14 }}>
      {output && output.causes.length > 0 ? <Causes output={output} /> : null}
      {job.motor?.capacitor ? <Capacitor job={job} output={output} onAsk={setAsked} /> : null}
      <View style={{ gap: 8 }}>
        <Words size="strong" heading={2}>
          Beside it
        </Words>
        <Reading job={job} probe={SUPPLY_PROBE} title="Supply, running" quantity="volts" onAsk={setAsked} />
        {output?.supply ? (
          <VerdictLine
            mark={SUPPLY_MARKS[output.supply.verdict]}
            text={output.supply.text}
            testID="supply-verdict"
          />
        ) : null}
        <Choice
          label="The blade or wheel"
          testID="same-blade"
          value={(job.startup.blade as 'same' | 'other' | undefined) ?? null}
          onChange={(value) => editJob(id, [{ path: ['startup', 'blade'], value }])}
          options={[
            { value: 'same', text: 'the old blade' },
            { value: 'other', text: 'another one' },
          ]}
        />
      </View>
      <QuietButton
        text="A glance at the charge"
        onPress={() => router.navigate(`/job/${id}/charge`)}
        testID="to-charge"
      />
      <Words size="small" tone="quiet">
        Live measurements are for qualified people with rated meters and gloves; hands and wires clear of the
        blade.
      </Words>
    </View>
  )
}

interface StartupPictureProps {
  readonly id: string
  readonly job: JobDocument
  readonly output: StartupOutput | null
  readonly blower: boolean
  readonly setAsked: (value: Asked | null) => void
  readonly asked: Asked | null
}

function StartupPicture({ id, job, output, blower, setAsked, asked }: StartupPictureProps) {
  return (
    <View style={{ gap: 14 }}>
      <Direction id={id} job={job} output={output} blower={blower} />
      {blower ? (
        <Choice
          label="The blower’s door"
          testID="door"
          value={(job.startup.door as 'open' | 'closed' | undefined) ?? null}
          onChange={(value) => editJob(id, [{ path: ['startup', 'door'], value }])}
          options={[
            { value: 'closed', text: 'door closed' },
            { value: 'open', text: 'door off' },
          ]}
        />
      ) : null}
      {output?.expected.map((mode) => (
        <ModeRow
          key={mode.mode}
          job={job}
          mode={mode}
          answer={output.amps.find((a) => a.name === mode.name) ?? null}
          onAsk={setAsked}
        />
      ))}
      {output?.crossed ? <VerdictLine mark="stop" text={output.crossed} testID="crossed" /> : null}
      {asked ? (
        <ReadingSheet
          job={id}
          title={asked.title}
          quantity={asked.quantity}
          probe={asked.probe}
          onClose={() => setAsked(null)}
          onTake={(m) => editJob(id, [{ path: ['measurements', asked.probe], value: m }])}
        />
      ) : null}
    </View>
  )
}

function NotYet({ id, job }: { readonly id: JobId; readonly job: JobDocument }) {
  const router = useRouter()
  const need = hookupNeeds(job)[0]
  const stage = need === 'motor' ? 'motor' : need === 'can' ? 'capacitor' : 'wires'
  return (
    <JobFrame
      id={id}
      job={job}
      title="Start up"
      picture={
        <View style={{ gap: 10, paddingVertical: 30 }} testID="startup-not-yet">
          <Words size="large">Not hooked up yet.</Words>
          <Words>
            What a reading means hangs on the hookup: it is judged against the motor’s rating and the proven
            circuit.
          </Words>
        </View>
      }
      action={
        <PrimaryButton text="Go on with the hookup" onPress={() => router.replace(`/job/${id}/${stage}`)} />
      }
    />
  )
}
