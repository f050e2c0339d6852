// Which unit is it: what a person on the roof calls it, then the one or two things to see on it, and the terminals they mean.
import { useMemo, useState, type ReactNode } from 'react'
import { View } from 'react-native'
import {
  postName,
  UNIT_FAMILIES,
  type UnitFamily,
  type UnitTraits,
  type UnitType,
} from '@oak/core/wiring/unit-type'
import { hasTraits, kindsOf, unitTypeOf } from '@oak/core/wiring/unit-types'
import { Choice } from '../../ui/Choice'
import { Words } from '../../ui/Words'
import { layoutPosts } from '../posts/post-layout'
import { FAMILY_NAMES } from './family-names'
import { FamilyGlyph } from './FamilyGlyph'
import { UnitGlyph } from './UnitGlyph'
import { PostColumn, type PostFace } from '../posts/PostColumn'
import { partsOf } from '../posts/parts'
import { Group, Option } from '../../ui/Group'

interface ChosenTraits {
  readonly contactorPoles: UnitTraits['contactorPoles']
  readonly capacitor: UnitTraits['capacitor']
}

export interface UnitChoice {
  readonly unit: UnitType
  /** The one of the shop's own that is chosen; null: one that ships. */
  readonly own: UnitType | null
  readonly setOwn: (own: UnitType) => void
  readonly family: UnitFamily
  readonly traits: ChosenTraits
  readonly setKind: (kind: string) => void
  readonly setFamily: (family: UnitFamily) => void
  readonly setTraits: (traits: Partial<ChosenTraits>) => void
}

export function useUnitChoice(): UnitChoice {
  const [family, setFamily] = useState<UnitFamily>('outdoor-split')
  const [traits, setTraits] = useState<ChosenTraits>({ contactorPoles: 1, capacitor: 'shared' })
  const [kind, setKind] = useState<string | null>(null)
  const [own, setOwn] = useState<UnitType | null>(null)
  const kinds = kindsOf(family)
  const chosen = kinds.find((k) => k === kind) ?? kinds[0]
  const shipped = unitTypeOf(family, {
    ...(hasTraits(family) ? traits : {}),
    ...(chosen ? { kind: chosen } : {}),
  })
  if (!shipped) throw new Error('every family ships with a unit type for every choice')
  return {
    unit: own ?? shipped,
    own,
    setOwn,
    family,
    traits,
    setKind,
    setFamily: (next) => {
      setOwn(null)
      setFamily(next)
    },
    setTraits: (part) => setTraits((now) => ({ ...now, ...part })),
  }
}

/** `children`: what stands between the choice and the terminals it means. */
export function UnitChooser({
  unit,
  own,
  family,
  traits,
  setKind,
  setFamily,
  setTraits,
  children,
}: UnitChoice & { readonly children: ReactNode }) {
  const layout = useMemo(() => layoutPosts(partsOf(unit.parts, unit.posts), 0, 260), [unit])
  const faces = useMemo(
    () =>
      new Map(
        unit.posts.map((p): [string, PostFace] => [
          p.id,
          { id: p.id, label: p.label, name: postName(unit, p.id) },
        ]),
      ),
    [unit],
  )
  return (
    <View style={{ gap: 14 }}>
      <Families value={own ? null : family} onPick={setFamily} />
      {!own && kindsOf(family).length > 1 ? (
        <Choice
          label="Which of them"
          testID="unit-kind"
          value={unit.kind ?? null}
          onChange={setKind}
          options={kindsOf(family).map((value) => ({ value, text: value }))}
        />
      ) : null}
      {!own && hasTraits(family) ? <Traits traits={traits} setTraits={setTraits} /> : null}
      {children}
      <View style={{ gap: 4 }}>
        <Words size="small" tone="quiet">
          {unit.name}. Its terminals:
        </Words>
        <View
          style={{ height: layout.height, width: 260, alignSelf: 'center' }}
          aria-label={`Terminals: ${unit.name}`}
        >
          <PostColumn layout={layout} faces={faces} />
        </View>
      </View>
    </View>
  )
}

/** What is to be seen on it: how many poles switch, and whose the capacitor is. */
function Traits({ traits, setTraits }: Pick<UnitChoice, 'traits' | 'setTraits'>) {
  return (
    <>
      <View style={{ gap: 8 }}>
        <Words size="strong" heading={2}>
          Contactor
        </Words>
        <Choice
          label="Contactor"
          value={String(traits.contactorPoles)}
          onChange={(v) => setTraits({ contactorPoles: v === '2' ? 2 : 1 })}
          options={[
            {
              value: '1',
              text: 'one pole',
              picture: <UnitGlyph name="one-pole" />,
              hint: 'one side always live',
            },
            {
              value: '2',
              text: 'two poles',
              picture: <UnitGlyph name="two-pole" />,
              hint: 'both sides switch',
            },
          ]}
        />
      </View>
      <View style={{ gap: 8 }}>
        <Words size="strong" heading={2}>
          Fan’s capacitor
        </Words>
        <Choice
          label="Fan’s capacitor"
          value={traits.capacitor}
          onChange={(capacitor) => setTraits({ capacitor })}
          options={[
            {
              value: 'shared',
              text: 'dual can',
              picture: <UnitGlyph name="dual" />,
              hint: 'C, HERM, FAN',
            },
            { value: 'own', text: 'its own', picture: <UnitGlyph name="own" />, hint: 'two posts' },
          ]}
        />
      </View>
    </>
  )
}

function Families({
  value,
  onPick,
}: {
  readonly value: UnitFamily | null
  readonly onPick: (family: UnitFamily) => void
}) {
  return (
    <Group label="Kind of unit" testID="families" style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {UNIT_FAMILIES.map((family) => {
        const on = family === value
        return (
          <Option
            key={family}
            selected={on}
            label={FAMILY_NAMES[family]}
            testID={`family-${family}`}
            onPress={() => onPick(family)}
            style={{
              width: '31%',
              flexGrow: 1,
              minHeight: 84,
              alignItems: 'center',
              justifyContent: 'flex-start',
              paddingVertical: 6,
              paddingHorizontal: 2,
            }}
          >
            <FamilyGlyph family={family} />
            <Words size="tiny" style={{ textAlign: 'center', fontWeight: on ? '700' : '500' }}>
              {FAMILY_NAMES[family]}
            </Words>
          </Option>
        )
      })}
    </Group>
  )
}
