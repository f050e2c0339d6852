// A job on home: what it is, and how far.
import { View } from 'react-native'
import type { JobSummary } from '@oak/core/job/summary/summary'
import { IconTap } from '../../ui/IconTap'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { jobName } from './home-model'
import { JobState } from './JobState'

interface JobRowProps {
  readonly summary: JobSummary
  readonly onPress: () => void
  /** To name it, or put it away. */
  readonly onMore: () => void
}

export function JobRow({ summary, onPress, onMore }: JobRowProps) {
  const palette = usePalette()
  const { job, site } = summary
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
      <Tap
        onPress={onPress}
        testID={`job-${job}`}
        style={{
          flex: 1,
          borderRadius: 10,
          borderWidth: 1.5,
          borderColor: palette.edge,
          backgroundColor: palette.surface,
          padding: 12,
        }}
      >
        <View style={{ gap: 2 }}>
          <Words size="strong" lines={2}>
            {jobName(summary)}
          </Words>
          {site ? (
            <Words size="small" tone="quiet" lines={1}>
              {site}
            </Words>
          ) : null}
          <JobState summary={summary} />
        </View>
      </Tap>
      <IconTap
        icon="pencil"
        label={`Name ${jobName(summary)}, or put it away`}
        onPress={onMore}
        testID={`more-${job}`}
      />
    </View>
  )
}
