// This device becomes one of the shop's: by a code that the owner gives, typed or taken with the camera.
import { useRouter } from 'expo-router'
import { useEffect, useState } from 'react'
import { ScrollView, View } from 'react-native'
import { ROLE_WORDS } from '@oak/core/crew/roles'
import { PageHeading } from '../../parts/frame/PageHeading'
import { clearAddress } from '../../platform/crew/code-in-address'
import type { Pairing } from '../../platform/crew/pairing'
import { theCrew, useCrew } from '../../platform/state/app'
import { NEXT_ACTION } from '../../parts/frame/shortcuts'
import { PrimaryButton } from '../../ui/PrimaryButton'
import { Problem } from '../../ui/Problem'
import { Reasoned } from '../../ui/Reasoned'
import { TextField } from '../../ui/TextField'
import { TopBar } from '../../ui/TopBar'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { whatIsMissing } from './pair-model'
import { whoWords } from './phone-words'

export function PairScreen() {
  const palette = usePalette()
  const router = useRouter()
  const pairing = useCrew((s) => s.pairing)
  const door = useCrew((s) => s.door)
  const shop = useCrew((s) => s.shop)
  useEffect(() => {
    clearAddress()
    void theCrew().hearShop()
  }, [])
  const isElsewhere = door.kind === 'another-shop'
  const isPaired = pairing !== null && door.kind !== 'not-paired' && !isElsewhere
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }}>
      <TopBar
        role="banner"
        back={{ label: 'All jobs', testID: 'to-home', onPress: () => router.navigate('/') }}
      >
        <PageHeading size="title" style={{ flex: 1 }} title="Pair this phone" />
      </TopBar>
      {isPaired ? (
        <Paired pairing={pairing} />
      ) : shop && !shop.paired ? (
        <Said
          testID="pair-open"
          text="This server is open to its own machine only, and pairs no phones. Whoever sets it up for a network starts it with pairing."
        />
      ) : (
        <PairForm isElsewhere={isElsewhere} />
      )}
    </View>
  )
}

const PAGE = { padding: 16, gap: 16, maxWidth: 560, width: '100%', alignSelf: 'center' } as const

function Said({ text, testID }: { readonly text: string; readonly testID: string }) {
  return (
    <ScrollView role="main" contentContainerStyle={PAGE}>
      <Words testID={testID}>{text}</Words>
    </ScrollView>
  )
}

function Paired({ pairing: { person, name, role } }: { readonly pairing: Pairing }) {
  return (
    <ScrollView role="main" contentContainerStyle={PAGE}>
      <Words size="title" testID="paired-as">
        {`This phone is “${name}”.`}
      </Words>
      <Words>{`${whoWords(person, role)} The ${ROLE_WORDS[role].name} ${ROLE_WORDS[role].may}.`}</Words>
      <Words tone="quiet" size="small">
        Another person’s phone, or another role? The owner takes this phone off the list and gives a new code.
      </Words>
    </ScrollView>
  )
}

/** `isElsewhere`: it is another shop's still. */
function PairForm({ isElsewhere }: { readonly isElsewhere: boolean }) {
  const palette = usePalette()
  const [code, setCode] = useState(useCrew((s) => s.code))
  const [name, setName] = useState('')
  const [isAsking, setIsAsking] = useState(false)
  const [wrong, setWrong] = useState<{ readonly path: string; readonly message: string } | null>(null)
  const missing = whatIsMissing(code, name)
  const at = (path: string) => (wrong?.path === path ? wrong.message : undefined)
  const pair = async () => {
    setIsAsking(true)
    const refused = await theCrew().pair(code, name)
    setIsAsking(false)
    setWrong(refused)
    // Everything on the page was read under the id that this device had before.
    if (!refused) window.location.assign('/')
  }
  return (
    <View role="main" style={{ flex: 1 }}>
      <ScrollView contentContainerStyle={PAGE}>
        {isElsewhere ? (
          <Words tone="stop" size="strong" testID="pair-elsewhere">
            This phone is another shop’s. Paired here, all that is on it goes to this shop.
          </Words>
        ) : null}
        <Words>
          The owner makes a code under “Phones of the shop”; the first one is printed where the server runs.
          It lasts ten minutes and works once.
        </Words>
        <TextField
          label="Code, such as 7K3M-9QTX"
          value={code}
          onChangeText={setCode}
          autoCapitalize="characters"
          autoCorrect={false}
          maxLength={40}
          problem={at('code')}
          testID="pair-code"
        />
        <TextField
          label="What this phone is called, such as Van 2"
          value={name}
          onChangeText={setName}
          maxLength={60}
          problem={at('name')}
          testID="pair-name"
        />
        <Problem text={wrong && !at('code') && !at('name') ? wrong.message : null} testID="pair-problem" />
        <Words tone="quiet" size="small">
          Whose phone it is, and what may be done with it, is said by the code. What is on this phone already
          goes to the shop’s server once it is paired.
        </Words>
      </ScrollView>
      <View {...NEXT_ACTION} style={{ padding: 12, borderTopWidth: 1.5, borderColor: palette.line }}>
        <Reasoned text={missing}>
          <PrimaryButton
            text={isAsking ? 'Pairing…' : 'Pair this phone'}
            icon="check"
            disabled={missing !== null || isAsking}
            onPress={() => void pair()}
            testID="pair"
          />
        </Reasoned>
      </View>
    </View>
  )
}
