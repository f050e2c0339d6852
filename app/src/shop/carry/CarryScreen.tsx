// What to carry up, ticked off at the van. Motor and can are taken of its stock with the same tick, and given back by undoing it.
import type { JobId } from '@oak/core/job/job-id'
import { Problem } from '../../ui/Problem'
import { useRouter } from 'expo-router'
import { useMemo } from 'react'
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import { CARRY_GROUPS, type CarryGroup } from '@oak/core/carry/carry-list'
import type { CarryListOutput } from '@oak/core/operations/carry-list'
import { JobFrame } from '../../parts/frame/JobFrame'
import { useHookup } from '../../parts/frame/use-hookup'
import { useOperation } from '../../parts/frame/use-operation'
import { editJob, useVan } from '../../platform/state/app'
import { Icon } from '../../ui/Icon'
import { PrimaryButton } from '../../ui/PrimaryButton'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { leftText } from '../../parts/stock/van-model'
import { countsOf, lineFor, tickEdits } from './carry-model'

type Item = CarryListOutput['items'][number]
const GROUP_WORDS: Readonly<Record<CarryGroup, string>> = {
  safety: 'To be safe',
  part: 'Parts',
  tool: 'Tools',
}

export function CarryScreen({ id, job }: { readonly id: JobId; readonly job: JobDocument }) {
  const router = useRouter()
  const hookup = useHookup(job)
  // By contents: the hookup is worked out anew for edits that leave its counts as they are.
  const counts = JSON.stringify(hookup.kind === 'ready' ? countsOf(hookup.answer) : null)
  const { motor, motorStays, can, unit, oldBody, observations } = job
  const input = useMemo(
    () =>
      unit
        ? {
            unit,
            motor,
            motorStays,
            can: can?.name ?? null,
            oldBody,
            observations,
            counts: JSON.parse(counts) as unknown,
          }
        : null,
    [unit, motor, motorStays, can, oldBody, observations, counts],
  )
  const result = useOperation('carry-list', input)
  const items = result?.ok ? (result.output as CarryListOutput).items : []
  const ticked = items.filter((item) => job.carried[item.id]).length
  return (
    <JobFrame
      id={id}
      job={job}
      title="What to carry up"
      picture={
        <View style={{ gap: 16 }} testID="carry-list">
          <Words size="title" heading={2}>
            What to carry up
          </Words>
          {unit ? null : <Words size="title">Say which unit it is first: the list is made for it.</Words>}
          <Problem text={result && !result.ok ? result.error.message : null} />
          {CARRY_GROUPS.map((group) => (
            <Group
              key={group}
              id={id}
              job={job}
              title={GROUP_WORDS[group]}
              items={items.filter((item) => item.group === group)}
            />
          ))}
        </View>
      }
      strip={
        items.length > 0 ? (
          <Words size="strong" testID="carry-count">
            {ticked === items.length ? 'All of it is in hand.' : `${ticked} of ${items.length} in hand.`}
          </Words>
        ) : undefined
      }
      action={
        <PrimaryButton
          text="Back to the motor"
          icon="back"
          onPress={() => router.replace(`/job/${id}/motor`)}
          testID="carry-back"
        />
      }
    />
  )
}

function Group({
  id,
  job,
  title,
  items,
}: {
  readonly id: string
  readonly job: JobDocument
  readonly title: string
  readonly items: readonly Item[]
}) {
  if (items.length === 0) return null
  return (
    <View style={{ gap: 8 }}>
      <Words size="strong" heading={2}>
        {title}
      </Words>
      {items.map((item) => (
        <Row key={item.id} id={id} job={job} item={item} />
      ))}
    </View>
  )
}

function Row({ id, job, item }: { readonly id: JobId; readonly job: JobDocument; readonly item: Item }) {
  const palette = usePalette()
  const { document: van, left } = useVan()
  const line = lineFor(item.id, job, van)
  const on = job.carried[item.id] === true
  const stock = line
    ? job.taken[line]
      ? `taken from the van, ${leftText(left[line] ?? 0)}`
      : `${leftText(left[line] ?? 0)} on the van`
    : null
  return (
    <Tap
      role="checkbox"
      selected={on}
      testID={`carry-${item.id}`}
      label={`${item.name}. ${item.why}${stock ? ` ${stock}.` : ''}`}
      onPress={() => editJob(id, tickEdits(item.id, !on, line, job))}
      style={{ paddingVertical: 6 }}
    >
      <View style={{ flexDirection: 'row', gap: 12, alignItems: 'flex-start' }}>
        <View
          style={{
            width: 30,
            height: 30,
            borderRadius: 6,
            borderWidth: 2.5,
            borderColor: palette.ink,
            backgroundColor: on ? palette.ink : undefined,
            alignItems: 'center',
            justifyContent: 'center',
          }}
        >
          {on ? <Icon name="check" color={palette.ground} size={22} /> : null}
        </View>
        <View style={{ flex: 1 }}>
          <Words size="strong">{item.name}</Words>
          <Words size="small" tone="quiet">
            {item.why}
          </Words>
          {stock ? (
            <Words
              size="small"
              tone={line && (left[line] ?? 0) < (job.taken[line] ? 0 : 1) ? 'stop' : 'ink'}
              testID={`carry-stock-${item.id}`}
            >
              {stock}
            </Words>
          ) : null}
        </View>
      </View>
    </Tap>
  )
}
