// The frame of every stage: header and rail, the picture in the middle, evidence beside or below it, the next action pinned.
import { useRouter } from 'expo-router'
import type { ReactNode } from 'react'
import { ScrollView, useWindowDimensions, View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import { ON_PAPER } from '../../platform/files/paper'
import { Icon } from '../../ui/Icon'
import { SyncMark } from './SyncMark'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { isWide } from '../../ui/wide'
import { Words } from '../../ui/Words'
import { StageRail } from './StageRail'
import { UndoRedo, useUndoRedo } from './UndoRedo'

export interface JobFrameProps {
  readonly id: string
  readonly job: JobDocument
  /** What the stage is about, for the eye and the screen reader. */
  readonly title: string
  readonly picture: ReactNode
  readonly evidence?: ReactNode
  /** Stands above the action, always in sight. */
  readonly strip?: ReactNode
  readonly action?: ReactNode
}

export function JobFrame({ id, job, title, picture, evidence, strip, action }: JobFrameProps) {
  const palette = usePalette()
  const router = useRouter()
  const wide = isWide(useWindowDimensions().width)
  const { said, ...undoRedo } = useUndoRedo(id)
  const foot =
    strip || action ? (
      <View
        style={{
          borderTopWidth: 1.5,
          borderColor: palette.line,
          backgroundColor: palette.ground,
          padding: 10,
          gap: 8,
        }}
      >
        {strip}
        {action}
      </View>
    ) : null
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }}>
      <View style={{ flexDirection: 'row', alignItems: 'center', paddingRight: 8 }}>
        <Tap
          label="All jobs"
          testID="to-home"
          onPress={() => router.navigate('/')}
          style={{ width: 52, height: 50, alignItems: 'center' }}
        >
          <Icon name="back" color={palette.ink} />
        </Tap>
        <View style={{ flex: 1 }}>
          {said ? (
            <Words size="strong" lines={2} live testID="undone">
              {said}
            </Words>
          ) : (
            <Words size="strong" heading={1} lines={1}>
              {job.title || 'New hookup'}
            </Words>
          )}
        </View>
        <UndoRedo {...undoRedo} />
        <SyncMark />
      </View>
      {wide ? (
        <View style={{ flex: 1, flexDirection: 'row', borderTopWidth: 1.5, borderColor: palette.line }}>
          <StageRail job={job} id={id} wide />
          <View
            style={{ flex: 1, borderLeftWidth: 1.5, borderRightWidth: 1.5, borderColor: palette.line }}
            role="main"
            aria-label={title}
          >
            <ScrollView
              contentContainerStyle={{ padding: 20, maxWidth: 720, width: '100%', alignSelf: 'center' }}
            >
              <View id={ON_PAPER}>{picture}</View>
            </ScrollView>
          </View>
          <View style={{ width: 380 }}>
            <ScrollView contentContainerStyle={{ padding: 16, gap: 14 }}>{evidence}</ScrollView>
            {foot}
          </View>
        </View>
      ) : (
        <>
          <StageRail job={job} id={id} wide={false} />
          <View style={{ flex: 1 }} role="main" aria-label={title}>
            <ScrollView contentContainerStyle={{ padding: 12, gap: 16 }}>
              <View id={ON_PAPER}>{picture}</View>
              {evidence}
            </ScrollView>
          </View>
          {foot}
        </>
      )}
    </View>
  )
}
