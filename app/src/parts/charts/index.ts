// Everything that draws with scales, in one part of its own: it is fetched when a chart is opened, and never with the first screen.
export { CurveSheet } from './CurveSheet'
export { Drift } from './Drift'
