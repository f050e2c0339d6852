import { Slot } from 'expo-router'
import { useEffect, useState } from 'react'
import { View } from 'react-native'
import { fetchAhead } from '../parts/frame/fetch-ahead'
import { Doorway } from '../parts/frame/Doorway'
import { NotTaken } from '../parts/frame/NotTaken'
import { startPaper } from '../platform/files/paper'
import { startApp } from '../platform/state/app'
// They are named here so that they can be fetched ahead, whichever address is opened first.
import '../screens'
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
  return (
    <ThemeProvider>
      {state === 'ready' ? (
        <Doorway>
          <Slot />
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
