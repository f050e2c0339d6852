// The van: what is on it, by kind, with what is left; its list in and out; the parts counter.
import type { VanDocument } from '@oak/core/job/van'
import { useRouter } from 'expo-router'
import { useState } from 'react'
import { FlatList, useWindowDimensions, View } from 'react-native'
import { knownSheets } from '@oak/core/job/known-sheets'
import { STOCK_KINDS, type StockKind } from '@oak/core/van/stock-line'
import { CounterSheet } from '../counter/CounterSheet'
import { useVan } from '../../platform/state/app'
import { Choice } from '../../ui/Choice'
import { saveTextFile } from '../../platform/files/save-file'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { SyncMark } from '../../parts/frame/SyncMark'
import { Tap } from '../../ui/Tap'
import { TopBar } from '../../ui/TopBar'
import { usePalette } from '../../ui/theme'
import { isLow, isWide } from '../../ui/wide'
import { Words } from '../../ui/Words'
import { AddSheet } from './AddSheet'
import { ImportSheet } from './ImportSheet'
import { LineGlyph } from '../../parts/stock/LineGlyph'
import { LineSheet } from './LineSheet'
import { SettingsSheet } from '../settings/SettingsSheet'
import { settingsWords } from '../settings/ShopSettings'
import {
  KIND_WORDS,
  leftText,
  linesOf,
  priceText,
  whatOf,
  type ListedLine,
} from '../../parts/stock/van-model'
import { PageHeading } from '../../parts/frame/PageHeading'

type Opened =
  | { readonly kind: 'line'; readonly id: string }
  | { readonly kind: 'import' | 'counter' | 'add' | 'settings' }

export function VanScreen() {
  const palette = usePalette()
  const { width, height } = useWindowDimensions()
  const wide = isWide(width)
  const low = isLow(height)
  const { document: van, left } = useVan()
  const [kind, setKind] = useState<StockKind>('motor')
  const [opened, setOpened] = useState<Opened | null>(null)
  const lines = linesOf(van.stock, left, kind)
  const export_ = async () =>
    saveTextFile('van.csv', 'text/csv', (await import('../../platform/csv')).stockText(van.stock))
  const head = (
    <>
      <VanHead />
      <View
        style={{ paddingHorizontal: 12, paddingBottom: 8, maxWidth: 792, width: '100%', alignSelf: 'center' }}
      >
        <Choice<StockKind>
          label="What to show"
          value={kind}
          onChange={setKind}
          testID="kinds"
          options={STOCK_KINDS.map((value) => ({
            value,
            text: value === 'capacitor' ? 'Cans' : KIND_WORDS[value],
            hint: `${linesOf(van.stock, left, value).length}`,
          }))}
        />
      </View>
    </>
  )
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }} role="main">
      {low ? null : head}
      <FlatList
        ListHeaderComponent={low ? head : null}
        data={lines}
        keyExtractor={({ id }) => id}
        contentContainerStyle={{
          paddingHorizontal: 12,
          paddingBottom: 16,
          gap: 8,
          maxWidth: 792,
          width: '100%',
          alignSelf: 'center',
        }}
        renderItem={({ item }) => (
          <Line
            item={item}
            what={whatOf(item.line, knownSheets(van))}
            onPress={() => setOpened({ kind: 'line', id: item.id })}
          />
        )}
        ListEmptyComponent={<Empty kind={kind} whole={Object.keys(van.stock).length === 0} />}
        ListFooterComponent={<VanFoot setOpened={setOpened} export_={export_} van={van} />}
      />
      <View style={{ padding: low ? 4 : 12, borderTopWidth: 1.5, borderColor: palette.line }}>
        <View style={{ maxWidth: 768, width: '100%', alignSelf: wide ? 'center' : undefined }}>
          <PrimaryButton
            text={`Put ${kind === 'capacitor' ? 'a capacitor' : `a ${kind}`} on the van`}
            icon="plus"
            onPress={() => setOpened({ kind: 'add' })}
            testID="add-line"
          />
        </View>
      </View>
      <OpenedSheet opened={opened} kind={kind} van={van} onClose={() => setOpened(null)} />
    </View>
  )
}

interface OpenedSheetProps {
  readonly opened: Opened | null
  readonly kind: StockKind
  readonly van: VanDocument
  readonly onClose: () => void
}

function OpenedSheet({ opened, kind, van, onClose }: OpenedSheetProps) {
  switch (opened?.kind) {
    case 'line':
      return van.stock[opened.id] ? <LineSheet id={opened.id} onClose={onClose} /> : null
    case 'import':
      return <ImportSheet onClose={onClose} />
    case 'counter':
      return <CounterSheet kind={kind} onClose={onClose} />
    case 'settings':
      return <SettingsSheet onClose={onClose} />
    case 'add':
      return <AddSheet kind={kind} onClose={onClose} />
    case undefined:
      return null
  }
}

function VanHead() {
  const router = useRouter()
  return (
    <TopBar
      back={{ label: 'All jobs', testID: 'to-home', onPress: () => router.navigate('/') }}
      style={{ paddingBottom: 8, maxWidth: 792, width: '100%', alignSelf: 'center' }}
    >
      <PageHeading size="title" style={{ flex: 1 }} title="The van" />
      <SyncMark />
    </TopBar>
  )
}

interface VanFootProps {
  readonly setOpened: (value: Opened | null) => void
  readonly export_: () => Promise<void>
  readonly van: VanDocument
}

function VanFoot({ setOpened, export_, van }: VanFootProps) {
  const router = useRouter()
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8, paddingTop: 8 }}>
      {[
        {
          text: 'Read a list',
          icon: 'file' as const,
          onPress: () => setOpened({ kind: 'import' }),
          testID: 'import',
        },
        {
          text: 'Save the list',
          icon: 'save' as const,
          onPress: () => void export_(),
          testID: 'export',
          disabled: Object.keys(van.stock).length === 0,
        },
      ].map((button) => (
        <View key={button.testID} style={{ flex: 1, minWidth: 150 }}>
          <QuietButton {...button} />
        </View>
      ))}
      <View style={{ width: '100%' }}>
        <QuietButton
          text="What these capacitors cover"
          icon="curve"
          onPress={() => router.navigate('/van/coverage')}
          testID="to-coverage"
        />
      </View>
      <View style={{ flex: 1, minWidth: 150 }}>
        <QuietButton
          text="Enter a tag"
          icon="tag"
          onPress={() => router.navigate('/tag')}
          testID="enter-tag"
        />
      </View>
      <View style={{ flex: 1, minWidth: 150, gap: 8 }}>
        <QuietButton
          text="Parts counter"
          icon="store"
          onPress={() => setOpened({ kind: 'counter' })}
          testID="ask-counter"
        />
        <QuietButton
          text={`How this shop works: ${settingsWords(van.settings)}`}
          onPress={() => setOpened({ kind: 'settings' })}
          testID="open-settings"
        />
      </View>
    </View>
  )
}

function Line({
  item,
  what,
  onPress,
}: {
  readonly item: ListedLine
  readonly what: string
  readonly onPress: () => void
}) {
  const palette = usePalette()
  const { id, line, left } = item
  const price = priceText(line.cents)
  return (
    <Tap
      onPress={onPress}
      testID={`line-${id}`}
      style={{
        borderRadius: 10,
        borderWidth: 1.5,
        borderColor: palette.edge,
        borderStyle: left > 0 ? 'solid' : 'dashed',
        backgroundColor: palette.surface,
        padding: 10,
      }}
    >
      <View style={{ flexDirection: 'row', gap: 12, alignItems: 'center' }}>
        <LineGlyph line={line} />
        <View style={{ flex: 1 }}>
          <Words size="strong" lines={2}>
            {line.name}
          </Words>
          <Words size="small" tone="quiet" lines={2}>
            {what}
          </Words>
          {price ? (
            <Words size="small" tone="quiet">
              {price}
            </Words>
          ) : null}
        </View>
        <View style={{ alignItems: 'flex-end', minWidth: 62 }}>
          {left > 0 ? <Words size="large">{left}</Words> : null}
          <Words
            size={left > 0 ? 'tiny' : 'strong'}
            tone={left > 0 ? 'quiet' : 'stop'}
            style={{ textAlign: 'right', maxWidth: 92 }}
          >
            {left > 0 ? 'left' : leftText(left)}
          </Words>
        </View>
      </View>
    </Tap>
  )
}

function Empty({ kind, whole }: { readonly kind: StockKind; readonly whole: boolean }) {
  return (
    <View style={{ paddingVertical: 28, gap: 8 }} testID="van-empty">
      <Words size="title">
        {whole ? 'Nothing is on the van yet.' : `No ${KIND_WORDS[kind].toLowerCase()} on the van.`}
      </Words>
      <Words size="small" tone="quiet">
        {whole
          ? 'Read the shop’s list, or put parts on one by one. Until then every known motor is offered on a job.'
          : 'Put one on, or read a list that has some.'}
      </Words>
    </View>
  )
}
