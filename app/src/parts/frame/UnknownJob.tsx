// The address names a job that this device does not have.
import { useRouter } from 'expo-router'
import { View } from 'react-native'
import { SyncMark } from './SyncMark'
import { PrimaryButton } from '../../ui/PrimaryButton'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { PageHeading } from './PageHeading'

export function UnknownJob() {
  const palette = usePalette()
  const router = useRouter()
  return (
    <View
      role="main"
      testID="unknown-job"
      style={{ flex: 1, backgroundColor: palette.ground, padding: 20, gap: 16, justifyContent: 'center' }}
    >
      <PageHeading size="title" title="This job is not on this device." />
      <Words>
        Its address may be cut short, or another device has not delivered it yet. When it comes, it opens
        here.
      </Words>
      <SyncMark />
      <PrimaryButton text="All jobs" onPress={() => router.replace('/')} testID="unknown-to-home" />
    </View>
  )
}
