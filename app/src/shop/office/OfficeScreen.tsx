// The office: every job in a table to search and sort; one job with its stages, what its record holds, who changed what when, and files out.
import { useRouter } from 'expo-router'
import { useMemo, useState } from 'react'
import { ScrollView, useWindowDimensions, View } from 'react-native'
import { saveTextFile } from '../../platform/files/pick-file'
import { useJobs } from '../../platform/state/app'
import type { JobEntry } from '../../platform/state/jobs'
import { PageHeading } from '../../parts/frame/PageHeading'
import { SyncMark } from '../../parts/frame/SyncMark'
import { Choice } from '../../ui/Choice'
import { QuietButton } from '../../ui/PrimaryButton'
import { TextField } from '../../ui/TextField'
import { usePalette } from '../../ui/theme'
import { TopBar } from '../../ui/TopBar'
import { isWide } from '../../ui/wide'
import { Words } from '../../ui/Words'
import { JobsTable, ROW } from './JobsTable'
import { officeRows, type Asked } from './office-model'
import { OneJob } from './OneJob'
import { useOfficeTable } from './use-office-table'

export function OfficeScreen() {
  const palette = usePalette()
  const router = useRouter()
  const { width, height } = useWindowDimensions()
  const wide = isWide(width)
  const jobs = useJobs((s) => s.jobs)
  const [asked, setAsked] = useState<Asked>({ text: '', state: 'all', sort: 'at', down: true })
  const [chosen, setChosen] = useState<string | null>(null)
  const all = useMemo(() => officeRows(Object.values(jobs)), [jobs])
  const rows = useOfficeTable(all, asked)
  const entry = jobs[chosen ?? ''] ?? (wide && rows[0] ? jobs[rows[0].id] : undefined)
  const list = (
    <>
      <AskFor asked={asked} ask={(more) => setAsked({ ...asked, ...more })} />
      <View style={wide ? { flex: 1 } : { height: Math.min((rows.length + 1) * ROW, height / 2) }}>
        <JobsTable
          rows={rows}
          asked={asked}
          wide={wide}
          chosen={entry?.id ?? null}
          onSort={(sort) =>
            setAsked({ ...asked, sort, down: sort === asked.sort ? !asked.down : sort === 'at' })
          }
          onChoose={setChosen}
        />
      </View>
      {rows.length === 0 ? <Words tone="quiet">No job is like that.</Words> : null}
      <QuietButton
        text={`Readings of these ${rows.length} as CSV`}
        icon="save"
        disabled={rows.length === 0}
        onPress={() => void saveReadings(rows.flatMap((r) => jobs[r.id] ?? []))}
        testID="office-csv"
      />
    </>
  )
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }} role="main">
      <TopBar back={{ label: 'All jobs', testID: 'to-home', onPress: () => router.navigate('/') }}>
        <PageHeading size="title" style={{ flex: 1 }} title="Office" />
        <SyncMark />
      </TopBar>
      {wide ? (
        <View style={{ flex: 1, flexDirection: 'row', borderTopWidth: 1.5, borderColor: palette.line }}>
          <View style={{ flex: 1, padding: 16, gap: 8 }}>{list}</View>
          <View style={{ width: 500, borderLeftWidth: 1.5, borderColor: palette.line }}>
            {entry ? (
              <ScrollView contentContainerStyle={{ padding: 16, gap: 14 }}>
                <OneJob key={entry.id} entry={entry} />
              </ScrollView>
            ) : null}
          </View>
        </View>
      ) : (
        <ScrollView contentContainerStyle={{ padding: 12, gap: 12 }}>
          {list}
          {entry ? <OneJob key={entry.id} entry={entry} /> : null}
        </ScrollView>
      )}
    </View>
  )
}

interface AskForProps {
  readonly asked: Asked
  readonly ask: (more: Partial<Asked>) => void
}

function AskFor({ asked, ask }: AskForProps) {
  return (
    <>
      <TextField
        label="Search jobs, places, units, people"
        value={asked.text}
        onChangeText={(text) => ask({ text })}
        testID="office-search"
      />
      <Choice
        label="Which"
        testID="office-state"
        value={asked.state}
        onChange={(state) => ask({ state })}
        options={[
          { value: 'all', text: 'all' },
          { value: 'proven', text: 'proven' },
          { value: 'open', text: 'open' },
        ]}
      />
    </>
  )
}

const saveReadings = async (entries: readonly JobEntry[]) =>
  saveTextFile('readings.csv', 'text/csv', (await import('../../platform/csv')).readingsCsv(entries))
