// One motor of the van against the old one, row by row: figures, reason, and what would settle what is not known.
import { View } from 'react-native'
import type { MatchMotorOutput } from '@oak/core/operations/match-motor'
import { Sheet } from '../../ui/Sheet'
import { usePalette } from '../../ui/theme'
import { VerdictMark, type Verdict } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'

type Match = MatchMotorOutput['matches'][number]

export const MATCH_MARKS: Readonly<Record<Match['verdict'], Verdict>> = {
  fits: 'proven',
  watch: 'watch',
  unknown: 'cannotTell',
  no: 'stop',
}
export const ROW_MARKS: Readonly<Record<Match['rows'][number]['verdict'], Verdict>> = {
  pass: 'proven',
  watch: 'watch',
  unknown: 'cannotTell',
  fail: 'stop',
}
const ROW_WORDS: Readonly<Record<Match['rows'][number]['verdict'], string>> = {
  pass: 'good',
  watch: 'watch',
  unknown: 'not known',
  fail: 'no',
}
/** More than this to measure at once is not read. */
const MOST_ASKED = 4
/** What stops it first, what is good last. */
const ORDER = ['fail', 'unknown', 'watch', 'pass'] as const

export function MatchSheet({ match, onClose }: { readonly match: Match; readonly onClose: () => void }) {
  return (
    <Sheet title={match.name} open onClose={onClose} testID="match-sheet">
      <MatchRows match={match} />
    </Sheet>
  )
}

export function MatchRows({ match }: { readonly match: Match }) {
  const palette = usePalette()
  const rows = [...match.rows].sort((a, b) => ORDER.indexOf(a.verdict) - ORDER.indexOf(b.verdict))
  return (
    <View style={{ gap: 12 }}>
      <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }}>
        <VerdictMark verdict={MATCH_MARKS[match.verdict]} size={34} />
        <Words size="strong" style={{ flex: 1 }}>
          {match.sentence}
        </Words>
      </View>
      {match.ask.length > 0 ? (
        <View style={{ gap: 4 }}>
          <Words size="strong" heading={3}>
            To settle it
          </Words>
          {match.ask.slice(0, MOST_ASKED).map((ask) => (
            <Words key={ask} size="small">
              {ask}
            </Words>
          ))}
        </View>
      ) : null}
      {rows.map((row) => (
        <View
          key={row.criterion}
          testID={`row-${row.criterion}`}
          style={{
            flexDirection: 'row',
            gap: 10,
            alignItems: 'flex-start',
            borderTopWidth: 1.5,
            borderColor: palette.edge,
            paddingTop: 8,
          }}
        >
          <VerdictMark verdict={ROW_MARKS[row.verdict]} size={24} />
          <View style={{ flex: 1 }}>
            <Words size="strong">
              {row.criterion.replace('-', ' ')}: {ROW_WORDS[row.verdict]}
            </Words>
            <Words size="small">{row.figures}</Words>
            <Words size="small" tone="quiet">
              {row.reason}
            </Words>
          </View>
        </View>
      ))}
    </View>
  )
}
