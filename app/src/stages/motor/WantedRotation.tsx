// Which way the fan must turn, as the old plate says it or as it is found.
import { useState } from 'react'
import { View } from 'react-native'
import { plateRotation } from '@oak/core/job/filled'
import { sameRotation, type Direction, type Rotation, type View as End } from '@oak/core/rotation/view'
import type { StageProps } from '../../parts/frame/stage-screen'
import { editJob } from '../../platform/state/app'
import { Choice } from '../../ui/Choice'
import { QuietButton } from '../../ui/PrimaryButton'
import { Words } from '../../ui/Words'
import { RotationPicture } from '../../parts/rotation/RotationPicture'
import { type MotorParts } from './motor-parts'

export function WantedRotation({ id, job, Finder }: StageProps & Pick<MotorParts, 'Finder'>) {
  const [finding, setFinding] = useState(false)
  const [end, setEnd] = useState<End>(job.wanted?.seenFrom ?? 'lead-end')
  const plate = plateRotation(job)
  const isByPlate = plate !== null && job.wanted !== null && sameRotation(plate, job.wanted)
  const set = (rotation: Rotation) => editJob(id, [{ path: ['wanted'], value: rotation }])
  return (
    <View style={{ gap: 8 }}>
      <Words size="strong" heading={2}>
        The fan must turn
      </Words>
      <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }}>
        <View style={{ flex: 1, gap: 8 }}>
          <Choice<Direction>
            label="Direction"
            value={job.wanted?.direction ?? null}
            testID="direction"
            onChange={(direction) => set({ direction, seenFrom: end })}
            options={[
              { value: 'CW', text: 'CW', hint: 'clockwise' },
              { value: 'CCW', text: 'CCW', hint: 'counter-cw' },
            ]}
          />
          <Choice<End>
            label="Seen from"
            value={end}
            onChange={(seenFrom) => {
              setEnd(seenFrom)
              if (job.wanted) set({ ...job.wanted, seenFrom })
            }}
            options={[
              { value: 'lead-end', text: 'lead end' },
              { value: 'shaft-end', text: 'shaft end' },
            ]}
          />
        </View>
        {job.wanted ? <RotationPicture rotation={job.wanted} /> : null}
      </View>
      <Words size="small" tone="quiet">
        {isByPlate
          ? 'Filled in from the old motor’s plate; set it otherwise where the blade says so.'
          : 'From the old motor’s plate, with the end it is named from.'}
      </Words>
      <QuietButton
        text="Find it from blade, wheel or a test"
        onPress={() => setFinding(true)}
        testID="find-rotation"
      />
      {finding ? (
        <Finder
          id={id}
          job={job}
          onClose={() => setFinding(false)}
          onUse={(rotation) => {
            setEnd(rotation.seenFrom)
            set(rotation)
            setFinding(false)
          }}
        />
      ) : null}
    </View>
  )
}
