// What the learner decides: what to look at, what it is, what to change, and when it is done.
import { useRouter } from 'expo-router'
import { View } from 'react-native'
import { QuietButton } from '../../ui/PrimaryButton'
import { Words } from '../../ui/Words'
import type { OpenSheet } from './BenchSheets'

interface BenchToolsProps {
  /** The round’s job. */
  readonly job: string
  readonly onSheet: (sheet: OpenSheet) => void
}

export function BenchTools({ job, onSheet }: BenchToolsProps) {
  const router = useRouter()
  return (
    <View style={{ gap: 10 }}>
      <Words size="strong" heading={2}>
        What you make of it
      </Words>
      <QuietButton text="Look, listen, try by hand" testID="to-look" onPress={() => onSheet('look')} />
      <QuietButton
        text="The app’s stages for this unit"
        icon="list"
        testID="stages"
        onPress={() => router.navigate(`/job/${job}/fault`)}
      />
      <QuietButton text="Name what it is" testID="to-name" onPress={() => onSheet('name')} />
      <QuietButton text="Change or mend" testID="to-change" onPress={() => onSheet('change')} />
      <QuietButton text="Hand it over" icon="check" testID="hand-over" onPress={() => onSheet('hand-over')} />
    </View>
  )
}
