// Finds a job on home: by words, and by how far it is.
import { View } from 'react-native'
import { stageScreen } from '../../parts/frame/stage-screen'
import { ManyChoice } from '../../ui/ManyChoice'
import { STATE_OPTIONS, type HomeAsked } from './home-model'
import type { SearchFieldProps } from './SearchField'

/** As high as the field, px: it is not of the first load, and the jobs below it must not move under a finger when it comes. */
const FIELD_HEIGHT = 56
const SearchField = stageScreen<SearchFieldProps>(
  async () => (await import('./SearchField')).SearchField,
  <View style={{ height: FIELD_HEIGHT }} />,
)

interface HomeSearchProps {
  readonly asked: HomeAsked
  readonly onAsk: (asked: HomeAsked) => void
}

export function HomeSearch({ asked, onAsk }: HomeSearchProps) {
  return (
    <View style={{ gap: 8 }}>
      <View style={{ minHeight: FIELD_HEIGHT }}>
        <SearchField text={asked.text} onType={(text) => onAsk({ ...asked, text })} />
      </View>
      <ManyChoice
        label="Which jobs"
        testID="home-state"
        value={asked.state}
        onChange={(state) => onAsk({ ...asked, state })}
        options={STATE_OPTIONS}
      />
    </View>
  )
}
