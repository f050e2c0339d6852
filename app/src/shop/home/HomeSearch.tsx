// Finds a job on home: by words, and by how far it is.
import { View } from 'react-native'
import { ManyChoice } from '../../ui/ManyChoice'
import { TextField } from '../../ui/TextField'
import { STATE_OPTIONS, type HomeAsked } from './home-model'

export interface HomeSearchProps {
  readonly asked: HomeAsked
  readonly onAsk: (asked: HomeAsked) => void
}

export function HomeSearch({ asked, onAsk }: HomeSearchProps) {
  return (
    <View style={{ gap: 8 }}>
      <TextField
        label="Search jobs, places, units, owners"
        value={asked.text}
        onChangeText={(text) => onAsk({ ...asked, text })}
        maxLength={100}
        testID="home-search"
      />
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
