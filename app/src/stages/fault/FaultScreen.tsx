// Stage "find the fault": what is seen and read goes in, ranked causes come out, and the next test worth doing is the one thing to press.
import { SYMPTOMS } from '@oak/core/diagnosis/symptoms'
import type { JobId } from '@oak/core/job/job-id'
import { useRouter } from 'expo-router'
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import { hasCompressor, type Subject } from '@oak/core/diagnosis/model'
import type { JobDocument } from '@oak/core/job/document'
import type { Fault } from '@oak/core/job/fields'
import { diagnoseInput } from '@oak/core/job/inputs/diagnose-input'
import { faultsOf } from '@oak/core/job/visit/visit-state'
import type { DiagnoseOutput } from '@oak/core/operations/diagnose'
import { unitTypeFor } from '@oak/core/wiring/unit-types'
import { JobFrame } from '../../parts/frame/JobFrame'
import { useOperation } from '../../parts/frame/use-operation'
import { editJob } from '../../platform/state/app'
import type { StageProps } from '../../parts/frame/stage-screen'
import { Choice } from '../../ui/Choice'
import { Problem } from '../../ui/Problem'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { VerdictMark } from '../../ui/VerdictMark'
import { Waits } from '../../ui/Waits'
import { Words } from '../../ui/Words'
import { ChooseUnit } from '../../parts/unit/ChooseUnit'
import { CauseBars } from './CauseBars'
import { CauseSheet } from './CauseSheet'
import { FanTiles } from './FanTiles'
import { faultOf, KIND_TITLES, takeEdits } from './fault-model'
import { TakenFaults } from './TakenFaults'
import { QuestionSheet } from './QuestionSheet'
import { Strip, NextAction } from './FaultFoot'

export function FaultScreen({ id, job }: { readonly id: JobId; readonly job: JobDocument }) {
  return job.unit ? <FindFault id={id} job={job} /> : <ChooseUnit id={id} job={job} />
}

function FindFault({ id, job }: { readonly id: JobId; readonly job: JobDocument }) {
  const router = useRouter()
  const [subject, setSubject] = useState<Subject>(() => subjectOf(job))
  const input = useMemo(() => diagnoseInput(job, subject), [job, subject])
  const result = useOperation('diagnose', input)
  const [asked, setAsked] = useState<string | null>(null)
  const [cause, setCause] = useState<string | null>(null)
  if (!result)
    return (
      <JobFrame
        id={id}
        job={job}
        title="Find the fault"
        picture={<Waits size="title" text="Working it out…" />}
      />
    )
  if (!result.ok)
    return (
      <JobFrame
        id={id}
        job={job}
        title="Find the fault"
        picture={<Problem text={result.error.message} testID="fault-problem" />}
      />
    )
  const d = result.output as DiagnoseOutput
  const question = d.questions.find((q) => q.id === asked)
  const opened = d.causes.find((c) => c.id === cause)
  const answer = (test: string, value: string | null) =>
    editJob(id, [{ path: ['observations', test], value }])
  const take = (faults: readonly Fault[]) => {
    editJob(id, takeEdits(job, faults))
    setCause(null)
  }
  const symptom = d.questions.find((q) => q.id === SYMPTOMS[subject])
  const begun =
    d.found.some((f) => f.subject === subject) ||
    d.questions.some((q) => q.answer !== null && q.kind !== 'contributory')
  return (
    <>
      <JobFrame
        id={id}
        job={job}
        title="Find the fault"
        picture={<FaultPicture {...{ id, job, d, begun, symptom, subject, setSubject, setCause, answer }} />}
        evidence={<Questions d={d} without={begun ? null : SYMPTOMS[subject]} onAsk={setAsked} />}
        strip={<Strip d={d} />}
        action={
          <NextAction
            d={d}
            job={job}
            begun={begun}
            onAsk={setAsked}
            onTake={take}
            onGo={(stage) => router.replace(`/job/${id}/${stage}`)}
          />
        }
      />
      <OpenQuestion question={question} id={id} job={job} d={d} setAsked={setAsked} answer={answer} />
      {opened ? (
        <CauseSheet
          cause={opened}
          isBeside={job.fault !== null && job.fault.cause !== opened.id}
          onClose={() => setCause(null)}
          onTake={() => take([faultOf(opened, opened.strength)])}
        />
      ) : null}
    </>
  )
}

interface FaultPictureProps extends StageProps {
  readonly d: DiagnoseOutput
  readonly begun: boolean
  readonly symptom: DiagnoseOutput['questions'][number] | undefined
  readonly subject: Subject
  readonly setSubject: (subject: Subject) => void
  readonly setCause: (value: string | null) => void
  readonly answer: (test: string, value: string | null) => string | null
}

function FaultPicture({
  id,
  job,
  d,
  begun,
  symptom,
  subject,
  setSubject,
  setCause,
  answer,
}: FaultPictureProps) {
  const unit = job.unit ? unitTypeFor(job.unit) : undefined
  return (
    <View style={{ gap: 14 }}>
      {unit && hasCompressor(unit) ? (
        <Choice<Subject>
          label="What the questions are about"
          testID="fault-subject"
          value={subject}
          onChange={setSubject}
          options={[
            { value: 'fan', text: 'the fan' },
            { value: 'compressor', text: 'the compressor' },
          ]}
        />
      ) : null}
      <TakenFaults id={id} job={job} />
      {begun ? <CauseBars causes={d.causes} taken={takenOf(job)} onPress={setCause} /> : null}
      {!begun && symptom ? (
        <View style={{ gap: 8 }}>
          <Words size="title" heading={2}>
            {symptom.question}
          </Words>
          <FanTiles
            subject={subject}
            answers={symptom.answers}
            value={symptom.answer}
            onPick={(value) => answer(symptom.id, value)}
          />
        </View>
      ) : null}
      <Notes d={d} job={job} />
    </View>
  )
}

/** The compressor's questions, where only they were begun. */
const subjectOf = ({ observations }: JobDocument): Subject =>
  observations[SYMPTOMS.compressor] !== undefined && observations[SYMPTOMS.fan] === undefined
    ? 'compressor'
    : 'fan'

const takenOf = (job: JobDocument): ReadonlySet<string> => new Set(faultsOf(job).map(({ cause }) => cause))

interface OpenQuestionProps {
  readonly question: DiagnoseOutput['questions'][number] | undefined
  readonly id: string
  readonly job: JobDocument
  readonly d: DiagnoseOutput
  readonly setAsked: (value: string | null) => void
  readonly answer: (test: string, value: string | null) => string | null
}

function OpenQuestion({ question, id, job, d, setAsked, answer }: OpenQuestionProps) {
  const router = useRouter()
  return question ? (
    <QuestionSheet
      id={id}
      job={job}
      question={question}
      why={d.next.find((n) => n.test === question.id)?.why}
      judged={d.readings.find((r) => r.test === question.id)}
      onClose={() => setAsked(null)}
      onAnswer={(value) => {
        answer(question.id, value)
        setAsked(null)
      }}
      onMeasure={(probe, measurement) => editJob(id, [{ path: ['measurements', probe], value: measurement }])}
      onMarking={() => router.replace(`/job/${id}/plates`)}
      onCompressor={(value) => editJob(id, [{ path: ['compressorMicrofarads'], value }])}
    />
  ) : null
}

/** What contradicts, what contributed, and a cause that was taken and no longer leads. */
function Notes({ d, job }: { readonly d: DiagnoseOutput; readonly job: JobDocument }) {
  const first = d.causes[0]
  // A cause of the other machine is in another ranking.
  const isRanked = d.causes.some((c) => c.id === job.fault?.cause)
  const moved =
    job.fault && isRanked && first && first.id !== job.fault.cause && !takenOf(job).has(first.id)
      ? [`Taken as the cause: ${job.fault.name.toLowerCase()}. What is recorded now points elsewhere first.`]
      : []
  const notes = [...d.contradictions, ...moved, ...d.contributory]
  return (
    <>
      {notes.map((text) => (
        <View key={text} style={{ flexDirection: 'row', gap: 10, alignItems: 'flex-start' }} role="note">
          <VerdictMark verdict="watch" size={26} />
          <Words size="small" style={{ flex: 1 }} testID="fault-note">
            {text}
          </Words>
        </View>
      ))}
    </>
  )
}

const KINDS = ['look', 'power-off', 'live', 'contributory'] as const

function Questions({
  d,
  without,
  onAsk,
}: {
  readonly d: DiagnoseOutput
  readonly without: string | null
  readonly onAsk: (id: string) => void
}) {
  const palette = usePalette()
  return (
    <View style={{ gap: 16 }}>
      {KINDS.map((kind) => {
        const list = d.questions.filter(
          (q) => q.kind === kind && q.id !== without && (q.open || q.answer !== null),
        )
        return (
          <View key={kind} style={{ gap: 8 }}>
            <Words size="strong" heading={2}>
              {KIND_TITLES[kind]}
            </Words>
            {list.map((q) => {
              const judged = d.readings.find((r) => r.test === q.id)
              const said = q.answers.find((a) => a.id === q.answer)?.text
              return (
                <Tap
                  key={q.id}
                  testID={`ask-${q.id}`}
                  more={said || judged ? undefined : 'not answered yet'}
                  onPress={() => onAsk(q.id)}
                  style={{
                    borderRadius: 10,
                    borderWidth: 1.5,
                    borderStyle: said || judged ? 'solid' : 'dashed',
                    borderColor: palette.edge,
                    backgroundColor: said || judged ? palette.surface : undefined,
                    paddingHorizontal: 12,
                    paddingVertical: 6,
                  }}
                >
                  <Words size={said || judged ? 'small' : 'body'} tone={said || judged ? 'quiet' : 'ink'}>
                    {q.question}
                  </Words>
                  {said ? (
                    <Words size="strong">{said}</Words>
                  ) : judged ? (
                    <Words size="strong" tone="cannotTell">
                      Cannot tell: {judged.words}
                    </Words>
                  ) : null}
                </Tap>
              )
            })}
          </View>
        )
      })}
    </View>
  )
}
