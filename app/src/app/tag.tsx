import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../job/stage-screen'
import type { TagEditorProps } from '../tag/TagEditor'

const TagEditor = stageScreen<TagEditorProps>(async () => (await import('../tag/TagEditor')).TagEditor)

export default function Tag() {
  const { job, sheet } = useLocalSearchParams<{ job?: string; sheet?: string }>()
  return <TagEditor key={`${job} ${sheet}`} job={job ?? null} sheet={sheet ?? null} />
}
