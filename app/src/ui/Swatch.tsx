// A piece of wire with its name and code, and the grid to pick one from.
import { View } from 'react-native'
import Svg from 'react-native-svg'
import {
  COLOUR_CODES,
  COLOUR_NAMES,
  insulationCode,
  insulationName,
  type ColourCode,
  type Insulation,
} from '@oak/core/motor/colour'
import { WirePath } from './WirePath'
import { Words } from './Words'
import { Group, Option } from './Group'

export function WirePiece({
  insulation,
  width = 44,
}: {
  readonly insulation: Insulation | null
  readonly width?: number
}) {
  return (
    <Svg width={width} height={20} aria-hidden>
      <WirePath d={`M8 10H${width - 8}`} insulation={insulation} width={9} />
    </Svg>
  )
}

export function InsulationLabel({ insulation }: { readonly insulation: Insulation | null }) {
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8, flexShrink: 1 }}>
      <WirePiece insulation={insulation} />
      <Words style={{ flexShrink: 1 }}>
        {insulation ? `${insulationName(insulation)} · ${insulationCode(insulation)}` : 'colour not noted'}
      </Words>
    </View>
  )
}

export interface SwatchGridProps {
  readonly label: string
  readonly value: ColourCode | null
  readonly onPick: (code: ColourCode | null) => void
  /** Offers "none" first. */
  readonly none?: string
}

export function SwatchGrid({ label, value, onPick, none }: SwatchGridProps) {
  const cell = {
    width: '23%',
    flexGrow: 1,
    minHeight: 58,
    alignItems: 'center',
    paddingVertical: 4,
    gap: 2,
  } as const
  return (
    <Group label={label} style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {none ? (
        <Option
          selected={value === null}
          label={`${label}: ${none}`}
          onPress={() => onPick(null)}
          style={cell}
        >
          <Words size="small">{none}</Words>
        </Option>
      ) : null}
      {COLOUR_CODES.map((code) => (
        <Option
          key={code}
          selected={value === code}
          label={`${label}: ${COLOUR_NAMES[code]}`}
          onPress={() => onPick(code)}
          style={cell}
        >
          <WirePiece insulation={{ colour: code }} width={52} />
          <Words size="tiny" style={{ textAlign: 'center' }}>
            {COLOUR_NAMES[code]} {code}
          </Words>
        </Option>
      ))}
    </Group>
  )
}
