// The visit: what it does by the record, what else was done, parts on order, a day to come back, its end, and what begins next.
import { shopNow } from '../../platform/sync/clock'
import { useRouter } from 'expo-router'
import { View } from 'react-native'
import { v4 as uuid } from 'uuid'
import type { JobId } from '@oak/core/job/job-id'
import type { JobDocument } from '@oak/core/job/document'
import type { VisitKind } from '@oak/core/job/visit/visit-kinds'
import { endWords, visitProblem, visitState } from '@oak/core/job/visit/visit-state'
import { JobFrame } from '../../parts/frame/JobFrame'
import { beginJob, editJob } from '../../platform/state/app'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { VerdictLine } from '../../ui/VerdictLine'
import type { Verdict } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { ComeBack } from './ComeBack'
import { OnOrder } from './OnOrder'
import { OtherWork } from './OtherWork'
import { doneSoFar, nextVisitEdits, samePlaceEdits } from './visit-model'

interface VisitProps {
  readonly id: JobId
  readonly job: JobDocument
}

const MARKS: Readonly<Record<VisitKind, Verdict>> = {
  away: 'watch',
  stopped: 'stop',
  waiting: 'cannotTell',
  later: 'cannotTell',
  done: 'proven',
  ended: 'cannotTell',
  estimate: 'cannotTell',
  open: 'cannotTell',
}

export function VisitScreen({ id, job }: VisitProps) {
  const { kind, words } = visitState(job)
  return (
    <JobFrame
      id={id}
      job={job}
      title="This visit"
      picture={
        <View style={{ gap: 20 }}>
          <SoFar job={job} />
          <OtherWork id={id} job={job} />
        </View>
      }
      evidence={
        <View style={{ gap: 20 }}>
          <OnOrder id={id} job={job} />
          <ComeBack id={id} job={job} />
          <WhatNext id={id} job={job} />
        </View>
      }
      strip={
        <VerdictLine
          mark={MARKS[kind]}
          text={words ?? 'Open: nothing here is at its end yet.'}
          size="strong"
          toned
          testID="visit-state"
        />
      }
      action={<EndOrGoOn id={id} job={job} kind={kind} />}
    />
  )
}

/** What follows from the record: nobody is asked for it. */
function SoFar({ job }: Pick<VisitProps, 'job'>) {
  const list = doneSoFar(job)
  return (
    <View style={{ gap: 4 }} testID="visit-so-far">
      <Words size="strong" heading={2}>
        By the record, this visit
      </Words>
      {list.length === 0 ? (
        <Words size="small" tone="quiet">
          Nothing yet: no fault, motor, capacitor or estimate is on record.
        </Words>
      ) : null}
      {list.map((text) => (
        <Words key={text}>{text}</Words>
      ))}
    </View>
  )
}

/** A visit that proves nothing is said to be at its end; any other goes on. */
function EndOrGoOn({ id, job, kind }: VisitProps & { readonly kind: VisitKind }) {
  const router = useRouter()
  if (kind === 'ended')
    return (
      <QuietButton
        text="It is not at its end"
        icon="undo"
        onPress={() => editJob(id, [{ path: ['ended'], value: null }])}
        testID="visit-reopen"
      />
    )
  if (kind === 'open' || kind === 'estimate')
    return (
      <PrimaryButton
        text="End this visit"
        icon="check"
        disabled={endWords(job) === null}
        onPress={() => editJob(id, [{ path: ['ended'], value: { at: shopNow() } }])}
        testID="visit-end"
      />
    )
  return (
    <PrimaryButton
      text="The owner’s report"
      icon="list"
      onPress={() => router.navigate(`/job/${id}/report`)}
      testID="visit-report"
    />
  )
}

/** The next visit on this job, or a job for another unit here. */
function WhatNext({ id, job }: VisitProps) {
  const router = useRouter()
  const refused = visitProblem(job)
  const again = () => {
    if (editJob(id, nextVisitEdits(job, uuid(), shopNow())) === null) router.navigate(`/job/${id}`)
  }
  const other = () => {
    const fresh = beginJob()
    editJob(fresh, samePlaceEdits(job))
    router.navigate(`/job/${fresh}/wires`)
  }
  return (
    <View style={{ gap: 8 }}>
      <Words size="strong" heading={2}>
        And then
      </Words>
      {refused ? (
        <Words size="small" tone="watch" testID="visit-problem">
          {refused}
        </Words>
      ) : (
        <QuietButton
          text="Begin the next visit on this job"
          icon="plus"
          onPress={again}
          testID="next-visit"
        />
      )}
      <QuietButton text="Another unit at this place" icon="plus" onPress={other} testID="other-unit" />
    </View>
  )
}
