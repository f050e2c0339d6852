// Where the job stands: a thin rail across the top, a column on a wide screen.
import { usePathname, useRouter } from 'expo-router'
import { memo, useEffect, useRef } from 'react'
import { ScrollView, View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import { useRoving } from '../../ui/roving'
import { Tap } from '../../ui/Tap'
import { Notch } from '../../ui/Notch'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { useStable } from '../../ui/use-stable'
import { STAGES, type StageId } from '@oak/core/job/visit/stage-names'
import { stageState, type StageState } from '@oak/core/job/visit/stages'

const STATE_WORDS: Readonly<Record<StageState, string>> = { empty: 'not begun', part: 'begun', done: 'done' }

/** Screens that belong to a stage. */
const PART_OF: Readonly<Record<string, string>> = {
  charge: 'startup',
  report: 'card',
  history: 'card',
  visit: 'card',
  leads: 'wires',
}

export function StageRail({
  job,
  id,
  wide,
}: {
  readonly job: JobDocument
  readonly id: string
  readonly wide: boolean
}) {
  const palette = usePalette()
  const router = useRouter()
  const last = usePathname().split('/').at(-1) ?? ''
  const here = PART_OF[last] ?? last
  const rail = useRef<ScrollView>(null)
  const at = STAGES.findIndex((s) => s.id === here)
  // The stage at hand is in sight, with its neighbours.
  useEffect(
    () => rail.current?.scrollTo({ x: Math.max(0, (at - 2.5) * (NARROWEST + APART)), animated: false }),
    [at],
  )
  const go = useStable((stage: StageId) => router.replace(`/job/${id}/${stage}`))
  const roving = useRoving('tab')
  const tabs = (
    <View
      {...roving}
      role="tablist"
      aria-label="Stages"
      style={wide ? { gap: 8, padding: 12, width: 176 } : { flexDirection: 'row', flexGrow: 1, gap: APART }}
    >
      {STAGES.map((stage) => (
        <StageTab
          key={stage.id}
          name={stage.name}
          state={stageState(job, stage.id)}
          on={here === stage.id}
          wide={wide}
          id={stage.id}
          onPress={go}
        />
      ))}
    </View>
  )
  if (wide)
    return (
      <View role="navigation" aria-label="Stages">
        {tabs}
      </View>
    )
  return (
    <View role="navigation" aria-label="Stages" style={{ borderBottomWidth: 1.5, borderColor: palette.line }}>
      <ScrollView
        ref={rail}
        horizontal
        showsHorizontalScrollIndicator={false}
        contentContainerStyle={{ flexGrow: 1, paddingTop: 8, paddingHorizontal: 4 }}
      >
        {tabs}
      </ScrollView>
    </View>
  )
}

/** A thumb's width for each stage; what does not fit is scrolled to. */
const NARROWEST = 48
/** Between two of them, px. */
const APART = 8

interface StageTabProps {
  readonly name: string
  readonly state: StageState
  readonly on: boolean
  readonly wide: boolean
  readonly id: StageId
  readonly onPress: (stage: StageId) => void
}

/** Drawn again only when it looks otherwise: every edit makes the job anew, and few of them end a stage. */
const StageTab = memo(function StageTab({ name, state, on, wide, id, onPress }: StageTabProps) {
  const palette = usePalette()
  const edge = on ? palette.ink : 'transparent'
  return (
    <Tap
      role="tab"
      selected={on}
      label={`${name}, ${STATE_WORDS[state]}`}
      onPress={() => onPress(id)}
      testID={`stage-${id}`}
      style={
        wide
          ? { paddingHorizontal: 12, borderLeftWidth: 5, borderColor: edge }
          : {
              flex: 1,
              minWidth: NARROWEST,
              minHeight: 48,
              paddingHorizontal: 2,
              borderBottomWidth: 5,
              borderColor: edge,
            }
      }
    >
      <View
        style={
          wide ? { flexDirection: 'row', gap: 8, alignItems: 'center' } : { alignItems: 'center', gap: 3 }
        }
      >
        <Notch state={state} />
        <Words size={wide ? 'body' : 'tiny'} lines={1} style={{ fontWeight: on ? '700' : '500' }}>
          {name}
        </Words>
      </View>
    </Tap>
  )
})
