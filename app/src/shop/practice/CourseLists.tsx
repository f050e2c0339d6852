// The skills as they stand, and the rounds to begin with.
import { View } from 'react-native'
import type { PracticeCourseOutput } from '@oak/core/operations/practice-round'
import type { PracticeRound } from '../../platform/state/practice'
import { Icon } from '../../ui/Icon'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import type { Standing } from './schedule'

interface SkillsProps {
  readonly course: PracticeCourseOutput
  readonly all: readonly Standing[]
  readonly now: number
}

export function Skills({ course, all, now }: SkillsProps) {
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

interface FirstRoundsProps {
  readonly course: PracticeCourseOutput
  readonly rounds: readonly PracticeRound[]
  readonly onBegin: (first: PracticeCourseOutput['first'][number]) => void
}

export function FirstRounds({ course, rounds, onBegin }: FirstRoundsProps) {
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
