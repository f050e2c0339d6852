// The frame of every stage: header and rail, the picture in the middle, evidence beside or below it, the next action pinned.
import { useRouter } from 'expo-router'
import { useState, type ReactNode } from 'react'
import { ScrollView, useWindowDimensions, View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import { ON_PAPER } from '../../platform/files/paper'
import { useIsPractice } from '../../platform/state/app'
import { useThumbRow } from '../../ui/hand'
import { ReasonProvider } from '../../ui/reason'
import { SyncMark } from './SyncMark'
import { Tap } from '../../ui/Tap'
import { TopBar } from '../../ui/TopBar'
import { usePalette } from '../../ui/theme'
import { isLow, isWide } from '../../ui/wide'
import { Words } from '../../ui/Words'
import { UNSEEN } from '../../ui/unseen'
import { Later } from './Later'
import { PageHeading } from './PageHeading'
import { PracticeBand } from './PracticeBand'
import { ShortcutSheet, useJobShortcuts } from './ShortcutSheet'
import { NEXT_ACTION } from './shortcuts'
import { SkipLink } from './SkipLink'
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

/** What scrolls and may hold nothing to press is a stop of the Tab key itself. */
const IN_REACH = { tabIndex: 0 } as object
/** The strip has the focus when its words are asked for: by a key, or by an action that waits. */
const STRIP = 'strip'
const VERDICT = { dataSet: { verdict: '' }, tabIndex: -1, id: STRIP } as object

export function JobFrame({ id, job, title, picture, evidence, strip, action }: JobFrameProps) {
  const palette = usePalette()
  const { width, height } = useWindowDimensions()
  const wide = isWide(width)
  const row = useThumbRow()
  // Then header, rail and strip scroll away with the picture.
  const low = !wide && isLow(height)
  const undoRedo = useUndoRedo(id)
  const [listing, setListing] = useState(false)
  const shortcuts = useJobShortcuts(id, undoRedo, () => setListing(true))
  const stripView = strip ? <View {...VERDICT}>{strip}</View> : null
  const foot =
    strip || action ? (
      <View
        style={{
          borderTopWidth: 1.5,
          borderColor: palette.line,
          backgroundColor: palette.ground,
          padding: low ? 4 : 10,
          gap: 8,
        }}
      >
        {low ? null : stripView}
        <ReasonProvider value={strip ? STRIP : null}>
          <View {...NEXT_ACTION}>{action}</View>
        </ReasonProvider>
      </View>
    ) : null
  const above = (
    <>
      <Header id={id} job={job} undoRedo={undoRedo} onHelp={() => setListing(true)} wide={wide} />
      {wide ? null : <StageRail job={job} id={id} wide={false} />}
    </>
  )
  const heading = <PageHeading title={title} of={job.title || 'New hookup'} level={2} />
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }}>
      <SkipLink />
      {low ? null : above}
      {wide ? (
        <View style={{ flex: 1, flexDirection: row, borderTopWidth: 1.5, borderColor: palette.line }}>
          <StageRail job={job} id={id} wide />
          <View
            style={{ flex: 1, borderLeftWidth: 1.5, borderRightWidth: 1.5, borderColor: palette.line }}
            role="main"
            aria-label={title}
          >
            {heading}
            <ScrollView
              contentContainerStyle={{ padding: 20, maxWidth: 720, width: '100%', alignSelf: 'center' }}
            >
              <View id={ON_PAPER}>{picture}</View>
            </ScrollView>
          </View>
          <View style={{ width: 380 }} role="complementary" aria-label="Reasons and next action">
            <ScrollView {...IN_REACH} contentContainerStyle={{ padding: 16, gap: 14 }}>
              <Later>{evidence}</Later>
            </ScrollView>
            {foot}
          </View>
        </View>
      ) : (
        <View style={{ flex: 1 }} role="main" aria-label={title}>
          {heading}
          <ScrollView style={{ flex: 1 }} contentContainerStyle={{ padding: 12, gap: 16 }}>
            {low ? <View style={{ marginHorizontal: -12, marginTop: -12 }}>{above}</View> : null}
            {low ? stripView : null}
            <View id={ON_PAPER}>{picture}</View>
            <Later>{evidence}</Later>
          </ScrollView>
          {foot}
        </View>
      )}
      {listing ? <ShortcutSheet shortcuts={shortcuts} onClose={() => setListing(false)} /> : null}
    </View>
  )
}

interface HeaderProps {
  readonly id: string
  readonly job: JobDocument
  readonly undoRedo: ReturnType<typeof useUndoRedo>
  readonly onHelp: () => void
  readonly wide: boolean
}

/** The job's name with the way home; undo, redo, what is delivered. */
function Header(props: HeaderProps) {
  const isPractice = useIsPractice(props.id)
  return (
    <>
      <Bar {...props} isKept={!isPractice} />
      {isPractice ? <PracticeBand round={props.id} /> : null}
    </>
  )
}

/** `isKept`: it is on the record, here or delivered. */
function Bar({ job, undoRedo, onHelp, wide, isKept }: HeaderProps & { readonly isKept: boolean }) {
  const router = useRouter()
  const { said, ...steps } = undoRedo
  return (
    <TopBar
      role="banner"
      back={{ label: 'All jobs', testID: 'to-home', onPress: () => router.navigate('/') }}
    >
      <View style={{ flex: 1 }}>
        {said === null ? (
          <Words size="strong" heading={1} lines={1}>
            {job.title || 'New hookup'}
          </Words>
        ) : null}
        {/* It is there before it says anything, or some readers would never speak it. */}
        <Words size="strong" lines={2} live testID="undone" style={said === null ? UNSEEN : undefined}>
          {said ?? ''}
        </Words>
      </View>
      <UndoRedo {...steps} />
      {wide ? (
        <Tap label="?, keys" testID="keys" onPress={onHelp} style={{ width: 48, alignItems: 'center' }}>
          <Words size="title">?</Words>
        </Tap>
      ) : null}
      {isKept ? <SyncMark /> : null}
    </TopBar>
  )
}
