// One phone of the shop, and how it is taken off the list: by a hold, because the phone is shut at once.
import { useState } from 'react'
import { View } from 'react-native'
import { revokePhone, type Phone } from '../../platform/crew/owner-http'
import { HoldButton } from '../../ui/HoldButton'
import { SmallButton } from '../../ui/PrimaryButton'
import { Problem } from '../../ui/Problem'
import { Sheet } from '../../ui/Sheet'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { phoneWords } from './phone-words'

interface PhoneRowProps {
  readonly phone: Phone
  readonly isOwn: boolean
  readonly look: () => Promise<void>
}

export function PhoneRow({ phone, isOwn, look }: PhoneRowProps) {
  const palette = usePalette()
  const [isOpen, setIsOpen] = useState(false)
  return (
    <View
      testID={`phone-${phone.id}`}
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        gap: 10,
        borderTopWidth: 1.5,
        borderColor: palette.line,
        paddingTop: 10,
      }}
    >
      <View style={{ flex: 1 }}>
        <Words size="strong" tone={phone.revoked === null ? undefined : 'quiet'}>
          {phone.name}
          {isOwn ? ', this one' : ''}
        </Words>
        <Words size="small">{phoneWords(phone)}</Words>
      </View>
      {phone.revoked === null && !isOwn ? (
        <SmallButton
          text="Take off"
          label={`Take off the list: ${phone.name}`}
          onPress={() => setIsOpen(true)}
          testID="revoke"
        />
      ) : null}
      {isOpen ? <RevokeSheet phone={phone} look={look} onClose={() => setIsOpen(false)} /> : null}
    </View>
  )
}

interface RevokeSheetProps {
  readonly phone: Phone
  readonly look: () => Promise<void>
  readonly onClose: () => void
}

function RevokeSheet({ phone, look, onClose }: RevokeSheetProps) {
  const [wrong, setWrong] = useState<string | null>(null)
  const revoke = async () => {
    const answer = await revokePhone(phone.id)
    if (!answer.ok) return setWrong(answer.refused.message)
    onClose()
    await look()
  }
  return (
    <Sheet title={`Take “${phone.name}” off the list`} open onClose={onClose} testID="revoke-sheet">
      <Words>
        The phone is shut out at once. When it is next in touch, the shop’s data on it is wiped; work that it
        has not delivered can be saved to a file there first.
      </Words>
      <HoldButton
        text="Hold to take it off"
        onHeld={() => void revoke()}
        lines={[phoneWords(phone)]}
        testID="revoke-hold"
      />
      <Problem text={wrong} testID="revoke-problem" />
    </Sheet>
  )
}
