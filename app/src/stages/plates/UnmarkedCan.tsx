// A dual can whose marks are gone, from the top: press a pair to read it; what is told stands on the posts.
import { Problem } from '../../ui/Problem'
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import Svg, { Circle, Line } from 'react-native-svg'
import type { TerminalAnswer } from '@oak/core/capacitor/terminals'
import { DEFAULT_TOLERANCE_PERCENT } from '@oak/core/capacitor/verdict'
import type { JobDocument } from '@oak/core/job/document'
import { USUAL_ACCURACY } from '@oak/core/meter/measurement'
import { useOperation } from '../../parts/frame/use-operation'
import { useReadingText } from '../../parts/meter/units'
import { Choice } from '../../ui/Choice'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { VerdictMark, type Verdict } from '../../ui/VerdictMark'
import { SmallButton } from '../../ui/PrimaryButton'
import { Words } from '../../ui/Words'

const SIZE = 300
const POSTS = [
  { id: '1', x: 150, y: 48 },
  { id: '2', x: 52, y: 222 },
  { id: '3', x: 248, y: 222 },
] as const
const PAIRS = [
  ['1', '2'],
  ['1', '3'],
  ['2', '3'],
] as const
const probeOf = (a: string, b: string) => `microfarads-post ${a}-${b}`
const at = (id: string) => POSTS.find((p) => p.id === id) ?? POSTS[0]
const MARKS: Readonly<Record<TerminalAnswer['state'], Verdict>> = {
  identified: 'proven',
  partly: 'cannotTell',
  equal: 'watch',
  failed: 'stop',
  inconsistent: 'cannotTell',
  'cannot-tell': 'cannotTell',
}

export interface UnmarkedCanProps {
  readonly job: JobDocument
  readonly onAsk: (probe: string, title: string) => void
  readonly onClear: (probe: string) => void
}

export function UnmarkedCan({ job, onAsk, onClear }: UnmarkedCanProps) {
  const [blades, setBlades] = useState<Readonly<Record<string, string>>>({})
  const input = useMemo(() => inputOf(job, blades), [job, blades])
  const result = useOperation('identify-terminals', input)
  const answer = input && result?.ok ? (result.output as TerminalAnswer) : null
  const missing = PAIRS.find(([a, b]) => !job.measurements[probeOf(a, b)])
  return (
    <View style={{ gap: 10 }}>
      <Words size="small">
        Number the posts as you see them. Read each pair; press a figure to read it again.
      </Words>
      <PostsPicture answer={answer} job={job} onAsk={onAsk} />
      {missing ? (
        <Words size="small" tone="quiet">
          Still to read: post {missing[0]} to post {missing[1]}.
        </Words>
      ) : null}
      <Problem text={result && !result.ok ? result.error.message : null} />
      {answer ? <Finding answer={answer} /> : null}
      <BladeHints blades={blades} setBlades={setBlades} />
      {PAIRS.some(([a, b]) => job.measurements[probeOf(a, b)]) ? (
        <SmallButton
          text="Clear the three readings"
          onPress={() => PAIRS.forEach(([a, b]) => job.measurements[probeOf(a, b)] && onClear(probeOf(a, b)))}
        />
      ) : null}
    </View>
  )
}

function BladeHints({
  blades,
  setBlades,
}: {
  readonly blades: Readonly<Record<string, string>>
  readonly setBlades: (value: Readonly<Record<string, string>>) => void
}) {
  return (
    <View style={{ gap: 8 }}>
      <Words size="small" tone="quiet">
        Blades on each post, if you like: a hint, never proof.
      </Words>
      {POSTS.map((p) => (
        <View key={p.id} style={{ flexDirection: 'row', gap: 8, alignItems: 'center' }}>
          <Words style={{ width: 58 }}>post {p.id}</Words>
          <View style={{ flex: 1 }}>
            <Choice
              label={`Blades on post ${p.id}`}
              value={blades[p.id] ?? null}
              onChange={(n) => setBlades({ ...blades, [p.id]: n })}
              options={['1', '2', '3', '4'].map((n) => ({ value: n, text: n }))}
            />
          </View>
        </View>
      ))}
    </View>
  )
}

interface PostsPictureProps {
  readonly answer: TerminalAnswer | null
  readonly job: JobDocument
  readonly onAsk: (probe: string, title: string) => void
}

function PostsPicture({ answer, job, onAsk }: PostsPictureProps) {
  const readingText = useReadingText()
  const palette = usePalette()
  return (
    <View style={{ width: SIZE, height: SIZE, alignSelf: 'center' }} testID="unmarked-can">
      <Svg width={SIZE} height={SIZE} style={{ position: 'absolute' }} aria-hidden>
        <Circle cx={150} cy={155} r={140} fill={palette.surface} stroke={palette.ink} strokeWidth={3} />
        {PAIRS.map(([a, b]) => (
          <Line
            key={a + b}
            x1={at(a).x}
            y1={at(a).y}
            x2={at(b).x}
            y2={at(b).y}
            stroke={palette.ink}
            strokeWidth={2}
            strokeDasharray="6 5"
          />
        ))}
        {POSTS.map((p) => (
          <Circle key={p.id} cx={p.x} cy={p.y} r={29} fill={palette.ink} />
        ))}
      </Svg>
      {POSTS.map((p) => {
        const told = answer?.posts.find((f) => f.post === p.id)
        return (
          <View
            key={p.id}
            style={{
              position: 'absolute',
              left: p.x - 29,
              top: p.y - 22,
              width: 58,
              alignItems: 'center',
              pointerEvents: 'none',
            }}
            aria-label={`Post ${p.id}${told?.is ? `: ${told.is}` : ''}`}
          >
            <Words size="strong" style={{ color: palette.ground }}>
              {told?.is ?? p.id}
            </Words>
            <Words size="tiny" style={{ color: palette.ground }}>
              {told?.is ? told.certainty : 'post'}
            </Words>
          </View>
        )
      })}
      {PAIRS.map(([a, b]) => {
        const kept = job.measurements[probeOf(a, b)]
        const [x, y] = [(at(a).x + at(b).x) / 2, (at(a).y + at(b).y) / 2]
        return (
          <Tap
            key={a + b}
            testID={`pair-${a}-${b}`}
            more={`posts ${a} and ${b}`}
            onPress={() => onAsk(probeOf(a, b), `Post ${a} to post ${b}`)}
            style={{
              position: 'absolute',
              left: x - 46,
              top: y - 24,
              width: 92,
              height: 48,
              borderRadius: 24,
              borderWidth: 2,
              borderColor: palette.ink,
              backgroundColor: palette.ground,
              alignItems: 'center',
            }}
          >
            <Words size="strong">{kept ? readingText(kept) : 'read'}</Words>
          </Tap>
        )
      })}
    </View>
  )
}

function inputOf(job: JobDocument, blades: Readonly<Record<string, string>>) {
  const pairs = PAIRS.flatMap(([a, b]) => {
    const kept = job.measurements[probeOf(a, b)]
    return kept ? [{ between: [a, b], microfarads: kept.value, accuracy: kept.accuracy }] : []
  })
  if (pairs.length < PAIRS.length) return null
  const sections = [...(job.canMarking?.sections ?? [])].sort((x, y) => y - x)
  return {
    posts: POSTS.map((p) => p.id),
    pairs: pairs.map(({ between, microfarads }) => ({ between, microfarads })),
    // The coarsest of the three meters counts for all.
    meter: pairs
      .map((p) => p.accuracy ?? USUAL_ACCURACY.microfarads)
      .reduce((a, b) => (a.percent + a.counts * a.resolution >= b.percent + b.counts * b.resolution ? a : b)),
    ...(sections.length === 2
      ? {
          rated: {
            herm: sections[0],
            fan: sections[1],
            tolerancePercent: job.canMarking?.tolerancePercent ?? DEFAULT_TOLERANCE_PERCENT,
          },
        }
      : {}),
    ...(Object.keys(blades).length === POSTS.length
      ? { blades: Object.fromEntries(Object.entries(blades).map(([post, n]) => [post, Number(n)])) }
      : {}),
  }
}

function Finding({ answer }: { readonly answer: TerminalAnswer }) {
  return (
    <View style={{ flexDirection: 'row', gap: 10, alignItems: 'flex-start' }} testID="terminals">
      <VerdictMark
        verdict={answer.posts.some((p) => p.certainty === 'likely') ? 'watch' : MARKS[answer.state]}
        size={30}
      />
      <View style={{ flex: 1, gap: 4 }}>
        {answer.findings.map((text, i) => (
          <Words key={text} size={i === 0 ? 'strong' : 'small'} live={i === 0}>
            {text}
          </Words>
        ))}
        {answer.settledBy.map((text) => (
          <Words key={text} size="small" tone="quiet">
            {text}
          </Words>
        ))}
        {answer.blades ? (
          <Words size="small" tone={answer.blades.agrees === false ? 'watch' : 'quiet'}>
            {answer.blades.words}
          </Words>
        ) : null}
      </View>
    </View>
  )
}
