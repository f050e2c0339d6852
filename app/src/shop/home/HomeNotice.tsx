// What stands between this device and its shop, where there is something: said at the top of home, with what to do.
import { useRouter } from 'expo-router'
import { View } from 'react-native'
import { useCrew } from '../../platform/state/app'
import { QuietButton } from '../../ui/PrimaryButton'
import { Words } from '../../ui/Words'

const NOT_SECURE =
  'This address has no TLS, so the browser keeps no app on this phone: without the server nothing opens, and what is entered may be cleared. Use the shop’s https address.'

/** A browser gives the offline app, the camera and lasting storage to secure pages alone. */
const isSecure = (): boolean => window.isSecureContext

export function HomeNotice() {
  const router = useRouter()
  const door = useCrew((s) => s.door.kind)
  return (
    <>
      {isSecure() ? null : (
        <Words tone="watch" size="strong" testID="not-secure">
          {NOT_SECURE}
        </Words>
      )}
      {door === 'not-paired' ? (
        <View style={{ gap: 8 }} testID="not-paired">
          <Words size="strong">
            This phone is not paired with the shop. What you enter stays on it until it is.
          </Words>
          <QuietButton
            text="Pair this phone"
            icon="cloud"
            onPress={() => router.navigate('/pair')}
            testID="to-pair"
          />
        </View>
      ) : null}
      {door === 'another-shop' ? (
        <Words tone="stop" size="strong" testID="another-shop">
          Another shop’s server answers at this address. Nothing is delivered to it; what you enter stays on
          this phone until your own shop’s server is reached.
        </Words>
      ) : null}
    </>
  )
}
