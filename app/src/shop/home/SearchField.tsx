// Finds a job on home by words.
import { TextField } from '../../ui/TextField'

export interface SearchFieldProps {
  readonly text: string
  readonly onType: (text: string) => void
}

export function SearchField({ text, onType }: SearchFieldProps) {
  return (
    <TextField
      label="Search jobs, places, units, owners"
      value={text}
      onChangeText={onType}
      maxLength={100}
      testID="home-search"
    />
  )
}
