// The faults that were taken, each with what is to be done about it in one tap.
import { useRouter } from 'expo-router'
import { View } from 'react-native'
import { ALL_CAUSES } from '@oak/core/diagnosis/model'
import { faultsOf } from '@oak/core/job/visit/visit-state'
import { knownWork } from '@oak/core/job/visit/works'
import type { StageProps } from '../../parts/frame/stage-screen'
import { StepRow } from '../../parts/ticks/StepRow'
import { editJob } from '../../platform/state/app'
import { IconTap } from '../../ui/IconTap'
import { QuietButton } from '../../ui/PrimaryButton'
import { VerdictLine } from '../../ui/VerdictLine'
import { Words } from '../../ui/Words'
import { releaseEdits } from './fault-model'

const STAGE_WORDS = {
  capacitor: 'To the capacitor',
  motor: 'To the motor',
  wires: 'To the wires',
} as const

export function TakenFaults({ id, job }: StageProps) {
  const faults = faultsOf(job)
  if (faults.length === 0) return null
  return (
    <View style={{ gap: 10 }} testID="taken-faults">
      <Words size="strong" heading={2}>
        {faults.length === 1 ? 'The fault' : 'The faults'}
      </Words>
      {faults.map(({ cause, name }) => (
        <View key={cause} style={{ gap: 8 }}>
          <View style={{ flexDirection: 'row', gap: 8, alignItems: 'center' }}>
            <Words style={{ flex: 1 }}>{name}</Words>
            <IconTap
              icon="close"
              label={`${name}: not the fault`}
              onPress={() => editJob(id, releaseEdits(job, cause))}
              testID={`release-${cause}`}
            />
          </View>
          <WhatMends id={id} job={job} cause={cause} />
        </View>
      ))}
    </View>
  )
}

/** The work that mends it as a tick, or the stage where the work goes on; else its remedy, and the estimate. */
function WhatMends({ id, job, cause }: StageProps & { readonly cause: string }) {
  const router = useRouter()
  const known = ALL_CAUSES.find((c) => c.id === cause)
  const stage = known?.stage ?? (cause === 'can-swollen' ? 'capacitor' : undefined)
  const work = known?.work ? knownWork(known.work) : undefined
  if (work) {
    const isDone = job.works[work.id] !== undefined
    return (
      <>
        <StepRow
          state={isDone ? 'done' : 'open'}
          text={work.name}
          detail={work.today ? 'for today only' : undefined}
          onPress={() =>
            editJob(id, [{ path: ['works', work.id], value: isDone ? null : { text: work.name } }])
          }
          testID={`mend-${cause}`}
        />
        {isDone && work.caution ? <VerdictLine mark="watch" text={work.caution} /> : null}
      </>
    )
  }
  if (stage)
    return (
      <QuietButton
        text={STAGE_WORDS[stage]}
        onPress={() => router.replace(`/job/${id}/${stage}`)}
        testID={`mend-${cause}`}
      />
    )
  return known ? (
    <>
      <Words size="small">{known.remedy}</Words>
      <QuietButton
        text="To the estimate"
        onPress={() => router.navigate(`/job/${id}/report`)}
        testID={`mend-${cause}`}
      />
    </>
  ) : null
}
