// The old hookup as it stands in the unit: terminals left, the old motor's wires right, the unit's own wires in the margin.
import { useMemo, useState } from 'react'
import { View, type ViewStyle } from 'react-native'
import Svg, { Circle } from 'react-native-svg'
import { COLOUR_NAMES, insulationCode, insulationName, type Insulation } from '@oak/core/motor/colour'
import { ROLE_NAMES } from '@oak/core/motor/role'
import type { WireFinding } from '@oak/core/wiring/evidence'
import { postName, type UnitType } from '@oak/core/wiring/unit-type'
import { goesToMotor, type NamedWire } from '@oak/core/wiring/wire'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { WirePath } from '../../ui/WirePath'
import { Words } from '../../ui/Words'
import { dotOf, layoutPosts, waysOut, wireByMargin, wireToRight, type PostLayout } from './post-layout'
import { partsOf } from './parts'
import { PostColumn, type PostFace } from './PostColumn'

const MARGIN = 28
const LABEL_WIDTH = 128
const LABEL_HEIGHT = 58

export interface WiresPictureProps {
  readonly unit: UnitType
  readonly wires: readonly NamedWire[]
  readonly findings: readonly WireFinding[]
  /** Left out, nothing of it is pressed. */
  readonly onWire?: (id: string) => void
}

export function WiresPicture({ unit, wires, findings, onWire }: WiresPictureProps) {
  const [width, setWidth] = useState(366)
  const layout = useMemo(
    () =>
      layoutPosts(partsOf(unit.parts, unit.posts), MARGIN, Math.min(240, width - MARGIN - LABEL_WIDTH - 36)),
    [unit, width],
  )
  const faces = useMemo(
    () =>
      new Map(
        unit.posts.map((p): [string, PostFace] => [
          p.id,
          { id: p.id, label: p.label, name: postName(unit, p.id) },
        ]),
      ),
    [unit],
  )
  const yOf = (wire: NamedWire) => layout.cells.get(wire.from)?.y ?? 0
  const motorWires = wires.filter(goesToMotor).sort((a, b) => yOf(a) - yOf(b))
  const own = wires.filter(
    (wire) => !goesToMotor(wire) && layout.cells.has(wire.from) && layout.cells.has(wire.to),
  )
  const right = width - LABEL_WIDTH
  const top = Math.max(30, (layout.height - motorWires.length * (LABEL_HEIGHT + 8)) / 2)
  const labelY = (i: number) => top + i * (LABEL_HEIGHT + 8)
  const height = Math.max(layout.height, labelY(motorWires.length) + 10)
  return (
    <View onLayout={(e) => setWidth(e.nativeEvent.layout.width)} style={{ height }} testID="wires-picture">
      <PostColumn layout={layout} faces={faces} />
      <WireRuns
        width={width}
        height={height}
        own={own}
        layout={layout}
        motorWires={motorWires}
        right={right}
        labelY={labelY}
      />
      <Words fixed size="tiny" tone="quiet" style={{ position: 'absolute', left: right + 2, top: top - 20 }}>
        old motor’s wires
      </Words>
      {motorWires.map((wire, i) => {
        const finding = findings.find((f) => f.wire === wire.id)
        const colour = wire.segments.at(-1)
        const role = finding?.role ? ROLE_NAMES[finding.role] : wire.traced ? 'cannot tell' : 'not traced'
        return (
          <MotorWire
            key={wire.id}
            wire={wire}
            unit={unit}
            colour={colour}
            role={role}
            onWire={onWire}
            right={right}
            labelY={labelY}
            i={i}
            finding={finding}
          />
        )
      })}
    </View>
  )
}

interface MotorWireProps {
  readonly wire: NamedWire
  readonly unit: UnitType
  readonly colour: Insulation | undefined
  readonly role: string
  readonly onWire: ((id: string) => void) | undefined
  readonly right: number
  readonly labelY: (i: number) => number
  readonly i: number
  readonly finding: WireFinding | undefined
}

function MotorWire({ wire, unit, colour, role, onWire, right, labelY, i, finding }: MotorWireProps) {
  const palette = usePalette()
  const style: ViewStyle = {
    position: 'absolute',
    left: right,
    top: labelY(i),
    width: LABEL_WIDTH,
    height: LABEL_HEIGHT,
    paddingHorizontal: 6,
    borderRadius: 8,
    borderWidth: finding?.conflicts.length ? 3 : 1.5,
    borderStyle: wire.traced ? 'solid' : 'dashed',
    borderColor: finding?.conflicts.length ? palette.watch : palette.ink,
    backgroundColor: palette.surface,
  }
  const words = (
    <>
      <Words fixed size="small" lines={1} style={{ fontWeight: '700' }}>
        {role}
      </Words>
      <Words fixed size="tiny" tone="quiet" lines={2}>
        {unit.posts.find((p) => p.id === wire.from)?.label ?? wire.from}
        {onWire ? ` · ${runText(wire)}` : ''}
      </Words>
    </>
  )
  if (!onWire) return <View style={style}>{words}</View>
  return (
    <Tap
      testID={`wire-${wire.id}`}
      more={`wire on ${postName(unit, wire.from)}, ${colour ? insulationName(colour) : 'colour not noted'}`}
      onPress={() => onWire(wire.id)}
      style={style}
    >
      {words}
    </Tap>
  )
}

interface WireRunsProps {
  readonly width: number
  readonly height: number
  readonly own: NamedWire[]
  readonly layout: PostLayout
  readonly motorWires: NamedWire[]
  readonly right: number
  readonly labelY: (i: number) => number
}

function WireRuns({ width, height, own, layout, motorWires, right, labelY }: WireRunsProps) {
  const palette = usePalette()
  const ways = waysOut(
    layout,
    motorWires.map(({ from }) => from),
  )
  return (
    <Svg
      style={{ position: 'absolute', left: 0, top: 0, pointerEvents: 'none' }}
      width={width}
      height={height}
      aria-hidden
    >
      {own.map((wire, i) => {
        const [from, to] = [layout.cells.get(wire.from), layout.cells.get(wire.to)]
        return from && to ? (
          <WirePath
            key={wire.id}
            d={wireByMargin(from, to, 5 + (i % 5) * 6)}
            insulation={wire.segments[0] ?? null}
            width={2}
            broken={!wire.traced && wire.segments.length === 0}
          />
        ) : null
      })}
      {motorWires.map((wire, i) => {
        const cell = layout.cells.get(wire.from)
        return cell ? (
          <WirePath
            key={wire.id}
            d={wireToRight(layout, cell, { x: right, y: labelY(i) + LABEL_HEIGHT / 2 }, ways.get(cell.id))}
            insulation={wire.segments.at(-1) ?? null}
            broken={!wire.traced && wire.segments.length === 0}
          />
        ) : null
      })}
      {motorWires.map((wire) => {
        const cell = layout.cells.get(wire.from)
        const dot = cell && dotOf(cell, ways.get(cell.id))
        return dot ? <Circle key={wire.id} cx={dot.x} cy={dot.y} r={5} fill={palette.ink} /> : null
      })}
    </Svg>
  )
}

/** "white WH"; a run that changes colour as "brown, red, black BK". */
function runText({ segments }: NamedWire): string {
  const last = segments.at(-1)
  return last
    ? `${segments.map((s) => COLOUR_NAMES[s.colour]).join(', ')} ${insulationCode(last)}`
    : 'no colour noted'
}
