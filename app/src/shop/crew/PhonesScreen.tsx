// The owner's phones: which there are, when each was last heard of, codes for new ones, and one taken off the list.
import { useRouter } from 'expo-router'
import { useCallback, useEffect, useState } from 'react'
import { ScrollView, View } from 'react-native'
import { PageHeading } from '../../parts/frame/PageHeading'
import { askAudit, askMe, askPhones, signOut, type PhoneList } from '../../platform/crew/owner-http'
import { saveFile } from '../../platform/files/save-file'
import { useCrew } from '../../platform/state/app'
import { QuietButton } from '../../ui/PrimaryButton'
import { Problem } from '../../ui/Problem'
import { TopBar } from '../../ui/TopBar'
import { usePalette } from '../../ui/theme'
import { Waits } from '../../ui/Waits'
import { Words } from '../../ui/Words'
import { NewPhone } from './NewPhone'
import { OwnerDoor } from './OwnerDoor'
import { PhoneRow } from './PhoneRow'

type Stand =
  | { readonly kind: 'asking' }
  | { readonly kind: 'away'; readonly text: string }
  | { readonly kind: 'door'; readonly hasPassword: boolean }
  | { readonly kind: 'in'; readonly list: PhoneList }

async function standNow(): Promise<Stand> {
  const me = await askMe()
  if (!me.ok) return { kind: 'away', text: me.refused.message }
  const { owner } = me.value
  if (!owner) return { kind: 'away', text: 'This is for the owner of the shop.' }
  if (!owner.isOpen) return { kind: 'door', hasPassword: owner.hasPassword }
  const list = await askPhones()
  return list.ok ? { kind: 'in', list: list.value } : { kind: 'away', text: list.refused.message }
}

export function PhonesScreen() {
  const palette = usePalette()
  const router = useRouter()
  const pairing = useCrew((s) => s.pairing)
  const [stand, setStand] = useState<Stand>({ kind: 'asking' })
  const look = useCallback(async () => setStand(await standNow()), [])
  useEffect(() => {
    let stale = false
    void standNow().then((now) => (stale ? undefined : setStand(now)))
    return () => void (stale = true)
  }, [])
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }}>
      <TopBar
        role="banner"
        back={{ label: 'All jobs', testID: 'to-home', onPress: () => router.navigate('/') }}
      >
        <PageHeading size="title" style={{ flex: 1 }} title="Phones of the shop" />
      </TopBar>
      <ScrollView
        role="main"
        contentContainerStyle={{ padding: 16, gap: 16, maxWidth: 760, width: '100%', alignSelf: 'center' }}
      >
        {pairing === null ? (
          <Words testID="phones-open">
            This server is open to its own machine only, without pairing: there are no phones to list.
          </Words>
        ) : (
          <Body stand={stand} look={look} own={pairing.device} />
        )}
      </ScrollView>
    </View>
  )
}

interface BodyProps {
  readonly stand: Stand
  readonly look: () => Promise<void>
  readonly own: string
}

function Body({ stand, look, own }: BodyProps) {
  switch (stand.kind) {
    case 'asking':
      return <Waits size="strong" text="Asking the server…" />
    case 'away':
      return (
        <>
          <Problem text={stand.text} testID="phones-problem" />
          <QuietButton text="Ask again" onPress={() => void look()} testID="phones-again" />
        </>
      )
    case 'door':
      return <OwnerDoor hasPassword={stand.hasPassword} onIn={look} />
    case 'in':
      return <Phones list={stand.list} look={look} own={own} />
  }
}

interface PhonesProps {
  readonly list: PhoneList
  readonly look: () => Promise<void>
  readonly own: string
}

function Phones({ list, look, own }: PhonesProps) {
  const [wrong, setWrong] = useState<string | null>(null)
  const save = async () => {
    const file = await askAudit()
    if (file) saveFile('oak-switch-audit.csv', file)
    setWrong(file ? null : 'The audit cannot be had now.')
  }
  const leave = async () => {
    await signOut()
    await look()
  }
  return (
    <>
      <NewPhone codes={list.codes} look={look} />
      <View style={{ gap: 10 }} testID="phones">
        <Words size="title" heading={2}>
          {list.devices.length === 1 ? 'One phone' : `${list.devices.length} phones`}
        </Words>
        {list.devices.map((phone) => (
          <PhoneRow key={phone.id} phone={phone} isOwn={phone.id === own} look={look} />
        ))}
      </View>
      <QuietButton
        text="Save who did what, as CSV"
        icon="save"
        onPress={() => void save()}
        testID="save-audit"
      />
      <Problem text={wrong} testID="audit-problem" />
      <QuietButton text="Sign out" onPress={() => void leave()} testID="sign-out" />
    </>
  )
}
