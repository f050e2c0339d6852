// One test: its answers as large keys, or its readings; what it is for and what to mind stand above.
import { useState } from 'react'
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import type { Measurement } from '@oak/core/meter/measurement'
import { figure } from '@oak/core/quantity/display'
import type { DiagnoseOutput } from '@oak/core/operations/diagnose'
import { unitTypeFor } from '@oak/core/wiring/unit-types'
import { ReadingSheet } from '../../parts/meter/ReadingSheet'
import { useReadingText } from '../../parts/meter/units'
import { NumberPad } from '../../ui/NumberPad'
import { QuietButton, SmallButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { KIND_TITLES, probesFor, type Probe } from './fault-model'
import { Group, Option } from '../../ui/Group'

type Question = DiagnoseOutput['questions'][number]

export interface QuestionSheetProps {
  readonly id: string
  readonly job: JobDocument
  readonly question: Question
  /** Why it is asked now. */
  readonly why: string | undefined
  /** How its reading was judged. */
  readonly judged: DiagnoseOutput['readings'][number] | undefined
  readonly onClose: () => void
  readonly onAnswer: (answer: string | null) => void
  readonly onMeasure: (probe: string, measurement: Measurement | null) => string | null
  readonly onMarking: () => void
  /** What the compressor asks for, µF. */
  readonly onCompressor: (microfarads: number) => string | null
}

export function QuestionSheet(props: QuestionSheetProps) {
  const { id, question, why, judged, onClose, onAnswer, onMeasure } = props
  const [probe, setProbe] = useState<Probe | null>(null)
  const [asksCompressor, setAsksCompressor] = useState(false)
  const probes = probesFor(props.job.unit ? unitTypeFor(props.job.unit) : undefined, question.reads)
  if (probe)
    return (
      <ReadingSheet
        job={id}
        title={probe.title}
        quantity={probe.quantity}
        probe={probe.probe}
        hint={question.note ?? undefined}
        onClose={() => setProbe(null)}
        onTake={(m) => onMeasure(probe.probe, m)}
      />
    )
  if (asksCompressor)
    return (
      <NumberPad
        open
        title="Compressor needs"
        unit="µF"
        value={props.job.compressorMicrofarads}
        hint="From the compressor’s plate or the unit’s diagram; its capacitor’s label only if they agree."
        onClose={() => setAsksCompressor(false)}
        onSet={props.onCompressor}
      />
    )
  return (
    <Sheet title={question.question} open onClose={onClose} testID="question-sheet">
      <View style={{ gap: 4 }}>
        <View style={{ flexDirection: 'row', gap: 8, alignItems: 'center' }}>
          {question.kind === 'live' ? <VerdictMark verdict="watch" size={24} /> : null}
          <Words size="small" style={{ flex: 1, fontWeight: '700' }}>
            {question.kind === 'live'
              ? 'Live: qualified people, rated meter and gloves; hands and wires out of the blade.'
              : KIND_TITLES[question.kind]}
          </Words>
        </View>
        {why ? (
          <Words size="small" tone="quiet">
            {why}
          </Words>
        ) : null}
        {question.note && question.note !== why ? <Words size="small">{question.note}</Words> : null}
      </View>
      {probes.length > 0 ? (
        <Readings
          {...props}
          probes={probes}
          onProbe={setProbe}
          onCompressor={() => setAsksCompressor(true)}
        />
      ) : null}
      {judged ? (
        <View style={{ flexDirection: 'row', gap: 8, alignItems: 'flex-start' }}>
          {judged.answer === null ? <VerdictMark verdict="cannotTell" size={24} /> : null}
          <Words size="strong" style={{ flex: 1 }} live testID="reading-words">
            {judged.words}
          </Words>
        </View>
      ) : null}
      {probes.length > 0 ? (
        <Words size="small" tone="quiet">
          Or, without a figure:
        </Words>
      ) : null}
      <Answers question={question} onAnswer={onAnswer} />
    </Sheet>
  )
}

function Readings({
  job,
  question,
  probes,
  onProbe,
  onMeasure,
  onMarking,
  onCompressor,
}: Omit<QuestionSheetProps, 'onCompressor'> & {
  readonly probes: readonly Probe[]
  readonly onProbe: (probe: Probe) => void
  readonly onCompressor: () => void
}) {
  const readingText = useReadingText()
  const palette = usePalette()
  const capacitor = question.reads?.startsWith('microfarads') ?? false
  // A capacitor that is the compressor's alone is not the one on record, whose marking is the fan's.
  const isOwn =
    question.reads === 'microfarads-HERM' &&
    job.unit !== null &&
    unitTypeFor(job.unit)?.traits.capacitor === 'own'
  return (
    <View style={{ gap: 8 }}>
      {probes.map((probe) => {
        const kept = job.measurements[probe.probe]
        return (
          <View key={probe.probe} style={{ flexDirection: 'row', gap: 8 }}>
            <Tap
              testID={`read-${probe.probe}`}
              onPress={() => onProbe(probe)}
              style={{
                flex: 1,
                borderRadius: 10,
                borderWidth: 2,
                borderColor: palette.ink,
                backgroundColor: palette.surface,
                paddingHorizontal: 12,
                minHeight: 56,
              }}
            >
              <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}>
                <Words style={{ flex: 1 }}>{probe.title}</Words>
                <Words size="title">{kept ? readingText(kept) : 'read'}</Words>
              </View>
              {kept ? (
                <Words size="tiny" tone="quiet">
                  {kept.meter === 'typed' ? 'typed' : kept.meter}
                </Words>
              ) : null}
            </Tap>
            {kept ? (
              <SmallButton
                text="clear"
                label={`clear, take the reading ${probe.title} off the record`}
                testID={`clear-${probe.probe}`}
                onPress={() => void onMeasure(probe.probe, null)}
              />
            ) : null}
          </View>
        )
      })}
      {isOwn ? <CompressorAsks microfarads={job.compressorMicrofarads} onPress={onCompressor} /> : null}
      {capacitor && !isOwn ? (
        <QuietButton
          text={job.canMarking ? 'Marking on the can' : 'Enter the can’s marking'}
          onPress={onMarking}
          testID="to-marking"
        />
      ) : null}
    </View>
  )
}

interface CompressorAsksProps {
  readonly microfarads: number | null
  readonly onPress: () => void
}

/** What the reading of a capacitor that is the compressor's alone is held against. */
function CompressorAsks({ microfarads, onPress }: CompressorAsksProps) {
  return (
    <QuietButton
      text={
        microfarads === null
          ? 'Enter what the compressor asks for'
          : `The compressor asks for ${figure(microfarads)} µF`
      }
      onPress={onPress}
      testID="compressor-asks"
    />
  )
}

function Answers({
  question,
  onAnswer,
}: {
  readonly question: Question
  readonly onAnswer: (answer: string | null) => void
}) {
  return (
    <Group label={question.question} style={{ gap: 8 }}>
      {question.answers.map((answer) => {
        const on = question.answer === answer.id
        return (
          <Option
            key={answer.id}
            selected={on}
            testID={`answer-${answer.id}`}
            label={answer.text}
            onPress={() => onAnswer(on ? null : answer.id)}
            style={{
              borderRadius: 10,
              paddingHorizontal: 14,
              minHeight: 54,
            }}
          >
            <Words size={on ? 'strong' : 'body'}>{answer.text}</Words>
          </Option>
        )
      })}
    </Group>
  )
}
