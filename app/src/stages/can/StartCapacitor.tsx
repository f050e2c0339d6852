// A start capacitor by its range: what is asked for, and which of the van's fits. It is the compressor's, and no part of the run capacitors' plan.
import type { JobId } from '@oak/core/job/job-id'
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import { BLEEDS, BLEED_RESISTOR, type Bleed } from '@oak/core/capacitor/start-can'
import { newStartCan } from '@oak/core/job/inputs/start-can'
import type { CapacitorPlanOutput } from '@oak/core/operations/capacitor-plan'
import { figure } from '@oak/core/quantity/display'
import { useOperation } from '../../parts/frame/use-operation'
import { editJob, useVan } from '../../platform/state/app'
import { FigureTap } from '../../ui/FigureTap'
import { Problem } from '../../ui/Problem'
import { Choice } from '../../ui/Choice'
import { NumberPad } from '../../ui/NumberPad'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { startCanEdits, startParts } from '../../parts/stock/stock-plan-model'

const FIELDS = [
  { key: 'low', text: 'from', unit: 'µF' },
  { key: 'high', text: 'to', unit: 'µF' },
  { key: 'volts', text: 'rated', unit: 'V' },
] as const
type Key = (typeof FIELDS)[number]['key']
type Draft = Partial<Record<Key, number>>

export function StartCapacitor({ id, job }: { readonly id: JobId; readonly job: JobDocument }) {
  const old = job.canMarking?.range
  const [asked, setAsked] = useState(job.startWanted !== null)
  const [draft, setDraft] = useState<Draft>({
    ...(old ?? {}),
    ...(job.canMarking?.volts && old ? { volts: job.canMarking.volts } : {}),
  })
  const [pad, setPad] = useState<Key | null>(null)
  const now: Draft = { ...draft, ...(job.startWanted ?? {}) }
  const set = (key: Key, value: number): string | null => {
    const next = { ...now, [key]: value }
    setDraft(next)
    return next.low && next.high && next.volts ? editJob(id, [{ path: ['startWanted'], value: next }]) : null
  }
  return (
    <View style={{ gap: 8 }}>
      <Words size="small">Start capacitor on the compressor</Words>
      <Choice<'no' | 'yes'>
        label="Start capacitor"
        testID="start-capacitor"
        value={asked ? 'yes' : 'no'}
        onChange={(value) => {
          setAsked(value === 'yes')
          if (value === 'no' && job.startWanted)
            editJob(id, [{ path: ['startWanted'], value: null }, ...startCanEdits(job, null)])
        }}
        options={[
          { value: 'no', text: 'none' },
          { value: 'yes', text: 'by its range' },
        ]}
      />
      {asked ? (
        <View style={{ flexDirection: 'row', gap: 8 }}>
          {FIELDS.map(({ key, text, unit }) => (
            <View key={key} style={{ flex: 1 }}>
              <FigureTap
                text={`${now[key] ? figure(now[key]) : '–'} ${unit}`}
                what={text}
                more={`start capacitor ${text}${now[key] ? '' : ', not entered'}`}
                testID={`start-${key}`}
                onPress={() => setPad(key)}
              />
            </View>
          ))}
        </View>
      ) : null}
      {asked && job.startWanted ? <Fits id={id} job={job} wanted={job.startWanted} /> : null}
      {pad ? (
        <NumberPad
          open
          title={`Start capacitor, ${FIELDS.find((f) => f.key === pad)?.text}`}
          unit={pad === 'volts' ? 'V' : 'µF'}
          value={now[pad] ?? null}
          hint="From its label, such as 135-162 MFD 250VAC."
          onClose={() => setPad(null)}
          onSet={(value) => set(pad, value)}
        />
      ) : null}
    </View>
  )
}

function Fits({
  id,
  job,
  wanted,
}: {
  readonly id: string
  readonly job: JobDocument
  readonly wanted: NonNullable<JobDocument['startWanted']>
}) {
  const palette = usePalette()
  const { document: van, left } = useVan()
  const input = useMemo(
    () => ({ stock: [], loads: [], start: { wanted, stock: startParts(van, left, job.taken) } }),
    [van, left, wanted, job.taken],
  )
  const result = useOperation('capacitor-plan', input)
  const partOf = (part: string) => input.start.stock.find((one) => one.id === part) ?? null
  if (!result) return null
  if (!result.ok) return <Problem text={result.error.message} />
  const { start } = result.output as CapacitorPlanOutput
  return (
    <View style={{ gap: 8 }} testID="start-fits">
      {start?.problems.map((text) => (
        <Words key={text} size="strong" tone="stop" live>
          {text}
        </Words>
      ))}
      {start?.fits.slice(0, 3).map((fit) => {
        const taken = job.startCan?.id === fit.part
        return (
          <Tap
            key={fit.part}
            testID={`start-fit-${fit.part}`}
            selected={taken}
            more={taken ? 'give it back' : 'take it'}
            onPress={() => editJob(id, startCanEdits(job, taken ? null : partOf(fit.part)))}
            style={{
              borderRadius: 10,
              borderWidth: taken ? 3 : 1.5,
              borderColor: taken ? palette.ink : palette.edge,
              backgroundColor: palette.surface,
              padding: 10,
            }}
          >
            <Words size="strong">
              {fit.name}
              {taken ? ': taken' : ''}
            </Words>
            <Words size="small" tone="quiet">
              {fit.why}
            </Words>
          </Tap>
        )
      })}
      <StartBleed id={id} job={job} />
    </View>
  )
}

const BLEED_TEXT: Readonly<Record<Bleed, string>> = {
  moved: 'old one moved',
  new: 'new one',
  'built-in': 'built in',
}

/** Its resistor: without one it stays charged after every start. */
function StartBleed({ id, job }: { readonly id: string; readonly job: JobDocument }) {
  const can = newStartCan(job)
  if (!can) return null
  return (
    <>
      <Words size="small">{`Its ${BLEED_RESISTOR} resistor, across its posts`}</Words>
      <Choice<Bleed>
        label="The start capacitor’s resistor"
        testID="start-bleed"
        value={can.bleed}
        onChange={(bleed) => editJob(id, [{ path: ['startCan'], value: { ...can, bleed } }])}
        options={BLEEDS.map((value) => ({ value, text: BLEED_TEXT[value] }))}
      />
    </>
  )
}
