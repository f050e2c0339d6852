// What the stock can and cannot cover, as a picture; what each part adds; what one more would add over the shop's own calls.
import { useRouter } from 'expo-router'
import { useEffect, useMemo, useState } from 'react'
import { ScrollView, useWindowDimensions, View } from 'react-native'
import { COMPRESSOR_VALUES, FAN_VALUES } from '@oak/core/capacitor/coverage/coverage'
import type { CoverageOutput } from '@oak/core/operations/coverage'
import { stockParts } from '../../parts/stock/stock-plan-model'
import { useVan } from '../../platform/state/app'
import { TopBar } from '../../ui/TopBar'
import { usePalette } from '../../ui/theme'
import { isWide } from '../../ui/wide'
import { Words } from '../../ui/Words'
import { runInWorker } from '../../platform/workers/operations'
import { cellText, type Cell } from './coverage-model'
import { RestockPanel } from './RestockPanel'
import { Heat, RowCells } from './CoverageHeat'
import { PageHeading } from '../../parts/frame/PageHeading'

type Stock = ReturnType<typeof stockParts>

/** Column by column, so that the picture fills while it is worked out, and leaving the screen ends it. */
function useCoverage(stock: Stock, tolerancePercent: number | undefined) {
  const [cells, setCells] = useState<readonly Cell[]>([])
  const [adds, setAdds] = useState<ReadonlyMap<string, number>>(new Map())
  const [done, setDone] = useState(0)
  const [wrong, setWrong] = useState<string | null>(null)
  useEffect(() => {
    let stale = false
    const run = async () => {
      setCells([])
      setAdds(new Map())
      for (const [i, compressor] of COMPRESSOR_VALUES.entries()) {
        const result = await runInWorker('coverage', { stock, tolerancePercent, compressors: [compressor] })
        if (stale) return
        if (!result.ok) return setWrong(result.error.message)
        const column = result.output as CoverageOutput
        setCells((now) => [...now, ...column.cells])
        setAdds(
          (now) =>
            new Map([
              ...stock.map((p): [string, number] => [
                p.id,
                (now.get(p.id) ?? 0) + (column.adds.find((a) => a.part === p.id)?.pairs ?? 0),
              ]),
            ]),
        )
        setDone(i + 1)
      }
    }
    void run()
    return () => {
      stale = true
    }
  }, [stock, tolerancePercent])
  return { cells, adds, done, wrong }
}

export function CoverageScreen() {
  const palette = usePalette()
  const router = useRouter()
  const { width } = useWindowDimensions()
  const wide = isWide(width)
  const { document: van, left } = useVan()
  const stock = useMemo(() => stockParts(van, left, {}), [van, left])
  const { cells, adds, done, wrong } = useCoverage(stock, van.settings.tolerancePercent)
  const [chosen, setChosen] = useState<Cell | null>(null)
  const [row, setRow] = useState<number | null>(null)
  const met = cells.filter((c) => c.parts !== null).length
  const total = COMPRESSOR_VALUES.length * FAN_VALUES.length
  const picture = (
    <View style={{ gap: 10 }}>
      <Words size="strong" testID="coverage-met">
        {wrong ??
          (stock.length === 0
            ? 'No capacitors are on the van.'
            : done < COMPRESSOR_VALUES.length
              ? `Working it out: ${done} of ${COMPRESSOR_VALUES.length} columns…`
              : `${met} of ${total} pairs can be met.`)}
      </Words>
      <Heat
        cells={cells}
        width={wide ? Math.min(900, width - SIDE - 40) : width - 24}
        chosen={chosen}
        onChoose={setChosen}
        row={row}
        onRow={setRow}
      />
      {row === null ? null : <RowCells cells={cells} fan={row} chosen={chosen} onChoose={setChosen} />}
      <Words live testID="coverage-cell">
        {chosen
          ? `${cellText(chosen)}${chosen.by.length > 0 ? ` (${chosen.by.map((id) => van.stock[id]?.name ?? id).join(' + ')})` : ''}.`
          : `Press a ${wide ? 'square' : 'row, then one of its squares'}: compressor across, fan down. The figure is how many capacitors it takes, the bar under it how far off it is.`}
      </Words>
    </View>
  )
  const lists = (
    <View style={{ gap: 14 }}>
      <RestockPanel stock={stock} tolerancePercent={van.settings.tolerancePercent} />
      <Words size="strong" heading={2}>
        Pairs that only this part makes possible
      </Words>
      <OnlyByThese stock={stock} adds={adds} />
    </View>
  )
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }} role="main">
      <TopBar back={{ label: 'The van', testID: 'coverage-back', onPress: () => router.navigate('/van') }}>
        <PageHeading size="title" style={{ flex: 1 }} title="What the van covers" />
      </TopBar>
      {wide ? (
        <View style={{ flex: 1, flexDirection: 'row', borderTopWidth: 1.5, borderColor: palette.line }}>
          <View style={{ flex: 1 }}>
            <ScrollView contentContainerStyle={{ padding: 20 }}>{picture}</ScrollView>
          </View>
          <View style={{ width: SIDE, borderLeftWidth: 1.5, borderColor: palette.line }}>
            <ScrollView contentContainerStyle={{ padding: 16 }}>{lists}</ScrollView>
          </View>
        </View>
      ) : (
        <ScrollView contentContainerStyle={{ padding: 12, gap: 18 }}>
          {picture}
          {lists}
        </ScrollView>
      )}
    </View>
  )
}

function OnlyByThese({
  stock,
  adds,
}: {
  readonly stock: ReturnType<typeof stockParts>
  readonly adds: ReadonlyMap<string, number>
}) {
  return (
    <>
      {[...stock]
        .sort((a, b) => (adds.get(b.id) ?? 0) - (adds.get(a.id) ?? 0))
        .map((p) => (
          <View key={p.id} style={{ flexDirection: 'row', gap: 10 }}>
            <Words size="strong" style={{ width: 42, textAlign: 'right' }}>
              {adds.get(p.id) ?? 0}
            </Words>
            <Words style={{ flex: 1 }}>
              {p.name}
              {(adds.get(p.id) ?? 0) === 0 ? ': the others do all that it does' : ''}
            </Words>
          </View>
        ))}
    </>
  )
}

const SIDE = 400
