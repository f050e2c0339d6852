// How the posts of the can in the hand stand, and where its C is.
import { View } from 'react-native'
import { USUAL_FACE, type CanFace } from '@oak/core/capacitor/can'
import { Choice } from '../../ui/Choice'
import { ManyChoice } from '../../ui/ManyChoice'
import { C_OPTIONS, SHAPE_OPTIONS } from './can-face'

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
      <ManyChoice
        label="Where C is"
        testID="can-c"
        value={face.c}
        onChange={(c) => onChange({ ...face, c })}
        options={C_OPTIONS}
      />
    </View>
  )
}
