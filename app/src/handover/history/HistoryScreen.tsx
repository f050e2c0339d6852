// One unit over time: what was fitted when, how its capacitor drifts, what was promised.
import type { JobId } from '@oak/core/job/job-id'
import { useRouter } from 'expo-router'
import { useMemo } from 'react'
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import { unitHistory } from '@oak/core/job/unit-history'
import { JobFrame } from '../../parts/frame/JobFrame'
import { stageScreen } from '../../parts/frame/stage-screen'
import type { DriftProps } from '../../parts/charts/Drift'
import { dayText } from '../../ui/dates'
import { PrimaryButton } from '../../ui/PrimaryButton'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { useUnitJobs } from './use-unit-jobs'

const Drift = stageScreen<DriftProps>(async () => (await import('../../parts/charts')).Drift)

export function HistoryScreen({ id, job }: { readonly id: JobId; readonly job: JobDocument }) {
  const palette = usePalette()
  const router = useRouter()
  const { jobs, missing } = useUnitJobs(id, job)
  const history = useMemo(() => unitHistory(jobs, id), [jobs, id])
  return (
    <JobFrame
      id={id}
      job={job}
      title="This unit’s history"
      picture={
        <View style={{ gap: 12 }} testID="history">
          <Words size="title" heading={2}>
            {job.unitName || job.site || 'This unit'}
          </Words>
          {job.site === '' ? (
            <Words tone="cannotTell">The place is not named: jobs of the same unit are found by it.</Words>
          ) : null}
          {missing > 0 ? (
            <Words tone="cannotTell" testID="history-missing">
              {missing === 1 ? 'One more visit is' : `${missing} more visits are`} not on this phone; the
              server is not reached now.
            </Words>
          ) : null}
          {(['FAN', 'HERM'] as const)
            .filter((side) => history.points.some((p) => p.side === side))
            .map((side) => (
              <Drift key={side} side={side} points={history.points.filter((p) => p.side === side)} />
            ))}
          {history.visits.map((visit) => (
            <Tap
              key={visit.job}
              testID={`visit-${visit.job}`}
              onPress={() => router.navigate(`/job/${visit.job}/card`)}
              style={{
                borderRadius: 10,
                borderWidth: visit.job === id ? 3 : 1.5,
                borderColor: visit.job === id ? palette.ink : palette.edge,
                backgroundColor: palette.surface,
                padding: 10,
              }}
            >
              <Words size="strong">
                {dayText(visit.at)} · {visit.title || 'unnamed'}
              </Words>
              <Words size="small">
                {visit.fitted.length > 0
                  ? `By its card: ${visit.fitted.join(', ')}`
                  : 'No proven hookup on record.'}
              </Words>
              {visit.promised.length > 0 ? (
                <Words size="small" tone="quiet">
                  Recommended: {visit.promised.join('; ')}
                </Words>
              ) : null}
            </Tap>
          ))}
        </View>
      }
      action={
        <PrimaryButton
          text="Back to the report"
          onPress={() => router.replace(`/job/${id}/report`)}
          testID="history-back"
        />
      }
    />
  )
}
