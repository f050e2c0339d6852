// In place of a job that cannot be shown now: why, and the way back.
import { useRouter } from 'expo-router'
import type { ReactNode } from 'react'
import { View } from 'react-native'
import { PrimaryButton } from '../../ui/PrimaryButton'
import { usePalette } from '../../ui/theme'
import { PageHeading } from './PageHeading'
import { SyncMark } from './SyncMark'

interface NoJobProps {
  readonly title: string
  readonly testID: string
  readonly children: ReactNode
}

export function NoJob({ title, testID, children }: NoJobProps) {
  const palette = usePalette()
  const router = useRouter()
  return (
    <View
      role="main"
      testID={testID}
      style={{ flex: 1, backgroundColor: palette.ground, padding: 20, gap: 16, justifyContent: 'center' }}
    >
      <PageHeading size="title" title={title} />
      {children}
      <SyncMark />
      <PrimaryButton text="All jobs" onPress={() => router.replace('/')} testID={`${testID}-to-home`} />
    </View>
  )
}
