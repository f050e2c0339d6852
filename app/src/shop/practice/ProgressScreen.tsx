// Who has shown what on practice units, as a table and as a file; of the people who practised on this device.
import Papa from 'papaparse'
import { useRouter } from 'expo-router'
import { useEffect } from 'react'
import { ScrollView, useWindowDimensions, View } from 'react-native'
import { DataTable } from 'react-native-paper'
import type { PracticeCourseOutput } from '@oak/core/operations/practice-round'
import { PageHeading } from '../../parts/frame/PageHeading'
import { useOperation } from '../../parts/frame/use-operation'
import { saveTextFile } from '../../platform/files/save-file'
import { thePractice, usePractice } from '../../platform/state/app'
import { dayText } from '../../ui/dates'
import { QuietButton } from '../../ui/PrimaryButton'
import { TopBar } from '../../ui/TopBar'
import { usePalette } from '../../ui/theme'
import { isWide } from '../../ui/wide'
import { Words } from '../../ui/Words'
import { progressRows, type ProgressRow } from './practice-model'
import { useShopRounds } from './use-shop-rounds'

const NOTHING = {}
const NOBODY = 'no name set'

export function ProgressScreen() {
  const palette = usePalette()
  const router = useRouter()
  const answer = useOperation('practice-course', NOTHING)
  const skills = answer?.ok ? (answer.output as PracticeCourseOutput).skills : []
  const rounds = usePractice((s) => s.rounds)
  useEffect(() => void thePractice().load(), [])
  const { rounds: all, of } = useShopRounds(rounds)
  const rows = progressRows(all)
  const wide = isWide(useWindowDimensions().width)
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }}>
      <TopBar
        role="banner"
        back={{ label: 'Practice', testID: 'to-practice', onPress: () => router.navigate('/practice') }}
      >
        <PageHeading size="title" style={{ flex: 1 }} title="Who has shown what" />
      </TopBar>
      <ScrollView role="main" contentContainerStyle={{ padding: 14, gap: 14 }}>
        <Words size="small" tone="quiet">
          {`The last mark of each skill, 0 to 100, of the rounds ${of === 'shop' ? 'of the whole shop' : 'on this device'}. A dash: not shown yet.`}
        </Words>
        {rounds && rows.length === 0 ? (
          <Words size="strong" testID="no-progress">
            {`Nobody has finished a round ${of === 'shop' ? 'in this shop' : 'on this device'} yet.`}
          </Words>
        ) : wide ? (
          <Table rows={rows} skills={skills} />
        ) : (
          <People rows={rows} skills={skills} />
        )}
        {rows.length > 0 ? (
          <QuietButton
            text="Save as CSV"
            icon="save"
            testID="save-progress"
            onPress={() => saveTextFile('practice.csv', 'text/csv', progressCsv(rows, skills))}
          />
        ) : null}
      </ScrollView>
    </View>
  )
}

interface TableProps {
  readonly rows: readonly ProgressRow[]
  readonly skills: PracticeCourseOutput['skills']
}

/** On a phone a table of eleven columns is a slot: each person is a block. */
function People({ rows, skills }: TableProps) {
  const palette = usePalette()
  return (
    <View style={{ gap: 14 }} testID="progress">
      {rows.map(({ who, rounds, hurt, last, marks }) => (
        <View key={who} style={{ gap: 2, borderTopWidth: 1.5, borderColor: palette.line, paddingTop: 10 }}>
          <Words size="title" heading={2}>
            {who || NOBODY}
          </Words>
          <Words size="small" tone="quiet">
            {rounds} {rounds === 1 ? 'round' : 'rounds'}, {hurt} stopped; last {dayText(last)}
          </Words>
          {skills.map(({ id, name }) => (
            <View key={id} style={{ flexDirection: 'row', justifyContent: 'space-between' }}>
              <Words>{name}</Words>
              <Words size="strong">{marks[id] ?? '–'}</Words>
            </View>
          ))}
        </View>
      ))}
    </View>
  )
}

/** px */
const [NAME, CELL] = [150, 92]

function Table({ rows, skills }: TableProps) {
  const head = ['Rounds', 'Stopped', 'Last', ...skills.map((s) => s.name)]
  return (
    <ScrollView horizontal {...({ tabIndex: 0 } as object)}>
      <View role="table" aria-label="Who has shown what" testID="progress">
        <DataTable.Header {...({ role: 'row' } as object)}>
          <Cell width={NAME} role="columnheader" text="Who" bold />
          {head.map((name) => (
            <Cell key={name} width={CELL} role="columnheader" text={name} bold />
          ))}
        </DataTable.Header>
        {rows.map(({ who, rounds, hurt, last, marks }) => (
          <DataTable.Row key={who} {...({ role: 'row' } as object)}>
            <Cell width={NAME} role="rowheader" text={who || NOBODY} bold />
            {[
              String(rounds),
              String(hurt),
              dayText(last),
              ...skills.map(({ id }) => (marks[id] === undefined ? '–' : String(marks[id]))),
            ].map((text, i) => (
              <Cell key={head[i]} width={CELL} role="cell" text={text} />
            ))}
          </DataTable.Row>
        ))}
      </View>
    </ScrollView>
  )
}

interface CellProps {
  readonly width: number
  readonly role: 'columnheader' | 'rowheader' | 'cell'
  readonly text: string
  readonly bold?: boolean
}

const Cell = ({ width, role, text, bold }: CellProps) => (
  <View role={role} style={{ width, paddingRight: 8, justifyContent: 'center' }}>
    <Words size="small" lines={2} style={bold ? { fontWeight: '700' } : undefined}>
      {text}
    </Words>
  </View>
)

/** Cells that a spreadsheet would run are written with an apostrophe before them. */
const progressCsv = (rows: readonly ProgressRow[], skills: TableProps['skills']): string =>
  `${Papa.unparse(
    {
      fields: ['who', 'rounds', 'stopped', 'last', ...skills.map((s) => s.id)],
      data: rows.map(({ who, rounds, hurt, last, marks }) => [
        who || NOBODY,
        rounds,
        hurt,
        new Date(last).toISOString(),
        ...skills.map(({ id }) => marks[id] ?? ''),
      ]),
    },
    { escapeFormulae: true, newline: '\r\n' },
  )}\r\n`
