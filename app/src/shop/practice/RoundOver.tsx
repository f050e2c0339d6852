// The end of a round: what would have happened, or how it runs; the marks with what a master would have done; and the round again, step by step.
import { useRouter } from 'expo-router'
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import type { PracticeRoundOutput } from '@oak/core/operations/practice-round'
import type { Act } from '@oak/core/practice/round/act'
import { readingText, useDegrees } from '../../parts/meter/units'
import { useOperation } from '../../parts/frame/use-operation'
import type { PracticeRound } from '../../platform/state/practice'
import { fileName } from '../../platform/files/file-name'
import { saveTextFile } from '../../platform/files/save-file'
import { PrimaryButton, QuietButton, SmallButton } from '../../ui/PrimaryButton'
import { usePalette } from '../../ui/theme'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { BenchPicture, type Probes } from './BenchPicture'
import { actText, MARK_NAMES } from './practice-model'

interface RoundOverProps {
  readonly round: PracticeRound
  readonly output: PracticeRoundOutput
}

export function RoundOver({ round, output }: RoundOverProps) {
  const router = useRouter()
  const [at, setAt] = useState<number | null>(null)
  const { marks, steps, minutes } = output
  const danger = steps.at(-1)?.danger ?? null
  if (!marks) return null
  if (at !== null) return <Replay round={round} at={at} onAt={setAt} />
  const saveUnit = () =>
    saveTextFile(
      fileName(round.scenario.name, round.id, 'practice-unit.json'),
      'application/json',
      `${JSON.stringify(round.scenario, null, 2)}\n`,
    )
  return (
    <View style={{ gap: 16 }}>
      {danger === null ? <Ran output={output} /> : <Stopped text={danger} />}
      <Words size="figure" testID="total">
        {marks.total} of 100
      </Words>
      <Words size="small" tone="quiet" testID="it-was">
        {marks.faults.length > 1 ? 'What was wrong' : 'It was this'}: {marks.faults.join('; ')}.{' '}
        {Math.round(minutes)} minutes on the roof.
      </Words>
      {marks.marks.map((mark) => (
        <MarkRow key={mark.id} mark={mark} onStep={setAt} />
      ))}
      <QuietButton text="Watch the round again" testID="replay" onPress={() => setAt(0)} />
      <QuietButton text="Save this unit as a file" icon="save" testID="save-unit" onPress={saveUnit} />
      <PrimaryButton
        text="To the next round"
        testID="to-course"
        onPress={() => router.navigate('/practice')}
      />
    </View>
  )
}

function Stopped({ text }: { readonly text: string }) {
  const palette = usePalette()
  return (
    <View
      role="alert"
      testID="stopped"
      style={{
        borderWidth: 4,
        borderColor: palette.stop,
        borderRadius: 12,
        padding: 14,
        gap: 8,
        backgroundColor: palette.surface,
      }}
    >
      <View style={{ flexDirection: 'row', gap: 12, alignItems: 'center' }}>
        <VerdictMark verdict="stop" size={44} />
        <Words size="title" heading={2} tone="stop" style={{ flex: 1 }}>
          This would have hurt you
        </Words>
      </View>
      <Words size="strong">{text}</Words>
    </View>
  )
}

function Ran({ output }: Pick<RoundOverProps, 'output'>) {
  return (
    <View style={{ flexDirection: 'row', gap: 12, alignItems: 'center' }}>
      <VerdictMark verdict={output.isCured ? 'proven' : 'watch'} size={44} />
      <Words size="title" heading={2} style={{ flex: 1 }} testID="ran">
        {output.isCured ? 'It runs as it should' : 'It was handed over, and does not run as it should'}
      </Words>
    </View>
  )
}

type Mark = NonNullable<PracticeRoundOutput['marks']>['marks'][number]

function MarkRow({ mark, onStep }: { readonly mark: Mark; readonly onStep: (at: number) => void }) {
  const palette = usePalette()
  return (
    <View style={{ gap: 6 }} testID={`mark-${mark.id}`}>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}>
        <Words size="strong" style={{ width: 112 }}>
          {MARK_NAMES[mark.id]}
        </Words>
        <View
          style={{
            flex: 1,
            height: 16,
            borderRadius: 8,
            borderWidth: 1.5,
            borderColor: palette.ink,
            overflow: 'hidden',
          }}
          aria-hidden
        >
          <View style={{ width: `${mark.points}%`, height: '100%', backgroundColor: palette.ink }} />
        </View>
        <Words size="strong" style={{ width: 40, textAlign: 'right' }}>
          {Math.round(mark.points)}
        </Words>
      </View>
      {mark.remarks.map(({ step, text }) => (
        <View
          key={`${step} ${text}`}
          style={{ gap: 4, paddingLeft: 10, borderLeftWidth: 3, borderColor: palette.line }}
        >
          <Words size="small">{text}</Words>
          {step === null ? null : (
            <View style={{ flexDirection: 'row' }}>
              <SmallButton
                text={`See step ${step + 1}`}
                testID={`see-${mark.id}-${step}`}
                onPress={() => onStep(step)}
              />
            </View>
          )}
        </View>
      ))}
    </View>
  )
}

interface ReplayProps {
  readonly round: PracticeRound
  readonly at: number
  readonly onAt: (at: number | null) => void
}

const probesOf = (act: Act | undefined): Probes =>
  act?.do === 'probe' ? [act.probes[0], act.dial === 'amps' ? null : act.probes[1]] : [null, null]

interface ReplayStepProps {
  readonly at: number
  readonly of: number
  readonly act: Act | undefined
  readonly output: PracticeRoundOutput | null
}

/** One step in words: what was done, what it read, what it would have done to the hands. */
function ReplayStep({ at, of, act, output }: ReplayStepProps) {
  const degrees = useDegrees()
  const step = output?.steps[at]
  const value = step?.value ?? null
  return (
    <>
      <Words size="title" heading={2} live testID="replay-step">
        Step {at + 1} of {of}
      </Words>
      {act && output ? <Words size="strong">{actText(act, output.bench, step, degrees)}</Words> : null}
      {act?.do === 'probe' && value !== null ? (
        <Words size="figure">{readingText({ quantity: act.dial, value }, degrees)}</Words>
      ) : null}
      {step?.danger ? (
        <Words tone="stop" size="strong">
          {step.danger}
        </Words>
      ) : null}
    </>
  )
}

/** The unit as it stood at one step, and what the step came to. */
function Replay({ round, at, onAt }: ReplayProps) {
  const { scenario } = round
  const acts = round.acts as readonly Act[]
  const input = useMemo(() => ({ scenario, acts: acts.slice(0, at + 1) }), [scenario, acts, at])
  const answer = useOperation('practice-round', input)
  const output = answer?.ok ? (answer.output as PracticeRoundOutput) : null
  const act = acts[at]
  const row = { flexDirection: 'row', gap: 8, flexWrap: 'wrap' } as const
  return (
    <View style={{ gap: 12 }} testID="replaying">
      <ReplayStep at={at} of={acts.length} act={act} output={output} />
      <View style={row}>
        <SmallButton
          text="Step back"
          disabled={at === 0}
          testID="replay-back"
          onPress={() => onAt(Math.max(0, at - 1))}
        />
        <SmallButton
          text="Next step"
          bold
          disabled={at >= acts.length - 1}
          testID="replay-next"
          onPress={() => onAt(Math.min(acts.length - 1, at + 1))}
        />
        <SmallButton text="Back to the marks" testID="replay-end" onPress={() => onAt(null)} />
      </View>
      {output ? (
        <>
          <Words>{output.bench.sight.words}</Words>
          <BenchPicture
            bench={output.bench}
            probes={probesOf(act)}
            isClamp={act?.do === 'probe' && act.dial === 'amps'}
          />
        </>
      ) : null}
    </View>
  )
}
