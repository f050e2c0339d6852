// The owner's password: set the first time, asked for after that.
import { useState } from 'react'
import { View } from 'react-native'
import { setPassword, signIn } from '../../platform/crew/owner-http'
import { PrimaryButton } from '../../ui/PrimaryButton'
import { Problem } from '../../ui/Problem'
import { Reasoned } from '../../ui/Reasoned'
import { TextField } from '../../ui/TextField'
import { Words } from '../../ui/Words'

interface OwnerDoorProps {
  readonly hasPassword: boolean
  readonly onIn: () => Promise<void>
}

export function OwnerDoor({ hasPassword, onIn }: OwnerDoorProps) {
  const [password, setTyped] = useState('')
  const [isAsking, setIsAsking] = useState(false)
  const [wrong, setWrong] = useState<string | null>(null)
  const enter = async () => {
    setIsAsking(true)
    const answer = hasPassword ? await signIn(password) : await setPassword(password)
    setIsAsking(false)
    if (answer.ok) await onIn()
    else setWrong(answer.refused.message)
  }
  const missing = password === '' ? 'Enter the password first.' : null
  return (
    <View style={{ gap: 14 }} testID="owner-door">
      <Words>
        {hasPassword
          ? 'Which phones are the shop’s is for the owner. The password is asked for again after half an hour of nothing.'
          : 'Choose the owner’s password: twelve letters at least. Four words that do not belong together will do. It is needed for the phones and the audit, not for jobs.'}
      </Words>
      <TextField
        label="The owner’s password"
        value={password}
        onChangeText={setTyped}
        secureTextEntry
        autoComplete={hasPassword ? 'current-password' : 'new-password'}
        maxLength={200}
        onSubmitEditing={() => void (missing ? undefined : enter())}
        testID="owner-password"
      />
      <Problem text={wrong} testID="owner-problem" />
      <Reasoned text={missing}>
        <PrimaryButton
          text={hasPassword ? 'Sign in' : 'Set the password'}
          icon="check"
          disabled={missing !== null || isAsking}
          onPress={() => void enter()}
          testID="owner-enter"
        />
      </Reasoned>
    </View>
  )
}
