// One job in the office: its stages, its report, and who changed what.
import { SaveJob } from '../../parts/files/SaveJob'
import type { JobDocument } from '@oak/core/job/document'
import { useRouter } from 'expo-router'
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import type { ReportOutput } from '@oak/core/operations/report'
import { STAGES } from '@oak/core/job/visit/stage-names'
import { stageState } from '@oak/core/job/visit/stages'
import { useDegrees } from '../../parts/meter/units'
import { useOperation } from '../../parts/frame/use-operation'
import type { JobEntry } from '../../platform/state/jobs-state'
import { exactText } from '../../ui/dates'
import { QuietButton, SmallButton } from '../../ui/PrimaryButton'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { historyLines, type HistoryLine } from './office-model'

const SHOWN = 40

export function OneJob({ entry }: { readonly entry: JobEntry }) {
  const router = useRouter()
  const { id, document: job, changes } = entry
  const input = useMemo(() => ({ changes: [...changes], style: 'technical' as const }), [changes])
  const result = useOperation('report', input)
  const output = result?.ok ? (result.output as ReportOutput) : null
  const degrees = useDegrees()
  const lines = useMemo(() => historyLines(entry, degrees), [entry, degrees])
  const [all, setAll] = useState(false)
  return (
    <View style={{ gap: 14 }} testID="office-job">
      <Words size="title" heading={2}>
        {job.title || 'unnamed'}
      </Words>
      {job.site ? <Words tone="quiet">{job.site}</Words> : null}
      <StageChips job={job} id={id} />
      {/* Above the report: that comes a moment later, and what stands under it moves away from the hand that presses it. */}
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <View style={{ flex: 1 }}>
          <SaveJob id={id} title={job.title} changes={changes} text="Job as a file" testID="office-json" />
        </View>
        <View style={{ flex: 1 }}>
          <QuietButton
            text="Report"
            icon="list"
            onPress={() => router.navigate(`/job/${id}/report`)}
            testID="office-report"
          />
        </View>
      </View>
      {output?.sections.map((s) => (
        <View key={s.id} style={{ gap: 2 }}>
          <Words size="strong" heading={3}>
            {s.heading}
          </Words>
          {s.lines.map((line, i) => (
            <Words key={i} size="small">
              {line}
            </Words>
          ))}
        </View>
      ))}
      <Words size="strong" heading={3}>
        Who changed what, latest first
      </Words>
      <HistoryLines lines={lines} all={all} />
      {lines.length > SHOWN && !all ? (
        <QuietButton text={`All ${lines.length} changes`} onPress={() => setAll(true)} testID="office-all" />
      ) : null}
    </View>
  )
}

interface HistoryLinesProps {
  readonly lines: HistoryLine[]
  readonly all: boolean
}

function HistoryLines({ lines, all }: HistoryLinesProps) {
  const palette = usePalette()
  return (
    <View style={{ gap: 8 }} testID="office-history">
      {lines.slice(0, all ? undefined : SHOWN).map((line) => (
        <View
          key={line.id}
          style={{
            borderLeftWidth: 3,
            borderColor: line.stands ? palette.ink : palette.edge,
            paddingLeft: 8,
          }}
        >
          <Words size="small" style={{ textDecorationLine: line.stands ? 'none' : 'line-through' }}>
            {line.what}: {line.says}
          </Words>
          <Words size="tiny" tone="quiet">
            {exactText(line.at)} · {line.who}
            {line.stands ? '' : ' · replaced since'}
          </Words>
        </View>
      ))}
    </View>
  )
}

interface StageChipsProps {
  readonly job: JobDocument
  readonly id: string
}

function StageChips({ job, id }: StageChipsProps) {
  const router = useRouter()
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {STAGES.map((stage) => {
        const state = stageState(job, stage.id)
        return (
          <SmallButton
            key={stage.id}
            text={stage.name}
            label={`${stage.name}, ${state}: open it`}
            bold={state === 'done'}
            empty={state === 'empty'}
            onPress={() => router.navigate(`/job/${id}/${stage.id}`)}
          />
        )
      })}
    </View>
  )
}
