// The palette by day or night, and Paper's theme made from it, so that no default colour of the framework shows.
import { createContext, useContext, useMemo, type ReactNode } from 'react'
import { useColorScheme } from 'react-native'
import { configureFonts, MD3DarkTheme, MD3LightTheme, PaperProvider } from 'react-native-paper'
import { Icon, type IconName } from './Icon'
import { DAY, NIGHT, type Palette } from './palette'

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
    outline: p.line,
    error: p.stop,
  },
})

export function ThemeProvider({ children }: { readonly children: ReactNode }) {
  const palette = useColorScheme() === 'dark' ? NIGHT : DAY
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
