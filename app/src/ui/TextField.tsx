// Paper's text field, outlined, its label tied to it for the ear: on the web Paper draws the label beside the field and ties it to nothing.
import { TextInput, type TextInputProps } from 'react-native-paper'

interface TextFieldProps extends Omit<TextInputProps, 'mode' | 'label'> {
  readonly label: string
}

export function TextField({ label, ...rest }: TextFieldProps) {
  return <TextInput mode="outlined" label={label} aria-label={label} {...rest} />
}
