// Stage "mount": the section to scale, the figures it hangs on, drains, studs, wheel gaps, and what is looked at before power.
import { useRouter } from 'expo-router'
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import {
  figureOf,
  isThroughShaft,
  mountInput,
  mountingWay,
  mountPosition,
  type MountFigure,
} from '@oak/core/job/inputs/mount-input'
import type { JobDocument } from '@oak/core/job/document'
import type { BladePositionOutput } from '@oak/core/operations/blade-position'
import { lengthText } from '@oak/core/quantity/inches'
import { unitTypeById } from '@oak/core/wiring/unit-types'
import { JobFrame } from '../../parts/frame/JobFrame'
import { useOperation } from '../../parts/frame/use-operation'
import { StepRow } from '../../parts/ticks/StepRow'
import { deviceFact, editJob } from '../../platform/state/app'
import { Choice } from '../../ui/Choice'
import { LengthPad } from '../../ui/LengthPad'
import { useLengthUnit, type LengthUnit } from '../../ui/length-unit'
import { PrimaryButton } from '../../ui/PrimaryButton'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { VerdictLine } from '../../ui/VerdictLine'
import type { Verdict } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { FIGURE_WORDS, figuresFor, sentenceOf, worstEnd } from './mount-model'
import { SectionPicture } from './SectionPicture'

const MARKS: Readonly<Record<'fits' | 'stop' | 'cannotTell', Verdict>> = {
  fits: 'proven',
  stop: 'stop',
  cannotTell: 'cannotTell',
}

export function MountScreen({ id, job }: { readonly id: string; readonly job: JobDocument }) {
  const router = useRouter()
  const [unit, setUnit] = useLengthUnit(deviceFact)
  const [pad, setPad] = useState<MountFigure | null>(null)
  const input = useMemo(() => mountInput(job), [job])
  const result = useOperation('blade-position', input)
  const output = result?.ok ? (result.output as BladePositionOutput) : null
  const blower = job.unit !== null && unitTypeById(job.unit)?.traits.fan === 'blower'
  const end = output?.ends[0]
  const worst = output ? worstEnd(output.ends, unit) : null
  const choose = (key: 'way' | 'position' | 'through', value: string) =>
    editJob(id, [{ path: ['mountChoices', key], value }])
  return (
    <JobFrame
      id={id}
      job={job}
      title="Mount"
      picture={
        <View style={{ gap: 12 }}>
          {end ? (
            <SectionPicture
              end={end}
              oldHub={figureOf(job, 'oldHub')}
              hubLength={figureOf(job, 'hubLength')}
              shaft={figureOf(job, 'shaft')}
              shroud={figureOf(job, 'shroud')}
              unit={unit}
              wheel={blower}
            />
          ) : null}
          <Figures job={job} keys={figuresFor('near', mountingWay(job))} unit={unit} onPress={setPad} />
          <Choice
            label="How it is held"
            testID="mount-way"
            value={mountingWay(job)}
            onChange={(value) => choose('way', value)}
            options={[
              { value: 'base', text: 'studs at its base' },
              { value: 'band', text: 'belly band' },
              { value: 'shaft-end', text: 'shaft end' },
            ]}
          />
          <Choice
            label="Shaft points"
            testID="mount-position"
            value={mountPosition(job)}
            onChange={(value) => choose('position', value)}
            options={[
              { value: 'shaft-down', text: 'down' },
              { value: 'shaft-up', text: 'up' },
              { value: 'horizontal', text: 'level' },
            ]}
          />
          <Choice
            label="Through shaft"
            testID="mount-through"
            value={isThroughShaft(job) ? 'yes' : 'no'}
            onChange={(value) => choose('through', value)}
            options={[
              { value: 'no', text: 'one shaft end' },
              { value: 'yes', text: 'through shaft' },
            ]}
          />
          {isThroughShaft(job) ? <FarEnd job={job} output={output} unit={unit} onPress={setPad} /> : null}
          {pad ? (
            <LengthPad
              title={FIGURE_WORDS[pad].name}
              hint={FIGURE_WORDS[pad].how}
              value={figureOf(job, pad)}
              unit={unit}
              onUnit={setUnit}
              onClose={() => setPad(null)}
              onSet={(inches) => editJob(id, [{ path: ['mountInches', pad], value: inches }])}
            />
          ) : null}
        </View>
      }
      evidence={<Evidence id={id} job={job} output={output} unit={unit} blower={blower} onPress={setPad} />}
      strip={
        result && !result.ok ? (
          <Words tone="stop" size="strong" live>
            {result.error.message}
          </Words>
        ) : worst ? (
          <VerdictLine
            mark={MARKS[worst.verdict]}
            text={worst.text}
            size="strong"
            toned
            testID="mount-strip"
          />
        ) : undefined
      }
      action={
        <PrimaryButton
          text="Next: start up"
          onPress={() => router.replace(`/job/${id}/startup`)}
          testID="mount-next"
        />
      }
    />
  )
}

function Figures({
  job,
  keys,
  unit,
  onPress,
}: {
  readonly job: JobDocument
  readonly keys: readonly MountFigure[]
  readonly unit: LengthUnit
  readonly onPress: (key: MountFigure) => void
}) {
  const palette = usePalette()
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 6 }}>
      {keys.map((key) => {
        const value = figureOf(job, key)
        const text = value === null ? '–' : lengthText(value, unit)
        return (
          <Tap
            key={key}
            testID={`length-of-${key}`}
            label={`${FIGURE_WORDS[key].name}: ${value === null ? 'not measured' : text}`}
            onPress={() => onPress(key)}
            style={{
              width: '31%',
              flexGrow: 1,
              borderRadius: 8,
              borderWidth: 1.5,
              borderStyle: value === null ? 'dashed' : 'solid',
              borderColor: palette.ink,
              backgroundColor: palette.surface,
              paddingHorizontal: 8,
              paddingVertical: 4,
              minHeight: 58,
            }}
          >
            <Words size="strong">{text}</Words>
            <Words size="tiny" tone="quiet">
              {FIGURE_WORDS[key].short}
            </Words>
          </Tap>
        )
      })}
    </View>
  )
}

function FarEnd({
  job,
  output,
  unit,
  onPress,
}: {
  readonly job: JobDocument
  readonly output: BladePositionOutput | null
  readonly unit: LengthUnit
  readonly onPress: (key: MountFigure) => void
}) {
  const end = output?.ends[1]
  return (
    <View style={{ gap: 6 }} testID="far-end">
      <Words size="strong" heading={2}>
        The far end
      </Words>
      <Figures job={job} keys={figuresFor('far', 'base')} unit={unit} onPress={onPress} />
      {end ? <Notes end={end} unit={unit} first={sentenceOf(end, unit)} /> : null}
    </View>
  )
}

function Notes({
  end,
  unit,
  first,
}: {
  readonly end: BladePositionOutput['ends'][number]
  readonly unit: LengthUnit
  readonly first?: string
}) {
  return (
    <View style={{ gap: 6 }}>
      {first ? <Words size="strong">{first}</Words> : null}
      {end.notes.map((note) => (
        <VerdictLine
          key={note.code}
          mark={note.severity === 'stop' ? 'stop' : 'watch'}
          text={`${note.text}${note.inches !== null && note.code !== 'rule-of-thumb' ? ` By ${lengthText(note.inches, unit)}.` : ''}`}
        />
      ))}
    </View>
  )
}

interface EvidenceProps {
  readonly id: string
  readonly job: JobDocument
  readonly output: BladePositionOutput | null
  readonly unit: LengthUnit
  readonly blower: boolean
  readonly onPress: (key: MountFigure) => void
}

function Evidence({ id, job, output, unit, blower, onPress }: EvidenceProps) {
  if (!output) return null
  const { ends, wheel, stud, drains, checks } = output
  const done = checks.filter((c) => job.mountChecks[c.id]).length
  return (
    <View style={{ gap: 14 }}>
      {ends[0] && ends[0].notes.length > 0 ? <Notes end={ends[0]} unit={unit} /> : null}
      {blower ? (
        <View style={{ gap: 6 }}>
          <Words size="strong" heading={2}>
            Wheel in its housing
          </Words>
          <Figures job={job} keys={['wheelMotor', 'wheelFar']} unit={unit} onPress={onPress} />
          {wheel ? (
            <Words size="small" testID="wheel-answer">
              {wheel.text}
              {wheel.verdict === 'move'
                ? ` By ${lengthText(Math.abs(wheel.shift), unit)}, to ${lengthText(wheel.gap, unit)} on each side.`
                : ''}
            </Words>
          ) : null}
        </View>
      ) : null}
      {drains ? (
        <View style={{ gap: 4 }} testID="drains">
          <Words size="strong" heading={2}>
            Drain openings
          </Words>
          <Words size="small">{drains.text}</Words>
          {drains.close.length > 0 ? (
            <Words size="small" tone="quiet">
              Closed: {drains.close.join(', ')}.
            </Words>
          ) : null}
        </View>
      ) : null}
      {mountingWay(job) === 'base' ? (
        <View style={{ gap: 6 }}>
          <Words size="strong" heading={2}>
            Studs
          </Words>
          <Figures job={job} keys={['stud', 'through', 'nut', 'capDepth']} unit={unit} onPress={onPress} />
          {stud ? (
            <Words size="small" tone={stud.verdict === 'too-short' ? 'stop' : 'ink'} testID="stud-answer">
              {stud.text}
            </Words>
          ) : null}
        </View>
      ) : null}
      {checks.length > 0 ? (
        <View style={{ gap: 6 }} testID="mount-checks">
          <Words size="strong" heading={2}>
            Before power: {done} of {checks.length}
          </Words>
          {checks.map((c) => (
            <StepRow
              key={c.id}
              testID={`check-${c.id}`}
              state={job.mountChecks[c.id] ? 'done' : 'open'}
              text={c.text}
              detail={c.why}
              onPress={() =>
                editJob(id, [{ path: ['mountChecks', c.id], value: job.mountChecks[c.id] ? null : true }])
              }
            />
          ))}
        </View>
      ) : null}
    </View>
  )
}
