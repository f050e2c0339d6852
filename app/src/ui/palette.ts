// The app's own colours: warm paper by day, near-black by night, ink, and one oak-brown for the next action only.
// Colour is kept for wires and verdicts. Contrast against the ground: text and verdicts at least 7:1.

export interface Palette {
  readonly dark: boolean
  readonly ground: string
  /** A raised or pressed surface. */
  readonly surface: string
  readonly ink: string
  /** Second voice, still 7:1. */
  readonly quiet: string
  /** Parts one thing from another, and fills. */
  readonly line: string
  /** Bounds what can be pressed: 3:1 on ground and surface. */
  readonly edge: string
  /** The next action, and nothing else. */
  readonly action: string
  readonly onAction: string
  readonly proven: string
  readonly watch: string
  readonly stop: string
  readonly cannotTell: string
}

export const DAY: Palette = {
  dark: false,
  ground: '#f5f0e6',
  surface: '#fffcf5',
  ink: '#17130e',
  quiet: '#4a4338',
  line: '#b9ad98',
  edge: '#85775f',
  action: '#7a3e0d',
  onAction: '#fffaf0',
  proven: '#0f5132',
  watch: '#6b4700',
  stop: '#8f1414',
  cannotTell: '#2f3e63',
}

export const NIGHT: Palette = {
  dark: true,
  ground: '#12100d',
  surface: '#1f1b16',
  ink: '#f3ecdf',
  quiet: '#c9bfae',
  line: '#5c5346',
  edge: '#80745f',
  action: '#e6a25c',
  onAction: '#1b1004',
  proven: '#7fdca6',
  watch: '#f2c55c',
  stop: '#ffa19a',
  cannotTell: '#b3c4f5',
}

/** For who asks for more contrast: no second voice, no faint line. */
export const withContrast = (p: Palette): Palette => ({ ...p, quiet: p.ink, line: p.edge, edge: p.ink })

/** Where the device sets its own few colours, a button has the ground's: what stands on it is ink. */
export const withForced = (p: Palette): Palette => ({ ...withContrast(p), action: p.ground, onAction: p.ink })
