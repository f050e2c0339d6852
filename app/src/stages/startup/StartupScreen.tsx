// Stage "start up": which way it turns, amps mode by mode against the rating and the proof's circuit, the capacitor under load; each with its verdict.
import { useRouter } from 'expo-router'
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import { CAN_PROBES, startProbe, startupInput, SUPPLY_PROBE } from '@oak/core/job/inputs/startup-input'
import type { JobDocument } from '@oak/core/job/document'
import { hookupNeeds } from '@oak/core/job/inputs/hookup-input'
import type { Quantity } from '@oak/core/meter/measurement'
import type { StartupOutput } from '@oak/core/operations/startup-verdict'
import { figure } from '@oak/core/quantity/display'
import { rotationText, seenFrom } from '@oak/core/rotation/view'
import { unitTypeById } from '@oak/core/wiring/unit-types'
import { JobFrame } from '../../parts/frame/JobFrame'
import { useOperation } from '../../parts/frame/use-operation'
import { ReadingSheet } from '../../parts/meter/ReadingSheet'
import { readingText } from '../../parts/meter/units'
import { TurningFan } from '../../parts/rotation/TurningFan'
import { editJob } from '../../platform/state/app'
import { Choice } from '../../ui/Choice'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { VerdictLine } from '../../ui/VerdictLine'
import { VerdictMark, type Verdict } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'

const MARKS: Readonly<Record<StartupOutput['verdict'], Verdict>> = {
  fine: 'proven',
  watch: 'watch',
  stop: 'stop',
  cannotTell: 'cannotTell',
}

interface Asked {
  readonly probe: string
  readonly title: string
  readonly quantity: Quantity
}

export function StartupScreen({ id, job }: { readonly id: string; readonly job: JobDocument }) {
  const router = useRouter()
  const [asked, setAsked] = useState<Asked | null>(null)
  const input = useMemo(() => startupInput(job), [job])
  const result = useOperation('startup-verdict', input)
  const output = input && result?.ok ? (result.output as StartupOutput) : null
  const blower = job.unit !== null && unitTypeById(job.unit)?.traits.fan === 'blower'
  if (!input) return <NotYet id={id} job={job} />
  return (
    <JobFrame
      id={id}
      job={job}
      title="Start up"
      picture={
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
      }
      evidence={
        <View style={{ gap: 14 }}>
          {output && output.causes.length > 0 ? <Causes output={output} /> : null}
          {job.motor?.capacitor ? <Capacitor job={job} output={output} onAsk={setAsked} /> : null}
          <View style={{ gap: 6 }}>
            <Words size="strong" heading={2}>
              Beside it
            </Words>
            <Reading
              job={job}
              probe={SUPPLY_PROBE}
              title="Supply, running"
              quantity="volts"
              onAsk={setAsked}
            />
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
            Live measurements are for qualified people with rated meters and gloves; hands and wires clear of
            the blade.
          </Words>
        </View>
      }
      strip={
        result && !result.ok ? (
          <Words tone="stop" size="strong" live>
            {result.error.message}
          </Words>
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

function NotYet({ id, job }: { readonly id: string; readonly job: JobDocument }) {
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

interface DirectionProps {
  readonly id: string
  readonly job: JobDocument
  readonly output: StartupOutput | null
  readonly blower: boolean
}

/** The fan turns on the screen as it must turn in front of you. */
function Direction({ id, job, output, blower }: DirectionProps) {
  const wanted =
    job.wanted ??
    (job.motor && job.plug ? { direction: job.plug, seenFrom: job.motor.rotationNamedFrom } : null)
  const from = blower ? 'lead-end' : 'shaft-end'
  const turned =
    job.startup.turned === 'right' || job.startup.turned === 'backwards' ? job.startup.turned : null
  const bad = output?.direction.verdict === 'change-plug' || output?.direction.verdict === 'look-for-cause'
  return (
    <View style={{ gap: 8 }}>
      {wanted ? (
        <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
          <View style={{ width: 132 }}>
            <TurningFan direction={seenFrom(wanted, from).direction} from={from} size={120} />
          </View>
          <Words style={{ flex: 1 }}>
            Hands, tools and leads clear of the blade; power for two seconds. It must turn{' '}
            {rotationText(seenFrom(wanted, from))}.
            {blower ? ' Look at the wheel: air at the register proves nothing.' : ''}
          </Words>
        </View>
      ) : (
        <Words>
          Which way it must turn is not recorded. Hands, tools and leads clear of the blade; power for two
          seconds and look.
        </Words>
      )}
      <Choice<'right' | 'backwards'>
        label="It turned"
        testID="turned"
        value={turned}
        onChange={(value) => editJob(id, [{ path: ['startup', 'turned'], value }])}
        options={[
          { value: 'right', text: 'right way' },
          { value: 'backwards', text: 'backwards' },
        ]}
      />
      {output && turned !== null ? (
        <View style={{ gap: 4 }} testID="direction-answer">
          <VerdictLine mark={bad ? 'stop' : 'proven'} text={output.direction.text} />
          {output.direction.causes.map((text, i) => (
            <Words key={text} size="small">
              {i + 1}. {text}
            </Words>
          ))}
          {output.direction.causes.length > 0 && output.direction.steps.length > 0 ? (
            <Words size="small" tone="quiet">
              When all of these are right, change the plug and correct the wanted rotation:
            </Words>
          ) : null}
          {output.direction.steps.map((text) => (
            <Words key={text} size="strong">
              {text}
            </Words>
          ))}
        </View>
      ) : null}
    </View>
  )
}

interface ReadingProps {
  readonly job: JobDocument
  readonly probe: string
  readonly title: string
  readonly quantity: Quantity
  readonly short?: string
  readonly onAsk: (asked: Asked) => void
}

function Reading({ job, probe, title, quantity, short, onAsk }: ReadingProps) {
  const palette = usePalette()
  const kept = job.measurements[probe]
  return (
    <Tap
      testID={`read-${probe.replace(/ /g, '-')}`}
      label={`${title}: ${kept ? readingText(kept) : 'read it'}`}
      onPress={() => onAsk({ probe, title, quantity })}
      style={{
        flex: 1,
        borderRadius: 10,
        borderWidth: 2,
        borderColor: palette.ink,
        borderStyle: kept ? 'solid' : 'dashed',
        backgroundColor: palette.surface,
        paddingHorizontal: 10,
        minHeight: 56,
      }}
    >
      <Words size="title">{kept ? readingText(kept) : 'read'}</Words>
      <Words size="tiny" tone="quiet">
        {short ?? title}
      </Words>
    </Tap>
  )
}

interface ModeRowProps {
  readonly job: JobDocument
  readonly mode: StartupOutput['expected'][number]
  readonly answer: StartupOutput['amps'][number] | null
  readonly onAsk: (asked: Asked) => void
}

function ModeRow({ job, mode, answer, onAsk }: ModeRowProps) {
  const palette = usePalette()
  return (
    <View
      style={{ borderWidth: 1.5, borderColor: palette.line, borderRadius: 10, padding: 10, gap: 8 }}
      testID={`mode-${mode.mode}`}
    >
      <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: 8 }}>
        <Words size="strong" style={{ flex: 1 }}>
          In {mode.name}
          {mode.speed ? `, ${mode.speed} speed` : ''}
        </Words>
        <Words size="small" tone="quiet">
          rated {figure(mode.rated)} A{mode.amps === null ? '' : `, about ${figure(mode.amps)} A expected`}
        </Words>
      </View>
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <Reading
          job={job}
          probe={startProbe('amps', mode.mode)}
          title={`Amps in ${mode.name}`}
          short="running amps"
          quantity="amps"
          onAsk={onAsk}
        />
        <Reading
          job={job}
          probe={startProbe('inrush', mode.mode)}
          title={`Inrush in ${mode.name}`}
          short="inrush, highest"
          quantity="amps"
          onAsk={onAsk}
        />
      </View>
      {answer ? (
        <VerdictLine mark={MARKS[answer.verdict]} text={answer.text} testID={`amps-${mode.mode}`} />
      ) : null}
    </View>
  )
}

function Capacitor({
  job,
  output,
  onAsk,
}: {
  readonly job: JobDocument
  readonly output: StartupOutput | null
  readonly onAsk: (asked: Asked) => void
}) {
  const read = output?.capacitor
  const mark: Verdict = read?.verdict === 'in' ? 'proven' : read?.verdict === 'out' ? 'stop' : 'cannotTell'
  return (
    <View style={{ gap: 6 }}>
      <Words size="strong" heading={2}>
        The new capacitor under load
      </Words>
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <Reading
          job={job}
          probe={CAN_PROBES.amps}
          title="Amps in the start lead"
          short="start lead"
          quantity="amps"
          onAsk={onAsk}
        />
        <Reading
          job={job}
          probe={CAN_PROBES.volts}
          title="Volts across the capacitor"
          short="across it"
          quantity="volts"
          onAsk={onAsk}
        />
      </View>
      {read ? (
        <VerdictLine
          mark={mark}
          testID="start-can"
          text={`${figure(read.microfarads)} µF, between ${figure(read.low)} and ${read.high === null ? 'no limit' : figure(read.high)} by this meter; the tag asks for ${figure(job.motor?.capacitor?.microfarads ?? 0)} µF.`}
        />
      ) : null}
    </View>
  )
}

function Causes({ output }: { readonly output: StartupOutput }) {
  return (
    <View style={{ gap: 6 }} testID="over-amps">
      <Words size="strong" heading={2}>
        Why it may draw too much
      </Words>
      {output.causes.map((cause) => (
        <View key={cause.id} style={{ flexDirection: 'row', gap: 8 }}>
          <VerdictMark
            verdict={
              cause.weight === 'speaks for it' ? 'stop' : cause.weight === 'open' ? 'cannotTell' : 'proven'
            }
            size={22}
          />
          <View style={{ flex: 1 }}>
            <Words size="small" style={{ fontWeight: '700' }}>
              {cause.text}
            </Words>
            <Words size="small">
              {cause.because}{' '}
              <Words size="small" tone="quiet">
                ({cause.weight})
              </Words>
            </Words>
          </View>
        </View>
      ))}
    </View>
  )
}
