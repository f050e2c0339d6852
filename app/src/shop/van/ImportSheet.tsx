// A list read from a file: what it would change is said before it does; a list with a wrong row changes nothing.
import { shopNow } from '../../platform/sync/clock'
import { useState } from 'react'
import { View } from 'react-native'
import { knownSheets } from '@oak/core/job/known-sheets'
import type { ReadStockOutput } from '@oak/core/operations/read-stock'
import { STOCK_COLUMNS } from '@oak/core/van/stock-csv'
import { editVan, useVan } from '../../platform/state/app'
import { pickTextFile } from '../../platform/files/pick-file'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { runInWorker } from '../../platform/workers/operations'
import { MAX_STOCK_BYTES, importEdits } from '../../parts/stock/van-model'

type State =
  | { readonly kind: 'waiting' }
  | { readonly kind: 'reading' }
  | { readonly kind: 'wrong'; readonly problems: ReadStockOutput['problems'] }
  | { readonly kind: 'read'; readonly name: string; readonly lines: ReadStockOutput['lines'] }

/** More rows than this at once are not mended by reading on. */
const MOST_SHOWN = 30

export function ImportSheet({ onClose }: { readonly onClose: () => void }) {
  const { document: van } = useVan()
  const [state, setState] = useState<State>({ kind: 'waiting' })
  const wrong = (message: string) => setState({ kind: 'wrong', problems: [{ path: '', message }] })
  const read = async () => {
    const file = await pickTextFile(MAX_STOCK_BYTES, '.csv,.txt,.tsv,text/csv')
    if (!file) return
    if (!file.ok) return wrong(file.message)
    setState({ kind: 'reading' })
    try {
      const result = await runInWorker('read-stock', {
        rows: (await import('../../platform/csv')).stockRowsOf(file.text),
        countedAt: shopNow(),
        sheets: knownSheets(van).map((sheet) => sheet.id),
      })
      if (!result.ok) return wrong(result.error.message)
      const { lines, problems } = result.output as ReadStockOutput
      setState(problems.length > 0 ? { kind: 'wrong', problems } : { kind: 'read', name: file.name, lines })
    } catch (error) {
      wrong(`The list could not be read: ${String(error)}`)
    }
  }
  const takeOver = (lines: ReadStockOutput['lines']) => {
    const refused = editVan(importEdits(lines))
    if (refused) wrong(refused)
    else onClose()
  }
  return (
    <Sheet title="Read the van’s list" open onClose={onClose} testID="import-sheet">
      {state.kind === 'waiting' ? (
        <Words size="small">
          A CSV file with a head. It names kind, name and quantity, and what each kind needs besides:{' '}
          {STOCK_COLUMNS.slice(3).join(', ')}. “Save the list” writes one to begin with.
        </Words>
      ) : null}
      {state.kind === 'reading' ? (
        <Words size="strong" live>
          Reading…
        </Words>
      ) : null}
      {state.kind === 'wrong' ? <Wrong problems={state.problems} /> : null}
      {state.kind === 'read' ? (
        <Summary name={state.name} lines={state.lines} known={Object.keys(van.stock)} />
      ) : null}
      {state.kind === 'read' ? (
        <PrimaryButton
          text={`Take over ${Object.keys(state.lines).length} lines`}
          icon="check"
          onPress={() => takeOver(state.lines)}
          testID="take-over"
        />
      ) : (
        <PrimaryButton
          text={state.kind === 'wrong' ? 'Choose the mended file' : 'Choose the file'}
          icon="file"
          onPress={() => void read()}
          disabled={state.kind === 'reading'}
          testID="choose-list"
        />
      )}
      <QuietButton text="Leave the van as it is" onPress={onClose} />
    </Sheet>
  )
}

function Wrong({ problems }: { readonly problems: ReadStockOutput['problems'] }) {
  return (
    <View style={{ gap: 8 }} testID="import-problems">
      <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }}>
        <VerdictMark verdict="stop" size={32} />
        <Words size="strong" tone="stop" style={{ flex: 1 }} live>
          Nothing was taken over.{' '}
          {problems.length === 1 ? 'One thing is wrong:' : `${problems.length} things are wrong:`}
        </Words>
      </View>
      {problems.slice(0, MOST_SHOWN).map((p) => (
        <Words key={p.path + p.message} size="small">
          <Words size="small" style={{ fontWeight: '700' }}>
            {p.path ? `${p.path}: ` : ''}
          </Words>
          {p.message}
        </Words>
      ))}
      {problems.length > MOST_SHOWN ? (
        <Words size="small" tone="quiet">
          and {problems.length - MOST_SHOWN} more
        </Words>
      ) : null}
    </View>
  )
}

function Summary({
  name,
  lines,
  known,
}: {
  readonly name: string
  readonly lines: ReadStockOutput['lines']
  readonly known: readonly string[]
}) {
  const ids = Object.keys(lines)
  const anew = ids.filter((id) => known.includes(id)).length
  const stay = known.filter((id) => !lines[id]).length
  return (
    <View style={{ gap: 8 }} testID="import-summary">
      <Words size="title">{name}</Words>
      <Words>
        {ids.length - anew} new, {anew} counted anew, {stay} on the van that the list does not name: they
        stay.
      </Words>
    </View>
  )
}
