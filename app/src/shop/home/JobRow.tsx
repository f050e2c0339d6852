// A job on home: what it is at once, how far it is as soon as that is worked out.
import { View } from 'react-native'
import { stageScreen } from '../../parts/frame/stage-screen'
import type { JobEntry } from '../../platform/state/jobs'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'

/** As high as what comes. */
const MEANWHILE = <View style={{ height: 44 }} />

const JobState = stageScreen<{ readonly entry: JobEntry }>(
  async () => (await import('./JobState')).JobState,
  MEANWHILE,
)

export function JobRow({ entry, onPress }: { readonly entry: JobEntry; readonly onPress: () => void }) {
  const palette = usePalette()
  const { document: job } = entry
  return (
    <Tap
      onPress={onPress}
      testID={`job-${entry.id}`}
      style={{
        borderRadius: 10,
        borderWidth: 1.5,
        borderColor: palette.edge,
        backgroundColor: palette.surface,
        padding: 12,
      }}
    >
      <View style={{ gap: 2 }}>
        <Words size="strong" lines={2}>
          {job.title || 'Unnamed job'}
        </Words>
        {job.site ? (
          <Words size="small" tone="quiet" lines={1}>
            {job.site}
          </Words>
        ) : null}
        <JobState entry={entry} />
      </View>
    </Tap>
  )
}
