// Paper's text field, outlined, its label tied to it for the ear: on the web Paper draws the label beside the field and ties it to nothing.
// What is wrong with it stands under it, and is tied to it too.
import { useId } from 'react'
import { View } from 'react-native'
import { TextInput, type TextInputProps } from 'react-native-paper'
import { Problem } from './Problem'

interface TextFieldProps extends Omit<TextInputProps, 'mode' | 'label' | 'error'> {
  readonly label: string
  /** What is wrong with it, in words. */
  readonly problem?: string | undefined
}

export function TextField({ label, problem, ...rest }: TextFieldProps) {
  const id = useId()
  const wrong = problem ? ({ 'aria-invalid': true, 'aria-describedby': id } as object) : {}
  return (
    <View>
      <TextInput mode="outlined" label={label} aria-label={label} error={!!problem} {...wrong} {...rest} />
      <View id={id}>
        <Problem text={problem} testID={rest.testID ? `${rest.testID}-problem` : undefined} />
      </View>
    </View>
  )
}
