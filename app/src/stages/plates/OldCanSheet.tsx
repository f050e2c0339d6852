// The old capacitor on the bench, discharged and with its leads off: by its marking, or post by post when it has none, or as a start capacitor.
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import type { BenchResult } from '@oak/core/capacitor/bench'
import { DEFAULT_TOLERANCE_PERCENT } from '@oak/core/capacitor/verdict'
import type { JobDocument } from '@oak/core/job/document'
import { USUAL_ACCURACY, type Measurement } from '@oak/core/meter/measurement'
import { figure } from '@oak/core/quantity/display'
import { useOperation } from '../../parts/frame/use-operation'
import { ReadingSheet } from '../../parts/meter/ReadingSheet'
import { useReadingText } from '../../parts/meter/units'
import { editJob } from '../../platform/state/app'
import { BENCH_MARKS } from '../../ui/bench-marks'
import { Choice } from '../../ui/Choice'
import { Sheet } from '../../ui/Sheet'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { UnmarkedCan } from './UnmarkedCan'

type Way = 'marked' | 'unmarked' | 'start'

export interface OldCanSheetProps {
  readonly id: string
  readonly job: JobDocument
  readonly onClose: () => void
}

interface Asked {
  readonly probe: string
  readonly title: string
  readonly quantity: 'microfarads' | 'ohms'
}

export function OldCanSheet({ id, job, onClose }: OldCanSheetProps) {
  const [way, setWay] = useState<Way>(job.canMarking?.range ? 'start' : 'marked')
  const [asked, setAsked] = useState<Asked | null>(null)
  const measure = (probe: string, measurement: Measurement | null) =>
    editJob(id, [{ path: ['measurements', probe], value: measurement }])
  if (asked)
    return (
      <ReadingSheet
        job={id}
        title={asked.title}
        quantity={asked.quantity}
        probe={asked.probe}
        hint="Discharged, and every lead off."
        onClose={() => setAsked(null)}
        onTake={(m) => measure(asked.probe, m)}
      />
    )
  return (
    <Sheet title="The old capacitor on the bench" open onClose={onClose} testID="old-can">
      <Choice<Way>
        label="Kind of test"
        testID="old-can-way"
        value={way}
        onChange={setWay}
        options={[
          { value: 'marked', text: 'marked' },
          { value: 'unmarked', text: 'posts unmarked' },
          { value: 'start', text: 'start' },
        ]}
      />
      {way === 'marked' ? <Marked job={job} onAsk={setAsked} /> : null}
      {way === 'unmarked' ? (
        <UnmarkedCan
          job={job}
          onAsk={(probe, title) => setAsked({ probe, title, quantity: 'microfarads' })}
          onClear={(probe) => void measure(probe, null)}
        />
      ) : null}
      {way === 'start' ? <StartCan job={job} onAsk={setAsked} /> : null}
    </Sheet>
  )
}

interface PartProps {
  readonly job: JobDocument
  readonly onAsk: (asked: Asked) => void
}

/** The larger section is HERM, by custom, where the marking has two. */
function Marked({ job, onAsk }: PartProps) {
  const sections = [...(job.canMarking?.sections ?? [])].sort((a, b) => b - a)
  const sides = sections.length === 2 ? (['HERM', 'FAN'] as const) : (['FAN'] as const)
  const tolerancePercent = job.canMarking?.tolerancePercent ?? DEFAULT_TOLERANCE_PERCENT
  return (
    <View style={{ gap: 10 }}>
      {sides.map((side, i) => {
        const marked = sections[i]
        return (
          <BenchRow
            key={side}
            job={job}
            probe={`microfarads-${side}`}
            title={sides.length === 2 ? `${side} to C` : 'Post to post'}
            rating={marked === undefined ? undefined : { microfarads: marked, tolerancePercent }}
            onAsk={onAsk}
          />
        )
      })}
      {sections.length > 2 ? (
        <Words size="small" tone="quiet">
          A can of {sections.length} sections: test it section by section on the can’s own stage.
        </Words>
      ) : null}
      {sections.length === 0 ? (
        <Words size="small" tone="quiet">
          Its marking is not recorded: type a line of its label first, and the verdict follows.
        </Words>
      ) : null}
      <Words size="small" tone="quiet">
        Swollen, leaking or rusted through: replace it whatever it reads.
      </Words>
    </View>
  )
}

function StartCan({ job, onAsk }: PartProps) {
  const readingText = useReadingText()
  const palette = usePalette()
  const range = job.canMarking?.range ?? undefined
  const bleed = job.measurements['ohms-bleed']
  return (
    <View style={{ gap: 10 }}>
      <BenchRow
        job={job}
        probe="microfarads-START"
        title={range ? `Marked ${figure(range.low)} to ${figure(range.high)} µF` : 'Post to post'}
        rating={range}
        bleed={bleed}
        onAsk={onAsk}
      />
      <Tap
        testID="read-ohms-bleed"
        onPress={() =>
          onAsk({ probe: 'ohms-bleed', title: 'Bleed resistor, post to post', quantity: 'ohms' })
        }
        style={{
          borderRadius: 10,
          borderWidth: 1.5,
          borderColor: palette.ink,
          backgroundColor: palette.surface,
          paddingHorizontal: 12,
          minHeight: 54,
        }}
      >
        <View style={{ flexDirection: 'row', alignItems: 'center' }}>
          <Words style={{ flex: 1 }}>Bleed resistor</Words>
          <Words size="title">{bleed ? readingText(bleed) : 'read'}</Words>
        </View>
      </Tap>
      {range ? null : (
        <Words size="small" tone="quiet">
          Type its label first, such as 135-162 MFD 330VAC: the reading must lie inside the marked range.
        </Words>
      )}
    </View>
  )
}

interface BenchRowProps extends PartProps {
  readonly probe: string
  readonly title: string
  readonly rating:
    | { readonly microfarads: number; readonly tolerancePercent: number }
    | { readonly low: number; readonly high: number }
    | undefined
  readonly bleed?: Measurement
}

function BenchRow({ job, probe, title, rating, bleed, onAsk }: BenchRowProps) {
  const readingText = useReadingText()
  const palette = usePalette()
  const kept = job.measurements[probe]
  const input = useMemo(
    () =>
      kept
        ? {
            reading: kept.value,
            meter: kept.accuracy ?? USUAL_ACCURACY.microfarads,
            ...(rating ? { rating } : {}),
            ...(bleed ? { bleedOhms: bleed.value } : {}),
          }
        : null,
    [kept, rating, bleed],
  )
  const result = useOperation('bench-capacitor', input)
  const bench = result?.ok ? (result.output as BenchResult) : null
  return (
    <View style={{ gap: 8 }}>
      <Tap
        testID={`read-${probe}`}
        onPress={() => onAsk({ probe, title, quantity: 'microfarads' })}
        style={{
          borderRadius: 10,
          borderWidth: 2,
          borderColor: palette.ink,
          backgroundColor: palette.surface,
          paddingHorizontal: 12,
          minHeight: 58,
        }}
      >
        <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}>
          <View style={{ flex: 1 }}>
            <Words size="strong">{title}</Words>
            {rating && 'microfarads' in rating ? (
              <Words size="tiny" tone="quiet">
                marked {figure(rating.microfarads)} µF ±{figure(rating.tolerancePercent)} %
              </Words>
            ) : null}
          </View>
          <Words size="title">{kept ? readingText(kept) : 'read'}</Words>
        </View>
      </Tap>
      {kept ? <BenchWords bench={bench} testID={`bench-${probe}`} /> : null}
    </View>
  )
}

/** Two lines of small words: what is said of most readings. */
const USUAL_HEIGHT = 44

/** Its place is kept until the answer is there: what grows in a sheet moves the rows above from under the thumb. */
function BenchWords({ bench, testID }: { readonly bench: BenchResult | null; readonly testID: string }) {
  return (
    <View style={{ minHeight: USUAL_HEIGHT, justifyContent: 'center' }}>
      {bench ? (
        <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }} testID={testID}>
          {bench.verdict ? <VerdictMark verdict={BENCH_MARKS[bench.verdict]} size={28} /> : null}
          <Words size="small" style={{ flex: 1 }} live>
            {bench.words}
            {bench.limits ? ` Limits ${figure(bench.limits.low)} to ${figure(bench.limits.high)} µF.` : ''}
          </Words>
        </View>
      ) : null}
    </View>
  )
}
