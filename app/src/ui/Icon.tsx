// Icons drawn as paths; the set is picked by scripts/write-icons.mjs.
import Svg, { Path } from 'react-native-svg'
import PATHS from './icon-paths.json'

export type IconName = keyof typeof PATHS

export function Icon({
  name,
  color,
  size = 24,
}: {
  readonly name: IconName
  readonly color?: string
  readonly size?: number
}) {
  return (
    <Svg width={size} height={size} viewBox="0 0 24 24" aria-hidden>
      <Path d={PATHS[name] ?? ''} fill={color ?? 'currentColor'} />
    </Svg>
  )
}
