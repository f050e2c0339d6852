import type { JobId } from '@oak/core/job/job-id'
import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../parts/frame/stage-screen'
import type { TagEditorProps } from '../shop/tag/TagEditor'

const TagEditor = stageScreen<TagEditorProps>(async () => (await import('../shop/tag/TagEditor')).TagEditor)

export default function Tag() {
  const { job, sheet } = useLocalSearchParams<{ job?: JobId; sheet?: string }>()
  return <TagEditor key={`${job} ${sheet}`} job={job ?? null} sheet={sheet ?? null} />
}
