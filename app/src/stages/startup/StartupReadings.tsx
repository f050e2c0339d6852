// Readings of the start: amps of each mode, the capacitor under load, and what may be the cause of too many amps.
import { View } from 'react-native'
import { CAN_PROBES, startProbe } from '@oak/core/job/inputs/startup-input'
import type { JobDocument } from '@oak/core/job/document'
import type { Quantity } from '@oak/core/meter/measurement'
import type { StartupOutput } from '@oak/core/operations/startup-verdict'
import { figure } from '@oak/core/quantity/display'
import { useReadingText } from '../../parts/meter/units'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { VerdictLine } from '../../ui/VerdictLine'
import { VerdictMark, type Verdict } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'

export const MARKS: Readonly<Record<StartupOutput['verdict'], Verdict>> = {
  fine: 'proven',
  watch: 'watch',
  stop: 'stop',
  cannotTell: 'cannotTell',
}

export const SUPPLY_MARKS: Readonly<Record<NonNullable<StartupOutput['supply']>['verdict'], Verdict>> = {
  fine: 'proven',
  low: 'stop',
  high: 'stop',
  cannotTell: 'cannotTell',
}

export interface Asked {
  readonly probe: string
  readonly title: string
  readonly quantity: Quantity
}

interface ReadingProps {
  readonly job: JobDocument
  readonly probe: string
  readonly title: string
  readonly quantity: Quantity
  readonly short?: string
  readonly onAsk: (asked: Asked) => void
}

export function Reading({ job, probe, title, quantity, short, onAsk }: ReadingProps) {
  const readingText = useReadingText()
  const palette = usePalette()
  const kept = job.measurements[probe]
  return (
    <Tap
      testID={`read-${probe.replace(/ /g, '-')}`}
      more={short ? title : undefined}
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

export function ModeRow({ job, mode, answer, onAsk }: ModeRowProps) {
  const palette = usePalette()
  return (
    <View
      style={{ borderWidth: 1.5, borderColor: palette.edge, borderRadius: 10, padding: 10, gap: 8 }}
      testID={`mode-${mode.mode}`}
    >
      <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: 8 }}>
        <Words size="strong" style={{ flex: 1 }}>
          In {mode.name}
          {mode.speed ? `, ${mode.speed} speed` : ''}
        </Words>
        <Words size="small" tone="quiet">
          rated {figure(mode.rated)} A
        </Words>
      </View>
      <ClampHint mode={mode} />
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

/** Which lead the clamp goes round, what it should read, and what the others would. */
function ClampHint({ mode: { lead, range, others } }: Pick<ModeRowProps, 'mode'>) {
  if (lead === null) return null
  return (
    <View style={{ gap: 2 }} testID="clamp-hint">
      <Words size="small">
        Clamp round {lead} alone
        {range ? `: ${figure(range.low)} to ${figure(range.high)} A expected` : ''}.
      </Words>
      {others.length > 0 ? (
        <Words size="tiny" tone="quiet">
          Not the line current: {others.map((o) => `${o.lead} ${figure(o.amps, 1)} A`).join(', ')}.
        </Words>
      ) : null}
    </View>
  )
}

export function Capacitor({
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
    <View style={{ gap: 8 }}>
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

export function Causes({ output }: { readonly output: StartupOutput }) {
  return (
    <View style={{ gap: 8 }} testID="over-amps">
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
