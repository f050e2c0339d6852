// The office: every job in a table to search and sort; one job with its stages, what its record holds, who changed what when, and files out.
import { useRouter } from 'expo-router'
import { useState } from 'react'
import { ScrollView, useWindowDimensions, View } from 'react-native'
import { PageHeading } from '../../parts/frame/PageHeading'
import { SyncMark } from '../../parts/frame/SyncMark'
import { Choice } from '../../ui/Choice'
import { TextField } from '../../ui/TextField'
import { usePalette } from '../../ui/theme'
import { countText } from '../../ui/counts'
import { TopBar } from '../../ui/TopBar'
import { isWide } from '../../ui/wide'
import { Waits } from '../../ui/Waits'
import { Words } from '../../ui/Words'
import { JobsTable, ROW } from './JobsTable'
import type { Asked } from './office-model'
import { OneJob } from './OneJob'
import { ReadingsFile } from './ReadingsFile'
import { useLooked } from './use-looked'
import { useOfficeRows, type OfficeRows } from './use-office-rows'

export function OfficeScreen() {
  const palette = usePalette()
  const router = useRouter()
  const { width, height } = useWindowDimensions()
  const wide = isWide(width)
  const [asked, setAsked] = useState<Asked>({ text: '', state: 'all', sort: 'at', down: true })
  const [chosen, setChosen] = useState<string | null>(null)
  const { rows, unread, from, onSight } = useOfficeRows(asked)
  const shown = chosen ?? (wide ? (rows[0]?.id ?? null) : null)
  const list = (
    <>
      <AskFor asked={asked} ask={(more) => setAsked({ ...asked, ...more })} />
      <View style={wide ? { flex: 1 } : { height: Math.min((rows.length + 1) * ROW, height / 2) }}>
        <JobsTable
          rows={rows}
          asked={asked}
          wide={wide}
          chosen={shown}
          onSight={onSight}
          onSort={(sort) =>
            setAsked({ ...asked, sort, down: sort === asked.sort ? !asked.down : sort === 'at' })
          }
          onChoose={setChosen}
        />
      </View>
      <Words tone="quiet" size="small" live testID="office-count">
        {countWords(rows.length, from, unread)}
      </Words>
      <ReadingsFile asked={asked} rows={rows} from={from} />
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
            {shown ? (
              <ScrollView contentContainerStyle={{ padding: 16, gap: 14 }}>
                <ShownJob key={shown} id={shown} />
              </ScrollView>
            ) : null}
          </View>
        </View>
      ) : (
        <ScrollView contentContainerStyle={{ padding: 12, gap: 12 }}>
          {list}
          {shown ? <ShownJob key={shown} id={shown} /> : null}
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

function countWords(count: number, from: OfficeRows['from'], unread: number): string {
  if (from === 'asking') return 'Asking the server…'
  const jobs = count === 0 ? 'No job is like that' : `${countText(count)} ${count === 1 ? 'job' : 'jobs'}`
  if (from === 'here') return `${jobs}. The server is not reached: these are as this device knows them.`
  return unread > 0 ? `${jobs}. The server is still reading ${countText(unread)} more.` : `${jobs}.`
}

/** Fetched where it is not on this device; to look at, it need not stay here. */
function ShownJob({ id }: { readonly id: string }) {
  const entry = useLooked(id)
  if (entry === 'reading') return <Waits size="strong" text="Fetching the job…" />
  return entry ? (
    <OneJob entry={entry} />
  ) : (
    <Words tone="cannotTell" testID="office-elsewhere">
      This job is not on this device, and the server is not reached now.
    </Words>
  )
}
