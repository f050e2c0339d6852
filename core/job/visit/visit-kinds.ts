// How a job can stand.
export const VISIT_KINDS = [
  'away',
  'stopped',
  'waiting',
  'later',
  'done',
  'ended',
  'estimate',
  'open',
] as const
/** `ended`: without a proof, and said to be at its end. */
export type VisitKind = (typeof VISIT_KINDS)[number]
