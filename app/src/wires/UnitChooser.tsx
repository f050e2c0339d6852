// Which unit is it: three things to see on the roof, and the terminals they mean.
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import type { UnitTraits, UnitType } from '@oak/core/wiring/unit-type'
import { postName } from '@oak/core/wiring/unit-type'
import { unitTypeWith } from '@oak/core/wiring/unit-types'
import { Choice } from '../ui/Choice'
import { Words } from '../ui/Words'
import { layoutPosts } from '../wiring/post-layout'
import { UnitGlyph } from './UnitGlyph'
import { PostColumn, type PostFace } from '../wiring/PostColumn'
import { partsOf } from '../wiring/parts'

export const START_TRAITS: UnitTraits = { contactorPoles: 1, capacitor: 'shared', defrostRelay: false }

export function useUnitChoice(): { readonly unit: UnitType; readonly traits: UnitTraits; readonly set: (t: Partial<UnitTraits>) => void } {
  const [traits, setTraits] = useState<UnitTraits>(START_TRAITS)
  const unit = unitTypeWith(traits)
  if (!unit) throw new Error('every combination of traits ships with a unit type')
  return { unit, traits, set: (part) => setTraits((now) => ({ ...now, ...part })) }
}

export function UnitChooser({ unit, traits, set }: ReturnType<typeof useUnitChoice>) {
  const layout = useMemo(() => layoutPosts(partsOf(unit.parts, unit.posts), 0, 260), [unit])
  const faces = useMemo(() => new Map(unit.posts.map((p): [string, PostFace] => [p.id, { id: p.id, label: p.label, name: postName(unit, p.id) }])), [unit])
  return (
    <View style={{ gap: 14 }}>
      <View style={{ gap: 6 }}>
        <Words size="strong" heading={2}>Contactor</Words>
        <Choice label="Contactor" value={String(traits.contactorPoles)} onChange={(v) => set({ contactorPoles: v === '2' ? 2 : 1 })} options={[{ value: '1', text: 'one pole', picture: <UnitGlyph name="one-pole" />, hint: 'one side always live' }, { value: '2', text: 'two poles', picture: <UnitGlyph name="two-pole" />, hint: 'both sides switched' }]} />
      </View>
      <View style={{ gap: 6 }}>
        <Words size="strong" heading={2}>Fan’s capacitor</Words>
        <Choice label="Fan’s capacitor" value={traits.capacitor} onChange={(capacitor) => set({ capacitor })} options={[{ value: 'shared', text: 'dual can', picture: <UnitGlyph name="dual" />, hint: 'C, HERM, FAN' }, { value: 'own', text: 'its own', picture: <UnitGlyph name="own" />, hint: 'two posts' }]} />
      </View>
      <View style={{ gap: 6 }}>
        <Words size="strong" heading={2}>Fan relay on a defrost board</Words>
        <Choice label="Fan relay on a defrost board" value={traits.defrostRelay ? 'yes' : 'no'} onChange={(v) => set({ defrostRelay: v === 'yes' })} options={[{ value: 'no', text: 'no', picture: <UnitGlyph name="no-relay" />, hint: 'cooling only' }, { value: 'yes', text: 'yes', picture: <UnitGlyph name="relay" />, hint: 'heat pump' }]} />
      </View>
      <View style={{ height: layout.height, width: 260, alignSelf: 'center' }} aria-label={`Terminals: ${unit.name}`}>
        <PostColumn layout={layout} faces={faces} />
      </View>
    </View>
  )
}
