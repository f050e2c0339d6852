import { useRouter } from 'expo-router'
import { View } from 'react-native'
import { PrimaryButton } from '../ui/PrimaryButton'
import { Words } from '../ui/Words'

export default function NotFound() {
  const router = useRouter()
  return (
    <View style={{ padding: 20, gap: 16, maxWidth: 480 }} role="main">
      <Words size="large" heading={1}>
        Nothing is here
      </Words>
      <PrimaryButton text="To all jobs" onPress={() => router.replace('/')} />
    </View>
  )
}
