// A job that is known, and not whole on this device: what is known of it, and that it comes when the server is reached.
import { useRouter } from 'expo-router'
import { View } from 'react-native'
import { useList } from '../../platform/state/app'
import { momentText } from '../../ui/dates'
import { PrimaryButton } from '../../ui/PrimaryButton'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { PageHeading } from './PageHeading'
import { SyncMark } from './SyncMark'

export function JobElsewhere({ id }: { readonly id: string }) {
  const palette = usePalette()
  const router = useRouter()
  const summary = useList().summaries.get(id)
  return (
    <View
      role="main"
      testID="job-elsewhere"
      style={{ flex: 1, backgroundColor: palette.ground, padding: 20, gap: 16, justifyContent: 'center' }}
    >
      <PageHeading size="title" title="This job is not on this phone." />
      {summary ? (
        <View style={{ gap: 4, borderLeftWidth: 3, borderColor: palette.ink, paddingLeft: 12 }}>
          <Words size="strong">{summary.title || 'An unnamed job'}</Words>
          {summary.site ? <Words>{summary.site}</Words> : null}
          {summary.standing?.words ? <Words size="small">{summary.standing.words}</Words> : null}
          <Words size="small" tone="quiet">
            Last changed {momentText(summary.at)}
            {summary.technician ? `, by ${summary.technician}` : ''}
          </Words>
        </View>
      ) : null}
      <Words>
        It is an older one, so only this much of it is kept here. The whole job is on the server, which is not
        reached now: as soon as it is, the job opens here.
      </Words>
      <SyncMark />
      <PrimaryButton text="All jobs" onPress={() => router.replace('/')} testID="elsewhere-to-home" />
    </View>
  )
}
