import { DAY, NIGHT, withContrast, withForced, type Palette } from './palette'

// Contrast as WCAG 2 defines it: (L1 + 0.05) / (L2 + 0.05) of the relative luminances.
const luminance = (hex: string): number => {
  const [r, g, b] = [1, 3, 5].map((i) => {
    const c = Number.parseInt(hex.slice(i, i + 2), 16) / 255
    return c <= 0.03928 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4
  }) as [number, number, number]
  return 0.2126 * r + 0.7152 * g + 0.0722 * b
}
const contrast = (a: string, b: string): number => {
  const [light, dark] = [luminance(a), luminance(b)].sort((x, y) => y - x) as [number, number]
  return (light + 0.05) / (dark + 0.05)
}

it('black on white is 21 to 1', () => expect(contrast('#000000', '#ffffff')).toBeCloseTo(21, 6))

describe.each<[string, Palette]>([
  ['day', DAY],
  ['night', NIGHT],
])('by %s', (_, p) => {
  it.each(['ink', 'quiet', 'proven', 'watch', 'stop', 'cannotTell'] as const)(
    '%s reads at 7 to 1 on the ground and on a surface',
    (voice) => {
      expect(contrast(p[voice], p.ground)).toBeGreaterThanOrEqual(7)
      expect(contrast(p[voice], p.surface)).toBeGreaterThanOrEqual(7)
    },
  )
  it('the bounds of what can be pressed stand out at 3 to 1', () => {
    expect(contrast(p.edge, p.ground)).toBeGreaterThanOrEqual(3)
    expect(contrast(p.edge, p.surface)).toBeGreaterThanOrEqual(3)
  })
  it('with more contrast every line and every word is at least as plain', () => {
    const more = withContrast(p)
    for (const key of ['line', 'edge', 'quiet'] as const)
      expect(contrast(more[key], p.ground)).toBeGreaterThan(contrast(p[key], p.ground))
    expect(contrast(more.line, p.ground)).toBeGreaterThanOrEqual(3)
  })
  it('in the device’s own colours what stands on a button is ink on ground', () => {
    const forced = withForced(p)
    expect(contrast(forced.onAction, forced.ground)).toBeGreaterThanOrEqual(7)
    expect(forced.action).toBe(forced.ground)
  })
  it('the next action reads at 7 to 1 on its button', () =>
    expect(contrast(p.onAction, p.action)).toBeGreaterThanOrEqual(7))
})
