// The jobs as a table of any length: only the rows in sight are drawn. One Tab stop; arrow keys go from row to row.
import { useVirtualizer } from '@tanstack/react-virtual'
import { useEffect, useRef, useState, type KeyboardEvent } from 'react'
import { View, type ViewStyle } from 'react-native'
import { DataTable } from 'react-native-paper'
import { dayText, momentText } from '../../ui/dates'
import { nextItem } from '../../ui/roving'
import { usePalette } from '../../ui/theme'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import type { OfficeRow } from '@oak/core/job/summary/office-row'
import type { Asked, SortKey } from './office-model'

interface Column {
  readonly key: SortKey
  readonly name: string
  readonly share: number
  readonly wide: boolean
}
const COLUMNS: readonly Column[] = [
  { key: 'title', name: 'Job', share: 3, wide: false },
  { key: 'site', name: 'Place', share: 3, wide: true },
  { key: 'technician', name: 'Who', share: 1.6, wide: true },
  { key: 'next', name: 'Next', share: 1.2, wide: false },
  { key: 'at', name: 'Changed', share: 2.1, wide: false },
]
/** Of a row, px. */
export const ROW = 49
/** Rows above and below the sight, so that a quick scroll finds them drawn. */
const MORE = 12
/** React Native's types know no `auto`, and no element's keys. */
const SCROLLS = { flex: 1, overflow: 'auto' } as unknown as ViewStyle

interface JobsTableProps {
  /** undefined: on its way. */
  readonly rows: readonly (OfficeRow | undefined)[]
  readonly asked: Asked
  readonly wide: boolean
  readonly chosen: string | null
  readonly onSort: (key: SortKey) => void
  readonly onChoose: (id: string) => void
  readonly onSight: (first: number, last: number) => void
}

export function JobsTable({ rows, asked, wide, chosen, onSort, onChoose, onSight }: JobsTableProps) {
  // The list is one object that changes inside: what is remembered of it would stand still.
  'use no memo'
  const box = useRef<View>(null)
  const element = () => box.current as unknown as HTMLElement | null
  const list = useVirtualizer({
    count: rows.length,
    getScrollElement: element,
    estimateSize: () => ROW,
    overscan: MORE,
  })
  const { at, onKeyDown } = useRowKeys({
    rows,
    chosen,
    onChoose,
    element,
    scrollTo: (i) => list.scrollToIndex(i),
  })
  const items = list.getVirtualItems()
  const [top, bottom] = [items[0]?.index ?? 0, items.at(-1)?.index ?? 0]
  useEffect(() => onSight(top, bottom), [onSight, top, bottom])
  const columns = COLUMNS.filter((c) => wide || !c.wide)
  return (
    <View
      style={{ flex: 1 }}
      role="table"
      aria-label="Jobs"
      aria-rowcount={rows.length + 1}
      testID="office-table"
    >
      <DataTable.Header {...({ role: 'row', 'aria-rowindex': 1 } as object)}>
        {columns.map((c) => (
          <DataTable.Title
            key={c.key}
            style={{ flex: c.share }}
            onPress={() => onSort(c.key)}
            testID={`sort-${c.key}`}
            {...({ role: 'columnheader', 'aria-sort': sortOf(c.key, asked) } as object)}
          >
            <Words size="small" style={{ fontWeight: '700' }}>
              {c.name}
              {asked.sort === c.key ? (asked.down ? ' ↓' : ' ↑') : ''}
            </Words>
          </DataTable.Title>
        ))}
      </DataTable.Header>
      <View ref={box} style={SCROLLS} {...({ onKeyDown } as object)}>
        <View style={{ height: list.getTotalSize() }} role="rowgroup">
          {items.map(({ index, start }) => {
            const row = rows[index]
            return row ? (
              <JobRow
                key={row.id}
                row={row}
                when={wide ? momentText : dayText}
                columns={columns}
                isChosen={row.id === chosen}
                onPress={() => onChoose(row.id)}
                place={{ index, start, isStop: index === at }}
              />
            ) : null
          })}
        </View>
      </View>
    </View>
  )
}

interface RowKeys extends Pick<JobsTableProps, 'rows' | 'chosen' | 'onChoose'> {
  readonly element: () => HTMLElement | null
  readonly scrollTo: (index: number) => void
}

/** Arrow keys, Home and End go from row to row; a row that is not there yet is waited for. */
function useRowKeys({ rows, chosen, onChoose, element, scrollTo }: RowKeys) {
  const at = Math.max(
    0,
    rows.findIndex((row) => row?.id === chosen),
  )
  // Where the keys went: chosen as soon as its row is there, and then focused.
  const [awaited, setAwaited] = useState<number | null>(null)
  const toFocus = useRef<number | null>(null)
  const arrived = awaited === null ? undefined : rows[awaited]
  useEffect(() => {
    if (!arrived) return
    toFocus.current = awaited
    setAwaited(null)
    onChoose(arrived.id)
  }, [arrived, awaited, onChoose])
  useEffect(() => {
    if (toFocus.current !== at) return
    toFocus.current = null
    element()
      ?.querySelector<HTMLElement>(`[aria-rowindex="${at + 2}"]`)
      ?.focus()
  })
  const onKeyDown = (event: KeyboardEvent) => {
    const next =
      event.ctrlKey || event.altKey || event.metaKey ? null : nextItem(event.key, awaited ?? at, rows.length)
    if (next === null) return
    event.preventDefault()
    scrollTo(next)
    setAwaited(next)
  }
  return { at, onKeyDown }
}

const sortOf = (key: SortKey, asked: Asked) =>
  asked.sort === key ? (asked.down ? 'descending' : 'ascending') : 'none'

interface JobRowProps {
  readonly row: OfficeRow
  /** A day, or a moment where there is room for one. */
  readonly when: (at: number) => string
  readonly columns: readonly Column[]
  readonly isChosen: boolean
  readonly onPress: () => void
  readonly place: { readonly index: number; readonly start: number; readonly isStop: boolean }
}

function JobRow({ row, when, columns, isChosen, onPress, place }: JobRowProps) {
  const palette = usePalette()
  return (
    <DataTable.Row
      onPress={onPress}
      testID={`office-${row.id}`}
      {...({
        role: 'row',
        'aria-rowindex': place.index + 2,
        'aria-selected': isChosen,
        tabIndex: place.isStop ? 0 : -1,
      } as object)}
      style={{
        position: 'absolute',
        top: place.start,
        left: 0,
        right: 0,
        height: ROW,
        backgroundColor: isChosen ? palette.surface : undefined,
        borderLeftWidth: 5,
        borderLeftColor: isChosen ? palette.ink : 'transparent',
      }}
    >
      {columns.map((c, i) => (
        <View
          key={c.key}
          role="cell"
          style={{
            flex: c.share,
            minWidth: 0,
            flexDirection: 'row',
            alignItems: 'center',
            gap: 8,
            paddingRight: 8,
          }}
        >
          {i === 0 ? <VerdictMark verdict={row.proven ? 'proven' : 'cannotTell'} size={20} /> : null}
          <Words size="small" lines={1} style={{ flex: 1, minWidth: 0 }}>
            {c.key === 'at' ? when(row.at) : row[c.key]}
          </Words>
        </View>
      ))}
    </DataTable.Row>
  )
}
