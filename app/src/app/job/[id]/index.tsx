import { Redirect, useLocalSearchParams } from 'expo-router'
import { nextStage } from '../../../parts/frame/stages'
import { useJob } from '../../../platform/state/app'

export default function Job() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <Redirect href={`/job/${id}/${nextStage(useJob(id))}`} />
}
