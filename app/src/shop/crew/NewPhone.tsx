// A code for a new phone: whose it will be and in which role, then the code large, with a picture that a phone's camera reads.
import { useState } from 'react'
import { View } from 'react-native'
import { ROLE_WORDS, ROLES, type Role } from '@oak/core/crew/roles'
import { makeCode, withdrawCode, type MadeCode, type OpenCode } from '../../platform/crew/owner-http'
import { shopNow } from '../../platform/sync/clock'
import { PickOne } from '../../ui/PickOne'
import { PrimaryButton, QuietButton, SmallButton } from '../../ui/PrimaryButton'
import { Problem } from '../../ui/Problem'
import { Sheet } from '../../ui/Sheet'
import { TextField } from '../../ui/TextField'
import { Words } from '../../ui/Words'
import { leftWords } from './phone-words'
import { QrPicture } from './QrPicture'

interface NewPhoneProps {
  readonly codes: readonly OpenCode[]
  readonly look: () => Promise<void>
}

export function NewPhone({ codes, look }: NewPhoneProps) {
  const [isOpen, setIsOpen] = useState(false)
  const close = () => {
    setIsOpen(false)
    void look()
  }
  return (
    <View style={{ gap: 10 }}>
      <PrimaryButton text="Add a phone" icon="plus" onPress={() => setIsOpen(true)} testID="add-phone" />
      {codes.map((code) => (
        <OpenCodeRow key={code.id} code={code} look={look} />
      ))}
      {isOpen ? <NewPhoneSheet onClose={close} /> : null}
    </View>
  )
}

function OpenCodeRow({ code, look }: { readonly code: OpenCode; readonly look: () => Promise<void> }) {
  const left = leftWords(code.ends, shopNow())
  const withdraw = async () => {
    await withdrawCode(code.id)
    await look()
  }
  return left === null ? null : (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }} testID="open-code">
      <Words style={{ flex: 1 }}>
        A code for {code.person}, {ROLE_WORDS[code.role].name}, for {left} more.
      </Words>
      <SmallButton text="Withdraw" onPress={() => void withdraw()} testID="withdraw-code" />
    </View>
  )
}

function NewPhoneSheet({ onClose }: { readonly onClose: () => void }) {
  const [person, setPerson] = useState('')
  const [role, setRole] = useState<Role>('technician')
  const [made, setMade] = useState<MadeCode | null>(null)
  const [wrong, setWrong] = useState<{ readonly path: string; readonly message: string } | null>(null)
  const make = async () => {
    const answer = await makeCode(person, role)
    setMade(answer.ok ? answer.value : null)
    setWrong(answer.ok ? null : answer.refused)
  }
  return (
    <Sheet title="A code for a new phone" open onClose={onClose} testID="new-phone">
      {made ? (
        <Made made={made} person={person.trim()} />
      ) : (
        <>
          <TextField
            label="Whose phone it is"
            value={person}
            onChangeText={setPerson}
            maxLength={60}
            problem={wrong?.path === 'person' ? wrong.message : undefined}
            testID="new-person"
          />
          <PickOne
            label="Role"
            value={role}
            onPick={(picked) => setRole(ROLES.find((one) => one === picked) ?? role)}
            testID="new-role"
            options={ROLES.map((value) => ({ value, text: ROLE_WORDS[value].name }))}
          />
          <Words size="small" tone="quiet" testID="role-may">
            {`The ${ROLE_WORDS[role].name} ${ROLE_WORDS[role].may}.`}
          </Words>
          <Problem text={wrong && wrong.path !== 'person' ? wrong.message : null} testID="code-problem" />
          <QuietButton text="Make a code" icon="check" onPress={() => void make()} testID="make-code" />
        </>
      )}
    </Sheet>
  )
}

function Made({ made, person }: { readonly made: MadeCode; readonly person: string }) {
  const address = `${window.location.origin}/pair`
  return (
    <View style={{ gap: 12, alignItems: 'center' }} testID="made-code">
      <Words>On {person}’s phone, open this address, or point its camera at the picture:</Words>
      <Words size="strong">{address}</Words>
      <QrPicture text={`${address}#${made.code.replace('-', '')}`} label={`Opens ${address} with the code`} />
      <Words size="large" testID="code">
        {made.code}
      </Words>
      <Words tone="quiet" size="small">
        It lasts {leftWords(made.ends, shopNow()) ?? 'no longer'}, pairs one phone, and is not shown again.
      </Words>
    </View>
  )
}
