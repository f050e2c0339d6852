// The office: every job in a table to search and sort; one job with its stages, what its record holds, who changed what when, and files out.
import { useRouter } from 'expo-router'
import { useMemo, useState } from 'react'
import { ScrollView, useWindowDimensions, View } from 'react-native'
import { DataTable } from 'react-native-paper'
import { momentText } from '../../ui/dates'
import { TextField } from '../../ui/TextField'
import { useJobs } from '../../platform/state/app'
import type { JobEntry } from '../../platform/state/jobs'
import { Choice } from '../../ui/Choice'
import { Icon } from '../../ui/Icon'
import { saveTextFile } from '../../platform/files/pick-file'
import { QuietButton } from '../../ui/PrimaryButton'
import { SyncMark } from '../../parts/frame/SyncMark'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { VerdictMark } from '../../ui/VerdictMark'
import { isWide } from '../../ui/wide'
import { Words } from '../../ui/Words'
import { rowsOf, type Asked, type OfficeRow, type SortKey } from './office-model'
import { OneJob } from './OneJob'
import { PageHeading } from '../../parts/frame/PageHeading'

const COLUMNS: readonly {
  readonly key: SortKey
  readonly name: string
  readonly share: number
  readonly wide: boolean
}[] = [
  { key: 'title', name: 'Job', share: 3, wide: false },
  { key: 'site', name: 'Place', share: 3, wide: true },
  { key: 'technician', name: 'Who', share: 1.6, wide: true },
  { key: 'next', name: 'Next', share: 1.2, wide: false },
  { key: 'at', name: 'Changed', share: 1.8, wide: false },
]
const PAGE = 50

export function OfficeScreen() {
  const palette = usePalette()
  const router = useRouter()
  const wide = isWide(useWindowDimensions().width)
  const jobs = useJobs((s) => s.jobs)
  const [asked, setAsked] = useState<Asked>({ text: '', state: 'all', sort: 'at', down: true })
  const [chosen, setChosen] = useState<string | null>(null)
  const [page, setPage] = useState(0)
  const rows = useMemo(() => rowsOf(Object.values(jobs), asked), [jobs, asked])
  const ask = (more: Partial<Asked>) => {
    setAsked({ ...asked, ...more })
    setPage(0)
  }
  const entry = jobs[chosen ?? ''] ?? (wide && rows[0] ? jobs[rows[0].id] : undefined)
  const table = (
    <JobsTable
      asked={asked}
      ask={ask}
      rows={rows}
      page={page}
      wide={wide}
      entry={entry}
      setChosen={setChosen}
      setPage={setPage}
      jobs={jobs}
    />
  )
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }} role="main">
      <View style={{ flexDirection: 'row', alignItems: 'center', paddingRight: 12 }}>
        <Tap
          label="All jobs"
          testID="to-home"
          onPress={() => router.navigate('/')}
          style={{ width: 52, height: 50, alignItems: 'center' }}
        >
          <Icon name="back" color={palette.ink} />
        </Tap>
        <PageHeading size="title" style={{ flex: 1 }} title="Office" />
        <SyncMark />
      </View>
      {wide ? (
        <View style={{ flex: 1, flexDirection: 'row', borderTopWidth: 1.5, borderColor: palette.line }}>
          <ScrollView style={{ flex: 1 }} contentContainerStyle={{ padding: 16 }}>
            {table}
          </ScrollView>
          <View style={{ width: 500, borderLeftWidth: 1.5, borderColor: palette.line }}>
            {entry ? (
              <ScrollView contentContainerStyle={{ padding: 16, gap: 14 }}>
                <OneJob key={entry.id} entry={entry} />
              </ScrollView>
            ) : null}
          </View>
        </View>
      ) : (
        <ScrollView contentContainerStyle={{ padding: 12, gap: 16 }}>
          {table}
          {entry ? <OneJob key={entry.id} entry={entry} /> : null}
        </ScrollView>
      )}
    </View>
  )
}

interface JobsTableProps {
  readonly asked: Asked
  readonly ask: (more: Partial<Asked>) => void
  readonly rows: OfficeRow[]
  readonly page: number
  readonly wide: boolean
  readonly entry: JobEntry | undefined
  readonly setChosen: (value: string | null) => void
  readonly setPage: (value: number) => void
  readonly jobs: Readonly<Record<string, JobEntry>>
}

function JobsTable({ asked, ask, rows, page, wide, entry, setChosen, setPage, jobs }: JobsTableProps) {
  return (
    <View style={{ gap: 8 }}>
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
      <Table
        rows={rows.slice(page * PAGE, (page + 1) * PAGE)}
        asked={asked}
        wide={wide}
        chosen={entry?.id ?? null}
        onSort={(sort) => ask({ sort, down: sort === asked.sort ? !asked.down : sort === 'at' })}
        onChoose={setChosen}
      />
      {rows.length === 0 ? <Words tone="quiet">No job is like that.</Words> : null}
      {rows.length > PAGE ? (
        <DataTable.Pagination
          page={page}
          numberOfPages={Math.ceil(rows.length / PAGE)}
          onPageChange={setPage}
          label={`${page * PAGE + 1} to ${Math.min(rows.length, (page + 1) * PAGE)} of ${rows.length}`}
        />
      ) : null}
      <QuietButton
        text={`Readings of these ${rows.length} as CSV`}
        icon="save"
        disabled={rows.length === 0}
        onPress={() => void saveReadings(rows.flatMap((r) => jobs[r.id] ?? []))}
        testID="office-csv"
      />
    </View>
  )
}

const saveReadings = async (entries: readonly JobEntry[]) =>
  saveTextFile('readings.csv', 'text/csv', (await import('../../platform/csv')).readingsCsv(entries))

interface TableProps {
  readonly rows: readonly OfficeRow[]
  readonly asked: Asked
  readonly wide: boolean
  readonly chosen: string | null
  readonly onSort: (key: SortKey) => void
  readonly onChoose: (id: string) => void
}

function Table({ rows, asked, wide, chosen, onSort, onChoose }: TableProps) {
  const palette = usePalette()
  const columns = COLUMNS.filter((c) => wide || !c.wide)
  const cell = (row: OfficeRow, key: SortKey) => (key === 'at' ? momentText(row.at) : row[key])
  return (
    <DataTable testID="office-table">
      <DataTable.Header>
        {columns.map((c) => (
          <DataTable.Title
            key={c.key}
            style={{ flex: c.share }}
            onPress={() => onSort(c.key)}
            testID={`sort-${c.key}`}
          >
            <Words size="small" style={{ fontWeight: '700' }}>
              {c.name}
              {asked.sort === c.key ? (asked.down ? ' ↓' : ' ↑') : ''}
            </Words>
          </DataTable.Title>
        ))}
      </DataTable.Header>
      {rows.map((row) => (
        <DataTable.Row
          key={row.id}
          onPress={() => onChoose(row.id)}
          testID={`office-${row.id}`}
          style={{
            backgroundColor: row.id === chosen ? palette.surface : undefined,
            borderLeftWidth: 5,
            borderLeftColor: row.id === chosen ? palette.ink : 'transparent',
          }}
        >
          {columns.map((c, i) => (
            <DataTable.Cell key={c.key} style={{ flex: c.share, minWidth: 0, overflow: 'hidden' }}>
              <View
                style={{ flexDirection: 'row', alignItems: 'center', gap: 8, width: '100%', paddingRight: 8 }}
              >
                {i === 0 ? <VerdictMark verdict={row.proven ? 'proven' : 'cannotTell'} size={20} /> : null}
                <Words size="small" lines={1} style={{ flex: 1, minWidth: 0 }}>
                  {cell(row, c.key)}
                </Words>
              </View>
            </DataTable.Cell>
          ))}
        </DataTable.Row>
      ))}
    </DataTable>
  )
}
