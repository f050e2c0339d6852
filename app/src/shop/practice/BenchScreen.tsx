// The bench: a unit that behaves, a meter with two probes, and everything that hands can do. A round goes on where it was left.
import { useRouter } from 'expo-router'
import { useDeferredValue, useEffect, useMemo, useState } from 'react'
import { View } from 'react-native'
import type { PracticeRoundOutput } from '@oak/core/operations/practice-round'
import type { Act } from '@oak/core/practice/round/act'
import type { Spot } from '@oak/core/practice/electricity/spot'
import { PageHeading } from '../../parts/frame/PageHeading'
import { useShortcuts } from '../../parts/frame/shortcuts'
import { thePractice, useJobHere, usePractice } from '../../platform/state/app'
import type { PracticeRound } from '../../platform/state/practice'
import { Problem } from '../../ui/Problem'
import { TopBar } from '../../ui/TopBar'
import { usePalette } from '../../ui/theme'
import { useSame } from '../../ui/use-same'
import { useStable } from '../../ui/use-stable'
import { Waits } from '../../ui/Waits'
import { Words } from '../../ui/Words'
import { BenchHere, useBenchHere } from './bench-here'
import { BenchFrame } from './BenchFrame'
import { BenchPicture, type Probes } from './BenchPicture'
import { BenchSheets, type OpenSheet } from './BenchSheets'
import { BenchTools } from './BenchTools'
import { MeterFace } from './MeterFace'
import { DIALS, type Dial } from './practice-model'
import { LastAct, RoundLog } from './RoundLog'
import { RoundOver } from './RoundOver'
import { Switches } from './Switches'
import { useRound } from './use-round'

export function BenchScreen({ id }: { readonly id: string }) {
  const here = useJobHere(id)
  const round = usePractice((s) => s.rounds?.find((r) => r.id === id))
  if (round) return <Bench round={round} />
  return here === 'reading' ? (
    <NoBench text="Opening the round…" />
  ) : (
    <NoBench text="There is no such round on this device." />
  )
}

function NoBench({ text }: { readonly text: string }) {
  const palette = usePalette()
  const router = useRouter()
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }} role="main">
      <TopBar
        back={{ label: 'Practice', testID: 'to-practice', onPress: () => router.navigate('/practice') }}
      >
        <PageHeading size="title" style={{ flex: 1 }} title="Bench" />
      </TopBar>
      <View style={{ padding: 20 }}>
        <Words size="title" testID="no-round">
          {text}
        </Words>
      </View>
    </View>
  )
}

const NO_PROBES: Probes = [null, null]

/** What the meter shows: of the last probing, while dial, probes and the unit are as they were. */
function shownValue(round: PracticeRound, output: PracticeRoundOutput | null, dial: Dial, probes: Probes) {
  const acts = round.acts as readonly Act[]
  const at = acts.findLastIndex((act) => act.do !== 'name')
  const act = acts[at]
  if (act?.do !== 'probe' || act.dial !== dial) return null
  const isSame = JSON.stringify(act.probes) === JSON.stringify([probes[0], probes[1] ?? probes[0]])
  return isSame ? (output?.steps[at]?.value ?? null) : null
}

interface Hands {
  /** null: nothing is read. */
  readonly onAct: (act: Act | null) => void
  /** It would be read if the thumb came up here. */
  readonly onAim: (act: Act) => void
}

/** Where the probes are after a touch; null: the clamp goes round leads only. */
function touched(dial: Dial, [red, black]: Probes, spot: Spot): Probes | null {
  if (dial === 'amps') return spot.on === 'lead' ? [spot, null] : null
  return red && !black ? [red, spot] : [spot, null]
}

const readingOf = (dial: Dial, [red, black]: Probes): Act | null =>
  red && (dial === 'amps' || black) ? { do: 'probe', dial, probes: [red, black ?? red] } : null

/** Red, then black, then it reads; the next tap takes both away and begins anew. The clamp needs one place. */
function useProbes({ onAct, onAim }: Hands) {
  const [dial, setDial] = useState<Dial>('volts')
  const [probes, setProbes] = useState<Probes>(NO_PROBES)
  const touch = (spot: Spot) => {
    const next = touched(dial, probes, spot)
    if (!next) return
    setProbes(next)
    onAct(readingOf(dial, next))
  }
  const aim = (spot: Spot) => {
    const next = touched(dial, probes, spot)
    const reading = next && readingOf(dial, next)
    if (reading) onAim(reading)
  }
  const turn = (to: Dial) => {
    setDial(to)
    // Off the volts with both probes on is a reading too, and may be the last.
    const next: Probes = to === 'amps' || dial === 'amps' ? NO_PROBES : probes
    setProbes(next)
    if (to !== dial) onAct(readingOf(to, next))
  }
  return { dial, probes, touch, aim, turn }
}

function Bench({ round }: { readonly round: PracticeRound }) {
  const { id } = round
  const { output, over, act, aim, refused, problem } = useRound(round)
  const meter = useProbes({ onAct: act, onAim: aim })
  const value = shownValue(round, output, meter.dial, meter.probes)
  useEffect(() => {
    // The stages of the same job ask for it, and the figure here is drawn before they do.
    const later = setTimeout(() =>
      thePractice().setMeter(value === null ? null : { job: id, quantity: meter.dial, value }),
    )
    return () => clearTimeout(later)
  }, [id, value, meter.dial])
  if (output === null)
    return (
      <BenchFrame
        scenario={round.scenario}
        isOver={round.result !== null}
        picture={
          problem === null ? (
            <Waits size="title" text="Setting the unit up…" />
          ) : (
            <Problem text={problem} testID="bench-problem" />
          )
        }
      />
    )
  if (over)
    return (
      <BenchFrame
        scenario={round.scenario}
        isOver={round.result !== null}
        picture={<RoundOver round={round} output={over} />}
      />
    )
  return <OpenBench {...{ round, output, meter, value, act, refused }} />
}

interface OpenBenchProps {
  readonly round: PracticeRound
  readonly output: PracticeRoundOutput
  readonly meter: ReturnType<typeof useProbes>
  readonly value: number | 'OL' | null
  readonly act: (act: Act) => void
  /** Why the last act was none; null: it was one. */
  readonly refused: string | null
}

function OpenBench({ round, output, meter, value, act, refused }: OpenBenchProps) {
  const { id, scenario } = round
  const bench = useSame(output.bench)
  const acts = round.acts as readonly Act[]
  // The figure first; what was done is written a frame later.
  const done = useDeferredValue(useMemo(() => ({ acts, steps: output.steps }), [acts, output.steps]))
  const onAct = useStable(act)
  const [sheet, setSheet] = useState<OpenSheet | null>(null)
  useShortcuts(
    DIALS.map(({ value: to, name }, i) => ({
      key: String(i + 1),
      does: `Dial on ${name}`,
      run: () => meter.turn(to),
    })),
  )
  return (
    <BenchHere value={{ bench, value, refused, done, ...meter }}>
      <BenchFrame
        scenario={scenario}
        picture={
          <View style={{ gap: 12 }}>
            <Sight />
            <Last />
            <Refused />
            <Picture />
          </View>
        }
        beside={<Beside id={id} onAct={onAct} onSheet={setSheet} />}
        foot={<Meter />}
      />
      <BenchSheets
        {...{ round, bench }}
        steps={done.steps}
        open={sheet}
        onClose={() => setSheet(null)}
        onAct={onAct}
      />
    </BenchHere>
  )
}

const Sight = () => (
  <Words size="strong" live testID="sight">
    {useBenchHere().bench.sight.words}
  </Words>
)
const Refused = () => <Problem text={useBenchHere().refused} testID="refused" />
function Last() {
  const { bench, done } = useBenchHere()
  return <LastAct bench={bench} {...done} />
}
function Picture() {
  const { bench, probes, dial, touch, aim } = useBenchHere()
  // The figure first; where the probes are is drawn a frame later. Only what a thumb does is never late.
  const drawn = useDeferredValue(probes)
  const [onSpot, onAim] = [useStable(touch), useStable(aim)]
  return <BenchPicture bench={bench} probes={drawn} isClamp={dial === 'amps'} onSpot={onSpot} onAim={onAim} />
}
function Meter() {
  const { bench, dial, probes, value, turn } = useBenchHere()
  return <MeterFace bench={bench} dial={dial} probes={probes} value={value} onDial={turn} />
}

interface BesideProps {
  readonly id: string
  readonly onAct: (act: Act) => void
  readonly onSheet: (sheet: OpenSheet) => void
}

function Beside({ id, onAct, onSheet }: BesideProps) {
  const { bench, done } = useBenchHere()
  return (
    <>
      <Switches bench={bench} onAct={onAct} onEnds={() => onSheet('ends')} />
      <BenchTools job={id} onSheet={onSheet} />
      <Plates lines={bench.plates} />
      <RoundLog bench={bench} {...done} />
    </>
  )
}

function Plates({ lines }: { readonly lines: readonly string[] }) {
  return (
    <View style={{ gap: 4 }}>
      <Words size="strong" heading={2}>
        Plates and labels
      </Words>
      {lines.map((line) => (
        <Words key={line} size="small">
          {line}
        </Words>
      ))}
    </View>
  )
}
