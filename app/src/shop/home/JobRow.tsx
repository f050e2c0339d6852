// A job on home: what it is at once, how far it is as soon as that is worked out.
import { View } from 'react-native'
import { stageScreen } from '../../parts/frame/stage-screen'
import type { JobEntry } from '../../platform/state/jobs'
import { IconTap } from '../../ui/IconTap'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { jobName } from './home-model'

/** As high as what comes. */
const MEANWHILE = <View style={{ height: 44 }} />

const JobState = stageScreen<{ readonly entry: JobEntry }>(
  async () => (await import('./JobState')).JobState,
  MEANWHILE,
)

interface JobRowProps {
  readonly entry: JobEntry
  readonly onPress: () => void
  /** To name it, or put it away. */
  readonly onMore: () => void
}

export function JobRow({ entry, onPress, onMore }: JobRowProps) {
  const palette = usePalette()
  const { document: job } = entry
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
      <Tap
        onPress={onPress}
        testID={`job-${entry.id}`}
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
            {jobName(entry)}
          </Words>
          {job.site ? (
            <Words size="small" tone="quiet" lines={1}>
              {job.site}
            </Words>
          ) : null}
          <JobState entry={entry} />
        </View>
      </Tap>
      <IconTap
        icon="pencil"
        label={`Name ${jobName(entry)}, or put it away`}
        onPress={onMore}
        testID={`more-${entry.id}`}
      />
    </View>
  )
}
