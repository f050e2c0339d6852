// What stands at the top of the owner's report: the shop's name, its address and its mark.
import { useEffect, useEffectEvent, useState } from 'react'
import { View } from 'react-native'
import { NamedImage } from '../../ui/NamedImage'
import type { ShopSettings } from '@oak/core/job/van'
import { pickFile } from '../../platform/files/pick-file'
import { editVan } from '../../platform/state/app'
import { Problem } from '../../ui/Problem'
import { QuietButton } from '../../ui/PrimaryButton'
import { TextField } from '../../ui/TextField'
import { Words } from '../../ui/Words'
import { drawMark } from './draw-mark'

type TextSetting = 'name' | 'address'

export function LetterheadForm({ settings }: { readonly settings: ShopSettings }) {
  const [typed, setTyped] = useState<Partial<Record<TextSetting, string>>>({})
  const [wrong, setWrong] = useState<string | null>(null)
  const keep = (field: TextSetting): string | null => {
    const value = typed[field]?.trim()
    if (value === undefined || value === (settings[field] ?? '')) return null
    return editVan([{ path: ['settings', field], value: value === '' ? null : value }])
  }
  const leave = (field: TextSetting) => {
    const refused = keep(field)
    setWrong(refused)
    if (refused === null) setTyped((all) => ({ ...all, [field]: undefined }))
  }
  // Escape and the Back key leave no field: what was typed is kept all the same.
  const keepAll = useEffectEvent(() => {
    keep('name')
    keep('address')
  })
  useEffect(() => () => keepAll(), [])
  const field = (of: TextSetting, label: string, more: object = {}) => (
    <TextField
      label={label}
      value={typed[of] ?? settings[of] ?? ''}
      onChangeText={(text) => setTyped((all) => ({ ...all, [of]: text }))}
      onBlur={() => leave(of)}
      testID={`shop-${of}`}
      {...more}
    />
  )
  return (
    <View style={{ gap: 8 }} testID="letterhead">
      <Words size="strong" heading={3}>
        Head of the owner’s report
      </Words>
      {field('name', 'The shop’s name', { maxLength: 120 })}
      {field('address', 'Its address, in lines', { maxLength: 300, multiline: true, numberOfLines: 3 })}
      <Mark mark={settings.mark ?? null} onWrong={setWrong} />
      <Problem text={wrong} testID="letterhead-problem" />
    </View>
  )
}

interface MarkProps {
  readonly mark: string | null
  readonly onWrong: (words: string | null) => void
}

function Mark({ mark, onWrong }: MarkProps) {
  const choose = async () => {
    const file = await pickFile('image/*')
    if (!file) return
    const drawn = await drawMark(file)
    onWrong(
      drawn.ok
        ? editVan([{ path: ['settings', 'mark'], value: drawn.mark }])
        : `${drawn.message} Nothing was changed.`,
    )
  }
  return (
    <>
      {mark ? (
        <View style={{ backgroundColor: '#fff', padding: 8, borderRadius: 6, alignItems: 'flex-start' }}>
          <NamedImage
            url={mark}
            name="The shop’s mark"
            style={{ width: 200, height: 80 }}
            resizeMode="contain"
            testID="shop-mark-picture"
          />
        </View>
      ) : null}
      <QuietButton
        text={mark ? 'Another mark' : 'The shop’s mark, from a picture'}
        icon="camera"
        onPress={() => void choose()}
        testID="shop-mark"
      />
      {mark ? (
        <QuietButton
          text="Take the mark off"
          icon="trash"
          onPress={() => onWrong(editVan([{ path: ['settings', 'mark'], value: null }]))}
          testID="shop-mark-off"
        />
      ) : null}
    </>
  )
}
