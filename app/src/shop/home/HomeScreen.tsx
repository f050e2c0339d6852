// Home: one obvious way to begin, and the jobs as they stand.
import { Problem } from '../../ui/Problem'
import { useRouter } from 'expo-router'
import { useEffect, useMemo, useState } from 'react'
import { FlatList, useWindowDimensions, View } from 'react-native'
import type { JobSummary } from '@oak/core/job/summary/summary'
import {
  beginJob,
  keepPhoto,
  openJob,
  theJobs,
  useJobs,
  useList,
  workOutStanding,
} from '../../platform/state/app'
import { changesOf } from '../../platform/state/jobs'
import type { JobList } from '../../platform/state/jobs-state'
import { Icon, type IconName } from '../../ui/Icon'
import { pickFile } from '../../platform/files/pick-file'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { SyncMark } from '../../parts/frame/SyncMark'
import { IconTap } from '../../ui/IconTap'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { isWide } from '../../ui/wide'
import { NEXT_ACTION, pressNext, useShortcuts } from '../../parts/frame/shortcuts'
import { FirstVisit } from './FirstVisit'
import { HomeNotice } from './HomeNotice'
import { JobRow } from './JobRow'
import { ASKED_NOTHING, homeJobs, isSearched, stillToJudge, type HomeAsked } from './home-model'
import { HomeSearch } from './HomeSearch'
import type { JobSheetProps } from './JobSheet'
import { stageScreen } from '../../parts/frame/stage-screen'
import { PageHeading } from '../../parts/frame/PageHeading'

/** Text fields are not of the first load. */
const JobSheet = stageScreen<JobSheetProps>(async () => (await import('./JobSheet')).JobSheet, null)
const SettingsSheet = stageScreen<{ readonly onClose: () => void }>(
  async () => (await import('../settings/SettingsSheet')).SettingsSheet,
  null,
)

const KEYS = [{ key: 'n', does: 'Start a hookup', run: pressNext }]

export function HomeScreen() {
  useShortcuts(KEYS)
  const palette = usePalette()
  const router = useRouter()
  const wide = isWide(useWindowDimensions().width)
  const list = useList()
  const trouble = useJobs((s) => s.trouble)
  const [wrong, setWrong] = useState<string | null>(null)
  const [naming, setNaming] = useState(false)
  const [asked, setAsked] = useState(ASKED_NOTHING)
  const [more, setMore] = useState<string | null>(null)
  const { shown, isJudged } = useShown(list, asked)
  const moreOf = more === null ? undefined : list.summaries.get(more)

  const open = () =>
    take().catch((error: unknown) =>
      setWrong(
        `The file could not be taken over whole (${String(error)}). Free some space, and open it again.`,
      ),
    )
  const take = async () => {
    const picked = await pickFile('.json,.zip,application/json,application/zip')
    if (!picked) return
    const { readJob, clashWith, missingWords } = await import('./import-job')
    const read = await readJob(picked)
    if (!read.ok) return setWrong(read.message)
    const { file, photos, missing } = read.taken
    await openJob(file.job)
    const clash = clashWith(changesOf(theJobs().store.getState(), file.job), file.changes)
    if (clash !== null) return setWrong(clash)
    for (const [photo, bytes] of photos)
      await keepPhoto(photo, new Blob([bytes as BlobPart], { type: 'image/jpeg' }))
    theJobs().keepAndTake(file.changes)
    setWrong(missingWords(missing))
    router.navigate(`/job/${file.job}`)
  }
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }} role="main">
      <FlatList
        data={shown}
        keyExtractor={({ job }) => job}
        contentContainerStyle={{ padding: 16, gap: 10, maxWidth: 760, width: '100%', alignSelf: 'center' }}
        ListHeaderComponent={
          <HomeHead
            wide={wide}
            setNaming={setNaming}
            trouble={trouble}
            list={list}
            found={isJudged ? shown.length : null}
            asked={asked}
            onAsk={setAsked}
          />
        }
        renderItem={({ item }) => (
          <JobRow
            summary={item}
            onPress={() => router.navigate(`/job/${item.job}`)}
            onMore={() => setMore(item.job)}
          />
        )}
        ListFooterComponent={<HomeFoot open={open} wrong={wrong} />}
      />
      {wide ? null : (
        <View {...NEXT_ACTION} style={{ padding: 12, borderTopWidth: 1.5, borderColor: palette.line }}>
          <PrimaryButton
            text="Start a hookup"
            icon="plus"
            onPress={() => router.navigate(`/job/${beginJob()}/wires`)}
            testID="start"
          />
        </View>
      )}
      {naming ? <SettingsSheet onClose={() => setNaming(false)} /> : null}
      {moreOf ? <JobSheet summary={moreOf} onClose={() => setMore(null)} /> : null}
    </View>
  )
}

interface HomeFootProps {
  readonly open: () => Promise<void>
  readonly wrong: string | null
}

function HomeFoot({ open, wrong }: HomeFootProps) {
  const router = useRouter()
  return (
    <View style={{ gap: 10, paddingTop: 14 }}>
      <QuietButton
        text="Full job: make safe first"
        icon="flash"
        onPress={() => router.navigate(`/job/${beginJob()}/safe`)}
        testID="start-full"
      />
      <QuietButton
        text="Practice on units that cannot hurt"
        icon="ohm"
        onPress={() => router.navigate('/practice')}
        testID="to-practice"
      />
      <QuietButton
        text="Read a card"
        icon="camera"
        onPress={() => router.navigate('/read-card')}
        testID="read-card"
      />
      <QuietButton text="Open a job file" icon="file" onPress={() => void open()} testID="open-file" />
      <Problem text={wrong} testID="file-problem" />
    </View>
  )
}

interface HomeHeadProps {
  readonly wide: boolean
  readonly setNaming: (value: boolean) => void
  readonly trouble: string | null
  readonly list: JobList
  /** null: not worked out yet. */
  readonly found: number | null
  readonly asked: HomeAsked
  readonly onAsk: (asked: HomeAsked) => void
}

function HomeHead({ wide, setNaming, trouble, list, found, asked, onAsk }: HomeHeadProps) {
  const router = useRouter()
  const count = list.summaries.size
  return (
    <View style={{ gap: 14, paddingBottom: 8 }}>
      <View style={{ flexDirection: 'row', alignItems: 'center' }}>
        <PageHeading size="large" style={{ flex: 1 }} title="Jobs">
          Oak Switch
        </PageHeading>
        <SyncMark />
        <Places wide={wide} onSettings={() => setNaming(true)} />
      </View>
      <Problem text={trouble} />
      <HomeNotice />
      {wide ? (
        <View {...NEXT_ACTION}>
          <PrimaryButton
            text="Start a hookup"
            icon="plus"
            onPress={() => router.navigate(`/job/${beginJob()}/wires`)}
            testID="start"
          />
        </View>
      ) : null}
      {list.isWhole && count === 0 ? <FirstVisit /> : null}
      {isSearched(list.summaries) ? <HomeSearch asked={asked} onAsk={onAsk} /> : null}
      <Words size="small" tone="quiet" live>
        {listWords(list, found, asked)}
      </Words>
    </View>
  )
}

function listWords(
  { summaries, isWhole }: JobList,
  found: number | null,
  { text, state }: HomeAsked,
): string {
  if (found === null || (!isWhole && found === 0)) return 'Looking through the jobs…'
  if (summaries.size === 0) return 'No jobs on this device yet. A hookup takes about two minutes.'
  if (found > 0) return 'Jobs, the latest first'
  return text.trim() === '' && state === 'all' ? 'Every job is put away.' : 'No job is like that.'
}

function useShown(list: JobList, asked: HomeAsked) {
  const isJudged = useJudged(list, asked)
  const shown = useMemo(
    () => (isJudged ? homeJobs(list.summaries.values(), asked) : []),
    [list, asked, isJudged],
  )
  return { shown, isJudged }
}

/** How a job stands takes all that knows of circuits: it is worked out where a state is asked for and nobody has since an edit. */
function useJudged(list: JobList, asked: HomeAsked): boolean {
  const [tried, setTried] = useState<ReadonlySet<JobSummary>>(new Set())
  const due = useMemo(() => stillToJudge(list.summaries.values(), asked, tried), [list, asked, tried])
  const first = due[0]
  useEffect(() => {
    if (!first) return
    // A look that comes to nothing is not waited for again.
    const done = () => setTried((before) => new Set([...before, first]))
    workOutStanding(first.job).then(done, done)
  }, [first])
  return due.length === 0
}

interface PlacesProps {
  readonly wide: boolean
  readonly onSettings: () => void
}

/** Where one goes from home that is no job. */
function Places({ wide, onSettings }: PlacesProps) {
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
      <Place name="van" label="The van" icon="van" />
      {wide ? <Place name="office" label="The office" icon="list" /> : null}
      <IconTap icon="person" label="Settings, and who is working" testID="who" onPress={onSettings} />
    </View>
  )
}

interface PlaceProps {
  readonly name: 'van' | 'office'
  readonly label: string
  readonly icon: IconName
}

function Place({ name, label, icon }: PlaceProps) {
  const router = useRouter()
  const palette = usePalette()
  return (
    <Tap
      label={label}
      testID={`to-${name}`}
      onPress={() => router.navigate(`/${name}`)}
      style={{ width: 56, alignItems: 'center' }}
    >
      <Icon name={icon} color={palette.ink} size={28} />
      <Words size="tiny">{name}</Words>
    </Tap>
  )
}
