// What the stock can and cannot cover, as a picture; what each part adds; what one more would add over the shop's own calls.
import { useRouter } from 'expo-router'
import { useEffect, useMemo, useState } from 'react'
import { ScrollView, useWindowDimensions, View } from 'react-native'
import Svg, { G, Line, Rect, Text } from 'react-native-svg'
import { DEFAULT_TOLERANCE_PERCENT } from '@oak/core/capacitor/verdict'
import { COMPRESSOR_VALUES, FAN_VALUES } from '@oak/core/capacitor/coverage/coverage'
import type { CoverageOutput } from '@oak/core/operations/coverage'
import { figure } from '@oak/core/quantity/display'
import { stockParts } from '../../parts/stock/stock-plan-model'
import { useVan } from '../../platform/state/app'
import { Icon } from '../../ui/Icon'
import { Tap } from '../../ui/Tap'
import { FONT, usePalette } from '../../ui/theme'
import { isWide } from '../../ui/wide'
import { Words } from '../../ui/Words'
import { runInWorker } from '../../platform/workers/operations'
import { cellText, type Cell } from './coverage-model'
import { RestockPanel } from './RestockPanel'

type Stock = ReturnType<typeof stockParts>

/** Column by column, so that the picture fills while it is worked out, and leaving the screen ends it. */
function useCoverage(stock: Stock) {
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
        const result = await runInWorker('coverage', { stock, compressors: [compressor] })
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
  }, [stock])
  return { cells, adds, done, wrong }
}

export function CoverageScreen() {
  const palette = usePalette()
  const router = useRouter()
  const { width } = useWindowDimensions()
  const wide = isWide(width)
  const { document: van, left } = useVan()
  const stock = useMemo(() => stockParts(van, left, {}), [van, left])
  const { cells, adds, done, wrong } = useCoverage(stock)
  const [chosen, setChosen] = useState<Cell | null>(null)
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
      />
      <Words live testID="coverage-cell">
        {chosen
          ? `${cellText(chosen)}${chosen.by.length > 0 ? ` (${chosen.by.map((id) => van.stock[id]?.name ?? id).join(' + ')})` : ''}.`
          : 'Press a square: compressor across, fan down. The figure is how many capacitors it takes, the bar under it how far off it is.'}
      </Words>
    </View>
  )
  const lists = (
    <View style={{ gap: 14 }}>
      <RestockPanel stock={stock} />
      <Words size="strong" heading={2}>
        Pairs that only this part makes possible
      </Words>
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
    </View>
  )
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }} role="main">
      <View style={{ flexDirection: 'row', alignItems: 'center' }}>
        <Tap
          label="The van"
          testID="coverage-back"
          onPress={() => router.navigate('/van')}
          style={{ width: 52, height: 50, alignItems: 'center' }}
        >
          <Icon name="back" color={palette.ink} />
        </Tap>
        <Words size="title" heading={1}>
          What the van covers
        </Words>
      </View>
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

const SIDE = 400
const LEFT = 38
const TOP = 6
const FOOT = 44

interface HeatProps {
  readonly cells: readonly Cell[]
  readonly width: number
  readonly chosen: Cell | null
  readonly onChoose: (cell: Cell) => void
}

/** Met squares carry the number of capacitors and are the darker the fewer; unmet ones are crossed. */
function Heat({ cells, width, chosen, onChoose }: HeatProps) {
  const palette = usePalette()
  const cw = (width - LEFT) / COMPRESSOR_VALUES.length
  const ch = Math.max(36, Math.min(52, cw))
  const height = TOP + ch * FAN_VALUES.length + FOOT
  const at = (cell: Pick<Cell, 'compressor' | 'fan'>) => ({
    x: LEFT + cw * COMPRESSOR_VALUES.findIndex((c) => c === cell.compressor),
    y: TOP + ch * FAN_VALUES.findIndex((f) => f === cell.fan),
  })
  const font = cw < 24 ? 10.5 : 13
  return (
    <View style={{ width, height }} testID="coverage-picture">
      <Svg width={width} height={height} style={{ position: 'absolute' }} aria-hidden>
        {FAN_VALUES.map((fan, i) => (
          <Text
            key={fan}
            x={LEFT - 6}
            y={TOP + ch * (i + 0.5) + 5}
            fontSize={13}
            textAnchor="end"
            fill={palette.ink}
            fontFamily={FONT}
          >
            {figure(fan)}
          </Text>
        ))}
        {COMPRESSOR_VALUES.map((c, i) => (
          <Text
            key={c}
            x={LEFT + cw * (i + 0.5)}
            y={height - 26}
            fontSize={font}
            textAnchor="middle"
            fill={palette.ink}
            fontFamily={FONT}
          >
            {figure(c)}
          </Text>
        ))}
        <Text x={width} y={height - 6} fontSize={13} textAnchor="end" fill={palette.quiet} fontFamily={FONT}>
          compressor µF across, fan µF down
        </Text>
        {cells.map((cell) => {
          const { x, y } = at(cell)
          const one = cell.parts === 1
          const on = chosen?.compressor === cell.compressor && chosen.fan === cell.fan
          return (
            <G key={`${cell.compressor}/${cell.fan}`}>
              <Rect
                x={x + 1}
                y={y + 1}
                width={cw - 2}
                height={ch - 2}
                rx={3}
                fill={one ? palette.ink : cell.parts ? palette.surface : palette.ground}
                stroke={on ? palette.action : palette.ink}
                strokeWidth={on ? 4 : cell.parts ? 1.5 : 0.75}
              />
              {cell.parts === null ? (
                <Line
                  x1={x + 5}
                  y1={y + ch - 6}
                  x2={x + cw - 5}
                  y2={y + 6}
                  stroke={palette.quiet}
                  strokeWidth={1.5}
                />
              ) : (
                <Text
                  x={x + cw / 2}
                  y={y + ch / 2 + 5}
                  fontSize={14}
                  fontWeight="700"
                  textAnchor="middle"
                  fill={one ? palette.surface : palette.ink}
                  fontFamily={FONT}
                >
                  {cell.parts}
                </Text>
              )}
              {cell.parts === null || (cell.worstErrorPercent ?? 0) < 0.05 ? null : (
                <Rect
                  x={x + 4}
                  y={y + ch - 7}
                  width={Math.max(2, ((cw - 8) * (cell.worstErrorPercent ?? 0)) / DEFAULT_TOLERANCE_PERCENT)}
                  height={3}
                  fill={one ? palette.surface : palette.ink}
                />
              )}
            </G>
          )
        })}
      </Svg>
      {cells.map((cell) => {
        const { x, y } = at(cell)
        return (
          <Tap
            key={`${cell.compressor}/${cell.fan}`}
            testID={`cell-${cell.compressor}-${cell.fan}`}
            label={cellText(cell)}
            onPress={() => onChoose(cell)}
            style={{
              position: 'absolute',
              left: x,
              top: y,
              width: cw,
              height: ch,
              minWidth: 0,
              minHeight: 0,
            }}
          >
            {null}
          </Tap>
        )
      })}
    </View>
  )
}
