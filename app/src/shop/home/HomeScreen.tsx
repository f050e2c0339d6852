// Home: one obvious way to begin, and the jobs as they stand.
import { Problem } from '../../ui/Problem'
import { useRouter } from 'expo-router'
import { useState } from 'react'
import { FlatList, useWindowDimensions, View } from 'react-native'
import { MAX_JOB_FILE_BYTES, readJobFile } from '@oak/core/job/job-file'
import { beginJob, theJobs, useJobs } from '../../platform/state/app'
import type { JobEntry } from '../../platform/state/jobs'
import { Icon, type IconName } from '../../ui/Icon'
import { pickTextFile } from '../../platform/files/pick-file'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { SyncMark } from '../../parts/frame/SyncMark'
import { IconTap } from '../../ui/IconTap'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { isWide } from '../../ui/wide'
import { NEXT_ACTION, pressNext, useShortcuts } from '../../parts/frame/shortcuts'
import { FirstVisit } from './FirstVisit'
import { JobRow } from './JobRow'
import { SettingsSheet } from '../settings/SettingsSheet'
import { lastEdit } from './last-edit'
import { PageHeading } from '../../parts/frame/PageHeading'

const KEYS = [{ key: 'n', does: 'Start a hookup', run: pressNext }]

export function HomeScreen() {
  useShortcuts(KEYS)
  const palette = usePalette()
  const router = useRouter()
  const wide = isWide(useWindowDimensions().width)
  const jobs = useJobs((s) => s.jobs)
  const trouble = useJobs((s) => s.trouble)
  const [wrong, setWrong] = useState<string | null>(null)
  const [naming, setNaming] = useState(false)
  const shown = Object.values(jobs)
    .filter((entry) => !entry.document.removed)
    .sort((a, b) => lastEdit(b) - lastEdit(a))

  const open = async () => {
    const picked = await pickTextFile(MAX_JOB_FILE_BYTES)
    if (!picked) return
    const read = picked.ok
      ? readJobFile(picked.text)
      : { ok: false as const, problems: [{ path: '', message: picked.message }] }
    if (!read.ok)
      return setWrong(
        `${read.problems[0]?.message ?? 'The file cannot be read.'}${read.problems[0]?.path ? ` (at ${read.problems[0].path.replaceAll('.', ' › ')})` : ''} No job was changed.`,
      )
    theJobs().keepAndTake(read.file.changes)
    setWrong(null)
    router.navigate(`/job/${read.file.job}`)
  }
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }} role="main">
      <FlatList
        data={shown}
        keyExtractor={(entry) => entry.id}
        contentContainerStyle={{ padding: 16, gap: 10, maxWidth: 760, width: '100%', alignSelf: 'center' }}
        ListHeaderComponent={<HomeHead wide={wide} setNaming={setNaming} trouble={trouble} shown={shown} />}
        renderItem={({ item }) => <JobRow entry={item} onPress={() => router.navigate(`/job/${item.id}`)} />}
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
      <QuietButton text="Open a job file" icon="file" onPress={() => void open()} testID="open-file" />
      <Problem text={wrong} testID="file-problem" />
    </View>
  )
}

interface HomeHeadProps {
  readonly wide: boolean
  readonly setNaming: (value: boolean) => void
  readonly trouble: string | null
  readonly shown: JobEntry[]
}

function HomeHead({ wide, setNaming, trouble, shown }: HomeHeadProps) {
  const router = useRouter()
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
      {shown.length === 0 ? <FirstVisit /> : null}
      <Words size="small" tone="quiet">
        {shown.length === 0
          ? 'No jobs on this device yet. A hookup takes about two minutes.'
          : 'Jobs, the latest first'}
      </Words>
    </View>
  )
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
