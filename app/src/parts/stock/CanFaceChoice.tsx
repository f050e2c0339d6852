// How the posts of the can in the hand stand, and where its C is.
import { View } from 'react-native'
import type { CanFace } from '@oak/core/capacitor/can'
import { Choice } from '../../ui/Choice'
import { Group, Option } from '../../ui/Group'
import { Words } from '../../ui/Words'
import { C_OPTIONS, SHAPE_OPTIONS, USUAL_FACE } from './can-face'

interface CanFaceChoiceProps {
  readonly face: CanFace | undefined
  readonly onChange: (face: CanFace) => void
}

export function CanFaceChoice({ face = USUAL_FACE, onChange }: CanFaceChoiceProps) {
  return (
    <View style={{ gap: 8 }}>
      <Choice
        label="How its posts stand"
        testID="can-shape"
        value={face.shape}
        onChange={(shape) => onChange({ ...face, shape })}
        options={SHAPE_OPTIONS}
      />
      {/* Five do not stand beside each other on a phone. */}
      <Group label="Where C is" testID="can-c" style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {C_OPTIONS.map(({ value, text }) => (
          <Option
            key={value}
            selected={face.c === value}
            label={text}
            onPress={() => onChange({ ...face, c: value })}
            style={{ paddingHorizontal: 14, justifyContent: 'center' }}
          >
            <Words size={face.c === value ? 'strong' : 'body'}>{text}</Words>
          </Option>
        ))}
      </Group>
    </View>
  )
}
