// The first thing every stage needs: which unit it is. Shown by any stage that is entered without one.
import { shopNow } from '../../platform/sync/clock'
import type { JobId } from '@oak/core/job/job-id'
import { useState } from 'react'
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import { JobFrame } from '../frame/JobFrame'
import { editJob, useVan } from '../../platform/state/app'
import { PrimaryButton } from '../../ui/PrimaryButton'
import { Problem } from '../../ui/Problem'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { proposedName } from './family-names'
import { chooseUnitEdits } from './unit-edits'
import { OwnUnits } from './OwnUnits'
import { UnitChooser, useUnitChoice } from './UnitChooser'

export function ChooseUnit({ id, job }: { readonly id: JobId; readonly job: JobDocument }) {
  const choice = useUnitChoice()
  const { document: van } = useVan()
  const [wrong, setWrong] = useState<string | null>(null)
  const choose = () =>
    setWrong(
      editJob(id, [
        ...(job.title ? [] : [{ path: ['title'], value: proposedName(choice.unit.family, shopNow()) }]),
        ...chooseUnitEdits(job, choice.unit, van.settings),
      ]),
    )
  return (
    <JobFrame
      id={id}
      job={job}
      title="Which unit is it"
      picture={
        <View style={{ gap: 14 }}>
          <Caution />
          <UnitChooser {...choice}>
            <OwnUnits job={id} chosen={choice.own} onChoose={choice.setOwn} />
          </UnitChooser>
        </View>
      }
      strip={wrong ? <Problem text={wrong} testID="choose-unit-problem" /> : undefined}
      action={<PrimaryButton text="This is the unit" onPress={choose} testID="choose-unit" />}
    />
  )
}

/** Once, plainly, before hands go in. */
function Caution() {
  return (
    <View style={{ flexDirection: 'row', gap: 10, alignItems: 'flex-start' }} role="note">
      <VerdictMark verdict="watch" size={26} />
      <Words size="small" style={{ flex: 1 }}>
        Lock out, prove dead with a meter at the motor leads too, and discharge the capacitor through a
        resistor before touching a wire.
      </Words>
    </View>
  )
}
