// A picture that has its name for the ear from the first moment: until it is loaded the framework's own has a name and no role, which some
// readers pass over.
import { Image, type ImageProps } from 'react-native'

interface NamedImageProps extends Pick<ImageProps, 'style' | 'resizeMode' | 'testID'> {
  readonly name: string
  readonly url: string
}

export const NamedImage = ({ name, url, ...look }: NamedImageProps) => (
  <Image role="img" aria-label={name} source={{ uri: url }} {...look} />
)
