// Units that fit no kind of the list: the shop's own, one that is put together here, one from a file.
import type { JobId } from '@oak/core/job/job-id'
import { useRouter } from 'expo-router'
import { useState } from 'react'
import { View } from 'react-native'
import type { UnitType } from '@oak/core/wiring/unit-type'
import { pickTextFile } from '../../platform/files/pick-file'
import { editVan, useVan } from '../../platform/state/app'
import { Group, Option } from '../../ui/Group'
import { QuietButton, SmallButton } from '../../ui/PrimaryButton'
import { Problem } from '../../ui/Problem'
import { Words } from '../../ui/Words'
import { MAX_UNIT_BYTES, readUnitFile } from './unit-file'

interface OwnUnitsProps {
  readonly job: JobId
  readonly chosen: UnitType | null
  readonly onChoose: (unit: UnitType) => void
}

export function OwnUnits({ job, chosen, onChoose }: OwnUnitsProps) {
  const router = useRouter()
  const { document: van } = useVan()
  const [wrong, setWrong] = useState<string | null>(null)
  const units = Object.values(van.units).map(({ type }) => type)
  const read = async () => {
    const file = await pickTextFile(MAX_UNIT_BYTES)
    if (!file) return
    const unit = file.ok ? readUnitFile(file.text) : file
    if (!unit.ok) return setWrong(unit.message)
    const refused = editVan([{ path: ['units', unit.unit.id], value: { type: unit.unit, plan: null } }])
    setWrong(refused)
    if (refused === null) onChoose(unit.unit)
  }
  return (
    <View style={{ gap: 8 }} testID="own-units">
      <Words size="strong" heading={2}>
        None of these
      </Words>
      {units.length > 0 ? (
        <Group label="Units of this shop" style={{ gap: 8 }}>
          {units.map((unit) => (
            <Option
              key={unit.id}
              selected={chosen?.id === unit.id}
              onPress={() => onChoose(unit)}
              testID={`own-unit-${unit.id}`}
              style={{ paddingHorizontal: 10 }}
            >
              <Words size={chosen?.id === unit.id ? 'strong' : 'body'} lines={2}>
                {unit.name}
              </Words>
            </Option>
          ))}
        </Group>
      ) : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <SmallButton
          text="Put it together"
          icon="plus"
          onPress={() => router.navigate(`/unit?job=${job}`)}
          testID="make-unit"
        />
        <SmallButton text="From a file" icon="file" onPress={() => void read()} testID="read-unit" />
      </View>
      {chosen && van.units[chosen.id]?.plan ? (
        <QuietButton
          text="Change it"
          icon="pencil"
          onPress={() => router.navigate(`/unit?job=${job}&unit=${chosen.id}`)}
          testID="change-unit"
        />
      ) : null}
      <Problem text={wrong} testID="unit-problem" />
    </View>
  )
}
