// One line of the van: count it anew, see which jobs hold parts of it, take it off.
import { shopNow } from '../../platform/sync/clock'
import type { StockLine } from '@oak/core/van/stock-line'
import type { VanDocument } from '@oak/core/job/van'
import { useRouter } from 'expo-router'
import { useState } from 'react'
import { View } from 'react-native'
import { knownSheets } from '@oak/core/job/known-sheets'
import { holds } from '@oak/core/job/summary/summary'
import { editVan, useList, useVan } from '../../platform/state/app'
import { NumberPad } from '../../ui/NumberPad'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import { Words } from '../../ui/Words'
import { LineGlyph } from '../../parts/stock/LineGlyph'
import { LineReadings } from './LineReadings'
import { leftText, priceText, readingEdits, whatOf } from '../../parts/stock/van-model'

/** So many of those who hold parts are named, the latest first. */
const HOLDERS = 12

export function LineSheet({ id: first, onClose }: { readonly id: string; readonly onClose: () => void }) {
  // A reading may move one capacitor to a line of its own: the sheet goes with it.
  const [id, setId] = useState(first)
  const { document: van, left } = useVan()
  const { summaries } = useList()
  const router = useRouter()
  const [pad, setPad] = useState(false)
  const [sure, setSure] = useState(false)
  const line = van.stock[id]
  if (!line) return null
  const holders = [...summaries.values()].flatMap((one) => {
    const quantity = holds(one, id)
    return quantity > 0 ? [{ ...one, quantity }] : []
  })
  holders.sort((a, b) => b.at - a.at)
  const count = (quantity: number) =>
    editVan([{ path: ['stock', id], value: { ...line, quantity, countedAt: shopNow() } }])
  const now = Math.max(0, left[id] ?? line.quantity)
  const recount = (quantity: number): string | null =>
    quantity > 1 && line.kind === 'capacitor' && line.measured
      ? 'What was read is one capacitor’s: add the others as a line of their own.'
      : count(quantity)
  const read = (section: number, value: number | null): string | null => {
    if (line.kind !== 'capacitor') return null
    const { line: holder, edits } = readingEdits(id, line, now, section, value, van.stock, shopNow())
    const refused = editVan(edits)
    if (!refused) setId(holder)
    return refused
  }
  return (
    <Sheet title={line.name} open onClose={onClose} testID="line-sheet">
      <LineHead line={line} van={van} left={left} id={id} />
      {(left[id] ?? 0) < 0 ? (
        <Words size="strong" tone="stop">
          {leftText(left[id] ?? 0)}: count this shelf.
        </Words>
      ) : null}
      <CountKeys now={now} count={count} line={line} />
      <PrimaryButton text="Count it" onPress={() => setPad(true)} testID="count" />
      {line.kind === 'capacitor' ? <LineReadings line={line} left={now} onRead={read} /> : null}
      {line.kind === 'motor' ? (
        <QuietButton
          text="Open its tag"
          icon="tag"
          onPress={() => {
            onClose()
            router.navigate(`/tag?sheet=${line.sheet}`)
          }}
          testID="open-tag"
        />
      ) : null}
      {holders.slice(0, HOLDERS).map((one) => (
        <Words key={one.job} size="small">
          {one.quantity} taken for {one.title || 'an unnamed job'}
        </Words>
      ))}
      {holders.length > HOLDERS ? (
        <Words size="small">and for {holders.length - HOLDERS} more jobs</Words>
      ) : null}
      {sure ? (
        <Words size="strong" tone="stop">
          This takes the line off the list. Jobs keep what they took.
        </Words>
      ) : null}
      <QuietButton
        text={sure ? 'Yes, take the line off' : 'Take the line off the van'}
        icon="trash"
        onPress={() => {
          if (!sure) return setSure(true)
          editVan([{ path: ['stock', id], value: null }])
          onClose()
        }}
        testID="remove-line"
      />
      <CountPad pad={pad} line={line} now={now} setPad={setPad} recount={recount} />
    </Sheet>
  )
}

interface CountPadProps {
  readonly pad: boolean
  readonly line: StockLine
  readonly now: number
  readonly setPad: (value: boolean) => void
  readonly recount: (quantity: number) => string | null
}

function CountPad({ pad, line, now, setPad, recount }: CountPadProps) {
  return pad ? (
    <NumberPad
      open
      title={`How many: ${line.name}`}
      unit=""
      value={now}
      hint="What is on the van now; what jobs hold is not counted."
      onClose={() => setPad(false)}
      onSet={recount}
    />
  ) : null
}

interface CountKeysProps {
  readonly now: number
  readonly count: (quantity: number) => string | null
  readonly line: StockLine
}

function CountKeys({ now, count, line }: CountKeysProps) {
  return (
    <View style={{ flexDirection: 'row', gap: 8 }}>
      <View style={{ flex: 1 }}>
        <QuietButton
          text="One less"
          icon="minus"
          disabled={now === 0}
          onPress={() => count(now - 1)}
          testID="one-less"
        />
      </View>
      <View style={{ flex: 1 }}>
        <QuietButton
          text="One more"
          icon="plus"
          disabled={line.kind === 'capacitor' && line.measured !== undefined && now >= 1}
          onPress={() => count(now + 1)}
          testID="one-more"
        />
      </View>
    </View>
  )
}

interface LineHeadProps {
  readonly line: StockLine
  readonly van: VanDocument
  readonly left: Readonly<Record<string, number>>
  readonly id: string
}

function LineHead({ line, van, left, id }: LineHeadProps) {
  return (
    <View style={{ flexDirection: 'row', gap: 14, alignItems: 'center' }}>
      <LineGlyph line={line} />
      <View style={{ flex: 1 }}>
        <Words>{whatOf(line, knownSheets(van))}</Words>
        {priceText(line.cents) ? (
          <Words size="small" tone="quiet">
            {priceText(line.cents)} each
          </Words>
        ) : null}
      </View>
      <Words size="figure" tone={(left[id] ?? 0) > 0 ? 'ink' : 'stop'} testID="line-left">
        {left[id] ?? line.quantity}
      </Words>
    </View>
  )
}
