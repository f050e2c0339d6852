// The owner's report as it will read, in plain or technical words, with what is recommended and the estimate; saved as a PDF made on the device.
import { JobNames } from '../../parts/names/JobNames'
import type { JobId } from '@oak/core/job/job-id'
import { Problem } from '../../ui/Problem'
import { useRouter } from 'expo-router'
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import { NamedImage } from '../../ui/NamedImage'
import type { Change } from '@oak/core/job/change'
import type { ShopSettings } from '@oak/core/job/van'
import type { JobDocument } from '@oak/core/job/document'
import type { ReportStyle } from '@oak/core/job/report/report'
import type { ReportOutput } from '@oak/core/operations/report'
import { JobFrame } from '../../parts/frame/JobFrame'
import { useOperation } from '../../parts/frame/use-operation'
import { useChanges, useVan } from '../../platform/state/app'
import { useDegrees } from '../../parts/meter/units'
import { Choice } from '../../ui/Choice'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Waits } from '../../ui/Waits'
import { Words } from '../../ui/Words'
import { useCard } from '../card/use-card'
import type { Letterhead } from '../papers/pdf-documents'
import { EstimatePanel } from './EstimatePanel'
import { Gauges } from './Gauges'
import { Recommended } from './Recommended'

/** Who edited the job last. */
const lastHand = (changes: readonly Change[]): string =>
  [...changes].sort((a, b) => b.at - a.at).find((c) => c.technician)?.technician ?? ''

const letterheadOf = ({ name, address, mark }: ShopSettings): Letterhead => ({
  name: name ?? '',
  address: address ?? '',
  mark: mark ?? null,
})

const REPORT_NAMES = ['owner', 'unitName'] as const

export function ReportScreen({ id, job }: { readonly id: JobId; readonly job: JobDocument }) {
  const router = useRouter()
  const changes = useChanges(id)
  const [style, setStyle] = useState<ReportStyle>('plain')
  const [state, setState] = useState<'idle' | 'writing' | { readonly wrong: string }>('idle')
  const unit = useDegrees()
  const input = useMemo(() => ({ changes: [...changes], style, unit }), [changes, style, unit])
  const result = useOperation('report', input)
  const output = result?.ok ? (result.output as ReportOutput) : null
  const card = useCard(id, job, changes)
  const head = letterheadOf(useVan().document.settings)
  const technician = lastHand(changes)
  const save = async () => {
    if (!output) return
    setState('writing')
    try {
      await (
        await import('../papers/report-files')
      ).saveReport(id, output, { technician, head, code: card.output?.code ?? null })
      setState('idle')
    } catch (error) {
      setState({ wrong: `The report could not be made: ${String(error)}` })
    }
  }
  return (
    <JobFrame
      id={id}
      job={job}
      title="Report"
      picture={
        <View style={{ gap: 12 }}>
          <Choice<ReportStyle>
            label="Words"
            testID="report-style"
            value={style}
            onChange={setStyle}
            options={[
              { value: 'plain', text: 'for the owner' },
              { value: 'technical', text: 'technical' },
            ]}
          />
          <Problem text={result && !result.ok ? result.error.message : null} />
          {output ? <Paper output={output} head={head} /> : null}
        </View>
      }
      evidence={
        <View style={{ gap: 16 }}>
          <JobNames key={id} id={id} job={job} fields={REPORT_NAMES} />
          <Recommended id={id} job={job} />
          <EstimatePanel id={id} job={job} estimate={output?.estimate ?? null} />
          <QuietButton
            text="This unit’s history"
            icon="curve"
            onPress={() => router.navigate(`/job/${id}/history`)}
            testID="to-history"
          />
        </View>
      }
      strip={
        typeof state === 'object' ? (
          <Problem text={state.wrong} testID="report-problem" />
        ) : state === 'writing' ? (
          <Waits size="small" live text="The report is being made…" />
        ) : undefined
      }
      action={
        <PrimaryButton
          text={state === 'writing' ? 'Making it…' : 'Save the report as PDF'}
          icon="save"
          disabled={!output || !card.isReady || state === 'writing'}
          onPress={() => void save()}
          testID="save-report"
        />
      }
    />
  )
}

function Paper({ output, head }: { readonly output: ReportOutput; readonly head: Letterhead }) {
  return (
    <View
      testID="report"
      style={{
        backgroundColor: '#fff',
        borderWidth: 1.5,
        borderColor: '#cfc8b8',
        borderRadius: 6,
        padding: 14,
        gap: 10,
      }}
    >
      <Head head={head} />
      <Words size="title" style={INK}>
        {output.title || 'Report'}
      </Words>
      {[output.owner, output.site, output.unit].filter(Boolean).map((text) => (
        <Words key={text} size="small" style={INK}>
          {text}
        </Words>
      ))}
      {output.opening ? (
        <Words size="small" style={INK}>
          {output.opening}
        </Words>
      ) : null}
      {output.sections.map((s) => (
        <View key={s.id} style={{ gap: 3 }} testID={`report-${s.id}`}>
          <Words size="strong" heading={2} style={INK}>
            {s.heading}
          </Words>
          {s.lines.map((line, i) => (
            <Words key={i} size="small" style={INK}>
              {line}
            </Words>
          ))}
          {s.id === 'readings' ? <Gauges gauges={output.gauges} /> : null}
        </View>
      ))}
      {output.photos.length > 0 ? (
        <Words size="small" style={INK}>
          {output.photos.length === 1 ? 'One photo' : `${output.photos.length} photos`} with captions.
        </Words>
      ) : null}
    </View>
  )
}
/** From whom it is, as on paper. */
function Head({ head: { name, address, mark } }: { readonly head: Letterhead }) {
  if (!name && !address && !mark) return null
  return (
    <View
      style={{ flexDirection: 'row', gap: 12, borderBottomWidth: 1.5, paddingBottom: 8 }}
      testID="report-head"
    >
      {mark ? (
        <NamedImage
          url={mark}
          name="The shop’s mark"
          style={{ width: 90, height: 36 }}
          resizeMode="contain"
        />
      ) : null}
      <View style={{ flex: 1 }}>
        {[name, ...address.split('\n')].filter(Boolean).map((line, i) => (
          <Words key={i} size={i === 0 && name ? 'strong' : 'small'} style={INK}>
            {line}
          </Words>
        ))}
      </View>
    </View>
  )
}

/** Paper is white by night too. */
const INK = { color: '#17130e' } as const
