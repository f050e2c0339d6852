// The can's picture and what is set beside it: what each load needs, which can, dead sections, jumpers as they are, the kits, the plan's aim.
import { useState } from 'react'
import { View } from 'react-native'
import { DEFAULT_TOLERANCE_PERCENT } from '@oak/core/capacitor/verdict'
import type { Can } from '@oak/core/capacitor/can'
import type { TapPlan } from '@oak/core/capacitor/tap-plan/plan'
import type { JobDocument } from '@oak/core/job/document'
import { hasCompressorCan } from '@oak/core/job/inputs/compressor-can'
import { mayHaveStartCan } from '@oak/core/job/inputs/start-can'
import type { VanDocument } from '@oak/core/job/van'
import { insulationName } from '@oak/core/motor/colour'
import type { Lead } from '@oak/core/motor/lead-sheet'
import type { HookupOutput } from '@oak/core/operations/hookup-output'
import { figure } from '@oak/core/quantity/display'
import { COMPRESSOR_LOAD, FAN_LOAD, sectionPost } from '@oak/core/wiring/new-can'
import type { PostId } from '@oak/core/wiring/unit-type'
import { Later } from '../../parts/frame/Later'
import { pickEdits } from '../../parts/stock/stock-plan-model'
import { editJob } from '../../platform/state/app'
import type { Edit } from '../../platform/state/jobs'
import { Choice } from '../../ui/Choice'
import { QuietButton } from '../../ui/PrimaryButton'
import { Words } from '../../ui/Words'
import { HardStart, kitEnd, Needs } from './CanNeeds'
import { CanPicker } from './CanPicker'
import { CompressorCan } from './CompressorCan'
import { CanView } from './CanView'
import { killEdits } from './can-stage-model'
import { PlanSheet } from './PlanSheet'
import { compressorWires, jumperEdits, jumpersNow, wireEdits } from './put-model'
import { StartCapacitor } from './StartCapacitor'
import { WantedNotes } from './WantedNotes'
import { WiredByHand, type LoadWire } from './WiredByHand'

interface CanStageProps {
  readonly id: string
  readonly job: JobDocument
  readonly shared: boolean
  readonly can: Can
  /** What makes the can that is shown the job’s, with the first press on it. */
  readonly choosing: readonly Edit[]
  /** Without its dead sections. */
  readonly live: Can
  readonly plan: TapPlan | null
  /** Whether `plan` is of this very can and motor: a jumper moved before would take the planned ones off in silence. */
  readonly isPlanned: boolean
  /** The hookup as it is now; null: not worked out, or not for this job as it stands. */
  readonly answer: HookupOutput | null
  readonly start: Lead | undefined
  readonly van: VanDocument
}

export function CanStage(props: CanStageProps) {
  const { id, job, shared, can, van } = props
  const [listing, setListing] = useState(false)
  return (
    <View style={{ gap: 12 }}>
      <Needs id={id} job={job} shared={shared} />
      <WantedNotes job={job} side="FAN" />
      {shared ? <WantedNotes job={job} side="HERM" /> : null}
      <Posts {...props} />
      <Later>
        {Object.values(van.stock).some((line) => line.kind === 'capacitor') ? (
          <QuietButton
            text="Best from the van"
            icon="van"
            onPress={() => setListing(true)}
            testID="best-from-van"
          />
        ) : null}
        {listing ? <PlanSheet id={id} job={job} shared={shared} onClose={() => setListing(false)} /> : null}
        <CanPicker can={can} onPick={(next) => editJob(id, pickEdits(next, van, job))} />
        {shared ? <HardStart id={id} job={job} can={can} /> : null}
        {mayHaveStartCan(job) ? <StartCapacitor id={id} job={job} /> : null}
        {hasCompressorCan(job) ? <CompressorCan id={id} job={job} /> : null}
        <Choice
          label="Plan"
          value={job.prefer}
          onChange={(prefer) => editJob(id, [{ path: ['prefer'], value: prefer }])}
          options={[
            { value: 'exact', text: 'closest value' },
            {
              value: 'simple',
              text: 'fewest jumpers',
              hint: `within ±${figure(job.tolerancePercent ?? DEFAULT_TOLERANCE_PERCENT)} %`,
            },
          ]}
        />
      </Later>
    </View>
  )
}

/** The picture, whose posts can be pressed: to mark one dead, or to put a jumper elsewhere. */
function Posts({ id, job, shared, can, choosing, live, plan, isPlanned, answer, start }: CanStageProps) {
  const [press, setPress] = useState<'kill' | 'jumper'>(job.canPut ? 'jumper' : 'kill')
  const [picked, setPicked] = useState<PostId | null>(null)
  const dead = new Set(can.sections.filter((s) => !live.sections.includes(s)).map((s) => s.id))
  const isKnown = job.canPut !== null || isPlanned
  const groups = (job.canPut && answer?.serves) || (plan?.groups ?? [])
  const onPost = (post: PostId) => {
    if (press === 'kill') {
      const section = can.sections.find((s) => sectionPost(s.id) === post)
      if (section) editJob(id, [...choosing, ...killEdits(job, can, section.id)])
    } else if (picked === null || picked === post) setPicked(picked === post ? null : post)
    else {
      editJob(id, [...choosing, ...jumperEdits(job, plan, [picked, post])])
      setPicked(null)
    }
  }
  return (
    <View style={{ gap: 10 }}>
      <View style={{ alignItems: 'center' }}>
        <CanView
          can={can}
          groups={groups}
          jumpers={jumpersNow(job.canPut, plan)}
          leads={{ [FAN_LOAD]: start }}
          width={366}
          dead={dead}
          kit={shared ? kitEnd(job) : 'none'}
          picked={picked}
          press={press}
          onPost={press === 'kill' || isKnown ? onPost : undefined}
        />
      </View>
      <Words size="small">A press on a post</Words>
      <Choice
        label="A press on a post"
        testID="press"
        value={press}
        onChange={(next) => {
          setPress(next)
          setPicked(null)
        }}
        options={[
          { value: 'kill', text: 'marks it dead' },
          { value: 'jumper', text: 'moves jumpers' },
        ]}
      />
      {press === 'kill' ? (
        <Words size="tiny" tone="quiet">
          A section that reads open or shorted is crossed out and planned around.
        </Words>
      ) : !isKnown ? (
        <Words size="small" live>
          The plan’s jumpers are being worked out…
        </Words>
      ) : (
        <WiredByHand
          can={live}
          wires={loadWires({ id, job, choosing, plan, answer, start, shared })}
          picked={picked !== null}
          onPlanned={
            job.canPut
              ? () =>
                  void editJob(id, [
                    { path: ['canPut'], value: null },
                    ...(start ? [{ path: ['placements', start.id], value: null }] : []),
                  ])
              : null
          }
        />
      )}
    </View>
  )
}

type LoadWireInput = Pick<CanStageProps, 'id' | 'job' | 'choosing' | 'plan' | 'answer' | 'start' | 'shared'>

/** The wires that can be moved here: the fan's start lead, and the unit's wire of the compressor's side. */
function loadWires({ id, job, choosing, plan, answer, start, shared }: LoadWireInput): LoadWire[] {
  const onCan = (load: string) => {
    const lead = (job.canPut && answer?.serves ? answer.serves : plan?.groups)?.find(
      (g) => g.load === load,
    )?.lead
    return lead === undefined ? null : sectionPost(lead)
  }
  const wires = compressorWires(job)
  const advised = answer?.leads.find((l) => l.lead === start?.id)?.advised
  return [
    ...(shared && wires.length > 0
      ? [
          {
            load: COMPRESSOR_LOAD,
            name: 'the compressor’s wire',
            post: onCan(COMPRESSOR_LOAD),
            put: (post: PostId) =>
              void editJob(id, [...choosing, ...wireEdits(job, plan, { ids: wires, post })]),
          },
        ]
      : []),
    ...(start && answer
      ? [
          {
            load: FAN_LOAD,
            name: `the ${insulationName(start)} lead`,
            post: onCan(FAN_LOAD),
            put: (post: PostId) =>
              void editJob(id, [
                ...choosing,
                ...wireEdits(job, plan, { ids: [], post }),
                {
                  path: ['placements', start.id],
                  value: advised?.kind === 'post' && advised.post === post ? null : { kind: 'post', post },
                },
              ]),
          },
        ]
      : []),
  ]
}
