// Home: one obvious way to begin, and the jobs as they stand.
import { format } from 'date-fns/format'
import { useRouter } from 'expo-router'
import { useState } from 'react'
import { FlatList, useWindowDimensions, View } from 'react-native'
import { TextInput } from 'react-native-paper'
import { MAX_JOB_FILE_BYTES, readJobFile } from '@oak/core/job/job-file'
import { standingProof } from '@oak/core/job/standing-proof'
import { nextStage, STAGES, stageState } from '../../parts/frame/stages'
import { theJobs, useJobs } from '../../platform/state/app'
import type { JobEntry } from '../../platform/state/jobs'
import { Icon } from '../../ui/Icon'
import { pickTextFile } from '../../platform/files/pick-file'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import { SyncMark } from '../../parts/frame/SyncMark'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { isWide } from '../../ui/wide'

const lastEdit = (entry: JobEntry): number => entry.changes.reduce((latest, c) => Math.max(latest, c.at), 0)

export function HomeScreen() {
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
        ListHeaderComponent={
          <View style={{ gap: 14, paddingBottom: 8 }}>
            <View style={{ flexDirection: 'row', alignItems: 'center' }}>
              <Words size="large" heading={1} style={{ flex: 1 }}>
                Oak Switch
              </Words>
              <SyncMark />
              <Tap
                label="The van"
                testID="to-van"
                onPress={() => router.navigate('/van')}
                style={{ width: 56, alignItems: 'center' }}
              >
                <Icon name="van" color={palette.ink} size={28} />
                <Words size="tiny">van</Words>
              </Tap>
              {wide ? (
                <Tap
                  label="The office"
                  testID="to-office"
                  onPress={() => router.navigate('/office')}
                  style={{ width: 56, alignItems: 'center' }}
                >
                  <Icon name="list" color={palette.ink} size={28} />
                  <Words size="tiny">office</Words>
                </Tap>
              ) : null}
              <Tap
                label="Who is working"
                testID="who"
                onPress={() => setNaming(true)}
                style={{ width: 48, alignItems: 'center' }}
              >
                <Icon name="person" color={palette.ink} />
              </Tap>
            </View>
            {trouble ? (
              <Words tone="stop" size="strong" live>
                {trouble}
              </Words>
            ) : null}
            {wide ? (
              <PrimaryButton
                text="Start a hookup"
                icon="plus"
                onPress={() => router.navigate(`/job/${theJobs().create()}/wires`)}
                testID="start"
              />
            ) : null}
            <Words size="small" tone="quiet">
              {shown.length === 0
                ? 'No jobs on this device yet. A hookup takes about two minutes.'
                : 'Jobs, the latest first'}
            </Words>
          </View>
        }
        renderItem={({ item }) => (
          <JobRow
            entry={item}
            onPress={() => router.navigate(`/job/${item.id}/${nextStage(item.document)}`)}
          />
        )}
        ListFooterComponent={
          <View style={{ gap: 10, paddingTop: 14 }}>
            <QuietButton
              text="Full job: make safe first"
              icon="flash"
              onPress={() => router.navigate(`/job/${theJobs().create()}/safe`)}
              testID="start-full"
            />
            <QuietButton text="Open a job file" icon="file" onPress={() => void open()} testID="open-file" />
            {wrong ? (
              <Words tone="stop" size="strong" live testID="file-problem">
                {wrong}
              </Words>
            ) : null}
          </View>
        }
      />
      {wide ? null : (
        <View style={{ padding: 12, borderTopWidth: 1.5, borderColor: palette.line }}>
          <PrimaryButton
            text="Start a hookup"
            icon="plus"
            onPress={() => router.navigate(`/job/${theJobs().create()}/wires`)}
            testID="start"
          />
        </View>
      )}
      <WhoSheet open={naming} onClose={() => setNaming(false)} />
    </View>
  )
}

function JobRow({ entry, onPress }: { readonly entry: JobEntry; readonly onPress: () => void }) {
  const palette = usePalette()
  const { document: job } = entry
  const next = STAGES.find((s) => s.id === nextStage(job))
  const proven = standingProof(job)
  const state = proven
    ? proven.sentence
    : `Next: ${next?.name.toLowerCase()}${job.proven ? ', changed since it was proven' : ''}`
  return (
    <Tap
      onPress={onPress}
      testID={`job-${entry.id}`}
      label={`${job.title || 'Unnamed job'}, ${state}`}
      style={{
        borderRadius: 10,
        borderWidth: 1.5,
        borderColor: palette.line,
        backgroundColor: palette.surface,
        padding: 12,
      }}
    >
      <View style={{ flexDirection: 'row', gap: 12, alignItems: 'center' }}>
        <View style={{ flex: 1, gap: 2 }}>
          <Words size="strong" lines={2}>
            {job.title || 'Unnamed job'}
          </Words>
          {job.site ? (
            <Words size="small" tone="quiet" lines={1}>
              {job.site}
            </Words>
          ) : null}
          <View style={{ flexDirection: 'row', gap: 4, marginTop: 6 }} aria-hidden>
            {STAGES.map((s) => {
              const state = stageState(job, s.id)
              return (
                <View
                  key={s.id}
                  style={{
                    flex: 1,
                    maxWidth: 46,
                    height: 7,
                    borderRadius: 4,
                    borderWidth: 1.5,
                    borderColor: palette.ink,
                    overflow: 'hidden',
                  }}
                >
                  <View
                    style={{
                      height: 7,
                      width: state === 'done' ? '100%' : state === 'part' ? '45%' : 0,
                      backgroundColor: palette.ink,
                    }}
                  />
                </View>
              )
            })}
          </View>
          <Words size="small" tone={proven ? proven.verdict : 'ink'} lines={2}>
            {state} · {format(lastEdit(entry), 'd MMM, HH:mm')}
          </Words>
        </View>
        {proven ? (
          <VerdictMark verdict={proven.verdict} size={34} />
        ) : (
          <Icon name="more" color={palette.ink} size={30} />
        )}
      </View>
    </Tap>
  )
}

/** Who makes the edits from now on: it stands in the history and on the card. */
function WhoSheet({ open, onClose }: { readonly open: boolean; readonly onClose: () => void }) {
  const technician = useJobs((s) => s.technician)
  const [name, setName] = useState(technician)
  return (
    <Sheet title="Who is working" open={open} onClose={onClose}>
      <TextInput
        mode="outlined"
        label="Your name, for the record and the card"
        value={name}
        onChangeText={setName}
        maxLength={300}
        testID="technician"
      />
      <PrimaryButton
        text="Keep this name"
        onPress={() => {
          theJobs().setTechnician(name)
          onClose()
        }}
        testID="keep-name"
      />
    </Sheet>
  )
}
