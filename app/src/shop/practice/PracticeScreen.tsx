// Practice: the skills as they stand, the round that is worth most now, ten rounds to begin with, and a unit from a file.
import { useRouter } from 'expo-router'
import { useEffect, useMemo, useState } from 'react'
import { ScrollView, useWindowDimensions, View } from 'react-native'
import type { PracticeCourseOutput } from '@oak/core/operations/practice-round'
import { PageHeading } from '../../parts/frame/PageHeading'
import { PracticeBand } from '../../parts/frame/PracticeBand'
import { NEXT_ACTION } from '../../parts/frame/shortcuts'
import { useOperation } from '../../parts/frame/use-operation'
import { thePractice, useJobs, usePractice } from '../../platform/state/app'
import type { PracticeRound } from '../../platform/state/practice'
import { shopNow } from '../../platform/sync/clock'
import { Icon } from '../../ui/Icon'
import { Problem } from '../../ui/Problem'
import { PrimaryButton, QuietButton, SmallButton } from '../../ui/PrimaryButton'
import { Tap } from '../../ui/Tap'
import { TopBar } from '../../ui/TopBar'
import { usePalette } from '../../ui/theme'
import { Waits } from '../../ui/Waits'
import { isWide } from '../../ui/wide'
import { Words } from '../../ui/Words'
import { beginFirst, beginLesson, openUnitFile } from './begin'
import { shownBy } from './practice-model'
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
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }}>
      <TopBar
        role="banner"
        back={{ label: 'All jobs', testID: 'to-home', onPress: () => router.navigate('/') }}
      >
        <PageHeading size="title" style={{ flex: 1 }} title="Practice" />
      </TopBar>
      <PracticeBand />
      {course && rounds ? (
        <Course course={course} rounds={rounds} trouble={trouble} />
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

function Course({ course, rounds, trouble }: CourseProps) {
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
      <NextFoot course={course} {...next} go={go} />
    </View>
  )
}

interface NextFootProps extends ReturnType<typeof useNext> {
  readonly course: PracticeCourseOutput
  readonly go: ReturnType<typeof useBegin>['go']
}

/** The one next round; one that is open comes first, and can be left. */
function NextFoot({ course, open, next, first, go }: NextFootProps) {
  const palette = usePalette()
  const router = useRouter()
  const foot = { padding: 12, gap: 8, borderTopWidth: 1.5, borderColor: palette.line } as const
  if (open)
    return (
      <View style={foot}>
        <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
          <Words size="small" tone="quiet" style={{ flex: 1 }} lines={2}>
            Open: {open.scenario.name}
          </Words>
          <SmallButton text="Leave it" testID="leave" onPress={() => thePractice().leave(open.id)} />
        </View>
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
      <Words size="small" tone="quiet" testID="why-next">
        {whyNext(next, named.name)}
      </Words>
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

interface SkillsProps {
  readonly course: PracticeCourseOutput
  readonly all: readonly Standing[]
  readonly now: number
}

function Skills({ course, all, now }: SkillsProps) {
  const palette = usePalette()
  return (
    <View style={{ gap: 10 }}>
      <Words size="strong" heading={2}>
        What you have shown
      </Words>
      <Words size="small" tone="quiet">
        A bar is how much of it should still sit today.
      </Words>
      <View style={{ gap: 10 }} role="list" aria-label="Skills">
        {course.skills.map(({ id, name, is }) => {
          const standing = all.find((s) => s.skill === id)
          const isDue = !standing || standing.due === null || standing.due <= now
          const sits = standing && standing.rounds > 0 ? standing.sits : 0
          return (
            <View key={id} role="listitem" style={{ gap: 3 }} testID={`skill-${id}`}>
              <View style={{ flexDirection: 'row', gap: 8, alignItems: 'baseline' }}>
                <Words size="strong" style={{ flex: 1 }}>
                  {name}
                </Words>
                <Words size="small" tone="quiet">
                  {standing && standing.rounds > 0
                    ? `level ${standing.level}, last ${standing.last ?? 0}${isDue ? ', due' : ''}`
                    : 'not shown yet'}
                </Words>
              </View>
              <View
                aria-hidden
                style={{
                  height: 10,
                  borderRadius: 5,
                  borderWidth: 1.5,
                  borderColor: palette.ink,
                  overflow: 'hidden',
                }}
              >
                <View style={{ height: '100%', width: `${100 * sits}%`, backgroundColor: palette.ink }} />
              </View>
              <Words size="small" tone="quiet">
                {is}
              </Words>
            </View>
          )
        })}
      </View>
    </View>
  )
}

interface FirstRoundsProps extends Omit<CourseProps, 'trouble'> {
  readonly onBegin: (first: PracticeCourseOutput['first'][number]) => void
}

function FirstRounds({ course, rounds, onBegin }: FirstRoundsProps) {
  const palette = usePalette()
  return (
    <View style={{ gap: 8 }}>
      <Words size="strong" heading={2}>
        Ten rounds to begin with
      </Words>
      {course.first.map((first, i) => {
        const best = Math.max(
          -1,
          ...rounds.filter((r) => r.first === first.id).map((r) => r.result?.total ?? -1),
        )
        return (
          <Tap
            key={first.id}
            testID={`first-${first.id}`}
            onPress={() => onBegin(first)}
            style={{
              borderRadius: 10,
              borderWidth: 1.5,
              borderStyle: best < 0 ? 'dashed' : 'solid',
              borderColor: palette.edge,
              paddingHorizontal: 12,
              paddingVertical: 6,
            }}
          >
            <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
              <View style={{ flex: 1 }}>
                <Words size="strong">
                  {i + 1}. {first.name}
                </Words>
                <Words size="small" tone="quiet">
                  {course.skills.find((s) => s.id === first.skill)?.name}
                  {best < 0 ? '' : `, ${best} of 100`}
                </Words>
              </View>
              {best < 0 ? null : <Icon name="check" color={palette.ink} />}
            </View>
          </Tap>
        )
      })}
    </View>
  )
}
