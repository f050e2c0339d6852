// Figures to measure, the far end of a through shaft, and what is to be looked at before power.
import { View } from 'react-native'
import { figureOf, mountingWay } from '@oak/core/job/inputs/mount-input'
import type { MountFigure } from '@oak/core/mounting/figures'
import type { JobDocument } from '@oak/core/job/document'
import type { BladePositionOutput } from '@oak/core/operations/blade-position'
import { lengthText } from '@oak/core/quantity/inches'
import { StepRow } from '../../parts/ticks/StepRow'
import { editJob } from '../../platform/state/app'
import { type LengthUnit } from '../../ui/device-settings'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { VerdictLine } from '../../ui/VerdictLine'
import { Words } from '../../ui/Words'
import { FIGURE_WORDS, figuresFor, sentenceOf } from './mount-model'

export function Figures({
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
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {keys.map((key) => {
        const value = figureOf(job, key)
        const text = value === null ? '–' : lengthText(value, unit)
        return (
          <Tap
            key={key}
            testID={`length-of-${key}`}
            more={`${FIGURE_WORDS[key].name}${value === null ? ': not measured' : ''}`}
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

export function FarEnd({
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
    <View style={{ gap: 8 }} testID="far-end">
      <Words size="strong" heading={2}>
        The lead end: the shaft on the leads’ side
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
    <View style={{ gap: 8 }}>
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

export function Evidence({ id, job, output, unit, blower, onPress }: EvidenceProps) {
  if (!output) return null
  const { ends, wheel, stud, drains, checks } = output
  const done = checks.filter((c) => job.mountChecks[c.id]).length
  return (
    <View style={{ gap: 14 }}>
      {ends[0] && ends[0].notes.length > 0 ? <Notes end={ends[0]} unit={unit} /> : null}
      {blower ? (
        <View style={{ gap: 8 }}>
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
        <View style={{ gap: 8 }}>
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
        <View style={{ gap: 8 }} testID="mount-checks">
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
