// The windings as they are deduced: points with the leads that come from them, and coils between, with their ohms.
import { View } from 'react-native'
import Svg, { Circle, G, Path, Text } from 'react-native-svg'
import type { Insulation } from '@oak/core/motor/colour'
import { ROLE_NAMES } from '@oak/core/motor/role'
import type { FindLeadsOutput } from '@oak/core/operations/find-leads'
import { figure } from '@oak/core/quantity/display'
import { WirePiece } from '../../ui/Swatch'
import { FONT, usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { spotsOf, type Spot } from './leads-model'

const WIDTH = 366
const LABEL = 96

export interface TreePictureProps {
  readonly found: FindLeadsOutput
  /** How each lead looks, by name. */
  readonly looks: Readonly<Record<string, Insulation>>
}

export function TreePicture({ found, looks }: TreePictureProps) {
  const palette = usePalette()
  const { spots, height } = spotsOf(found, WIDTH)
  const at = (point: string) => spots.find((s) => s.point === point)
  const said = found.windings.map((w) => `${w.a} to ${w.b} ${figure(w.ohms, 1)} ohms`).join('; ')
  return (
    <View
      style={{ width: WIDTH, height, alignSelf: 'center' }}
      testID="winding-tree"
      role="img"
      aria-label={said ? `Windings: ${said}.` : 'No windings known yet.'}
    >
      <Svg width={WIDTH} height={height} style={{ position: 'absolute' }} aria-hidden>
        {found.windings.map((w) => {
          const [a, b] = [at(w.a), at(w.b)]
          if (!a || !b) return null
          return (
            <G key={w.a + w.b}>
              <Path
                d={coil(a, b)}
                stroke={palette.ink}
                strokeWidth={2.5}
                fill="none"
                strokeLinejoin="round"
              />
              <Text
                x={(a.x + b.x) / 2 + (a.x === b.x ? 24 : 0)}
                y={(a.y + b.y) / 2 + (a.x === b.x ? 5 : -14)}
                fontSize={15}
                fontWeight="700"
                textAnchor={a.x === b.x ? 'start' : 'middle'}
                fill={palette.ink}
                fontFamily={FONT}
              >
                {figure(w.ohms, 1)} Ω
              </Text>
            </G>
          )
        })}
        {spots.map((s) => (
          <Circle key={s.point} cx={s.x} cy={s.y} r={9} fill={palette.ink} />
        ))}
      </Svg>
      {spots.map((spot) => (
        <Leads key={spot.point} spot={spot} found={found} looks={looks} />
      ))}
    </View>
  )
}

function Leads({ spot, found, looks }: TreePictureProps & { readonly spot: Spot }) {
  const leads = found.points.find((p) => p.point === spot.point)?.leads ?? []
  return (
    <View
      style={{
        position: 'absolute',
        left: Math.min(WIDTH - LABEL, Math.max(0, spot.x - LABEL / 2)),
        top: spot.y + 11,
        width: LABEL,
        alignItems: 'center',
      }}
    >
      {leads.map((lead) => {
        const role = found.roles.find((r) => r.lead === lead)
        return (
          <View key={lead} style={{ alignItems: 'center' }}>
            <WirePiece insulation={looks[lead] ?? null} width={46} />
            <Words size="tiny" lines={1} style={{ marginTop: -2 }}>
              {lead}
            </Words>
            {role?.role ? (
              <Words size="tiny" lines={1} style={{ fontWeight: '700' }}>
                {ROLE_NAMES[role.role]}
                {role.confidence === 'likely' ? '?' : ''}
              </Words>
            ) : null}
          </View>
        )
      })}
    </View>
  )
}

/** A zigzag between two points, with straight ends. */
function coil(a: Spot, b: Spot): string {
  const [dx, dy] = [b.x - a.x, b.y - a.y]
  const length = Math.hypot(dx, dy) || 1
  const [ux, uy] = [dx / length, dy / length]
  const teeth = Math.max(4, Math.min(10, Math.round(length / 14)))
  const from = 0.22 * length
  const step = (0.56 * length) / teeth
  const points = Array.from({ length: teeth + 1 }, (_, i) => {
    const along = from + i * step
    const side = i === 0 || i === teeth ? 0 : i % 2 === 0 ? -7 : 7
    return `${a.x + ux * along - uy * side} ${a.y + uy * along + ux * side}`
  })
  return `M${a.x} ${a.y}L${points.join('L')}L${b.x} ${b.y}`
}
