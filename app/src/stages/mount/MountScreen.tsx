// Stage "mount": the section to scale, the figures it hangs on, drains, studs, wheel gaps, and what is looked at before power.
import type { JobId } from '@oak/core/job/job-id'
import { useRouter } from 'expo-router'
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import {
  figureOf,
  isThroughShaft,
  mountInput,
  mountingWay,
  mountPosition,
} from '@oak/core/job/inputs/mount-input'
import type { MountFigure } from '@oak/core/mounting/figures'
import type { JobDocument } from '@oak/core/job/document'
import type { BladePositionOutput } from '@oak/core/operations/blade-position'
import { unitTypeFor } from '@oak/core/wiring/unit-types'
import { JobFrame } from '../../parts/frame/JobFrame'
import { Later } from '../../parts/frame/Later'
import { useOperation } from '../../parts/frame/use-operation'
import { editJob } from '../../platform/state/app'
import { Problem } from '../../ui/Problem'
import { Choice } from '../../ui/Choice'
import { LengthPad } from '../../ui/LengthPad'
import { setDeviceSetting, useDeviceSettings, type LengthUnit } from '../../ui/device-settings'
import { PrimaryButton } from '../../ui/PrimaryButton'
import { VerdictLine } from '../../ui/VerdictLine'
import type { Verdict } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { FIGURE_WORDS, figuresFor, worstEnd } from './mount-model'
import { SectionPicture } from './SectionPicture'
import { Evidence, Figures, FarEnd } from './MountEvidence'

const MARKS: Readonly<Record<'fits' | 'stop' | 'cannotTell', Verdict>> = {
  fits: 'proven',
  stop: 'stop',
  cannotTell: 'cannotTell',
}

interface MountProps {
  readonly id: JobId
  readonly job: JobDocument
}

export const MountScreen = (props: MountProps) =>
  props.job.motorStays ? <NothingToMount {...props} /> : <MountMotor {...props} />

function NothingToMount({ id, job }: MountProps) {
  const router = useRouter()
  return (
    <JobFrame
      id={id}
      job={job}
      title="Mount"
      picture={
        <View style={{ gap: 12, paddingVertical: 24 }} testID="nothing-to-mount">
          <Words size="large">Nothing to mount.</Words>
          <Words>The old motor stays where it is, with its blade or wheel.</Words>
        </View>
      }
      action={
        <PrimaryButton
          text="Next: the start-up"
          onPress={() => router.replace(`/job/${id}/startup`)}
          testID="mount-next"
        />
      }
    />
  )
}

function MountMotor({ id, job }: MountProps) {
  const router = useRouter()
  const unit = useDeviceSettings((s) => s.lengthUnit)
  const setUnit = (next: LengthUnit) => setDeviceSetting('lengthUnit', next)
  const [pad, setPad] = useState<MountFigure | null>(null)
  const input = useMemo(() => mountInput(job), [job])
  const result = useOperation('blade-position', input)
  const output = result?.ok ? (result.output as BladePositionOutput) : null
  const blower = job.unit !== null && unitTypeFor(job.unit)?.traits.fan === 'blower'
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
        <MountPicture
          end={end}
          job={job}
          unit={unit}
          blower={blower}
          setPad={setPad}
          choose={choose}
          output={output}
          pad={pad}
          setUnit={setUnit}
          id={id}
        />
      }
      evidence={<Evidence id={id} job={job} output={output} unit={unit} blower={blower} onPress={setPad} />}
      strip={
        result && !result.ok ? (
          <Problem text={result.error.message} />
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

/** Of two ends each is named by the leads: “near” and “far” depend on who stands where. */
const ShaftEnd = () => (
  <Words size="strong" heading={2}>
    The shaft end: the one away from the leads
  </Words>
)

interface MountPictureProps {
  readonly end: BladePositionOutput['ends'][number] | undefined
  readonly job: JobDocument
  readonly unit: LengthUnit
  readonly blower: boolean
  readonly setPad: (figure: MountFigure | null) => void
  readonly choose: (key: 'way' | 'position' | 'through', value: string) => string | null
  readonly output: BladePositionOutput | null
  readonly pad: MountFigure | null
  readonly setUnit: (unit: LengthUnit) => void
  readonly id: string
}

/** How the motor is held, where its shaft points, and whether that goes through. */
function HowItStands({ job, choose }: Pick<MountPictureProps, 'job' | 'choose'>) {
  return (
    <>
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
    </>
  )
}

function MountPicture({
  end,
  job,
  unit,
  blower,
  setPad,
  choose,
  output,
  pad,
  setUnit,
  id,
}: MountPictureProps) {
  return (
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
      {isThroughShaft(job) ? <ShaftEnd /> : null}
      <Figures job={job} keys={figuresFor('near', mountingWay(job))} unit={unit} onPress={setPad} />
      <Later>
        <HowItStands job={job} choose={choose} />
        {isThroughShaft(job) ? <FarEnd job={job} output={output} unit={unit} onPress={setPad} /> : null}
      </Later>
      {pad ? (
        <LengthPad
          title={FIGURE_WORDS[pad].name}
          hint={FIGURE_WORDS[pad].how}
          value={figureOf(job, pad)}
          unit={unit}
          onUnit={setUnit}
          onClose={() => setPad(null)}
          onSet={(inches) => editJob(id, [{ path: ['mountInches', pad], value: inches }])}
          takeAway={
            job.mountInches[pad] === undefined
              ? undefined
              : () => editJob(id, [{ path: ['mountInches', pad], value: null }])
          }
        />
      ) : null}
    </View>
  )
}
