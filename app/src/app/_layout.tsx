import { Slot, useRouter } from 'expo-router'
import { useEffect, useLayoutEffect, useRef, useState } from 'react'
import { View } from 'react-native'
import { fetchAhead } from '../parts/frame/fetch-ahead'
import { Doorway } from '../parts/frame/Doorway'
import { NotTaken } from '../parts/frame/NotTaken'
import { keepLook, leaveBegin } from '../platform/begun'
import { startPaper } from '../platform/files/paper'
import { beginJob, startApp } from '../platform/state/app'
// They are named here so that they can be fetched ahead, whichever address is opened first.
import '../screens'
import { useDeviceSettings } from '../ui/device-settings'
import { takeTap } from '../ui/tap-rest'
import { ThemeProvider } from '../ui/theme'
import { Words } from '../ui/Words'

// The device's data is read while the page is put together.
const started = startApp()
// What is wrong is said on the page, as soon as there is one.
started.catch(() => undefined)

export default function Root() {
  const [state, setState] = useState<'starting' | 'ready' | { readonly failed: string }>('starting')
  useEffect(() => {
    startPaper()
    started.then(
      () => {
        setState('ready')
        fetchAhead()
      },
      (error: unknown) => setState({ failed: String(error) }),
    )
    if ('serviceWorker' in navigator && process.env.NODE_ENV === 'production')
      navigator.serviceWorker
        .register('/service-worker.js')
        .catch((error: unknown) => console.warn('The app cannot be kept for use without a server:', error))
  }, [])
  const begun = useBegun(state !== 'starting')
  const look = useDeviceSettings((s) => s.look)
  useEffect(() => {
    if (state === 'ready') keepLook(look)
  }, [state, look])
  return (
    <ThemeProvider>
      {state === 'ready' ? (
        <Doorway>
          <Slot />
          {begun ? <Begin /> : null}
          <NotTaken />
        </Doorway>
      ) : (
        <View style={{ padding: 20, gap: 12 }}>
          <Words size="large">Oak Switch</Words>
          {state !== 'starting' ? (
            <Words tone="stop">
              This browser does not let the app keep jobs on the device, so it does not start: nothing you
              enter would be safe. ({state.failed})
            </Words>
          ) : null}
        </View>
      )}
    </ThemeProvider>
  )
}

/** The start in the page's HTML goes as the app's own page is drawn. True: it was tapped. */
function useBegun(isThere: boolean): boolean {
  const [begun, setBegun] = useState(false)
  useLayoutEffect(() => {
    if (!isThere) return
    const at = leaveBegin()
    if (at === null) return
    // That tap's bounce is no tap on what stands there now.
    takeTap()
    setBegun(true)
  }, [isThere])
  return begun
}

/** Home's start was tapped before there was an app: as if it were tapped now, with home behind it. */
function Begin() {
  const router = useRouter()
  const isDone = useRef(false)
  useEffect(() => {
    // A moment later: the router has to note home first, or Back would lead out of the app.
    const soon = setTimeout(() => {
      if (isDone.current) return
      isDone.current = true
      router.navigate(`/job/${beginJob()}/wires`)
    })
    return () => clearTimeout(soon)
  }, [router])
  return null
}
