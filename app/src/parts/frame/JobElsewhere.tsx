// A job that is known, and not whole on this device: what is known of it, and that it comes when the server is reached.
import { View } from 'react-native'
import { useList } from '../../platform/state/app'
import { momentText } from '../../ui/dates'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { NoJob } from './NoJob'

export function JobElsewhere({ id }: { readonly id: string }) {
  const palette = usePalette()
  const summary = useList().summaries.get(id)
  return (
    <NoJob title="This job is not on this phone." testID="job-elsewhere">
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
    </NoJob>
  )
}
