// A unit that fits none, put together on the phone: block by block, drawn as it grows, and checked with every press.
import { shopNow } from '../../platform/sync/clock'
import type { JobId } from '@oak/core/job/job-id'
import { useRouter } from 'expo-router'
import { useMemo, useState } from 'react'
import { ScrollView, useWindowDimensions, View } from 'react-native'
import * as v from 'valibot'
import { buildUnit } from '@oak/core/wiring/unit-blocks/build'
import { UnitPlanSchema, type UnitPlan } from '@oak/core/wiring/unit-blocks/plan'
import { planProblems } from '@oak/core/wiring/unit-blocks/plan-problems'
import type { UnitType } from '@oak/core/wiring/unit-type'
import { PageHeading } from '../../parts/frame/PageHeading'
import { WiresPicture } from '../../parts/posts/WiresPicture'
import { proposedName } from '../../parts/unit/family-names'
import { chooseUnitEdits } from '../../parts/unit/unit-edits'
import { editJob, editVan, theJobs, useVan } from '../../platform/state/app'
import { documentOf } from '../../platform/state/jobs'
import { saveTextFile } from '../../platform/files/save-file'
import { Choice } from '../../ui/Choice'
import { ManyChoice } from '../../ui/ManyChoice'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Problem } from '../../ui/Problem'
import { TextField } from '../../ui/TextField'
import { TopBar } from '../../ui/TopBar'
import { usePalette } from '../../ui/theme'
import { VerdictLine } from '../../ui/VerdictLine'
import { isLow, isWide } from '../../ui/wide'
import { Words } from '../../ui/Words'
import { BlockCard } from './BlockCard'
import { unitFileText } from '../../parts/unit/unit-file'
import {
  addable,
  BLOCK_NAMES,
  blockAt,
  drawnRoles,
  drawnWires,
  newUnitId,
  ownUnit,
  START_PLAN,
  SUPPLIES,
  supplyIdOf,
  withBlock,
  withFan,
} from './unit-model'
import { usePlanDraft } from './use-plan-draft'

export interface UnitEditorProps {
  /** The job that waits for it; null: for the shop alone. */
  readonly job: JobId | null
  /** One of the shop's own, to change; null: a new one, or the one that was left half done. */
  readonly unit: string | null
}

export function UnitEditor({ job, unit }: UnitEditorProps) {
  const palette = usePalette()
  const router = useRouter()
  const { width, height } = useWindowDimensions()
  const wide = isWide(width)
  // There the foot would leave too little to scroll: it stands at the end of the page.
  const low = isLow(height)
  const { document: van } = useVan()
  const held = unit ? van.units[unit] : undefined
  const { plan, change, forget } = usePlanDraft(held?.plan ?? null, START_PLAN)
  const [id] = useState(() => unit ?? newUnitId())
  const [wrong, setWrong] = useState<string | null>(null)
  const problems = useMemo(() => planProblems(plan), [plan])
  const built = useMemo(() => buildUnit(plan, id), [plan, id])
  const leave = () => router.replace(job ? `/job/${job}/wires` : '/van')
  const keep = () => {
    const own = ownUnit(v.parse(UnitPlanSchema, plan), id)
    const refused = editVan([{ path: ['units', id], value: own }]) ?? (job ? choose(job, own.type) : null)
    if (refused) return setWrong(refused)
    forget()
    leave()
  }
  const drop = () => {
    const refused = editVan([{ path: ['units', id], value: null }])
    if (refused) setWrong(refused)
    else leave()
  }
  const picture = plan.blocks.length > 0 ? <Picture built={built} /> : null
  const blocks = <Blocks plan={plan} problems={problems} change={change} />
  const foot = (
    <Foot
      plan={plan}
      problem={wrong ?? problems[0]?.message ?? null}
      job={job}
      isSound={problems.length === 0}
      keep={keep}
    />
  )
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }} role="main">
      <TopBar back={{ label: 'Back', testID: 'unit-back', onPress: leave }}>
        <PageHeading
          size="strong"
          style={{ flex: 1 }}
          title={held ? 'Change a unit' : 'Put a unit together'}
        />
      </TopBar>
      <View style={{ flex: 1, flexDirection: wide ? 'row' : 'column' }}>
        <ScrollView style={{ flex: 1 }} contentContainerStyle={{ padding: 12, gap: 14 }}>
          <Basics plan={plan} problems={problems} change={change} />
          {wide ? null : picture}
          {blocks}
          <UnitTools built={built} isSound={problems.length === 0} onDrop={held ? drop : undefined} />
          {low ? foot : null}
        </ScrollView>
        {wide ? (
          <View style={{ width: 460, borderLeftWidth: 1.5, borderColor: palette.line }}>
            <ScrollView contentContainerStyle={{ padding: 16 }}>{picture}</ScrollView>
          </View>
        ) : null}
      </View>
      {low ? null : foot}
    </View>
  )
}

interface FootProps extends Pick<UnitEditorProps, 'job'> {
  readonly plan: UnitPlan
  readonly problem: string | null
  readonly isSound: boolean
  readonly keep: () => void
}

function Foot({ plan, problem, job, isSound, keep }: FootProps) {
  const palette = usePalette()
  return (
    <View style={{ borderTopWidth: 1.5, borderColor: palette.line, padding: 10, gap: 8 }}>
      <Strip plan={plan} problem={problem} />
      <PrimaryButton
        text={job ? 'This is the unit' : 'Keep this unit'}
        icon="check"
        disabled={!isSound}
        onPress={keep}
        testID="keep-unit"
      />
    </View>
  )
}

interface UnitToolsProps {
  readonly built: UnitType
  readonly isSound: boolean
  /** Left out: it is not on the shop's list. */
  readonly onDrop: (() => void) | undefined
}

function UnitTools({ built, isSound, onDrop }: UnitToolsProps) {
  return (
    <View style={{ gap: 8 }}>
      <QuietButton
        text="Save it as a file"
        icon="save"
        disabled={!isSound}
        onPress={() => saveTextFile(`${built.id}.unit-type.json`, 'application/json', unitFileText(built))}
        testID="save-unit"
      />
      {onDrop ? (
        <QuietButton text="Take it off the shop’s list" icon="trash" onPress={onDrop} testID="drop-unit" />
      ) : null}
    </View>
  )
}

/** The unit becomes the job's: what was wrong with that, or null. */
function choose(job: JobId, unit: UnitType): string | null {
  const document = documentOf(theJobs().store.getState(), job)
  const { settings } = theJobs().store.getState().van.document
  return editJob(job, [
    ...(document.title ? [] : [{ path: ['title'], value: proposedName(unit.family, shopNow()) }]),
    ...chooseUnitEdits(document, unit, settings),
  ])
}

interface PlanProps {
  readonly plan: UnitPlan
  readonly problems: ReturnType<typeof planProblems>
  readonly change: (plan: UnitPlan) => void
}

function Basics({ plan, problems, change }: PlanProps) {
  const supplies = SUPPLIES.filter(({ feed }) => plan.fan === 'outdoor' || feed !== 'three')
  return (
    <View style={{ gap: 10 }}>
      <TextField
        label="What it is called"
        value={plan.name}
        maxLength={120}
        onChangeText={(name) => change({ ...plan, name })}
        testID="unit-name-field"
      />
      <Choice
        label="What turns"
        testID="unit-fan"
        value={plan.fan}
        onChange={(fan) => change(withFan(plan, fan))}
        options={[
          { value: 'outdoor', text: 'outdoor fan' },
          { value: 'blower', text: 'blower' },
        ]}
      />
      {plan.fan === 'blower' ? (
        <Choice
          label="What its motor turns"
          testID="unit-shaft"
          value={plan.throughShaft ? 'both' : 'one'}
          onChange={(ends) => change({ ...plan, throughShaft: ends === 'both' })}
          options={[
            { value: 'one', text: 'one shaft end' },
            { value: 'both', text: 'both shaft ends' },
          ]}
        />
      ) : null}
      <ManyChoice
        label="What comes in"
        testID="unit-supply"
        inPairs
        value={supplyIdOf(plan)}
        onChange={(id) => {
          const supply = SUPPLIES.find((s) => s.id === id)
          if (supply) change({ ...plan, feed: supply.feed, volts: supply.volts })
        }}
        options={supplies.map(({ id, text }) => ({ value: id, text }))}
      />
      <Problem
        text={problems.find(({ path }) => path === 'feed')?.message ?? null}
        testID="unit-feed-problem"
      />
    </View>
  )
}

function Blocks({ plan, problems, change }: PlanProps) {
  const wrongAt = (i: number) =>
    problems.find(({ path }) => path === `blocks.${i}` || path.startsWith(`blocks.${i}.`))?.message ?? null
  return (
    <View style={{ gap: 10 }}>
      <Words size="strong" heading={2}>
        Its parts
      </Words>
      {plan.blocks.map((block, i) => (
        <BlockCard
          key={`${block.kind} ${i}`}
          plan={plan}
          block={block}
          at={i}
          problem={wrongAt(i)}
          onChange={(next) => change(blockAt(plan, i, next))}
        />
      ))}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }} role="group" aria-label="Add a part">
        {addable(plan).map((kind) => (
          <QuietButton
            key={kind}
            text={BLOCK_NAMES[kind]}
            icon="plus"
            onPress={() => change(withBlock(plan, kind))}
            testID={`add-${kind}`}
          />
        ))}
      </View>
    </View>
  )
}

/** The terminals as they stand, how such parts are usually wired, and what each wire of the motor would be for. */
function Picture({ built }: { readonly built: UnitType }) {
  const wires = useMemo(() => drawnWires(built), [built])
  const findings = useMemo(() => drawnRoles(built, wires), [built, wires])
  return (
    <View testID="unit-picture">
      <WiresPicture unit={built} wires={wires} findings={findings} />
    </View>
  )
}

/** What is wrong first; while nothing is there yet, what to do. */
function Strip({ plan, problem }: { readonly plan: UnitPlan; readonly problem: string | null }) {
  if (plan.blocks.length === 0)
    return (
      <VerdictLine
        mark="cannotTell"
        text="Add what you see in it, part by part."
        size="strong"
        toned
        testID="unit-strip"
      />
    )
  return (
    <VerdictLine
      mark={problem ? 'stop' : 'proven'}
      text={problem ?? 'Every mode can run the fan, and nothing shorts. Hold it against the unit’s diagram.'}
      size="strong"
      toned
      testID="unit-strip"
    />
  )
}
