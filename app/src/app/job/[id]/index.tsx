import { Redirect, useLocalSearchParams } from 'expo-router'
import { nextStage } from '../../../job/stages'
import { useJob } from '../../../state/app'

export default function Job() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <Redirect href={`/job/${id}/${nextStage(useJob(id))}`} />
}
