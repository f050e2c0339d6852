// The palette by day or night, and Paper's theme made from it, so that no default colour of the framework shows.
import { createContext, useContext, useEffect, useMemo, useSyncExternalStore, type ReactNode } from 'react'
import { useColorScheme } from 'react-native'
import { configureFonts, DefaultTheme, PaperProvider, type MD3Theme } from 'react-native-paper'
import { useDeviceSettings } from './device-settings'
import { Icon, type IconName } from './Icon'
import { DAY, NIGHT, withContrast, withForced, type Palette } from './palette'
import { FONT, sizeOf, type TextSize } from './type-sizes'

export { FONT }

const PaletteContext = createContext<Palette>(DAY)
export const usePalette = (): Palette => useContext(PaletteContext)

/** Every colour token of the kit, from ours: none of its own shows, by day or night. */
const colorsOf = (p: Palette): MD3Theme['colors'] => ({
  primary: p.action,
  onPrimary: p.onAction,
  primaryContainer: p.surface,
  onPrimaryContainer: p.ink,
  inversePrimary: p.surface,
  secondary: p.ink,
  onSecondary: p.ground,
  secondaryContainer: p.surface,
  onSecondaryContainer: p.ink,
  tertiary: p.ink,
  onTertiary: p.ground,
  tertiaryContainer: p.surface,
  onTertiaryContainer: p.ink,
  error: p.stop,
  onError: p.ground,
  errorContainer: p.surface,
  onErrorContainer: p.stop,
  background: p.ground,
  onBackground: p.ink,
  surface: p.surface,
  onSurface: p.ink,
  surfaceVariant: p.surface,
  onSurfaceVariant: p.quiet,
  surfaceDisabled: p.ground,
  onSurfaceDisabled: p.quiet,
  outline: p.edge,
  outlineVariant: p.line,
  inverseSurface: p.ink,
  inverseOnSurface: p.ground,
  shadow: '#000',
  scrim: '#000',
  backdrop: '#000a',
  elevation: {
    level0: 'transparent',
    level1: p.surface,
    level2: p.surface,
    level3: p.surface,
    level4: p.surface,
    level5: p.surface,
  },
})

/** The kit's names for sizes of type, and ours for them. */
const TYPE: Readonly<Record<keyof Omit<MD3Theme['fonts'], 'default'>, TextSize>> = {
  displayLarge: 'figure',
  displayMedium: 'figure',
  displaySmall: 'figure',
  headlineLarge: 'large',
  headlineMedium: 'large',
  headlineSmall: 'title',
  titleLarge: 'title',
  titleMedium: 'strong',
  titleSmall: 'strong',
  labelLarge: 'strong',
  labelMedium: 'small',
  labelSmall: 'tiny',
  bodyLarge: 'body',
  bodyMedium: 'small',
  bodySmall: 'tiny',
}
const FONTS = configureFonts({
  config: {
    fontFamily: FONT,
    ...Object.fromEntries(
      Object.entries(TYPE).map(([name, size]) => [name, { ...sizeOf(size), letterSpacing: 0 }]),
    ),
  },
})

const paperTheme = (p: Palette): MD3Theme => ({
  ...DefaultTheme,
  dark: p.dark,
  // The kit multiplies it by 5 for what is pressed: 10 px.
  roundness: 2,
  fonts: FONTS,
  colors: colorsOf(p),
})

/** Icons are ours. No ripples: each reads the layout at a press, on a slow phone before the press is answered. */
const SETTINGS = {
  icon: ({
    name,
    color,
    size,
  }: {
    readonly name: unknown
    readonly color?: string
    readonly size: number
  }) => <Icon name={name as IconName} color={color} size={size} />,
  rippleEffectEnabled: false,
}

/** Whether the device asks for it, now and as it changes. */
function mediaOf(text: string): () => boolean {
  const query = typeof window === 'undefined' || !('matchMedia' in window) ? null : window.matchMedia(text)
  const heard = (tell: () => void) => {
    query?.addEventListener('change', tell)
    return () => query?.removeEventListener('change', tell)
  }
  return () => useSyncExternalStore(heard, () => query?.matches ?? false)
}
const useWantsContrast = mediaOf('(prefers-contrast: more)')
/** The device sets its own few colours. */
const useIsForced = mediaOf('(forced-colors: active)')

export function ThemeProvider({ children }: { readonly children: ReactNode }) {
  const look = useDeviceSettings((s) => s.look)
  const device = useColorScheme() === 'dark' ? 'night' : 'day'
  const shown = look === 'device' ? device : look
  const plain = shown === 'night' ? NIGHT : DAY
  // What stands outside of React's reach: the page's own ground and its ring of focus (base.css).
  useEffect(() => void (document.documentElement.dataset.look = shown), [shown])
  const wantsMore = useWantsContrast()
  const isForced = useIsForced()
  const palette = useMemo(
    () => (isForced ? withForced(plain) : wantsMore ? withContrast(plain) : plain),
    [plain, isForced, wantsMore],
  )
  const theme = useMemo(() => paperTheme(palette), [palette])
  return (
    <PaletteContext.Provider value={palette}>
      <PaperProvider theme={theme} settings={SETTINGS}>
        {children}
      </PaperProvider>
    </PaletteContext.Provider>
  )
}
