import { useRouter } from 'expo-router'
import { View } from 'react-native'
import { PrimaryButton } from '../ui/PrimaryButton'
import { PageHeading } from '../parts/frame/PageHeading'

export default function NotFound() {
  const router = useRouter()
  return (
    <View style={{ padding: 20, gap: 16, maxWidth: 480 }} role="main">
      <PageHeading size="large" title="Nothing is here" />
      <PrimaryButton text="To all jobs" onPress={() => router.replace('/')} />
    </View>
  )
}
