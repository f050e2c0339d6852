// The palette by day or night, and Paper's theme made from it, so that no default colour of the framework shows.
import { createContext, useContext, useEffect, useMemo, useSyncExternalStore, type ReactNode } from 'react'
import { useColorScheme } from 'react-native'
import { configureFonts, MD3DarkTheme, MD3LightTheme, PaperProvider } from 'react-native-paper'
import { useDeviceSettings } from './device-settings'
import { Icon, type IconName } from './Icon'
import { DAY, NIGHT, withContrast, type Palette } from './palette'

export const FONT = 'Hyperlegible, system-ui, sans-serif'

const PaletteContext = createContext<Palette>(DAY)
export const usePalette = (): Palette => useContext(PaletteContext)

const paperTheme = (p: Palette) => ({
  ...(p.dark ? MD3DarkTheme : MD3LightTheme),
  roundness: 2,
  fonts: configureFonts({ config: { fontFamily: FONT } }),
  colors: {
    ...(p.dark ? MD3DarkTheme : MD3LightTheme).colors,
    primary: p.action,
    onPrimary: p.onAction,
    background: p.ground,
    surface: p.surface,
    surfaceVariant: p.surface,
    onSurface: p.ink,
    onSurfaceVariant: p.quiet,
    onBackground: p.ink,
    outline: p.edge,
    error: p.stop,
  },
})

/** Whether the device asks for more contrast, or sets its own few colours. */
const MORE = '(prefers-contrast: more), (forced-colors: active)'
const query = typeof window === 'undefined' || !('matchMedia' in window) ? null : window.matchMedia(MORE)
const heard = (tell: () => void) => {
  query?.addEventListener('change', tell)
  return () => query?.removeEventListener('change', tell)
}
const useWantsContrast = (): boolean => useSyncExternalStore(heard, () => query?.matches ?? false)

export function ThemeProvider({ children }: { readonly children: ReactNode }) {
  const look = useDeviceSettings((s) => s.look)
  const device = useColorScheme() === 'dark' ? 'night' : 'day'
  const shown = look === 'device' ? device : look
  const plain = shown === 'night' ? NIGHT : DAY
  // What stands outside of React's reach: the page's own ground and its ring of focus (base.css).
  useEffect(() => void (document.documentElement.dataset.look = shown), [shown])
  const wantsMore = useWantsContrast()
  const palette = useMemo(() => (wantsMore ? withContrast(plain) : plain), [plain, wantsMore])
  const theme = useMemo(() => paperTheme(palette), [palette])
  return (
    <PaletteContext.Provider value={palette}>
      <PaperProvider
        theme={theme}
        settings={{
          icon: ({ name, color, size }) => <Icon name={name as IconName} color={color} size={size} />,
        }}
      >
        {children}
      </PaperProvider>
    </PaletteContext.Provider>
  )
}
