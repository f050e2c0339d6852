// Practice: the skills as they stand, the round that is worth most now, ten rounds to begin with, and a unit from a file.
import { useRouter } from 'expo-router'
import { useEffect, useMemo, useState, type ReactNode } from 'react'
import { ScrollView, useWindowDimensions, View } from 'react-native'
import type { PracticeCourseOutput } from '@oak/core/operations/practice-round'
import { PageHeading } from '../../parts/frame/PageHeading'
import { PracticeBand } from '../../parts/frame/PracticeBand'
import { NEXT_ACTION } from '../../parts/frame/shortcuts'
import { useOperation } from '../../parts/frame/use-operation'
import { thePractice, useJobs, usePractice } from '../../platform/state/app'
import type { PracticeRound } from '../../platform/state/practice'
import { shopNow } from '../../platform/sync/clock'
import { Problem } from '../../ui/Problem'
import { PrimaryButton, QuietButton, SmallButton } from '../../ui/PrimaryButton'
import { TopBar } from '../../ui/TopBar'
import { usePalette } from '../../ui/theme'
import { Waits } from '../../ui/Waits'
import { isLow, isWide } from '../../ui/wide'
import { Words } from '../../ui/Words'
import { beginFirst, beginLesson, openUnitFile } from './begin'
import { FirstRounds, Skills } from './CourseLists'
import { shownBy } from './practice-model'
import { useShopRounds } from './use-shop-rounds'
import { standings, weakest, type Standing } from './schedule'

const NOTHING = {}

export function PracticeScreen() {
  const palette = usePalette()
  const router = useRouter()
  const answer = useOperation('practice-course', NOTHING)
  const course = answer?.ok ? (answer.output as PracticeCourseOutput) : null
  const rounds = usePractice((s) => s.rounds)
  const trouble = usePractice((s) => s.trouble)
  useEffect(() => void thePractice().load(), [])
  // What was shown here goes to the shop whenever somebody looks at the course.
  useShopRounds(rounds)
  const low = isLow(useWindowDimensions().height)
  const head = (
    <>
      <TopBar
        role="banner"
        back={{ label: 'All jobs', testID: 'to-home', onPress: () => router.navigate('/') }}
      >
        <PageHeading size="title" style={{ flex: 1 }} title="Practice" />
      </TopBar>
      <PracticeBand />
    </>
  )
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }}>
      {/* On a low screen it scrolls away with the rest. */}
      {low && course && rounds ? null : head}
      {course && rounds ? (
        <Course course={course} rounds={rounds} trouble={trouble} head={low ? head : null} />
      ) : (
        <View role="main" style={{ padding: 20 }}>
          <Waits size="title" text="Opening…" />
          <Problem text={answer && !answer.ok ? answer.error.message : null} />
        </View>
      )}
    </View>
  )
}

interface CourseProps {
  /** What stands above it where the screen is low; null: it stands there already. */
  readonly head: ReactNode
  readonly course: PracticeCourseOutput
  readonly rounds: readonly PracticeRound[]
  readonly trouble: string | null
}

/** What to do next, for whom: the round that is open, one of the first, or a lesson. */
function useNext(course: PracticeCourseOutput, rounds: readonly PracticeRound[]) {
  const who = useJobs((s) => s.technician)
  const [now] = useState(shopNow)
  const all = useMemo(
    () =>
      standings(
        course.skills.map((s) => s.id),
        shownBy(rounds, who),
        now,
      ),
    [course, rounds, who, now],
  )
  const next = weakest(all, now)
  const isDone = (id: string) => rounds.some((r) => r.first === id && r.result)
  return {
    all,
    now,
    next,
    open: rounds.find((r) => r.result === null && r.technician === who),
    // Whoever has not shown a skill begins with the round that was made for it.
    first: next?.rounds === 0 ? course.first.find((f) => f.skill === next.skill && !isDone(f.id)) : undefined,
  }
}

/** Begins a round and goes to it; what is wrong stays here, in words. */
function useBegin() {
  const router = useRouter()
  const [wrong, setWrong] = useState<string | null>(null)
  const go = (begun: ReturnType<typeof beginFirst>) =>
    void begun.then(
      (came) => {
        if (!came) return
        if ('wrong' in came) setWrong(came.wrong)
        else router.navigate(`/practice/${came.id}`)
      },
      (error: unknown) => setWrong(String(error)),
    )
  return { go, wrong }
}

function Course({ course, rounds, trouble, head }: CourseProps) {
  const router = useRouter()
  const wide = isWide(useWindowDimensions().width)
  const { go, wrong } = useBegin()
  const next = useNext(course, rounds)
  const half = wide ? { flex: 1 } : undefined
  return (
    <View style={{ flex: 1 }} role="main">
      <ScrollView
        style={{ flex: 1 }}
        contentContainerStyle={{
          padding: 14,
          gap: 18,
          maxWidth: wide ? 1120 : 760,
          width: '100%',
          alignSelf: 'center',
        }}
      >
        {head ? <View style={{ marginHorizontal: -14, marginTop: -14 }}>{head}</View> : null}
        <Problem text={trouble} />
        <Words>
          Units that cannot hurt, with faults that do not show. Touch them with two probes, change what is
          bad, and see what a master would have done.
        </Words>
        <View style={wide ? { flexDirection: 'row', gap: 32 } : { gap: 18 }}>
          <View style={half}>
            <Skills course={course} all={next.all} now={next.now} />
          </View>
          <View style={half}>
            <FirstRounds course={course} rounds={rounds} onBegin={(one) => go(beginFirst(one))} />
          </View>
        </View>
        <View style={{ gap: 10 }}>
          <QuietButton
            text="Who has shown what"
            icon="list"
            testID="to-progress"
            onPress={() => router.navigate('/practice/progress')}
          />
          <QuietButton
            text="Open a practice unit from a file"
            icon="file"
            testID="open-unit"
            onPress={() => go(openUnitFile())}
          />
          <Problem text={wrong} testID="practice-problem" />
        </View>
      </ScrollView>
      <NextFoot course={course} {...next} go={go} low={head !== null} />
    </View>
  )
}

interface NextFootProps extends ReturnType<typeof useNext> {
  readonly course: PracticeCourseOutput
  readonly go: ReturnType<typeof useBegin>['go']
  /** The button alone. */
  readonly low: boolean
}

/** The one next round; one that is open comes first, and can be left. */
function NextFoot({ course, open, next, first, go, low }: NextFootProps) {
  const palette = usePalette()
  const router = useRouter()
  const foot = { padding: low ? 4 : 12, gap: 8, borderTopWidth: 1.5, borderColor: palette.line } as const
  if (open)
    return (
      <View style={foot}>
        {low ? null : (
          <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
            <Words size="small" tone="quiet" style={{ flex: 1 }} lines={2}>
              Open: {open.scenario.name}
            </Words>
            <SmallButton text="Leave it" testID="leave" onPress={() => thePractice().leave(open.id)} />
          </View>
        )}
        <View {...NEXT_ACTION}>
          <PrimaryButton
            text="Go on with the round"
            icon="more"
            testID="go-on"
            onPress={() => router.navigate(`/practice/${open.id}`)}
          />
        </View>
      </View>
    )
  const named = course.skills.find((s) => s.id === next?.skill)
  if (!next || !named) return null
  return (
    <View style={foot}>
      {low ? null : (
        <Words size="small" tone="quiet" testID="why-next">
          {whyNext(next, named.name)}
        </Words>
      )}
      <View {...NEXT_ACTION}>
        <PrimaryButton
          text={first ? `Next: ${first.name}` : `Next: ${named.name.toLowerCase()}, level ${next.level}`}
          icon="more"
          testID="next-round"
          onPress={() => go(first ? beginFirst(first) : beginLesson(named.id, next.level))}
        />
      </View>
    </View>
  )
}

const percent = (share: number): string => `${Math.round(100 * share)} %`

/** Why this one now. */
function whyNext({ rounds, sits, last }: Standing, name: string): string {
  if (rounds === 0) return `Not shown yet: ${name.toLowerCase()}.`
  return `${name}: last ${last ?? 0} of 100; by now it sits with ${percent(sits)}.`
}
