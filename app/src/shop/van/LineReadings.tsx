// What a capacitor of the van reads, section by section, against its own marking: what reads outside it is planned on no more.
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import type { BenchResult } from '@oak/core/capacitor/bench'
import { USUAL_ACCURACY } from '@oak/core/meter/measurement'
import { figure } from '@oak/core/quantity/display'
import type { CapacitorLine } from '@oak/core/van/stock-line'
import { useOperation } from '../../parts/frame/use-operation'
import { BENCH_MARKS } from '../../ui/bench-marks'
import { NumberPad } from '../../ui/NumberPad'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { readable } from '../../parts/stock/van-model'

export interface LineReadingsProps {
  readonly line: CapacitorLine
  /** How many are there: of several, one gets a line of its own. */
  readonly left: number
  readonly onRead: (section: number, microfarads: number | null) => string | null
}

export function LineReadings({ line, left, onRead }: LineReadingsProps) {
  const [pad, setPad] = useState<number | null>(null)
  const names = readable(line)
  return (
    <View style={{ gap: 8 }}>
      <Words size="strong" heading={3}>
        What it reads
      </Words>
      {names.map((name, i) => (
        <Row key={i} line={line} index={i} name={name} onPress={() => setPad(i)} />
      ))}
      <Words size="small" tone="quiet">
        {left > 1 ? 'The one you read gets a line of its own. ' : ''}Discharged, its leads off. 0 for one that
        reads open. What reads outside its marking is not planned on.
      </Words>
      {pad === null ? null : (
        <NumberPad
          open
          title={`Section ${names[pad]} µF reads`}
          unit="µF"
          value={line.measured?.[pad] ?? null}
          onClose={() => setPad(null)}
          onSet={(value) => onRead(pad, value)}
        />
      )}
    </View>
  )
}

function Row({
  line,
  index,
  name,
  onPress,
}: {
  readonly line: CapacitorLine
  readonly index: number
  readonly name: string
  readonly onPress: () => void
}) {
  const palette = usePalette()
  const read = line.measured?.[index] ?? null
  const input = useMemo(() => {
    if (read === null) return null
    const [low, high] = line.microfarads
    const rating =
      line.layout === 'start'
        ? { low, high }
        : { microfarads: line.microfarads[index], tolerancePercent: line.tolerancePercent }
    return { reading: read, meter: USUAL_ACCURACY.microfarads, rating }
  }, [line, index, read])
  const result = useOperation('bench-capacitor', input)
  const bench = read !== null && result?.ok ? (result.output as BenchResult) : null
  return (
    <Tap
      testID={`line-reads-${index}`}
      more={read === null ? 'not read' : undefined}
      onPress={onPress}
      style={{
        borderRadius: 10,
        borderWidth: 1.5,
        borderColor: palette.ink,
        backgroundColor: palette.surface,
        paddingHorizontal: 12,
        minHeight: 54,
      }}
    >
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}>
        {bench?.verdict ? <VerdictMark verdict={BENCH_MARKS[bench.verdict]} size={26} /> : null}
        <View style={{ flex: 1 }}>
          <Words>
            {name} µF{line.layout === 'start' ? '' : ` ± ${figure(line.tolerancePercent)} %`}
          </Words>
          {bench ? (
            <Words size="tiny" tone="quiet">
              {bench.words}
            </Words>
          ) : null}
        </View>
        <Words size="title">{read === null ? 'read' : figure(read)}</Words>
      </View>
    </Tap>
  )
}
