// The owner's report as it will read, in plain or technical words, with what is recommended and the estimate; saved as a PDF made on the device.
import { JobNames } from '../../parts/names/JobNames'
import type { JobId } from '@oak/core/job/job-id'
import { Problem } from '../../ui/Problem'
import { useRouter } from 'expo-router'
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import { TextField } from '../../ui/TextField'
import { v4 as uuid } from 'uuid'
import type { JobDocument } from '@oak/core/job/document'
import type { ReportStyle } from '@oak/core/job/report/report'
import type { ReportOutput } from '@oak/core/operations/report'
import { JobFrame } from '../../parts/frame/JobFrame'
import { useOperation } from '../../parts/frame/use-operation'
import { editJob, useChanges } from '../../platform/state/app'
import { useDegrees } from '../../parts/meter/units'
import { Choice } from '../../ui/Choice'
import { PrimaryButton, QuietButton, SmallButton } from '../../ui/PrimaryButton'
import { IconTap } from '../../ui/IconTap'
import { Waits } from '../../ui/Waits'
import { Words } from '../../ui/Words'
import { useCard } from '../card/use-card'
import { EstimatePanel } from './EstimatePanel'

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
  const technician = [...changes].sort((a, b) => b.at - a.at).find((c) => c.technician)?.technician ?? ''
  const save = async () => {
    if (!output) return
    setState('writing')
    try {
      await (
        await import('../papers/report-files')
      ).saveReport(id, output, {
        technician,
        code: card.output?.code ?? null,
      })
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
          {output ? <Paper output={output} /> : null}
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

function Paper({ output }: { readonly output: ReportOutput }) {
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
      <Words size="title" style={INK}>
        {output.title || 'Report'}
      </Words>
      {[output.owner, output.site, output.unit].filter(Boolean).map((text) => (
        <Words key={text} size="small" style={INK}>
          {text}
        </Words>
      ))}
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
/** Paper is white by night too. */
const INK = { color: '#17130e' } as const

function Recommended({ id, job }: { readonly id: JobId; readonly job: JobDocument }) {
  const [text, setText] = useState('')
  const [wrong, setWrong] = useState<string | null>(null)
  const add = () => {
    const refused = editJob(id, [{ path: ['recommended', uuid()], value: { text, declined: false } }])
    setWrong(refused)
    if (!refused) setText('')
  }
  return (
    <View style={{ gap: 8 }}>
      <Words size="strong" heading={2}>
        Recommended
      </Words>
      {Object.entries(job.recommended).map(([key, item]) => (
        <View key={key} style={{ flexDirection: 'row', gap: 8, alignItems: 'center' }}>
          <Words
            size="small"
            style={{ flex: 1, textDecorationLine: item.declined ? 'line-through' : 'none' }}
          >
            {item.text}
          </Words>
          <SmallButton
            text="declined"
            label={`declined: ${item.text}`}
            selected={item.declined}
            onPress={() =>
              editJob(id, [{ path: ['recommended', key], value: { ...item, declined: !item.declined } }])
            }
          />
          <IconTap
            icon="close"
            label={`${item.text}: take it off`}
            onPress={() => editJob(id, [{ path: ['recommended', key], value: null }])}
          />
        </View>
      ))}
      <TextField
        label="What you recommend"
        value={text}
        onChangeText={setText}
        maxLength={500}
        testID="recommend-text"
      />
      <Problem text={wrong} />
      <QuietButton
        text="Add it"
        icon="plus"
        disabled={text.trim() === ''}
        onPress={add}
        testID="recommend-add"
      />
    </View>
  )
}
