// Every pair of trade values as a square: how many capacitors it takes, and how far off they are.
import { StyleSheet, View } from 'react-native'
import Svg, { G, Line, Rect, Text } from 'react-native-svg'
import { DEFAULT_TOLERANCE_PERCENT } from '@oak/core/capacitor/verdict'
import { COMPRESSOR_VALUES, FAN_VALUES } from '@oak/core/capacitor/coverage/coverage'
import { figure } from '@oak/core/quantity/display'
import { Group, Option } from '../../ui/Group'
import { Tap } from '../../ui/Tap'
import { FONT, usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { cellText, type Cell } from './coverage-model'

const LEFT = 38

const TOP = 6

const FOOT = 44

/** A square that a thumb can hit, px. */
const THUMB = 48
/** Between two rows that are pressed, px. */
const APART = 8

interface HeatProps {
  readonly cells: readonly Cell[]
  readonly width: number
  readonly chosen: Cell | null
  readonly onChoose: (cell: Cell) => void
  /** Where squares are too narrow for a thumb a row is pressed, and its squares stand below. */
  readonly onRow: (fan: number) => void
  /** The row whose squares stand below. */
  readonly row: number | null
}

/** Met squares carry the number of capacitors and are the darker the fewer; unmet ones are crossed. */
export function Heat({ cells, width, chosen, onChoose, onRow, row }: HeatProps) {
  const palette = usePalette()
  const cw = (width - LEFT) / COMPRESSOR_VALUES.length
  const byRow = cw < THUMB
  const ch = byRow ? THUMB + APART : Math.min(52, cw)
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
        <Cells cells={cells} at={at} chosen={chosen} cw={cw} ch={ch} />
      </Svg>
      {byRow ? (
        <RowKeys onRow={onRow} row={row} ch={ch} />
      ) : (
        <CellKeys cells={cells} at={at} onChoose={onChoose} cw={cw} ch={ch} />
      )}
    </View>
  )
}

type RowKeysProps = Pick<HeatProps, 'onRow' | 'row'> & { readonly ch: number }

function RowKeys({ onRow, row, ch }: RowKeysProps) {
  const palette = usePalette()
  return (
    <Group holds="button" label="Rows of one fan value" style={StyleSheet.absoluteFill}>
      {FAN_VALUES.map((fan, i) => (
        <Tap
          key={fan}
          testID={`row-${fan}`}
          label={`Fan ${figure(fan)} µF: its squares`}
          expanded={fan === row}
          onPress={() => onRow(fan)}
          style={{
            position: 'absolute',
            left: 0,
            right: 0,
            top: TOP + ch * i + APART / 2,
            height: ch - APART,
            borderWidth: fan === row ? 3 : 0,
            borderRadius: 6,
            borderColor: palette.action,
          }}
        >
          {null}
        </Tap>
      ))}
    </Group>
  )
}

interface RowCellsProps {
  readonly cells: readonly Cell[]
  readonly fan: number
  readonly chosen: Cell | null
  readonly onChoose: (cell: Cell) => void
}

/** How many squares stand side by side, for the keys up and down. */
const PER_LINE = 5

/** The squares of one row, large enough for a thumb. */
export function RowCells({ cells, fan, chosen, onChoose }: RowCellsProps) {
  return (
    <Group
      label={`With ${figure(fan)} µF for the fan, the compressor’s µF`}
      columns={PER_LINE}
      style={{ flexDirection: 'row', flexWrap: 'wrap', gap: APART }}
      testID="coverage-row"
    >
      {cells
        .filter((cell) => cell.fan === fan)
        .map((cell) => (
          <Option
            key={cell.compressor}
            testID={`cell-${cell.compressor}-${cell.fan}`}
            label={cellText(cell)}
            selected={chosen?.compressor === cell.compressor && chosen.fan === cell.fan}
            onPress={() => onChoose(cell)}
            style={{ width: '17%', flexGrow: 1, alignItems: 'center' }}
          >
            <Words size="strong">{figure(cell.compressor)}</Words>
            <Words size="tiny">{cell.parts === null ? 'none' : `${cell.parts} ×`}</Words>
          </Option>
        ))}
    </Group>
  )
}

interface CellKeysProps {
  readonly cells: readonly Cell[]
  readonly at: (cell: Pick<Cell, 'compressor' | 'fan'>) => { x: number; y: number }
  readonly onChoose: (cell: Cell) => void
  readonly cw: number
  readonly ch: number
}

function CellKeys({ cells, at, onChoose, cw, ch }: CellKeysProps) {
  return (
    <Group
      holds="button"
      columns={COMPRESSOR_VALUES.length}
      label="Pairs of values, compressor across, fan down"
      style={StyleSheet.absoluteFill}
    >
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
    </Group>
  )
}

interface CellsProps {
  readonly cells: readonly Cell[]
  readonly at: (cell: Pick<Cell, 'compressor' | 'fan'>) => { x: number; y: number }
  readonly chosen: Cell | null
  readonly cw: number
  readonly ch: number
}

function Cells({ cells, at, chosen, cw, ch }: CellsProps) {
  const palette = usePalette()
  return (
    <>
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
    </>
  )
}
