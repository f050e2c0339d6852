// The frame of the bench: whose unit it is and what its customer says, the picture, what hands do beside or below it, the meter at the foot.
import { useRouter } from 'expo-router'
import type { ReactNode } from 'react'
import { ScrollView, useWindowDimensions, View } from 'react-native'
import { PageHeading } from '../../parts/frame/PageHeading'
import { PracticeBand } from '../../parts/frame/PracticeBand'
import type { PracticeRound } from '../../platform/state/practice'
import { TopBar } from '../../ui/TopBar'
import { usePalette } from '../../ui/theme'
import { isLow, isWide } from '../../ui/wide'
import { Words } from '../../ui/Words'

interface BenchFrameProps {
  readonly scenario: PracticeRound['scenario']
  readonly isOver?: boolean
  readonly picture: ReactNode
  readonly beside?: ReactNode
  readonly foot?: ReactNode
}

export function BenchFrame({ scenario, isOver = false, picture, beside, foot }: BenchFrameProps) {
  const palette = usePalette()
  const router = useRouter()
  const { width, height } = useWindowDimensions()
  const wide = isWide(width)
  const low = !wide && isLow(height)
  const head = <Head scenario={scenario} isOver={isOver} />
  const footView = foot ? (
    <View
      style={{
        borderTopWidth: 1.5,
        borderColor: palette.line,
        padding: 10,
        backgroundColor: palette.ground,
      }}
    >
      {foot}
    </View>
  ) : null
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }}>
      <TopBar
        role="banner"
        back={{ label: 'Practice', testID: 'to-practice', onPress: () => router.navigate('/practice') }}
      >
        <PageHeading size="strong" style={{ flex: 1 }} title="Bench">
          {scenario.name}
        </PageHeading>
      </TopBar>
      <PracticeBand />
      {wide ? (
        <View style={{ flex: 1, flexDirection: 'row' }} role="main">
          <View style={{ flex: 1 }}>
            <ScrollView
              contentContainerStyle={{
                padding: 20,
                gap: 14,
                maxWidth: 760,
                width: '100%',
                alignSelf: 'center',
              }}
            >
              {head}
              {picture}
            </ScrollView>
            {footView}
          </View>
          {beside ? (
            <ScrollView
              style={{ maxWidth: 440, borderLeftWidth: 1.5, borderColor: palette.line }}
              contentContainerStyle={{ padding: 16, gap: 18 }}
            >
              {beside}
            </ScrollView>
          ) : null}
        </View>
      ) : (
        <View style={{ flex: 1 }} role="main">
          <ScrollView style={{ flex: 1 }} contentContainerStyle={{ padding: 12, gap: 16 }}>
            {head}
            {picture}
            {beside}
            {low ? footView : null}
          </ScrollView>
          {low ? null : footView}
        </View>
      )}
    </View>
  )
}

/** What the customer says; while the round goes on also what it teaches. */
function Head({ scenario, isOver }: Required<Pick<BenchFrameProps, 'scenario' | 'isOver'>>) {
  return (
    <View style={{ gap: 6 }}>
      <Words testID="complaint">“{scenario.complaint}”</Words>
      {scenario.lesson && !isOver ? (
        <Words size="small" tone="quiet" testID="lesson">
          {scenario.lesson}
        </Words>
      ) : null}
    </View>
  )
}
